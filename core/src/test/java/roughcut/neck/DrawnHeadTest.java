package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.Handedness;
import roughcut.design.HeadShapes;
import roughcut.design.NeckDecisions;
import roughcut.drawing.Sheet;
import roughcut.file.BuildFile;
import roughcut.file.OutlineFile;
import roughcut.file.SvgWriter;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.plan.PlanEngine;
import roughcut.record.Build;
import roughcut.whatif.ChangeSummary;

/** An in-line headstock that was drawn elsewhere: narrow at the bass side, wide at the treble. */
class DrawnHeadTest {
  @TempDir private Path folder;

  /** As the plan sees it from above: the nut at the right, the treble side positive. */
  private static final List<Point> IN_LINE =
      List.of(
          new Point(300, 10 + 21.5),
          new Point(270, 10 + 30),
          new Point(130, 10 + 44),
          new Point(110, 10 + 20),
          new Point(120, 10 - 21.5),
          new Point(300, 10 - 21.5));

  /** The same along from the break line, the middle of its end on the centre line. */
  private static final List<Point> PLACED =
      List.of(
          new Point(0, 21.5),
          new Point(30, 30),
          new Point(170, 44),
          new Point(190, 20),
          new Point(180, -21.5),
          new Point(0, -21.5));

  private static DrawnOutline inLine(List<Point> corners) {
    return new DrawnOutline("in-line.svg", corners, 0);
  }

  private static Build build(DrawnOutline drawn, String... settings) {
    Build build = Heron.build().asDesigned();
    build = build.withDesign(Heron.set(build.design(), settings));
    return build.withDesign(HeadShapes.set(build.design(), drawn));
  }

  private static Plan plan(DrawnOutline drawn, String... settings) {
    Build build = build(drawn);
    return Plan.of(build.withDesign(Heron.set(build.design(), settings)), Demo.shop());
  }

  /** How far a side reaches, by the lines between the corners alone. */
  private static double side(List<Point> corners, int side, double along) {
    double reach = 0;
    for (int i = 0; i < corners.size(); i++) {
      Point a = corners.get(i);
      Point b = corners.get((i + 1) % corners.size());
      if (along >= Math.min(a.x(), b.x()) && along <= Math.max(a.x(), b.x()) && a.x() != b.x()) {
        reach =
            Math.max(reach, side * (a.y() + (b.y() - a.y()) * (along - a.x()) / (b.x() - a.x())));
      }
    }
    return reach;
  }

  @Test
  void eachSideReachesAsFarAsItWasDrawn() {
    Plan plan = plan(inLine(IN_LINE));
    assertThat(Decisions.HEAD_LENGTH.in(plan.build().design())).isEqualTo(190);
    assertThat(Decisions.HEAD_WIDTH.in(plan.build().design())).isEqualTo(65.5);
    HeadFace face = plan.headFace();
    for (double along : new double[] {2, 15, 29, 60, 100, 150, 169, 178}) {
      for (int side : new int[] {-1, 1}) {
        assertThat(face.reach(side, along))
            .as("%s at %s", side, along)
            .isCloseTo(side(PLACED, side, along), within(1e-6));
      }
    }
    assertThat(face.outline().area()).isCloseTo(new Outline(PLACED).area(), within(1e-3));
    assertThat(face.outline().corners()).as("no more corners than drawn").hasSizeLessThan(10);
    assertThat(plan.problems()).isEmpty();
    assertThat(plan.findings()).noneMatch(f -> f.words().contains("wide at the nut"));
  }

  /** Turned round in the drawing and turned back, or over and over again, it is the same head. */
  @Test
  void turnedFlippedAndStretchedItIsWhatItWas() {
    List<Point> round = IN_LINE.stream().map(p -> new Point(-p.x(), -p.y())).toList();
    Outline turned = plan(inLine(round), "head.outline-turn=180").headFace().outline();
    assertThat(turned.area()).isCloseTo(new Outline(PLACED).area(), within(1e-3));
    List<Point> over = IN_LINE.stream().map(p -> new Point(p.x(), -p.y())).toList();
    HeadFace flipped = plan(inLine(over), "head.outline-flip=yes").headFace();
    HeadFace mirrored = plan(inLine(over)).headFace();
    HeadFace wide = plan(inLine(IN_LINE), "head.length=200", "head.width=60").headFace();
    HeadFace aside = plan(inLine(IN_LINE), "head.outline-aside=2").headFace();
    for (double along : new double[] {10, 60, 150}) {
      assertThat(flipped.reach(1, along)).isCloseTo(side(PLACED, 1, along), within(1e-6));
      assertThat(mirrored.reach(-1, along)).isCloseTo(side(PLACED, 1, along), within(1e-6));
      assertThat(wide.reach(1, along * 200 / 190))
          .isCloseTo(side(PLACED, 1, along) * 60 / 65.5, within(1e-6));
      assertThat(aside.reach(1, along)).isCloseTo(side(PLACED, 1, along) + 2, within(1e-6));
      assertThat(aside.reach(-1, along)).isCloseTo(side(PLACED, -1, along) - 2, within(1e-6));
    }
  }

