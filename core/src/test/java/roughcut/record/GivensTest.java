package roughcut.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.design.Strip;
import roughcut.measure.Basis;
import roughcut.measure.Decided;
import roughcut.measure.Found;
import roughcut.measure.Read;
import roughcut.measure.Value;

/** Where a reading takes a decision's place, and what was asked for is remembered. */
class GivensTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 26);

  private static Build heron() {
    return Heron.build().asDesigned();
  }

  @Test
  void aReadingStandsInADecisionsPlaceAndStillKnowsIt() {
    Givens givens = new Givens(heron().withReading(Reading.of("nut.width", 43.4, DAY)));
    assertThat(givens.get(Decisions.NUT_WIDTH)).isInstanceOf(Read.class);
    assertThat(givens.get(Decisions.NUT_WIDTH).value()).isEqualTo(43.4);
    assertThat(givens.get(Decisions.NUT_WIDTH).nominal())
        .isEqualTo(Decisions.NUT_WIDTH.in(heron().design()));
    assertThat(givens.get(Decisions.HEAD_ANGLE)).isInstanceOf(Decided.class);
  }

  @Test
  void whatFollowsFromAnotherFollowsFromWhatWasReadOfIt() {
    Givens drawn = new Givens(heron());
    Value cutter = drawn.get(NeckDecisions.CHANNEL_CUTTER);
    assertThat(cutter).isInstanceOf(Found.class);
    assertThat(cutter.fromMeasured()).isFalse();
    Givens real = new Givens(heron().withReading(Reading.of("rod.width", 5.8, DAY)));
    assertThat(real.get(NeckDecisions.CHANNEL_CUTTER).value()).isEqualTo(5.8);
    assertThat(real.get(NeckDecisions.CHANNEL_CUTTER).fromMeasured()).isTrue();
  }

  @Test
  void whatWasAskedForWhileSomethingIsMadeIsRememberedOnce() {
    Givens givens = new Givens(heron());
    Basis other = Basis.of(Decided.of("x", "x", 1, roughcut.measure.Quantity.LENGTH));
    Givens.Watched<Double> watched =
        givens.watched(
            () -> {
              for (int i = 0; i < 1000; i++) {
                givens.get(Decisions.NUT_WIDTH);
                givens.note(other);
              }
              givens.quietly(() -> givens.get(Decisions.HEAD_ANGLE));
              assertThat(givens.soFar().values()).hasSize(2);
              return givens.get(Decisions.HEAD_LENGTH).value();
            });
    assertThat(watched.asked().values())
        .extracting(Value::id)
        .containsExactlyInAnyOrder("nut.width", "head.length", "x");
    assertThat(givens.soFar()).isSameAs(Basis.NONE);
  }

  @Test
  void whatIsAskedForInsideCountsOutsideToo() {
    Givens givens = new Givens(heron());
    Basis outer =
        givens
            .watched(
                () -> {
                  givens.get(Decisions.NUT_WIDTH);
                  return givens.watched(() -> givens.get(Decisions.HEAD_ANGLE)).asked();
                })
            .asked();
    assertThat(outer.values())
        .extracting(Value::id)
        .containsExactlyInAnyOrder("nut.width", "head.angle");
  }

  @Test
  void stripsAreAsThickAsTheyWereRead() {
    List<Strip> drawn = new Givens(heron()).neckStrips();
    assertThat(drawn).isEqualTo(heron().design().neckStack().strips());
    List<Strip> real =
        new Givens(heron().withReading(Reading.of("neck.strip.2.thickness", 17.3, DAY)))
            .neckStrips();
    assertThat(real.get(1).thickness()).isEqualTo(17.3);
    assertThat(real.get(0)).isEqualTo(drawn.get(0));
    assertThat(real.get(3)).as("its mirror was not read").isEqualTo(drawn.get(3));
  }
}
