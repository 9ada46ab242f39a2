package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.demo.Demo;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Shop;
import roughcut.shop.Woods;

class BoardsCsvTest {
  @TempDir Path folder;

  private static BoardsCsv.Read read(String text) throws FileException {
    return BoardsCsv.read(text.getBytes(StandardCharsets.UTF_8), "boards.csv", Woods.BOOK);
  }

  @Test
  void theRackComesBackAsItWasWrittenButForItsMarks() throws Exception {
    List<Board> boards =
        Demo.shop().boards().stream()
            .map(b -> b.withNote(b.note() + ", with \"quotes\";\nand a second line"))
            .toList();
    BoardsCsv.Read back = BoardsCsv.read(BoardsCsv.write(boards), "x.csv", Woods.BOOK);
    assertThat(back.problems()).isEmpty();
    assertThat(back.boards()).isEqualTo(boards.stream().map(b -> b.withMarks(List.of())).toList());
  }

  @Test
  void wrongNumbersAreToldByRowAndColumnAndTheRestIsKept() throws Exception {
    BoardsCsv.Read read =
        read(
            "name,species,length_mm,width_mm,grain\n"
                + "a,cherry,900,60,flat\n"
                + "b,cherry,nine hundred,60,flat\n"
                + "c,cherry,900,-5,flat\n"
                + "d,cherry,900,60,curly\n"
                + "a,pear,900,60,flat\n"
                + "e,moonwood,,,\n"
                + ",cherry,900,60,flat\n");
    assertThat(read.boards().stream().map(Board::id)).containsExactly("a", "e");
    assertThat(read.problems())
        .hasSize(5)
        .anyMatch(t -> t.toString().equals("row 3, length_mm: “nine hundred” is not a number"))
        .anyMatch(t -> t.toString().startsWith("row 4") && t.toString().contains("width"))
        .anyMatch(t -> t.toString().startsWith("row 5, grain") && t.toString().contains("curly"))
        .anyMatch(t -> t.toString().equals("row 6, name: a appears twice"))
        .anyMatch(t -> t.toString().startsWith("row 8"));
    assertThat(read.notes()).anyMatch(r -> r.toString().contains("moonwood"));
    assertThat(read.boards().get(1).unmeasured().orElseThrow()).hasToString("length");
  }

  @Test
  void missingColumnsAreNamed() {
    assertThatThrownBy(() -> read("length_mm,width_mm\n1,2\n"))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("row 1 has no column name and species");
    assertThatThrownBy(() -> read("")).hasMessageContaining("empty");
    assertThatThrownBy(() -> read("name,species\n\"a,cherry\n"))
        .hasMessageContaining("opened in line 2 is never closed");
  }

  @Test
  void aTableWithSemicolonsAndDecimalCommasIsRead() throws Exception {
    BoardsCsv.Read read =
        read("\uFEFFname;species;length_mm;moisture_percent\r\na;cherry;900,5;8,5\r\n");
    assertThat(read.boards().get(0).length()).isEqualTo(OptionalDouble.of(900.5));
    assertThat(read.boards().get(0).moisture()).isEqualTo(OptionalDouble.of(8.5));
  }

  @Test
  void aMarkOutsideItsBoardIsRefusedWithItsPlace() {
    BoardMark mark =
        new BoardMark(BoardMark.Kind.KNOT, 880, 10, 40, 20, BoardMark.Intent.AVOID, "far knot");
    Board board =
        Board.unknown("b", "cherry")
            .withLength(OptionalDouble.of(900))
            .withWidth(OptionalDouble.of(60));
    assertThatThrownBy(() -> board.withMarks(List.of(mark)))
        .hasMessageContaining("far knot")
        .hasMessageContaining("900 mm × 60 mm");
    assertThat(board.withMarks(List.of(mark.at(860, 40))).marks()).hasSize(1);
  }

  @Test
  void twoWindowsOnOneShopDoNotOverwriteEachOther() throws Exception {
    Path build = ShopFile.builds(folder).resolve("a.roughcut.json");
    Files.createDirectories(build.getParent());
    ShopFile.at(folder.resolve(ShopFile.NAME)).save(Demo.shop());
    ShopFile.Opened mine = ShopFile.openFor(BuildFile.at(build));
    ShopFile.Opened theirs = ShopFile.openFor(BuildFile.at(build));
    Shop fewer = theirs.shop().withoutBoard("elm-1");
    theirs.file().save(fewer);
    assertThatThrownBy(() -> mine.file().save(mine.shop().withoutBoard("yew-1")))
        .isInstanceOf(FileException.ChangedOnDisk.class);
    assertThat(ShopFile.shopOf(BuildFile.at(build))).isEqualTo(fewer);
  }

  @Test
  void aDimensionTakenBackStaysAway() throws Exception {
    Path path = folder.resolve(ShopFile.NAME);
    ShopFile.at(path).save(Demo.shop());
    ShopFile.Opened opened = ShopFile.openFor(BuildFile.at(folder.resolve("x.roughcut.json")));
    Shop next = opened.shop().changeBoard("elm-1", b -> b.withWidth(OptionalDouble.empty()));
    opened.file().save(next);
    assertThat(ShopFile.read(path)).isEqualTo(next);
  }

  @Test
  void aBuildKeepsItsStepsPlacesAndSmallParts() throws Exception {
    for (var build : Demo.builds(java.time.LocalDate.of(2026, 5, 4))) {
      var placed =
          build.withDesign(
              build
                  .design()
                  .withPlacement(
                      "fretboard", new roughcut.design.Placement("robinia-1", 12.5, 3, true)));
      Path path = folder.resolve(build.name() + BuildFile.ENDING);
      BuildFile file = BuildFile.at(path);
      file.save(placed);
      assertThat(BuildFile.open(path).build().design().neckSteps())
          .isEqualTo(build.design().neckSteps());
      assertThat(BuildFile.open(path).build().design().placements())
          .isEqualTo(placed.design().placements());
      file.save(build);
      assertThat(BuildFile.open(path).build().design().placements())
          .as("taken back by hand stays back")
          .isEmpty();
    }
  }

  @Test
  void numbersThatMayBeThousandsAreRemarkedOnAndOurOwnNever() throws Exception {
    BoardsCsv.Read read =
        BoardsCsv.read(
            "name;species;length_mm;width_mm;price\na;elm;1.200;88;12\nb;elm;1,200;88.5;1e300\n"
                .getBytes(java.nio.charset.StandardCharsets.UTF_8),
            "rack.csv",
            Woods.BOOK);
    assertThat(read.notes())
        .anyMatch(
            r ->
                r.toString().contains("row 2, length_mm: “1.200” was read as 1.2")
                    && r.toString().contains("write 1200"));
    assertThat(read.problems())
        .anyMatch(t -> t.toString().startsWith("row 3") && t.toString().contains("price"));
    Board exact = Board.unknown("x", "elm").withThickness(java.util.OptionalDouble.of(9.525));
    BoardsCsv.Read again = BoardsCsv.read(BoardsCsv.write(List.of(exact)), "rack.csv", Woods.BOOK);
    assertThat(again.boards()).containsExactly(exact);
    assertThat(again.notes()).isEmpty();
  }
}
