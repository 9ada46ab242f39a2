package roughcut.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.Stack;
import roughcut.design.Strip;

/** What can be written down of a build, to the last letter, and what is made of it. */
class RecordsTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 27);
  private static final LocalDateTime NOON = DAY.atTime(12, 0);

  private static Brief.Wish wish(String words) {
    return new Brief.Wish(words, Brief.Kind.values()[0], "", 1, false);
  }

  private static void refused(org.assertj.core.api.ThrowableAssert.ThrowingCallable made) {
    assertThatThrownBy(made).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void wordsAreAtMostSoLongAndNeverNone() {
    Design design = Heron.build().design();
    assertThat(new Build("n".repeat(80), design).name()).hasSize(80);
    refused(() -> new Build("n".repeat(81), design));
    refused(() -> new Build(" ", design));
    assertThat(wish("w".repeat(200)).words()).hasSize(200);
    refused(() -> wish("w".repeat(201)));
    refused(() -> wish(" \t"));
    refused(() -> wish(null));
    assertThat(new Note(NOON, "", "w".repeat(4000), "").words()).hasSize(4000);
    refused(() -> new Note(NOON, "", "w".repeat(4001), ""));
  }

  @Test
  void aNoteHasWordsOrAPictureAndATime() {
    assertThatCode(() -> new Note(NOON, "", "", "crack.jpg")).doesNotThrowAnyException();
    assertThatCode(() -> new Note(NOON, "", "a crack", "")).doesNotThrowAnyException();
    refused(() -> new Note(NOON, "", " ", ""));
    refused(() -> new Note(NOON, "", null, "crack.jpg"));
    refused(() -> new Note(null, "", "a crack", ""));
  }

  @Test
  void whatWasDecidedOtherwiseHasAnIdOrWords() {
    assertThatCode(() -> new ChangedDecision(NOON, "nut.width", "42", ""))
        .doesNotThrowAnyException();
    assertThatCode(() -> new ChangedDecision(NOON, "", "", "a pickup came"))
        .doesNotThrowAnyException();
    refused(() -> new ChangedDecision(NOON, "", "42", " "));
    refused(() -> new ChangedDecision(NOON, "nut.width", null, "43"));
    refused(() -> new ChangedDecision(NOON, null, "42", "43"));
    refused(() -> new ChangedDecision(null, "nut.width", "42", "43"));
  }

  @Test
  void thereAreFretsFromTheFirstToTheLastThatCanBeDecided() {
    int most = (int) Decisions.FRETS.most();
    Map<FretStage, LocalDate> pressed = Map.of(FretStage.values()[0], DAY);
    assertThat(new FretRecords(Map.of(1, pressed, most, pressed)).done()).hasSize(2);
    refused(() -> new FretRecords(Map.of(0, pressed)));
    refused(() -> new FretRecords(Map.of(-1, pressed)));
    refused(() -> new FretRecords(Map.of(most + 1, pressed)));
  }

  @Test
  void aFretTakenBackLeavesNothingBehind() {
    FretStage first = FretStage.values()[0];
    FretRecords one = FretRecords.NONE.turned(7, first, DAY);
    assertThat(one.when(7, first)).contains(DAY);
    assertThat(one.turned(7, first, DAY)).isEqualTo(FretRecords.NONE);
    assertThat(one.turned(7, first, DAY).done()).isEmpty();
  }

  @Test
  void allOfThemAreDoneUpToTheLastAndThoseBeforeKeepTheirDay() {
    FretStage first = FretStage.values()[0];
    LocalDate earlier = DAY.minusDays(3);
    FretRecords all = FretRecords.NONE.turned(2, first, earlier).all(22, first, DAY);
    assertThat(all.done().keySet()).hasSize(22).contains(1, 22).doesNotContain(23);
    assertThat(all.when(2, first)).contains(earlier);
    assertThat(all.when(22, first)).contains(DAY);
    assertThat(all.count(22, first)).isEqualTo(22);
    assertThat(all.count(21, first)).isEqualTo(21);
    assertThat(all.count(22, FretStage.values()[1])).isZero();
  }

  /** What the plan wanted then, not what it wants since: asked again only once that moved. */
  @ParameterizedTest
  @CsvSource({
    "14.20, true",
    "14.24, true",
    "14.16, true",
    "14.26, false",
    "14.14, false",
    "-14.2, false"
  })
  void aMisfitIsAcceptedForWhatThePlanWantedThen(double wanted, boolean accepted) {
    DoneOperation done =
        DoneOperation.of("body.thickness", NOON).accepting("body.thickness", 14.2, "it will do");
    assertThat(done.accepts("body.thickness", wanted, 0.05)).isEqualTo(accepted);
    assertThat(done.accepts("neck.thickness-1", wanted, 0.05)).isFalse();
  }

  @Test
  void readingsAndWorkBothBeginALog() {
    assertThat(Log.NONE.hasStarted()).isFalse();
    assertThat(Log.NONE.turned("body.saw", NOON).hasStarted()).isTrue();
    Build read = Heron.build().asDesigned().withReading(Reading.of("nut.width", 43.1, DAY));
    assertThat(read.log().hasStarted()).isTrue();
    Log noted = Log.NONE.with(new Note(NOON, "", "bought", ""));
    assertThat(noted.hasStarted()).isFalse();
  }

  /** Each strip is as thick, as tapered and as bent as it was read, and no other is. */
  @Test
  void stripsAreAsTheyWereRead() {
    Strip plain = new Strip("maple", 20, 20, 0, Strip.Grain.TO_HEEL);
    Strip bent = new Strip("walnut", 4, 4, 3, Strip.Grain.TO_HEEL);
    Strip tapered = new Strip("maple", 22, 30, 0, Strip.Grain.TO_HEAD);
    Build build =
        Heron.build()
            .asDesigned()
            .withDesign(
                Heron.build()
                    .design()
                    .withNeckStack(new Stack(List.of(plain, bent, tapered), false))
                    .withBodyStack(new Stack(List.of(plain, tapered.withThickness(50)), false)));
    EffectiveInputs inputs =
        new EffectiveInputs(
            build
                .withReading(Reading.of("neck.strip.2.thickness", 3.8, DAY))
                .withReading(Reading.of("neck.strip.3.heel-thickness", 29.5, DAY))
                .withReading(Reading.of("body.strip.2.thickness", 49.2, DAY)));
    List<Strip> neck = inputs.neckStrips();
    assertThat(neck.get(0)).isEqualTo(plain);
    assertThat(neck.get(1)).isEqualTo(new Strip("walnut", 3.8, 3.8, 3, Strip.Grain.TO_HEEL));
    assertThat(neck.get(2)).isEqualTo(new Strip("maple", 22, 29.5, 0, Strip.Grain.TO_HEAD));
    assertThat(inputs.bodyStrips()).extracting(Strip::thickness).containsExactly(20.0, 49.2);
  }
}
