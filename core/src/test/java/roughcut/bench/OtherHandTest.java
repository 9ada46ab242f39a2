package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.part.BodyWork;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.whatif.ChangeSummary;

class OtherHandTest {
  private static final LocalDateTime NOON = LocalDate.of(2026, 5, 4).atTime(12, 0);

  private static Build cut(String... rows) {
    Build build = Heron.build();
    for (String row : rows) {
      build = build.withLog(build.log().with(DoneOperation.of(DoneOperation.cut(row), NOON)));
    }
    return build;
  }

  private static Build decided(Build build, String hand, int hours) {
    return ChangeSummary.written(
        build,
        build.withDesign(Heron.set(build.design(), "instrument.hand=" + hand)),
        NOON.plusHours(hours));
  }

  private static long told(Build build) {
    return Bench.of(Plan.of(build, Demo.shop()), NOON.plusDays(1)).verdict().stops().stream()
        .filter(i -> i.words().contains("was cut for a"))
        .peek(
            i ->
                assertThat(i.words())
                    .contains("right-handed instrument", "plan is now left-handed"))
        .count();
  }

  /** The tone control lies on one side, the neck pickup on the centre line. */
  @Test
  void whatLiesOnOneSideIsOnTheWrongOneNow() {
    Build done = cut("tone", "neck");
    assertThat(told(done)).isZero();
    Build left = decided(done, "left", 1);
    assertThat(told(left)).isEqualTo(1);
    assertThat(told(decided(left, "right", 5))).as("change the decision back").isZero();
  }

  /** An outline whose sides differ is on the wrong side; one that is its own mirror image isn't. */
  @Test
  void anOutlineIsTheBodysLargestCut() {
    for (String alike : new String[] {"no", "yes"}) {
      Build build = Heron.build();
      build = build.withDesign(Heron.set(build.design(), "outline.mirror=" + alike));
      build =
          build.withLog(
              build.log().with(DoneOperation.of(BodyWork.OUTLINE.operation().text(), NOON)));
      assertThat(told(decided(build, "left", 1))).as(alike).isEqualTo(alike.equals("no") ? 1 : 0);
    }
  }

  @Test
  void whatIsCutAfterwardsIsRight() {
    Build left = decided(cut("neck"), "left", -2);
    Build later = left.withLog(left.log().with(DoneOperation.of(DoneOperation.cut("tone"), NOON)));
    assertThat(told(later)).isZero();
  }
}