  /**
   * Many draw a headstock upright, its tip above: it is laid down and is as long and wide as it was
   * drawn, and one with its tip below only has to be turned round.
   */
  @Test
  void oneThatWasDrawnUprightIsLaidDown() {
    // The tip at the left, turned clockwise, points up.
    List<Point> up = IN_LINE.stream().map(p -> new Point(p.y(), -p.x())).toList();
    List<Point> down = IN_LINE.stream().map(p -> new Point(-p.y(), p.x())).toList();
    for (Plan plan : List.of(plan(inLine(up)), plan(inLine(down), "head.outline-turn=-90"))) {
      assertThat(Decisions.HEAD_LENGTH.in(plan.build().design())).isEqualTo(190);
      assertThat(Decisions.HEAD_WIDTH.in(plan.build().design())).isEqualTo(65.5);
      for (double along : new double[] {10, 60, 150}) {
        for (int side : new int[] {-1, 1}) {
          assertThat(plan.headFace().reach(side, along))
              .as("%s at %s", side, along)
              .isCloseTo(side(PLACED, side, along), within(1e-6));
        }
      }
    }
    Design once = HeadShapes.set(Heron.build().design(), inLine(up));
    assertThat(NeckDecisions.HEAD_OUTLINE_TURN.in(HeadShapes.set(once, inLine(IN_LINE))))
        .as("another one begins as it was drawn")
        .isZero();
  }

  /** Sixty half circles along one edge, as arcs: their area is what circles have, not polygons. */
  @Test
  void anEdgeOfManyCurvesStaysRound() throws Exception {
    int count = 60;
    double radius = 1.5;
    StringBuilder path = new StringBuilder("M 180 0 L 0 0 L 0 43");
    for (int i = 1; i <= count; i++) {
      path.append(" A 1.5 1.5 0 0 0 ").append(3 * i).append(" 43");
    }
    Path file = folder.resolve("scallops.svg");
    Files.writeString(
        file,
        "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='100mm' viewBox='0 0 200 100'>"
            + ("<path d='" + path + " Z'/></svg>"));
    DrawnOutline drawn = OutlineFile.read(file, DrawnPart.HEAD).outline();
    HeadFace face = plan(drawn.drawnFor(Handedness.RIGHT)).headFace();
    double round = count * Math.PI * radius * radius / 2;
    assertThat(Math.abs(face.outline().area() - 180 * 43)).isCloseTo(round, within(round * 0.01));
  }

  /** No headstock is so large: the number stays within its limits, and the neck's end says it. */
  @Test
  void anOutlineOfAnotherUnitStaysWithinTheLimits() {
    List<Point> huge = IN_LINE.stream().map(p -> new Point(p.x() * 25.4, p.y() * 25.4)).toList();
    Plan plan = plan(inLine(huge));
    Design design = plan.build().design();
    assertThat(Decisions.HEAD_LENGTH.in(design)).isEqualTo(Decisions.HEAD_LENGTH.most());
    assertThat(Decisions.HEAD_WIDTH.in(design)).isEqualTo(Decisions.HEAD_WIDTH.most());
    assertThat(plan.findings()).anyMatch(f -> f.stops() && f.words().contains("wide at the nut"));
    List<Point> tiny = IN_LINE.stream().map(p -> new Point(p.x() / 25.4, p.y() / 25.4)).toList();
    assertThat(Decisions.HEAD_LENGTH.in(plan(inLine(tiny)).build().design()))
        .isEqualTo(Decisions.HEAD_LENGTH.least());
  }

