package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.measure.Text;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.shop.Shop;

/** What is kept beside what the program knows, and what was there before. */
class KeepingTest {
  @TempDir Path folder;

  private Path heron() {
    return folder.resolve("Heron.roughcut.json");
  }

  private static ObjectNode fitting(ObjectNode root, String name) {
    for (var node : root.path("fittings")) {
      if (node.path("name").asText().equals(name)) {
        return (ObjectNode) node;
      }
    }
    return null;
  }

  private ObjectNode tree(Path file) throws FileException {
    return Json.parse(SafeFile.read(file), "file");
  }

  @Test
  void foreignFieldsStayWithTheThingTheyStoodIn() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    ObjectNode root = tree(heron());
    String gone = root.path("fittings").get(0).path("name").asText();
    String stays = root.path("fittings").get(1).path("name").asText();
    fitting(root, gone).put("colour", "of the one that goes");
    ((ObjectNode) fitting(root, gone).get("decided")).put("hum", 17);
    fitting(root, stays).put("colour", "of the one that stays");
    SafeFile.write(heron(), Json.bytes(root));

    BuildFile.Opened opened = BuildFile.open(heron());
    Build without = opened.build().withoutFitting(gone);
    Build edited =
        without.withDesign(
            without
                .design()
                .addFitting(new Fitting(FittingType.CONTROL, "blend", "pot", List.of(), "")));
    opened.file().save(edited);
    String saved = Files.readString(heron());
    assertThat(saved).doesNotContain("of the one that goes").doesNotContain("\"hum\"");
    assertThat(fitting(tree(heron()), stays).path("colour").asText())
        .isEqualTo("of the one that stays");
    assertThat(fitting(tree(heron()), "blend").has("colour")).isFalse();
  }

  @Test
  void inAnyOrderOfAnyThingsForeignFieldsFollowTheirName() throws Exception {
    Random random = new Random(7);
    for (int round = 0; round < 300; round++) {
      ObjectNode read = Json.object();
      ArrayNode before = read.putArray("things");
      List<String> names = new ArrayList<>();
      for (int i = 0; i < 6; i++) {
        names.add("thing-" + i);
        before.addObject().put("name", "thing-" + i).put("size", random.nextInt(3)).put("x", i);
      }
      java.util.Collections.shuffle(names, random);
      ObjectNode written = Json.object();
      ArrayNode now = written.putArray("things");
      List<String> kept = names.subList(0, random.nextInt(7));
      for (String name : kept) {
        now.addObject().put("name", name).put("size", random.nextInt(3));
      }
      now.addObject().put("name", "new").put("size", 9);
      Json.keepUnknown(written, read);
      for (var thing : now) {
        String name = thing.path("name").asText();
        if (name.equals("new")) {
          assertThat(thing.has("x")).isFalse();
        } else {
          assertThat("thing-" + thing.path("x").asInt(-1)).isEqualTo(name);
        }
      }
    }
  }

  @Test
  void aRenamedBoardKeepsWhatSomebodyElseWroteOfIt() throws Exception {
    Path path = folder.resolve(ShopFile.NAME);
    ShopFile.at(path).save(Demo.shop());
    ObjectNode root = tree(path);
    ((ObjectNode) root.path("boards").get(0)).put("shelf", "the upper one");
    SafeFile.write(path, Json.bytes(root));
    ShopFile.Opened opened = ShopFile.open(folder);
    String first = opened.shop().boards().get(0).id();
    opened.file().save(opened.shop().changeBoard(first, b -> b.withId("my own name")));
    for (var board : tree(path).path("boards")) {
      assertThat(board.has("shelf")).isEqualTo(board.path("id").asText().equals("my own name"));
    }
  }

  @Test
  void aReadingOnAFittingThatWasTakenOutDoesNotComeBackWithAnotherOfItsName() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    Build build = BuildFile.open(heron()).build();
    Fitting pickup = build.design().fittings().get(0);
    BuildFile.Opened opened = BuildFile.open(heron());
    opened
        .file()
        .save(build.withReading(Reading.of(pickup.id("height"), 17.5, LocalDate.of(2026, 5, 4))));
    opened.file().save(build.withoutFitting(pickup.name()));
    opened.file().save(build);
    assertThat(BuildFile.open(heron()).build().measured()).doesNotContainKey(pickup.id("height"));
  }

  @Test
  void whatIsUnknownGoesAlongToAnotherPlaceAndPastSomebodyElsesChange() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    ObjectNode root = tree(heron());
    root.put("mood", "calm");
    SafeFile.write(heron(), Json.bytes(root));
    BuildFile.Opened opened = BuildFile.open(heron());
    Path other = folder.resolve("elsewhere").resolve("Copy.roughcut.json");
    opened.file().to(other, folder).save(opened.build());
    assertThat(tree(other).path("mood").asText()).as("save as").isEqualTo("calm");

    Files.writeString(heron(), "{}");
    assertThatThrownBy(() -> opened.file().save(opened.build().withName("Mine")))
        .isInstanceOf(FileException.ChangedOnDisk.class);
    opened.file().overwriting().save(opened.build().withName("Mine"));
    assertThat(tree(heron()).path("mood").asText()).as("Keep mine").isEqualTo("calm");
    assertThat(Files.readString(Versions.of(heron()).get(0).path()))
        .as("theirs stays among the versions")
        .isEqualTo("{}");
  }

  @Test
  void aLinkStaysALinkAndAFileKeepsItsMode() throws Exception {
    Path real = folder.resolve("real").resolve("Heron.roughcut.json");
    BuildFile.at(real).save(Heron.build());
    Files.setPosixFilePermissions(real, PosixFilePermissions.fromString("rw-------"));
    Files.createSymbolicLink(heron(), Path.of("real", "Heron.roughcut.json"));
    BuildFile.Opened opened = BuildFile.open(heron());
    opened.file().save(opened.build().withName("through the link"));
    assertThat(heron()).isSymbolicLink();
    assertThat(BuildFile.open(real).build().name()).isEqualTo("through the link");
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(real)))
        .isEqualTo("rw-------");
    assertThat(Versions.of(heron())).as("reached through the link").hasSize(1);
  }

  @Test
  void aSaveThatFailsMakesNoVersion() throws Exception {
    BuildFile file = BuildFile.at(heron());
    file.save(Heron.build());
    FullDisk.at(heron());
    for (int i = 0; i < 10; i++) {
      String name = "never written " + i;
      assertThatThrownBy(() -> file.save(Heron.build().withName(name)))
          .isInstanceOf(FileException.class);
    }
    assertThat(Versions.of(heron())).isEmpty();
    assertThat(BuildFile.open(heron()).build().name()).isEqualTo("Heron");
  }

  @Test
  void whatAKilledProgramLeftBesideTheFileIsClearedAway() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    Process gone = new ProcessBuilder("true").start();
    gone.waitFor();
    Path left = folder.resolve(".Heron.roughcut.json." + gone.pid() + "-3.new");
    Files.writeString(left, "half of a fi");
    Path alive =
        folder.resolve(".Heron.roughcut.json." + ProcessHandle.current().pid() + "-99999.new");
    Files.writeString(alive, "somebody is at it");
    BuildFile.at(heron()).save(Heron.build().withName("next"));
    assertThat(left).doesNotExist();
    assertThat(alive).exists();
  }

  private static List<Versions.Version> history(LocalDateTime... moments) {
    List<Versions.Version> all = new ArrayList<>();
    for (int i = moments.length - 1; i >= 0; i--) {
      all.add(new Versions.Version(Path.of("v" + (i + 1)), i + 1, moments[i]));
    }
    return all;
  }

  @Test
  void versionsAreThinnedByAgeAndNeverAllTaken() {
    LocalDateTime now = LocalDateTime.of(2026, 5, 4, 20, 0);
    List<LocalDateTime> made = new ArrayList<>();
    for (int day = 400; day > 0; day--) {
      for (int edit = 0; edit < 12; edit++) {
        made.add(now.minusDays(day).plusMinutes(edit * 7L));
      }
    }
    for (int second = 600; second > 0; second -= 2) {
      made.add(now.minusSeconds(second));
    }
    // Saved one after the other, as they come in life.
    List<Versions.Version> kept = new ArrayList<>();
    for (int i = 0; i < made.size(); i++) {
      kept.add(0, new Versions.Version(Path.of("v" + i), i, made.get(i)));
      kept.removeAll(Versions.outdated(kept));
      assertThat(kept.size()).isLessThanOrEqualTo(Versions.MOST);
    }
    for (int i = 0; i < Versions.KEPT_WHOLE; i++) {
      assertThat(kept.get(i).number()).isEqualTo(made.size() - 1L - i);
    }
    Set<LocalDate> days = kept.stream().map(v -> v.at().toLocalDate()).collect(Collectors.toSet());
    for (int day = 1; day < 29; day++) {
      assertThat(days)
          .as("a version of each day of the last weeks")
          .contains(now.minusDays(day).toLocalDate());
    }
    assertThat(kept.get(kept.size() - 1).at()).isBefore(now.minusDays(300));
  }

  @Test
  void aClockThatWasAheadOnceTakesNoVersionsAway() throws Exception {
    LocalDateTime now = LocalDateTime.of(2026, 5, 4, 20, 0);
    LocalDateTime ahead = LocalDateTime.of(2031, 1, 1, 0, 0);
    LocalDateTime[] moments = new LocalDateTime[60];
    for (int i = 0; i < 60; i++) {
      moments[i] = i == 30 ? ahead : now.plusMinutes(i);
    }
    List<Versions.Version> all = history(moments);
    List<Versions.Version> gone = Versions.outdated(all);
    assertThat(gone).doesNotContainAnyElementsOf(all.subList(0, Versions.KEPT_WHOLE));
    assertThat(all.size() - gone.size()).isGreaterThan(Versions.KEPT_WHOLE + 5);

    Files.writeString(heron(), "1");
    Versions.keep(heron(), ahead);
    Files.writeString(folder.resolve("n"), "2");
    Files.move(folder.resolve("n"), heron(), java.nio.file.StandardCopyOption.REPLACE_EXISTING);
    Versions.keep(heron(), now);
    assertThat(Versions.of(heron())).extracting(Versions.Version::number).containsExactly(2L, 1L);
    assertThat(Files.readString(Versions.of(heron()).get(0).path())).isEqualTo("2");
  }

  @Test
  void aBuildKnowsItsShopWhereverItIsSaved() throws Exception {
    Path own = folder.resolve("own");
    ShopFile.at(own.resolve(ShopFile.NAME)).save(Shop.usual("Mine"));
    Path demo = folder.resolve("demo");
    DemoFolder.ensure(demo, LocalDate.of(2026, 5, 4));
    BuildFile.Opened heron = BuildFile.open(DemoFolder.heron(demo));

    Path far = folder.resolve("far").resolve("Plover.roughcut.json");
    heron.file().to(far, own).save(heron.build());
    assertThat(ShopFile.openFor(BuildFile.open(far).file()).shop().name()).isEqualTo("Mine");

    Path inside = ShopFile.builds(own).resolve("Plover.roughcut.json");
    heron.file().to(inside, own).save(heron.build());
    assertThat(Files.readString(inside))
        .as("a build in its shop's folder goes along when the folder is moved")
        .doesNotContain("\"shop\"");
    Files.move(own, folder.resolve("moved"));
    assertThat(
            ShopFile.openFor(
                    BuildFile.open(folder.resolve("moved/builds/Plover.roughcut.json")).file())
                .shop()
                .name())
        .isEqualTo("Mine");
    assertThat(ShopFile.openFor(BuildFile.open(far).file()).trouble().orElse(Text.NONE).toString())
        .contains("no longer exists")
        .contains("own");
  }

  @Test
  void aFolderThatIsGoneIsNotMadeAnewInItsPlace() throws Exception {
    Path stick = folder.resolve("stick");
    Path path = stick.resolve("Heron.roughcut.json");
    BuildFile file = BuildFile.at(path);
    file.save(Heron.build());
    Files.move(stick, folder.resolve("pulled out"));
    assertThatThrownBy(() -> file.save(Heron.build().withName("later")))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("no longer exists");
    assertThat(stick).doesNotExist();
  }

  @Test
  void aFileNameHasItsEndingOnceWhateverWasTyped() {
    for (String typed :
        List.of(
            "Plover",
            "Plover.json",
            "Plover.roughcut",
            "Plover.roughcut.json",
            "Plover.json.roughcut.json",
            " Plover.roughcut.json.json ")) {
      assertThat(BuildFile.named(typed)).as(typed).isEqualTo("Plover.roughcut.json");
    }
    assertThat(BuildFile.named(".json")).isEqualTo(".json.roughcut.json");
  }

  @Test
  void theDemoIsResetAndBroughtBackWholeAndNothingElseIsTouched() throws Exception {
    Path demo = folder.resolve("demo");
    DemoFolder.ensure(demo, LocalDate.of(2026, 5, 4));
    Path mine = ShopFile.builds(demo).resolve("Mine.roughcut.json");
    BuildFile.at(mine).save(Heron.build().withName("Mine"));
    ShopFile.Opened shop = ShopFile.open(demo);
    shop.file().save(shop.shop().withoutBoard(shop.shop().boards().get(0).id()));
    BuildFile.Opened dunlin = BuildFile.open(DemoFolder.build(demo, "Dunlin"));
    dunlin.file().save(dunlin.build().withName("Played with"));

    DemoFolder.Before before = DemoFolder.reset(demo, LocalDate.of(2026, 5, 5));
    assertThat(ShopFile.open(demo).shop().boards()).hasSameSizeAs(Demo.shop().boards());
    assertThat(BuildFile.open(DemoFolder.build(demo, "Dunlin")).build().name()).isEqualTo("Dunlin");
    assertThat(BuildFile.open(mine).build().name()).isEqualTo("Mine");

    before.bringBack();
    assertThat(ShopFile.open(demo).shop().boards()).hasSize(Demo.shop().boards().size() - 1);
    assertThat(BuildFile.open(DemoFolder.build(demo, "Dunlin")).build().name())
        .isEqualTo("Played with");
  }

  @Test
  void aKindThatIsInNoListIsKeptAndSaidInsteadOfReplaced() throws Exception {
    BuildFile.at(heron()).save(Heron.build());
    ObjectNode root = tree(heron());
    String name = root.path("fittings").get(0).path("name").asText();
    fitting(root, name).put("kind", "kind-of-another-list");
    SafeFile.write(heron(), Json.bytes(root));
    BuildFile.Opened opened = BuildFile.open(heron());
    assertThat(roughcut.plan.Plan.of(opened.build(), Demo.shop()).problems())
        .anyMatch(p -> p.words().contains("kind-of-another-list"));
    opened.file().save(opened.build().withName("edited"));
    assertThat(fitting(tree(heron()), name).path("kind").asText())
        .isEqualTo("kind-of-another-list");
  }
}
