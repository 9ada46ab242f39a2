package roughcut.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.bench.Bench;
import roughcut.demo.Demo;
import roughcut.drawing.DaysDrawing;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.plan.Plan;
import roughcut.record.CurrentTime;
import roughcut.record.Reading;
import roughcut.shop.ShopHours;

/** Whatever hangs on the time, on each weekday, late at night, and on days clocks stumble over. */
class EveryDayTest {
  @ParameterizedTest
  @ValueSource(
      strings = {
        "2026-11-23T12:00Z[Europe/London]",
        "2026-11-24T07:00+01:00[Europe/Berlin]",
        "2026-11-25T18:00Z[Europe/London]",
        "2026-11-26T21:30Z[Europe/London]",
        "2026-11-27T20:59Z[Europe/London]",
        "2026-11-28T12:59Z[Europe/London]",
        "2026-11-29T22:50Z[UTC]",
        "2026-11-30T12:00Z[UTC]",
        "2026-03-28T23:50Z[Europe/London]",
        "2026-03-29T03:10+02:00[Europe/Berlin]",
        "2026-10-24T23:50+02:00[Europe/Berlin]",
        "2026-10-25T02:30+01:00[Europe/Berlin]",
        "2027-02-28T23:59-05:00[America/New_York]",
        "2028-02-29T18:30-08:00[America/Los_Angeles]",
        "2026-12-31T23:59+13:00[Pacific/Auckland]"
      })
  void everyDayIsADayLikeAnyOther(String moment) {
    ZonedDateTime at = ZonedDateTime.parse(moment);
    CurrentTime now = CurrentTime.at(at.toLocalDateTime(), at.getZone());
    assertThat(now.minute()).isEqualTo(at.toLocalDateTime());
    assertThat(now.today()).isEqualTo(at.toLocalDate());
    List<Plan> plans = Demo.builds(now.today()).stream().map(b -> Plan.of(b, Demo.shop())).toList();
    for (Plan plan : plans) {
      Bench bench = Bench.of(plan, now.minute());
      assertThat(bench.suspiciousEntries()).as("nothing of the demo is still to come").isEmpty();
      assertThat(bench.ready()).isNotEmpty();
      Plan read =
          Plan.of(plan.build().withReading(Reading.of("nut.width", 43, now.second())), plan.shop());
      assertThat(Bench.of(read, now.minute()).suspiciousEntries()).isEmpty();
    }
    Schedule schedule =
        Schedule.of(
            ShopPlanning.of(plans, ShopHours.USUAL, Map.of()),
            ShopHours.USUAL,
            now.minute(),
            now.zone());
    assertThat(schedule.trouble()).isEmpty();
    for (Schedule.Block block : schedule.blocks()) {
      assertThat(block.start()).isAfterOrEqualTo(now.minute());
      assertThat(block.waitsUntil()).isAfterOrEqualTo(block.end());
      for (Schedule.Piece piece : block.pieces()) {
        assertThat(ShopHours.USUAL.on(piece.from().getDayOfWeek())).isNotEmpty();
      }
    }
    ShopWork work = ShopWork.of(plans, now.minute(), now.zone());
    LocalDateTime from = now.minute();
    for (int own = 0; own < plans.size(); own++) {
      Drawing days =
          DaysDrawing.of(
              work.schedule(),
              ShopHours.USUAL,
              from,
              work.plans().stream().map(Plan::name).toList(),
              own,
              "");
      assertThat(days.marks()).anyMatch(m -> m instanceof Mark.Text);
    }
    assertThat(DayWords.moment(from, now.today())).isNotBlank();
  }
}
