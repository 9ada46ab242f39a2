package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roughcut.body.BodySurface;
import roughcut.design.BodyFace;
import roughcut.design.CutName;
import roughcut.design.Fitting;
import roughcut.design.RoutDecisions;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Shapes;
import roughcut.measure.Precision;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.part.BodyState;

/**
 * How single controls sit in the top: the hole for shaft or lever, a recess round it where the top
 * is too thick or not level, the thread that is left for washer and nut, the room behind (handbook
 * page 6, "Controls and plates").
 */
final class ControlSeats {
  /** A slot as long as it is wide is still one, mm. */
  private static final double OPEN = 1e-3;

  private static final double KNOB_HEIGHT = 15;

  /** Of a body's own corners, mm. */
  private static final double SHARP = 1;

  /** Screws of a switch go through the top, mm. */
  private static final double SCREW = 3.2;

  /** Places round a washer at which the top is looked at. */
  private static final int ROUND = 24;

  /** Less than this taken off a top is nothing, mm. */
  private static final double LEVEL = 0.05;

  private static final double NO_RECESS = Double.NEGATIVE_INFINITY;

  private static final Value WASHER =
      TableValue.of(
          "control.washer-and-nut",
          Text.of("Washer and nut thickness"),
          3.5,
          LENGTH,
          Text.of("common control hardware"));

  private final CutBuilder builder;

  ControlSeats(CutBuilder builder) {
    this.builder = builder;
  }

  private Point place(Fitting control) {
    return new Point(builder.value(control, "x"), builder.value(control, "y"));
  }

  /** Whether its body is round, so that it can be turned as it likes. */
  boolean round(Fitting control) {
    return Math.abs(builder.value(control, "length") - builder.value(control, "width"))
        < Precision.TOUCHING;
  }

  /** Its body seen from above. */
  Outline body(Fitting control) {
    double length = builder.value(control, "length");
    return round(control)
        ? Shapes.circle(place(control), length / 2)
        : sized(control, builder.value(control, "width"), length, SHARP);
  }

  /**
   * What has to be cut out for its body to have so much room all round it, by a cutter that leaves
   * round corners: where these are rounder than the room is wide, a body's own corners want it
   * wider, by (corner − room) · (1 − 1 / √2).
   */
  Outline room(Fitting control, double room, double corner) {
    double length = builder.value(control, "length");
    if (round(control)) {
      return Shapes.circle(place(control), Math.max(corner, length / 2 + room));
    }
    double round = Math.max(SHARP, Math.max(corner, room));
    double wider = 2 * (room + (round - room) * (1 - Math.sqrt(0.5)));
    double width = builder.value(control, "width");
    return sized(
        control, Math.max(2 * round, width + wider), Math.max(2 * round, length + wider), round);
  }

  private Outline sized(Fitting control, double width, double length, double corner) {
    return Shapes.rounded(place(control), width, length, corner, builder.value(control, "angle"));
  }

  /** A control that hangs in no cavity: its hole to the middle of the wood, so that it is seen. */
  void loose(Fitting control) {
    hole(control, Set.of(), builder.thickness().value() / 2, NO_RECESS);
  }

  /** Seats a control in its cavity. */
  void seat(Fitting control, Fitting cavity, BodyFace face, Value floor, Value depth, Value cover) {
    Point at = place(control);
    double plane = builder.surface.topPlane(at.x());
    Value height = builder.get(control, "height");
    if (face == BodyFace.BACK) {
      double lost = builder.surface.at(BodyFace.TOP, at.x(), at.y());
      double left = throughTop(control, floor, lost - plane);
      now(control, floor, at);
      builder.registry.put(
          control.id("room"),
          Text.of("{title}, room behind it in the cavity", control.title()),
          LENGTH,
          "d − c − h",
          in("d", depth),
          in("c", cover),
          in("h", height));
      double recess = builder.value(control, "recess");
      double ceiling = lost + recess + left;
      hole(control, Set.of(cavity.name()), ceiling, recess > 0 ? lost + recess : NO_RECESS);
      inside(control, ceiling, ceiling + height.value());
    } else {
      builder.registry.put(
          control.id("room"),
          Text.of("{title}, room under it in the cavity", control.title()),
          LENGTH,
          "d − h",
          in("d", depth),
          in("h", height));
      inside(control, plane, plane + height.value());
    }
    knob(control, plane);
  }

