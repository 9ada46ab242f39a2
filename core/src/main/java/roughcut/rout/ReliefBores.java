package roughcut.rout;

import static roughcut.measure.ComputedValue.in;

import java.util.ArrayList;
import java.util.List;
import roughcut.body.BodySurface;
import roughcut.design.BodyFace;
import roughcut.design.RoutDecisions;
import roughcut.finding.Message;
import roughcut.geometry.Bounds;
import roughcut.geometry.Box;
import roughcut.geometry.ClosestApproach;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Shapes;
import roughcut.geometry.Solid;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.Quantity;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;

/**
 * Relief bores that the program places: on a staggered grid, clear of everything that is cut and of
 * the edge, from the body's end forwards, until the body is as light as it shall be or no place is
 * left.
 *
 * @param count how many were placed
 * @param wanted what they were to take away, g
 * @param met whether they do
 */
record ReliefBores(Value count, Value wanted, boolean met) {
  /** More bores than this nobody makes by hand. */
  static final int MOST_BORES = 120;

  /** Wood that stays over and under a bore where there is so much in the flat body, mm. */
  private static final double COVER = 3;

  private static final double UNDER = 5;

  /** More places than this aren't looked at: an outline of many metres is none of a body. */
  private static final int MOST_PLACES = 20_000;

  /**
   * Places them.
   *
   * @param over what the body weighs over its target, g
   * @param mass what the body's mass hangs on
   * @param density of the wood that is bored, kg/m³
   */
  static ReliefBores of(CutBuilder builder, double over, Provenance mass, double density) {
    Value diameter = builder.inputs.get(RoutDecisions.RELIEF_DIAMETER);
    Value left = builder.inputs.get(RoutDecisions.RELIEF_LEFT);
    double cap = builder.cap();
    double floor = builder.thickness().value() - left.value();
    double taken = 0;
    int placed = 0;
    double each =
        Math.PI
            * diameter.value()
            * diameter.value()
            / 4
            * Math.max(0, floor - cap)
            * density
            / 1e6;
    if (over > 0 && cap > 0 && each > 0) {
      int enough = (int) Math.min(MOST_BORES, Math.ceil(over / each));
      for (Point at : free(builder, diameter.value(), cap, floor, enough)) {
        placed++;
        taken += each;
        builder.add(
            PlainBores.reliefCut(
                "relief-" + placed,
                Text.of("relief hole {placed}", placed),
                at,
                cap,
                floor,
                diameter.value(),
                RoutDecisions.RELIEF_CLEAR.id(),
                RoutDecisions.RELIEF_LEFT.id(),
                RoutDecisions.RELIEF_EDGE.id()));
      }
    }
    Value target = builder.inputs.get(RoutDecisions.MASS_TARGET);
    if (over > 0 && cap == 0) {
      builder.addProblem(
          target.id(),
          Message.of(Text.of("Relief holes need a top that covers them."))
              .fix(Text.of("Add a top, or set no target weight.")),
          new Point(builder.surface.to(), 0));
    } else if (over > taken + 0.5 && placed == MOST_BORES) {
      builder.addProblem(
          target.id(),
          Message.of(
                  Text.of(
                      "{most} relief holes still leave it {round} too heavy.",
                      MOST_BORES,
                      Text.shown(Math.round(over - taken), Quantity.MASS)))
              .why(Text.of("More of them are never planned."))
              .fix(Text.of("Use wider ones, which remove more each.")),
          new Point(builder.surface.to(), 0));
    } else if (over > taken + 0.5) {
      builder.addProblem(
          target.id(),
          Message.of(
                  Text.of(
                      "All the relief holes that fit still leave it {round} too heavy.",
                      Text.shown(Math.round(over - taken), Quantity.MASS)))
              .fix(Text.of("Use lighter wood, or a thinner body.")),
          new Point(builder.surface.to(), 0));
    }
    return new ReliefBores(
        builder.registry.find(
            RoutKeys.RELIEF_COUNT,
            placed,
            Text.of("found by placing them clear of everything until the target is met"),
            builder.everything().and(mass).with(diameter, left, target)),
        builder.registry.put(
            RoutKeys.RELIEF_WANTED,
            "max(0, o)",
            in(
                "o",
                SearchedValue.of(
                    RoutKeys.RELIEF_OVER,
                    over,
                    Text.of("found from the body’s mass and its target"),
                    builder.everything().and(mass).with(target)))),
        taken >= over - 0.5);
  }

