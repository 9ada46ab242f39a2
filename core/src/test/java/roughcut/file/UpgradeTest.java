package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.OutlineSizes;
import roughcut.design.SurfaceDecisions;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.ChangedDecision;
import roughcut.record.DoneOperation;
import roughcut.record.FretStage;
import roughcut.record.Log;
import roughcut.record.Note;
import roughcut.record.Reading;
import roughcut.shop.Shop;
import roughcut.whatif.ChangeSummary;

/** Files of format 1, written by the program of that time, open and plan the same numbers. */
class UpgradeTest {
  @TempDir Path folder;

  private Path fixture(String name) throws Exception {
    Path file = folder.resolve(name + ".roughcut.json");
    Files.write(
        file,
        UpgradeTest.class
            .getResourceAsStream("/format-1/" + name + ".roughcut.json")
            .readAllBytes());
    return file;
  }

  private static Map<String, Double> numbersThen(String name) throws Exception {
    String table =
        new String(
            UpgradeTest.class.getResourceAsStream("/format-1/" + name + ".tsv").readAllBytes(),
            java.nio.charset.StandardCharsets.UTF_8);
    Map<String, Double> numbers = new HashMap<>();
    for (String line : table.lines().toList()) {
      String[] cells = line.split("\t");
      numbers.put(cells[0], Double.parseDouble(cells[1]));
    }
    return numbers;
  }

  @ParameterizedTest
  @ValueSource(strings = {"heron", "bittern", "dunlin", "avocet"})
  void aBuildOfTheFirstFormatPlansTheSameNumbersBeforeAndAfterItIsSaved(String name)
      throws Exception {
    Path file = fixture(name);
    BuildFile.Opened opened = BuildFile.open(file);
    Map<String, Double> then = numbersThen(name);
    assertThat(then).hasSizeGreaterThan(700);
    same(then, Plan.of(opened.build(), drawer()));
    opened.file().save(opened.build());
    JsonNode saved = new ObjectMapper().readTree(file.toFile());
    assertThat(saved.path("format").asInt()).isEqualTo(6);
    assertThat(saved.has("measured")).as("is in the log now").isFalse();
    assertThat(saved.has("frets")).as("is in the log now").isFalse();
    Build again = BuildFile.open(file).build();
    // What is newer than the first format is written out as it is usual, and nothing else changed.
    assertThat(ChangeSummary.between(opened.build(), again, Units.MM, id -> id)).isEmpty();
    assertThat(again.log()).isEqualTo(opened.build().log());
    assertThat(again.design().numbers()).containsAllEntriesOf(opened.build().design().numbers());
    assertThat(again.design().choices()).containsAllEntriesOf(opened.build().design().choices());
    same(then, Plan.of(again, drawer()));
  }

  /**
   * Told wrongly then: the core's blank without the neck's lean, and a block as if it lay under all
   * of the heel or core, however short it is; wires bored to a cover's seat instead of the wall
   * below it; a channel under the top 1 mm deep where there is no room for any; nothing of the
   * finish's film that bolts and threads go through; a cavity with corners sharper than its cutter.
   */
  private static final String MENDED =
      "core\\.strips-depth|heel\\.(spare|stock)|stack\\.depth|glue\\..*|clamps\\..*|board\\.yield|.*mass|balance\\..*|relief\\..*|pickup\\..*\\.(hidden|to-fretboard)|rout\\.relief-.*|web\\..*relief-.*|bolt\\.(last\\.)?length|control\\..*\\.bushing-spare"
          + "|(channel|rout|pass|web)\\..*wire.*|(channel|rout|web)\\..*ground.*"
          + "|.*controls.*|jack\\..*|(rout|web)\\..*output.*|cavity\\..*\\.shielding";

  /** Screws stand on a line beside an edge, which was good to a hundredth of its distance, mm. */
  private static final double BESIDE_AN_EDGE = 0.05;

  private static void same(Map<String, Double> then, Plan plan) {
    // How many relief bores a body wants follows from what it is reckoned to weigh.
    assertThat(plan.values().keySet())
        .containsAll(then.keySet().stream().filter(i -> !i.contains("relief-")).toList());
    plan.values()
        .forEach(
            (id, value) -> {
              if (then.containsKey(id) && !id.matches(MENDED)) {
                assertThat(value.value())
                    .as(id)
                    .isCloseTo(
                        then.get(id), within(id.contains("-screw-") ? BESIDE_AN_EDGE : 1e-5));
              }
            });
  }

