package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;

class AsBuiltTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static Drawing over(Build build, StationDrawing which) {
    Plan plan = Plan.of(build, Demo.shop());
    Drawing real = which.of(plan, Units.MM);
    return plan.asDrawn()
        .map(d -> AsBuilt.over(real, which.of(d, Units.MM), Units.MM))
        .orElse(real);
  }

  private static List<Mark.Stroke> thin(Drawing drawing) {
    return drawing.marks().stream()
        .filter(m -> m instanceof Mark.Stroke p && p.role() == Role.COVERED)
        .map(Mark.Stroke.class::cast)
        .toList();
  }

  /** The neck's heel came out thinner: its drawn lower edge lies under the real one. */
  @Test
  void theDrawnLineLiesThinWhereTheRealOneIsElsewhere() {
    Build drawn = Heron.build().asDesigned();
    Build real = drawn.withReading(Reading.of("heel.thickness", 20, DAY));
    int before = thin(over(drawn, StationDrawing.NECK)).size();
    Drawing both = over(real, StationDrawing.NECK);
    assertThat(thin(both).size()).isGreaterThan(before);
    double lowest =
        thin(both).stream()
            .flatMap(p -> p.points().stream())
            .mapToDouble(Point::y)
            .min()
            .orElseThrow();
    Drawing designed = StationDrawing.NECK.of(Plan.of(drawn, Demo.shop()), Units.MM);
    double low =
        designed.marks().stream()
            .filter(m -> m instanceof Mark.Stroke p && p.role() == Role.OUTLINE)
            .flatMap(m -> ((Mark.Stroke) m).points().stream())
            .mapToDouble(Point::y)
            .min()
            .orElseThrow();
    assertThat(lowest).as("where it was drawn").isCloseTo(low, within(1e-6));
  }

  @Test
  void whatCameOutAsDrawnHasNothingUnderIt() {
    Build drawn = Heron.build().asDesigned();
    assertThat(Plan.of(drawn, Demo.shop()).asDrawn()).isEmpty();
    Build same = drawn.withReading(Reading.of("heel.thickness", 22, DAY));
    for (StationDrawing which : StationDrawing.values()) {
      assertThat(thin(over(same, which))).as(which.name()).hasSameSizeAs(thin(over(drawn, which)));
    }
    Build hair = drawn.withReading(Reading.of("heel.thickness", 22.05, DAY));
    assertThat(thin(over(hair, StationDrawing.NECK)))
        .hasSameSizeAs(thin(over(drawn, StationDrawing.NECK)));
  }

  /** Three tenths are drawn, a hair isn't: a line alone, moved by each. */
  @Test
  void threeTenthsAreSeenAndAHairIsNot() {
    for (double moved : new double[] {0.05, 0.14, 0.16, 0.3, 1}) {
      Drawing drawn = line(0);
      Drawing real = line(moved);
      assertThat(thin(AsBuilt.over(real, drawn, Units.MM)))
          .as(moved + " mm")
          .hasSize(moved < 0.15 ? 0 : 1);
    }
  }

  private static Drawing line(double y) {
    List<Point> points = List.of(new Point(0, y), new Point(50, y));
    return new Drawing(
        "line",
        List.of(new Mark.Stroke(Role.OUTLINE, points, false)),
        Outline.rectangle(-1, -1, 51, 2).bounds());
  }

  /** How far the line lies from where it was drawn is told, in the maker's unit, from 0.3 mm on. */
  @Test
  void theDifferenceIsToldInTheMakersUnit() {
    for (double moved : new double[] {0.2, 0.4, 2.54}) {
      for (Units units : new Units[] {Units.MM, Units.DECIMAL_INCH}) {
        List<String> told =
            AsBuilt.over(line(moved), line(0), units).marks().stream()
                .filter(m -> m instanceof Mark.Text)
                .map(m -> ((Mark.Text) m).text())
                .toList();
        assertThat(told).as(moved + " in " + units.system()).hasSize(moved < 0.3 ? 0 : 1);
      }
    }
    assertThat(AsBuilt.over(line(2.54), line(0), Units.DECIMAL_INCH).marks().toString())
        .contains("planned 0.100 in away");
    assertThat(AsBuilt.over(line(0.4), line(0), Units.MM).marks().toString())
        .contains("planned 0.4 mm away");
  }

  private static List<String> told(Drawing drawing) {
    return drawing.marks().stream()
        .filter(m -> m instanceof Mark.Text)
        .map(m -> ((Mark.Text) m).text())
        .toList();
  }

  /** Few are told, the largest first, however many lines moved; none covers another. */
  @Test
  void onlyTheLargestDifferencesAreTold() {
    Build drawn = Heron.build().asDesigned();
    Build real =
        drawn
            .withReading(Reading.of("heel.thickness", 20, DAY))
            .withReading(Reading.of("shaft.thickness", 14.9, DAY))
            .withReading(Reading.of("nut.width", 44, DAY));
    for (StationDrawing which : StationDrawing.values()) {
      List<Mark.Text> told =
          over(real, which).marks().stream()
              .filter(m -> m instanceof Mark.Text t && t.text().startsWith("drawn "))
              .map(Mark.Text.class::cast)
              .toList();
      assertThat(told.size()).as(which.name()).isLessThanOrEqualTo(3);
      for (Mark.Text one : told) {
        for (Mark.Text other : told) {
          assertThat(one == other || one.at().distance(other.at()) > 50).isTrue();
        }
      }
    }
    Build heel = drawn.withReading(Reading.of("heel.thickness", 20, DAY));
    assertThat(told(over(heel, StationDrawing.NECK))).contains("planned 2.0 mm away");
  }

  /** Nothing real is lost, moved or covered: the drawing is the real one with lines put in. */
  @Test
  void theRealDrawingIsAllThere() {
    Build real =
        Heron.build()
            .withReading(Reading.of("heel.thickness", 20, DAY))
            .withReading(Reading.of("body.thickness", 42, DAY));
    Plan plan = Plan.of(real, Demo.shop());
    for (StationDrawing which : StationDrawing.values()) {
      Drawing alone = which.of(plan, Units.MM);
      Drawing both = over(real, which);
      assertThat(both.marks()).as(which.name()).containsSubsequence(alone.marks());
      assertThat(both.bounds()).isEqualTo(alone.bounds());
    }
  }

  @Test
  void linesGoOverTheWoodAndUnderTheWords() {
    Outline board = Outline.rectangle(0, 0, 10, 10);
    Mark fill = new Mark.Fill(Role.WOOD, board, "#ffffff", null, Mark.Grain.NONE, 0);
    Mark line = new Mark.Stroke(Role.OUTLINE, board.corners(), true);
    Mark text =
        new Mark.Text(Role.NOTE, new Point(1, 1), "a", Mark.Anchor.START, Mark.Size.SMALL, 0, null);
    Mark before = new Mark.Stroke(Role.OUTLINE, Outline.rectangle(0, 0, 10, 12).corners(), true);
    Drawing real = new Drawing("real", List.of(fill, line, text), board.bounds());
    Drawing drawn = new Drawing("drawn", List.of(fill, before, text), board.bounds());
    assertThat(AsBuilt.over(real, drawn, Units.MM).marks())
        .startsWith(
            fill, new Mark.Stroke(Role.COVERED, ((Mark.Stroke) before).points(), true), line, text);
    assertThat(AsBuilt.over(real, real, Units.MM)).isSameAs(real);
  }
}
