package roughcut.blank;

import java.util.List;
import java.util.Optional;
import roughcut.design.BlankDecisions;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Strip;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Topic;
import roughcut.measure.Precision;
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
      boardTrouble(plan, rips).ifPresent(t -> all.get(board, t));
      if (plan.missing() != null && !plan.fits()) {
        all.get(
            board,
            Text.of(
                "{wood}: {missing} of width missing",
                plan.wood().name(),
                Text.length(plan.missing().value(), 1)));
      }
      BoardFindings.hasStarted(plan).ifPresent(t -> all.look(board, t));
    }
    BoardFindings.ofParts(layout, all);
    BoardFindings.marked(layout, shop, l -> !ofBody(l.part()), all);
    BoardFindings.sawHeight(inputs, shop, rips, all);
    BoardFindings.moisture(rips, all);
    if (sideSpare < 0) {
      all.stop(
          "neck.strip.1.thickness",
          Text.of(
              "the blank is {length} too narrow for the neck outline",
              Text.length(-2 * sideSpare, 1)));
    }
    if (backSpare < 0) {
      all.stop(
          Decisions.SHAFT_THICKNESS.id(),
          Text.of(
              "the shaft is {value} too thin for the back of the neck",
              Text.length(-backSpare, 1)));
    }
    if (heelSpare < 0) {
      all.stop(
          Decisions.HEEL_THICKNESS.id(),
          spare.block() > 0
              ? Text.of(
                  "the heel needs {value} more, {place} from the nut line: a block {block} long, "
                      + "or a deeper blank",
                  Text.length(-heelSpare, 1),
                  Text.length(spare.heelX(), 0),
                  Text.length(spare.block(), 0))
              : Text.of(
                  "the heel needs {value} more, {place} from the nut line: a deeper blank, or a "
                      + "heel block glued on",
                  Text.length(-heelSpare, 1),
                  Text.length(spare.heelX(), 0)));
    }
    for (CurvedInsert insert : blank.inserts()) {
      if (insert.left().value() < Strip.LEAST) {
        all.stop(
            Text.of(
                "the curved joint at line {line} cuts through the strip beside it", insert.line()));
      }
    }
    glueing(glue.job(), Text.NONE, all);
    if (glue.job().creeps()) {
      all.look(
          Text.of(
              "so many veneers creep when you glue them all at once: glue in stages, and "
                  + "press each until it holds"));
    }
    for (GlueUp.Assembly step : glue.steps()) {
      glueing(step.job(), step.words(), all);
    }
    if (glue.job().faces().value() > 0 && glue.pins().isEmpty()) {
      all.look(
          Text.of(
              "no waste at the ends for pins, so the strips can creep: use end stops, or a "
                  + "few grains of salt in the glue"));
    }
    return all.list();
  }

  /** Everything open about the body blank, what stops first. */
  public static List<Finding> ofBody(
      BodyBlank body, BoardLayout layout, List<BodyMarks> marks, Shop shop) {
    Findings all = new Findings(Topic.BODY_BLANK);
    for (BoardLayout.Laid laid : layout.laid()) {
      if (!laid.trouble().isEmpty() && ofBody(laid.part())) {
        all.get(
            Finding.ofBoard(laid.board()),
            Text.of("{part}: {trouble}", laid.part().label(), laid.trouble()));
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
    layout.wanting(BlankReadiness::ofBody).forEach(r -> all.get(BoardFindings.where(r), r.text()));
    layout
        .smallWanting(BlankReadiness::ofBody)
        .forEach(r -> all.get(BoardFindings.where(r), r.text()));
    thinner(body.thickness(), BodyDecisions.BODY_THICKNESS.id(), Text.of("the body is"), all);
    thinner(
        body.top(), BodyDecisions.BODY_TOP.id(), Text.of("the thinner leaf of the top is"), all);
    if (body.back().value() < 5) {
      all.stop(
          BodyDecisions.BODY_TOP.id(), Text.of("top and accent veneer leave no back to plane"));
    }
    double off =
        body.winged() ? 0 : body.placement().off(body.length().value(), body.width().value());
    if (off > Precision.SHOWN) {
      all.stop(
          BodyDecisions.BODY_LAID_X.id(),
          Text.of("the outline is {off} over the edge of the blank", Text.length(off, 1)));
    }
    if (body.halved() && !body.placement().centred()) {
      all.look(
          BodyDecisions.BODY_LAID_Y.id(),
          Text.of("the centre line of the outline is off the centre joint"));
    }
    for (BodyMarks mark : marks) {
      if (!mark.met()) {
        all.look(
            Finding.ofBoard(mark.board()),
            Text.of(
                "{mark} on {board} is {fate}, not as intended",
                mark.mark().words(),
                mark.board(),
                mark.fate().words()));
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
          Text.of(
              "{what} {now}, {by} thinner than planned: depths and floors follow it",
              what,
              Text.length(now.value(), 1),
              Text.length(by, 1)));
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
            Text.of(
                "a vacuum bag presses with 0.08 MPa, this wood needs {number}: fine for a thin "
                    + "top that lies flat by itself",
                Text.fixed(wanted, 1)));
      }
    }
  }

  private static void binding(BodyBinding binding, BodyBlank body, Findings all) {
    if (!binding.bends()) {
      all.stop(
          BodyDecisions.BINDING_LAYERS.id(),
          Text.of(
              "the binding bends to {bends}, the outline needs {tightest}: use more and "
                  + "thinner layers",
              Text.length(binding.bendsTo().value(), 0),
              Text.length(binding.tightest().value(), 0)));
    }
    double top = body.top().value() + body.accent().value();
    if (top > 0 && binding.channelHeight().value() < top) {
      all.look(
          BodyDecisions.BINDING_HEIGHT.id(),
          Text.of("the binding is lower than the top, so their joint shows beneath it"));
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
  public static Optional<Text> boardTrouble(RipPlan plan, NeckRips rips) {
    if (plan.strips().isEmpty()) {
      return Optional.empty();
    }
    if (plan.board().isEmpty()) {
      return Optional.of(Text.of("there is no {wood} in the wood rack", plan.wood().name()));
    }
    Board board = plan.board().get();
    Optional<Text> unknown = board.unmeasured();
    if (unknown.isPresent()) {
      return Optional.of(Text.of("{name} of board {id} not measured", unknown.get(), board.id()));
    }
    if (board.length().getAsDouble() < rips.length().value()) {
      return Optional.of(
          Text.of(
              "board {id} is {length} too short",
              board.id(),
              Text.length(rips.length().value() - board.length().getAsDouble(), 0)));
    }
    if (board.thickness().getAsDouble() < plan.thickest() - Precision.NEAR) {
      return Optional.of(
          Text.of(
              "board {id} is {length} too thin",
              board.id(),
              Text.length(plan.thickest() - board.thickness().getAsDouble(), 1)));
    }
    return Optional.empty();
  }

  /** Which glue-up it is of, where there are several. */
  private static Text at(Text what, String template, Object... args) {
    Text said = Text.of(template, args);
    return what.isEmpty() ? said : Text.of("{glued}: {problem}", what, said);
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
              "{glue} doesn't cure below {temperature} °C",
              glue.glue().name(),
              Text.fixed(glue.glue().least(), 0)));
    } else if (glue.stages().value() == 0) {
      all.stop(
          BlankDecisions.GLUE.id(),
          at(what, "{glue} grabs before even one face is closed", glue.glue().name()));
    } else if (glue.stages().value() > 1) {
      all.look(
          BlankDecisions.GLUE.id(),
          at(
              what,
              "glue in {number} stages: glued all at once, it grabs before it is closed",
              Text.fixed(glue.stages().value(), 0)));
    }
    if (glue.clamps().value() > glue.owned().value()) {
      all.look(
          BlankDecisions.CLAMPS.id(),
          at(
              what,
              "{needed} clamps needed, {owned} owned",
              Text.fixed(glue.clamps().value(), 0),
              Text.fixed(glue.owned().value(), 0)));
    }
  }
}
