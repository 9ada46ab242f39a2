package roughcut.plan;

import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.PartDecisions;
import roughcut.design.StringDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.geometry.RootSearch;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.MultiscaleLayout;
import roughcut.layout.StringSpread;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;

/**
 * Decisions on scale, frets, strings and fretboard that exclude each other. Lengths in messages are
 * millimetres, written out.
 */
final class LayoutProblems extends Problems {
  /** Frets closer than this can't be seated beside each other, mm. */
  private static final double CLOSEST_FRETS = 3;

  private LayoutProblems(EffectiveInputs inputs) {
    super(inputs, Topic.LAYOUT);
  }

  static List<Finding> of(
      EffectiveInputs inputs, FretLayout frets, FretboardTaper taper, StringSpread strings) {
    LayoutProblems layout = new LayoutProblems(inputs);
    layout.frets(frets);
    layout.lastSlot(frets, taper);
    layout.strings(strings);
    layout.radius(taper);
    layout.scales(frets);
    layout.octave(frets);
    return layout.found();
  }

  private void frets(FretLayout frets) {
    double last = frets.last().fromPrevious().value();
    if (last < CLOSEST_FRETS) {
      double n = frets.divisions().value();
      // Spacing L·(2^(1/n) − 1)·2^(−k/n) reaches the closest at this k.
      int most =
          (int)
              Math.floor(
                  n
                      * Math.log(
                          frets.scale().value() * Math.expm1(Math.log(2) / n) / CLOSEST_FRETS)
                      / Math.log(2));
      add(
          Decisions.FRETS,
          Message.of(
                  Text.of(
                      "The last frets are {last} apart, under the {least} minimum.",
                      mm(last),
                      mm(CLOSEST_FRETS)))
              .why(Text.of("Two frets so close can't be seated."))
              .fix(Text.of("This scale takes at most {max} frets.", Math.max(1, most))));
    }
  }

  /** A leaning last slot that leaves the fretboard by its end instead of by its side. */
  private void lastSlot(FretLayout frets, FretboardTaper taper) {
    double now = of(Decisions.FRETBOARD_PAST_LAST);
    int side = out(frets, taper, now, -1) >= out(frets, taper, now, 1) ? -1 : 1;
    double past = out(frets, taper, now, side);
    if (past <= 0) {
      return;
    }
    // Where the second width is given at the end, another end makes another taper.
    Text fix =
        RootSearch.of(
                p -> Math.max(out(frets, taper, p, -1), out(frets, taper, p, 1)),
                now,
                Decisions.FRETBOARD_PAST_LAST.most(),
                100,
                Precision.NEAR)
            .stream()
            .findFirst()
            .map(p -> Text.of("Leave at least {p} behind the last fret.", mm(p)))
            .orElse(Text.of("No fretboard end is far enough: make the two scales more alike."));
    add(
        Decisions.FRETBOARD_PAST_LAST,
        Message.of(
                Text.of(
                    side < 0
                        ? "The last slot runs out of the fretboard end on the bass side, by "
                            + "{past}."
                        : "The last slot runs out of the fretboard end on the treble side, by "
                            + "{past}.",
                    mm(past)))
            .why(Text.of("The corner of the fretboard would break off."))
            .fix(fix));
  }

  private double out(FretLayout frets, FretboardTaper taper, double pastLast, int side) {
    FretLayout.Fret last = frets.last();
    return taper.beyond(
        inputs.get(Decisions.FRETBOARD_WIDTH_AT),
        last.x() + pastLast,
        last,
        of(FretboardDecisions.WIRE_TANG_WIDTH) / 2,
        side);
  }

  private void strings(StringSpread strings) {
    if (strings.spread().value() <= 0) {
      add(
          Decisions.NUT_EDGE_MARGIN,
          Message.of(Text.of("The edge margins leave no room for strings at the nut."))
              .fix(
                  Text.of(
                      "Make the margin at most {length}, or the nut wider.",
                      mm(of(Decisions.NUT_WIDTH) / 2 - 1))));
    } else if (strings.gap() != null && strings.gap().value() <= 0) {
      add(
          Decisions.NUT_WIDTH,
          Message.of(Text.of("The strings touch at the nut."))
              .fix(Text.of("Make the nut wider, or the edge margin smaller.")));
    }
    together(
        strings,
        strings.atNut(),
        Decisions.COURSE_AT_NUT,
        Text.of("The strings of a course touch at the nut."));
    together(
        strings,
        strings.atSaddle(),
        Decisions.COURSE_AT_SADDLE,
        Text.of("The strings of a course touch at the bridge."));
  }

