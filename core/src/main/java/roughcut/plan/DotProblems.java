package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.FretboardDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.fretboard.Markers;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Text;
import roughcut.record.EffectiveInputs;

/** Dots that stand over the fretboard's edge, or that the slots beside them cut. */
final class DotProblems {
  private final EffectiveInputs inputs;
  private final Findings found = new Findings(Topic.FRETBOARD);

  private DotProblems(EffectiveInputs inputs) {
    this.inputs = inputs;
  }

  static List<Finding> of(
      EffectiveInputs inputs, FretLayout frets, FretboardTaper taper, Markers markers) {
    DotProblems dots = new DotProblems(inputs);
    dots.edge(taper, markers);
    dots.slots(frets, markers);
    return dots.found.list();
  }

  private void edge(FretboardTaper taper, Markers markers) {
    double half = inputs.get(FretboardDecisions.MARKER_DIAMETER).value() / 2;
    double most = 0;
    List<Integer> over = new ArrayList<>();
    for (Markers.Dot dot : markers.dots()) {
      double by = dot.y() + half - taper.halfWidth(dot.along(-1));
      by = Math.max(by, dot.y() + half - taper.halfWidth(dot.along(1)));
      if (by > 0) {
        over.add(dot.fret());
        most = Math.max(most, by);
      }
    }
    if (!over.isEmpty()) {
      found.stop(
          (over.stream().anyMatch(k -> twice(markers, k))
                  ? FretboardDecisions.MARKER_ASIDE
                  : FretboardDecisions.MARKER_DIAMETER)
              .id(),
          Message.of(
                  Text.of(
                      over.size() == 1
                          ? "The position marker at fret {frets} overhangs the fretboard edge by "
                              + "{most}."
                          : "The position markers at frets {frets} overhang the fretboard edge by "
                              + "{most}.",
                      listed(over),
                      Text.length(most, 1)))
              .why(Text.of("The hole would break out of the edge."))
              .fix(Text.of("Make it smaller, or move it nearer the centre line.")));
    }
  }

  private static boolean twice(Markers markers, int fret) {
    return markers.dots().stream().anyMatch(d -> d.fret() == fret && d.y() > 0);
  }

  private void slots(FretLayout frets, Markers markers) {
    double half = inputs.get(FretboardDecisions.MARKER_DIAMETER).value() / 2;
    List<Integer> cut = new ArrayList<>();
    double room = Double.POSITIVE_INFINITY;
    for (Markers.Dot dot : markers.dots()) {
      double here = Double.POSITIVE_INFINITY;
      for (int side : new int[] {-1, 1}) {
        double y = side * dot.y();
        FretLayout.Fret fret = frets.frets().get(dot.fret() - 1);
        double before =
            dot.fret() == 1 ? frets.fan().slant(0) * y : frets.frets().get(dot.fret() - 2).at(y);
        double middle = dot.along(side);
        here = Math.min(here, Math.min(middle - before, fret.at(y) - middle));
      }
      if (here < half) {
        cut.add(dot.fret());
        room = Math.min(room, 2 * here);
      }
    }
    if (!cut.isEmpty()) {
      found.stop(
          FretboardDecisions.MARKER_DIAMETER.id(),
          Message.of(
                  Text.of(
                      cut.size() == 1
                          ? "The position marker at fret {frets} reaches into the slots beside it."
                          : "The position markers at frets {frets} reach into the slots beside "
                              + "them.",
                      listed(cut)))
              .why(Text.of("The wire has nothing to hold in there."))
              .fix(Text.of("Use markers smaller than {room}.", Text.length(room, 1))));
    }
  }

  private static Text listed(List<Integer> frets) {
    return Text.joined(frets.stream().map(Text::only).toList(), ", ");
  }
}
