package roughcut.plan;

import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.DrawnPart;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingType;
import roughcut.design.NumberDecision;
import roughcut.design.PartDecisions;
import roughcut.geometry.Edge;
import roughcut.geometry.Point;
import roughcut.measure.Text;

/**
 * What dragging something on the body decides: a pickup along the strings and aside, a control or
 * bore to a place, a jack or strap button along the edge, a point of the outline, the body along
 * the neck. Places snap to the string line, to the centre line, and into line with other controls.
 */
final class BodyDrag {
  /** This near, things snap into line, mm. */
  private static final double SNAP = 1.5;

  private BodyDrag() {}

  private static Drag moved(Design design, Text words) {
    return new Drag(Text.of("moving on the body"), design, words);
  }

  /** What can't be dragged stays where it is. */
  private static Drag still(Plan plan, Text words) {
    return moved(plan.build().design(), words);
  }

  /**
   * A cut dragged along by so much, x to the bridge and y to the treble side.
   *
   * @param name of the cut
   */
  static Drag cut(Plan plan, String name, double dx, double dy) {
    Optional<Fitting> fitting = plan.build().design().fitting(name);
    if (fitting.isEmpty()) {
      return still(plan, Text.of("its position follows from other decisions"));
    }
    return switch (fitting.get().type()) {
      case PICKUP -> pickup(plan, fitting.get(), dx, dy);
      case CONTROL, BORE, RELIEF -> placed(plan, fitting.get(), dx, dy);
      case CAVITY -> cavity(plan, fitting.get(), dx, dy);
      case JACK, STRAP -> round(plan, fitting.get(), dx, dy);
      case CHANNEL, PLATE -> still(plan, Text.of("it moves with the part it belongs to"));
    };
  }

  private static double now(Plan plan, NumberDecision decision) {
    return decision.in(plan.build().design());
  }

  private static Drag pickup(Plan plan, Fitting fitting, double dx, double dy) {
    boolean fromSaddle =
        switch (FittingDecisions.locatedFrom(plan.build().design(), fitting)) {
          case SADDLE_LINE -> true;
          case FRETBOARD_END -> false;
        };
    NumberDecision along =
        FittingDecisions.number(fitting, fromSaddle ? "from-saddle" : "from-fretboard");
    NumberDecision aside = FittingDecisions.number(fitting, "aside");
    double x = along.clampedInto(now(plan, along) + (fromSaddle ? -dx : dx));
    double y = now(plan, aside) + dy;
    double snapped = Math.abs(y) < SNAP ? 0 : aside.clampedInto(y);
    Text place =
        Text.of(
            fromSaddle ? "{along} to the saddle line" : "{along} to the fretboard", Drag.shown(x));
    return moved(
        aside.with(along.with(plan.build().design(), x), snapped),
        snapped == 0 ? place : Text.of("{place}, {sideways} sideways", place, Drag.shown(snapped)));
  }

  private static Drag placed(Plan plan, Fitting fitting, double dx, double dy) {
    NumberDecision along = FittingDecisions.number(fitting, "x");
    NumberDecision across = FittingDecisions.number(fitting, "y");
    double x = snapped(plan, fitting, "x", now(plan, along) + dx);
    double y = now(plan, across) + dy;
    y = Math.abs(y) < SNAP ? 0 : snapped(plan, fitting, "y", y);
    x = along.clampedInto(x);
    y = across.clampedInto(y);
    return moved(
        across.with(along.with(plan.build().design(), x), y),
        Text.of("{along} along, {across} across", Drag.shown(x), Drag.shown(y)));
  }

  /** Into line with another of its type, or to equal spacing between its two neighbours. */
  private static double snapped(Plan plan, Fitting fitting, String key, double value) {
    double best = value;
    double nearest = SNAP;
    ToDoubleFunction<Fitting> place =
        f -> FittingDecisions.number(f, key).in(plan.build().design());
    var others =
        plan.build().design().fittings().stream()
            .filter(f -> f.type() == fitting.type() && !f.name().equals(fitting.name()))
            .toList();
    for (Fitting one : others) {
      double at = place.applyAsDouble(one);
      if (Math.abs(at - value) < nearest) {
        nearest = Math.abs(at - value);
        best = at;
      }
      for (Fitting two : others) {
        double middle = (at + place.applyAsDouble(two)) / 2;
        double beyond = 2 * at - place.applyAsDouble(two);
        for (double spaced : one == two ? new double[0] : new double[] {middle, beyond}) {
          if (Math.abs(spaced - value) < nearest) {
            nearest = Math.abs(spaced - value);
            best = spaced;
          }
        }
      }
    }
    return best;
  }

  /** A cavity takes its controls along. */
  private static Drag cavity(Plan plan, Fitting cavity, double dx, double dy) {
    Design design = plan.build().design();
    boolean holds = false;
    for (Fitting control : design.fittings(FittingType.CONTROL)) {
      if (FittingDecisions.holds(design, cavity) && cavity.with().contains(control.name())) {
        holds = true;
        design = shifted(plan, design, control, dx, dy);
      }
    }
    if (holds && DrawnPart.of(cavity).flatMap(design::drawn).isPresent()) {
      design = shifted(plan, design, cavity, dx, dy);
    }
    return holds
        ? moved(
            design, Text.of("with its controls, {along}, {across}", Drag.shown(dx), Drag.shown(dy)))
        : placed(plan, cavity, dx, dy);
  }

  private static Design shifted(Plan plan, Design design, Fitting f, double dx, double dy) {
    NumberDecision x = FittingDecisions.number(f, "x");
    NumberDecision y = FittingDecisions.number(f, "y");
    return y.with(
        x.with(design, x.clampedInto(now(plan, x) + dx)), y.clampedInto(now(plan, y) + dy));
  }

  /** Along the edge, to where it comes nearest. */
  private static Drag round(Plan plan, Fitting fitting, double dx, double dy) {
    NumberDecision round = FittingDecisions.number(fitting, "round");
    Edge edge = plan.body().outline().edge();
    Point now = edge.at(now(plan, round) / 100).at();
    double share = Math.round(edge.share(now.plus(dx, dy)) * 1000) / 10.0;
    return moved(
        round.with(plan.build().design(), Math.max(round.least(), Math.min(round.most(), share))),
        Text.of("{number} % round the edge", Text.fixed(share, 1)));
  }

  /** A point of the curve that is shaped here. */
  static Drag point(Plan plan, Grip.BodyPoint point, double dx, double dy) {
    String side = point.side();
    int number = point.number();
    boolean trebleSide = side.equals("treble") || point.mirrored();
    NumberDecision along = PartDecisions.bodyPoint(side, number, "along");
    NumberDecision out = PartDecisions.bodyPoint(side, number, "out");
    double x = along.clampedInto(now(plan, along) + dx);
    double y = out.clampedInto(now(plan, out) + (trebleSide ? dy : -dy));
    return moved(
        out.with(along.with(plan.build().design(), x), y),
        Text.of(
            "point {number} of the {label} side, {along} along, {out} out",
            number,
            side.toLowerCase(Locale.ROOT),
            Drag.shown(x),
            Drag.shown(y)));
  }

  /** The body dragged along the neck. */
  static Drag joint(Plan plan, double dx) {
    double x = Decisions.JOINT_X.clampedInto(Decisions.JOINT_X.in(plan.build().design()) + dx);
    return moved(
        Decisions.JOINT_X.with(plan.build().design(), x),
        Text.of("body edge at {text}", Drag.shown(x)));
  }
}
