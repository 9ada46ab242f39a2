package roughcut.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Text;
import roughcut.record.Build;
import roughcut.record.Proposal;

/**
 * What would keep the outline from cutting through a glue line (handbook page 3): the line so far
 * inside that the outer strip stays wide enough at the nut, or so far outside that the outer strip
 * shows on the head only, or a taper that follows the outline. Each is a change of two neighbouring
 * strips that can be made with one action.
 */
public final class StackWaysOut {
  /** What an outer strip keeps at the nut, and how far a line stands outside the heel, mm. */
  private static final double KEPT = 3;

  private static final double OUTSIDE = 0.5;

  private final NeckBlank blank;
  private final FretboardTaper taper;
  private final Stack stack;
  private final List<Proposal> found = new ArrayList<>();

  private StackWaysOut(NeckBlank blank, FretboardTaper taper, Stack stack) {
    this.blank = blank;
    this.taper = taper;
    this.stack = stack;
  }

  /** The ways out for every crossed line; both sides of a mirrored stack are told as one. */
  public static List<Proposal> of(Build build, NeckBlank blank, FretboardTaper taper) {
    Stack stack = build.design().neckStack();
    StackWaysOut ways = new StackWaysOut(blank, taper, stack);
    if (!build.design().rearranged()) {
      for (NeckBlank.Crossing crossing : blank.crossings()) {
        boolean told = stack.mirrored() && crossing.offset() > 0 && stack.symmetrical();
        if (!told) {
          ways.forLine(crossing.line());
        }
      }
    }
    return List.copyOf(ways.found);
  }

  private void forLine(int line) {
    GlueFace face = blank.strips().get(line).lower();
    int outer = face.nut() < 0 ? line - 1 : line;
    int inner = face.nut() < 0 ? line : line - 1;
    boolean middle = stack.mirrored() && inner == stack.size() - 1 - inner;
    // A middle strip is shared by both sides, so that it gives each only half of its change.
    double share = middle ? 2 : 1;
    double b = Math.abs(face.nut());
    double heel = taper.halfWidth(face.heelEnd());
    double inwards = b - (taper.halfWidth(0) - KEPT);
    offer(
        Text.of(
            "Move glue line {line} in by {inwards}: the outer strip stays {kept} wide at the nut",
            line,
            Text.length(inwards, 1),
            Text.length(KEPT, 0)),
        inner,
        s -> straight(s, s.thickness() - share * inwards),
        outer,
        s -> straight(s, s.thickness() + inwards));
    double outwards = heel + OUTSIDE - b;
    offer(
        Text.of(
            "Move glue line {line} out by {outwards}: the outer strip shows on the headstock only",
            line,
            Text.length(outwards, 1)),
        inner,
        s -> straight(s, s.thickness() + share * outwards),
        outer,
        s -> straight(s, Math.max(KEPT, s.thickness() - outwards)));
    if (stack.mirrored()) {
      double widening = heel - taper.halfWidth(0);
      offer(
          Text.of(
              "Taper the strip inside glue line {line} by {length}: the line follows the outline, {kept} inside it",
              line,
              Text.length(share * widening, 1),
              Text.length(KEPT, 0)),
          inner,
          s ->
              new Strip(
                  s.species(),
                  s.thickness() - share * inwards,
                  s.thickness() - share * inwards + share * widening,
                  0,
                  s.grain()),
          outer,
          s -> straight(s, s.thickness() + inwards));
    }
  }

  private static Strip straight(Strip strip, double mm) {
    double rounded = Math.round(mm * 1000) / 1000.0;
    return new Strip(strip.species(), rounded, rounded, 0, strip.grain());
  }

  private void offer(
      Text words,
      int inner,
      UnaryOperator<Strip> changeInner,
      int outer,
      UnaryOperator<Strip> changeOuter) {
    try {
      Stack next = stack.change(inner, changeInner).change(outer, changeOuter);
      found.add(new Proposal(words, b -> b.withDesign(b.design().withNeckStack(next))));
    } catch (IllegalArgumentException e) {
      // A strip can't be that thin or thick: no way out.
    }
  }
}