  /** Strings of a course lie side by side: half of each gauge has to fit between their centres. */
  private void together(
      StringSpread strings, List<Value> offsets, NumberDecision apart, Text problem) {
    double least = 0;
    for (int i = 2; i <= strings.count(); i++) {
      if (strings.courses().together(i - 1, i)) {
        double room = offsets.get(i - 2).value() - offsets.get(i - 1).value();
        double wanted = (of(PartDecisions.gauge(i - 1)) + of(PartDecisions.gauge(i))) / 2;
        least = room <= wanted + Precision.NEAR ? Math.max(least, wanted) : least;
      }
    }
    if (least > 0) {
      add(
          apart,
          Message.of(problem).fix(Text.of("Space them more than {length} apart.", mm(least))));
    }
  }

  private void radius(FretboardTaper taper) {
    radius(
        Decisions.RADIUS_NUT,
        taper.halfWidth(0),
        Text.of(
            "The radius at the nut is {now}, less than half the fretboard's width there.",
            mm(of(Decisions.RADIUS_NUT))));
    radius(
        Decisions.RADIUS_END,
        taper.halfWidth(taper.end().value()),
        Text.of(
            "The radius at the end is {now}, less than half the fretboard's width there.",
            mm(of(Decisions.RADIUS_END))));
    if (taper.width(of(Decisions.HEEL_END)) < 10 || taper.width(taper.end().value()) < 10) {
      add(
          Decisions.FRETBOARD_END_WIDTH,
          Message.of(Text.of("The neck tapers to less than {least} before its end.", mm(10)))
              .why(Text.of("Rod and bolts need that wood."))
              .fix(Text.of("Make the fretboard wider at its end.")));
    }
  }

  private void radius(NumberDecision decision, double half, Text what) {
    if (of(decision) < half) {
      add(
          decision,
          Message.of(what)
              .why(Text.of("The face would be rounder than the board is wide."))
              .fix(Text.of("Use at least {half}.", mm(half))));
    }
  }

  /** A reading from nut to octave that can't be of this neck; it doesn't count then. */
  private void octave(FretLayout frets) {
    double octave = of(StringDecisions.NUT_TO_OCTAVE);
    if (octave > 0 && !MultiscaleLayout.ofThisNeck(2 * octave, MultiscaleLayout.drawn(inputs))) {
      add(
          StringDecisions.NUT_TO_OCTAVE,
          Message.of(
                  Text.of(
                      "The distance from nut to octave can't belong to this neck: its octave fret "
                          + "is planned at {length}.",
                      mm(MultiscaleLayout.drawn(inputs) / 2)))
              .why(Text.of("The number is ignored."))
              .fix(Text.of("Measure from the nut line to the middle of fret 12 again.")));
    }
  }

  /** Scales too short for anything, or with their longer side at the treble. */
  private void scales(FretLayout frets) {
    for (NumberDecision scale : List.of(StringDecisions.SCALE_BASS, StringDecisions.SCALE_TREBLE)) {
      if (of(scale) > 0 && of(scale) < Decisions.SCALE_LENGTH.least()) {
        add(
            scale,
            Message.of(
                    Text.of(
                        scale.equals(StringDecisions.SCALE_BASS)
                            ? "The bass-side scale is too short: {now}."
                            : "The treble-side scale is too short: {now}.",
                        mm(of(scale))))
                .fix(
                    Text.of(
                        "Use at least {least}, or 0 for the scale length.",
                        mm(Decisions.SCALE_LENGTH.least()))));
      }
    }
    if (frets.fan().treble() > frets.fan().bass()) {
      add(
          StringDecisions.SCALE_TREBLE,
          Message.of(
                  Text.of(
                      "The treble-side scale is longer than the bass side: {treble}, against "
                          + "{bass}.",
                      mm(frets.fan().treble()),
                      mm(frets.fan().bass())))
              .fix(Text.of("Use at most {bass}.", mm(frets.fan().bass()))));
    }
    double end = frets.last().x() + of(Decisions.FRETBOARD_PAST_LAST);
    if (end >= frets.scale().value() - 10) {
      double room = frets.scale().value() - 10 - frets.last().x();
      add(
          Decisions.FRETBOARD_PAST_LAST,
          Message.of(Text.of("The fretboard reaches the saddle line."))
              .fix(Text.of("Leave at most {max} behind the last fret.", mm(Math.max(0, room)))));
    }
    if (of(Decisions.JOINT_X) >= frets.scale().value() - 20) {
      add(
          Decisions.JOINT_X,
          Message.of(Text.of("The body edge is beyond the saddle line."))
              .fix(
                  Text.of(
                      "Put it at most {length} from the nut line.",
                      mm(frets.scale().value() - 20))));
    }
  }
}
