package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.design.NumberDecision;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.shop.Cutter;
import roughcut.shop.CutterBook;
import roughcut.shop.CutterKind;
import roughcut.shop.Shop;
import roughcut.shop.Template;

class FittingFileTest {
  @TempDir Path folder;

  @Test
  void whatIsFittedComesBackAsItWas() throws Exception {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Path file = folder.resolve(build.name() + ".roughcut.json");
      BuildFile.at(file).save(build);
      Build back = BuildFile.open(file).build();
      assertThat(back.design().fittings()).isEqualTo(build.design().fittings());
      assertThat(back.measured()).isEqualTo(build.measured());
      Plan before = Plan.of(build, Demo.shop());
      Plan after = Plan.of(back, Demo.shop());
      assertThat(after.values()).isEqualTo(before.values());
      assertThat(after.clearances()).isEqualTo(before.clearances());
    }
  }

  @Test
  void whatFollowsIsNotDecidedByBeingSaved() throws Exception {
    Path file = folder.resolve("b.roughcut.json");
    BuildFile.at(file).save(Heron.build());
    BuildFile.Opened opened = BuildFile.open(file);
    for (Decision decision : Decisions.all()) {
      if (decision instanceof NumberDecision number && number.follows()) {
        assertThat(number.undecided(opened.build().design())).as(number.id()).isTrue();
        Design decided = number.with(opened.build().design(), (number.least() + number.most()) / 2);
        opened.file().save(opened.build().withDesign(decided));
        assertThat(BuildFile.open(file).build().design()).isEqualTo(decided);
        opened.file().save(opened.build().withDesign(number.released(decided)));
        assertThat(number.undecided(BuildFile.open(file).build().design())).isTrue();
      }
    }
  }

  /** Found by the long run “near 5563”: the depth of its rout was read back with no rout to it. */
  @Test
  void whatWasMeasuredOfAFittingsRoutGoesWithTheFitting() throws Exception {
    for (Fitting fitting : Heron.build().design().fittings()) {
      Reading deep = Reading.of("rout." + fitting.name() + ".depth", 7, LocalDate.of(2026, 5, 4));
      Build measured = Heron.build().withReading(deep);
      Build without = measured.withoutFitting(fitting.name());
      assertThat(without.measured().keySet())
          .noneMatch(id -> id.contains("." + fitting.name() + "."));
      assertThat(ReadBack.bytes(ReadBack.of(without))).isEqualTo(ReadBack.bytes(without));
    }
  }

  @Test
  void aFittingTakenAwayStaysAway() throws Exception {
    Path file = folder.resolve("a.roughcut.json");
    BuildFile.at(file).save(Heron.build());
    BuildFile.Opened open = BuildFile.open(file);
    Build without = open.build().withoutFitting("tone").withoutFitting("neck");
    open.file().save(without);
    Build back = BuildFile.open(file).build();
    assertThat(back.design().fittings()).isEqualTo(without.design().fittings());
    assertThat(Plan.of(back, Demo.shop()).values())
        .isEqualTo(Plan.of(without, Demo.shop()).values());
    // one of the same name later begins as listed, not with what the old one had
    Build again =
        back.withDesign(
            back.design().addFitting(new Fitting(FittingType.PICKUP, "neck", "single-coil")));
    assertThat(Plan.of(again, Demo.shop()).value("pickup.neck.from-saddle").orElseThrow().value())
        .isEqualTo(40);
  }

  @Test
  void badFittingsAreRefusedInWords() throws Exception {
    Path file = folder.resolve("a.roughcut.json");
    BuildFile.at(file).save(Heron.build());
    String text = Files.readString(file);
    for (String[] change :
        new String[][] {
          {"\"type\": \"strap\"", "\"type\": \"balloon\"", "balloon"},
          {"\"name\": \"selector\"", "\"name\": \"tone\"", "same name"},
          {"\"name\": \"selector\"", "\"name\": \"pocket\"", "the program uses itself"},
          {"\"name\": \"selector\"", "\"name\": \"../x\"", "lower-case letters"},
          {"\"from-saddle\": 46", "\"from-saddle\": \"near\"", "must be a number"},
          {"\"from-saddle\": 46", "\"from-saddle\": 46000", "outside"},
        }) {
      Path broken = folder.resolve("b.roughcut.json");
      assertThat(text).contains(change[0]);
      Files.writeString(broken, text.replace(change[0], change[1]));
      assertThatThrownBy(() -> BuildFile.open(broken).build())
          .isInstanceOf(FileException.class)
          .hasMessageContaining(change[2]);
    }
  }

  @Test
  void aBuildFromBeforeThereWereFittingsIsRead() throws Exception {
    Path file = folder.resolve("a.roughcut.json");
    BuildFile.at(file).save(Heron.build());
    String text = Files.readString(file);
    int from = text.indexOf("  \"fittings\"");
    int to = text.indexOf("  \"boards\"");
    Files.writeString(file, text.substring(0, from) + text.substring(to));
    Build old = BuildFile.open(file).build();
    assertThat(old.design().fittings()).isEmpty();
    assertThat(Plan.of(old, Demo.shop()).cuts().pocket()).isPresent();
  }

  @Test
  void theDrawerComesBackAsItWas() throws Exception {
    Shop shop =
        Demo.shop()
            .withCutters(
                List.of(
                    new Cutter(
                        "old faithful",
                        CutterKind.COMPRESSION,
                        8,
                        22,
                        8,
                        0,
                        0,
                        2,
                        50,
                        18000,
                        0,
                        Cutter.Condition.DULL)))
            .withTemplates(
                List.of(
                    new Template(
                        "pocket",
                        10,
                        "acrylic",
                        Template.Use.LAYOUT_ONLY,
                        true,
                        Optional.of(56.3),
                        false,
                        "the centre line"),
                    new Template(
                        "bridge",
                        12,
                        "plywood",
                        Template.Use.ROUTING,
                        false,
                        Optional.empty(),
                        true,
                        "index holes")));
    Path file = folder.resolve("shop.json");
    ShopFile.write(file, shop);
    assertThat(ShopFile.read(file)).isEqualTo(shop);
    ShopFile.write(file, shop.withTemplates(List.of()));
    assertThat(ShopFile.read(file).templates()).isEmpty();
  }

  @Test
  void aShopFromBeforeThereWasADrawerGetsTheUsualOne() throws Exception {
    Path file = folder.resolve("shop.json");
    ShopFile.write(file, Demo.shop());
    String text = Files.readString(file);
    int from = text.indexOf("  \"cutters\"");
    int to = text.indexOf("  \"templates\"");
    Files.writeString(file, text.substring(0, from) + text.substring(to));
    assertThat(ShopFile.read(file).cutters()).isEqualTo(CutterBook.all());
    Files.writeString(file, text.replace("\"top-bearing\"", "\"chainsaw\""));
    assertThatThrownBy(() -> ShopFile.read(file))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("chainsaw");
  }
}
