package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.design.BodyFace;
import roughcut.design.BoltKind;
import roughcut.design.RoutDecisions;
import roughcut.fretboard.Slots;
import roughcut.geometry.ClosestApproach;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Solid;
import roughcut.measure.ComputedValue;
import roughcut.measure.Precision;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.neck.Channel;
import roughcut.neck.NeckShape;
import roughcut.strings.HeelSeat;
import roughcut.strings.Heights;

/**
 * What holds a bolted neck: where the bolts stand, how long they are, what is bored for them, and
 * how near their tips come to fretboard, rod and stiffeners (handbook page 6, "Fixing").
 *
 * @param places from the nut line and the centre line
 * @param length under their heads, for the first pair
 * @param last the same for the last, where the tilted floor leaves more wood
 * @param tip from the tip to the fretboard, or to the lowest slot for one that may go into it
 * @param pilot diameter in the heel, by its density
 * @param pilotStop depth of the pilot in the heel
 * @param bodyBore clearance bore through the body
 * @param edge least wood from a bolt's middle to an edge of the heel
 * @param seat wood that a counterbore leaves under the heads; empty without one
 * @param channel least wood to a channel of the neck; empty when none comes near
 */
public record Bolts(
    BoltKind kind,
    List<Point> places,
    Value length,
    Value last,
    Value tip,
    Value pilot,
    Value pilotStop,
    Value bodyBore,
    Value edge,
    Optional<Value> seat,
    Optional<Value> channel) {

  public Bolts {
    places = List.copyOf(places);
  }

  static Bolts of(
      CutBuilder builder,
      Pocket pocket,
      NeckShape neck,
      Heights heights,
      Slots slots,
      double heelDensity,
      List<Channel> channels) {
    Value diameter = builder.inputs.get(RoutDecisions.BOLT_DIAMETER);
    BoltKind kind = builder.inputs.get(RoutDecisions.BOLT_KIND);
    Value bite =
        switch (kind) {
          case INSERTS -> builder.inputs.get(RoutDecisions.INSERT_LENGTH);
          case SCREWS_PLATE, SCREWS_FERRULES -> builder.inputs.get(RoutDecisions.BOLT_BITE);
        };
    List<Point> places = places(builder, neck);
    Value bore =
        builder.registry.put(
            RoutKeys.BOLT_BODY_BORE,
            "d + c",
            in("d", diameter),
            in("c", builder.inputs.get(RoutDecisions.BOLT_CLEARANCE)));
    bores(builder, pocket, places, bore.value());
    HeelSeat heel = heights.seat().orElseThrow();
    each(builder, pocket, heel, places, bite);
    Point first = thinnest(builder, pocket, places, 0);
    Point end = thinnest(builder, pocket, places, Math.max(0, places.size() - 2));
    return new Bolts(
        kind,
        places,
        length(
            builder,
            RoutKeys.BOLT_LENGTH.id(),
            Text.of("First bolts, length under head"),
            pocket,
            heel,
            first,
            bite),
        length(
            builder,
            "bolt.last.length",
            Text.of("Last bolts, length under head"),
            pocket,
            heel,
            end,
            bite),
        tip(builder, heel, places, slots, bite),
        pilot(builder, kind, diameter, heelDensity),
        builder.registry.put(
            RoutKeys.BOLT_PILOT_STOP.id(),
            switch (kind) {
              case INSERTS -> Text.of("Insert hole depth");
              case SCREWS_PLATE, SCREWS_FERRULES -> Text.of("Depth of the pilot hole in the heel");
            },
            LENGTH,
            "b + 1",
            in("b", bite)),
        bore,
        edge(builder, neck, places),
        seat(builder, pocket, places),
        channel(builder, pocket, heights, neck, places, bite, channels));
  }

  private static List<Point> places(CutBuilder builder, NeckShape neck) {
    int count = (int) builder.inputs.get(RoutDecisions.BOLT_COUNT).value();
    double x = neck.joint().value() + builder.inputs.get(RoutDecisions.BOLT_FIRST).value();
    double along = builder.inputs.get(RoutDecisions.BOLT_ALONG).value();
    double front = builder.inputs.get(RoutDecisions.BOLT_ACROSS).value();
    double end = builder.inputs.get(RoutDecisions.BOLT_ACROSS_END).value();
    int pairs = count / 2;
    List<Point> places = new ArrayList<>();
    for (int i = 0; i < pairs; i++) {
      double across = pairs == 1 ? front : front + (end - front) * i / (pairs - 1);
      places.add(new Point(x + i * along, -across / 2));
      places.add(new Point(x + i * along, across / 2));
    }
    if (count % 2 == 1) {
      places.add(new Point(x + pairs * along, 0));
    }
    return places;
  }

  /** Of a pair the one with less body over it: a bolt of its length stands too far in nowhere. */
  private static Point thinnest(CutBuilder builder, Pocket pocket, List<Point> places, int from) {
    boolean single = from == places.size() - 1 || places.size() % 2 == 1 && from > 0;
    Point one = places.get(single ? places.size() - 1 : from);
    Point other = places.get(single ? places.size() - 1 : from + 1);
    double a = backAt(builder, one) - pocket.depthAt(one.x());
    double b = backAt(builder, other) - pocket.depthAt(other.x());
    return b < a ? other : one;
  }

  /** What a counterbore leaves of the pocket's floor under the bolts' heads. */
  private static Optional<Value> seat(CutBuilder builder, Pocket pocket, List<Point> places) {
    Value sunk = builder.inputs.get(RoutDecisions.BOLT_COUNTERBORE);
    if (sunk.value() <= 0) {
      return Optional.empty();
    }
    double least = Double.POSITIVE_INFINITY;
    for (Point p : places) {
      least = Math.min(least, backAt(builder, p) - pocket.depthAt(p.x()));
    }
    Value floor =
        SearchedValue.of(
            "bolt.floor",
            Text.of("Least wood between pocket and back at a bolt"),
            least,
            LENGTH,
            Text.of("found over the bolts"),
            builder.provenance(pocket.cut()).and(builder.surface.heights()));
    return Optional.of(
        builder.registry.put(RoutKeys.BOLT_SEAT, "f − k", in("f", floor), in("k", sunk)));
  }

  private static void bores(CutBuilder builder, Pocket pocket, List<Point> places, double bore) {
    double sunk = builder.inputs.get(RoutDecisions.BOLT_COUNTERBORE).value();
    double head = builder.inputs.get(RoutDecisions.BOLT_HEAD).value();
    for (int i = 0; i < places.size(); i++) {
      Point p = places.get(i);
      double t = backAt(builder, p);
      double top = Math.min(t - 0.5, pocket.depthAt(p.x()));
      List<Cylinder> bores = new ArrayList<>();
      bores.add(upright(p, t, top, bore / 2));
      if (sunk > 0) {
        bores.add(upright(p, t, Math.max(top, t - sunk), head / 2));
      }
      builder.add(
          new Cut(
              "bolt-" + (i + 1),
              Text.of("neck bolt {value}", i + 1),
              CutKind.BOLT,
              CutFrom.BACK,
              List.of(),
              bores,
              Set.of("pocket"),
              List.of(
                  RoutDecisions.BOLT_FIRST.id(),
                  RoutDecisions.BOLT_ACROSS.id(),
                  RoutDecisions.BOLT_ALONG.id(),
                  RoutDecisions.BOLT_COUNTERBORE.id()),
              false));
    }
  }

  private static Cylinder upright(Point p, double from, double to, double radius) {
    return new Cylinder(new Point3(p.x(), p.y(), from), new Point3(p.x(), p.y(), to), radius);
  }

  /** z of the finished back under a bolt: a carved heel leaves less there than the body has. */
  private static double backAt(CutBuilder builder, Point p) {
    return builder.surface.at(BodyFace.BACK, p.x(), p.y());
  }

  /** Where carving leaves bolts of different lengths, each has its own number. */
  private static void each(
      CutBuilder builder, Pocket pocket, HeelSeat heel, List<Point> places, Value bite) {
    if (places.stream()
        .allMatch(p -> backAt(builder, p) > builder.thickness().value() - Precision.TOUCHING)) {
      return;
    }
    for (int i = 0; i < places.size(); i++) {
      String id = "bolt." + (i + 1) + ".length";
      length(
          builder,
          id,
          Text.of("Bolt {value}, length under head", i + 1),
          pocket,
          heel,
          places.get(i),
          bite);
    }
  }

  private static Value length(
      CutBuilder builder,
      String id,
      Text label,
      Pocket pocket,
      HeelSeat heel,
      Point at,
      Value bite) {
    Value plate = builder.inputs.get(RoutDecisions.BOLT_PLATE);
    Value sunk = builder.inputs.get(RoutDecisions.BOLT_COUNTERBORE);
    Value there =
        SearchedValue.of(
            id + ".pocket",
            Text.of("Pocket depth there"),
            pocket.depthAt(at.x()),
            FINE_LENGTH,
            Text.of("found in the pocket"),
            builder.provenance(pocket.cut()));
    double back = backAt(builder, at);
    boolean flat = back > builder.thickness().value() - Precision.TOUCHING;
    Value below =
        flat
            ? builder.thickness()
            : SearchedValue.of(
                id + ".back",
                Text.of("Finished back there, below the top"),
                back,
                LENGTH,
                Text.of("found on the finished back"),
                builder.surface.heights());
    ComputedValue.Input[] inputs = {
      in("p", plate),
      in("f", builder.inputs.get(RoutDecisions.FILM)),
      in("t", below),
      in("d", there),
      in("k", sunk),
      in("b", bite)
    };
    if (!heel.packed()) {
      return builder.registry.put(id, label, LENGTH, "p + f + (t − d) − k + b", inputs);
    }
    Value wedge =
        SearchedValue.of(
            id + ".wedge",
            Text.of("Wedge and film there"),
            heel.packing(at.x()),
            FINE_LENGTH,
            Text.of("found along the heel"),
            heel.provenance());
    inputs = Arrays.copyOf(inputs, inputs.length + 1);
    inputs[inputs.length - 1] = in("w", wedge);
    return builder.registry.put(id, label, LENGTH, "p + f + (t − d) − k + w + b", inputs);
  }

  private static Value tip(
      CutBuilder builder, HeelSeat seat, List<Point> places, Slots slots, Value bite) {
    Value heel = heel(seat, places);
    return switch (builder.inputs.get(RoutDecisions.BOLT_REACH)) {
      case GLUE_LINE ->
          builder.registry.put(RoutKeys.BOLT_TIP_CLEARANCE, "h − b", in("h", heel), in("b", bite));
      case INTO_FRETBOARD ->
          builder.registry.put(
              RoutKeys.BOLT_TIP_CLEARANCE.called("Bolt tip below the deepest slot"),
              "h + u − b",
              in("h", heel),
              in("u", slots.least().under()),
              in("b", bite));
    };
  }

  /** The heel's wood where a bolt has least of it. */
  private static Value heel(HeelSeat seat, List<Point> places) {
    if (!seat.planed()) {
      return seat.heel();
    }
    return SearchedValue.of(
        "bolt.heel",
        Text.of("Thinnest part of the planed heel over a bolt"),
        places.stream().mapToDouble(p -> seat.wood(p.x())).min().orElse(seat.heel().value()),
        FINE_LENGTH,
        Text.of("least over the bolts, found along the planed heel"),
        seat.provenance());
  }

  private static Value pilot(CutBuilder builder, BoltKind kind, Value diameter, double density) {
    return switch (kind) {
      case INSERTS ->
          builder.registry.put(
              RoutKeys.BOLT_PILOT, "b", in("b", builder.inputs.get(RoutDecisions.INSERT_BORE)));
      case SCREWS_PLATE, SCREWS_FERRULES -> screwPilot(builder, diameter, density);
    };
  }

  private static Value screwPilot(CutBuilder builder, Value diameter, double density) {
    Value share =
        TableValue.of(
            "bolt.pilot-share",
            Text.of("Pilot size as a share of the screw, for this heel density"),
            density < 500 ? 0.65 : density < 700 ? 0.72 : 0.82,
            roughcut.measure.Quantity.RATIO,
            Text.of("density of the heel wood, handbook 6"));
    return builder.registry.put(
        RoutKeys.BOLT_PILOT.called("Pilot hole in the heel"),
        "d · k",
        in("d", diameter),
        in("k", share));
  }

  private static Value edge(CutBuilder builder, NeckShape neck, List<Point> places) {
    double least = Double.POSITIVE_INFINITY;
    for (Point p : places) {
      least = Math.min(least, neck.halfWidth(p.x()) - Math.abs(p.y()));
      least = Math.min(least, neck.heelEnd().value() - p.x());
    }
    return builder.registry.find(
        RoutKeys.BOLT_EDGE,
        least,
        Text.of("least distance over the bolts to the sides and end of the heel"),
        builder.trackedSoFar().and(neck.provenance()));
  }

  /** Bolts and channels in the neck's own frame: along its top, and down from it. */
  private static Optional<Value> channel(
      CutBuilder builder,
      Pocket pocket,
      Heights heights,
      NeckShape neck,
      List<Point> places,
      Value bite,
      List<Channel> channels) {
    double alpha = Math.toRadians(heights.leans().value());
    double joint = neck.joint().value();
    double e = heights.fretboardAboveBody().value();
    double radius = builder.inputs.get(RoutDecisions.BOLT_DIAMETER).value() / 2;
    double least = Double.POSITIVE_INFINITY;
    for (Point p : places) {
      double seat = pocket.depthAt(p.x()) - heights.seat().orElseThrow().packing(p.x());
      Solid bolt =
          new Cylinder(
              inNeck(p, seat, joint, e, alpha),
              inNeck(p, seat - bite.value(), joint, e, alpha),
              radius);
      for (Channel channel : channels) {
        for (Channel.Piece piece : channel.pieces()) {
          least = Math.min(least, ClosestApproach.of(bolt, solid(piece)).distance());
        }
      }
    }
    if (least > 30) {
      return Optional.empty();
    }
    return Optional.of(
        builder.registry.find(
            RoutKeys.BOLT_CHANNEL,
            least,
            Text.of("least distance between bolts and channels"),
            builder.trackedSoFar()));
  }

  private static Point3 inNeck(Point p, double z, double joint, double e, double alpha) {
    double along = p.x() - joint;
    double down = z + e;
    return new Point3(
        joint + along * Math.cos(alpha) - down * Math.sin(alpha),
        p.y(),
        along * Math.sin(alpha) + down * Math.cos(alpha));
  }

  private static Prism solid(Channel.Piece piece) {
    double from = piece.from();
    double to = Math.max(from + 0.1, piece.to());
    double half = piece.width() / 2;
    Outline shape =
        Outline.of(
            new Point(from, piece.offsetAt(from) - half),
            new Point(to, piece.offsetAt(to) - half),
            new Point(to, piece.offsetAt(to) + half),
            new Point(from, piece.offsetAt(from) + half));
    double deepest =
        Math.max(piece.depthAt((from + to) / 2), Math.max(piece.depthAt(from), piece.depthAt(to)));
    return new Prism(shape.corners(), 0, deepest, 0);
  }
}
