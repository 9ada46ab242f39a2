package roughcut.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What happened is kept: the latest reading stands, one withdrawn is kept and counts no more. */
class LogTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 11, 26, 12, 0);

  private static Reading read(String of, double value, int minutes) {
    return Reading.of(of, value, NOON.plusMinutes(minutes));
  }

  /** 13.1, the clock set back two hours, then 12.7; or a reading made in a wrong year. */
  @Test
  void theOneEnteredLastStandsWhateverTheClockSaid() {
    Log log = Log.NONE.with(read("a", 13.1, 125)).with(read("b", 7, 1)).with(read("a", 12.7, 5));
    assertThat(log.current().get("a").value()).isEqualTo(12.7);
    assertThat(log.current().get("b").value()).isEqualTo(7);
    Log wrongYear = Log.NONE.with(Reading.of("a", 1, NOON.plusYears(10))).with(read("a", 2, 0));
    assertThat(wrongYear.current().get("a").value()).isEqualTo(2);
    assertThat(log.with(read("a", 3, 6)).current().get("a").value()).isEqualTo(3);
    assertThat(log.readings()).hasSize(3);
  }

  /** Said where something is entered while the clock stands before the last entry. */
  @Test
  void aClockThatStandsBeforeTheLastEntryIsSaid() {
    Log log = Log.NONE.with(read("a", 1, 120)).with(DoneOperation.of("body.saw", NOON));
    assertThat(log.ahead(NOON)).contains(NOON.plusMinutes(120));
    assertThat(log.ahead(NOON.plusMinutes(119))).as("seconds are left out").isEmpty();
    assertThat(log.ahead(NOON.plusMinutes(121))).isEmpty();
    assertThat(Log.NONE.with(DoneOperation.of("body.saw", NOON.plusDays(1))).ahead(NOON))
        .isPresent();
    assertThat(Log.NONE.ahead(NOON)).isEmpty();
  }

  @Test
  void oneTakenInTheSameMinuteStandsBeforeTheOneEnteredEarlier() {
    assertThat(Log.NONE.with(read("a", 1, 0)).with(read("a", 2, 0)).current().get("a").value())
        .isEqualTo(2);
  }

  @Test
  void whatIsWithdrawnIsKeptAndCountsNoMore() {
    Log log = Log.NONE.with(read("a", 1, 0)).with(read("a", 2, 1)).with(read("b", 5, 0));
    Log without = log.withdrawn("a");
    assertThat(without.current()).containsOnlyKeys("b");
    assertThat(without.readings()).hasSize(3);
    assertThat(without.with(read("a", 4, 0)).current().get("a").value()).isEqualTo(4);
    assertThat(log.unread().current()).isEmpty();
    assertThat(log.unread().readings()).hasSize(3);
  }

  @Test
  void anOperationIsDoneAndTakenBack() {
    Log log = Log.NONE.turned("neck.strip.1.saw", NOON);
    assertThat(log.isDone("neck.strip.1.saw")).isTrue();
    assertThat(log.when("neck.strip.1.saw")).contains(NOON);
    assertThat(log.turned("neck.strip.1.saw", NOON.plusDays(1)).isDone("neck.strip.1.saw"))
        .isFalse();
    assertThat(log.when("neck.strip.2.saw")).isEmpty();
  }

  @Test
  void whateverIsReadAndWithdrawnTheLastLeftOfEachStands() {
    Random random = new Random(12);
    for (int run = 0; run < 200; run++) {
      Log log = Log.NONE;
      List<Reading> model = new ArrayList<>();
      for (int i = 0; i < 30; i++) {
        String of = "x" + random.nextInt(4);
        if (random.nextInt(4) == 0) {
          log = log.withdrawn(of);
          model.removeIf(r -> r.of().equals(of));
        } else {
          Reading reading = read(of, random.nextInt(100), random.nextInt(50));
          log = log.with(reading);
          model.add(reading);
        }
      }
      for (String of : List.of("x0", "x1", "x2", "x3")) {
        Reading latest = null;
        for (Reading reading : model) {
          latest = reading.of().equals(of) ? reading : latest;
        }
        assertThat(log.current().get(of)).isEqualTo(latest);
      }
    }
  }

  @Test
  void whatIsNoNumberOrHasNoNameIsNoRecord() {
    assertThatThrownBy(() -> Reading.of("a", Double.NaN, NOON))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Reading.of("a", Double.POSITIVE_INFINITY, NOON))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> DoneOperation.of(" ", NOON))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void whatWasAcceptedIsAcceptedForWhatThePlanWantedThen() {
    DoneOperation done =
        DoneOperation.of("heel.plane", LocalDateTime.of(2026, 5, 4, 9, 0))
            .accepting("heel.thickness", 22, "accepted as it is");
    assertThat(done.accepts("heel.thickness", 22.04, 0.05)).isTrue();
    assertThat(done.accepts("heel.thickness", 21.96, 0.05)).isTrue();
    assertThat(done.accepts("heel.thickness", 22.06, 0.05)).as("wanted otherwise since").isFalse();
    assertThat(done.accepts("heel.thickness", -22, 0.05)).isFalse();
    assertThat(done.accepts("heel.end", 22, 0.05)).isFalse();
    assertThat(done.note()).contains("accepted as it is");
  }

  @Test
  void aStageOfAllFretsLeavesTheDaysOfThoseThatWereDone() {
    LocalDate first = LocalDate.of(2026, 5, 4);
    LocalDate later = first.plusDays(3);
    FretRecords some = FretRecords.NONE.turned(3, FretStage.SEATED, first);
    FretRecords all = some.all(22, FretStage.SEATED, later);
    for (int fret = 1; fret <= 22; fret++) {
      assertThat(all.when(fret, FretStage.SEATED)).contains(fret == 3 ? first : later);
      assertThat(all.when(fret, FretStage.CROWNED)).isEmpty();
    }
    assertThat(all.when(23, FretStage.SEATED)).isEmpty();
    assertThat(all.turned(3, FretStage.SEATED, later).when(3, FretStage.SEATED)).isEmpty();
    for (int fret : new int[] {0, -1, 73}) {
      Map<Integer, Map<FretStage, LocalDate>> wrong = Map.of(fret, Map.of(FretStage.SEATED, first));
      assertThatThrownBy(() -> new FretRecords(wrong)).isInstanceOf(IllegalArgumentException.class);
    }
  }
}
