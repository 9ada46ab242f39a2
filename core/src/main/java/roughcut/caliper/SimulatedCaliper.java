package roughcut.caliper;

import java.util.Random;

/**
 * A caliper that isn't there: its jaws are set by whoever plays, its readings come with a
 * resolution of 0.01, with the noise of a hand, and settle after the jaws were moved. Time is given
 * to it, so that it does the same twice.
 */
public final class SimulatedCaliper implements Caliper {
  /** What the last figure stands for, mm. */
  static final double RESOLUTION = 0.01;

  /** How fast the jaws close on the part, ms to a third. */
  private static final double CLOSING = 90;

  /** Noise of a steady hand, mm. */
  private static final double STEADY = 0.006;

  /** Noise that a tired hand adds, mm. */
  private static final double TIRED = 0.12;

  private static final double WIDEST = 200;

  private final Random random;
  private Hearer hearer;
  private double jaw;
  private double before;
  private long movedAt;
  private double tired;
  private double zero;
  private Double held;
  private double last;
  private long ticked;
  private boolean low;

  public SimulatedCaliper(long seed) {
    random = new Random(seed);
  }

  @Override
  public void open(Hearer next) {
    hearer = next;
  }

  /** Sets the jaws on a part so wide, mm. */
  public void jaw(double mm, long millis) {
    before = shown(millis);
    jaw = Math.max(0, Math.min(WIDEST, mm));
    movedAt = millis;
  }

  public double jaw() {
    return jaw;
  }

  /** How tired the hand is, from 0 to 1. */
  public void tired(double share) {
    tired = Math.max(0, Math.min(1, share));
  }

  /** Where the jaws are on their way. */
  private double shown(long millis) {
    double left = Math.exp(-Math.max(0, millis - movedAt) / CLOSING);
    return jaw + (before - jaw) * left;
  }

  /** Lets it send what it reads at that time. */
  public void tick(long millis) {
    ticked = millis;
    if (hearer == null) {
      return;
    }
    double noise = random.nextGaussian() * (STEADY + TIRED * tired * tired);
    double raw = shown(millis) - zero + (low ? noise * 8 : noise);
    last = Math.rint(raw / RESOLUTION) * RESOLUTION;
    hearer.read(new Sample(held != null ? held : last, millis));
  }

  @Override
  public void zero() {
    zero = shown(ticked);
  }

  @Override
  public void hold(boolean keep) {
    held = keep ? Double.valueOf(last) : null;
  }

  /** Lets its battery run low, or gives it a new one. */
  public void battery(boolean isLow) {
    low = isLow;
    if (isLow && hearer != null) {
      hearer.told(Trouble.LOW_BATTERY);
    }
  }

  /** Pulls its cable. */
  public void drop() {
    if (hearer != null) {
      Hearer heard = hearer;
      hearer = null;
      heard.told(Trouble.DROPPED);
    }
  }

  @Override
  public void close() {
    hearer = null;
  }
}
