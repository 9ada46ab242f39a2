package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingType;
import roughcut.file.BuildFile;
import roughcut.geometry.Arc;
import roughcut.geometry.Bounds;
import roughcut.geometry.Curvature;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.measure.Units;
import roughcut.plan.Drag;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.plan.PointOutline;
import roughcut.plan.StartingFitting;
import roughcut.record.Build;

/** A cavity whose outline is drawn: what the cutter reaches of it, and what else follows it. */
class CavityOutlineTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);

  /** A square of 80 with a bay of 30 x 40 cut into its treble side, about its middle. */
  private static final List<Point> BAY =
      List.of(
          new Point(-40, -40),
          new Point(40, -40),
          new Point(40, 40),
          new Point(15, 40),
          new Point(15, 0),
          new Point(-15, 0),
          new Point(-15, 40),
          new Point(-40, 40));

  private static Plan plan(Design design) {
    return Plan.of(new Build("Made up", design), Demo.shop());
  }

  private static Design heron() {
    return Demo.builds(TODAY).get(0).design();
  }

  private static DrawnPart part(String name) {
    return new DrawnPart(DrawnPart.Kind.CAVITY, name);
  }

  /** Heron with one more cavity, in the treble bout's wood, without controls. */
  private static Design with(List<Point> corners, double x, double y, double corner) {
    Design design = StartingFitting.added(plan(heron()), heron(), FittingType.CAVITY, "own");
    return placed(design, x, y, corner)
        .withDrawn(part("own"), Optional.of(new DrawnOutline("bay.svg", corners, 0)));
  }

  private static Design placed(Design design, double x, double y, double corner) {
    Fitting own = design.fitting("own").orElseThrow();
    Design next = FittingDecisions.number(own, "x").with(design, x);
    next = FittingDecisions.number(own, "y").with(next, y);
    return FittingDecisions.number(own, "corner").with(next, corner);
  }

  private static Cut own(Plan plan) {
    return plan.cuts().cut("own").orElseThrow();
  }

  private static RoutStep floor(Cut cut) {
    return cut.steps().get(cut.steps().size() - 1);
  }

  /** By sides alone, without any of the program's geometry. */
  private static boolean inside(List<Point> corners, double x, double y) {
    boolean in = false;
    for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
      Point a = corners.get(i);
      Point b = corners.get(j);
      if ((a.y() > y) != (b.y() > y)
          && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
        in = !in;
      }
    }
    return in;
  }

  private static double off(List<Point> corners, double x, double y) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < corners.size(); i++) {
      Point a = corners.get(i);
      Point b = corners.get((i + 1) % corners.size());
      double dx = b.x() - a.x();
      double dy = b.y() - a.y();
      double t = ((x - a.x()) * dx + (y - a.y()) * dy) / (dx * dx + dy * dy);
      t = Math.max(0, Math.min(1, t));
      least = Math.min(least, Math.hypot(x - a.x() - t * dx, y - a.y() - t * dy));
    }
    return least;
  }

  /** Whether a cutter led about inside the corners gets there, by trying its places on a grid. */
  private static boolean reached(List<Point> corners, double radius, double x, double y) {
    for (double cx = x - radius; cx <= x + radius; cx += 0.25) {
      for (double cy = y - radius; cy <= y + radius; cy += 0.25) {
        if (Math.hypot(cx - x, cy - y) <= radius
            && inside(corners, cx, cy)
            && off(corners, cx, cy) >= radius - 1e-9) {
          return true;
        }
      }
    }
    return false;
  }

  /** The cutter's own roundness in every corner, the bay left standing: by trying places. */
  @Test
  void whatIsCutIsWhatTheCutterReaches() {
    double x = 700;
    double y = 20;
    double radius = 8;
    RoutStep step = floor(own(plan(with(BAY, x, y, radius))));
    Outline line = step.outline();
    Random random = new Random(30);
    int in = 0;
    for (int i = 0; i < 3000; i++) {
      double dx = -42 + 84 * random.nextDouble();
      double dy = -42 + 84 * random.nextDouble();
      Point at = new Point(x + dx, y + dy);
      if (line.edgeDistance(at) < 0.4) {
        continue; // too near the line for a grid of 0.25
      }
      boolean reached = reached(BAY, radius, dx, dy);
      assertThat(line.contains(at)).as(dx + ", " + dy).isEqualTo(reached);
      assertThat(step.shapes().stream().anyMatch(s -> s.contains(at)))
          .as("in one of its shapes: " + dx + ", " + dy)
          .isEqualTo(reached);
      in += reached ? 1 : 0;
    }
    assertThat(in).isGreaterThan(1000);
    // Six corners outwards lose (1 - pi/4) r² each; the bay's two turn inwards and lose nothing.
    double wanted = 80 * 80 - 30 * 40 - 6 * (1 - Math.PI / 4) * radius * radius;
    assertThat(step.area()).isCloseTo(wanted, within(0.5));
    assertThat(step.shapes().stream().mapToDouble(Outline::area).sum())
        .isCloseTo(wanted, within(1.0));
    assertThat(line.path().segments().stream().flatMap(s -> s.round().stream()).map(Arc::radius))
        .hasSize(6)
        .allSatisfy(r -> assertThat(r).isCloseTo(radius, within(0.01)));
  }

  /** What remains to the body's edge, by the corners of both; the bay is nearer than the hull. */
  @Test
  void theWallToTheEdgeIsWhatIsLeftByConstruction() {
    for (double y : new double[] {-45, 0, 30}) {
      Plan plan = plan(with(BAY, 760, y, 5));
      List<Point> cut = floor(own(plan)).outline().corners();
      List<Point> ledge = own(plan).steps().get(0).outline().corners();
      List<Point> body = plan.body().outline().shape().corners();
      double least = Double.POSITIVE_INFINITY;
      List<Point> both = new ArrayList<>(cut);
      both.addAll(ledge);
      for (Point p : both) {
        least = Math.min(least, off(body, p.x(), p.y()));
      }
      for (Point p : body) {
        least = Math.min(least, Math.min(off(cut, p.x(), p.y()), off(ledge, p.x(), p.y())));
      }
      Clearance edge =
          plan.clearances().stream()
              .filter(c -> c.concerns("own") && c.left().id().contains("edge"))
              .findFirst()
              .orElseThrow();
      assertThat(edge.left().value()).as("at " + y).isCloseTo(least, within(0.02));
    }
  }

  /** Begun by its points a cavity is as it was, in every number that has to do with it. */
  @Test
  void aCavityBegunByItsPointsIsAsItWas() {
    int tried = 0;
    for (Build build : Demo.builds(TODAY)) {
      Plan before = plan(build.design());
      for (Fitting cavity : build.design().fittings(FittingType.CAVITY)) {
        DrawnPart part = DrawnPart.of(cavity).orElseThrow();
        Plan after = plan(PointOutline.of(before, part).orElseThrow().begun());
        String name = build.name() + " " + cavity.name();
        Cut was = before.cuts().cut(cavity.name()).orElseThrow();
        Cut is = after.cuts().cut(cavity.name()).orElseThrow();
        for (int i = 0; i < was.steps().size(); i++) {
          assertThat(is.steps().get(i).area())
              .as(name)
              .isCloseTo(was.steps().get(i).outline().area(), within(8.0));
          // Lugs on a ledge stand where its line happens to be divided.
          for (Point p : i == 0 ? List.<Point>of() : was.steps().get(i).outline().corners()) {
            assertThat(off(is.steps().get(i).outline().corners(), p.x(), p.y()))
                .as(name + " step " + i)
                .isLessThan(0.06);
          }
        }
        assertThat(is.depth()).isEqualTo(was.depth());
        String foil = "cavity." + cavity.name() + ".shielding";
        // A chamber has no wires in it to be shielded.
        assertThat(before.value(foil).isEmpty()).as(name).isEqualTo(cavity.listed().covered());
        if (!cavity.listed().covered()) {
          double wanted = before.value(foil).orElseThrow().value();
          assertThat(after.value(foil).orElseThrow().value())
              .as(name)
              .isCloseTo(wanted, within(0.003 * wanted));
        }
        assertThat(after.cuts().problems()).as(name).hasSameSizeAs(before.cuts().problems());
        tried++;
      }
    }
    assertThat(tried).isGreaterThan(3);
  }

  /**
   * Round its controls it has both: the room that was decided, and no corner sharper than its
   * cutter.
   */
  @Test
  void aCavityRoundItsControlsHasTheirRoomAndItsCuttersCorners() {
    Fitting cavity = heron().fitting("controls").orElseThrow();
    for (double room : new double[] {0.5, 3, 12}) {
      for (double corner : new double[] {1, 6.35, 16, 30}) {
        Design design = FittingDecisions.number(cavity, "wall").with(heron(), room);
        design = FittingDecisions.number(cavity, "corner").with(design, corner);
        Plan plan = plan(design);
        for (RoutStep step : plan.cuts().cut("controls").orElseThrow().steps()) {
          double wide = step == floor(plan.cuts().cut("controls").orElseThrow()) ? 0 : 7;
          String what = room + " room, corner " + corner + " " + wide;
          List<Point> line = step.outline().corners();
          for (HardwareSolid part : plan.cuts().parts()) {
            if (cavity.with().contains(part.id())) {
              for (Point p : part.outline().corners()) {
                assertThat(inside(line, p.x(), p.y())).as(what).isTrue();
                assertThat(off(line, p.x(), p.y())).as(what).isGreaterThan(room + wide - 0.02);
              }
            }
          }
          if (wide == 0) {
            assertThat(Curvature.of(step.outline().path(), false).bulge())
                .as(what)
                .isGreaterThan(corner - 0.01);
          }
        }
      }
    }
  }

  /** A point is dragged where it lies in the plan; the cavity's place takes all of it along. */
  @Test
  void itsPointsLieInThePlanAndGoWithItsPlace() {
    Plan plan = plan(with(BAY, 700, 20, 4));
    PointOutline points = PointOutline.drawn(plan, part("own")).orElseThrow();
    assertThat(points.chain().points()).isEqualTo(8);
    int corner = 2;
    assertThat(points.place(corner)).isEqualTo(new Point(740, 60));
    assertThat(points.hasSides()).as("it lies across the centre line").isTrue();
    Plan aside = plan(with(BAY, 700, 60, 4));
    assertThat(PointOutline.drawn(aside, part("own")).orElseThrow().hasSides()).isFalse();
    assertThat(points.apart(0, 5).in(Units.MM))
        .as("-40, -40 to -15, 0, by the three sides between")
        .isEqualTo("47.2 mm straight: 25.0 mm along, 40.0 mm across. 145.0 mm round the outline.");
    assertThat(points.chain().between(5, 0)).isEqualTo(40 + 25 + 80);
    assertThat(points.chain().between(1, 2)).isEqualTo(80);
    Grip grip = new Grip.OutlinePoint(part("own"), corner, Grip.Hold.POINT);
    Plan dragged = plan(Drag.of(plan, grip, 12.5, 3).orElseThrow().design());
    points = PointOutline.drawn(dragged, part("own")).orElseThrow();
    assertThat(points.place(corner)).isEqualTo(new Point(752.5, 63));
    assertThat(points.place(1)).isEqualTo(new Point(740, -20));
    Fitting own = dragged.build().design().fitting("own").orElseThrow();
    assertThat(FittingDecisions.number(own, "x").in(dragged.build().design())).isEqualTo(700);
    double area = floor(own(dragged)).area();
    Plan moved = plan(placed(dragged.build().design(), 690, 28, 4));
    points = PointOutline.drawn(moved, part("own")).orElseThrow();
    assertThat(points.place(corner)).isEqualTo(new Point(742.5, 71));
    assertThat(floor(own(moved)).area()).isCloseTo(area, within(1e-6));
    assertThat(floor(own(moved)).bounds().right())
        .isCloseTo(floor(own(dragged)).bounds().right() - 10, within(1e-6));
  }

  /** Dragged as a whole it takes its line along with its controls: all of it as far. */
  @Test
  void draggedAsAWholeItsLineAndItsControlsGoAlong() {
    DrawnPart part = part("controls");
    Plan plan = plan(PointOutline.of(plan(heron()), part).orElseThrow().begun());
    Plan moved = plan(Drag.of(plan, new Grip.Cut("controls"), -6, 3).orElseThrow().design());
    List<Point> was = floor(plan.cuts().cut("controls").orElseThrow()).outline().corners();
    List<Point> is = floor(moved.cuts().cut("controls").orElseThrow()).outline().corners();
    for (Point p : was) {
      assertThat(off(is, p.x() - 6, p.y() + 3)).isLessThan(0.03);
    }
    assertThat(problems(moved)).isEmpty();
    assertThat(moved.cuts().problems()).hasSameSizeAs(plan.cuts().problems());
  }

  /** A drawing's own places mean nothing: its middle comes to lie where the cavity's was. */
  @Test
  void anImportedLineLiesWhereTheCavityWas() {
    Plan before = plan(heron());
    Bounds was = floor(before.cuts().cut("controls").orElseThrow()).bounds();
    List<Point> far = BAY.stream().map(p -> p.plus(3000, -900)).toList();
    DrawnOutline drawn = new DrawnOutline("bay.svg", far, 2);
    Plan taken = plan(PointOutline.taken(before, part("controls"), drawn));
    Bounds is = floor(taken.cuts().cut("controls").orElseThrow()).bounds();
    assertThat((is.left() + is.right()) / 2).isCloseTo((was.left() + was.right()) / 2, within(0.6));
    assertThat((is.low() + is.high()) / 2).isCloseTo((was.low() + was.high()) / 2, within(0.6));
    assertThat(is.width()).isCloseTo(80, within(0.01));
    DrawnOutline kept = taken.build().design().drawn(part("controls")).orElseThrow();
    assertThat(kept.open()).isEqualTo(2);
    assertThat(kept.source()).isEqualTo("bay.svg");
  }

  private static List<String> problems(Plan plan) {
    return plan.cuts().problems().stream()
        .filter(p -> p.finding().where().startsWith("cavity.own."))
        .map(p -> p.finding().words(Units.MM))
        .toList();
  }

  @Test
  void whatCantBeCutStopsInWords() {
    assertThat(problems(plan(with(BAY, 700, 20, 8)))).isEmpty();
    // Its legs are 25 wide.
    assertThat(problems(plan(with(BAY, 700, 20, 14))))
        .anyMatch(w -> w.contains("less of the own than you drew"));
    List<Point> crossed =
        List.of(new Point(-40, -40), new Point(40, 40), new Point(40, -40), new Point(-40, 40));
    assertThat(problems(plan(with(crossed, 700, 20, 2))))
        .anyMatch(w -> w.contains("crosses itself 700"));
    Design open =
        with(BAY, 700, 20, 8)
            .withDrawn(part("own"), Optional.of(new DrawnOutline("bay.svg", BAY, 3.5)));
    assertThat(problems(plan(open))).anyMatch(w -> w.contains("its ends are 3.5"));
    // So small that no cutter goes in, and so large that it is all over the body.
    List<Point> small = List.of(new Point(0, 0), new Point(3, 0), new Point(0, 3));
    assertThat(problems(plan(with(small, 700, 20, 8)))).anyMatch(w -> w.contains("narrower"));
    List<Point> large = BAY.stream().map(p -> new Point(30 * p.x(), 30 * p.y())).toList();
    Plan over = plan(with(large, 700, 20, 8));
    assertThat(over.clearances())
        .anyMatch(c -> c.concerns("own") && c.state() == Clearance.State.STOP);
  }

  /** A control whose corner stands in solid wood has no place. */
  @Test
  void aControlHasToStandInside() {
    Plan before = plan(heron());
    Fitting cavity =
        heron().fittings(FittingType.CAVITY).stream()
            .filter(c -> !c.with().isEmpty())
            .findFirst()
            .orElseThrow();
    DrawnPart part = DrawnPart.of(cavity).orElseThrow();
    Design drawn = PointOutline.of(before, part).orElseThrow().begun();
    assertThat(plan(drawn).cuts().problems()).hasSameSizeAs(before.cuts().problems());
    Fitting control = drawn.fitting(cavity.with().get(0)).orElseThrow();
    double y = FittingDecisions.number(control, "y").in(drawn);
    List<String> said = new ArrayList<>();
    for (double by : new double[] {-30, 30}) {
      Plan moved = plan(FittingDecisions.number(control, "y").with(drawn, y + by));
      said.addAll(moved.cuts().problems().stream().map(p -> p.finding().words(Units.MM)).toList());
    }
    assertThat(said).anyMatch(w -> w.contains("stands out of the"));
  }

  /** In the file and back it is the same to the last bit; without its cavity it is gone. */
  @Test
  void itIsKeptWithItsCavity(@TempDir Path folder) throws Exception {
    Build build = new Build("Made up", with(BAY, 700, 20, 8));
    PointOutline points =
        PointOutline.drawn(Plan.of(build, Demo.shop()), part("own")).orElseThrow();
    Build round = build.withDesign(points.with(points.chain().rounded(0).curved(4)));
    Path file = folder.resolve("own" + BuildFile.ENDING);
    BuildFile.at(file).save(round);
    String text = Files.readString(file);
    assertThat(text.indexOf("\"drawnOutline\""))
        .as("always in the same order")
        .isBetween(0, text.indexOf("\"drawnHeadstock\""));
    Design read = BuildFile.open(file).build().design();
    assertThat(read.drawn(part("own"))).isEqualTo(round.design().drawn(part("own")));
    List<Segment> segments = read.drawn(part("own")).orElseThrow().path().segments();
    assertThat(segments.stream().filter(s -> s.round().isPresent())).hasSize(1);
    Design without = read.withoutFitting("own");
    assertThat(without.drawn(part("own"))).isEmpty();
    Design again = StartingFitting.added(plan(without), without, FittingType.CAVITY, "own");
    assertThat(again.drawn(part("own"))).isEmpty();
  }
}