  /** How far the wood had come was decided until format 3; it was read, and is a reading now. */
  @Test
  void whatWasDecidedOfPartsOnTheirWayBecomesReadings() throws Exception {
    Path file = folder.resolve("two.roughcut.json");
    Build heron = Heron.build();
    BuildFile.at(file).save(heron);
    ObjectMapper mapper = new ObjectMapper();
    ObjectNode tree = (ObjectNode) mapper.readTree(file.toFile());
    tree.put("format", 2);
    ObjectNode decisions = (ObjectNode) tree.get("decisions");
    decisions.put("body.stock-left", 3.5).put("body.outline-left", 0).put("carve.now-1", 22.4);
    decisions.put("carve.now-12", 0).put("body.surfaces", "to-come");
    ObjectNode reading = ((ArrayNode) tree.get("log").get("readings")).addObject();
    reading.put("of", "carve.now-12").put("at", "2026-05-21T10:00").put("value", 23.1);
    reading.put("with", "caliper");
    Files.write(file, mapper.writeValueAsBytes(tree));

    BuildFile.Opened opened = BuildFile.open(file);
    Map<String, Reading> read = opened.build().measured();
    assertThat(read.get("body.now-thickness").value()).as("44 and 3.5 more").isEqualTo(47.5);
    assertThat(read.get("neck.now-1").value()).isEqualTo(22.4);
    assertThat(read.get("neck.now-12").value()).isEqualTo(23.1);
    assertThat(read.get("neck.now-12").with()).isEqualTo("caliper");
    assertThat(read).doesNotContainKeys("body.now-outside", "body.stock-left", "carve.now-1");
    assertThat(Plan.of(opened.build(), Demo.shop()).cuts().state().stock().value()).isEqualTo(3.5);

    opened.file().save(opened.build());
    JsonNode saved = mapper.readTree(file.toFile()).get("decisions");
    assertThat(List.of("body.stock-left", "body.outline-left", "carve.now-1", "body.surfaces"))
        .as("nothing that nobody knows any more stays behind")
        .noneMatch(saved::has);
    assertThat(BuildFile.open(file).build()).isEqualTo(opened.build());
  }

  @Test
  void whatWasReadAndDoneThenIsStillKnown() throws Exception {
    Build heron = BuildFile.open(fixture("heron")).build();
    assertThat(heron.measured().get("shaft.thickness").value()).isEqualTo(14.9);
    assertThat(heron.measured().get("shaft.thickness").on()).isEqualTo("2026-05-18");
    assertThat(heron.frets().when(3, FretStage.SEATED)).contains(LocalDate.of(2026, 5, 19));
    assertThat(heron.frets().when(7, FretStage.LEVELLED)).contains(LocalDate.of(2026, 5, 20));
    assertThat(heron.log().done()).isEmpty();
  }

  @Test
  void everyReadingAndOperationComesBackAsItWas() throws Exception {
    LocalDateTime at = LocalDateTime.of(2026, 11, 26, 10, 15, 30);
    Log log =
        new Log(
            List.of(
                new Reading("shaft.thickness", 15.2, at, "planed", "caliper", true),
                new Reading("shaft.thickness", 14.8, at.plusMinutes(9), "", "", false),
                Reading.of("nut.width", 43.05, at)),
            List.of(
                new DoneOperation(
                    DoneOperation.stripSawn(2),
                    at,
                    Duration.ofMinutes(25),
                    "blade wants sharpening")),
            Demo.heron(LocalDate.of(2026, 5, 20))
                .frets()
                .turned(5, FretStage.ROCKED, at.toLocalDate()),
            List.of(new Note(at, "neck.carve", "a knot came up", "")),
            List.of(
                new ChangedDecision(at, "head.length", "185", "190"),
                new ChangedDecision(at.plusDays(1), "", "", "removed: the “tone” control")));
    Build build = Demo.heron(LocalDate.of(2026, 5, 20)).withLog(log);
    Path file = folder.resolve("a.roughcut.json");
    BuildFile.at(file).save(build);
    assertThat(BuildFile.open(file).build().log()).isEqualTo(log);
    assertThat(BuildFile.open(file).build().measured().get("shaft.thickness").value())
        .as("the later one was withdrawn")
        .isEqualTo(15.2);
  }

