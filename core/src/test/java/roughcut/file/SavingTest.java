package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.record.Build;
import roughcut.record.FretRecords;
import roughcut.record.FretStage;
import roughcut.record.Log;
import roughcut.record.Note;
import roughcut.record.Reading;
import roughcut.shop.Limit;
import roughcut.shop.Shop;

class SavingTest {
  @TempDir Path folder;

  private Path heron() {
    return folder.resolve("Heron.roughcut.json");
  }

  @Test
  void aBuildComesBackAsItWasSaved() throws Exception {
    Random random = new Random(29);
    for (int i = 0; i < 30; i++) {
      Build build = Heron.build().withDesign(Heron.random(random, true)).withName("build " + i);
      BuildFile.at(heron()).save(build);
      Build read = BuildFile.open(heron()).build();
      BuildFile.at(folder.resolve("again.roughcut.json")).save(read);
      assertThat(Files.readString(folder.resolve("again.roughcut.json")))
          .isEqualTo(Files.readString(heron()));
      assertThat(read.design().numbers()).containsAllEntriesOf(build.design().numbers());
      assertThat(read.measured()).isEqualTo(build.measured());
      assertThat(read.design().neckStack()).isEqualTo(build.design().neckStack());
      assertThat(read.design().strings()).isEqualTo(build.design().strings());
    }
  }

  @Test
  void whatWasDoneToAFretIsKeptAndCanBeTakenBack() throws Exception {
    LocalDate day = LocalDate.of(2026, 5, 4);
    FretRecords done =
        FretRecords.NONE.all(22, FretStage.SEATED, day).turned(7, FretStage.CROWNED, day);
    BuildFile file = BuildFile.at(heron());
    file.save(Heron.build().withFrets(done));
    BuildFile.Opened again = BuildFile.open(heron());
    assertThat(again.build().frets()).isEqualTo(done);
    FretRecords back = done.turned(7, FretStage.CROWNED, day);
    again.file().save(again.build().withFrets(back));
    assertThat(BuildFile.open(heron()).build().frets()).isEqualTo(back);
  }

