package roughcut.whatif;

import java.util.Set;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.design.ReadingKind;
import roughcut.design.StringDecisions;
import roughcut.record.Log;

/**
 * Which decisions makers change when something came out otherwise, and which never (handbook page
 * 7, "What mends what").
 */
final class MendingRules {
  /** How much more a decision may have to move than what it mends is off. */
  static final double LEVERAGE = 3;

  /** A file, a scraper or a plane takes so much without anybody planning it, mm. */
  static final double FILED = 0.25;

  /** What makes it this instrument: nobody changes it for a cut that came out otherwise. */
  private static final Set<String> NEVER =
      Set.of(
          Decisions.SCALE_LENGTH.id(),
          Decisions.FRETS.id(),
          Decisions.DIVISIONS.id(),
          Decisions.RADIUS_NUT.id(),
          Decisions.RADIUS_END.id(),
          StringDecisions.SCALE_BASS.id(),
          StringDecisions.SCALE_TREBLE.id(),
          StringDecisions.SCALE_SQUARE.id(),
          StringDecisions.ACTION_NUT.id(),
          StringDecisions.ACTION_12.id());

  private MendingRules() {}

  /**
   * Whether a decision may follow a part that came out otherwise: it is a wish still, no part that
   * is bought, such as the fret wire, nothing that is made already, nor what makes it this
   * instrument.
   */
  static boolean follows(NumberDecision decision, Log log) {
    return !NEVER.contains(decision.id())
        && !decision.id().startsWith("string.")
        && decision.reading().map(r -> open(r, log)).orElse(true);
  }

  private static boolean open(ReadingKind reading, Log log) {
    return reading.fold(
        part -> false,
        stage -> true,
        result -> result.madeBy().stream().noneMatch(log::isDone),
        // How it was to sit is a wish as long as the pocket is changed for it.
        assembly -> true);
  }
}
