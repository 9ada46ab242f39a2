package roughcut.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Handedness;
import roughcut.design.NeckJoint;
import roughcut.file.BuildFile;
import roughcut.file.Reference;
import roughcut.file.ShopBuilds;
import roughcut.file.ShopFile;
import roughcut.record.Build;
import roughcut.record.CurrentTime;
import roughcut.shop.Shop;

class CommandLineTest {
  private static final CurrentTime NOW =
      CurrentTime.at(LocalDateTime.of(2026, 5, 4, 18, 30), ZoneId.of("Europe/London"));

  @TempDir Path folder;
  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();

  private int run(String... args) {
    return RoughCut.run(NOW, new PrintWriter(out, true), new PrintWriter(err, true), args);
  }

  private Map<String, JsonNode> report(String... args) throws Exception {
    assertThat(run(args)).as(err.toString()).isZero();
    Map<String, JsonNode> values = new HashMap<>();
    new ObjectMapper()
        .readTree(out.toString())
        .get("values")
        .forEach(v -> values.put(v.get("id").asText(), v));
    return values;
  }

  @Test
  void reportsHeronAsDesignedUnroundedWithItsSums() throws Exception {
    Map<String, JsonNode> values = report("report", "--as-designed", "--format", "json");
    JsonNode run = values.get("scarf.run");
    assertThat(run.get("value").asDouble()).isCloseTo(72.1713360586, within(1e-9));
    assertThat(run.get("unit").asText()).isEqualTo("mm");
    assertThat(run.get("formula").asText()).isEqualTo("t / tan(θ)");
    assertThat(run.get("inputs").get(0).get("id").asText()).isEqualTo("shaft.thickness");
    assertThat(run.get("inputs").get(0).get("source").asText()).isEqualTo("decided");
    assertThat(values)
        .containsKeys(
            "fret.22.from-nut",
            "fret.22.from-previous",
            "fret.22.width",
            "saddle.from-nut",
            "nut.string.6.offset",
            "scarf.bevel",
            "scarf.shift",
            "scarf.seam-top",
            "scarf.seam-back",
            "scarf.blank-length",
            "head.one-piece-depth",
            "head.grain-through",
            "blank.width",
            "blank.crossing.1.x",
            "rod.under-centre",
            "rod.under-corner",
            "rod.least");
  }

  @Test
  void reportsTheWoodAsItIsWhenAsked() throws Exception {
    JsonNode run = report("report", "--format", "json", "--as-built").get("scarf.run");
    assertThat(run.get("value").asDouble())
        .isCloseTo(14.9 / Math.tan(Math.toRadians(12.5)), within(1e-9));
    assertThat(run.get("inputs").get(0).get("source").asText()).isEqualTo("measured");
    assertThat(run.get("inputs").get(0).get("decided").asDouble()).isEqualTo(16);
  }