  @Test
  void aReadingTakenBackOfAnOldFileStaysAway() throws Exception {
    Path file = fixture("heron");
    BuildFile.Opened opened = BuildFile.open(file);
    opened.file().save(opened.build().withoutMeasured("nut.width"));
    assertThat(BuildFile.open(file).build().measured()).doesNotContainKey("nut.width");
  }

  /** Until format 5 the latest reading stood; since then the one that was entered last. */
  @Test
  void readingsOfAnEarlierFormatStandByTheirTime() throws Exception {
    Build heron =
        Heron.build()
            .asDesigned()
            .withReading(Reading.of("nut.width", 42.4, LocalDateTime.of(2026, 5, 9, 12, 0)))
            .withReading(Reading.of("nut.width", 42.8, LocalDateTime.of(2026, 5, 9, 10, 0)));
    Path file = folder.resolve("clock.roughcut.json");
    BuildFile.at(file).save(heron);
    assertThat(BuildFile.open(file).build().measured().get("nut.width").value()).isEqualTo(42.8);
    Files.writeString(
        file, Files.readString(file).replaceFirst("\"format\"\\s*:\\s*6", "\"format\" : 4"));
    BuildFile.Opened old = BuildFile.open(file);
    assertThat(old.build().measured().get("nut.width").value()).isEqualTo(42.4);
    old.file().save(old.build());
    assertThat(BuildFile.open(file).build().measured().get("nut.width").value()).isEqualTo(42.4);
  }

  /** A body begun before format 4 keeps its curve, through saving too; a new one has its widths. */
  @Test
  void aBodyThatMayBeCutKeepsItsShape() throws Exception {
    Build heron = Demo.heron(LocalDate.of(2026, 5, 20));
    Path file = folder.resolve("a.roughcut.json");
    BuildFile.at(file).save(heron);
    JsonNode saved = new ObjectMapper().readTree(file.toFile());
    assertThat(saved.get("format").asInt()).isEqualTo(6);
    assertThat(SurfaceDecisions.OUTLINE_SIZES.in(BuildFile.open(file).build().design()))
        .isEqualTo(OutlineSizes.ACROSS);

    String first = Files.readString(file).replaceFirst("(?m)^.*\"outline\\.sizes\".*$", "");
    Files.writeString(file, first);
    Files.writeString(
        file, Files.readString(file).replaceFirst("\"format\"\\s*:\\s*6", "\"format\" : 3"));
    BuildFile.Opened old = BuildFile.open(file);
    assertThat(SurfaceDecisions.OUTLINE_SIZES.in(old.build().design()))
        .isEqualTo(OutlineSizes.POINTS);
    double was = width(old.build());
    assertThat(was).as("wider between its points").isGreaterThan(width(heron) + 0.5);
    assertThat(width(heron)).isCloseTo(330, within(0.02));
    old.file().save(old.build());
    assertThat(new ObjectMapper().readTree(file.toFile()).get("format").asInt()).isEqualTo(6);
    assertThat(width(BuildFile.open(file).build())).isEqualTo(was);
  }

  private static double width(Build build) {
    return Plan.of(build, Demo.shop()).body().outline().bounds().height();
  }

  /** Until format 6 bores that templates are pinned on went by their names. */
  @Test
  void indexBoresOfAnEarlierFormatStillRegister() throws Exception {
    Path file = folder.resolve("index.roughcut.json");
    BuildFile.at(file).save(Heron.build());
    String now = Files.readString(file);
    String then =
        now.replaceFirst("\"format\"\\s*:\\s*6", "\"format\" : 5").replace("index-bore", "bore");
    Files.writeString(file, then);
    Build old = BuildFile.open(file).build();
    assertThat(Plan.of(old, Demo.shop()).cuts().indexHoles())
        .extracting(h -> h.fitting().name())
        .containsExactly("index-1", "index-2");
    // A name means nothing any more.
    Files.writeString(file, now.replace("index-bore", "bore"));
    assertThat(Plan.of(BuildFile.open(file).build(), Demo.shop()).cuts().indexHoles()).isEmpty();
  }

  /** The drawer as the old program had it, which planned those passes. */
  private static Shop drawer() {
    return Demo.shop()
        .withCutters(
            Demo.shop().cutters().stream().filter(c -> !c.name().endsWith(" long")).toList());
  }
}
