package roughcut.record;

import java.time.LocalDate;
import java.time.LocalDateTime;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * One reading taken from the wood. Readings are all kept; of one thing the one entered last that
 * counts stands.
 *
 * @param of id of what was measured
 * @param value in its own unit: mm, degrees, g …
 * @param at when
 * @param stage what had just been done then; empty when nobody said
 * @param with what it was measured with; empty when nobody said
 * @param counts whether it wasn't withdrawn
 */
public record Reading(
    String of, double value, LocalDateTime at, String stage, String with, boolean counts) {
  /** What a reading was measured with that came from a caliper by itself. */
  public static final String CALIPER = "caliper";

  public Reading {
    if (!Double.isFinite(value) || at == null) {
      throw new InvalidValue(Text.of("a reading of {of} needs a number and a time", of));
    }
  }

  /** A reading that counts, of which nothing more is known. */
  public static Reading of(String of, double value, LocalDateTime at) {
    return new Reading(of, value, at, "", "", true);
  }

  /** A reading of which only the day is known. */
  public static Reading of(String of, double value, LocalDate on) {
    return of(of, value, on.atStartOfDay());
  }

  /** Begins the id of what is looked at rather than measured: 1 for yes, 0 for no. */
  public static final String LOOK = "look.";

  /** Whether something was looked at rather than measured. */
  public boolean looked() {
    return of.startsWith(LOOK);
  }

  public LocalDate on() {
    return at.toLocalDate();
  }

  /** The same, of which it is known what it was measured with. */
  public Reading by(String tool) {
    return new Reading(of, value, at, stage, tool, counts);
  }

  /** The same, kept but not counting any more. */
  Reading withdrawn() {
    return new Reading(of, value, at, stage, with, false);
  }

  /** The same of something that is called otherwise now. */
  Reading called(String id) {
    return new Reading(id, value, at, stage, with, counts);
  }
}