  @Test
  void decidesDifferentlyInAnyUnit() throws Exception {
    Map<String, JsonNode> values =
        report(
            "report", "--format=json", "--set", "scale.length=25 1/2in", "--set", "scale.frets=24");
    assertThat(values.get("fret.12.from-nut").get("value").asDouble())
        .isCloseTo(323.85, within(1e-9));
    assertThat(values).containsKey("fret.24.from-nut");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "scale.length=3|too small: at least 200",
        "scale.frets=400|too large: at most 72",
        "head.angle=90|too large: at most 25",
        "scale.length=long|is not a length",
        "scale.length=0|too small",
        "scale.length=-640|too small",
        "head.angel=3|there is no decision",
        "scale.length|write it as id=value",
        "scarf.school=sideways|seam-under-fretboard, seam-across-head"
      })
  void badSettingsAreRefusedInWords(String setting, String words) {
    assertThat(run("report", "--set", setting)).isEqualTo(2);
    assertThat(err.toString()).contains(words).doesNotContain("Exception");
    assertThat(out.toString()).isEmpty();
  }

  @Test
  void checkStopsAtAStop() throws Exception {
    assertThat(run("check")).isEqualTo(1);
    assertThat(out.toString()).contains("stop");
    assertThat(run("check", "--as-designed")).isEqualTo(1);
    assertThat(out.toString())
        .as("nobody measured the board that the fretboard is to come from")
        .containsPattern("to get +neck blank: Fretboard: the width of board robinia-1");
    assertThat(run("check", "--as-designed", "--set", "fretboard.species=plum")).isZero();
    Path file = folder.resolve("a.roughcut.json");
    BuildFile.at(file).save(Heron.build().asDesigned());
    assertThat(run("check", file.toString())).as("no boards: to get").isEqualTo(1);
    assertThat(out.toString()).contains("to get");
    Path gap = Files.createDirectory(folder.resolve("gap"));
    ShopFile.at(gap.resolve(ShopFile.NAME)).save(shallow(Demo.shop()));
    Path there = gap.resolve("a.roughcut.json");
    BuildFile.at(there).save(Heron.build().asDesigned());
    assertThat(run("check", there.toString(), "--set", "fretboard.species=plum")).isEqualTo(1);
    assertThat(out.toString())
        .containsPattern("to get +routs: Controls: you have no cutter that continues");
    ShopFile.at(folder.resolve(ShopFile.NAME)).save(Demo.shop());
    assertThat(run("check", file.toString(), "--set", "fretboard.species=plum")).isZero();
    assertThat(run("check", file.toString(), "--set", "rod.depth=13")).isEqualTo(1);
    assertThat(run("check", file.toString(), "--set", "rod.length=900"))
        .as("what can't be is no pass")
        .isEqualTo(1);
  }

  /** A drawer that has a gap: nothing reaches to its deepest routs. */
  private static Shop shallow(Shop shop) {
    return shop.withCutters(
        shop.cutters().stream().filter(c -> !c.name().endsWith(" long")).toList());
  }

  @Test
  void missingAndBrokenFilesAreTold() throws Exception {
    assertThat(run("check", folder.resolve("none.roughcut.json").toString())).isEqualTo(2);
    assertThat(err.toString()).contains("there is no file").doesNotContain("Exception");
    Files.writeString(folder.resolve("broken.roughcut.json"), "{ \"kind\": ");
    assertThat(run("report", folder.resolve("broken.roughcut.json").toString())).isEqualTo(2);
    assertThat(err.toString()).contains("is broken (line 1");
  }

  @Test
  void exportsIntoANewFolderAndNotOntoAFile() throws Exception {
    assertThat(run("export", "--to", folder.resolve("new/sheets").toString(), "--paper", "LETTER"))
        .as(err.toString())
        .isZero();
    assertThat(folder.resolve("new/sheets/plan.pdf")).isNotEmptyFile();
    Files.writeString(folder.resolve("taken"), "x");
    assertThat(run("export", "--to", folder.resolve("taken").toString())).isEqualTo(2);
    assertThat(err.toString()).contains("can't save");
  }

  @Test
  void theReferencePagesAreTheCodes() throws Exception {
    Path docs = Path.of("..", "docs");
    assertThat(Files.readString(docs.resolve("values.md")))
        .as("run ./roughcut reference --to docs")
        .isEqualTo(new String(Reference.values()));
    assertThat(Files.readString(docs.resolve("build.schema.json")))
        .as("run ./roughcut reference --to docs")
        .isEqualTo(new String(Reference.buildSchema()));
  }

  @Test
  void outputThatCannotBeWrittenIsNoSuccess() throws Exception {
    try (PrintWriter full =
        new PrintWriter(new java.io.FileOutputStream("/dev/full"), true, StandardCharsets.UTF_8)) {
      assertThat(RoughCut.run(NOW, full, new PrintWriter(err, true), "report")).isEqualTo(2);
    }
    assertThat(err.toString()).contains("couldn't be written");
  }

  @Test
  void whatIsNotThereCannotBeSet() {
    for (String id :
        List.of(
            "rout.nothing-such.depth",
            "pickup.third.height",
            "rip.no-wood.left",
            "string.9.gauge")) {
      assertThat(run("report", "--set", id + "=5")).as(id).isEqualTo(2);
      assertThat(err.toString()).contains("there is no decision “" + id + "”");
    }
    assertThat(run("report", "--set", "rout.posts.depth=20")).isZero();
    assertThat(run("report", "--set", "rip.cherry.left=80")).isZero();
  }

  @Test
  void helpNamesTheWindowsToo() {
    assertThat(run("--help")).isZero();
    assertThat(out.toString()).contains("open FILE").contains("--reset").contains("screenshots");
  }

  @Test
  void whatCannotBeIsExportedAndSaid() {
    assertThat(
            run(
                "export",
                "--to",
                folder.resolve("sheets").toString(),
                "--set",
                "head.thickness=20"))
        .isEqualTo(1);
    assertThat(err.toString()).contains("head.thickness").contains("thicker than the shaft");
    assertThat(folder.resolve("sheets/plan.pdf")).isNotEmptyFile();
  }

  @Test
  void aBlankThatIsNotReadyStopsTheCheckToo() {
    assertThat(run("check", "--set", "body.lower-width=460", "--set", "body.blank-width=360"))
        .isEqualTo(1);
    assertThat(out.toString())
        .containsPattern(
            "not ready +body blank: The outline is 5\\d\\.\\d mm over the edge of the blank");
  }

  @Test
  void measuredValuesCountAlikeInEveryCommandAndAreNamed() throws Exception {
    double built = report("report", "--format", "json").get("scarf.run").get("value").asDouble();
    assertThat(built).isCloseTo(14.9 / Math.tan(Math.toRadians(12.5)), within(1e-9));
    assertThat(err.toString()).contains("measured").contains("shaft.thickness 14.9 mm");
    run("check");
    assertThat(out.toString()).contains("stock under back");
    assertThat(err.toString().split("shaft.thickness 14.9 mm", -1)).hasSize(3);
  }

  @Test
  void aTryListsWhatWouldBeOtherwiseAndKeepsTheBuildAsItIs() {
    assertThat(run("report", "--as-designed", "--what-if", "scale.length=648")).isZero();
    String[] first = out.toString().lines().findFirst().orElseThrow().split("\t");
    assertThat(first[0]).isEqualTo("fret.1.from-nut");
    assertThat(Double.parseDouble(first[2]) - Double.parseDouble(first[1]))
        .isCloseTo(8 * (1 - Math.pow(2, -1 / 12.0)), within(1e-9));
    // What is tried stands before a reading of it.
    out.getBuffer().setLength(0);
    assertThat(run("report", "--what-if", "nut.width=44")).isZero();
    assertThat(out.toString()).contains("nut.spread\t");
    assertThat(run("report", "--what-if", "nut.width=4")).isEqualTo(2);
    assertThat(run("report", "--what-if", "nonsense=4")).isEqualTo(2);
    assertThat(err.toString()).contains("--what-if nonsense=4: there is no decision");
  }

  @Test
  void aPlaceOfSomethingThatIsntThereIsRefused() {
    assertThat(run("report", "--measure", "place.volume.aside=-84")).isZero();
    assertThat(run("report", "--measure", "place.laser.aside=-84")).isEqualTo(2);
    assertThat(err.toString()).contains("place.laser.aside=-84: no cut has that name");
  }

  /** What can be done now, what has to be known first, and what is made otherwise. */
  @Test
  void nextTellsWhatCanBeDone() {
    assertThat(run("next")).isZero();
    assertThat(out.toString())
        .startsWith("Heron: 49 of 90 operations done")
        .contains("ready:")
        .contains("Rout the neck pocket, from the top (body.cut.pocket, 40 min)")
        .contains("first – not known: Heel thickness: not measured yet")
        .contains("verdict: Stop, 2 problems")
        .contains("  stop: The shaft is 0.4 mm too thin for the back of the neck")
        .contains("Made differently: Saw the scarf")
        .contains("to do:");
    String strings = out.toString().substring(out.toString().indexOf("(strings.on"));
    assertThat(strings.lines().limit(6)).anyMatch(l -> l.startsWith("    first – "));
  }

  @Test
  void theReportTellsHowTheBenchStandsAtAStageAndAfterAReading() {
    assertThat(run("report", "--stage", "body.cut.pocket")).isZero();
    assertThat(row("op.body.cut.pocket.state")).isEqualTo("done");
    assertThat(row("op.neck.fit.state")).isEqualTo("ready");
    assertThat(row("op.neck.carve.minutes")).isEqualTo("150");
    assertThat(row("hold.heel.thickness.state")).isEqualTo("to measure");
    assertThat(row("owed.count")).isEqualTo("0");
    out.getBuffer().setLength(0);
    assertThat(run("report", "--measure", "heel.thickness=21.9")).isZero();
    assertThat(row("hold.heel.thickness.state")).isEqualTo("holds");
    out.getBuffer().setLength(0);
    assertThat(run("report", "--measure", "heel.thickness=0.8in")).isZero();
    assertThat(row("hold.heel.thickness.state")).isEqualTo("off");
  }

  private String row(String id) {
    return out.toString()
        .lines()
        .filter(l -> l.startsWith(id + " "))
        .map(l -> l.substring(id.length()).strip())
        .findFirst()
        .orElseThrow(() -> new AssertionError("no row " + id));
  }

  @Test
  void whatCantBeMeasuredOrIsNoStageIsSaid() {
    assertThat(run("report", "--measure", "scale.nonsense=3")).isNotZero();
    assertThat(err.toString()).contains("of something that is measured");
    assertThat(run("report", "--measure", "heel.thickness=900")).isNotZero();
    assertThat(err.toString()).contains("is too large: at most");
    assertThat(run("report", "--measure", "heel.thickness")).isNotZero();
    assertThat(err.toString()).contains("write it as id=value");
    assertThat(run("report", "--stage", "body.cut.nothing")).isNotZero();
    assertThat(err.toString()).contains("there is no such operation");
  }

  private LocalDateTime finish(Path file) throws Exception {
    out.getBuffer().setLength(0);
    assertThat(run("report", file.toString(), "--format", "json")).as(err.toString()).isZero();
    String finish =
        new ObjectMapper().readTree(out.toString()).path("days").path("schedule.finish").asText();
    return LocalDateTime.parse(finish);
  }

  /** One pair of hands: the other builds of the folder take their days; one in the bin doesn't. */
  @Test
  void theDaysAreThoseOfTheWholeShop() throws Exception {
    ShopFile.at(folder.resolve(ShopFile.NAME)).save(Demo.shop());
    ShopBuilds shop = new ShopBuilds(folder);
    List<Build> demo = Demo.builds(NOW.today());
    Path heron = shop.begin(demo.get(0));
    LocalDateTime alone = finish(heron);
    List<Path> others = new ArrayList<>();
    for (Build build : demo.subList(1, demo.size())) {
      others.add(shop.begin(build));
    }
    LocalDateTime together = finish(heron);
    assertThat(together).isAfter(alone.plusDays(1));
    LocalDateTime last = together;
    for (Path other : others) {
      LocalDateTime end = finish(other);
      last = end.isAfter(last) ? end : last;
    }
    assertThat(last).as("all of them are done in turns").isAfter(alone.plusDays(3));
    Files.writeString(others.get(0).resolveSibling("broken.roughcut.json"), "{ not json");
    for (Path other : others) {
      Files.move(other, folder.resolve(other.getFileName()));
    }
    assertThat(finish(heron)).as("outside the builds' folder").isBefore(alone.plusHours(1));
  }

  @Test
  void findAnswersAQuestionWithItsNumber() {
    assertThat(run("find", "where", "does", "the", "bridge", "go")).isZero();
    assertThat(out.toString().lines().findFirst().orElseThrow())
        .contains("642.81 mm")
        .contains("Bridge position")
        .endsWith("(bridge.datum)");
    assertThat(run("find", "dovetail")).isEqualTo(1);
    assertThat(err.toString()).contains("no results");
  }

  @Test
  void anInstrumentIsBegunByItsQuestions(@TempDir Path folder) throws Exception {
    String file = folder.resolve("fan").toString();
    String[] asked = {
      "new",
      "--to",
      file,
      "--strings",
      "7",
      "--scale",
      "25 in",
      "--bass-scale",
      "660",
      "--joint",
      "set-neck",
      "--left",
      "--neck-wood",
      "Black walnut"
    };
    assertThat(run(asked)).isZero();
    Path made = folder.resolve("fan.roughcut.json");
    assertThat(out.toString()).contains(made.toString());
    Build build = BuildFile.open(made).build();
    assertThat(build.name()).isEqualTo("fan");
    assertThat(build.design().strings()).hasSize(7);
    assertThat(build.design().numbers().get("scale.treble")).isCloseTo(635, within(1e-9));
    assertThat(build.design().numbers().get("scale.bass")).isEqualTo(660);
    assertThat(build.design().choices())
        .containsEntry("neck.fixing", NeckJoint.SET_NECK.word())
        .containsEntry("instrument.hand", Handedness.LEFT.word());
    assertThat(build.design().neckStack().strips())
        .extracting(s -> s.species())
        .contains("black-walnut");
    assertThat(run("find", "--in", made.toString(), "bass", "scale")).isZero();
    assertThat(out.toString()).contains("660.0 mm");
    // What is there already is never written over.
    assertThat(run(asked)).isEqualTo(2);
    assertThat(err.toString()).contains("that file exists already");
    for (String[] wrong :
        new String[][] {
          {"--strings", "11"},
          {"--joint", "nailed"},
          {"--scale", "long"},
          {"--scale", "200"},
          {"--headstock", "none"},
          {"--body-wood", "moonwood"},
          {"--bass-scale", "600"}
        }) {
      String at = folder.resolve("wrong").toString();
      assertThat(run("new", "--to", at, wrong[0], wrong[1])).as(wrong[0]).isEqualTo(2);
      assertThat(Files.exists(folder.resolve("wrong.roughcut.json"))).isFalse();
    }
  }

  /** A bass has as many strings as a guitar, a baritone as many as a usual one: they are told. */
  @Test
  void guitarsBaritonesAndBassesAreToldApart(@TempDir Path folder) throws Exception {
    Object[][] all = {
      {"six", 329.63, 640.0, "--strings", "6"},
      {"eight", 329.63, 686.0, "--strings", "8"},
      {"low", 246.94, 686.0, "--strings", "6", "--baritone"},
      {"four", 98.0, 864.0, "--strings", "4"},
      {"bass", 130.81, 864.0, "--strings", "6", "--bass"},
      {"nine", 329.63, 711.0, "--strings", "9"},
      {"pairs", 329.63, 640.0, "--strings", "12"},
      {"fifths", 440.0, 584.0, "--strings", "4", "--tenor"},
      {"octaves", 98.0, 864.0, "--strings", "8", "--bass"},
      {"ten", 329.63, 737.0, "--strings", "10"},
      {"five-pairs", 98.0, 864.0, "--strings", "10", "--bass"}
    };
    for (Object[] one : all) {
      List<String> asked =
          new ArrayList<>(List.of("new", "--to", folder.resolve((String) one[0]).toString()));
      for (int i = 3; i < one.length; i++) {
        asked.add((String) one[i]);
      }
      assertThat(run(asked.toArray(String[]::new))).as("%s", one[0]).isZero();
      Build build = BuildFile.open(folder.resolve(one[0] + ".roughcut.json")).build();
      assertThat(build.design().strings().get(0).pitch()).isEqualTo((double) one[1]);
      assertThat(build.design().numbers().get("scale.length")).isEqualTo((double) one[2]);
    }
    for (String[] none :
        new String[][] {
          {"--strings", "7", "--bass"},
          {"--strings", "7", "--baritone"},
          {"--strings", "4", "--baritone"},
          {"--strings", "3", "--bass"},
          {"--strings", "11"},
          {"--tenor"}
        }) {
      List<String> asked =
          new ArrayList<>(List.of("new", "--to", folder.resolve("none").toString()));
      asked.addAll(List.of(none));
      assertThat(run(asked.toArray(String[]::new))).as("%s", List.of(none)).isEqualTo(2);
    }
    assertThat(err.toString()).contains("4 to 6, 8 or 10 for a bass");
  }
}
