package roughcut.rout;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roughcut.design.BodyFace;
import roughcut.design.RoutDecisions;
import roughcut.design.YesNo;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Shapes;
import roughcut.measure.Given;
import roughcut.measure.Worked;
import roughcut.shop.BridgeCuts;
import roughcut.strings.Bridge;

/**
 * What the bridge wants cut: posts with their bushings, a second pair for a tailpiece, stepped
 * rout, block rout and springs of a pivoting one, bores and ferrules of a strung-through one
 * (handbook page 6, "Bridge routs").
 */
final class BridgeRouts {
  private static final double PLATE_HEIGHT = 8;
  private static final double CORNER = 4.75;

  private final Slab slab;
  private final Bridge bridge;
  private final BridgeCuts cuts;
  private final double datum;

  BridgeRouts(Slab slab, Bridge bridge) {
    this.slab = slab;
    this.bridge = bridge;
    this.cuts = bridge.kind().cuts();
    this.datum = bridge.datum().value();
  }

  void all() {
    posts();
    tail();
    if (cuts.top().there()) {
      pivoting();
    }
    if (slab.givens.get(RoutDecisions.STRUNG_THROUGH) == YesNo.YES) {
      strings();
    }
    plate();
  }

  private static Given own(Given decided, double listed) {
    return decided.value() > 0
        ? decided
        : new Given(
            decided.id(),
            decided.label() + ", as listed",
            listed,
            decided.quantity(),
            listed,
            null);
  }

  private void posts() {
    if (bridge.spacing().value() == 0 || cuts.postBore() == 0) {
      return;
    }
    Given bore = own(slab.givens.get(RoutDecisions.POST_BORE), cuts.postBore());
    Given bushing = own(slab.givens.get(RoutDecisions.POST_DEPTH), cuts.postDepth());
    Given sink = slab.givens.get(RoutDecisions.POST_SINK);
    Worked depth =
        slab.ledger.put(
            "bridge.post.stop",
            "Bridge posts, drill's stop",
            LENGTH,
            bushing.value() + sink.value(),
            "l + s",
            in("l", bushing),
            in("s", sink));
    slab.ledger.put(
        "bridge.post.bore", "Bridge posts, bore", FINE_LENGTH, bore.value(), "b", in("b", bore));
    for (Bridge.Hole hole : bridge.holes()) {
      bore(
          "post-" + hole.name(),
          hole.name() + " post of the bridge",
          CutKind.POST,
          new Point(hole.x().value(), hole.y().value()),
          bore.value(),
          depth.value(),
          !bore.measured(),
          "bridge.post-bore",
          "bridge.post-depth",
          "bridge.place");
    }
    slab.floor("posts", "bridge posts", depth, datum);
  }

  private void tail() {
    BridgeCuts.Tail tail = cuts.tail();
    if (!tail.there()) {
      return;
    }
    Given back =
        listed("bridge.tail-back", "Tailpiece behind the bar line, as listed", tail.back());
    Given apart = listed("bridge.tail-posts", "Tailpiece's posts apart, as listed", tail.posts());
    slab.ledger.put(
        "bridge.tail.along",
        "Tailpiece's posts, along",
        FINE_LENGTH,
        datum + back.value(),
        "d + b",
        in("d", bridge.datum()),
        in("b", back));
    slab.ledger.put(
        "bridge.tail.aside",
        "Tailpiece's posts, aside",
        FINE_LENGTH,
        apart.value() / 2,
        "p / 2",
        in("p", apart));
    slab.ledger.put(
        "bridge.tail.stop",
        "Tailpiece's posts, drill's stop",
        LENGTH,
        tail.depth(),
        "d",
        in("d", listed("bridge.tail-depth", "Tailpiece's bores, as listed", tail.depth())));

    for (int side : new int[] {-1, 1}) {
      bore(
          side < 0 ? "tail-bass" : "tail-treble",
          (side < 0 ? "bass" : "treble") + " post of the tailpiece",
          CutKind.POST,
          new Point(datum + tail.back(), side * tail.posts() / 2),
          tail.bore(),
          tail.depth(),
          true,
          "bridge.place",
          "body.thickness");
    }
  }

  private static Given listed(String id, String label, double mm) {
    return Given.decided(id, label, mm, LENGTH);
  }

  private void bore(
      String name,
      String words,
      CutKind kind,
      Point at,
      double diameter,
      double depth,
      boolean listed,
      String... changedBy) {
    double top = slab.surface.topPlane(at.x());
    slab.cuts.add(
        new Cut(
            name,
            words,
            kind,
            CutFrom.TOP,
            List.of(),
            List.of(
                new Cylinder(
                    new Point3(at.x(), at.y(), top),
                    new Point3(at.x(), at.y(), top + depth),
                    diameter / 2)),
            Set.of("bridge-top", "bridge-block"),
            List.of(changedBy),
            listed));
  }

  private Outline area(BridgeCuts.Area area, double corner) {
    return Shapes.rounded(
        new Point(datum + (area.from() + area.to()) / 2, 0),
        area.to() - area.from(),
        area.width(),
        corner,
        0);
  }