  /** What is left of the top at its shaft, and whether its thread reaches through. */
  private double throughTop(Fitting control, Value floor, double lost) {
    Value carved =
        SearchedValue.of(
            control.id("carved"),
            Text.of("Carved or contoured off there"),
            lost,
            LENGTH,
            Text.of("found on the finished top"),
            builder.surface.heights().and(builder.trackedSoFar()));
    Value recess = builder.get(control, "recess");
    if (Math.abs(carved.value()) < LEVEL && Math.abs(recess.value()) < LEVEL) {
      builder.levelTops.add(control.name());
    }
    Value left =
        builder.registry.put(
            control.id("top-left"),
            Text.of("{title}, top left over the cavity", control.title()),
            LENGTH,
            "f − c − r",
            in("f", floor),
            in("c", carved),
            in("r", recess));
    if (builder.entered(RoutKeys.CONTROL_TOP_LEFT.id()).isEmpty()) {
      builder.registry.put(RoutKeys.CONTROL_TOP_LEFT, "f", in("f", left));
    }
    if (!builder.surface.flat()) {
      builder.registry.find(
          control.id("recess-least"),
          Text.of("{title}, recess so that its washer lies flat", control.title()),
          FINE_LENGTH,
          leastRecess(control),
          Text.of(
              "found as the lowest point of the top under its washer, below the top at its shaft"),
          builder.surface.heights().and(builder.trackedSoFar()));
    }
    Value bushing = builder.get(control, "bushing");
    if (bushing.value() > 0) {
      builder.registry.put(
          control.id("bushing-spare"),
          Text.of("{title}, thread left beyond washer and nut", control.title()),
          LENGTH,
          "b − w − t − f",
          in("b", bushing),
          in("w", WASHER),
          in("t", builder.inputs.get(RoutDecisions.FILM)),
          in("f", left));
    }
    return left.value();
  }

  /** What is left of the top there now, where some of it is still to come off. */
  private void now(Fitting control, Value floor, Point at) {
    BodySurface now = builder.surfaceNow;
    double plane = now.topPlane(at.x());
    if (builder.state.isFinished()) {
      return;
    }
    builder.registry.put(
        BodyState.now(control.id("top-left")),
        Text.of("{title}, top over the cavity now", control.title()),
        LENGTH,
        "f + s − c − r",
        in("f", floor),
        in("s", builder.state.over(BodyFace.TOP)),
        in(
            "c",
            SearchedValue.of(
                BodyState.now(control.id("carved")),
                Text.of("Carved or contoured off there by now"),
                now.at(BodyFace.TOP, at.x(), at.y()) - plane,
                LENGTH,
                Text.of("found on the top as it is now"),
                now.heights().and(builder.trackedSoFar()))),
        in("r", builder.get(control, "recess")));
  }

  /** How much lower the top is somewhere under the washer than at the shaft, mm. */
  private double leastRecess(Fitting control) {
    Point at = place(control);
    double here = builder.surface.at(BodyFace.TOP, at.x(), at.y());
    double lowest = here;
    double radius = builder.value(control, "recess-diameter") / 2;
    for (int i = 0; i < ROUND; i++) {
      double turn = 2 * Math.PI * i / ROUND;
      Point p = at.plus(radius * Math.cos(turn), radius * Math.sin(turn));
      lowest = Math.max(lowest, builder.surface.at(BodyFace.TOP, p.x(), p.y()));
    }
    return lowest - here;
  }

