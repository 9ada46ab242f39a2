package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.drawing.Shading;
import roughcut.drawing.Sheet;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Where sheets go, and that one alone can be had. */
class SheetFolderTest {
  @TempDir Path folder;

  @Test
  void sheetsOfABuildInAShopLieInTheShopAndOthersBesideTheirBuild() throws Exception {
    Path build = ShopFile.builds(folder).resolve("Ruff no. 2" + BuildFile.ENDING);
    assertThat(SheetFolder.usual(build)).isEqualTo(build.resolveSibling("Ruff no. 2 sheets"));
    ShopFile.at(folder.resolve(ShopFile.NAME)).save(Demo.shop());
    assertThat(SheetFolder.usual(build)).isEqualTo(folder.resolve("sheets/Ruff no. 2"));
  }

  @ParameterizedTest
  @CsvSource({
    "/tmp/sheets, /tmp/sheets",
    "  /tmp/two words  , /tmp/two words",
    "~, /home/maker",
    "~/jobs/heron, /home/maker/jobs/heron",
    "jobs, /home/maker/jobs",
    "~other, /home/maker/~other"
  })
  void aTypedFolderIsFoundFromHome(String typed, String found) throws Exception {
    assertThat(SheetFolder.read(typed, Path.of("/home/maker"))).isEqualTo(Path.of(found));
  }

  @Test
  void noFolderAndAnImpossibleOneAreSaid() {
    assertThatThrownBy(() -> SheetFolder.read("  ", folder)).hasMessage("choose a folder");
    assertThatThrownBy(() -> SheetFolder.read("a\0b", folder))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("can't be a folder name");
  }

  /** A new folder for sheets in a shop that is there, but no shop where its disk was. */
  @Test
  void aShopThatIsGoneIsNotMadeAnew() throws Exception {
    Path shop = Files.createDirectory(folder.resolve("shop"));
    Path sheets = shop.resolve("sheets").resolve("Heron");
    SheetFolder.check(sheets);
    SheetFolder.check(shop);
    Files.delete(shop);
    assertThatThrownBy(() -> SheetFolder.check(sheets))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("is its disk connected?");
  }

  /** One sheet alone has the pages that it has among all; nothing else is written. */
  @Test
  void oneSheetAloneIsTheOneAmongAll() throws Exception {
    Plan plan = Plan.of(Heron.build(), Demo.shop());
    Exports.write(plan, new PageSetup(Paper.A4, Shading.LINES, Units.MM), folder.resolve("all"));
    for (Sheet sheet : List.of(Sheet.PLAN, Sheet.BODY_TOP, Sheet.TEMPLATES)) {
      Path one = folder.resolve("one " + sheet.file());
      List<Path> written =
          Exports.write(plan, new PageSetup(Paper.A4, Shading.LINES, Units.MM), sheet, one);
      assertThat(written).containsExactly(one.resolve(sheet.file() + ".pdf"));
      assertThat(Files.list(one)).hasSize(1);
      assertThat(pages(written.get(0)))
          .isEqualTo(pages(folder.resolve("all").resolve(sheet.file() + ".pdf")))
          .isGreaterThan(1);
    }
    Path file = Files.writeString(folder.resolve("taken"), "kept");
    assertThatThrownBy(
            () ->
                Exports.write(
                    plan, new PageSetup(Paper.A4, Shading.LINES, Units.MM), Sheet.PLAN, file))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("taken");
    assertThat(file).hasContent("kept");
  }

  private static int pages(Path pdf) throws Exception {
    try (var document = org.apache.pdfbox.Loader.loadPDF(pdf.toFile())) {
      return document.getNumberOfPages();
    }
  }
}
