package roughcut.blank;

import static roughcut.measure.NumberWriter.fixed;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import roughcut.design.BodyDecisions;
import roughcut.design.Strip;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Topic;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Board;
import roughcut.shop.Saw;
import roughcut.shop.Shop;

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
   * Wood that the neck's blank has over.
   *
   * @param side outside its outline, each side
   * @param back below the finished back
   * @param heel below the heel
   * @param heelX where that is least, from the nut line, mm
   * @param block length of a block that begins early enough, mm; 0 where it does
   */
  public record Spare(Value side, Value back, Value heel, double heelX, double block) {}

  /** Everything open about the neck blank, what stops first. */
  public static List<Finding> of(
      EffectiveInputs inputs,
      Shop shop,
      NeckRips rips,
      BoardLayout layout,
      GlueUp glue,
      NeckBlank blank,
      Spare spare) {
    double sideSpare = spare.side().value();
    double backSpare = spare.back().value();
    double heelSpare = spare.heel().value();
    Findings all = new Findings(Topic.NECK_BLANK);
    for (RipPlan plan : rips.plans()) {
      boardTrouble(plan, rips).ifPresent(words -> all.get(words));
      if (plan.missing() != null && !plan.fits()) {
        all.get(
            plan.wood().name() + ": " + Text.mm(plan.missing().value(), 1) + " of width missing");
      }
      hasStarted(plan).ifPresent(words -> all.look(words));
    }
    ofParts(layout, all);
    marked(layout, shop, l -> !ofBody(l.part()), all);
    sawHeight(inputs, shop, rips, all);
    moisture(rips, all);
    if (sideSpare < 0) {
      all.stop("the stack is " + Text.mm(-2 * sideSpare, 1) + " too narrow for the neck's outline");
    }
    if (backSpare < 0) {
      all.stop("the shaft is " + Text.mm(-backSpare, 1) + " too thin for the neck's back");
    }
    if (heelSpare < 0) {
      all.stop(
          "the heel wants "
              + Text.mm(-heelSpare, 1)
              + " more, "
              + Text.mm(spare.heelX(), 0)
              + " from the nut line: "
              + (spare.block() > 0
                  ? "a block " + Text.mm(spare.block(), 0) + " long, or a deeper blank"
                  : "a deeper blank, or a heel block stacked on"));
    }
    for (CurvedInsert insert : blank.inserts()) {
      if (insert.left().value() < Strip.LEAST) {
        all.stop("the curved joint at line " + insert.line() + " cuts through its neighbour");
      }
    }
    glueing(glue.job(), "", all);
    if (glue.job().creeps()) {
      all.look(
          "so many veneers creep when they are glued at once: in stages, each pressed until it"
              + " holds");
    }
    for (GlueUp.Step step : glue.steps()) {
      glueing(step.job(), step.words() + ": ", all);
    }
    if (glue.job().faces().value() > 0 && glue.pins().isEmpty()) {
      all.look(
          "no waste at the ends for pins: the stack can creep; use end stops, or a few grains of"
              + " salt in the glue");
    }
    return all.list();
  }

  /**
   * The neck's and the fretboard's parts that have no wood, or lie where they can't be sawn; the
   * body's tell of themselves, strips by their rip plan, and small parts may wait.
   */
  private static void ofParts(BoardLayout layout, Findings all) {
    Predicate<WoodPart> ours =
        p ->
            switch (p.use()) {
              case NECK, NECK_STEP, HEAD_WING, FRETBOARD, SMALL -> true;
              case NECK_STRIP, BODY, BODY_STRIP, BODY_WING, TOP -> false;
            };
    layout.wanting(ours).forEach(all::get);
    layout.smallWanting(ours).forEach(all::look);
    for (BoardLayout.Laid laid : layout.laid()) {
      if (!laid.trouble().isEmpty() && !ofBody(laid.part())) {
        all.get(laid.part().label() + ": " + laid.trouble());
      }
    }
  }

  /** Parts that lie over a mark which the maker had rather not have in them. */
  private static void marked(
      BoardLayout layout, Shop shop, Predicate<BoardLayout.Laid> which, Findings all) {
    for (BoardLayout.Laid laid : layout.laid()) {
      if (!laid.trouble().isEmpty() || !which.test(laid)) {
        continue;
      }
      shop.board(laid.board())
          .ifPresent(
              board ->
                  laid.shunned(board)
                      .forEach(
                          mark ->
                              all.look(
                                  laid.part().label()
                                      + " lies over “"
                                      + mark.words()
                                      + "” on "
                                      + board.id())));
    }
  }

  /** Everything open about the body blank, what stops first. */
  public static List<Finding> ofBody(
      BodyBlank body, BoardLayout layout, List<BodyMarks> marks, Shop shop) {
    Findings all = new Findings(Topic.BODY_BLANK);
    for (BoardLayout.Laid laid : layout.laid()) {
      if (!laid.trouble().isEmpty() && ofBody(laid.part())) {
        all.get(laid.part().label() + ": " + laid.trouble());
      }
    }
    moisture(
        layout.laid().stream()
            .filter(l -> ofBody(l.part()))
            .map(BoardLayout.Laid::board)
            .distinct()
            .flatMap(id -> shop.board(id).stream())
            .toList(),
        all);
    // Halves and a back in one piece are looked at mark by mark, on the instrument.
    marked(
        layout,
        shop,
        l ->
            switch (l.part().use()) {
              case BODY_STRIP, BODY_WING, TOP -> true;
              case NECK, NECK_STRIP, NECK_STEP, HEAD_WING, FRETBOARD, BODY, SMALL -> false;
            },
        all);
    layout.wanting(BlankReadiness::ofBody).forEach(all::get);
    layout.smallWanting(BlankReadiness::ofBody).forEach(all::get);
    thinner(body.thickness(), BodyDecisions.BODY_THICKNESS.id(), "the body is", all);
    thinner(body.top(), BodyDecisions.BODY_TOP.id(), "the top's thinner leaf is", all);
    if (body.back().value() < 5) {
      all.stop("top and accent leave no back to plane");
    }
    double off =
        body.winged() ? 0 : body.placement().off(body.length().value(), body.width().value());
    if (off > 0.005) {
      all.stop("the outline runs " + Text.mm(off, 1) + " off the blank");
    }
    if (body.halved() && !body.placement().centred()) {
      all.look("the outline's centre line is off the centre joint");
    }
    for (BodyMarks mark : marks) {
      if (!mark.met()) {
        all.look(
            mark.mark().words()
                + " on "
                + mark.board()
                + " is "
                + mark.fate().words()
                + ", not as wished");
      }
    }
    glueing(body.join(), "joint: ", all);
    body.topping().ifPresent(job -> topping(job, all));
    body.binding().ifPresent(binding -> binding(binding, body, all));
    return all.list();
  }

  /** What came out thinner than it was drawn; all that hangs on it follows. */
  private static void thinner(Value now, String decision, String what, Findings all) {
    double by = now.nominal() - now.value();
    if (now.measured() && by > Precision.NEAR) {
      all.look(
          decision,
          what
              + " "
              + Text.mm(now.value(), 1)
              + ", "
              + Text.mm(by, 1)
              + " thinner than drawn: depths and floors go by it");
    }
  }

  private static boolean ofBody(WoodPart part) {
    return part.use().ofBody();
  }

  private static void topping(GlueJob job, Findings all) {
    glueing(job, "top: ", all);
    boolean bag =
        switch (job.clamping()) {
          case VACUUM_BAG -> true;
          case CLAMPS -> false;
        };
    if (bag) {
      double wanted = job.force().value() * 1000 / (job.area().value() * 100);
      if (wanted > GlueJob.VACUUM) {
        all.look(
            "a bag presses with 0.08 MPa where this wood wants "
                + fixed(wanted, 1)
                + ": good for a thin top that lies flat by itself");
      }
    }
  }

  private static void binding(BodyBinding binding, BodyBlank body, Findings all) {
    if (!binding.bends()) {
      all.stop(
          "the binding bends to "
              + Text.mm(binding.bendsTo().value(), 0)
              + ", the outline asks for "
              + Text.mm(binding.tightest().value(), 0)
              + ": more and thinner layers");
    }
    double top = body.top().value() + body.accent().value();
    if (top > 0 && binding.channelHeight().value() < top) {
      all.look("the binding is lower than the top: their joint will show beneath it");
    }
  }

  /** Whether every strip comes out of its board in width, length and thickness. */
  public static boolean comesOut(NeckRips rips) {
    return rips.fit() && rips.plans().stream().allMatch(p -> boardTrouble(p, rips).isEmpty());
  }

  /**
   * What is wrong with the board of a plan apart from its width; empty when it will do, or when
   * nothing is to be sawn from it.
   */
  public static Optional<String> boardTrouble(RipPlan plan, NeckRips rips) {
    if (plan.strips().isEmpty()) {
      return Optional.empty();
    }
    if (plan.board().isEmpty()) {
      return Optional.of("there is no " + plan.wood().name() + " in the rack");
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
              + Text.mm(rips.length().value() - board.length().getAsDouble(), 0)
              + " too short");
    }
    if (board.thickness().getAsDouble() < plan.thickest() - Precision.NEAR) {
      return Optional.of(
          "board "
              + board.id()
              + " is "
              + Text.mm(plan.thickest() - board.thickness().getAsDouble(), 1)
              + " too thin");
    }
    return Optional.empty();
  }

  /** Once strips are off a board it is narrower than on its label. */
  private static Optional<String> hasStarted(RipPlan plan) {

    int sawn = plan.notRecorded().size();
    return sawn == 0 || plan.strips().isEmpty() || plan.board().isEmpty() || plan.partly()
        ? Optional.empty()
        : Optional.of(
            plan.wood().name()
                + ": "
                + (sawn == 1 ? "a strip is" : sawn + " strips are")
                + " sawn off "
                + plan.board().get().id()
                + "; measure how wide it is left");
  }

  /** A saw that can't cut as high as the board lies: said of the one that was chosen by name. */
  private static void sawHeight(EffectiveInputs inputs, Shop shop, NeckRips rips, Findings all) {
    Optional<Saw> saw =
        inputs
            .design()
            .sawFor("rip")
            .flatMap(n -> shop.saws().stream().filter(s -> s.name().equals(n)).findFirst());
    if (saw.isEmpty() || rips.plans().stream().allMatch(p -> p.strips().isEmpty())) {
      return;
    }
    if (saw.get().wanders()) {
      List<String> others =
          shop.saws().stream().filter(s -> !s.wanders()).map(s -> "the " + s.name()).toList();
      all.get(
          "the "
              + saw.get().name()
              + "'s blade is dull and wanders: sharpen it"
              + (others.isEmpty() ? "" : ", or rip with " + String.join(" or ", others)));
    }
    double high =
        rips.plans().stream()
            .filter(p -> !p.strips().isEmpty())
            .flatMap(p -> p.board().stream())
            .filter(b -> b.thickness().isPresent())
            .mapToDouble(b -> b.thickness().getAsDouble())
            .max()
            .orElse(rips.depth().value());
    if (high > saw.get().height()) {
      all.get(
          "the "
              + saw.get().name()
              + " cuts "
              + Text.mm(saw.get().height(), 0)
              + " high, the boards lie "
              + Text.mm(high, 0)
              + ": plane them first, or take another saw");
    }
  }

  private static void moisture(NeckRips rips, Findings all) {
    moisture(
        rips.plans().stream()
            .filter(p -> !p.strips().isEmpty())
            .flatMap(p -> p.board().stream())
            .toList(),
        all);
  }

  private static void moisture(List<Board> boards, Findings all) {
    double driest = Double.MAX_VALUE;
    double dampest = -1;
    for (Board board : boards) {
      OptionalDouble moisture = board.moisture();
      if (moisture.isEmpty()) {
        all.look("nobody measured how damp board " + board.id() + " is");
        continue;
      }
      driest = Math.min(driest, moisture.getAsDouble());
      dampest = Math.max(dampest, moisture.getAsDouble());
      if (moisture.getAsDouble() > DAMP) {
        all.look(
            "board "
                + board.id()
                + " is at "
                + fixed(moisture.getAsDouble(), 1)
                + " %: over 10 for indoors");
      }
    }
    if (dampest - driest > APART) {
      all.stop(
          "boards differ by "
              + fixed(dampest - driest, 1)
              + " points of moisture; let them come together first");
    }
  }

  private static void glueing(GlueJob glue, String what, Findings all) {
    if (glue.faces().value() == 0) {
      return;
    }
    if (glue.tooCold()) {
      all.stop(
          what
              + glue.glue().name()
              + " doesn't set below "
              + fixed(glue.glue().least(), 0)
              + " °C");
    } else if (glue.stages().value() == 0) {
      all.stop(what + glue.glue().name() + " grabs before even one face is closed");
    } else if (glue.stages().value() > 1) {
      all.look(
          what
              + "glue in "
              + fixed(glue.stages().value(), 0)
              + " stages: all at once grabs before it is closed");
    }
    if (glue.clamps().value() > glue.owned().value()) {
      all.look(
          what
              + fixed(glue.clamps().value(), 0)
              + " clamps wanted, "
              + fixed(glue.owned().value(), 0)
              + " owned");
    }
  }
}
