package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.demo.Demo;
import roughcut.design.BodyFace;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.DrawnPart;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.HeadShapes;
import roughcut.design.NeckDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.design.YesNo;
import roughcut.drawing.BodyDrawing;
import roughcut.drawing.Drawing;
import roughcut.drawing.HeadDrawing;
import roughcut.drawing.Role;
import roughcut.file.BuildFile;
import roughcut.finding.Finding;
import roughcut.geometry.Chain;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.measure.InvalidValue;
import roughcut.measure.Units;
import roughcut.record.Build;
import roughcut.record.Reading;

/** A body and a headstock drawn point by point: what is moved moves, and nothing else. */
class PointOutlineTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);

  private static Plan plan(Build build, Design design) {
    return Plan.of(build.asDesigned().withDesign(design), Demo.shop());
  }

  private static Outline shape(Plan plan, DrawnPart part) {
    return switch (part.kind()) {
      case BODY -> plan.body().outline().raw();
      case HEAD -> plan.headFace().outline();
      case CAVITY -> plan.cuts().cut(part.name()).orElseThrow().steps().get(1).outline();
    };
  }

  private static PointOutline points(Plan plan, DrawnPart part) {
    return PointOutline.drawn(plan, part).orElseThrow();
  }

  /** By its sides alone. */
  private static double off(Outline outline, Point p) {
    List<Point> corners = outline.corners();
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < corners.size(); i++) {
      least =
          Math.min(
              least, p.distanceToSegment(corners.get(i), corners.get((i + 1) % corners.size())));
    }
    return least;
  }

  /** How far two outlines are apart at most, by the corners of both. */
  private static double apart(Outline one, Outline other) {
    double most = 0;
    for (Point p : one.corners()) {
      most = Math.max(most, off(other, p));
    }
    for (Point p : other.corners()) {
      most = Math.max(most, off(one, p));
    }
    return most;
  }

  /** With headstocks that nobody drew yet. */
  private static List<Build> builds() {
    return Demo.builds(TODAY).stream()
        .map(b -> b.withDesign(HeadShapes.plain(b.design())))
        .filter(b -> PointOutline.of(Plan.of(b, Demo.shop()), DrawnPart.HEAD).isPresent())
        .toList();
  }

  /** What isn't there has no points: a headstock that was drawn before its neck became headless. */
  @Test
  void aHeadlessNeckHasNoHeadstockToDraw() {
    Build avocet = Demo.avocet();
    assertThat(PointOutline.drawn(Plan.of(avocet, Demo.shop()), DrawnPart.HEAD)).isPresent();
    Design headless = NeckDecisions.HEAD_MAKING.with(avocet.design(), HeadMaking.HEADLESS);
    Plan plan = plan(avocet, headless);
    assertThat(PointOutline.of(plan, DrawnPart.HEAD)).isEmpty();
    assertThat(PointOutline.drawn(plan, DrawnPart.HEAD)).isEmpty();
    assertThat(plan.headFace().outline().corners()).hasSize(4);
    assertThat(builds()).hasSize(4);
  }

  /** To begin with it is the very shape that it was, wherever and for whichever hand. */
  @Test
  void theOwnCurveIsDrawnByItsPointsAsItWas() {
    for (Build build : builds()) {
      for (Handedness hand : Handedness.values()) {
        for (DrawnPart part : DrawnPart.WHOLE) {
          Plan before = plan(build, Decisions.HAND.with(build.design(), hand));
          assertThat(PointOutline.drawn(before, part)).isEmpty();
          Plan after = plan(build, PointOutline.of(before, part).orElseThrow().begun());
          for (Point p : shape(before, part).corners()) {
            assertThat(off(shape(after, part), p)).as(build.name() + " " + part).isLessThan(0.03);
          }
          assertThat(points(after, part).chain().points())
              .isEqualTo(PointOutline.of(before, part).orElseThrow().chain().points());
        }
      }
    }
  }

  /**
   * On wood that was measured otherwise it begins as it is seen, and nothing is wrong by that: it
   * meets the neck as that really is, and lies at the body's true edge, whose decision stays.
   */
  @Test
  void onMeasuredWoodItBeginsAsItIsSeen() {
    Build measured =
        Demo.builds(TODAY)
            .get(0)
            .asDesigned()
            .withReading(Reading.of("nut.width", 41.5, TODAY))
            .withReading(Reading.of("joint.x", 440, TODAY));
    Plan built = Plan.of(measured, Demo.shop());
    assertThat(built.given(Decisions.NUT_WIDTH)).isEqualTo(41.5);
    for (DrawnPart part : DrawnPart.WHOLE) {
      Design begun = PointOutline.of(built, part).orElseThrow().begun();
      Plan after = Plan.of(measured.withDesign(begun), Demo.shop());
      for (Point p : shape(built, part).corners()) {
        assertThat(off(shape(after, part), p)).as(part + "").isLessThan(0.03);
      }
      assertThat(after.findings().stream().filter(Finding::stops).map(Finding::words))
          .containsExactlyElementsOf(
              built.findings().stream().filter(Finding::stops).map(Finding::words).toList());
      assertThat(Decisions.JOINT_X.in(begun)).isEqualTo(Decisions.JOINT_X.in(measured.design()));
      assertThat(Decisions.NUT_WIDTH.in(begun))
          .isEqualTo(Decisions.NUT_WIDTH.in(measured.design()));
    }
  }

  private static Plan begun(Build build, DrawnPart part) {
    Plan before = plan(build, build.design());
    return plan(build, PointOutline.of(before, part).orElseThrow().begun());
  }

  /**
   * Over many drags in a row: the point is where it was let go, every other one where it was, and
   * the shape goes through all of them.
   */
  @Test
  void aDraggedPointLiesWhereItWasLetGoAndNoOtherMoves() {
    Random random = new Random(6);
    for (Build build : builds()) {
      for (DrawnPart part : DrawnPart.WHOLE) {
        Plan plan = begun(build, part);
        for (int i = 0; i < 6; i++) {
          Chain was = points(plan, part).chain();
          int point = 1 + random.nextInt(was.points() - 2);
          Grip grip = new Grip.OutlinePoint(part, point, Grip.Hold.POINT);
          Drag drag =
              Drag.of(plan, grip, -4 + 8 * random.nextDouble(), -4 + 8 * random.nextDouble())
                  .orElseThrow();
          plan = plan(build, drag.design());
          Chain is = points(plan, part).chain();
          assertThat(is.points()).isEqualTo(was.points());
          for (int j = 0; j < was.points(); j++) {
            Point at = is.at(j);
            if (j != point) {
              assertThat(at.distance(was.at(j))).as(part + " point " + j).isLessThan(0.02);
            } else {
              assertThat(drag.shape().stream().mapToDouble(p -> p.distance(at)).min().orElseThrow())
                  .as("as it was shown while it was dragged")
                  .isLessThan(0.02);
            }
            double x = part == DrawnPart.HEAD ? -at.x() : at.x();
            assertThat(off(shape(plan, part), new Point(x, at.y()))).isLessThan(0.03);
          }
        }
      }
    }
  }

  /** A placing that was decided before is taken into the shape: it lies where it lay. */
  @Test
  void aPlacedOutlineKeepsItsPlaceWhenAPointIsMoved() {
    Build build = Demo.builds(TODAY).get(0);
    Design drawn = begun(build, DrawnPart.BODY).build().design();
    drawn = SurfaceDecisions.OUTLINE_TURN.with(drawn, 7);
    drawn = SurfaceDecisions.OUTLINE_SCALE.with(drawn, 1.04);
    drawn = SurfaceDecisions.OUTLINE_FLIP.with(drawn, YesNo.YES);
    drawn = SurfaceDecisions.OUTLINE_ALONG.with(drawn, -3.5);
    drawn = SurfaceDecisions.OUTLINE_ASIDE.with(drawn, 12);
    Plan before = plan(build, drawn);
    PointOutline outline = points(before, DrawnPart.BODY);
    Plan after = plan(build, outline.with(outline.chain()));
    assertThat(apart(shape(before, DrawnPart.BODY), shape(after, DrawnPart.BODY))).isLessThan(0.02);
    assertThat(SurfaceDecisions.OUTLINE_TURN.in(after.build().design())).isZero();
    assertThat(SurfaceDecisions.OUTLINE_SCALE.in(after.build().design())).isEqualTo(1);
    Design head = begun(build, DrawnPart.HEAD).build().design();
    head = NeckDecisions.HEAD_OUTLINE_FLIP.with(head, YesNo.YES);
    head = NeckDecisions.HEAD_OUTLINE_ASIDE.with(head, 2);
    Plan with = plan(build, head);
    PointOutline face = points(with, DrawnPart.HEAD);
    Plan again = plan(build, face.with(face.chain()));
    assertThat(apart(shape(with, DrawnPart.HEAD), shape(again, DrawnPart.HEAD))).isLessThan(0.02);
  }

  /** The ends at the nut stay on the break line, and no point goes behind it. */
  @Test
  void aHeadstocksEndsStayAtTheNut() {
    Plan plan = begun(Demo.builds(TODAY).get(0), DrawnPart.HEAD);
    PointOutline head = points(plan, DrawnPart.HEAD);
    int last = head.chain().points() - 1;
    for (int end : new int[] {0, last}) {
      assertThat(head.end(end)).isTrue();
      Chain put = head.put(end, 40, end == 0 ? -18 : 18);
      assertThat(put.at(end).x()).isZero();
      assertThat(Math.abs(put.at(end).y())).isCloseTo(18, within(1e-9));
    }
    assertThat(head.put(2, -50, -30).at(2).x()).isEqualTo(-Chain.APART);
    assertThat(head.put(2, 61.5, -30).at(2))
        .as("told from the break")
        .isEqualTo(new Point(-61.5, -30));
    assertThat(head.place(2).x()).isPositive();
  }

  /** Whatever is dragged where, the edge never runs behind the break and the ends stay there. */
  @Test
  void noDragPutsAHeadstockBehindItsBreak() {
    Random random = new Random(3);
    Build build = Demo.builds(TODAY).get(0);
    Plan plan = begun(build, DrawnPart.HEAD);
    Point bass = points(plan, DrawnPart.HEAD).chain().at(0);
    for (int i = 0; i < 25; i++) {
      Grip.Hold hold = Grip.Hold.values()[random.nextInt(3)];
      int point = 1 + random.nextInt(5);
      Drag drag =
          Drag.of(
                  plan,
                  new Grip.OutlinePoint(DrawnPart.HEAD, point, hold),
                  90 * random.nextDouble(),
                  8 * random.nextGaussian())
              .orElseThrow();
      assertThat(drag.shape()).allMatch(p -> p.x() <= 1e-9);
      Plan next = plan(build, drag.design());
      assertThat(points(next, DrawnPart.HEAD).chain().at(0).distance(bass))
          .as(hold + " of " + point)
          .isLessThan(0.02);
    }
  }

  /** Corners, straight sides side by side, arcs and curves are the same ones when read again. */
  @Test
  void aFileKeepsEveryStretch(@TempDir Path folder) throws Exception {
    Random random = new Random(12);
    Build build = Demo.builds(TODAY).get(0);
    for (int i = 0; i < 12; i++) {
      PointOutline outline = points(begun(build, DrawnPart.BODY), DrawnPart.BODY);
      Chain chain = outline.chain();
      for (int j = 0; j < 8; j++) {
        int stretch = random.nextInt(chain.segments().size());
        chain =
            switch (random.nextInt(4)) {
              case 0 -> chain.straightened(stretch);
              case 1 -> chain.rounded(stretch);
              case 2 -> chain.added(stretch, 0.2 + 0.6 * random.nextDouble());
              default -> chain.moved(stretch, random.nextGaussian(), random.nextGaussian());
            };
      }
      Path file = folder.resolve(i + BuildFile.ENDING);
      Build made = build.asDesigned().withDesign(outline.with(chain));
      BuildFile.at(file).save(made);
      Build read = BuildFile.open(file).build();
      assertThat(read.design().drawn()).isEqualTo(made.design().drawn());
      Chain again = points(Plan.of(read, Demo.shop()), DrawnPart.BODY).chain();
      assertThat(again.points()).isEqualTo(chain.points());
      for (int j = 0; j < chain.segments().size(); j++) {
        Segment one = chain.segments().get(j);
        Segment two = again.segments().get(j);
        assertThat(StretchKind.of(two)).isEqualTo(StretchKind.of(one));
        for (double t : new double[] {0, 0.3, 0.5, 0.8, 1}) {
          assertThat(two.at(t).distance(one.at(t))).isLessThan(1e-6);
        }
      }
    }
  }

  /** A number typed for one way leaves the other as it was, to the last bit. */
  @Test
  void oneNumberMovesAPointOneWay() {
    for (DrawnPart part : DrawnPart.WHOLE) {
      PointOutline outline = points(begun(Demo.builds(TODAY).get(0), part), part);
      Point was = outline.chain().at(2);
      Point along = outline.putAlong(2, outline.place(2).x() + 3).at(2);
      assertThat(along.y()).isCloseTo(was.y(), within(0.005));
      assertThat(Math.abs(along.x() - was.x())).isCloseTo(3, within(0.01));
      Point across = outline.putAcross(2, was.y() + 2).at(2);
      assertThat(across.x()).isCloseTo(was.x(), within(0.005));
      assertThat(across.y() - was.y()).isCloseTo(2, within(0.01));
    }
  }

  /** A headstock that no headstock may be as long as is refused, never squeezed to fit. */
  @Test
  void whatIsTooLargeIsRefusedAndNotSqueezed() {
    Plan plan = begun(Demo.builds(TODAY).get(0), DrawnPart.HEAD);
    Grip tip = new Grip.OutlinePoint(DrawnPart.HEAD, 3, Grip.Hold.POINT);
    Drag tooFar = Drag.of(plan, tip, -300, 0).orElseThrow();
    assertThat(tooFar.design()).isEqualTo(plan.build().design());
    assertThat(tooFar.words().in(Units.MM)).contains("Headstock length").contains("400");
    Plan body = begun(Demo.builds(TODAY).get(0), DrawnPart.BODY);
    Grip side = new Grip.OutlinePoint(DrawnPart.BODY, 6, Grip.Hold.POINT);
    assertThat(Drag.of(body, side, 0, -900).orElseThrow().design())
        .isEqualTo(body.build().design());
  }

  /** The neck's line stays one straight side; no cutter is said to be stopped by it. */
  @Test
  void aMirroredBodyHasItsNeckLineWhole() {
    for (Build build : builds()) {
      PointOutline outline = points(begun(build, DrawnPart.BODY), DrawnPart.BODY);
      Plan alike = plan(build, outline.with(outline.mirrored(-1)));
      Chain chain = points(alike, DrawnPart.BODY).chain();
      assertThat(chain.points() % 2).as("the end's point and as many on each side").isOne();
      assertThat(alike.body().outline().hollows().in(Units.MM))
          .as(build.name())
          .doesNotContain("sharp");
      PointOutline again = points(alike, DrawnPart.BODY);
      assertThat(again.mirrored(1).points())
          .as("once more changes nothing")
          .isEqualTo(chain.points());
      for (int i = 0; i < chain.points(); i++) {
        Point p = chain.at(i);
        assertThat(chain.nearest(new Point(p.x(), -p.y())).distance()).isLessThan(0.02);
      }
    }
  }

  @Test
  void whatHasNoTwoSidesIsSaid() {
    Plan plan = begun(Demo.builds(TODAY).get(0), DrawnPart.BODY);
    Plan aside =
        plan(plan.build(), SurfaceDecisions.OUTLINE_ASIDE.with(plan.build().design(), 280));
    assertThatThrownBy(() -> points(aside, DrawnPart.BODY).mirrored(-1))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("centre line");
    Chain many = points(plan, DrawnPart.BODY).chain();
    while (many.points() < PointOutline.MOST) {
      many = many.added(2, 0.5);
    }
    PointOutline full =
        points(plan(plan.build(), points(plan, DrawnPart.BODY).with(many)), DrawnPart.BODY);
    assertThatThrownBy(() -> full.mirrored(-1))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("more than 60");
  }

  /** What a part is offered as its stretches is what it then has. */
  @Test
  void aStretchIsTheKindThatWasChosen() {
    for (DrawnPart part : DrawnPart.WHOLE) {
      Build build = Demo.builds(TODAY).get(0);
      PointOutline outline = points(begun(build, part), part);
      for (StretchKind kind : StretchKind.of(part)) {
        Plan plan = plan(build, outline.with(kind.in(outline.chain(), 2)));
        assertThat(StretchKind.of(points(plan, part).chain().segments().get(2)))
            .as(part + " " + kind)
            .isEqualTo(kind);
      }
    }
  }

  /** Near the centre line, another point's line or its mirror image, it snaps. */
  @Test
  void pointsSnapIntoLine() {
    Build build = Demo.builds(TODAY).get(0);
    PointOutline even = points(begun(build, DrawnPart.BODY), DrawnPart.BODY);
    double free = 60;
    for (int i = 0; i < even.chain().points(); i++) {
      if (i != 13 && Math.abs(Math.abs(even.chain().at(i).y()) - free) < 3) {
        free++;
        i = -1;
      }
    }
    Design moved = even.with(even.putAcross(13, free));
    Plan plan = plan(build, moved);
    PointOutline body = points(plan, DrawnPart.BODY);
    Point on = body.chain().at(5);
    Chain chain = body.chain();
    Point other = chain.at(13);
    for (int i = 0; i < chain.points(); i++) {
      assertThat(Math.abs(chain.at(i).y() + other.y())).as("nothing opposite").isGreaterThan(2);
    }
    Drag drag =
        Drag.of(
                plan,
                new Grip.OutlinePoint(DrawnPart.BODY, 5, Grip.Hold.POINT),
                other.x() - on.x() + 0.6,
                -other.y() - on.y() - 0.7)
            .orElseThrow();
    Point at = points(plan(Demo.builds(TODAY).get(0), drag.design()), DrawnPart.BODY).chain().at(5);
    assertThat(at.x()).isCloseTo(other.x(), within(0.011));
    assertThat(at.y()).isCloseTo(-other.y(), within(0.011));
  }

  /** One that crosses itself is drawn and told; its points can still be put right. */
  @Test
  void aCrossedOutlineIsToldAndMended() {
    for (DrawnPart part : DrawnPart.WHOLE) {
      Build build = Demo.builds(TODAY).get(0);
      Plan plan = begun(build, part);
      PointOutline outline = points(plan, part);
      Point two = outline.chain().at(2);
      Point four = outline.chain().at(outline.chain().points() - 3);
      Chain crossed = outline.put(2, along(part, four.x()), four.y() + Math.signum(four.y()) * 15);
      Plan wrong = plan(build, outline.with(crossed));
      Drawing seen =
          part == DrawnPart.HEAD
              ? HeadDrawing.of(wrong, Units.MM)
              : BodyDrawing.of(wrong, Units.MM, BodyFace.TOP, BodyDrawing.Shows.OUTLINE, "");
      Point tip = points(wrong, part).chain().at(2);
      assertThat(seen.marks())
          .as("drawn as it is, in the colour of what stops")
          .anyMatch(
              m ->
                  m.role() == Role.STOP
                      && m.line().isPresent()
                      && m.line().get().points().stream().anyMatch(p -> p.distance(tip) < 0.05));
      assertThat(wrong.findings()).anyMatch(f -> f.stops() && f.words().contains("crosses itself"));
      PointOutline mended = points(wrong, part);
      Plan right = plan(build, mended.with(mended.put(2, along(part, two.x()), two.y())));
      assertThat(right.findings()).noneMatch(f -> f.words().contains("crosses itself"));
    }
  }

  /** A point is put on the line, never on another point, nor where there are too many. */
  @Test
  void thereIsRoomForAPointOnTheLine() {
    Build build = Demo.builds(TODAY).get(0);
    PointOutline body = points(begun(build, DrawnPart.BODY), DrawnPart.BODY);
    Point on = body.chain().segments().get(3).at(0.5);
    assertThat(body.room(on.plus(1, 1), 2).orElseThrow().stretch()).isEqualTo(3);
    assertThat(body.room(on.plus(3, 3), 2)).as("too far away").isEmpty();
    assertThat(body.room(body.chain().at(3).plus(0.1, 0.1), 2)).as("on a point").isEmpty();
    Chain many = body.chain();
    while (many.points() < PointOutline.MOST) {
      many = many.added(0, 0.97);
    }
    Plan full = plan(build, body.with(many));
    assertThat(points(full, DrawnPart.BODY).room(on, 2)).isEmpty();
    PointOutline fuller = points(full, DrawnPart.BODY);
    Plan over = plan(build, fuller.with(many.added(5, 0.5)));
    assertThat(PointOutline.drawn(over, DrawnPart.BODY)).as("too many to be seen").isEmpty();
  }

  private static double along(DrawnPart part, double x) {
    return part == DrawnPart.HEAD ? -x : x;
  }

  @Test
  void noPointIsDraggedOutOfTheWorld() {
    Plan plan = begun(Demo.builds(TODAY).get(0), DrawnPart.BODY);
    Drag drag =
        Drag.of(plan, new Grip.OutlinePoint(DrawnPart.BODY, 5, Grip.Hold.POINT), 3e5, 0)
            .orElseThrow();
    assertThat(drag.design()).isEqualTo(plan.build().design());
    assertThat(drag.words().in(Units.MM)).contains("far outside any body");
  }

  @Test
  void whatIsNoLongerThereIsSaid() {
    Plan plan = begun(Demo.builds(TODAY).get(0), DrawnPart.BODY);
    Grip gone = new Grip.OutlinePoint(DrawnPart.BODY, 55, Grip.Hold.AFTER);
    Drag drag = Drag.of(plan, gone, 5, 5).orElseThrow();
    assertThat(drag.design()).isEqualTo(plan.build().design());
    Plan own = plan(Demo.builds(TODAY).get(1), Demo.builds(TODAY).get(1).design());
    assertThat(Drag.of(own, gone, 5, 5)).isEmpty();
    assertThat(List.of(Grip.Hold.values())).hasSize(3);
  }
}
