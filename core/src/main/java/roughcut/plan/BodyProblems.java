package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BodyDecisions;
import roughcut.design.PartDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.layout.BodyOutline;
import roughcut.measure.Text;
import roughcut.record.EffectiveInputs;
import roughcut.rout.BodyCuts;

/**
 * Outlines that can't be, and cuts that can't be made. Lengths in messages are millimetres, written
 * out.
 */
final class BodyProblems extends Problems {
  /** What a body is long, mm; an outline beyond that was drawn in another unit. */
  private static final double SHORTEST = 150;

  private static final double LONGEST = 900;

  private BodyProblems(EffectiveInputs inputs) {
    super(inputs, Topic.BODY);
  }

  static List<Finding> of(EffectiveInputs inputs, BodyOutline outline, BodyCuts cuts) {
    BodyProblems edge = new BodyProblems(inputs);
    edge.outline(outline);
    outline.none().ifPresent(edge::widths);
    edge.bound(cuts.binding());
    List<Finding> all = new ArrayList<>(edge.found());
    cuts.problems().forEach(t -> all.add(t.finding()));
    return all;
  }

  /** An outline whose edge crosses itself, or of a size that no body has. */
  private void outline(BodyOutline outline) {
    outline
        .crossing()
        .ifPresent(
            p ->
                add(
                    inputs.design().drawn().isPresent()
                        ? SurfaceDecisions.OUTLINE_TURN.id()
                        : crossed(),
                    Message.of(
                            Text.of(
                                p.y() < 0
                                    ? "The outline crosses itself {x} from the nut line, {size} "
                                        + "to the bass side."
                                    : "The outline crosses itself {x} from the nut line, {size} "
                                        + "to the treble side.",
                                mm(p.x()),
                                mm(Math.abs(p.y()))))
                        .why(Text.of("A bearing can't follow such a template."))
                        .fix(Text.of("Move the points there apart."))));
    inputs.design().drawn().ifPresent(d -> open(SurfaceDecisions.OUTLINE_TURN, d));
    if (inputs.design().drawn().isPresent()) {
      double length = outline.bounds().width();
      if (length < SHORTEST || length > LONGEST) {
        add(
            SurfaceDecisions.OUTLINE_SCALE.id(),
            Message.of(Text.of("The drawn outline is {length} long.", mm(length)))
                .why(
                    Text.of(
                        "No body is: they are {least} to {most} long.",
                        Text.length(SHORTEST, 0),
                        Text.length(LONGEST, 0)))
                .fix(
                    Text.of(
                        length < SHORTEST
                            ? "If it was drawn in inches, set the scale to 25.4."
                            : "Set the scale to the unit that it was drawn in.")));
      }
    }
  }

  /** A round-over that is wider than the binding cuts through it, into the wood behind. */
  private void bound(double binding) {
    double round = of(SurfaceDecisions.ROUND_TOP);
    if (binding > 0 && round > binding) {
      add(
          SurfaceDecisions.ROUND_TOP,
          Message.of(
                  Text.of(
                      "The round-over cuts the binding away: {round}, with a binding {binding} "
                          + "wide.",
                      mm(round),
                      mm(binding)))
              .why(Text.of("The cutter goes through it into the wood behind."))
              .fix(Text.of("Round the edge by at most {binding}.", mm(binding))));
    }
  }

  private void widths(BodyOutline.NoCurve none) {
    add(
        BodyDecisions.BODY_WAIST,
        none.waist().isPresent()
            ? Message.of(Text.of("No smooth curve has this waist with these bouts."))
                .fix(
                    Text.of("Make the waist at most {waist} wide.", mm(none.waist().getAsDouble())))
            : Message.of(Text.of("No smooth curve has these two bouts, whatever the waist."))
                .fix(Text.of("Make the bouts more alike, or the body longer.")));
  }

  /** The first point of our own curve that was moved, or else its length. */
  private String crossed() {
    return PartDecisions.bodyPoints().stream()
        .filter(p -> inputs.get(p).value() != 0)
        .findFirst()
        .orElse(BodyDecisions.BODY_LENGTH)
        .id();
  }
}
