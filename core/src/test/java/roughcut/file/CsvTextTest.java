package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Cells as a spreadsheet takes them: words stay words, numbers numbers, and all comes back. */
class CsvTextTest {
  @Test
  void whatBeginsLikeAFormulaStaysText() throws Exception {
    List<String> cells =
        List.of(
            "=HYPERLINK(\"x\")",
            "+ a hair more",
            "-2 at the nut, then stop",
            "@home",
            "'=already",
            "'tis fine",
            "-0.5",
            "+3",
            "12,5",
            "plain");
    String row = String.join(",", cells.stream().map(CsvText::quoted).toList());
    assertThat(CsvText.quoted("=1+2")).isEqualTo("'=1+2");
    assertThat(CsvText.quoted("-0.5")).isEqualTo("-0.5");
    assertThat(CsvText.quoted("'tis fine")).isEqualTo("'tis fine");
    for (String cell : row.split(",")) {
      assertThat(cell.replaceFirst("^\"", "")).doesNotMatch("[=@].*");
    }
    assertThat(CsvText.parse(row, "x.csv")).containsExactly(cells);
  }
}
