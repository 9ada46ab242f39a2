package roughcut.desktop.control;

import java.util.Optional;

/** A field that takes what a caliper read. */
public interface TakesReading {
  /**
   * Enters a reading.
   *
   * @param value in the quantity's own unit, mm for a length
   * @return what can't be, in words; empty when it was entered
   */
  Optional<String> take(double value);
}
