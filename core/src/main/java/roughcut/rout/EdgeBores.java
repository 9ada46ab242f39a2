package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.List;
import java.util.Set;
import roughcut.body.BodySurface;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.design.SurfaceDecisions;
import roughcut.finding.Message;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Edge;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.measure.Precision;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.part.BodyState;

/**
 * What is bored into the body's edge: the jack, along its own axis until it breaks into its cavity,
 * and the strap buttons' pilots (handbook page 6, "Jack").
 */
final class EdgeBores {
  /** How far outside the edge a bore's solid begins, so that no curve of the edge hides it, mm. */
  private static final double OUTSIDE = 0.01;

  private static final int WALL_PLACES = 24;
  private static final double FURTHEST = 200;

  /** Of the first jack, the wood between its bore and the nearer face. */
  private static final String JACK_WALLS = "jack.walls";

  private final CutBuilder builder;

  EdgeBores(CutBuilder builder) {
    this.builder = builder;
  }

  private Edge.Place place(Fitting fitting) {
    return builder.surface.edge().at(builder.value(fitting, "round") / 100);
  }

  /** So far inside the edge round-overs no longer matter to what is bored there, mm. */
  private static final double BEHIND_EDGE = 1;

  /** z of a finished face just inside the edge there, its round-over left out. */
  private double face(BodyFace face, Edge.Place place) {
    Point in = place.at().plus(place.inward().x() * BEHIND_EDGE, place.inward().y() * BEHIND_EDGE);
    double lost = builder.surface.contoured(face, in.x(), in.y());
    return face == BodyFace.TOP
        ? builder.surface.topPlane(in.x()) + builder.surface.carved(BEHIND_EDGE) + lost
        : builder.thickness().value() - lost;
  }

  /** Of the axis below the top's plane; halfway of the real edge there until it is decided. */
  private Value depth(Fitting fitting) {
    Value decided = builder.get(fitting, "depth");
    if (decided.value() > 0) {
      return decided;
    }
    Edge.Place place = place(fitting);
    return SearchedValue.of(
        decided.id(),
        Text.of("{decided}, middle of the edge there", decided.label()),
        (face(BodyFace.TOP, place) + face(BodyFace.BACK, place)) / 2,
        decided.quantity(),
        Text.of("found at the middle of the finished edge"),
        builder.surface.provenance().and(builder.trackedSoFar()));
  }

  private Value edge(Fitting fitting, String face, double z) {
    return SearchedValue.of(
        fitting.id("face-" + face),
        Text.of("Finished {face} over its hole, at its nearest", face),
        z,
        FINE_LENGTH,
        Text.of("least along it to the finished face"),
        builder.surface.provenance().and(builder.trackedSoFar()));
  }

  private Value now(Fitting fitting, BodyFace face, double z) {
    return SearchedValue.of(
        BodyState.now(fitting.id("face-" + face.word())),
        Text.of("Current {face} over its hole, at its nearest", face.word()),
        z,
        FINE_LENGTH,
        Text.of("least along it to the face as it is now"),
        builder.surfaceNow.provenance().and(builder.trackedSoFar()));
  }

  /** How near a face comes to the bore's way, contours and carving summed, mm. */
  private static double wall(
      BodySurface surface, BodyFace face, Edge.Place place, Point way, double length) {
    double nearest = face == BodyFace.TOP ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
    for (int i = 0; i <= WALL_PLACES; i++) {
      double along = BEHIND_EDGE + (length - BEHIND_EDGE) * i / WALL_PLACES;
      Point p = place.at().plus(way.x() * along, way.y() * along);
      double lost = surface.contoured(face, p.x(), p.y());
      if (face == BodyFace.TOP) {
        double inside = surface.edge().upTo(surface.edgeReach(face) + 1, p);
        double z = surface.topPlane(p.x()) + surface.carved(inside) + lost;
        nearest = Math.max(nearest, z);
      } else {
        nearest = Math.min(nearest, surface.backPlane() - lost);
      }
    }
    return nearest;
  }

