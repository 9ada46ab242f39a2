package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.design.NeckDecisions;
import roughcut.finding.Message;
import roughcut.geometry.Bounds;
import roughcut.geometry.Box;
import roughcut.geometry.ClosestApproach;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Shapes;
import roughcut.geometry.Solid;
import roughcut.measure.Precision;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;

/**
 * Channels and ground wires: a straight bore from one cut to another, or a channel routed from
 * above before the top goes on (handbook page 6, "Channels").
 */
final class Wires {
  /** How far a bore goes into what it leads to, mm. */
  private static final double INTO = 1;

  /** Two wires side by side with their sleeves want such a depth, mm. */
  private static final double WIRES = 3;

  /** A channel that can't be is drawn so deep, mm. */
  private static final double SLIVER = 0.5;

  private final CutBuilder builder;

  Wires(CutBuilder builder) {
    this.builder = builder;
  }

  void channel(Fitting fitting) {
    Optional<Cut> from = end(fitting, 0);
    Optional<Cut> to = end(fitting, 1);
    if (from.isEmpty() || to.isEmpty()) {
      builder.addProblem(
          fitting.id("kind"),
          Message.of(Text.of("{fitting} leads from and to nothing yet.", fitting.words().capital()))
              .fix(Text.of("Choose the two cuts that it joins.")),
          new Point(builder.surface.from(), 0));
      return;
    }
    if (from.get().name().equals(to.get().name())) {
      builder.addProblem(
          fitting.id("kind"),
          Message.of(
                  Text.of(
                      "{fitting} leads from the {name} to itself.",
                      fitting.words().capital(),
                      from.get().words()))
              .fix(Text.of("Choose another cut at one end.")),
          middle(from.get()));
      return;
    }
    double radius = builder.value(fitting, "diameter") / 2;
    Point a = middle(from.get());
    Point b = middle(to.get());
    double far = Math.max(Precision.NEAR, a.distance(b));
    double aside = builder.value(fitting, "aside");
    Point square = new Point(-(b.y() - a.y()) / far * aside, (b.x() - a.x()) / far * aside);
    a = a.plus(square.x(), square.y());
    b = b.plus(square.x(), square.y());
    double za = depth(fitting, "from-depth", from.get(), radius);
    double zb = depth(fitting, "to-depth", to.get(), radius);
    double leaves = share(from.get(), za, a, b, true);
    double enters = share(to.get(), zb, a, b, false);
    if (enters <= leaves) {
      builder.addProblem(
          fitting.id("kind"),
          Message.of(
                  Text.of(
                      "{fitting} can't be drilled: the {one} meets the {other}.",
                      fitting.words().capital(),
                      from.get().words(),
                      to.get().words()))
              .fix(Text.of("They are open to each other already: remove the channel.")),
          a);
      return;
    }
    double run = far * (enters - leaves);
    double into = Math.min(INTO, run) / far;
    Point p = a.towards(b, leaves - into);
    Point q = a.towards(b, enters + into);
    if (fitting.listed().routedOpen()) {
      routed(fitting, from.get(), to.get(), p, q, Math.min(za, zb), radius);
    } else {
      bored(
          fitting,
          from.get(),
          to.get(),
          new Point3(p.x(), p.y(), za),
          new Point3(q.x(), q.y(), zb),
          radius,
          far * leaves);
    }
  }

  private Optional<Cut> end(Fitting fitting, int i) {
    return fitting.with().size() > i ? builder.cut(fitting.with().get(i)) : Optional.empty();
  }

  private static Point middle(Cut cut) {
    Bounds b =
        cut.steps().isEmpty()
            ? cut.shapes().get(cut.shapes().size() - 1).bounds()
            : cut.steps().get(cut.steps().size() - 1).bounds();
    return new Point((b.left() + b.right()) / 2, (b.low() + b.high()) / 2);
  }

  /**
   * Share of the way from a to b at which the line leaves the first cut, or enters the second: at
   * the wall that stands at its depth, not at a cover's wider seat over it.
   */
  private static double share(Cut cut, double z, Point a, Point b, boolean leaving) {
    double share = leaving ? 0 : 1;
    for (Outline outline : at(cut, z)) {
      for (double t : outline.crossings(a, b)) {
        share = leaving ? Math.max(share, t) : Math.min(share, t);
      }
    }
    return share;
  }

