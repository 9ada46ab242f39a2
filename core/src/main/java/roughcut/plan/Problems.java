package roughcut.plan;

import static roughcut.measure.NumberWriter.fixed;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.NutKind;
import roughcut.design.PartDecisions;
import roughcut.design.RodReach;
import roughcut.design.StringDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Topic;
import roughcut.layout.BodyOutline;
import roughcut.layout.Fan;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.neck.AccessBore;
import roughcut.neck.HeadLine;
import roughcut.neck.NeckDetails;
import roughcut.neck.NeckShape;
import roughcut.neck.RodAccess;
import roughcut.record.Givens;
import roughcut.rout.BodyCuts;
import roughcut.strings.Bridge;

/**
 * Looks for decisions that exclude each other. Lengths in messages are millimetres, written out.
 */
final class Problems {
  /** Frets closer than this can't be seated beside each other, mm. */
  private static final double CLOSEST_FRETS = 3;

  /** With less fall between bore and face it comes out nowhere near the nut, degrees. */
  private static final double LEAST_FALL = 2;

  private final Givens givens;
  private final Findings found;

  private Problems(Givens givens, Topic topic) {
    this.givens = givens;
    this.found = new Findings(topic);
  }

  static List<Finding> layout(
      Givens givens, FretLayout frets, FretboardTaper taper, StringSpread strings) {
    Problems layout = new Problems(givens, Topic.LAYOUT);
    layout.frets(frets);
    layout.lastSlot(frets, taper);
    layout.strings(strings);
    layout.radius(taper);
    layout.scales(frets);
    layout.octave(frets);
    return layout.found.list();
  }

  static List<Finding> neckBlank(Givens givens) {
    Problems stock = new Problems(givens, Topic.NECK_BLANK);
    stock.halved();
    return stock.found.list();
  }

  static List<Finding> neck(Givens givens, FretLayout frets, NeckShape neck, NeckDetails details) {
    Problems carved = new Problems(givens, Topic.NECK);
    carved.thickness(frets);
    carved.head();
    carved.heel();
    carved.rod();
    carved.channels(neck);
    carved.access(details);
    return carved.found.list();
  }

  static List<Finding> strings(Givens givens, Bridge bridge) {
    Problems bridged = new Problems(givens, Topic.STRINGS);
    bridged.bridge(bridge);
    return bridged.found.list();
  }

  static List<Finding> body(Givens givens, BodyOutline outline, BodyCuts cuts) {
    Problems edge = new Problems(givens, Topic.BODY);
    edge.outline(outline);
    List<Finding> all = new ArrayList<>(edge.found.list());
    cuts.troubles().forEach(t -> all.add(t.finding()));
    return all;
  }

  private double of(NumberDecision decision) {
    return givens.get(decision).value();
  }

  private void add(Decision decision, String message) {
    found.impossible(decision.id(), message);
  }