  /**
   * What a bore is and how far it keeps from what, mm.
   *
   * @param cap where it begins, below the top
   * @param floor where it ends
   * @param left from there to the flat back
   * @param clear of everything else that is cut
   * @param edge of the body's edge
   */
  private record Bore(
      double radius, double cap, double floor, double left, double clear, double edge) {
    Cylinder at(Point at) {
      return new Cylinder(
          new Point3(at.x(), at.y(), cap), new Point3(at.x(), at.y(), floor), radius);
    }
  }

  /** A solid that is taken already, with the box round it. */
  private record Taken(Solid solid, Box box) {}

  /** Free places from the body's end forwards, so many at most. */
  private static List<Point> free(
      CutBuilder builder, double diameter, double cap, double floor, int enough) {
    Bore bore =
        new Bore(
            diameter / 2,
            cap,
            floor,
            builder.thickness().value() - floor,
            builder.inputs.get(RoutDecisions.RELIEF_CLEAR).value(),
            builder.inputs.get(RoutDecisions.RELIEF_EDGE).value());
    BodySurface surface = builder.surface;
    // Most edits leave the faces alone, and what lies in the wood is the quicker question.
    List<Point> covered =
        builder.memo.block(
            List.of("relief places", bore), List.of(surface), () -> covered(surface, bore));
    List<Taken> solids = new ArrayList<>();
    builder.cuts().forEach(c -> c.solids().forEach(s -> solids.add(new Taken(s, s.box()))));
    return covered.stream().filter(at -> clear(solids, bore, at)).limit(enough).toList();
  }

  /** Places that have wood round, over and under them while nothing is cut. */
  private static List<Point> covered(BodySurface surface, Bore bore) {
    Bounds b = surface.edge().shape().bounds();
    double pitch = 2 * bore.radius + bore.clear;
    double row = pitch * Math.sqrt(3) / 2;
    List<Point> places = new ArrayList<>();
    int rows = (int) Math.min(MOST_PLACES, Math.ceil(b.width() / row));
    int half = (int) Math.min(MOST_PLACES, Math.ceil(b.height() / 2 / pitch) + 1);
    int looked = 0;
    for (int i = 0; i < rows; i++) {
      double x = b.right() - bore.edge - bore.radius - i * row;
      // From the centre line outwards: 0, 1, −1, 2, −2 …
      for (int n = 0; n <= 2 * half; n++) {
        int k = n % 2 == 0 ? -n / 2 : n / 2 + 1;
        Point at = new Point(x, (k + (i % 2) / 2.0) * pitch);
        if (++looked > MOST_PLACES) {
          return places;
        }
        if (covered(surface, bore, at)) {
          places.add(at);
        }
      }
    }
    return places;
  }

  private static boolean covered(BodySurface surface, Bore bore, Point at) {
    if (surface.edge().inside(at) < bore.radius + bore.edge) {
      return false;
    }
    // Of what the finished faces leave over and under it, all that is taken off counts.
    boolean shaped =
        !surface.flat() || surface.roundTop() > bore.edge || surface.roundBack() > bore.edge;
    for (Point p : shaped ? Shapes.circle(at, bore.radius + 1).corners() : List.<Point>of()) {
      double over = bore.cap - surface.at(BodyFace.TOP, p.x(), p.y());
      double under = surface.at(BodyFace.BACK, p.x(), p.y()) - bore.floor;
      if (over < Math.min(bore.cap, COVER) - Precision.NEAR
          || under < Math.min(bore.left, UNDER) - Precision.NEAR) {
        return false;
      }
    }
    return true;
  }

  private static boolean clear(List<Taken> solids, Bore bore, Point at) {
    Cylinder solid = bore.at(at);
    Box box = solid.box();
    for (Taken other : solids) {
      if (box.distance(other.box()) < bore.clear
          && ClosestApproach.of(solid, other.solid()).distance() < bore.clear) {
        return false;
      }
    }
    return true;
  }
}
