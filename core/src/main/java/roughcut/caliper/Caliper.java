package roughcut.caliper;

import roughcut.measure.Text;

/**
 * A caliper that sends readings. What it sends is heard on the thread on which it was opened or
 * moved; nothing is sent before it is opened and after it is closed.
 */
public interface Caliper extends AutoCloseable {
  /** Hears what a caliper sends. */
  interface Hearer {
    /** A reading. */
    void read(Sample sample);

    /** Something happened to the caliper itself, in words: low battery, connection lost. */
    void told(Trouble trouble);
  }

  /** What can happen to a caliper. */
  enum Trouble {
    LOW_BATTERY(Text.of("the caliper battery is low; readings can jump")),
    DROPPED(Text.of("the caliper was disconnected; the last reading is incomplete")),
    UNREADABLE(Text.of("the caliper sent something that isn't a reading"));

    private final Text words;

    Trouble(Text words) {
      this.words = words;
    }

    public Text words() {
      return words;
    }
  }

  /** Begins to send. */
  void open(Hearer hearer);

  /** Makes the present opening 0. */
  void zero();

  /** Keeps sending the same reading, or goes on. */
  void hold(boolean held);

  @Override
  void close();
}
