package roughcut.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.shop.ShopHours;

/** What is to be bought, and what is laid out before a session. */
class ListsTest {
  private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static List<Lists.Line> shopping(Build build) {
    return Lists.shopping(Plan.of(build, Demo.shop()), Units.MM);
  }

  /** What was measured is in hand; what was not is to be had. */
  @Test
  void hardwareIsOnTheListUntilItIsMeasured() {
    Build build = Heron.build();
    Fitting pickup =
        build.design().fittings().stream()
            .filter(f -> f.type() == FittingType.PICKUP)
            .findFirst()
            .orElseThrow();
    assertThat(shopping(build)).anyMatch(l -> l.what().startsWith(pickup.words()));
    Build measured =
        build.withReading(Reading.of(pickup.id("length"), 83.5, LocalDate.of(2026, 5, 1)));
    assertThat(shopping(measured)).noneMatch(l -> l.what().startsWith(pickup.words()));
  }

  @Test
  void woodThatLiesOnNoBoardIsToBeHad() {
    Plan bare = Plan.of(Heron.build(), Demo.shop().withBoards(List.of()));
    assertThat(Lists.shopping(bare, Units.MM)).anyMatch(l -> l.what().startsWith("wood for"));
    Plan noCutters = Plan.of(Heron.build(), Demo.shop().withCutters(List.of()));
    assertThat(Lists.shopping(noCutters, Units.MM)).anyMatch(l -> l.why().contains("drawer"));
  }

  /** The next session is the first day of work, with every tool of its operations, and no other. */
  @Test
  void theNextSessionIsTheFirstDaysWork() {
    List<Plan> plans =
        Demo.builds(NOW.toLocalDate()).stream().map(b -> Plan.of(b, Demo.shop())).toList();
    Schedule schedule =
        Schedule.of(
            Work.of(plans, ShopHours.USUAL, Map.of()),
            ShopHours.USUAL,
            NOW,
            ZoneId.of("Europe/Berlin"));
    Lists.Session session = Lists.session(schedule, plans).orElseThrow();
    List<String> first =
        schedule.blocks().stream()
            .filter(b -> b.start().toLocalDate().equals(session.from().toLocalDate()))
            .map(b -> plans.get(b.task().build()).name() + ": " + b.task().title())
            .toList();
    assertThat(session.operations()).isEqualTo(first).isNotEmpty();
    assertThat(session.take())
        .isNotEmpty()
        .allMatch(l -> first.stream().anyMatch(l.why()::contains));
  }
}