  @Test
  void aRecordOfNoFretAndAStringOfNoPitchAreRefusedInWords() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    String good = Files.readString(heron());
    String[][] broken = {
      {"\"frets\": { }", "\"frets\": { \"99.seated\": \"2026-05-04\" }", "fret 99"},
      {"\"frets\": { }", "\"frets\": { \"3.seated\": \"in May\" }", "3.seated"},
      {"\"pitch\": 329.63", "\"pitch\": 3", "tuned to 10 to 2000 Hz"}
    };
    for (String[] one : broken) {
      assertThat(good).contains(one[0]);
      Files.writeString(heron(), good.replace(one[0], one[1]));
      assertThatThrownBy(() -> BuildFile.open(heron()))
          .isInstanceOf(FileException.class)
          .hasMessageContaining(one[2]);
    }
  }

  @Test
  void unknownFieldsAreKept() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    String text = Files.readString(heron());
    text =
        text.replaceFirst("\\{", "{ \"mood\": \"calm\",")
            .replace("\"decisions\" : {", "\"decisions\": {\"later.idea\": 3,");
    text = text.replace("\"decisions\": {", "\"decisions\": { \"later.idea\": 3,");
    text =
        text.replaceFirst(
            "\"thickness\": 19.8,", "\"thickness\": 19.8, \"from\": \"the long board\",");
    Files.writeString(heron(), text);
    BuildFile.Opened opened = BuildFile.open(heron());
    Build edited =
        opened
            .build()
            .withDesign(
                Heron.set(opened.build().design(), "scale.length=650", "neck.strip.1.thickness=7"));
    opened.file().save(edited.withoutMeasured("nut.width"));
    String saved = Files.readString(heron());
    assertThat(saved)
        .contains("\"mood\": \"calm\"")
        .contains("\"later.idea\": 3")
        .contains("the long board")
        .contains("\"scale.length\": 650");
    assertThat(BuildFile.open(heron()).build().measured())
        .as("a reading taken back stays away")
        .doesNotContainKey("nut.width");
  }

  @Test
  void aFileChangedByAnotherIsNotOverwritten() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    BuildFile.Opened mine = BuildFile.open(heron());
    BuildFile.open(heron()).file().save(Heron.build().withName("Theirs"));
    assertThatThrownBy(() -> mine.file().save(Heron.build().withName("Mine")))
        .isInstanceOf(FileException.ChangedOnDisk.class);
    assertThat(BuildFile.open(heron()).build().name()).isEqualTo("Theirs");
  }

  @Test
  void theLastVersionsAreKeptWholeAndNumbered() throws Exception {
    BuildFile file = BuildFile.at(heron());
    for (int i = 0; i < 25; i++) {
      file.save(Heron.build().withName("version " + i));
    }
    List<Versions.Version> versions = Versions.of(heron());
    assertThat(versions).hasSizeBetween(Versions.KEPT_WHOLE, Versions.KEPT_WHOLE + 2);
    assertThat(versions.get(0).number()).isEqualTo(24);
    assertThat(BuildFile.open(versions.get(0).path()).build().name())
        .as("the newest version is the one before the last")
        .isEqualTo("version 23");
  }

  @Test
  void savingTheSameTwiceMakesNoVersion() throws Exception {
    BuildFile file = BuildFile.at(heron());
    file.save(Heron.build());
    file.save(Heron.build());
    assertThat(Versions.of(heron())).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{ \"kind\": |line 1",
        "[]|one JSON object",
        "{\"kind\": \"recipe\"}|not a Rough Cut build",
        "{\"kind\": \"rough-cut-build\", \"format\": 99}|newer version of Rough Cut",
        "{\"kind\": \"rough-cut-build\"}|format number",
        "{\"kind\": \"rough-cut-build\", \"format\": 1, \"name\": \"x\"}|1 to 41 strips",
        "{\"kind\": \"rough-cut-build\", \"format\": 1, \"strings\": [{\"gauge\": \"thin\"}]}|gauge must be a number",
        "{} trailing|broken"
      })
  void aBrokenFileIsRefusedInWords(String content, String words) throws IOException {
    Files.writeString(heron(), content);
    assertThatThrownBy(() -> BuildFile.open(heron()))
        .isInstanceOf(FileException.class)
        .hasMessageContaining(words);
    assertThat(Files.readString(heron())).isEqualTo(content);
  }

  @Test
  void numbersOutsideTheirLimitsAreRefusedWithTheirNames() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    Files.writeString(
        heron(), Files.readString(heron()).replace("\"scale.length\": 640", "\"scale.length\": 3"));
    assertThatThrownBy(() -> BuildFile.open(heron()))
        .hasMessageContaining("scale.length")
        .hasMessageContaining("200.0 mm");
  }

  @ParameterizedTest
  @ValueSource(strings = {"1e300", "-1", "100001", "\"long\""})
  void aTimeThatNobodyCanHaveTakenIsRefused(String minutes) throws Exception {
    BuildFile.at(heron()).save(Demo.heron(LocalDate.of(2026, 5, 4)));
    String sound = Files.readString(heron());
    assertThat(sound).contains("\"minutes\": ");
    assertThat(BuildFile.open(heron()).build().log().done()).isNotEmpty();
    Files.writeString(heron(), sound.replaceFirst("\"minutes\": \\d+", "\"minutes\": " + minutes));
    assertThatThrownBy(() -> BuildFile.open(heron()))
        .isInstanceOf(FileException.class)
        .hasMessageContaining(" done")
        .hasMessageContaining("minutes");
  }

  @Test
  void deepNestingAndHugeNumbersAreRefused() throws IOException {
    Files.writeString(heron(), "{\"a\":".repeat(100_000));
    assertThatThrownBy(() -> BuildFile.open(heron())).isInstanceOf(FileException.class);
    Files.writeString(heron(), "{\"a\": " + "9".repeat(5_000_000) + "}");
    assertThatThrownBy(() -> BuildFile.open(heron())).isInstanceOf(FileException.class);
  }

  @Test
  void aMissingFileAFolderAndATooLargeFileAreRefusedInWords() throws IOException {
    assertThatThrownBy(() -> BuildFile.open(heron())).hasMessageContaining("there is no file");
    assertThatThrownBy(() -> BuildFile.open(folder)).hasMessageContaining("is a folder");
    Files.write(heron(), new byte[(int) SafeFile.LARGEST + 1]);
    assertThatThrownBy(() -> BuildFile.open(heron())).hasMessageContaining("larger than");
  }

  /**
   * A log as long as ten years of work: what is saved can be opened, and what can't isn't saved.
   */
  @Test
  void whatIsSavedCanBeOpenedHoweverMuchWasWritten() throws Exception {
    Build long10 = noted(10);
    BuildFile.at(heron()).save(long10);
    assertThat(Files.size(heron())).isGreaterThan(9L << 20);
    assertThat(BuildFile.open(heron()).build().log().notes()).hasSize(2700);
    assertThatThrownBy(() -> BuildFile.at(heron()).save(noted(40)))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("too large to open again");
    assertThat(BuildFile.open(heron()).build().log().notes()).as("unchanged").hasSize(2700);
  }

  private static Build noted(int megabytes) {
    Log log = Heron.build().log();
    for (int i = 0; i < megabytes * 270; i++) {
      LocalDateTime at = LocalDateTime.of(2026, 5, 4, 10, 0).plusMinutes(i);
      log = log.with(new Note(at, "", "a".repeat(Note.LONGEST), ""));
    }
    return Heron.build().withLog(log);
  }

  @Test
  void whatCantBeWrittenLeavesTheOldFile() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    Path blocked = folder.resolve("file-in-the-way");
    Files.writeString(blocked, "not a folder");
    assertThatThrownBy(() -> BuildFile.at(blocked.resolve("x.roughcut.json")).save(Heron.build()))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("can't save");
    assertThat(BuildFile.open(heron()).build()).isNotNull();
  }

  @Test
  void aFullDiskIsSaidAndNothingIsLost() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    byte[] before = Files.readAllBytes(heron());
    FullDisk.at(heron());
    assertThatThrownBy(() -> SafeFile.write(heron(), new byte[10_000]))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("can't save");
    assertThat(Files.readAllBytes(heron())).isEqualTo(before);
  }

  @Test
  void aProcessKilledWhileSavingLeavesTheOldOrTheNewFile() throws Exception {
    Random random = new Random(31);
    for (int round = 0; round < 6; round++) {
      Process saver =
          new ProcessBuilder(
                  ProcessHandle.current().info().command().orElseThrow(),
                  "-XX:TieredStopAtLevel=1",
                  "-cp",
                  System.getProperty("java.class.path"),
                  SavingLoop.class.getName(),
                  heron().toString())
              .redirectErrorStream(true)
              .start();
      assertThat(saver.getInputStream().read()).as("the loop has begun").isEqualTo('.');
      Thread.sleep(20 + random.nextInt(120));
      saver.destroyForcibly();
      assertThat(saver.waitFor(10, TimeUnit.SECONDS)).isTrue();
      Build read = BuildFile.open(heron()).build();
      assertThat(read.name()).startsWith("saved ");
      assertThat(read.design().numbers())
          .containsAllEntriesOf(
              SavingLoop.build(Integer.parseInt(read.name().substring(6))).design().numbers());
      for (Versions.Version kept : Versions.of(heron())) {
        Path version = kept.path();
        assertThat(BuildFile.open(version).build().name()).startsWith("saved ");
      }
    }
  }

  @Test
  void aShopComesBackAsItWasSaved() throws Exception {
    Shop shop =
        Demo.shop()
            .withLimit("rod.least", new Limit(4, 3))
            .withLimit("blank.outer-strip", new Limit(2, Limit.NO_STOP));
    Path path = folder.resolve(ShopFile.NAME);
    ShopFile.write(path, shop);
    assertThat(ShopFile.read(path)).isEqualTo(shop);
    Files.createDirectories(ShopFile.builds(folder));
    assertThat(ShopFile.shopOf(BuildFile.at(ShopFile.builds(folder).resolve("any.roughcut.json"))))
        .isEqualTo(shop);
    Files.writeString(path, "{\"kind\": \"rough-cut-shop\", \"format\": 7}");
    assertThatThrownBy(() -> ShopFile.read(path)).hasMessageContaining("newer");
  }

  @Test
  void theDemoIsLaidOutOnceAndResetOnWish() throws Exception {
    DemoFolder.ensure(folder, LocalDate.of(2026, 5, 4));
    Path heron = DemoFolder.heron(folder);
    BuildFile.open(heron)
        .file()
        .save(
            Heron.build()
                .withReading(Reading.of("head.thickness", 13.8, LocalDate.of(2026, 5, 4))));
    DemoFolder.ensure(folder, LocalDate.of(2026, 5, 5));
    assertThat(BuildFile.open(heron).build().measured()).containsKey("head.thickness");
    DemoFolder.reset(folder, LocalDate.of(2026, 5, 5));
    assertThat(BuildFile.open(heron).build().measured()).doesNotContainKey("head.thickness");
    assertThat(BuildFile.open(heron).build().measured().get("shaft.thickness").on())
        .isEqualTo(LocalDate.of(2026, 5, 3));
  }
}
