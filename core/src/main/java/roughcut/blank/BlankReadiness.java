package roughcut.blank;

import java.util.List;
import java.util.Optional;
import roughcut.design.BlankDecisions;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Strip;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Board;
import roughcut.shop.Shop;

/**
 * What stands between the maker and a neck blank: a dimension that nobody measured, a board too
 * small, wood too damp or of two minds, a stack that doesn't reach the outline, a glue-up that
 * can't be had. A blank isn't ready while anything here is at stop.
 */
public final class BlankReadiness {
  /** Wood that has to be left of a body under its top, mm. */
  private static final double LEAST_BACK = 5;

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
      String board = plan.board().map(b -> Finding.ofBoard(b.id())).orElse("");
      boardProblem(plan, rips).ifPresent(t -> all.get(board, t));
      widthMissing(plan).ifPresent(t -> all.get(board, t));
      BoardFindings.hasStarted(plan).ifPresent(t -> all.look(board, t));
    }
    BoardFindings.ofParts(layout, all);
    BoardFindings.marked(layout, shop, l -> !ofBody(l.part()), all);
    BoardFindings.sawHeight(inputs, shop, rips, all);
    BoardFindings.moisture(rips, all);
    if (sideSpare < 0) {
      all.stop(
          "neck.strip.1.thickness",
          Message.of(
                  Text.of(
                      "The blank is {length} too narrow for the neck outline.",
                      Text.length(-2 * sideSpare, 1)))
              .fix(Text.of("Add a strip, make the outer ones thicker, or narrow the heel.")));
    }
    if (backSpare < 0) {
      all.stop(
          Decisions.SHAFT_THICKNESS.id(),
          Message.of(
                  Text.of(
                      "The shaft is {value} too thin for the back of the neck.",
                      Text.length(-backSpare, 1)))
              .why(Text.of("The back would be flat where it should be round."))
              .fix(Text.of("Start from a thicker shaft, or plan a thinner neck.")));
    }
    if (heelSpare < 0) {
      all.stop(
          Decisions.HEEL_THICKNESS.id(),
          Message.of(
                  Text.of(
                      "The heel is {value} too thin, {place} from the nut line.",
                      Text.length(-heelSpare, 1),
                      Text.length(spare.heelX(), 0)))
              .fix(
                  spare.block() > 0
                      ? Text.of(
                          "Glue on a block {block} long, or use a deeper blank.",
                          Text.length(spare.block(), 0))
                      : Text.of("Use a deeper blank, or glue on a heel block.")));
    }
    for (CurvedInsert insert : blank.inserts()) {
      if (insert.left().value() < Strip.LEAST) {
        all.stop(
            Message.of(
                    Text.of(
                        "The curved joint at line {line} cuts through the strip beside it.",
                        insert.line()))
                .fix(Text.of("Bow it less, or make that strip thicker.")));
      }
    }
    glueing(glue.job(), Text.NONE, all);
    if (glue.job().creeps()) {
      all.look(
          Message.of(Text.of("So many veneers creep when you glue them all at once."))
              .why(Text.of("They swim on the wet glue, and the lines end up crooked."))
              .fix(Text.of("Glue in stages, and press each until it holds.")));
    }
    for (GlueUp.Assembly step : glue.steps()) {
      glueing(step.job(), step.words(), all);
    }
    if (glue.job().faces().value() > 0 && glue.pins().isEmpty()) {
      all.look(
          Message.of(Text.of("There is no waste at the ends for pins."))
              .why(Text.of("Under the clamps the strips creep along each other."))
              .fix(Text.of("Use end stops, or a few grains of salt in the glue.")));
    }
    return all.list();
  }

  /** Everything open about the body blank, what stops first. */
  public static List<Finding> ofBody(
      BodyBlank body, BoardLayout layout, List<BodyMarks> marks, Shop shop) {
    Findings all = new Findings(Topic.BODY_BLANK);
    for (BoardLayout.Laid laid : layout.laid()) {
      if (!laid.trouble().isEmpty() && ofBody(laid.part())) {
        all.get(Finding.ofBoard(laid.board()), BoardFindings.chosen(laid));
      }
    }
    BoardFindings.moisture(
        layout.laid().stream()
            .filter(l -> ofBody(l.part()))
            .map(BoardLayout.Laid::board)
            .distinct()
            .flatMap(id -> shop.board(id).stream())
            .toList(),
        all);
    // Halves and a back in one piece are looked at mark by mark, on the instrument.
    BoardFindings.marked(
        layout,
        shop,
        l ->
            switch (l.part().use()) {
              case BODY_STRIP, BODY_WING, TOP -> true;
              case NECK, NECK_STRIP, NECK_STEP, HEAD_WING, FRETBOARD, BODY, SMALL -> false;
            },
        all);
    layout
        .wanting(BlankReadiness::ofBody)
        .forEach(r -> all.get(BoardFindings.where(r), r.message()));
    layout
        .smallWanting(BlankReadiness::ofBody)
        .forEach(r -> all.get(BoardFindings.where(r), r.message()));
    thinner(body.thickness(), BodyDecisions.BODY_THICKNESS.id(), Text.of("The body"), all);
    thinner(body.top(), BodyDecisions.BODY_TOP.id(), Text.of("The thinner leaf of the top"), all);
    if (body.back().value() < LEAST_BACK) {
      all.stop(
          BodyDecisions.BODY_TOP.id(),
          Message.of(
                  Text.of(
                      "Top and accent veneer leave {back} of body, under the {least} minimum.",
                      Text.length(body.back().value(), 1),
                      Text.length(LEAST_BACK, 1)))
              .why(Text.of("Nothing is left to plane and to rout into."))
              .fix(Text.of("Use a thinner top, or a thicker body.")));
    }
    double off =
        body.winged() ? 0 : body.placement().off(body.length().value(), body.width().value());
    if (off > Precision.SHOWN) {
      all.stop(
          BodyDecisions.BODY_LAID_X.id(),
          Message.of(
                  Text.of("The outline is {off} over the edge of the blank.", Text.length(off, 1)))
              .fix(Text.of("Move or turn it on the blank, or glue up a larger one.")));
    }
    if (body.halved() && !body.placement().centred()) {
      all.look(
          BodyDecisions.BODY_LAID_Y.id(),
          Message.of(Text.of("The centre line of the outline is off the centre joint."))
              .why(Text.of("A joint beside the neck is seen at once."))
              .fix(Text.of("Put the outline in the middle across the blank.")));
    }
    for (BodyMarks mark : marks) {
      if (!mark.met()) {
        all.look(
            Finding.ofBoard(mark.board()),
            Message.of(
                    Text.of(
                        "“{mark}” on {board} is {fate}, not as intended.",
                        mark.mark().words(),
                        mark.board(),
                        mark.fate().words()))
                .fix(Text.of("Move the part on its board, or use the other half.")));
      }
    }
    glueing(body.join(), Text.of("joint"), all);
    body.topping().ifPresent(job -> topping(job, all));
    body.binding().ifPresent(binding -> binding(binding, body, all));
    return all.list();
  }

  /** What came out thinner than it was drawn; all that hangs on it follows. */
  private static void thinner(Value now, String decision, Text what, Findings all) {
    double by = now.nominal() - now.value();
    if (now.measured() && by > Precision.NEAR) {
      all.look(
          decision,
          Message.of(
              Text.of(
                  "{what} is {now}, {by} thinner than planned. Depths and floors follow it.",
                  what,
                  Text.length(now.value(), 1),
                  Text.length(by, 1))));
    }
  }

  static boolean ofBody(WoodPart part) {
    return part.use().ofBody();
  }

  private static void topping(GlueJob job, Findings all) {
    glueing(job, Text.of("top"), all);
    boolean bag =
        switch (job.clamping()) {
          case VACUUM_BAG -> true;
          case CLAMPS -> false;
        };
    if (bag) {
      double wanted = job.force().value() * 1000 / (job.area().value() * 100);
      if (wanted > GlueJob.VACUUM) {
        all.look(
            BodyDecisions.TOP_CLAMPING.id(),
            Message.of(
                    Text.of(
                        "A vacuum bag presses with {bag}, this wood needs {needed}.",
                        Text.shown(GlueJob.VACUUM, Quantity.PRESSURE),
                        Text.shown(wanted, Quantity.PRESSURE)))
                .why(Text.of("A top that isn't flat by itself stays open somewhere."))
                .fix(Text.of("Use it for a thin, flat top only; else clamps and cauls.")));
      }
    }
  }

  private static void binding(BodyBinding binding, BodyBlank body, Findings all) {
    if (!binding.bends()) {
      all.stop(
          BodyDecisions.BINDING_LAYERS.id(),
          Message.of(
                  Text.of(
                      "The binding bends to a radius of {bends}, the outline needs {tightest}.",
                      Text.length(binding.bendsTo().value(), 0),
                      Text.length(binding.tightest().orElseThrow().value(), 0)))
              .why(Text.of("It breaks in the waist or at a horn."))
              .fix(Text.of("Use more and thinner layers.")));
    }
    double top = body.top().value() + body.accent().value();
    if (top > 0 && binding.channelHeight().value() < top) {
      all.look(
          BodyDecisions.BINDING_HEIGHT.id(),
          Message.of(Text.of("The binding is lower than the top."))
              .why(Text.of("The joint of the top shows beneath it."))
              .fix(Text.of("Make its channel at least {top} high.", Text.length(top, 1))));
    }
  }

  /** Strips that don't all come out of the width of their boards. */
  public static Optional<Message> widthMissing(RipPlan plan) {
    return plan.missing() == null || plan.fits()
        ? Optional.empty()
        : Optional.of(
            Message.of(
                    Text.of(
                        "{missing} of width are missing for the strips of {wood}.",
                        Text.length(plan.missing().value(), 1),
                        plan.wood().name()))
                .fix(Text.of("Use a wider board, thinner strips, or a saw with less kerf.")));
  }

  /** Whether every strip comes out of its board in width, length and thickness. */
  public static boolean comesOut(NeckRips rips) {
    return rips.fit() && rips.plans().stream().allMatch(p -> boardProblem(p, rips).isEmpty());
  }

  /**
   * What is wrong with the board of a plan apart from its width; empty when it will do, or when
   * nothing is to be sawn from it.
   */
  public static Optional<Message> boardProblem(RipPlan plan, NeckRips rips) {
    if (plan.strips().isEmpty()) {
      return Optional.empty();
    }
    if (plan.board().isEmpty()) {
      return Optional.of(BoardFindings.none(plan.wood().name()));
    }
    Board board = plan.board().get();
    if (board.unmeasured().isPresent()) {
      return Optional.of(BoardFindings.unmeasured(board));
    }
    if (board.length().getAsDouble() < rips.length().value()) {
      return Optional.of(
          Message.of(
                  Text.of(
                      "Board {id} is {length} too short for the neck.",
                      board.id(),
                      Text.length(rips.length().value() - board.length().getAsDouble(), 0)))
              .fix(Text.of("Use another board, or a shorter headstock.")));
    }
    if (board.thickness().getAsDouble() < plan.thickest() - Precision.NEAR) {
      return Optional.of(
          Message.of(
                  Text.of(
                      "Board {id} is {length} too thin for its strips.",
                      board.id(),
                      Text.length(plan.thickest() - board.thickness().getAsDouble(), 1)))
              .fix(Text.of("Use a thicker board, or thinner strips.")));
    }
    return Optional.empty();
  }

  /** Which glue-up it is of, where there are several. */
  private static Message at(Text glued, Text problem) {
    return Message.of(
        glued.isEmpty()
            ? problem
            : Text.of("{glued}: {problem}", glued.capital(), problem.small()));
  }

  private static void glueing(GlueJob glue, Text what, Findings all) {
    if (glue.faces().value() == 0) {
      return;
    }
    if (glue.tooCold()) {
      all.stop(
          BlankDecisions.GLUE.id(),
          at(
                  what,
                  Text.of(
                      "The room is too cold for {glue}, which cures at {least} or more.",
                      glue.glue().name(),
                      Text.shown(glue.glue().least(), Quantity.CELSIUS)))
              .why(Text.of("Glue that chalks holds nothing."))
              .fix(Text.of("Warm the wood and the room first, or use another glue.")));
    } else if (glue.stages().value() == 0) {
      all.stop(
          BlankDecisions.GLUE.id(),
          at(
                  what,
                  Text.of(
                      "The glue ({glue}) grabs before even one face is closed.",
                      glue.glue().name()))
              .why(Text.of("A joint closed too late holds badly and stays thick."))
              .fix(Text.of("Use a slower glue, or work faster.")));
    } else if (glue.stages().value() > 1) {
      all.look(
          BlankDecisions.GLUE.id(),
          at(
                  what,
                  Text.of(
                      "You can't close all faces before the glue grabs: {number} stages are "
                          + "needed.",
                      Text.fixed(glue.stages().value(), 0)))
              .fix(Text.of("Glue in that many stages.")));
    }
    if (glue.clamps().value() > glue.owned().value()) {
      all.look(
          BlankDecisions.CLAMPS.id(),
          at(
                  what,
                  Text.of(
                      "You need {needed} clamps and own {owned}.",
                      Text.fixed(glue.clamps().value(), 0),
                      Text.fixed(glue.owned().value(), 0)))
              .why(Text.of("Between clamps too far apart the joint stays open."))
              .fix(Text.of("Borrow some, or use thicker cauls.")));
    }
  }
}
