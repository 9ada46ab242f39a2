package roughcut.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** A shop's days are the same whichever of its builds is looked at. */
class ShopWorkTest {
  private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 12, 0);
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");

  @Test
  void theOrderInWhichBuildsAreGivenChangesNothing() {
    List<Plan> plans =
        new ArrayList<>(
            Demo.builds(NOW.toLocalDate()).stream().map(b -> Plan.of(b, Demo.shop())).toList());
    ShopWork first = ShopWork.of(plans, NOW, ZONE);
    assertThat(first.schedule().blocks()).isNotEmpty();
    assertThat(first.learned()).as("of all logs").isNotEmpty();
    Random random = new Random(3);
    for (int i = 0; i < 6; i++) {
      Collections.shuffle(plans, random);
      ShopWork again = ShopWork.of(plans, NOW, ZONE);
      assertThat(again.schedule().blocks()).isEqualTo(first.schedule().blocks());
      for (Plan plan : plans) {
        assertThat(again.outcome(plan)).isEqualTo(first.outcome(plan)).isPresent();
        assertThat(again.outcome(plan).get().name()).isEqualTo(plan.name());
        assertThat(again.broken(plan, Units.MM)).isEqualTo(first.broken(plan, Units.MM));
      }
    }
    assertThat(plans)
        .anyMatch(
            p ->
                first
                    .broken(p, Units.MM)
                    .filter(w -> w.toString().contains("late by"))
                    .isPresent());
  }
}
