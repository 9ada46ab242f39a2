package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.FretRecords;
import roughcut.record.FretStage;
import roughcut.record.Log;
import roughcut.record.Reading;
import roughcut.rout.RoutKeys;

/** A birth certificate says what is there and was read, and nothing that wasn't. */
class CertificateTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static List<Mark.Text> texts(Plan plan, Units units) {
    return Certificate.of(plan, units).marks().stream()
        .filter(Mark.Text.class::isInstance)
        .map(Mark.Text.class::cast)
        .toList();
  }

  /** What stands to the right of a name, on its line and nearest to it. */
  private static Map<String, String> rows(Plan plan, Units units) {
    List<Mark.Text> all = texts(plan, units);
    Map<String, String> rows = new LinkedHashMap<>();
    for (Mark.Text name : all) {
      Optional<Mark.Text> value =
          all.stream()
              .filter(t -> Math.abs(t.at().y() - name.at().y()) < 1e-9)
              .filter(t -> t.at().x() > name.at().x() && t.at().x() - name.at().x() < 60)
              .findFirst();
      value.ifPresent(v -> rows.put(name.text(), v.text()));
    }
    return rows;
  }

  private static Plan plan(Build build) {
    return Plan.of(build, Demo.shop());
  }

  @Test
  void everyDemosNumbersAreItsPlans() {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = plan(build);
      for (Units units : List.of(Units.MM, Units.DECIMAL_INCH)) {
        Map<String, String> rows = rows(plan, units);
        assertThat(rows.get("frets")).isEqualTo("" + plan.frets().frets().size());
        assertThat(rows.get("scale")).startsWith(plan.frets().scale().text(units));
        assertThat(rows.get("total weight"))
            .startsWith(plan.value(RoutKeys.INSTRUMENT_MASS.id()).orElseThrow().text(units));
        assertThat(rows.get("body")).isEqualTo(plan.body().backWood().name());
        assertThat(rows).containsKey("" + plan.stringSet().size());
        assertThat(rows).doesNotContainKey("" + (plan.stringSet().size() + 1));
        assertThat(rows.containsKey("top")).isEqualTo(plan.body().topping().isPresent());
      }
    }
  }

  /** A dot marks what was read off the instrument, and nothing else has one. */
  @Test
  void whatWasReadIsMarked() {
    Build bare = Heron.build().withLog(Log.NONE);
    assertThat(rows(plan(bare), Units.MM).values()).noneMatch(v -> v.contains("•"));
    Build read = bare.withReading(Reading.of("nut.width", 43.2, NOON));
    read = read.withReading(Reading.of("setup.relief", 0.25, NOON));
    Map<String, String> rows = rows(plan(read), Units.MM);
    assertThat(rows.get("nut width")).isEqualTo("43.2 mm •");
    assertThat(rows.get("Relief")).isEqualTo("0.25 mm •");
    assertThat(rows).doesNotContainKeys("Action at fret 1", "octaves, cents", "all frets");
    assertThat(rows(plan(read.withoutMeasured("nut.width")), Units.MM).get("nut width"))
        .doesNotContain("•");
  }

  /** All frets have to be levelled before it says so. */
  @Test
  void fretsArePartOfTheRecord() {
    Build bare = Heron.build().withLog(Log.NONE);
    int last = plan(bare).frets().frets().size();
    LocalDate day = NOON.toLocalDate();
    FretRecords all =
        FretRecords.NONE.all(last, FretStage.SEATED, day).all(last, FretStage.LEVELLED, day);
    assertThat(rows(plan(bare.withFrets(all)), Units.MM).get("all frets"))
        .isEqualTo("seated, levelled");
    FretRecords butOne = all.turned(last, FretStage.LEVELLED, day);
    assertThat(rows(plan(bare.withFrets(butOne)), Units.MM).get("all frets")).isEqualTo("seated");
  }

  @Test
  void pickupsThatAgreeAreSaidSo() {
    Build build = Heron.build();
    for (String id : List.of("neck.swing", "bridge.swing", "neck.magnet")) {
      build = build.withReading(Reading.of("pickup." + id, 1, NOON));
    }
    build = build.withReading(Reading.of("pickup.bridge.magnet", 0, NOON));
    assertThat(rows(plan(build), Units.MM).get("neck with bridge"))
        .isEqualTo("in phase, and hum-cancelling •");
    Build odd = build.withReading(Reading.of("pickup.bridge.swing", 0, NOON.plusHours(1)));
    assertThat(rows(plan(odd), Units.MM).get("neck with bridge")).isEqualTo("out of phase •");
  }

  /** With everything read at once nothing runs into the other column or off the page. */
  @Test
  void everythingFitsOnThePage() {
    for (Build demo : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Build build = demo;
      for (String id : List.of("relief", "action-1", "action-12", "action-12-bass")) {
        build = build.withReading(Reading.of("setup." + id, 1.05, NOON));
      }
      for (int i = 1; i <= plan(build).stringSet().size(); i++) {
        build = build.withReading(Reading.of("intonation.string." + i + ".cents", -1.4, NOON));
      }
      Plan plan = plan(build);
      for (Units units : List.of(Units.MM, Units.DECIMAL_INCH)) {
        for (Mark.Text text : texts(plan, units)) {
          double wide = text.text().length() * text.size().height() * 0.52;
          double edge = text.size() == Mark.Size.SMALL && text.at().x() < 120 ? 128 : 250;
          if (!text.text().startsWith("Numbers measured")) {
            assertThat(text.at().x() + wide)
                .as("%s of %s", text.text(), demo.name())
                .isLessThan(edge);
          }
          assertThat(text.at().y()).as(text.text()).isBetween(-176.0, 0.0);
        }
      }
    }
  }
}
