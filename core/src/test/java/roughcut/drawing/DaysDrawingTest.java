package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.schedule.Schedule;
import roughcut.schedule.ShopPlanning;
import roughcut.shop.ShopHours;

/** The sheet of days: every piece of work in its day's column and its build's lane. */
class DaysDrawingTest {
  private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 12, 0);
  private static final ShopHours HOURS = ShopHours.USUAL;

  private static Schedule schedule(List<Plan> plans) {
    return Schedule.of(
        ShopPlanning.of(plans, HOURS, Map.of()), HOURS, NOW, ZoneId.of("Europe/Berlin"));
  }

  private static List<Mark.Text> named(Drawing drawing, String words) {
    return drawing.marks().stream()
        .filter(Mark.Text.class::isInstance)
        .map(Mark.Text.class::cast)
        .filter(t -> t.text().equals(words))
        .toList();
  }

  @Test
  void piecesLieInTheirLanesAndCanBeTakenHoldOf() {
    List<Plan> demos =
        Demo.builds(NOW.toLocalDate()).stream().map(b -> Plan.of(b, Demo.shop())).toList();
    for (int n = 1; n <= demos.size(); n++) {
      List<Plan> plans = demos.subList(0, n);
      Schedule schedule = schedule(plans);
      List<String> names = new ArrayList<>();
      for (int b = 0; b < n; b++) {
        names.add("lane " + b);
      }
      Drawing drawing = DaysDrawing.of(schedule, HOURS, NOW, names, n - 1, "");
      List<Double> lanes = new ArrayList<>();
      for (String name : names) {
        lanes.add(named(drawing, name).get(0).at().y());
      }
      for (int b = 1; b < n; b++) {
        assertThat(lanes.get(b)).as("one under the other").isLessThan(lanes.get(b - 1) - 40);
      }
      List<Mark.Handle> grips =
          drawing.marks().stream()
              .filter(Mark.Handle.class::isInstance)
              .map(Mark.Handle.class::cast)
              .toList();
      long mine =
          schedule.blocks().stream()
              .filter(s -> s.task().build() == plans.size() - 1)
              .mapToLong(s -> s.pieces().size())
              .sum();
      assertThat(grips).as("a grip for each of the own pieces").hasSize((int) mine);
      for (Mark.Handle grip : grips) {
        Bounds b = Outline.of(grip.ghost().toArray(Point[]::new)).bounds();
        assertThat(b.low()).isLessThan(lanes.get(n - 1));
        assertThat(b.high()).isGreaterThan(lanes.get(n - 1));
        assertThat(b.width()).as("wide enough for a hand").isGreaterThanOrEqualTo(5 - 1e-9);
      }
    }
  }

  /** Where a moment is drawn is the day that is read back there, at any hour the shop is open. */
  @Test
  void aMomentIsReadBackAsItsDay() {
    for (int day = -3; day < 60; day++) {
      for (int hour = 0; hour < 24; hour++) {
        LocalDateTime at = NOW.toLocalDate().plusDays(day).atTime(hour, 30);
        double x = DaysDrawing.x(HOURS, NOW, at);
        LocalDateTime later = at.plusMinutes(20);
        assertThat(DaysDrawing.x(HOURS, NOW, later)).isGreaterThanOrEqualTo(x);
        // The very end of a column is also the next one's beginning.
        assertThat(DaysDrawing.day(NOW, x - 1e-6))
            .isIn(at.toLocalDate(), at.toLocalDate().minusDays(1));
        boolean inside =
            HOURS.on(at.getDayOfWeek()).stream()
                .anyMatch(
                    o -> o.from().isBefore(at.toLocalTime()) && o.to().isAfter(at.toLocalTime()));
        if (inside) {
          assertThat(DaysDrawing.day(NOW, x)).isEqualTo(at.toLocalDate());
        }
      }
    }
  }

  /** The widest span of hours is the whole column; a part of it is that part. */
  @Test
  void aColumnIsTheLongestSpanOfHours() {
    ShopHours hours =
        new ShopHours(
            List.of(
                new ShopHours.Opening(DayOfWeek.MONDAY, LocalTime.of(8, 0), LocalTime.of(12, 0)),
                new ShopHours.Opening(DayOfWeek.TUESDAY, LocalTime.of(14, 0), LocalTime.of(18, 0))),
            List.of(),
            20,
            1);
    double column = DaysDrawing.x(hours, NOW, NOW.plusDays(1)) - DaysDrawing.x(hours, NOW, NOW);
    double monday = DaysDrawing.x(hours, NOW, NOW.toLocalDate().atTime(8, 0));
    assertThat(monday).isZero();
    assertThat(DaysDrawing.x(hours, NOW, NOW.toLocalDate().atTime(13, 0)))
        .isCloseTo(column / 2, within(1e-9));
    assertThat(DaysDrawing.x(hours, NOW, NOW.toLocalDate().atTime(18, 0)))
        .isCloseTo(column, within(1e-9));
    assertThat(DaysDrawing.x(hours, NOW, NOW.toLocalDate().atTime(5, 0))).isZero();
  }

  @Test
  void aDrawingWithoutWordsIsTheSameDrawing() {
    Drawing neck = StationDrawing.NECK.of(Heron.with(), Units.MM);
    Drawing quiet = neck.withoutText();
    assertThat(neck.marks()).anyMatch(Mark.Dimension.class::isInstance);
    assertThat(quiet.marks()).allMatch(m -> m instanceof Mark.Stroke || m instanceof Mark.Fill);
    assertThat(quiet.marks())
        .isEqualTo(
            neck.marks().stream()
                .filter(m -> m instanceof Mark.Stroke || m instanceof Mark.Fill)
                .toList());
    assertThat(quiet.bounds()).isEqualTo(neck.bounds());
  }
}