  void jack(Fitting fitting) {
    Edge.Place place = place(fitting);
    Value turn = builder.get(fitting, "turn");
    double angle =
        Math.atan2(place.inward().y(), place.inward().x()) + Math.toRadians(turn.value());
    Point way = new Point(Math.cos(angle), Math.sin(angle));
    Value bore = builder.get(fitting, "bore");
    Value depth = depth(fitting);
    double reach = reach(fitting, place.at(), way, depth.value(), bore.value() / 2);
    Value toCavity =
        SearchedValue.of(
            fitting.id("to-cavity"),
            Text.of("Edge to the cavity wall"),
            reach,
            FINE_LENGTH,
            Text.of("found on its way to the cavity"),
            builder.surface.provenance().and(builder.trackedSoFar()));
    Value length =
        builder.registry.put(
            fitting.id("length"),
            Text.of("{title}, drill until it breaks into its cavity", fitting.title()),
            LENGTH,
            "l + 1",
            in("l", toCavity));
    builder.registry.put(
        fitting.id("table"),
        Text.of("{title}, drill table tilt from square to the edge", fitting.title()),
        ANGLE,
        "a",
        in("a", turn));
    Value top = edge(fitting, "top", builder.surface.topPlane(place.at().x()));
    Value back =
        builder.surface.flat()
            ? builder.thickness()
            : edge(fitting, "back", builder.thickness().value());
    if (!builder.surface.flat()) {
      top = edge(fitting, "top", wall(builder.surface, BodyFace.TOP, place, way, length.value()));
      back =
          edge(fitting, "back", wall(builder.surface, BodyFace.BACK, place, way, length.value()));
    }
    Value walls =
        builder.registry.put(
            builder.entered(JACK_WALLS).isPresent() ? fitting.id("walls") : JACK_WALLS,
            Text.of("{title}, wood between its hole and the nearer face", fitting.title()),
            FINE_LENGTH,
            "min(z − c, t − z) − b / 2",
            in("z", depth),
            in("c", top),
            in("t", back),
            in("b", bore));
    now(fitting, walls, place, way, length.value());

    Value plate = builder.get(fitting, "plate-width");
    if (plate.value() > 0) {
      builder.registry.put(
          fitting.id("cover"),
          Text.of("{title}, plate overlap beyond its hole", fitting.title()),
          LENGTH,
          "(p − b) / 2",
          in("p", plate),
          in("b", bore));
      Value roundTop = builder.inputs.get(SurfaceDecisions.ROUND_TOP);
      Value roundBack = builder.inputs.get(SurfaceDecisions.ROUND_BACK);
      Value room =
          builder.registry.put(
              fitting.id("plate-room"),
              Text.of("{title}, flat of the edge beyond its plate", fitting.title()),
              LENGTH,
              "min(z − c − r_1, t − r_2 − z) − p / 2",
              in("z", depth),
              in("c", top),
              in("r_1", roundTop),
              in("t", back),
              in("r_2", roundBack),
              in("p", plate));
      if (room.value() < -Precision.NEAR) {
        builder.look(
            fitting.id("plate-width"),
            Message.of(
                    Text.of(
                        "The plate of the {fitting} overhangs the flat of the edge by {value}.",
                        fitting.words(),
                        Text.length(-room.value(), 1)))
                .why(Text.of("It bends over the round edge when it is screwed down."))
                .fix(Text.of("Use a smaller plate, or round the edge less there.")),
            place.at());
      }
    }
    double inside = builder.value(fitting, "inside");
    builder.add(
        cut(
            fitting,
            CutKind.JACK,
            bar(place.at(), way, depth.value(), length.value(), bore.value() / 2),
            Set.copyOf(fitting.with()),
            fitting.id("depth"),
            fitting.id("round"),
            fitting.id("turn"),
            fitting.id("bore")));
    Cylinder body =
        bar(place.at(), way, depth.value(), inside, Math.max(1, bore.value() / 2 - 1.5));
    builder.add(
        new HardwareSolid(
            fitting.name(), fitting.words(), fitting.name(), body, Cut.shadow(body), false));
    if (walls.value() <= 0) {
      builder.addProblem(
          fitting.id("depth"),
          Message.of(
                  Text.of(
                      "The hole of the {fitting} comes out through a face of the body.",
                      fitting.words()))
              .fix(Text.of("Put it nearer the middle of the edge, or use a smaller one.")),
          place.at());
    }
  }

