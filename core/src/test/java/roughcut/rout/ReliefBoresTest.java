package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.Heron;
import roughcut.plan.Plan;

/** Holes that lighten the body: no more than are wanted, and said where they can't be enough. */
class ReliefBoresTest {
  private static String said(Plan plan) {
    return plan.problems().stream()
        .filter(p -> p.where().equals("body.mass-target"))
        .map(p -> p.words())
        .findFirst()
        .orElse("");
  }

  private static double density(Plan plan) {
    return plan.value("body.mass").orElseThrow().inputs().stream()
        .filter(i -> i.symbol().equals("ρ"))
        .mapToDouble(i -> i.value().value())
        .findFirst()
        .orElseThrow();
  }

  private static long bores(Plan plan) {
    return plan.cuts().cuts().stream().filter(c -> c.name().matches("relief-\\d+")).count();
  }

  /**
   * Each takes π d² / 4 · (floor − top) of the wood's density; as many as are needed, not one more.
   */
  @ParameterizedTest
  @ValueSource(ints = {30, 75, 160})
  void asManyAsTakeWhatItIsOver(int over) {
    Plan without = Heron.with();
    double mass = Heron.value(without, "body.mass");
    Plan plan =
        Heron.with("body.mass-target=" + (mass - over), "relief.diameter=30", "relief.left=9");
    double cap = plan.body().top().value() + plan.body().accent().value();
    double deep = plan.body().thickness().value() - 9 - cap;
    double each = Math.PI * 30 * 30 / 4 * deep * density(plan) / 1e6;
    assertThat(bores(plan)).isEqualTo((long) Math.ceil(over / each));
    assertThat(Heron.value(plan, "body.mass"))
        .isCloseTo(mass - bores(plan) * each, within(0.05))
        .isLessThanOrEqualTo(mass - over);
    assertThat(said(plan)).isEmpty();
  }

  /** What is left over the target after all of them stands in the words, to the gram. */
  @Test
  void whereThereIsNoRoomForMoreItIsSaidHowMuchIsLeft() {
    Plan plan = Heron.with("body.mass-target=600", "relief.diameter=40");
    assertThat(bores(plan)).isBetween(1L, (long) ReliefBores.MOST_BORES - 1);
    long left = Math.round(Heron.value(plan, "body.mass") - 600);
    assertThat(said(plan)).contains("All the relief holes that fit").contains(left + " g");
  }

  @Test
  void moreThanAnyoneBoresAreNotPlanned() {
    Plan plan = Heron.with("body.mass-target=600", "relief.diameter=8", "relief.clear=2");
    assertThat(bores(plan)).isEqualTo(ReliefBores.MOST_BORES);
    long left = Math.round(Heron.value(plan, "body.mass") - 600);
    assertThat(said(plan))
        .startsWith(ReliefBores.MOST_BORES + " relief holes")
        .contains(left + " g");
  }

  @Test
  void withoutATopThatCoversThemThereAreNone() {
    Plan plan = Heron.with("body.mass-target=600", "body.top-thickness=0", "body.accent=0");
    assertThat(bores(plan)).isZero();
    assertThat(said(plan)).contains("a top that covers them");
    assertThat(Heron.with("body.top-thickness=0", "body.accent=0").problems())
        .noneMatch(p -> p.words().contains("relief"));
  }

  /** Nothing of them comes nearer to anything that is cut, or to the edge, than was decided. */
  @Test
  void theyKeepAsClearAsWasDecided() {
    for (double clear : new double[] {3, 12}) {
      Plan plan =
          Heron.with(
              "body.mass-target=1200",
              "relief.diameter=25",
              "relief.clear=" + clear,
              "relief.edge=" + (clear + 5));
      List<Cut> cuts = plan.cuts().cuts();
      assertThat(bores(plan)).isGreaterThan(2);
      for (Cut bore : cuts) {
        if (bore.name().matches("relief-\\d+")) {
          assertThat(plan.cuts().surface().edge().nearest(bore.outlines().get(0)).distance())
              .isGreaterThanOrEqualTo(clear + 5 - 0.02);
          for (Cut other : cuts) {
            boolean apart =
                other.name().equals(bore.name())
                    || other.solids().stream()
                        .allMatch(
                            s ->
                                roughcut.geometry.ClosestApproach.of(bore.solids().get(0), s)
                                        .distance()
                                    >= clear - 0.02);
            assertThat(apart).as(bore.name() + " " + other.name()).isTrue();
          }
        }
      }
    }
  }
}
