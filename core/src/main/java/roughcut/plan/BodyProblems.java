package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BodyDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.finding.Finding;
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
                    Text.of(
                        p.y() < 0
                            ? "the outline crosses itself {x} from the nut line, {size} to the "
                                + "bass side"
                            : "the outline crosses itself {x} from the nut line, {size} to the "
                                + "treble side",
                        mm(p.x()),
                        mm(Math.abs(p.y())))));
    inputs
        .design()
        .drawn()
        .filter(d -> d.open() > 0)
        .ifPresent(
            d ->
                add(
                    SurfaceDecisions.OUTLINE_TURN.id(),
                    Text.of(
                        "the path in {source} is open: its ends are {open} apart. A straight "
                            + "line closes it",
                        d.source(),
                        mm(d.open()))));
    if (inputs.design().drawn().isPresent()) {
      double length = outline.bounds().width();
      if (length < 150 || length > 900) {
        add(
            SurfaceDecisions.OUTLINE_SCALE.id(),
            Text.of(
                length < 150
                    ? "the imported outline is {length} long: was it drawn in inches, 25.4 times "
                        + "as large?"
                    : "the imported outline is {length} long: was it drawn in another unit?",
                mm(length)));
      }
    }
  }

  /** A round-over that is wider than the binding cuts through it, into the wood behind. */
  private void bound(double binding) {
    double round = of(SurfaceDecisions.ROUND_TOP);
    if (binding > 0 && round > binding) {
      add(
          SurfaceDecisions.ROUND_TOP,
          Text.of(
              "cuts the binding away: the maximum is {binding}, the depth of the binding channel",
              mm(binding)));
    }
  }

  private void widths(BodyOutline.NoCurve none) {
    add(
        BodyDecisions.BODY_WAIST,
        none.waist().isPresent()
            ? Text.of(
                "no smooth curve has this waist with these bouts: at most {waist}",
                mm(none.waist().getAsDouble()))
            : Text.of("no smooth curve has these two bouts, whatever the waist"));
  }

  /** The first point of our own curve that was moved, or else its length. */
  private String crossed() {
    return inputs.design().numbers().entrySet().stream()
        .filter(e -> e.getKey().startsWith("outline.") && e.getValue() != 0)
        .filter(e -> e.getKey().matches("outline\\.(bass|treble)\\..*"))
        .map(java.util.Map.Entry::getKey)
        .findFirst()
        .orElse(BodyDecisions.BODY_LENGTH.id());
  }
}
