package roughcut.plan;

import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.StringDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.geometry.RootSearch;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.MultiscaleLayout;
import roughcut.layout.StringSpread;
import roughcut.measure.Precision;
import roughcut.measure.Text;
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
          Text.of(
              "the last frets would be {last} apart; this scale takes at most {max} frets",
              mm(last),
              Math.max(1, most)));
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
    Text enough =
        RootSearch.of(
                p -> Math.max(out(frets, taper, p, -1), out(frets, taper, p, 1)),
                now,
                Decisions.FRETBOARD_PAST_LAST.most(),
                100,
                Precision.NEAR)
            .stream()
            .findFirst()
            .map(p -> Text.of("at least {p}", mm(p)))
            .orElse(Text.of("no fretboard end is far enough: make the two scales less different"));
    add(
        Decisions.FRETBOARD_PAST_LAST,
        Text.of(
            side < 0
                ? "the last slot runs out of the fretboard end on the bass side, by {past}; "
                    + "{enough}"
                : "the last slot runs out of the fretboard end on the treble side, by {past}; "
                    + "{enough}",
            mm(past),
            enough));
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
          Text.of(
              "the margins leave no room for strings; at most {length}",
              mm(of(Decisions.NUT_WIDTH) / 2 - 1)));
    } else if (strings.gap() != null && strings.gap().value() <= 0) {
      add(
          Decisions.NUT_WIDTH,
          Text.of("the strings would touch at the nut: make the nut wider or the margin smaller"));
    }
  }

  private void radius(FretboardTaper taper) {
    radius(Decisions.RADIUS_NUT, taper.halfWidth(0));
    radius(Decisions.RADIUS_END, taper.halfWidth(taper.end().value()));
    if (taper.width(of(Decisions.HEEL_END)) < 10 || taper.width(taper.end().value()) < 10) {
      add(Decisions.FRETBOARD_END_WIDTH, Text.of("the neck would taper to nothing before its end"));
    }
  }

  private void radius(NumberDecision decision, double half) {
    if (of(decision) < half) {
      add(decision, Text.of("less than half the fretboard width; at least {half}", mm(half)));
    }
  }

  /** A reading from nut to octave that can't be of this neck; it doesn't count then. */
  private void octave(FretLayout frets) {
    double octave = of(StringDecisions.NUT_TO_OCTAVE);
    if (octave > 0 && !MultiscaleLayout.ofThisNeck(2 * octave, MultiscaleLayout.drawn(inputs))) {
      add(
          StringDecisions.NUT_TO_OCTAVE,
          Text.of(
              "can't belong to this neck, with its octave fret planned at {length}; it is ignored",
              mm(MultiscaleLayout.drawn(inputs) / 2)));
    }
  }

  /** Scales too short for anything, or with their longer side at the treble. */
  private void scales(FretLayout frets) {
    for (NumberDecision scale : List.of(StringDecisions.SCALE_BASS, StringDecisions.SCALE_TREBLE)) {
      if (of(scale) > 0 && of(scale) < Decisions.SCALE_LENGTH.least()) {
        add(
            scale,
            Text.of("too short; at least {least}, or 0", mm(Decisions.SCALE_LENGTH.least())));
      }
    }
    if (frets.fan().treble() > frets.fan().bass()) {
      add(
          StringDecisions.SCALE_TREBLE,
          Text.of("longer than the bass side; at most {bass}", mm(frets.fan().bass())));
    }
    double end = frets.last().x() + of(Decisions.FRETBOARD_PAST_LAST);
    if (end >= frets.scale().value() - 10) {
      double room = frets.scale().value() - 10 - frets.last().x();
      add(
          Decisions.FRETBOARD_PAST_LAST,
          Text.of("the fretboard would reach the saddle; at most {max}", mm(Math.max(0, room))));
    }
    if (of(Decisions.JOINT_X) >= frets.scale().value() - 20) {
      add(
          Decisions.JOINT_X,
          Text.of("beyond the saddle line; at most {length}", mm(frets.scale().value() - 20)));
    }
  }
}
