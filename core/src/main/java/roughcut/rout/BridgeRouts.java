package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.design.YesNo;
import roughcut.finding.Message;
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

  private final CutBuilder builder;
  private final Bridge bridge;
  private final BridgeCuts cuts;
  private final NeckSeating seating;
  private final BridgeCuts.Area top;
  private final BridgeCuts.Area block;
  private final double datum;
  private final double middle;

  BridgeRouts(CutBuilder builder, Bridge bridge, NeckSeating seating) {
    this.builder = builder;
    this.bridge = bridge;
    this.cuts = bridge.kind().cuts();
    this.top =
        area(
            RoutDecisions.BRIDGE_TOP_FROM,
            RoutDecisions.BRIDGE_TOP_ALONG,
            RoutDecisions.BRIDGE_TOP_ACROSS,
            cuts.top().depth());
    this.block =
        area(
            RoutDecisions.BRIDGE_BLOCK_FROM,
            RoutDecisions.BRIDGE_BLOCK_ALONG,
            RoutDecisions.BRIDGE_BLOCK_ACROSS,
            0);
    this.seating = seating;
    this.datum = seating.atBridge(bridge.datum().value());
    this.middle = seating.offsetAt(datum);
  }

  void all() {
    posts();
    tail();
    // What isn't of this kind of bridge isn't cut, whatever was measured of another before.
    if (cuts.top().there() && top.there()) {
      pivoting();
    }
    if (builder.inputs.get(RoutDecisions.STRUNG_THROUGH) == YesNo.YES) {
      strings();
    }
    plate();
  }

  private static final String LISTED = "listed sizes of the bridge";

  private static Value own(Value decided, double listed) {
    return decided.value() > 0
        ? decided
        : TableValue.of(
            decided.key().called(Text.of("{decided}, as listed", decided.label())),
            listed,
            Text.raw(LISTED));
  }

  private void posts() {
    if (bridge.spacing().value() == 0 || cuts.postBore() == 0) {
      return;
    }
    Value bore = own(builder.inputs.get(RoutDecisions.POST_BORE), cuts.postBore());
    Value bushing = own(builder.inputs.get(RoutDecisions.POST_DEPTH), cuts.postDepth());
    Value sink = builder.inputs.get(RoutDecisions.POST_SINK);
    Value depth =
        builder.registry.put(RoutKeys.BRIDGE_POST_STOP, "l + s", in("l", bushing), in("s", sink));
    builder.registry.put(RoutKeys.BRIDGE_POST_BORE, "b", in("b", bore));
    builder.forFinish(RoutKeys.BRIDGE_POST_BORE_FOR_FINISH, bore);
    pilot("bridge.post.pilot", Text.of("Bridge posts"), bore);
    for (Bridge.Hole hole : bridge.holes()) {
      bore(
          "post-" + hole.name(),
          Text.of("{hole} post of the bridge", Text.of(hole.name())),
          CutKind.POST,
          new Point(seating.atBridge(hole.x().value()), middle + hole.y().value()),
          bore.value(),
          depth.value(),
          !bore.measured(),
          RoutDecisions.POST_BORE.id(),
          RoutDecisions.POST_DEPTH.id(),
          StringDecisions.BRIDGE_PLACE.id());
    }
    builder.floor("posts", Text.of("bridge posts"), depth, datum);
  }

  private void tail() {
    BridgeCuts.Tail tail = cuts.tail();
    if (!tail.there()) {
      return;
    }
    Value back =
        listed(
            "bridge.tail-back", Text.of("Tailpiece behind the bar line, as listed"), tail.back());
    Value apart =
        listed("bridge.tail-posts", Text.of("Tailpiece post spacing, as listed"), tail.posts());
    builder.registry.put(
        RoutKeys.BRIDGE_TAIL_ALONG, "d + b", in("d", bridge.datum()), in("b", back));
    builder.registry.put(RoutKeys.BRIDGE_TAIL_ASIDE, "p / 2", in("p", apart));
    builder.registry.put(
        RoutKeys.BRIDGE_TAIL_STOP,
        "d",
        in(
            "d",
            listed("bridge.tail-depth", Text.of("Tailpiece post holes, as listed"), tail.depth())));

    Value bore = listed("bridge.tail.bore", Text.of("Tailpiece post hole"), tail.bore());
    builder.forFinish(RoutKeys.BRIDGE_TAIL_BORE_FOR_FINISH, bore);
    pilot("bridge.tail.pilot", Text.of("Tailpiece posts"), bore);
    for (int side : new int[] {-1, 1}) {
      bore(
          side < 0 ? "tail-bass" : "tail-treble",
          Text.of(side < 0 ? "bass post of the tailpiece" : "treble post of the tailpiece"),
          CutKind.POST,
          new Point(datum + tail.back(), middle + side * tail.posts() / 2),
          tail.bore(),
          tail.depth(),
          true,
          StringDecisions.BRIDGE_PLACE.id(),
          BodyDecisions.BODY_THICKNESS.id());
    }
  }

  /** A post leans when its bore does: a thin bit finds the place, square to the face, first. */
  private void pilot(String id, Text words, Value bore) {
    builder.registry.put(
        id,
        Text.of("{words}, drill a pilot hole first, square to the face", words),
        LENGTH,
        "min(p, b / 2)",
        in("p", builder.inputs.get(RoutDecisions.STUD_PILOT)),
        in("b", bore));
  }

  private static Value listed(String id, Text label, double mm) {
    return TableValue.of(id, label, mm, LENGTH, Text.raw(LISTED));
  }

  private void bore(
      String name,
      Text words,
      CutKind kind,
      Point at,
      double diameter,
      double depth,
      boolean listed,
      String... changedBy) {
    double top = builder.surface.topPlane(at.x());
    builder.add(
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

  /** An area of the one in hand, or of its kind. */
  private BridgeCuts.Area area(
      NumberDecision from, NumberDecision along, NumberDecision across, double depth) {
    double begins = builder.inputs.get(from).value();
    return new BridgeCuts.Area(
        begins,
        begins + builder.inputs.get(along).value(),
        builder.inputs.get(across).value(),
        depth);
  }

  private Outline outline(BridgeCuts.Area area, double corner) {
    return Shapes.rounded(
        new Point(datum + (area.from() + area.to()) / 2, middle),
        area.to() - area.from(),
        area.width(),
        corner,
        0);
  }

  private void pivoting() {
    Value topDepth =
        TableValue.of(
            RoutKeys.BRIDGE_TOP_DEPTH, cuts.top().depth(), Text.of("listed sizes of the bridge"));
    Value upper =
        builder.depth(
            "bridge-top.depth", "bridge-top", Text.of("Bridge upper rout"), "d", in("d", topDepth));
    rout(
        "bridge-top",
        Text.of("bridge upper rout"),
        CutKind.BRIDGE,
        BodyFace.TOP,
        outline(top, CORNER),
        upper,
        "bridge-block");
    builder.floor("bridge-top", Text.of("bridge upper rout"), upper, datum);
    if (!block.there()) {
      return;
    }
    Value through =
        builder.registry.put(RoutKeys.BRIDGE_BLOCK_DEPTH, "t", in("t", builder.thickness()));
    rout(
        "bridge-block",
        Text.of("block rout"),
        CutKind.BLOCK,
        BodyFace.TOP,
        outline(block, CORNER),
        through,
        "bridge-top",
        "springs");
    spacers();
    Value length = own(builder.inputs.get(RoutDecisions.SPRING_LENGTH), cuts.springs().to());
    Value across = builder.inputs.get(RoutDecisions.SPRINGS_ACROSS);
    Value springDepth =
        TableValue.of(
            RoutKeys.SPRINGS_LISTED_DEPTH,
            cuts.springs().depth(),
            Text.of("listed sizes of the bridge"));
    Value springs =
        builder.depth(
            "springs.depth",
            "springs",
            Text.of("Spring rout from the back"),
            "d",
            in("d", springDepth));
    if (across.value() <= 0) {
      return;
    }
    double end = datum + block.to();
    double begin = datum + block.from() - length.value();
    Outline shape =
        Shapes.rounded(
            new Point((begin + end) / 2, middle), end - begin, across.value(), CORNER, 0);
    rout(
        "springs",
        Text.of("spring rout"),
        CutKind.SPRINGS,
        BodyFace.BACK,
        shape,
        springs,
        "bridge-block");
    builder.floor("springs", Text.of("spring rout"), springs, datum);
  }

  /**
   * The block's rout is led by the upper rout's own template with spacers in its opening: what they
   * fill before, behind and beside it.
   */
  private void spacers() {
    spacer("front", Text.of("in front of the block"), block.from() - top.from());
    spacer("rear", Text.of("behind the block"), top.to() - block.to());
    spacer("side", Text.of("at each side of the block"), (top.width() - block.width()) / 2);
  }

  private void spacer(String where, Text words, double size) {
    Value area =
        SearchedValue.of(
            "bridge.spacer-" + where + ".size",
            Text.of("Upper rout beyond the block rout"),
            size,
            LENGTH,
            Text.of("found between the two routs"),
            builder.trackedSoFar());
    builder.registry.put(
        "bridge.spacer." + where,
        Text.of("Spacer in the template of the upper rout, {words}", words),
        LENGTH,
        "s",
        in("s", area));
    if (size < 0) {
      builder.addProblem(
          RoutDecisions.BRIDGE_BLOCK_ALONG.id(),
          Message.of(
                  Text.of(
                      "The block rout is {size} larger than the upper rout {words}.",
                      Text.length(-size, 1),
                      words))
              .why(Text.of("Its template is the upper rout's opening, and can't be led outside."))
              .fix(Text.of("Make the upper rout larger, or the block's smaller.")),
          new Point(datum, middle));
    }
  }

  private void rout(
      String name,
      Text words,
      CutKind kind,
      BodyFace face,
      Outline shape,
      Value depth,
      String... joins) {
    builder.add(
        new Cut(
            name,
            words,
            kind,
            CutFrom.of(face),
            List.of(builder.step(name, face, List.of(shape), depth, CORNER)),
            List.of(),
            Set.of(joins),
            List.of(
                "rout." + name + ".depth",
                StringDecisions.BRIDGE_PLACE.id(),
                BodyDecisions.BODY_THICKNESS.id()),
            true));
  }

  /** Bores from the top and ferrules from the back, on the bridge's own line. */
  private void strings() {
    double back =
        bridge.kind().anchorBack() + (bridge.forward().value() + bridge.rear().value()) / 2;
    Value bore = builder.inputs.get(RoutDecisions.STRING_BORE);
    Value ferrule = builder.inputs.get(RoutDecisions.FERRULE_BORE);
    Value deep = builder.inputs.get(RoutDecisions.FERRULE_DEPTH);
    builder.registry.put(RoutKeys.FERRULE_STOP, "d", in("d", deep));
    builder.forFinish(RoutKeys.FERRULE_BORE_FOR_FINISH, ferrule);
    double t = builder.thickness().value();
    for (int i = 1; i <= bridge.offsets().size(); i++) {
      double y = bridge.offsets().get(i - 1);
      double x = seating.atBridge(bridge.datumAt(y)) + back;
      double at = middle + y;
      List<Cylinder> bores = new ArrayList<>();
      bores.add(
          new Cylinder(
              new Point3(x, at, builder.surface.topPlane(x)),
              new Point3(x, at, t),
              bore.value() / 2));
      bores.add(
          new Cylinder(
              new Point3(x, at, t),
              new Point3(x, at, Math.max(1, t - deep.value())),
              ferrule.value() / 2));
      builder.add(
          new Cut(
              "string-" + i,
              Text.of("hole of string {i}", i),
              CutKind.STRING,
              CutFrom.TOP,
              List.of(),
              bores,
              Set.of(),
              List.of(
                  RoutDecisions.FERRULE_BORE.id(),
                  Decisions.BRIDGE_SPREAD.id(),
                  StringDecisions.BRIDGE_ANCHOR.id()),
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
      corners.add(new Point(datum + p[0] - lean * p[1], middle + p[1]));
    }
    Outline shape = new Outline(corners);
    double top = builder.surface.topPlane(datum);
    builder.add(
        new HardwareSolid(
            "bridge-plate",
            Text.of("bridge"),
            "bridge-plate",
            new Prism(shape.corners(), top - PLATE_HEIGHT, top - Precision.TOUCHING, 0),
            shape,
            true));
  }
}