  /**
   * The hole in the top: round for a shaft; a slot with its two screws for a lever.
   *
   * @param to z where it ends
   * @param recessed z of a recess's floor; above the top for none
   */
  private void hole(Fitting control, Set<String> joins, double to, double recessed) {
    Point at = place(control);
    double from = builder.surface.topPlane(at.x());
    double end = Math.max(from + 0.5, to);
    double slot = builder.value(control, "slot");
    List<Cylinder> bores = new ArrayList<>();
    if (recessed > from) {
      bores.add(bore(at, from, recessed, builder.value(control, "recess-diameter")));
    }
    if (slot > 0) {
      screws(control, joins, from, end);
      slot(control, joins, slot, end - from, bores);
      return;
    }
    double below = Math.max(from, recessed);
    if (below < end - Precision.TOUCHING) {
      bores.add(bore(at, below, end, builder.value(control, "shaft")));
    }
    add(control, CutKind.SHAFT, control.name(), control.words(), List.of(), bores, joins);
  }

  private static Cylinder bore(Point at, double from, double to, double diameter) {
    return new Cylinder(
        new Point3(at.x(), at.y(), from), new Point3(at.x(), at.y(), to), diameter / 2);
  }

  /** So far from its middle along its length, to one side or the other. */
  private Point along(Fitting control, double by) {
    double turn = Math.toRadians(builder.value(control, "angle"));
    return place(control).plus(-by * Math.sin(turn), by * Math.cos(turn));
  }

  private void slot(
      Fitting control, Set<String> joins, double length, double deep, List<Cylinder> bores) {
    double half = Math.max(0, length - builder.value(control, "shaft")) / 2;
    double radius = builder.value(control, "shaft") / 2;
    Value through =
        SearchedValue.of(
            control.id("through"),
            Text.of("Wood there"),
            deep,
            LENGTH,
            Text.of("found on the finished body"),
            builder.surface.heights().and(builder.trackedSoFar()));
    Value depth =
        builder.depth(
            control.id("slot-depth"),
            control.name(),
            Text.of("{title}, slot", control.title()),
            "w",
            in("w", through));
    Value whole = builder.get(control, "slot");
    Value width = builder.get(control, "shaft");
    builder.registry.put(
        control.id("slot-bores"),
        Text.of("{title}, distance between the holes at its slot ends", control.title()),
        FINE_LENGTH,
        "max(0, l − w)",
        in("l", whole),
        in("w", width));
    RoutStep step =
        builder.step(
            control.name(),
            BodyFace.TOP,
            List.of(Shapes.slot(along(control, -half - OPEN), along(control, half), radius)),
            depth,
            radius);
    add(control, CutKind.SLOT, control.name(), control.words(), List.of(step), bores, joins);
  }

  private void screws(Fitting control, Set<String> joins, double from, double to) {
    double apart = builder.value(control, "screws-apart");
    for (int side : apart > 0 ? new int[] {-1, 1} : new int[0]) {
      add(
          control,
          CutKind.SCREW,
          CutName.screws(control.name()) + (side < 0 ? "-1" : "-2"),
          Text.of("{control}'s screw {number}", control.words(), side < 0 ? 1 : 2),
          List.of(),
          List.of(bore(along(control, side * apart / 2), from, to, SCREW)),
          joins);
    }
  }

  private void add(
      Fitting control,
      CutKind kind,
      String name,
      Text words,
      List<RoutStep> steps,
      List<Cylinder> bores,
      Set<String> joins) {
    builder.add(
        new Cut(
            name,
            words,
            kind,
            CutFrom.TOP,
            steps,
            bores,
            joins,
            List.of(control.id("x"), control.id("y"), control.id("shaft")),
            builder.listed(control)));
  }

  private void inside(Fitting control, double from, double to) {
    Outline shape = body(control);
    builder.add(
        new HardwareSolid(
            control.name(),
            control.words(),
            control.name(),
            new Prism(shape.corners(), from, to, 0),
            shape,
            false));
  }

  private void knob(Fitting control, double plane) {
    double knob = builder.value(control, "knob");
    if (knob > 0) {
      Point at = place(control);
      builder.add(
          new HardwareSolid(
              control.name() + "-knob",
              Text.of("{control}'s knob", control.words()),
              control.name(),
              new Cylinder(
                  new Point3(at.x(), at.y(), plane - Precision.TOUCHING),
                  new Point3(at.x(), at.y(), plane - KNOB_HEIGHT),
                  knob / 2),
              Shapes.circle(at, knob / 2),
              true));
    }
  }
}
