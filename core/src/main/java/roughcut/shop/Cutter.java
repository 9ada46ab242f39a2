package roughcut.shop;

import roughcut.measure.InvalidValue;
import roughcut.measure.NamedKind;
import roughcut.measure.Text;

/**
 * A router cutter or boring bit of the drawer. Lengths in mm.
 *
 * @param cutting length of its edges; how deep a bit bores
 * @param bearing diameter of its bearing; 0 without one
 * @param bearingHeight how high the bearing is
 * @param stickOut how far it can be let out below the router's sole, or the chuck
 * @param topSpeed turns a minute that it may be run at
 * @param spur how far a bit's point or rim goes ahead of its floor
 * @param condition as the maker sees it
 */
public record Cutter(
    String name,
    CutterKind kind,
    double diameter,
    double cutting,
    double shank,
    double bearing,
    double bearingHeight,
    int flutes,
    double stickOut,
    double topSpeed,
    double spur,
    Condition condition) {
  /** A router's fastest, turns a minute (handbook page 6, "Speed"). */
  public static final double ROUTER_SPEED = 24000;

  /** Rim speed that is not gone over, m/s. */
  public static final double RIM_SPEED = 40;

  /** How sharp it is. */
  public enum Condition implements NamedKind {
    SHARP,
    FAIR,
    DULL
  }

  public Cutter {
    if (name == null || name.isBlank() || name.length() > 60) {
      throw new InvalidValue(Text.of("a cutter needs a name of at most 60 letters"));
    }
    if (!(diameter > 0 && diameter <= 150)
        || !(cutting > 0 && cutting <= 300)
        || !(shank > 0 && shank <= 30)
        || !(bearing >= 0 && bearing <= 150)
        || !(bearingHeight >= 0 && bearingHeight <= 40)
        || !(stickOut >= 0 && stickOut <= 400)
        || !(topSpeed > 0 && topSpeed <= 60000)
        || !(spur >= 0 && spur <= 20)
        || flutes < 1
        || flutes > 12) {
      throw new InvalidValue(
          Text.of("{name} needs a possible diameter, cutting length and shank", name));
    }
  }

  /** Whether its bearing is as wide as it cuts, so that the rout comes out as its template. */
  public boolean bearingFits() {
    return Math.abs(bearing - diameter) < 0.05;
  }

  /** Turns a minute at which its rim goes no faster than {@link #RIM_SPEED}. */
  public double speed() {
    if (kind.bores()) {
      return topSpeed;
    }
    return Math.min(Math.min(ROUTER_SPEED, topSpeed), RIM_SPEED * 60_000 / (Math.PI * diameter));
  }

  /** The same to the nearest hundred, as a dial is set. */
  public double dial() {
    return Math.round(speed() / 100) * 100.0;
  }

  public Cutter withCondition(Condition next) {
    return like(name, kind, next);
  }

  public Cutter withName(String next) {
    return like(next, kind, condition);
  }

  public Cutter withKind(CutterKind next) {
    return like(name, next, condition);
  }

  private Cutter like(String name, CutterKind kind, Condition condition) {
    return new Cutter(
        name,
        kind,
        diameter,
        cutting,
        shank,
        bearing,
        bearingHeight,
        flutes,
        stickOut,
        topSpeed,
        spur,
        condition);
  }

  /** This cutter with another diameter; a bearing that fitted it goes along. */
  public Cutter withDiameter(double next) {
    double own = bearingFits() ? next : bearing;
    return sized(next, cutting, shank, own, bearingHeight, stickOut, spur);
  }

  /** This cutter with other sizes, mm. */
  public Cutter sized(
      double diameter,
      double cutting,
      double shank,
      double bearing,
      double bearingHeight,
      double stickOut,
      double spur) {
    return new Cutter(
        name,
        kind,
        diameter,
        cutting,
        shank,
        bearing,
        bearingHeight,
        flutes,
        stickOut,
        topSpeed,
        spur,
        condition);
  }
}