  private void pivoting() {
    Given topDepth =
        Given.decided(
            "bridge.top-depth", "Depth of its upper rout, as listed", cuts.top().depth(), LENGTH);
    Worked top =
        slab.depth(
            "bridge-top.depth",
            "bridge-top",
            "Bridge's upper rout",
            topDepth.value(),
            "d",
            in("d", topDepth));
    rout(
        "bridge-top",
        "bridge's upper rout",
        CutKind.BRIDGE,
        BodyFace.TOP,
        area(cuts.top(), CORNER),
        top,
        "bridge-block");
    slab.floor("bridge-top", "bridge's upper rout", top, datum);
    Worked through =
        slab.ledger.put(
            "bridge-block.depth",
            "Block rout, right through",
            LENGTH,
            slab.thickness.value(),
            "t",
            in("t", slab.thickness));
    rout(
        "bridge-block",
        "block rout",
        CutKind.BRIDGE,
        BodyFace.TOP,
        area(cuts.block(), CORNER),
        through,
        "bridge-top",
        "springs");
    Given length = own(slab.givens.get(RoutDecisions.SPRING_LENGTH), cuts.springs().to());
    Given springDepth =
        Given.decided(
            "springs.listed-depth",
            "Depth of the spring rout, as listed",
            cuts.springs().depth(),
            LENGTH);
    Worked springs =
        slab.depth(
            "springs.depth",
            "springs",
            "Spring rout from the back",
            springDepth.value(),
            "d",
            in("d", springDepth));
    double end = datum + cuts.block().to();
    double begin = datum + cuts.block().from() - length.value();
    Outline shape =
        Shapes.rounded(
            new Point((begin + end) / 2, 0), end - begin, cuts.springs().width(), CORNER, 0);
    rout("springs", "spring rout", CutKind.SPRINGS, BodyFace.BACK, shape, springs, "bridge-block");
    slab.floor("springs", "spring rout", springs, datum);
  }

  private void rout(
      String name,
      String words,
      CutKind kind,
      BodyFace face,
      Outline shape,
      Worked depth,
      String... joins) {
    slab.cuts.add(
        new Cut(
            name,
            words,
            kind,
            CutFrom.of(face),
            List.of(slab.step(name, face, List.of(shape), depth, CORNER)),
            List.of(),
            Set.of(joins),
            List.of("rout." + name + ".depth", "bridge.place", "body.thickness"),
            true));
  }

  /** Bores from the top and ferrules from the back, on the bridge's own line. */
  private void strings() {
    double back =
        bridge.kind().anchorBack() + (bridge.forward().value() + bridge.rear().value()) / 2;
    Given bore = slab.givens.get(RoutDecisions.STRING_BORE);
    Given ferrule = slab.givens.get(RoutDecisions.FERRULE_BORE);
    Given deep = slab.givens.get(RoutDecisions.FERRULE_DEPTH);
    slab.ledger.put(
        "ferrule.stop",
        "Ferrules from the back, drill's stop",
        LENGTH,
        deep.value(),
        "d",
        in("d", deep));
    Given film = slab.givens.get(RoutDecisions.FILM);
    slab.ledger.put(
        "ferrule.bore-for-finish",
        "Ferrule bore that still fits with finish in it",
        FINE_LENGTH,
        ferrule.value() + 2 * film.value(),
        "b + 2 · f",
        in("b", ferrule),
        in("f", film));
    double t = slab.thickness.value();
    for (int i = 1; i <= bridge.offsets().size(); i++) {
      double y = bridge.offsets().get(i - 1);
      double x = bridge.datumAt(y) + back;
      List<Cylinder> bores = new ArrayList<>();
      bores.add(
          new Cylinder(
              new Point3(x, y, slab.surface.topPlane(x)), new Point3(x, y, t), bore.value() / 2));
      bores.add(
          new Cylinder(
              new Point3(x, y, t),
              new Point3(x, y, Math.max(1, t - deep.value())),
              ferrule.value() / 2));
      slab.cuts.add(
          new Cut(
              "string-" + i,
              "bore of string " + i,
              CutKind.STRING,
              CutFrom.TOP,
              List.of(),
              bores,
              Set.of(),
              List.of("ferrule.bore", "bridge.spread", "bridge.anchor-back"),
              !ferrule.measured()));
    }
  }

  private void plate() {
    if (!cuts.plate().there()) {
      return;
    }
    double half = cuts.plate().width() / 2;
    double lean =
        bridge.spacing().value() > 0 ? bridge.slant().value() / bridge.spacing().value() : 0;
    List<Point> corners = new ArrayList<>();
    for (double[] p :
        new double[][] {
          {cuts.plate().from(), -half},
          {cuts.plate().to(), -half},
          {cuts.plate().to(), half},
          {cuts.plate().from(), half}
        }) {
      corners.add(new Point(datum + p[0] - lean * p[1], p[1]));
    }
    Outline shape = new Outline(corners);
    double top = slab.surface.topPlane(datum);
    slab.parts.add(
        new Part(
            "bridge-plate",
            "bridge",
            "bridge-plate",
            new Prism(shape.corners(), top - PLATE_HEIGHT, top - 0.01, 0),
            shape,
            true));
  }
}
