package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.blank.BoardLayout;
import roughcut.blank.BodyMarks;
import roughcut.demo.Demo;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.HalfArrangement;
import roughcut.design.Handedness;
import roughcut.file.OutlineFile;
import roughcut.file.SvgWriter;
import roughcut.finding.Finding;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.neck.Facets;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.rout.RoutPlan;
import roughcut.schedule.HardwareNeeds;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Shop;

/** A left-handed instrument is the mirror image of the right-handed one, and nothing else. */
class HandednessTest {
  private static final double SAME = 1e-6;

  /** Bass and treble differ in everything that may differ. */
  private static final String[] UNEQUAL = {
    "scale.bass=660",
    "scale.treble=635",
    "neck.profile-exponent-treble=0.6",
    "body.horn-bass=70",
    "body.horn-treble=20",
    "arm.depth=12"
  };

  private static Build left(Build build) {
    return build.withDesign(Heron.set(build.design(), "instrument.hand=left"));
  }

  /** Each as a right-handed one. */
  private static List<Build> builds() {
    List<Build> all = new ArrayList<>();
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      all.add(build.withDesign(Heron.set(build.design(), "instrument.hand=right")));
    }
    all.add(Heron.lived(Heron.build().asDesigned(), UNEQUAL));
    return all;
  }

  /** What one mark is of another: as it was, or turned round about some line. */
  private enum Turned {
    NOT,
    OVER,
    END_FOR_END,
    ELSE
  }

  private static Turned turned(List<Point> was, List<Point> is) {
    boolean sameX = true;
    boolean sameY = true;
    boolean overY = true;
    boolean overX = true;
    for (int i = 0; i < was.size(); i++) {
      Point a = was.get(i);
      Point b = is.get(i);
      sameX &= Math.abs(a.x() - b.x()) < SAME;
      sameY &= Math.abs(a.y() - b.y()) < SAME;
      overY &= Math.abs(a.y() + b.y() - was.get(0).y() - is.get(0).y()) < SAME;
      overX &= Math.abs(a.x() + b.x() - was.get(0).x() - is.get(0).x()) < SAME;
    }
    return sameX && sameY
        ? Turned.NOT
        : sameX && overY ? Turned.OVER : sameY && overX ? Turned.END_FOR_END : Turned.ELSE;
  }

  @Test
  void everyNumberSpotAndFindingIsTheSame() {
    for (Build build : builds()) {
      Plan right = Plan.of(build, Demo.shop());
      Plan other = Plan.of(left(build), Demo.shop());
      Map<String, Double> numbers = new TreeMap<>();
      right.values().forEach((id, v) -> numbers.put(id, v.value()));
      Map<String, Double> others = new TreeMap<>();
      other.values().forEach((id, v) -> others.put(id, v.value()));
      assertThat(others).as(build.name()).isEqualTo(numbers);
      assertThat(other.clearances().stream().map(s -> s.what() + " " + s.state()))
          .containsExactlyElementsOf(
              right.clearances().stream().map(s -> s.what() + " " + s.state()).toList());
      assertThat(other.findings().stream().map(Finding::text))
          .containsExactlyElementsOf(right.findings().stream().map(Finding::text).toList());
    }
  }

  /** Drawings of boards, sides, steps and words: nothing of them has a left or a right hand. */
  private static boolean handless(String name) {
    return name.startsWith("board")
        || Set.of("milling", "access", "heights").contains(name)
        || name.equals("sheet CARDS");
  }

  @Test
  void everyLineIsTurnedRoundAndEveryWordStaysUpright() {
    for (Build build : builds()) {
      Map<String, Drawing> right = AllDrawings.drawn(Plan.of(build, Demo.shop()), Units.MM);
      Map<String, Drawing> left = AllDrawings.drawn(Plan.of(left(build), Demo.shop()), Units.MM);
      for (String name : right.keySet()) {
        if (name.equals("sheet TEMPLATES") || name.equals("sheet CERTIFICATE")) {
          continue; // laid out anew, looked at below
        }
        Set<Turned> ways = EnumSet.noneOf(Turned.class);
        List<Mark> a = right.get(name).marks().stream().filter(HandednessTest::own).toList();
        List<Mark> b = left.get(name).marks().stream().filter(HandednessTest::own).toList();
        assertThat(b).as(name).hasSameSizeAs(a);
        assertThat(shown(left.get(name)))
            .as(build.name() + " " + name)
            .isGreaterThanOrEqualTo(shown(right.get(name)));
        for (int i = 0; i < a.size(); i++) {
          assertThat(b.get(i).role()).as(name).isEqualTo(a.get(i).role());
          if (!name.startsWith("sheet PLAN")) {
            assertThat(AllDrawings.words(b.get(i))).as(name).isEqualTo(AllDrawings.words(a.get(i)));
          }
          if (a.get(i).drawn() || a.get(i) instanceof Mark.Dimension d && !under(d, b.get(i))) {
            Turned way = turned(lines(a.get(i)), lines(b.get(i)));
            assertThat(way)
                .as(build.name() + " " + name + " " + a.get(i))
                .isNotEqualTo(Turned.ELSE);
            ways.add(way);
          }
          if (a.get(i) instanceof Mark.Text one && b.get(i) instanceof Mark.Text two) {
            assertThat(two.turn()).isEqualTo(one.turn());
          }
        }
        if (handless(name)) {
          assertThat(ways).as(name).containsOnly(Turned.NOT);
        } else if (!name.startsWith("sheet ")) {
          assertThat(ways)
              .as(build.name() + " " + name)
              .containsAnyOf(Turned.OVER, Turned.END_FOR_END);
        }
      }
    }
  }

  /** A length along that is written under whatever is seen. */
  private static boolean under(Mark.Dimension was, Mark is) {
    return was.a().y() == was.b().y()
        && was.aside() < 0
        && is instanceof Mark.Dimension d
        && d.aside() == was.aside()
        && d.a().y() < 0;
  }

  /** Where it lies; a dimension with the line that its number stands at. */
  private static List<Point> lines(Mark mark) {
    List<Point> all = new ArrayList<>(AllDrawings.places(mark));
    if (mark instanceof Mark.Dimension d && d.a().distance(d.b()) > SAME) {
      double length = d.a().distance(d.b());
      double nx = -(d.b().y() - d.a().y()) / length;
      double ny = (d.b().x() - d.a().x()) / length;
      all.add(d.a().plus(nx * d.aside(), ny * d.aside()));
    }
    return all;
  }

  /** How many of its words and dimensions are in view when the whole drawing is. */
  private static long shown(Drawing drawing) {
    return drawing.marks().stream()
        .filter(m -> own(m) && !AllDrawings.words(m).isEmpty())
        .filter(m -> AllDrawings.places(m).stream().allMatch(drawing.bounds()::contains))
        .count();
  }

  /** Feed is cut the other way on a mirror image, and hatching always leans the same way. */
  private static boolean own(Mark mark) {
    return mark.role() != Role.LOOK && mark.role() != Role.COVERED && mark.role() != Role.MEASURED;
  }

  /** Seen from above with the head at the left, string 1 is up on a right-handed one only. */
  @Test
  void theTrebleSideIsUpOrDown() {
    for (String view : List.of("LAYOUT", "bridge", "body TOP OUTLINE", "sheet PLAN")) {
      for (Handedness hand : Handedness.values()) {
        Plan plan =
            Plan.of(Heron.lived(Heron.build(), "instrument.hand=" + hand.word()), Demo.shop());
        Mark.Stroke first =
            AllDrawings.of(plan, Units.MM)
                .get(view)
                .get()
                .lines()
                .filter(l -> l.role() == Role.STRING)
                .findFirst()
                .orElseThrow();
        double y = first.points().get(0).y();
        assertThat(y > 0).as(view + " " + hand).isEqualTo(hand == Handedness.RIGHT);
      }
    }
  }

  /** What lifts the grain from one face is cut downhill from the other, in either hand. */
  @Test
  void turnedOverTheRouterRunsTheOtherWay() {
    for (Handedness hand : Handedness.values()) {
      Plan plan =
          Plan.of(Heron.lived(Heron.build(), "instrument.hand=" + hand.word()), Demo.shop());
      double round = plan.body().outline().perimeter().value();
      double lifted = 0;
      for (BodyFace face : BodyFace.values()) {
        double here =
            BodyDrawing.of(plan, Units.MM, face, BodyDrawing.Shows.OUTLINE, "")
                .lines()
                .filter(l -> l.role() == Role.LOOK && !l.closed())
                .mapToDouble(l -> l.path().length())
                .sum();
        assertThat(here).as(hand + " " + face).isBetween(0.2 * round, 0.8 * round);
        lifted += here;
      }
      assertThat(lifted).as(hand.name()).isCloseTo(round, within(0.02 * round));
    }
  }

  /**
   * A template is laid on the body's own face: what is routed from behind is turned over for it.
   */
  @Test
  void templatesAreForTheFaceThatTheyLieOn() {
    for (Handedness hand : Handedness.values()) {
      Plan plan =
          Plan.of(Heron.lived(Heron.build(), "instrument.hand=" + hand.word()), Demo.shop());
      List<Outline> drawn =
          Sheet.TEMPLATES
              .of(plan, Units.MM)
              .lines()
              .filter(l -> l.role() == Role.EDGE && l.closed())
              .map(l -> new Outline(l.path()))
              .toList();
      int unequal = 0;
      for (RoutPlan rout : plan.cuts().routs()) {
        boolean back = rout.cut().from().opens(BodyFace.BACK);
        Outline core = rout.template().opening();
        Outline turned = core.mirrored();
        Outline wanted = back == (hand == Handedness.LEFT) ? core : turned;
        assertThat(drawn.stream().anyMatch(o -> alike(o, wanted)))
            .as(hand + " " + rout.words())
            .isTrue();
        if (!alike(core, turned)) {
          assertThat(drawn.stream().anyMatch(o -> alike(o, wanted == core ? turned : core)))
              .as(hand + " the other way, " + rout.words())
              .isFalse();
          unequal++;
        }
      }
      assertThat(unequal).as("openings that a mirror changes").isPositive();
    }
  }

  /** The same shape, wherever it lies. */
  private static boolean alike(Outline a, Outline b) {
    Bounds one = a.bounds();
    Bounds two = b.bounds();
    if (Math.abs(one.width() - two.width()) > 0.01
        || Math.abs(one.height() - two.height()) > 0.01) {
      return false;
    }
    Outline laid = b.translate(one.left() - two.left(), one.low() - two.low());
    return a.difference(laid).stream().mapToDouble(Outline::area).sum() < 0.5
        && laid.difference(a).stream().mapToDouble(Outline::area).sum() < 0.5;
  }

  /** What was drawn from above goes into the plan and out again on to the same paper. */
  @Test
  void aDrawnOutlineComesOutAsItWentIn(@TempDir Path folder) throws Exception {
    String flag =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"500mm\" viewBox=\"0 0 500 400\">"
            + "<path d=\"M 0 100 L 200 0 L 500 100 L 480 300 L 100 380 L 0 300 Z\"/></svg>";
    Path drawing = Files.writeString(folder.resolve("flag.svg"), flag);
    DrawnOutline file = OutlineFile.read(drawing, DrawnPart.BODY).outline();
    for (Handedness hand : Handedness.values()) {
      Build heron = Heron.lived(Heron.build().asDesigned(), "instrument.hand=" + hand.word());
      Plan plan =
          Plan.of(
              heron.withDesign(heron.design().withDrawn(Optional.of(file.drawnFor(hand)))),
              Demo.shop());
      Drawing sheet = Sheet.BODY_TOP.of(plan, Units.MM);
      Path written = Files.write(folder.resolve(hand + ".svg"), SvgWriter.write(sheet));
      DrawnOutline again = OutlineFile.read(written, DrawnPart.BODY).outline();
      assertThat(alike(new Outline(file.path()), new Outline(again.path())))
          .as(hand.name())
          .isTrue();
      assertThat(alike(new Outline(file.path()), new Outline(again.path()).mirrored())).isFalse();
    }
  }

  /** In a mirror, instrument and boards together, nothing has changed. */
  @Test
  void marksOnBoardsStayOnTheBoards() {
    Shop shop = Demo.shop();
    int found = 0;
    for (HalfArrangement second : HalfArrangement.values()) {
      Build heron = Heron.build();
      Build build = heron.withDesign(BodyDecisions.BODY_HALVES.with(heron.design(), second));
      Plan plan = Plan.of(build, shop);
      double half = plan.body().width().value() / 2;
      Shop mirrored = shop;
      for (BoardLayout.Laid laid : plan.boards().laid()) {
        if (!laid.part().id().startsWith("body.half")) {
          continue;
        }
        Board board = shop.board(laid.board()).orElseThrow();
        List<BoardMark> marks =
            board.marks().stream()
                .map(m -> m.at(m.x(), 2 * laid.y() + half - m.y() - m.width()))
                .toList();
        mirrored = mirrored.changeBoard(board.id(), b -> b.withMarks(marks));
      }
      Plan other = Plan.of(left(build), mirrored);
      List<BodyMarks> was = plan.bodyMarks();
      List<BodyMarks> is = other.bodyMarks();
      assertThat(is).as(second.word()).hasSameSizeAs(was);
      for (int i = 0; i < was.size(); i++) {
        Bounds a = was.get(i).place().bounds();
        Bounds b = is.get(i).place().bounds();
        assertThat(b.low()).as(second.word()).isCloseTo(a.low(), within(SAME));
        assertThat(b.left()).isCloseTo(a.left(), within(SAME));
        assertThat(is.get(i).fate()).isEqualTo(was.get(i).fate());
        found++;
      }
    }
    assertThat(found).isPositive();
  }

  /** Nothing that is to be carved off may be drawn inside what stays. */
  @Test
  void facetsLieOutsideTheNeckOnTheirOwnSide() {
    for (Handedness hand : Handedness.values()) {
      Plan plan =
          Heron.with(
              "instrument.hand=" + hand.word(),
              "neck.profile-exponent-treble=1.8",
              "neck.profile-exponent=1.7");
      for (double x : new double[] {60, 150, 250}) {
        Drawing section = SectionView.at(plan, x, Units.MM);
        Outline neck =
            section
                .lines()
                .filter(l -> l.role() == Role.OUTLINE)
                .map(l -> new Outline(l.path()))
                .filter(o -> o.bounds().low() < -5)
                .findFirst()
                .orElseThrow();
        List<Mark.Stroke> facets = section.lines().filter(l -> l.role() == Role.FACET).toList();
        assertThat(facets).hasSizeGreaterThan(1);
        for (Mark.Stroke facet : facets) {
          Point middle = facet.points().get(0).towards(facet.points().get(1), 0.5);
          assertThat(neck.contains(middle) ? neck.edgeDistance(middle) : 0)
              .as(hand + " at " + x)
              .isLessThan(0.1);
        }
      }
    }
  }

  /** From behind, the bass side of a right-handed neck is up, and so are its lines. */
  @Test
  void carvingLinesLieOnTheirOwnSide() {
    for (Handedness hand : Handedness.values()) {
      Plan plan = Heron.with("instrument.hand=" + hand.word(), "neck.profile-exponent-treble=1.8");
      Drawing drawing = CarvingDrawing.of(plan, Units.MM);
      for (Facets facets : plan.details().carving().facets()) {
        List<Facets.Bevel> first = facets.bevels().stream().filter(b -> b.round() == 1).toList();
        double wanted = first.get(first.size() - 1).high().x();
        boolean up = facets.bass() == (hand == Handedness.RIGHT);
        double found =
            drawing
                .lines()
                .filter(l -> l.role() == Role.TOUCH && l.points().get(0).y() * (up ? 1 : -1) > 0)
                .flatMap(l -> l.points().stream())
                .filter(p -> Math.abs(p.x() - facets.x()) < SAME && Math.abs(p.y()) < 60)
                .mapToDouble(p -> Math.abs(p.y()))
                .min()
                .orElse(Double.NaN);
        assertThat(found)
            .as(hand + " " + facets.x() + " " + facets.bass())
            .isCloseTo(wanted, within(SAME));
      }
    }
  }

  @Test
  void whatIsBoughtForAHandSaysSo() {
    Plan made = Plan.of(left(Heron.build()), Demo.shop());
    assertThat(Certificate.of(made, Units.MM).marks().stream().map(AllDrawings::words))
        .contains("left-handed");
    List<String> left =
        HardwareNeeds.of(Heron.with("instrument.hand=left"), Units.MM).stream()
            .map(n -> n.what().toString())
            .toList();
    assertThat(left).anyMatch(s -> s.startsWith("nut blank") && s.endsWith("left-handed"));
    assertThat(
            HardwareNeeds.of(Heron.with(), Units.MM).stream()
                .map(n -> n.what().toString())
                .toList())
        .noneMatch(s -> s.contains("handed"));
  }
}
