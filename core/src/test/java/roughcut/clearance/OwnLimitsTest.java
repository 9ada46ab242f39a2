package roughcut.clearance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Limit;
import roughcut.shop.Shop;

/** A shop that wants more wood left than is usual hears of every spot that has less. */
class OwnLimitsTest {
  static Shop wanting(double warn) {
    Map<String, Limit> limits = new TreeMap<>();
    Arrays.stream(ClearanceKind.values()).forEach(k -> limits.put(k.id(), new Limit(warn, warn)));
    return Demo.shop().withLimits(limits);
  }

  /** What is told with less left than that. */
  private static Set<String> under(double left, Plan plan) {
    return plan.clearances().stream()
        .filter(s -> s.left().value() < left)
        .map(s -> s.kind() + ": " + s.left().id())
        .collect(Collectors.toCollection(TreeSet::new));
  }

  /** Each way of looking for spots looks as far as the limit reaches. */
  @Test
  void whoWantsMoreIsToldOfWhatLiesFurtherApart() {
    Set<String> further = new TreeSet<>();
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      for (Clearance clearance : Plan.of(build.asDesigned(), wanting(40)).clearances()) {
        String id = clearance.left().id();
        double left = clearance.left().value();
        if (id.endsWith(".surface") && left > SurfaceGap.FAR
            || id.startsWith("web.") && left > BodyClearances.NEAR
            || id.startsWith("hardware.") && left > 3 * ClearanceKind.HARDWARE.limit().warn()
            || id.endsWith(".edge") && left > 3 * ClearanceKind.EDGE.limit().warn()) {
          further.add(id.replaceFirst("^(web|hardware).*|^.*(surface|edge)$", "$1$2"));
        }
      }
    }
    assertThat(further).containsExactly("edge", "hardware", "surface", "web");
  }

  @Test
  void whatHasLessThanALimitIsToldHoweverLargeTheLimitIs() {
    int beyondUsual = 0;
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan usual = Plan.of(build.asDesigned(), Demo.shop());
      Plan wide = Plan.of(build.asDesigned(), wanting(40));
      for (double warn : new double[] {12, 25}) {
        Plan wanting = Plan.of(build.asDesigned(), wanting(warn));
        // Who asks for more is told at least what others are.
        assertThat(under(warn, wanting)).as(build.name()).isEqualTo(under(warn, wide));
        assertThat(under(warn, wanting)).as(build.name()).containsAll(under(warn, usual));
        assertThat(wanting.clearances())
            .filteredOn(s -> s.left().value() < warn)
            .allMatch(s -> s.state() == Clearance.State.STOP);
        beyondUsual += under(warn, wanting).size() - under(warn, usual).size();
      }
    }
    assertThat(beyondUsual).isGreaterThan(50);
  }
}