  /** Every tuner's wood to the edge, against places stepped along the corners' lines. */
  @Test
  void tunersAreMeasuredToTheDrawnEdge() {
    Plan plan =
        plan(
            inLine(IN_LINE),
            "tuner.rule=along-a-line",
            "tuner.treble-side=6",
            "tuner.line-offset=20",
            "tuner.spacing=25");
    double half = NeckDecisions.TUNER_BUSHING.in(plan.build().design()) / 2;
    for (TunerLayout.Tuner tuner : plan.details().tuners().tuners()) {
      double least = Double.POSITIVE_INFINITY;
      for (int i = 0; i < PLACED.size(); i++) {
        Point a = PLACED.get(i);
        Point b = PLACED.get((i + 1) % PLACED.size());
        boolean nut = a.x() == 0 && b.x() == 0;
        for (int k = 0; k <= 4000 && !nut; k++) {
          Point on = a.towards(b, k / 4000.0);
          least = Math.min(least, on.distance(new Point(tuner.x().value(), tuner.y().value())));
        }
      }
      assertThat(tuner.y().value()).as("all on the treble side").isPositive();
      assertThat(tuner.edge().value()).isCloseTo(least - half, within(0.01));
    }
  }

  /** In line along the edge of a head of any shape each has as much wood, neither more nor less. */
  @Test
  void tunersAlongTheEdgeHaveAsMuchWoodEach() {
    String[] edge = {"tuner.rule=along-the-edge", "tuner.edge-distance=13", "tuner.spacing=25"};
    String[] inLine = {edge[0], edge[1], edge[2], "tuner.treble-side=6"};
    String[] sides = {edge[0], edge[1], edge[2], "tuner.treble-side=2"};
    for (Plan plan :
        List.of(
            plan(inLine(IN_LINE), inLine),
            plan(inLine(IN_LINE), sides),
            Heron.with(inLine),
            Heron.with(sides))) {
      double bushing = NeckDecisions.TUNER_BUSHING.in(plan.build().design());
      List<Point> corners = plan.headFace().outline().corners();
      for (TunerLayout.Tuner tuner : plan.details().tuners().tuners()) {
        Point post = new Point(tuner.x().value(), tuner.y().value());
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
          Point a = corners.get(i);
          Point b = corners.get((i + 1) % corners.size());
          for (int k = 0; k <= 500; k++) {
            least = Math.min(least, post.distance(a.towards(b, k / 500.0)));
          }
        }
        assertThat(least).isCloseTo(13, within(0.01));
        assertThat(tuner.edge().value()).isCloseTo(13 - bushing / 2, within(1e-6));
        assertThat(post.y() > 0).isEqualTo(tuner.trebleSide());
      }
    }
    // A head too narrow for the distance: on the centre line, and its clearance says the rest.
    Plan narrow = Heron.with(edge[0], "tuner.edge-distance=60");
    assertThat(narrow.details().tuners().tuners())
        .allSatisfy(t -> assertThat(t.y().value()).isZero());
  }

  /** A blank that is narrower than the head gets a wing at that side only. */
  @Test
  void wingsAreOfEachSide() {
    Plan plan = plan(inLine(IN_LINE));
    List<String> wings = new ArrayList<>();
    plan.boards().laid().forEach(l -> wings.add(l.part().id()));
    plan.boards().homeless().forEach(h -> wings.add(h.part().id()));
    assertThat(wings).anyMatch(id -> id.contains("wing") && id.contains("treble"));
    assertThat(wings).noneMatch(id -> id.startsWith("head") && id.contains("bass"));
  }

  /** What is planned anew is what is planned from nothing: another outline, its turn, its size. */
  @Test
  void anEngineSeesThatTheOutlineIsAnother() {
    PlanEngine engine = new PlanEngine();
    List<Point> over = IN_LINE.stream().map(p -> new Point(p.x(), 20 - p.y())).toList();
    Build plain = Heron.build().asDesigned();
    Build first = build(inLine(IN_LINE));
    Build turned = first.withDesign(Heron.set(first.design(), "head.outline-aside=3"));
    for (Build next : List.of(plain, first, turned, build(inLine(over)), first, plain)) {
      Plan quick = engine.plan(next, Demo.shop());
      Plan slow = Plan.of(next, Demo.shop());
      assertThat(quick.headFace()).isEqualTo(slow.headFace());
      assertThat(quick.findings()).isEqualTo(slow.findings());
      for (TunerLayout.Tuner tuner : slow.details().tuners().tuners()) {
        String edge = "tuner." + tuner.string() + ".edge";
        assertThat(Heron.value(quick, edge)).as(edge).isEqualTo(Heron.value(slow, edge));
      }
    }
  }

  @Test
  void whatCantBeCutIsSaid() {
    List<Point> bow =
        List.of(
            new Point(300, 31.5), new Point(120, -30), new Point(120, 60), new Point(300, -11.5));
    assertThat(plan(inLine(bow)).problems())
        .anyMatch(p -> p.words().contains("headstock outline crosses itself"));
    DrawnOutline open = new DrawnOutline("open.svg", IN_LINE, 3);
    assertThat(plan(open).problems())
        .anyMatch(
            p -> p.words().contains("The path in open.svg is open: its ends are 3.0 mm apart"));
    assertThat(plan(inLine(IN_LINE), "nut.width=48").findings())
        .anyMatch(
            f ->
                f.stops()
                    && f.words()
                        .contains("The headstock is 43.0 mm wide at the nut, the neck 48.0 mm"));
    assertThat(Heron.with("nut.width=48").findings())
        .as("our own curve follows the neck")
        .noneMatch(f -> f.words().contains("wide at the nut"));
  }

  @Test
  void aBuildKeepsItAndSaysThatItChanged() throws Exception {
    Build drawn = build(inLine(IN_LINE), "nut.width=44");
    Path file = folder.resolve("in-line.roughcut.json");
    BuildFile.at(file).save(drawn);
    Build back = BuildFile.open(file).build();
    assertThat(back.design().drawn(DrawnPart.HEAD)).contains(inLine(IN_LINE));
    assertThat(back.design().drawn()).isEmpty();
    Design plain = HeadShapes.plain(back.design());
    assertThat(plain.drawn(DrawnPart.HEAD)).isEmpty();
    assertThat(ChangeSummary.decided(drawn.design(), plain, Units.MM).toString())
        .contains("drawn outline of the headstock");
    Files.writeString(file, Files.readString(file).replace("\"in-line.svg\"", "\"other.svg\""));
    assertThat(BuildFile.open(file).build().design().drawn(DrawnPart.HEAD).orElseThrow().source())
        .isEqualTo("other.svg");
  }

  /** The headstock's own sheet, taken in again, is that headstock, for either hand. */
  @Test
  void aSheetOfAHeadTakenInAgainIsThatHead() throws Exception {
    for (Handedness hand : Handedness.values()) {
      Build drawn = build(inLine(IN_LINE));
      Build build = drawn.withDesign(Heron.set(drawn.design(), "instrument.hand=" + hand.word()));
      Plan plan = Plan.of(build, Demo.shop());
      byte[] svg = SvgWriter.write(Sheet.HEAD.of(plan, Units.MM).withoutText());
      Path file = folder.resolve("again-" + hand.word() + ".svg");
      Files.write(file, svg);
      assertThat(new String(svg, StandardCharsets.UTF_8)).contains("<svg");
      DrawnOutline again = OutlineFile.read(file, DrawnPart.HEAD).outline().drawnFor(hand);
      Build next = build.withDesign(HeadShapes.set(build.design(), again));
      HeadFace face = Plan.of(next, Demo.shop()).headFace();
      for (double along : new double[] {15, 60, 150}) {
        for (int side : new int[] {-1, 1}) {
          assertThat(face.reach(side, along))
              .as("%s, %s at %s", hand, side, along)
              .isCloseTo(side(PLACED, side, along), within(0.1));
        }
      }
    }
  }

  /** A file without a unit is read in inches where a headstock is more likely to be so large. */
  @Test
  void aHeadIsAsLargeAsAHead() throws Exception {
    Path file = folder.resolve("small.dxf");
    StringBuilder dxf = new StringBuilder("0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n70\n1\n");
    for (Point p : PLACED) {
      dxf.append("10\n" + p.x() / 25.4 + "\n20\n" + p.y() / 25.4 + "\n");
    }
    Files.writeString(file, dxf + "0\nENDSEC\n0\nEOF\n");
    OutlineFile head = OutlineFile.read(file, DrawnPart.HEAD);
    assertThat(new Outline(head.outline().corners()).bounds().width()).isCloseTo(190, within(0.05));
    assertThat(head.said().toString()).contains("read as inches");
    assertThat(Optional.of(head.outline().open())).contains(0.0);
  }
}
