package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.MappingIterator;
import com.fasterxml.jackson.dataformat.csv.CsvMapper;
import com.fasterxml.jackson.dataformat.csv.CsvSchema;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.measure.Units;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.ChangedDecision;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Note;
import roughcut.record.Reading;
import roughcut.schedule.ShopPlanning;
import roughcut.whatif.LogBook;

/** What happened is told in its order, all of it, and read back by other programs. */
class LogWriterTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 5, 4, 12, 0);
  private static final String AWKWARD = "comma, \"quote\",\nsecond *line* with <tags> & `code`";

  private static Build lived() {
    Log log =
        Log.NONE
            .with(
                new DoneOperation(
                    "neck.carve", NOON.plusHours(3), Duration.ofMinutes(95), "felt good"))
            .with(new DoneOperation("frets.level", NOON.plusDays(1), Duration.ofMinutes(40), ""))
            .with(Reading.of("nut.width", 43.2, NOON))
            .with(new Note(NOON.plusHours(1), "neck.carve", AWKWARD, "pictures/a b.jpg"));
    return Heron.build().withLog(log);
  }

  private static Plan plan(Build build) {
    return Plan.of(build, Demo.shop());
  }

  @Test
  void inItsOrderAndAllOfIt() {
    List<LogBook.Entry> all = LogBook.of(plan(lived()), Units.MM);
    assertThat(all.stream().filter(e -> e.kind() != LogBook.Kind.DEVIATION))
        .extracting(e -> e.kind().word())
        .containsExactly("measured", "note", "done", "done");
    assertThat(all.get(0).words().toString()).isEqualTo("Nut width 43.2 mm, planned 43.0 mm");
    assertThat(all).anyMatch(e -> e.words().toString().contains("felt good") && e.minutes() == 95);
    assertThat(all.stream().filter(e -> e.has("carve FELT"))).hasSize(1);
    assertThat(all.stream().filter(e -> e.has("no such thing"))).isEmpty();
    assertThat(LogBook.minutes(plan(lived()))).containsEntry(PartId.NECK, 95L);
  }

  @Test
  void aWithdrawnReadingIsStillThere() {
    Build build = lived().withoutMeasured("nut.width");
    assertThat(LogBook.of(plan(build), Units.MM))
        .anyMatch(
            e ->
                e.kind() == LogBook.Kind.WITHDRAWN && e.words().toString().startsWith("Nut width"));
  }

  /** By another reader: a row for each entry, whatever is written in it. */
  @Test
  void theTableIsReadByAnotherReader() throws Exception {
    Plan plan = plan(lived());
    MappingIterator<Map<String, String>> rows =
        new CsvMapper()
            .readerForMapOf(String.class)
            .with(CsvSchema.emptySchema().withHeader())
            .readValues(LogWriter.csv(plan, Units.MM));
    List<Map<String, String>> all = rows.readAll();
    assertThat(all).hasSize(LogBook.of(plan, Units.MM).size());
    assertThat(all).anyMatch(r -> r.get("words").endsWith(AWKWARD));
    assertThat(all).anyMatch(r -> r.get("minutes").equals("95"));
    assertThat(all).anyMatch(r -> r.get("picture").equals("pictures/a b.jpg"));
  }

  @Test
  void markdownIsNotBrokenByWhatIsWritten() {
    String md = LogWriter.markdown(plan(lived()), Units.MM);
    assertThat(md.lines().filter(l -> l.startsWith("- ") && l.contains("comma"))).hasSize(1);
    assertThat(md).contains("\\*line\\*").contains("## 2026-05-04").contains("neck: 1.6 h");
    assertThat(md).doesNotContain(" <tags>");
  }

  /** Notes come back from a file, and both windows' notes are kept. */
  @Test
  void notesAreKeptAndJoined(@TempDir Path folder) throws Exception {
    Path path = folder.resolve("a.roughcut.json");
    BuildFile.at(path).save(lived());
    Build read = BuildFile.open(path).build();
    assertThat(read.log().notes()).isEqualTo(lived().log().notes());
    Build mine = read.withLog(read.log().with(new Note(NOON, "", "mine", "")));
    Build theirs = read.withLog(read.log().with(new Note(NOON.plusMinutes(1), "", "theirs", "")));
    assertThat(mine.joined(read, theirs).orElseThrow().log().notes())
        .extracting(Note::words)
        .contains("mine", "theirs", AWKWARD);
    assertThatThrownBy(() -> new Note(NOON, "", " ", "")).hasMessageContaining("words");
  }

  /** What operations took elsewhere is what is reckoned with here. */
  @Test
  void lastTimesMinutesAreLearned() {
    Log other = Log.NONE.with(new DoneOperation("neck.carve", NOON, Duration.ofMinutes(105), ""));
    assertThat(ShopPlanning.learned(List.of(lived().log(), other)))
        .containsEntry("neck.carve", 100)
        .containsEntry("frets.level", 40)
        .doesNotContainKey("top.glue");
  }

  /** What was decided on the way stands where it happened, in the maker's units. */
  @Test
  void whatWasDecidedOnTheWayIsTold() {
    Log log =
        lived()
            .log()
            .with(new ChangedDecision(NOON.plusHours(2), "head.length", "185", "203.2"))
            .with(new ChangedDecision(NOON.plusHours(4), "", "", "removed: a control"))
            .with(new ChangedDecision(NOON.plusHours(5), "no.such", "7", "8"));
    List<LogBook.Entry> all =
        LogBook.of(plan(lived().withLog(log)), Units.DECIMAL_INCH).stream()
            .filter(e -> e.kind() == LogBook.Kind.DECIDED)
            .toList();
    assertThat(all)
        .extracting(e -> e.words().toString())
        .containsExactly(
            "Headstock length 7.283 in → 8.000 in", "removed: a control", "no.such 7 → 8");
    assertThat(LogWriter.markdown(plan(lived().withLog(log)), Units.MM))
        .contains("**decided** Headstock length 185.0 mm → 203.2 mm");
  }

  /** A price that isn't known isn't 0, and neither is wood that isn't there. */
  @Test
  void woodIsToldOnlyWhereItIsKnown() {
    Build build = Heron.build();
    assertThat(LogBook.woodTold(Plan.of(build, Demo.shop().withBoards(List.of()))))
        .hasToString("none placed yet");
    Plan unpriced =
        Plan.of(
            build,
            Demo.shop()
                .withBoards(
                    Demo.shop().boards().stream()
                        .map(b -> b.withPrice(OptionalDouble.empty()))
                        .toList()));
    assertThat(LogBook.woodTold(unpriced)).hasToString("some have no price");
    Plan priced =
        Plan.of(
            build,
            Demo.shop()
                .withBoards(
                    Demo.shop().boards().stream()
                        .map(b -> b.withPrice(OptionalDouble.of(12.5)))
                        .toList()));
    long used = priced.boards().laid().stream().map(l -> l.board()).distinct().count();
    assertThat(used).isPositive();
    assertThat(Double.parseDouble(LogBook.woodTold(priced).toString())).isEqualTo(12.5 * used);
  }
}
