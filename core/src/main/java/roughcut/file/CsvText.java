package roughcut.file;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import roughcut.measure.Text;

/**
 * Comma-separated text as spreadsheets write it: cells with commas, quotes or line ends stand in
 * double quotes, a quote inside is doubled. A semicolon separates, too, where the first row has no
 * comma.
 */
final class CsvText {
  private CsvText() {}

  /** What a spreadsheet would take for a formula, unless it is a number. */
  private static final Pattern FORMULA = Pattern.compile("(?s)'*[=+@\\-].*");

  private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9.,]+");

  /** A cell as it is written: words that begin like a formula stay words, behind an apostrophe. */
  static String quoted(String words) {
    boolean formula = FORMULA.matcher(words).matches() && !NUMBER.matcher(words).matches();
    String cell = formula ? "'" + words : words;
    return cell.matches("(?s).*[,;\"\\r\\n].*") ? '"' + cell.replace("\"", "\"\"") + '"' : cell;
  }

  /**
   * Takes a text apart; rows without any text are left out.
   *
   * @throws FileTrouble when a quote is never closed
   */
  static List<List<String>> parse(String text, String file) throws FileException {
    String content = text.startsWith("\uFEFF") ? text.substring(1) : text;
    int end = content.indexOf('\n');
    String first = end < 0 ? content : content.substring(0, end);
    char separator = first.indexOf(',') < 0 && first.indexOf(';') >= 0 ? ';' : ',';
    List<List<String>> rows = new ArrayList<>();
    List<String> row = new ArrayList<>();
    StringBuilder cell = new StringBuilder();
    boolean quoted = false;
    int opened = 0;
    int line = 1;
    for (int i = 0; i < content.length(); i++) {
      char c = content.charAt(i);
      line += c == '\n' ? 1 : 0;
      if (quoted) {
        if (c == '"' && i + 1 < content.length() && content.charAt(i + 1) == '"') {
          cell.append('"');
          i++;
        } else if (c == '"') {
          quoted = false;
        } else {
          cell.append(c);
        }
      } else if (c == '"' && cell.isEmpty()) {
        quoted = true;
        opened = line;
      } else if (c == separator) {
        row.add(said(cell.toString()));
        cell.setLength(0);
      } else if (c == '\n') {
        finish(rows, row, cell);
        row = new ArrayList<>();
      } else if (c != '\r') {
        cell.append(c);
      }
    }
    if (quoted) {
      throw new FileException(
          Text.of("{file}: the quote opened in line {opened} is never closed", file, opened));
    }
    finish(rows, row, cell);
    return rows;
  }

  /** Without the apostrophe that keeps words from being a formula. */
  private static String said(String cell) {
    return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
  }

  private static void finish(List<List<String>> rows, List<String> row, StringBuilder cell) {
    row.add(said(cell.toString()));
    cell.setLength(0);
    if (row.stream().anyMatch(c -> !c.isBlank())) {
      rows.add(row);
    }
  }
}