  /** What is left beside it now, where the faces are still to be planed or shaped. */
  private void now(Fitting fitting, Value walls, Edge.Place place, Point way, double length) {
    BodySurface now = builder.surfaceNow;
    if (builder.state.isFinished()) {
      return;
    }
    builder.registry.put(
        BodyState.now(walls.id()),
        Text.of("{title}, wood between its hole and the nearer face now", fitting.title()),
        FINE_LENGTH,
        "min(z − c, t − z) − b / 2",
        in("z", depth(fitting)),
        in("c", now(fitting, BodyFace.TOP, wall(now, BodyFace.TOP, place, way, length))),
        in("t", now(fitting, BodyFace.BACK, wall(now, BodyFace.BACK, place, way, length))),
        in("b", builder.get(fitting, "bore")));
  }

  /** From the edge to where the bore first meets the cavity that it belongs to. */
  private double reach(Fitting fitting, Point from, Point way, double z, double radius) {
    String name = fitting.with().isEmpty() ? "" : fitting.with().get(0);
    Cut cavity = builder.cut(name).orElse(null);
    if (cavity == null || cavity.steps().isEmpty()) {
      builder.addProblem(
          fitting.id("round"),
          Message.of(Text.of("The {fitting} leads to no cavity.", fitting.words()))
              .why(Text.of("Its wires have nowhere to go."))
              .fix(Text.of("Choose the cavity it belongs to.")),
          from);
      return builder.value(fitting, "inside");
    }
    RoutStep main = cavity.steps().get(cavity.steps().size() - 1);
    double low =
        main.solids().stream().mapToDouble(p -> Math.min(p.open(), p.floor())).min().orElse(0);
    double high =
        main.solids().stream().mapToDouble(p -> Math.max(p.open(), p.floor())).max().orElse(0);
    Point end = from.plus(way.x() * FURTHEST, way.y() * FURTHEST);
    double share =
        main.shapes().stream()
            .flatMap(o -> o.crossings(from, end).stream())
            .mapToDouble(t -> t)
            .min()
            .orElse(2);
    if (share <= 1) {
      if (z + radius < low || z - radius > high) {
        builder.addProblem(
            fitting.id("depth"),
            Message.of(
                    Text.of(
                        "The hole of the {fitting} misses the {cavity}, which is between {low} and "
                            + "{high} below the top.",
                        fitting.words(),
                        cavity.words(),
                        Text.length(low, 1),
                        Text.length(high, 1)))
                .fix(Text.of("Drill at that depth.")),
            from);
      }
      return share * FURTHEST;
    }
    builder.addProblem(
        fitting.id("turn"),
        Message.of(
                Text.of(
                    "The hole of the {fitting} misses the {cavity}.",
                    fitting.words(),
                    cavity.words()))
            .fix(Text.of("Turn it towards the cavity, or move it along the edge.")),
        from);
    return builder.value(fitting, "inside");
  }

  void strap(Fitting fitting) {
    Edge.Place place = place(fitting);
    Value inside = builder.get(fitting, "inside");
    Value depth = depth(fitting);
    builder.registry.put(
        fitting.id("stop"),
        Text.of("{title}, pilot hole depth", fitting.title()),
        LENGTH,
        "l",
        in("l", inside));
    builder.add(
        cut(
            fitting,
            CutKind.STRAP,
            bar(
                place.at(),
                place.inward(),
                depth.value(),
                inside.value(),
                builder.value(fitting, "pilot") / 2),
            Set.copyOf(fitting.with()),
            fitting.id("round"),
            fitting.id("depth")));
  }

  private Cut cut(
      Fitting fitting, CutKind kind, Cylinder bore, Set<String> joins, String... changedBy) {
    return new Cut(
        fitting.name(),
        fitting.words(),
        kind,
        CutFrom.EDGE,
        List.of(),
        List.of(bore),
        joins,
        List.of(changedBy),
        builder.listed(fitting));
  }

  private static Cylinder bar(Point from, Point way, double z, double length, double radius) {
    return new Cylinder(
        new Point3(from.x() - way.x() * OUTSIDE, from.y() - way.y() * OUTSIDE, z),
        new Point3(from.x() + way.x() * length, from.y() + way.y() * length, z),
        radius);
  }
}
