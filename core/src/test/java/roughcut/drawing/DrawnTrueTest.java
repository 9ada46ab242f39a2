package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.bench.ReferenceFace;
import roughcut.demo.Demo;
import roughcut.design.ScarfSchool;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.neck.AccessBore;
import roughcut.neck.Facets;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Cutter;
import roughcut.shop.CutterKind;

/** What a drawing tells by where its lines lie, beside the plan that it is of. */
class DrawnTrueTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static Stream<Mark.Stroke> lines(Drawing drawing, Role role) {
    return drawing.lines().filter(l -> l.role() == role);
  }

  private static Bounds block(Drawing drawing, String operation) {
    return drawing.marks().stream()
        .filter(m -> m instanceof Mark.Handle h && h.grip().key().equals(operation))
        .map(m -> new roughcut.geometry.Outline(((Mark.Handle) m).ghost()).bounds())
        .findFirst()
        .orElseThrow();
  }

  /** A face is drawn from the end of what makes it to the beginning of what takes it away. */
  @Test
  void facesAreThereAsLongAsTheWorkLeavesThem() {
    int ended = 0;
    for (Build build : Demo.builds(DAY)) {
      Bench bench = Bench.of(Plan.of(build, Demo.shop()), DAY.atTime(12, 0));
      Drawing drawing = BenchDrawing.of(bench, "", Units.MM);
      for (ReferenceFace face : ReferenceFace.values()) {
        String made = null;
        String gone = null;
        for (Bench.OperationStatus step : bench.steps()) {
          if (made == null && step.operation().makes().contains(face)) {
            made = step.operation().id();
          } else if (made != null && gone == null && step.operation().destroys().contains(face)) {
            gone = step.operation().id();
          }
        }
        if (made == null) {
          continue;
        }
        double from = block(drawing, made).right();
        List<Mark.Stroke> begun =
            lines(drawing, Role.GLUE_LINE)
                .filter(l -> Math.abs(l.points().get(0).x() - from) < 1)
                .toList();
        assertThat(begun).as(build.name() + " " + face + " made by " + made).isNotEmpty();
        if (gone != null) {
          double to = block(drawing, gone).left();
          assertThat(begun)
              .as(build.name() + " " + face + " taken by " + gone)
              .anyMatch(l -> Math.abs(l.points().get(1).x() - to) < 1);
          assertThat(lines(drawing, Role.STOP))
              .as("and its end is marked")
              .anyMatch(l -> Math.abs(l.points().get(0).x() - to) < 1);
          ended++;
        }
      }
    }
    assertThat(ended).isGreaterThan(8);
  }

  /** The drill's stop stands square to the bit, at the face, so far from where the bore ends. */
  @Test
  void theDrillsStopStandsSquareAtTheFace() {
    for (String tilt : List.of("access.tilt=0", "access.tilt=2", "access.tilt=4")) {
      Plan plan = Heron.with(tilt);
      AccessBore bore = plan.details().access().orElseThrow();
      Drawing drawing = AccessDrawing.of(plan, Units.MM);
      List<Mark.Stroke> touched = lines(drawing, Role.TOUCH).filter(l -> !l.closed()).toList();
      assertThat(touched).hasSize(1);
      Point a = touched.get(0).points().get(0);
      Point b = touched.get(0).points().get(1);
      Point from = bore.axis().get(0);
      Point to = bore.axis().get(1);
      double along = (b.x() - a.x()) * (to.x() - from.x()) + (b.y() - a.y()) * (to.y() - from.y());
      assertThat(along).isCloseTo(0, within(1e-6));
      assertThat(a.towards(b, 0.5).distance(from)).isCloseTo(bore.depth().value(), within(1e-6));
      assertThat(a.distance(b)).isCloseTo(2.2 * bore.diameter().value(), within(1e-6));
    }
  }

  @Test
  void everyStationHasOneSectionOnTheSheet() {
    Plan plan = Heron.with("neck.profile-exponent-treble=0.5");
    long stations =
        plan.details().carving().facets().stream().mapToDouble(Facets::x).distinct().count();
    Drawing sheet = Sheet.SECTIONS.of(plan, Units.MM);
    assertThat(
            sheet.marks().stream().filter(m -> AllDrawings.words(m).startsWith("section")).count())
        .isEqualTo(stations);
  }

  /** The joint in the elevation is the joint that is sawn, from top to back. */
  @Test
  void theScarfIsDrawnWhereItIsSawn() {
    for (ScarfSchool school : ScarfSchool.values()) {
      Plan plan = Heron.with("scarf.school=" + school.word());
      List<Point> seam = plan.scarf().orElseThrow().seam();
      double down = StationDrawing.elevationY(plan);
      double longest =
          lines(StationDrawing.NECK.of(plan, Units.MM), Role.SEAM)
              .map(l -> l.points().stream().map(p -> p.plus(0, -down)).toList())
              .filter(
                  ends ->
                      ends.stream()
                          .allMatch(
                              p -> p.nearestOnSegment(seam.get(0), seam.get(1)).distance(p) < 0.01))
              .mapToDouble(ends -> ends.get(0).distance(ends.get(1)))
              .max()
              .orElse(0);
      assertThat(longest).as(school.word()).isGreaterThan(0.8 * seam.get(0).distance(seam.get(1)));
    }
  }

  /** Flutes wind the way that chips go: up, down, or towards the middle. */
  @Test
  void flutesWindTheWayThatChipsGo() {
    Plan plan = Heron.with();
    Map<CutterKind, String> ways = new TreeMap<>();
    for (Cutter cutter : plan.shop().cutters()) {
      if (cutter.cutting() < 8) {
        continue;
      }
      StringBuilder way = new StringBuilder();
      lines(CutterDrawing.of(plan, cutter, Units.MM), Role.CHANNEL)
          .filter(l -> !l.closed() && l.points().size() == 2)
          .forEach(
              l -> way.append(l.points().get(1).y() > l.points().get(0).y() + 1e-9 ? '/' : '\\'));
      ways.put(cutter.kind(), way.toString().replaceAll("(.)\\1+", "$1"));
    }
    assertThat(ways.getOrDefault(CutterKind.SPIRAL_UP, "/")).isEqualTo("/");
    assertThat(ways.getOrDefault(CutterKind.SPIRAL_DOWN, "\\")).isEqualTo("\\");
    assertThat(ways)
        .containsAnyOf(
            Map.entry(CutterKind.SPIRAL_UP, "/"), Map.entry(CutterKind.SPIRAL_DOWN, "\\"));
  }
}