  /** What is seen from above of a cut at a depth; of all of it where it isn't so deep. */
  private static List<Outline> at(Cut cut, double z) {
    List<Outline> there = new ArrayList<>();
    for (RoutStep step : cut.steps()) {
      for (int i = 0; i < step.shapes().size(); i++) {
        Box box = step.solids().get(Math.min(i, step.solids().size() - 1)).box();
        if (z >= box.z0() - Precision.NEAR && z <= box.z1() + Precision.NEAR) {
          there.add(step.shapes().get(i));
        }
      }
    }
    return there.isEmpty() ? cut.shapes() : there;
  }

  /** The axis below the top: as decided, or just inside the cut's floor. */
  private double depth(Fitting fitting, String trait, Cut cut, double radius) {
    double decided = builder.value(fitting, trait);
    if (decided > 0) {
      return decided;
    }
    // A pickup's bed, not the deeper legs beside it.
    Box box = cut.kind() == CutKind.PICKUP ? bed(cut) : cut.box();
    return cut.from().opens(BodyFace.BACK)
        ? box.z0() + radius + INTO
        : Math.max(radius + 0.5, box.z1() - radius - INTO);
  }

  private static Box bed(Cut pickup) {
    return pickup.steps().get(0).solids().get(0).box();
  }

  private void bored(
      Fitting fitting, Cut from, Cut to, Point3 a, Point3 b, double radius, double run) {
    Value flat =
        SearchedValue.of(
            fitting.id("run"),
            Text.of("Length seen from above"),
            a.flat().distance(b.flat()),
            FINE_LENGTH,
            Text.of("found between the routs that it joins"),
            builder.trackedSoFar());
    Value fall =
        SearchedValue.of(
            fitting.id("fall"),
            Text.of("Fall"),
            b.z() - a.z(),
            FINE_LENGTH,
            Text.of("found between the routs that it joins"),
            builder.trackedSoFar());
    Value tilt =
        builder.registry.put(
            fitting.id("angle"),
            Text.of("{title}, angle below level", fitting.title()),
            ANGLE,
            "atan2(f, l)",
            in("f", fall),
            in("l", flat));
    builder.registry.put(
        fitting.id("length"),
        Text.of("{title}, drilled length", fitting.title()),
        LENGTH,
        "√(l^2 + f^2)",
        in("l", flat),
        in("f", fall));
    Value room =
        SearchedValue.of(
            fitting.id("start-room"),
            Text.of("Room in the rout that it starts from"),
            Math.max(1, run * 2),
            LENGTH,
            Text.of("found between the routs that it joins"),
            builder.trackedSoFar());
    Value deep =
        SearchedValue.of(
            fitting.id("start-depth"),
            Text.of("Axis below the top there"),
            a.z(),
            LENGTH,
            Text.of("found between the routs that it joins"),
            builder.trackedSoFar());
    Value wide = builder.get(fitting, "diameter");
    builder.registry.put(
        fitting.id("entry"),
        Text.of("{title}, angle at which a bit from that rout clears its far rim", fitting.title()),
        ANGLE,
        "atan((z + D / 2) / r)",
        in("z", deep),
        in("D", wide),
        in("r", room));
    Cut channel =
        builder.add(
            cut(
                fitting,
                CutKind.WIRE,
                CutFrom.INSIDE,
                List.of(),
                List.of(new Cylinder(a, b, radius)),
                from,
                to));
    meets(fitting, channel, from);
    meets(fitting, channel, to);
    if (Math.abs(b.z()) + radius > builder.thickness().value()
        || a.z() + radius > builder.thickness().value()) {
      builder.addProblem(
          fitting.id("to-depth"),
          Message.of(Text.of("{fitting} comes out through the back.", fitting.words().capital()))
              .fix(Text.of("Make its end less deep.")),
          b.flat());
    }
  }