  private static String mm(double value) {
    return fixed(value, 1) + " mm";
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
          "the last frets would stand "
              + mm(last)
              + " apart; at most "
              + Math.max(1, most)
              + " frets fit this scale");
    }
  }

  /** A leaning last slot that leaves the fretboard by its end instead of by its side. */
  private void lastSlot(FretLayout frets, FretboardTaper taper) {
    FretLayout.Fret last = frets.last();
    double half = of(FretboardDecisions.WIRE_TANG_WIDTH) / 2;
    for (int side : new int[] {-1, 1}) {
      double past = taper.edge(last.x(), last.slant(), side).x() + half - taper.end().value();
      if (past > 0) {
        add(
            Decisions.FRETBOARD_PAST_LAST,
            "the last slot runs out of the fretboard's end at the "
                + (side < 0 ? "bass" : "treble")
                + " side, by "
                + mm(past)
                + "; at least "
                + mm(of(Decisions.FRETBOARD_PAST_LAST) + past));
        return;
      }
    }
  }

  private void strings(StringSpread strings) {
    if (strings.spread().value() <= 0) {
      add(
          Decisions.NUT_EDGE_MARGIN,
          "the margins leave no room for strings; at most " + mm(of(Decisions.NUT_WIDTH) / 2 - 1));
    } else if (strings.gap() != null && strings.gap().value() <= 0) {
      add(Decisions.NUT_WIDTH, "the strings would touch at the nut; more width or less margin");
    }
  }

  private void radius(FretboardTaper taper) {
    radius(Decisions.RADIUS_NUT, taper.halfWidth(0));
    radius(Decisions.RADIUS_END, taper.halfWidth(taper.end().value()));
    if (taper.width(of(Decisions.HEEL_END)) < 10 || taper.width(taper.end().value()) < 10) {
      add(Decisions.FRETBOARD_END_WIDTH, "the neck would taper to nothing before its end");
    }
  }

  private void radius(NumberDecision decision, double half) {
    if (of(decision) < half) {
      add(decision, "smaller than half the fretboard's width; at least " + mm(half));
    }
  }

  private void thickness(FretLayout frets) {
    double least = of(Decisions.FRETBOARD_THICKNESS) + 3;
    for (NumberDecision thickness : List.of(Decisions.THICKNESS_1, Decisions.THICKNESS_12)) {
      if (of(thickness) < least) {
        add(thickness, "leaves under 3 mm of neck below the fretboard; at least " + mm(least));
      }
    }
    double slope =
        (of(Decisions.THICKNESS_12) - of(Decisions.THICKNESS_1)) / (frets.octave() - frets.at(1));
    if (Math.abs(slope) > 0.1) {
      add(
          Decisions.THICKNESS_12,
          "too far from the thickness at fret 1: the back would slope by more than 1 in 10");
    }
  }

  private void head() {
    double theta = Math.toRadians(of(Decisions.HEAD_ANGLE));
    if (of(Decisions.HEAD_ANGLE) < HeadLine.FLAT) {
      return;
    }
    if (of(Decisions.HEAD_THICKNESS) > of(Decisions.SHAFT_THICKNESS)) {
      add(
          Decisions.HEAD_THICKNESS,
          "thicker than the shaft that it is sawn from; at most "
              + mm(of(Decisions.SHAFT_THICKNESS)));
    }
    double bevel = of(Decisions.SHAFT_THICKNESS) / Math.sin(theta);
    if (!givens.get(Decisions.SCARF_SCHOOL).underFretboard()
        && bevel >= of(Decisions.HEAD_LENGTH)) {
      add(
          Decisions.HEAD_LENGTH,
          "shorter than the bevel of " + mm(bevel) + " that is to be its first part");
    } else if (bevel - HeadLine.of(givens).nutThickness().value() > of(Decisions.JOINT_X)) {
      add(Decisions.HEAD_ANGLE, "so flat that the scarf would reach into the body");
    }
  }

  /** A blank that is sawn in two and is all kerf. */
  private void halved() {
    boolean halved =
        givens.design().neckSteps().stream().anyMatch(s -> s.kind() == BlankStep.Kind.TURNED);
    double width = 0;
    for (int i = 1; i <= givens.design().neckStack().size(); i++) {
      width += of(PartDecisions.stripThickness(i));
    }
    double lost = of(Decisions.SAW_KERF) + 2 * of(BlankDecisions.SAW_ALLOWANCE);
    if (halved && lost >= width) {
      add(
          Decisions.SAW_KERF,
          "halving the blank with a loss of "
              + mm(lost)
              + " leaves nothing of its "
              + mm(width)
              + "; a thinner saw, or don't turn a half");
    }
  }

  private void heel() {
    if (of(Decisions.HEEL_END) < of(Decisions.JOINT_X) + 10) {
      add(
          Decisions.HEEL_END,
          "must lie behind the body's edge; at least " + mm(of(Decisions.JOINT_X) + 10));
    }
  }

  /** A channel deeper than the carved neck, or stiffeners that run out of its side or end. */
  private void channels(NeckShape neck) {
    double thinnest = Double.POSITIVE_INFINITY;
    double from = Math.max(0, of(Decisions.ROD_START));
    double to = Math.min(of(Decisions.HEEL_END), from + of(Decisions.ROD_LENGTH));
    for (double x : new double[] {from, neck.back().straightFrom(), to}) {
      thinnest = Math.min(thinnest, neck.profile(Math.max(from, Math.min(to, x))).depth());
    }
    if (of(Decisions.ROD_DEPTH) >= thinnest) {
      add(
          Decisions.ROD_DEPTH,
          "deeper than the carved neck, which is " + mm(thinnest) + " there; under that");
    }
    cutter(NeckDecisions.CHANNEL_CUTTER, Decisions.ROD_WIDTH, "rod's");
    if (of(NeckDecisions.STIFFENERS) < 2) {
      return;
    }
    cutter(NeckDecisions.STIFFENER_CUTTER, NeckDecisions.STIFFENER_WIDTH, "stiffener's");
    double room = of(Decisions.HEEL_END) - of(NeckDecisions.STIFFENER_START);
    if (of(NeckDecisions.STIFFENER_LENGTH) > room) {
      add(
          NeckDecisions.STIFFENER_LENGTH,
          "longer than the neck behind its start; at most " + mm(room));
    }
    double screws = of(FretboardDecisions.NUT_SCREWS);
    if (givens.get(FretboardDecisions.NUT_KIND) == NutKind.LOCKING
        && of(NeckDecisions.STIFFENER_START) < screws) {
      add(NeckDecisions.STIFFENER_START, "meets the lock's screws; at least " + mm(screws));
    }
    double side =
        neck.halfWidth(of(NeckDecisions.STIFFENER_START)) - of(NeckDecisions.STIFFENER_WIDTH) / 2;
    if (of(NeckDecisions.STIFFENER_HEAD) >= side) {
      add(NeckDecisions.STIFFENER_HEAD, "comes out of the neck's side; under " + mm(side));
    }
  }

  /** A channel comes out no narrower than what cuts it. */
  private void cutter(NumberDecision cutter, NumberDecision channel, String whose) {
    if (of(cutter) > of(channel) + 0.01) {
      add(cutter, "wider than the " + whose + " channel; at most " + mm(of(channel)));
    }
  }

  /** A reading from nut to octave that can't be of this neck; it doesn't count then. */
  private void octave(FretLayout frets) {
    double octave = of(StringDecisions.NUT_TO_OCTAVE);
    if (octave > 0 && !Fan.ofThisNeck(2 * octave, Fan.drawn(givens))) {
      add(
          StringDecisions.NUT_TO_OCTAVE,
          "can't be of this neck, whose octave fret is drawn at "
              + mm(Fan.drawn(givens) / 2)
              + "; it doesn't count");
    }
  }

  /** Scales too short for anything, or with their longer side at the treble. */
  private void scales(FretLayout frets) {
    for (NumberDecision scale : List.of(StringDecisions.SCALE_BASS, StringDecisions.SCALE_TREBLE)) {
      if (of(scale) > 0 && of(scale) < Decisions.SCALE_LENGTH.least()) {
        add(scale, "too short; at least " + mm(Decisions.SCALE_LENGTH.least()) + ", or 0");
      }
    }
    if (frets.fan().treble() > frets.fan().bass()) {
      add(
          StringDecisions.SCALE_TREBLE,
          "longer than the bass side; at most " + mm(frets.fan().bass()));
    }
    double end = frets.last().x() + of(Decisions.FRETBOARD_PAST_LAST);
    if (end >= frets.scale().value() - 10) {
      double room = frets.scale().value() - 10 - frets.last().x();
      add(
          Decisions.FRETBOARD_PAST_LAST,
          "the fretboard would reach the saddle; at most " + mm(Math.max(0, room)));
    }
    if (of(Decisions.JOINT_X) >= frets.scale().value() - 20) {
      add(Decisions.JOINT_X, "beyond the saddle line; at most " + mm(frets.scale().value() - 20));
    }
  }

  /** An outline whose edge crosses itself, or of a size that no body has. */
  private void outline(BodyOutline outline) {
    outline
        .crossing()
        .ifPresent(
            p ->
                found.impossible(
                    givens.design().drawn().isPresent() ? "outline.turn" : crossed(),
                    "the outline crosses itself "
                        + mm(p.x())
                        + " from the nut line and "
                        + mm(Math.abs(p.y()))
                        + " to the "
                        + (p.y() < 0 ? "bass" : "treble")
                        + " side"));
    givens
        .design()
        .drawn()
        .filter(d -> d.open() > 0)
        .ifPresent(
            d ->
                found.impossible(
                    SurfaceDecisions.OUTLINE_TURN.id(),
                    "the path in "
                        + d.source()
                        + " is open: its ends are "
                        + mm(d.open())
                        + " apart, and a straight line closes it"));
    if (givens.design().drawn().isPresent()) {
      double length = outline.bounds().width();
      if (length < 150 || length > 900) {
        found.impossible(
            SurfaceDecisions.OUTLINE_SCALE.id(),
            "the drawn outline is "
                + mm(length)
                + " long: was it drawn in "
                + (length < 150 ? "inches, 25.4 times as large?" : "another unit?"));
      }
    }
  }

  /** The first point of our own curve that was moved, or else its length. */
  private String crossed() {
    return givens.design().numbers().entrySet().stream()
        .filter(e -> e.getKey().startsWith("outline.") && e.getValue() != 0)
        .filter(e -> e.getKey().matches("outline\\.(bass|treble)\\..*"))
        .map(java.util.Map.Entry::getKey)
        .findFirst()
        .orElse("body.length");
  }

  /** A bridge whose travel can't hold the compensation. */
  private void bridge(Bridge bridge) {
    if (!bridge.possible()) {
      add(StringDecisions.BRIDGE, bridge.trouble());
    }
  }

  /** A bore that never meets the head's face. */
  private void access(NeckDetails details) {
    details
        .keyWay()
        .flatMap(RodAccess::trouble)
        .ifPresent(words -> add(NeckDecisions.ROD_REACH, words));
    if (givens.get(NeckDecisions.ROD_REACH) != RodReach.HEAD_BORE) {
      return;
    }
    HeadLine head = HeadLine.of(givens);
    if (!AccessBore.meets(head, givens)) {
      double tilt = Math.ceil(2 * (LEAST_FALL - Math.toDegrees(head.theta()))) / 2;
      add(
          NeckDecisions.ACCESS_TILT,
          "the bore never meets the head's face; tilt the drill by at least "
              + fixed(tilt, 1)
              + "°, or work the rod from elsewhere");
    }
  }

  private void rod() {
    double room = of(Decisions.HEEL_END) - of(Decisions.ROD_START);
    if (of(Decisions.ROD_LENGTH) > room) {
      add(Decisions.ROD_LENGTH, "longer than the neck behind its start; at most " + mm(room));
    }
    double width = Math.min(of(Decisions.NUT_WIDTH), of(Decisions.FRETBOARD_END_WIDTH));
    if (of(Decisions.ROD_WIDTH) >= width) {
      add(Decisions.ROD_WIDTH, "wider than the neck; under " + mm(width));
    }
  }
}
