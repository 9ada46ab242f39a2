package roughcut.caliper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CaliperTest {
  private static final class Heard implements Caliper.Hearer {
    private final List<Sample> samples = new ArrayList<>();
    private final List<Caliper.Trouble> problems = new ArrayList<>();

    @Override
    public void read(Sample sample) {
      samples.add(sample);
    }

    @Override
    public void told(Caliper.Trouble trouble) {
      problems.add(trouble);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "14.90|14.9",
        "+0014.90 mm|14.9",
        "-0.35mm|-0.35",
        "14,90|14.9",
        "0.5870 in|14.9098",
        "0.5870\"|14.9098",
        "01A+00014.90|14.9"
      })
  void linesOfManyKindsAreRead(String line, double mm) {
    OptionalDouble read = CaliperLine.of(line, true).mm();
    if (line.startsWith("01A")) {
      assertThat(read).as("an address in front isn't guessed at").isEmpty();
    } else {
      assertThat(read.orElseThrow()).isCloseTo(mm, within(1e-6));
    }
  }

  @Test
  void aBareNumberIsInTheUnitThatTheCaliperIsSetTo() {
    assertThat(CaliperLine.of("1.25", false).mm().orElseThrow()).isCloseTo(31.75, within(1e-9));
    assertThat(CaliperLine.of("1.25", true).mm().orElseThrow()).isEqualTo(1.25);
    assertThat(CaliperLine.of("1.25 mm", false).mm().orElseThrow()).isEqualTo(1.25);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "mm",
        "12.3.4",
        "ERR",
        "99999",
        "1e9",
        "14.90 mm 15.00 mm",
        "٣٫٤",
        "000000000000000000000000000000000000000000001"
      })
  void whatIsNoReadingIsToldAndNeverANumber(String line) {
    CaliperLine read = CaliperLine.of(line, true);
    assertThat(read.mm()).as(line).isEmpty();
    assertThat(read.trouble()).contains(Caliper.Trouble.UNREADABLE);
  }

  @Test
  void everyReadingComesBackFromItsLine() {
    Random random = new Random(9);
    for (int i = 0; i < 500; i++) {
      double mm = Math.rint((random.nextDouble() * 300 - 50) * 100) / 100;
      String line = String.format(Locale.ROOT, "%+09.2f mm", mm);
      assertThat(CaliperLine.of(line, random.nextBoolean()).mm().orElseThrow())
          .as(line)
          .isCloseTo(mm, within(1e-9));
    }
  }

  private static Settling run(SimulatedCaliper caliper, Heard heard, long from, long to) {
    Settling settling = new Settling();
    int before = heard.samples.size();
    for (long t = from; t <= to; t += 100) {
      caliper.tick(t);
    }
    heard.samples.subList(before, heard.samples.size()).forEach(settling::add);
    return settling;
  }

  @Test
  void theJawsCloseThenTheReadingSettlesOnThePart() {
    SimulatedCaliper caliper = new SimulatedCaliper(7);
    Heard heard = new Heard();
    caliper.open(heard);
    caliper.jaw(14.93, 0);
    assertThat(run(caliper, heard, 0, 200).settled()).as("still on their way").isEmpty();
    Settling settled = run(caliper, heard, 300, 2500);
    assertThat(settled.settled().orElseThrow()).isCloseTo(14.93, within(0.021));
    assertThat(heard.samples)
        .allSatisfy(
            s ->
                assertThat(Math.abs(s.mm() * 100 - Math.rint(s.mm() * 100)))
                    .as("to a hundredth")
                    .isLessThan(1e-6));
    assertThat(heard.samples.stream().map(Sample::mm).distinct().count())
        .as("a hand is never still")
        .isGreaterThan(5);
  }

  @Test
  void aTiredHandDoesNotSettle() {
    SimulatedCaliper caliper = new SimulatedCaliper(3);
    Heard heard = new Heard();
    caliper.open(heard);
    caliper.jaw(30, 0);
    caliper.tired(1);
    assertThat(run(caliper, heard, 1000, 4000).settled()).isEmpty();
    caliper.tired(0);
    assertThat(run(caliper, heard, 4100, 6000).settled()).isPresent();
  }

  @ParameterizedTest
  @CsvSource({"0.03, true", "0.04, true", "0.06, false", "0.3, false"})
  void onlyWhatLiesCloseTogetherHasSettled(double apart, boolean settled) {
    Settling settling = new Settling();
    for (int i = 0; i < 20; i++) {
      settling.add(new Sample(10 + (i % 2) * apart, i * 100L));
    }
    assertThat(settling.settled().isPresent()).isEqualTo(settled);
  }

  @Test
  void zeroHoldAndTheSameTwice() {
    Heard one = new Heard();
    Heard two = new Heard();
    for (Heard heard : List.of(one, two)) {
      SimulatedCaliper caliper = new SimulatedCaliper(11);
      caliper.open(heard);
      caliper.jaw(10, 0);
      caliper.tick(2000);
      caliper.zero();
      caliper.jaw(12.5, 2000);
      caliper.tick(4000);
      caliper.hold(true);
      caliper.jaw(99, 4000);
      caliper.tick(6000);
      caliper.hold(false);
      caliper.tick(8000);
    }
    assertThat(one.samples).isEqualTo(two.samples);
    assertThat(one.samples.get(1).mm()).isCloseTo(2.5, within(0.03));
    assertThat(one.samples.get(2).mm()).as("held").isEqualTo(one.samples.get(1).mm());
    assertThat(one.samples.get(3).mm()).isCloseTo(89, within(0.03));
  }

  @Test
  void aCaliperThatDropsOutMidReadingIsToldAndSendsNoMore() {
    SimulatedCaliper caliper = new SimulatedCaliper(1);
    Heard heard = new Heard();
    caliper.tick(0);
    assertThat(heard.samples).as("not opened yet").isEmpty();
    caliper.open(heard);
    caliper.battery(true);
    caliper.tick(100);
    caliper.drop();
    caliper.tick(200);
    assertThat(heard.samples).hasSize(1);
    assertThat(heard.problems)
        .containsExactly(Caliper.Trouble.LOW_BATTERY, Caliper.Trouble.DROPPED);
    caliper.open(heard);
    caliper.battery(false);
    caliper.tick(300);
    assertThat(heard.samples).hasSize(2);
    caliper.close();
    caliper.tick(400);
    assertThat(heard.samples).hasSize(2);
  }

  /** Settling held against a plain look back over all samples. */
  @Test
  void settlingIsWhatALookBackSays() {
    Random random = new Random(21);
    Settling settling = new Settling();
    List<Sample> all = new ArrayList<>();
    long t = 0;
    double jaw = 20;
    int settled = 0;
    for (int i = 0; i < 3000; i++) {
      t += 40 + random.nextInt(120);
      if (random.nextInt(25) == 0) {
        jaw = random.nextDouble() * 100;
      }
      Sample sample = new Sample(jaw + random.nextGaussian() * 0.008, t);
      settling.add(sample);
      all.add(sample);
      // From the last sample that is at least a quiet time old.
      int from = all.size() - 1;
      while (from > 0 && t - all.get(from).millis() < Settling.QUIET) {
        from--;
      }
      List<Sample> recent = all.subList(from, all.size());
      double least = recent.stream().mapToDouble(Sample::mm).min().orElseThrow();
      double most = recent.stream().mapToDouble(Sample::mm).max().orElseThrow();
      boolean quiet =
          recent.size() >= 4
              && t - recent.get(0).millis() >= Settling.QUIET
              && most - least <= Settling.TOGETHER;
      assertThat(settling.settled().isPresent()).as("at " + t).isEqualTo(quiet);
      settled += quiet ? 1 : 0;
    }
    assertThat(settled).isBetween(300, 2900);
  }

  @ParameterizedTest
  @ValueSource(strings = {"LOW", "low", "BAT", "bat", "B", "b", " LOW\r"})
  void aBatteryThatRunsLowSaysSoInOneOfThreeWays(String line) {
    assertThat(CaliperLine.of(line, true).trouble()).contains(Caliper.Trouble.LOW_BATTERY);
    assertThat(CaliperLine.of(line, true).mm()).isEmpty();
  }

  /** Readings from before a clock was put back say nothing of now, however alike they are. */
  @Test
  void aClockThatWentBackBeginsAnew() {
    Settling settling = new Settling();
    for (long t = 5_000_000; t <= 5_001_000; t += 100) {
      settling.add(new Sample(14.9, t));
    }
    assertThat(settling.settled()).hasValue(14.9);
    settling.add(new Sample(14.9, 1000));
    assertThat(settling.settled()).isEmpty();
    for (long t = 1100; t < 1600; t += 100) {
      settling.add(new Sample(14.9, t));
      assertThat(settling.settled()).as("after " + (t - 1000) + " ms").isEmpty();
    }
    settling.add(new Sample(14.9, 1600));
    assertThat(settling.settled()).hasValue(14.9);
  }

  /** Late in the day as soon after midnight: only how long they stay together counts. */
  @Test
  void readingsTooCloseInTimeHaveNotSettled() {
    for (long start : new long[] {0, 300, 86_000_000}) {
      Settling settling = new Settling();
      for (int i = 0; i < 9; i++) {
        settling.add(new Sample(20, start + i * 60));
        assertThat(settling.settled()).isEmpty();
      }
    }
  }

  /** The jaws come from where they were, never past the part and never back. */
  @Test
  void theJawsCloseFromWhereTheyWere() {
    for (double[] way : new double[][] {{60, 20}, {5, 45}}) {
      SimulatedCaliper caliper = new SimulatedCaliper(4);
      Heard heard = new Heard();
      caliper.open(heard);
      caliper.jaw(way[0], 0);
      caliper.tick(5000);
      caliper.jaw(way[1], 5000);
      for (long t = 5000; t <= 6000; t += 50) {
        caliper.tick(t);
      }
      List<Sample> read = heard.samples.subList(1, heard.samples.size());
      assertThat(read.get(0).mm()).as("not yet moved").isCloseTo(way[0], within(0.05));
      assertThat(read.get(read.size() - 1).mm()).isCloseTo(way[1], within(0.05));
      double to = Math.signum(way[1] - way[0]);
      for (int i = 1; i < read.size(); i++) {
        assertThat(to * (read.get(i).mm() - read.get(i - 1).mm())).isGreaterThan(-0.06);
      }
      assertThat((read.get(2).mm() - way[1]) / (way[0] - way[1]))
          .as("a third is left after 90 ms")
          .isCloseTo(Math.exp(-100 / 90.0), within(0.01));
    }
  }
}
