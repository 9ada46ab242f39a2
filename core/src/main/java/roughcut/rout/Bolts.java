package roughcut.rout;

import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.design.BodyFace;
import roughcut.design.BoltKind;
import roughcut.design.BoltReach;
import roughcut.design.RoutDecisions;
import roughcut.fretboard.Slots;
import roughcut.geometry.ClosestApproach;
import roughcut.geometry.Convex;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.measure.Given;
import roughcut.measure.Worked;
import roughcut.neck.Channel;
import roughcut.neck.NeckShape;
import roughcut.strings.Heights;

/**
 * What holds a bolted neck: where the bolts stand, how long they are, what is bored for them, and
 * how near their tips come to fretboard, rod and stiffeners (handbook page 6, "Fixing").
 *
 * @param places from the nut line and the centre line
 * @param length under the head, for the first pair
 * @param last the same for the last, where the tilted floor leaves more wood
 * @param tip from the tip to the fretboard, or to the lowest slot for one that may go into it
 * @param pilot diameter in the heel, by its density
 * @param pilotStop depth of the pilot in the heel
 * @param bodyBore clearance bore through the body
 * @param edge least wood from a bolt's middle to an edge of the heel
 * @param channel least wood to a channel of the neck; empty when none comes near
 */
public record Bolts(
    BoltKind kind,
    List<Point> places,
    Worked length,
    Worked last,
    Worked tip,
    Worked pilot,
    Worked pilotStop,
    Worked bodyBore,
    Worked edge,
    Optional<Worked> channel) {
  private static final double PLAY = 0.3;
  private static final double BEYOND = 1;

  public Bolts {
    places = List.copyOf(places);
  }

  static Bolts of(
      Slab slab,
      Pocket pocket,
      NeckShape neck,
      Heights heights,
      Slots slots,
      double heelDensity,
      List<Channel> channels) {
    Given diameter = slab.givens.get(RoutDecisions.BOLT_DIAMETER);
    BoltKind kind = (BoltKind) slab.givens.get(RoutDecisions.BOLT_KIND);
    Given bite =
        kind == BoltKind.INSERTS
            ? slab.givens.get(RoutDecisions.INSERT_LENGTH)
            : slab.givens.get(RoutDecisions.BOLT_BITE);
    List<Point> places = places(slab, neck);
    Worked bore =
        slab.ledger.put(
            "bolt.body-bore",
            "Bore through the body, so that only the head pulls",
            LENGTH,
            diameter.value() + PLAY,
            "d + 0.3",
            in("d", diameter));
    bores(slab, pocket, places, bore.value());
    each(slab, pocket, places, bite);
    Point first = places.get(0);
    Point end = places.get(places.size() - 1);
    return new Bolts(
        kind,
        places,
        length(slab, "bolt.length", "First bolts, length under the head", pocket, first, bite),
        length(slab, "bolt.last.length", "Last bolts, length under the head", pocket, end, bite),
        tip(slab, neck, slots, bite),
        pilot(slab, kind, diameter, heelDensity),
        slab.ledger.put(
            "bolt.pilot-stop",
            kind == BoltKind.INSERTS ? "Bore for the insert, deep" : "Pilot in the heel, deep",
            LENGTH,
            bite.value() + BEYOND,
            "b + 1",
            in("b", bite)),
        bore,
        edge(slab, neck, places),
        channel(slab, pocket, heights, neck, places, bite, channels));
  }

  private static List<Point> places(Slab slab, NeckShape neck) {
    int count = (int) slab.givens.get(RoutDecisions.BOLT_COUNT).value();
    double x = neck.joint().value() + slab.givens.get(RoutDecisions.BOLT_FIRST).value();
    double along = slab.givens.get(RoutDecisions.BOLT_ALONG).value();
    double front = slab.givens.get(RoutDecisions.BOLT_ACROSS).value();
    double end = slab.givens.get(RoutDecisions.BOLT_ACROSS_END).value();
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

  private static void bores(Slab slab, Pocket pocket, List<Point> places, double bore) {
    double sunk = slab.givens.get(RoutDecisions.BOLT_COUNTERBORE).value();
    double head = slab.givens.get(RoutDecisions.BOLT_HEAD).value();
    for (int i = 0; i < places.size(); i++) {
      Point p = places.get(i);
      double t = backAt(slab, p);
      double top = Math.min(t - 0.5, pocket.depthAt(p.x()));
      List<Cylinder> bores = new ArrayList<>();
      bores.add(upright(p, t, top, bore / 2));
      if (sunk > 0) {
        bores.add(upright(p, t, Math.max(top, t - sunk), head / 2));
      }
      slab.cuts.add(
          new Cut(
              "bolt-" + (i + 1),
              "neck bolt " + (i + 1),
              CutKind.BOLT,
              CutFrom.BACK,
              List.of(),
              bores,
              Set.of("pocket"),
              List.of("bolt.first", "bolt.across", "bolt.along", "bolt.counterbore"),
              false));
    }
  }

  private static Cylinder upright(Point p, double from, double to, double radius) {
    return new Cylinder(new Point3(p.x(), p.y(), from), new Point3(p.x(), p.y(), to), radius);
  }

  /** z of the finished back under a bolt: a carved heel leaves less there than the body has. */
  private static double backAt(Slab slab, Point p) {
    return slab.surface.at(BodyFace.BACK, p.x(), p.y());
  }

  /** Where carving leaves bolts of different lengths, each has its own number. */
  private static void each(Slab slab, Pocket pocket, List<Point> places, Given bite) {
    if (places.stream().allMatch(p -> backAt(slab, p) > slab.thickness.value() - 0.01)) {
      return;
    }
    for (int i = 0; i < places.size(); i++) {
      String id = "bolt." + (i + 1) + ".length";
      length(slab, id, "Bolt " + (i + 1) + ", length under the head", pocket, places.get(i), bite);
    }
  }

  private static Worked length(
      Slab slab, String id, String label, Pocket pocket, Point at, Given bite) {
    Given plate = slab.givens.get(RoutDecisions.BOLT_PLATE);
    Given sunk = slab.givens.get(RoutDecisions.BOLT_COUNTERBORE);
    Given there =
        Given.decided(id + ".pocket", "Pocket's depth there", pocket.depthAt(at.x()), FINE_LENGTH);
    double back = backAt(slab, at);
    boolean flat = back > slab.thickness.value() - 0.01;
    return slab.ledger.put(
        id,
        label,
        LENGTH,
        plate.value()
            + (flat ? slab.thickness.value() : back)
            - there.value()
            - sunk.value()
            + bite.value(),
        "p + (t − d) − k + b",
        in("p", plate),
        in(
            "t",
            flat
                ? slab.thickness
                : Given.decided(id + ".back", "Finished back there, below the top", back, LENGTH)),
        in("d", there),
        in("k", sunk),
        in("b", bite));
  }

  private static Worked tip(Slab slab, NeckShape neck, Slots slots, Given bite) {
    Given heel = neck.heelThickness();
    if (slab.givens.get(RoutDecisions.BOLT_REACH) == BoltReach.GLUE_LINE) {
      return slab.ledger.put(
          "bolt.tip-clearance",
          "Bolt's tip below the fretboard",
          FINE_LENGTH,
          heel.value() - bite.value(),
          "h − b",
          in("h", heel),
          in("b", bite));
    }
    return slab.ledger.put(
        "bolt.tip-clearance",
        "Bolt's tip below the deepest slot",
        FINE_LENGTH,
        heel.value() + slots.least().under().value() - bite.value(),
        "h + u − b",
        in("h", heel),
        in("u", slots.least().under()),
        in("b", bite));
  }

  private static Worked pilot(Slab slab, BoltKind kind, Given diameter, double density) {
    Given bore = slab.givens.get(RoutDecisions.INSERT_BORE);
    if (kind == BoltKind.INSERTS) {
      return slab.ledger.put(
          "bolt.pilot", "Bore for the insert", LENGTH, bore.value(), "b", in("b", bore));
    }
    Given share =
        Given.decided(
            "bolt.pilot-share",
            "Pilot's share of the screw in a heel of this density",
            density < 500 ? 0.65 : density < 700 ? 0.72 : 0.82,
            roughcut.measure.Quantity.RATIO);
    return slab.ledger.put(
        "bolt.pilot",
        "Pilot in the heel",
        LENGTH,
        diameter.value() * share.value(),
        "d · k",
        in("d", diameter),
        in("k", share));
  }

  private static Worked edge(Slab slab, NeckShape neck, List<Point> places) {
    double least = Double.POSITIVE_INFINITY;
    for (Point p : places) {
      least = Math.min(least, neck.halfWidth(p.x()) - Math.abs(p.y()));
      least = Math.min(least, neck.heelEnd().value() - p.x());
    }
    Given count = slab.givens.get(RoutDecisions.BOLT_COUNT);
    return slab.ledger.put(
        "bolt.edge",
        "Bolt's middle to the heel's edge",
        LENGTH,
        least,
        "least over the bolts of the ways to the heel's sides and end",
        in("n", Given.decided("bolt.places", "Bolts", count.value(), COUNT)),
        in("w", slab.givens.get(RoutDecisions.BOLT_ACROSS)),
        in("x_h", neck.heelEnd()));
  }

  /** Bolts and channels in the neck's own frame: along its top, and down from it. */
  private static Optional<Worked> channel(
      Slab slab,
      Pocket pocket,
      Heights heights,
      NeckShape neck,
      List<Point> places,
      Given bite,
      List<Channel> channels) {
    double alpha = Math.toRadians(heights.angle().value());
    double joint = neck.joint().value();
    double e = heights.exposed().value();
    double radius = slab.givens.get(RoutDecisions.BOLT_DIAMETER).value() / 2;
    double least = Double.POSITIVE_INFINITY;
    for (Point p : places) {
      double seat = pocket.depthAt(p.x());
      Convex bolt =
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
        slab.ledger.put(
            "bolt.channel",
            "Bolt to the nearest channel of the neck",
            FINE_LENGTH,
            least,
            "least distance between bolts and channels in space",
            in("b", bite),
            in("x", slab.givens.get(RoutDecisions.BOLT_FIRST))));
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
