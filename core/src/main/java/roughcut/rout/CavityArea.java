package roughcut.rout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.Fitting;
import roughcut.finding.Message;
import roughcut.finding.OutlineMessage;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Region;
import roughcut.geometry.Shapes;
import roughcut.geometry.Similarity;
import roughcut.measure.Quantity;
import roughcut.measure.Text;

/**
 * What a cavity takes of the body, seen from its face: a drawn outline as far as its cutter reaches
 * into it; else a chain of hulls from one of its controls to the next, or a rounded box without any
 * (handbook page 6, "Controls and plates").
 */
final class CavityArea {
  /** An outline of more corners is followed by so many. */
  private static final int MOST_CORNERS = 400;

  /** So little of a control over the line is on it, mm². */
  private static final double OUTSIDE = 0.05;

  /** In a corner the cutter leaves less than that, as a share of its radius, from wall to wall. */
  private static final double MORE_THAN_CORNERS = 0.45;

  private final CutBuilder builder;
  private final ControlSeats seats;
  private final Map<Placed, Drawn> drawn = new HashMap<>();

  CavityArea(CutBuilder builder, ControlSeats seats) {
    this.builder = builder;
    this.seats = seats;
  }

  /** The cavity grown by so much all round. */
  RoutArea of(Fitting cavity, List<Fitting> controls, double grown) {
    Optional<Drawn> drawn = drawn(cavity);
    if (drawn.isPresent()) {
      RoutArea cut =
          RoutArea.of(drawn.get().reached).orElseGet(() -> RoutArea.inside(drawn.get().line));
      return grown == 0 ? cut : cut.buffer(grown);
    }
    return new RoutArea(
        controls.isEmpty() ? List.of(box(cavity, grown)) : chain(cavity, controls, grown));
  }

  private double corner(Fitting cavity) {
    return builder.value(cavity, "corner");
  }

  private Optional<DrawnOutline> outline(Fitting cavity) {
    return DrawnPart.of(cavity).flatMap(builder.inputs.design()::drawn);
  }

  /** Its drawn outline where it lies, and what its cutter reaches of it. */
  private Optional<Drawn> drawn(Fitting cavity) {
    // Asked for each time, so that each time it is known what hangs on it.
    Point at = place(cavity);
    double corner = corner(cavity);
    return outline(cavity)
        .map(o -> drawn.computeIfAbsent(new Placed(o, at, corner), CavityArea::reached));
  }

  /** An outline as it is drawn, where it lies, and the radius of its cutter. */
  private record Placed(DrawnOutline outline, Point at, double corner) {}

  /** Its line, mended where it crosses itself, and what the cutter reaches of it. */
  private record Drawn(Outline line, Region reached) {}

  private static Drawn reached(Placed placed) {
    Outline line =
        new Outline(placed.outline.path().through(Similarity.moving(placed.at.x(), placed.at.y())));
    Outline whole = line.crossing().isPresent() ? line.repaired() : line;
    Outline thin = whole.corners().size() > MOST_CORNERS ? whole.thinned(MOST_CORNERS) : whole;
    return new Drawn(thin, Region.of(thin).opened(placed.corner));
  }

  /** What keeps a drawn one from being cut, or its controls from going in. */
  void problems(Fitting cavity, List<Fitting> controls, RoutArea cut) {
    Optional<DrawnOutline> drawn = outline(cavity);
    if (drawn.isEmpty()) {
      return; // it follows its controls
    }
    line(cavity, drawn.get());
    reach(cavity);
    Outline line = cut.whole().orElseThrow();
    for (Fitting control : controls) {
      Outline body = seats.body(control);
      if (!line.covers(body) && Region.of(body).difference(cut.region()).area() > OUTSIDE) {
        builder.addProblem(
            control.id("x"),
            Message.of(
                    Text.of(
                        "{control} stands out of the {cavity}.",
                        control.words().capital(),
                        cavity.words()))
                .why(Text.of("There is solid wood where it is to sit."))
                .fix(
                    Text.of("Move it, or its cavity's points, or make the corner radius smaller.")),
            place(control));
      }
    }
  }

  private void line(Fitting cavity, DrawnOutline drawn) {
    Point at = place(cavity);
    String where = cavity.id("corner");
    if (drawn.open() > 0) {
      builder.addProblem(where, OutlineMessage.open(drawn.source(), drawn.open()), at);
    }
    new Outline(drawn.path())
        .crossing()
        .ifPresent(
            p ->
                builder.addProblem(
                    where,
                    OutlineMessage.crossing(
                        Text.of(
                            "The outline of the {cavity} crosses itself {along} from the nut line.",
                            cavity.words(),
                            Text.length(at.x() + p.x(), 1))),
                    at.plus(p.x(), p.y())));
  }

  /** Where a drawn outline is too narrow for its cutter. */
  private void reach(Fitting cavity) {
    Drawn drawn = drawn(cavity).orElseThrow();
    Region whole = Region.of(drawn.line);
    double radius = corner(cavity);
    Region reached = drawn.reached;
    boolean apart = reached.pieces().size() != 1;
    double wide = MORE_THAN_CORNERS * radius;
    double lost = whole.area() - reached.area();
    // What is less than such a circle has none in it.
    if (!apart
        && (lost < Math.PI * wide * wide || whole.difference(reached).buffer(-wide).isEmpty())) {
      return;
    }
    Text without =
        Text.of(
            "A cutter with a radius of {radius} reaches {area} less of the {cavity} than you drew.",
            Text.length(radius, 2),
            Text.only(Text.shown(lost / 100, Quantity.AREA)),
            cavity.words());
    Message message =
        Message.of(without)
            .why(Text.of("The outline is narrower there than the cutter."))
            .fix(Text.of("Move its points apart there, or make the corner radius smaller."));
    if (apart) {
      builder.addProblem(cavity.id("corner"), message, place(cavity));
    } else {
      builder.look(cavity.id("corner"), message, place(cavity));
    }
  }

  private Point place(Fitting fitting) {
    return new Point(builder.value(fitting, "x"), builder.value(fitting, "y"));
  }

  private Outline box(Fitting cavity, double grown) {
    return Shapes.rounded(
        place(cavity),
        builder.value(cavity, "width") + 2 * grown,
        builder.value(cavity, "length") + 2 * grown,
        builder.value(cavity, "corner") + grown,
        0);
  }

  private List<Outline> chain(Fitting cavity, List<Fitting> controls, double grown) {
    double room = builder.value(cavity, "wall") + grown;
    double corner = corner(cavity) + grown;
    List<Outline> bodies = controls.stream().map(c -> seats.room(c, room, corner)).toList();
    if (bodies.size() == 1) {
      return bodies;
    }
    List<Outline> chain = new ArrayList<>();
    for (int i = 1; i < bodies.size(); i++) {
      Fitting one = controls.get(i - 1);
      Fitting two = controls.get(i);
      if (seats.round(one)
          && seats.round(two)
          && builder.value(one, "length") == builder.value(two, "length")) {
        double radius = Math.max(corner, builder.value(one, "length") / 2 + room);
        chain.add(Shapes.slot(place(one), place(two), radius));
        continue;
      }
      chain.add(Shapes.hullOf(bodies.subList(i - 1, i + 1)));
    }
    return chain;
  }
}