  private void routed(
      Fitting fitting, Cut from, Cut to, Point p, Point q, double z, double radius) {
    double cap = builder.cap();
    if (cap == 0) {
      builder.addProblem(
          fitting.id("kind"),
          Message.of(
                  Text.of("{fitting} is routed, and nothing covers it.", fitting.words().capital()))
              .why(Text.of("A body without a top shows the channel."))
              .fix(Text.of("Drill it instead, or add a top.")),
          p);
    }
    Value under = builder.glueFace(cap);
    Value floor =
        SearchedValue.of(
            fitting.id("floor-z"),
            Text.of("Its floor below the top"),
            z + radius,
            LENGTH,
            Text.of("found between the routs that it joins"),
            builder.trackedSoFar());
    Value depth =
        builder.depth(
            fitting.id("depth"),
            fitting.name(),
            fitting.title(),
            "f − c",
            in("f", floor),
            in("c", under));
    Value base = builder.inputs.get(NeckDecisions.JIG_BASE);
    Value wide = builder.get(fitting, "diameter");
    builder.registry.put(
        fitting.id("near-rail"),
        Text.of("{title}, rail to near wall", fitting.title()),
        LENGTH,
        "b − D / 2",
        in("b", base),
        in("D", wide));
    builder.registry.put(
        fitting.id("far-rail"),
        Text.of("{title}, rail to far wall", fitting.title()),
        LENGTH,
        "b + D / 2",
        in("b", base),
        in("D", wide));
    if (cap > 0 && depth.value() < WIRES - Precision.NEAR) {
      builder.addProblem(
          fitting.id("from-depth"),
          Message.of(
                  depth.value() <= 0
                      ? Text.of("{channel} would be inside the top.", fitting.words().capital())
                      : Text.of(
                          "{channel} is too shallow for its wires.", fitting.words().capital()))
              .why(
                  Text.of(
                      "Its floor is {floor} deep, and the underside of the top {cap}.",
                      Text.length(z + radius, 1),
                      Text.length(cap, 1)))
              .fix(
                  Text.of(
                      "Put its middle at least {least} deep, and what it joins deeper than that.",
                      Text.length(cap + WIRES - radius, 1))),
          p);
    }
    Outline shape = Shapes.slot(p, q, radius);
    // Told above; here it stays a solid.
    Prism solid = new Prism(shape.corners(), cap, cap + Math.max(SLIVER, depth.value()), 0);
    builder.floorUnder(under, fitting.name(), fitting.words(), depth);
    Cut channel =
        builder.add(
            cut(
                fitting,
                CutKind.CHANNEL,
                CutFrom.TOP,
                List.of(
                    new RoutStep(fitting.name(), List.of(shape), depth, List.of(solid), radius)),
                List.of(),
                from,
                to));
    meets(fitting, channel, from);
    meets(fitting, channel, to);
  }

  /** A channel that passes beside, over or under what it should lead to carries no wire. */
  private void meets(Fitting fitting, Cut channel, Cut end) {
    double gap = Double.POSITIVE_INFINITY;
    for (Solid a : channel.solids()) {
      for (Solid b : end.solids()) {
        gap = Math.min(gap, ClosestApproach.of(a, b).distance());
      }
    }
    if (gap > Precision.NEAR) {
      builder.addProblem(
          fitting.id("from-depth"),
          Message.of(
                  Text.of(
                      "{fitting} misses the {end} by {gap}.",
                      fitting.words().capital(),
                      end.words(),
                      Text.length(gap, 1)))
              .why(Text.of("No wire gets through."))
              .fix(Text.of("Reduce its sideways shift, or change the depth.")),
          middle(end));
    }
  }

  private Cut cut(
      Fitting fitting,
      CutKind kind,
      CutFrom way,
      List<RoutStep> steps,
      List<Cylinder> bores,
      Cut from,
      Cut to) {
    return new Cut(
        fitting.name(),
        fitting.words(),
        kind,
        way,
        steps,
        bores,
        Set.of(from.name(), to.name()),
        List.of(
            fitting.id("from-depth"),
            fitting.id("to-depth"),
            fitting.id("aside"),
            fitting.id("diameter")),
        false);
  }
}
