package roughcut.blank;

import static roughcut.measure.NumberWriter.fixed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roughcut.shop.Board;

/**
 * What stands between the maker and a neck blank: a dimension that nobody measured, a board too
 * small, wood too damp or of two minds, a stack that doesn't reach the outline, a glue-up that
 * can't be had. A blank isn't ready while anything here is at stop.
 */
public final class BlankReadiness {
  /** Wood for indoors, %, and how far two glued boards may differ, points. */
  private static final double DAMP = 10;

  private static final double APART = 2;

  private BlankReadiness() {}

  /**
   * One open question.
   *
   * @param stops whether the blank can't be begun before it is answered
   */
  public record Question(String words, boolean stops) {}

  /** Everything open, what stops first. */
  public static List<Question> of(NeckRips rips, GlueUp glue, double sideSpare, double backSpare) {
    List<Question> all = new ArrayList<>();
    for (RipPlan plan : rips.plans()) {
      boardTrouble(plan, rips).ifPresent(words -> all.add(new Question(words, true)));
      if (plan.missing() != null && !plan.fits()) {
        all.add(
            new Question(
                plan.species() + ": " + fixed(plan.missing().value(), 1) + " mm of width missing",
                true));
      }
    }
    moisture(rips, all);
    if (sideSpare < 0) {
      all.add(
          new Question(
              "the stack is " + fixed(-2 * sideSpare, 1) + " mm too narrow for the neck's outline",
              true));
    }
    if (backSpare < 0) {
      all.add(
          new Question(
              "the shaft is " + fixed(-backSpare, 1) + " mm too thin for the neck's back", true));
    }
    glue(glue, all);
    all.sort((a, b) -> Boolean.compare(b.stops(), a.stops()));
    return List.copyOf(all);
  }

  /**
   * What is wrong with the board of a plan apart from its width; empty when it will do, or when
   * nothing is to be sawn from it.
   */
  static Optional<String> boardTrouble(RipPlan plan, NeckRips rips) {
    if (plan.strips().isEmpty()) {
      return Optional.empty();
    }
    if (plan.board().isEmpty()) {
      return Optional.of("there is no " + plan.species() + " in the rack");
    }
    Board board = plan.board().get();
    Optional<String> unknown = board.unmeasured();
    if (unknown.isPresent()) {
      return Optional.of(
          "the " + unknown.get() + " of board " + board.id() + " was never measured");
    }
    if (board.length().getAsDouble() < rips.length().value()) {
      return Optional.of(
          "board "
              + board.id()
              + " is "
              + fixed(rips.length().value() - board.length().getAsDouble(), 0)
              + " mm too short");
    }
    if (board.thickness().getAsDouble() < rips.depth().value()) {
      return Optional.of(
          "board "
              + board.id()
              + " is "
              + fixed(rips.depth().value() - board.thickness().getAsDouble(), 1)
              + " mm too thin");
    }
    return Optional.empty();
  }

  private static void moisture(NeckRips rips, List<Question> all) {
    double driest = Double.MAX_VALUE;
    double dampest = -1;
    for (RipPlan plan : rips.plans()) {
      Board board = plan.board().orElse(null);
      if (board == null || plan.strips().isEmpty()) {
        continue;
      }
      OptionalDouble moisture = board.moisture();
      if (moisture.isEmpty()) {
        all.add(new Question("nobody measured how damp board " + board.id() + " is", false));
        continue;
      }
      driest = Math.min(driest, moisture.getAsDouble());
      dampest = Math.max(dampest, moisture.getAsDouble());
      if (moisture.getAsDouble() > DAMP) {
        all.add(
            new Question(
                "board "
                    + board.id()
                    + " is at "
                    + fixed(moisture.getAsDouble(), 1)
                    + " %: over 10 for indoors",
                false));
      }
    }
    if (dampest - driest > APART) {
      all.add(
          new Question(
              "boards differ by "
                  + fixed(dampest - driest, 1)
                  + " points of moisture; let them come together first",
              true));
    }
  }

  private static void glue(GlueUp glue, List<Question> all) {
    if (glue.faces().value() == 0) {
      return;
    }
    if (glue.tooCold()) {
      all.add(
          new Question(
              glue.glue().name() + " doesn't set below " + fixed(glue.glue().least(), 0) + " °C",
              true));
    } else if (glue.stages().value() == 0) {
      all.add(new Question(glue.glue().name() + " grabs before even one face is closed", true));
    } else if (glue.stages().value() > 1) {
      all.add(
          new Question(
              "glue in "
                  + fixed(glue.stages().value(), 0)
                  + " stages: all at once grabs before it is closed",
              false));
    }
    if (glue.clamps().value() > glue.owned().value()) {
      all.add(
          new Question(
              fixed(glue.clamps().value(), 0)
                  + " clamps wanted, "
                  + fixed(glue.owned().value(), 0)
                  + " owned",
              false));
    }
  }
}
