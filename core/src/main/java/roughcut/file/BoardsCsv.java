package roughcut.file;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import roughcut.measure.InvalidValue;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.shop.Board;
import roughcut.shop.Woods;

/**
 * The rack as a table for other programs, and back: a line of names, then a board a row; lengths in
 * mm, an empty cell where nothing was measured. Marks stay in the shop's own file.
 */
public final class BoardsCsv {
  private static final List<String> COLUMNS =
      List.of(
          "name",
          "species",
          "length_mm",
          "width_mm",
          "thickness_mm",
          "moisture_percent",
          "grain",
          "run_out_deg",
          "irreplaceable",
          "mass_g",
          "price",
          "note");

  /** Columns that a table has to have; the others may be missing. */
  private static final List<String> NEEDED = List.of("name", "species");

  private static final List<String> NUMBERS =
      List.of(
          "length_mm",
          "width_mm",
          "thickness_mm",
          "moisture_percent",
          "run_out_deg",
          "mass_g",
          "price");

  private static final int MOST_ROWS = 5000;

  private BoardsCsv() {}

  /**
   * What a table held.
   *
   * @param boards the rows that could be read
   * @param problems what couldn't, each with its row and column; those rows are left out
   * @param notes what was read but may be a slip, such as a wood that the program doesn't know
   */
  public record Read(List<Board> boards, List<Text> problems, List<Text> notes) {
    public Read {
      boards = List.copyOf(boards);
      problems = List.copyOf(problems);
      notes = List.copyOf(notes);
    }
  }

  /** The rack as a table. */
  public static byte[] write(List<Board> boards) {
    StringBuilder csv = new StringBuilder(String.join(",", COLUMNS)).append("\r\n");
    for (Board b : boards) {
      List<String> cells =
          List.of(
              b.id(),
              b.species(),
              number(b.length()),
              number(b.width()),
              number(b.thickness()),
              number(b.moisture()),
              b.grain().name().toLowerCase(Locale.ROOT),
              number(OptionalDouble.of(b.runOut())),
              b.irreplaceable() ? "yes" : "no",
              number(b.mass()),
              number(b.price()),
              b.note());
      csv.append(String.join(",", cells.stream().map(CsvText::quoted).toList())).append("\r\n");
    }
    return csv.toString().getBytes(StandardCharsets.UTF_8);
  }

  /** 1,200 or 1.200: a thousand and two hundred to one maker, one and a fifth to another. */
  private static final Pattern THOUSANDS = Pattern.compile("[1-9]\\d{0,2}[.,]\\d{3}");

  private static String number(OptionalDouble value) {
    if (value.isEmpty()) {
      return "";
    }
    double v = value.getAsDouble();
    String text = v == Math.rint(v) ? Long.toString((long) v) : Double.toString(v);
    // A fourth decimal, so that nobody takes the three for thousands.
    return THOUSANDS.matcher(text).matches() ? text + "0" : text;
  }

  /**
   * Reads a table.
   *
   * @throws FileTrouble when it can't be read at all, or a column that it needs is missing
   */
  public static Read read(Path path, Woods woods) throws FileException {
    return read(SafeFile.read(path), path.getFileName().toString(), woods);
  }

  /** A board whose wood is told by its name has its id. */
  private static Board called(Board board, Woods woods) {
    return woods.find(board.species()).isPresent()
        ? board
        : woods.all().stream()
            .filter(s -> s.name().equalsIgnoreCase(board.species()))
            .findFirst()
            .map(s -> board.withSpecies(s.id()))
            .orElse(board);
  }

  /**
   * Reads a table's text.
   *
   * @param file what to call it in messages
   * @param woods told by their names or their ids
   */
  public static Read read(byte[] content, String file, Woods woods) throws FileException {
    List<List<String>> rows = CsvText.parse(new String(content, StandardCharsets.UTF_8), file);
    if (rows.isEmpty()) {
      throw new FileException(
          Text.of("{file} is empty; the first row should name the columns", file));
    }
    if (rows.size() > MOST_ROWS) {
      throw new FileException(Text.of("{file} has more than {rows} rows", file, MOST_ROWS));
    }
    Map<String, Integer> columns = new LinkedHashMap<>();
    for (int i = 0; i < rows.get(0).size(); i++) {
      columns.putIfAbsent(rows.get(0).get(i).strip().toLowerCase(Locale.ROOT), i);
    }
    List<String> missing = NEEDED.stream().filter(c -> !columns.containsKey(c)).toList();
    if (!missing.isEmpty()) {
      throw new FileException(
          Text.of(
              "{file}: row 1 has no column {missing}; it should read {columns}",
              file,
              String.join(" and ", missing),
              String.join(",", COLUMNS)));
    }
    List<Board> boards = new ArrayList<>();
    List<Text> problems = new ArrayList<>();
    List<Text> remarks = new ArrayList<>();
    for (int row = 1; row < rows.size(); row++) {
      Row cells = new Row(rows.get(row), columns, row + 1);
      try {
        Board board = called(cells.board(), woods);
        if (boards.stream().anyMatch(b -> b.id().equals(board.id()))) {
          throw new InvalidValue(Text.of("name: {name} appears twice", board.id()));
        }
        if (woods.find(board.species()).isEmpty()) {
          remarks.add(
              Text.of(
                  "row {row}, species: “{species}” isn't in the wood list; kept as it is, with "
                      + "average numbers",
                  row + 1,
                  board.species()));
        }
        remarks.addAll(cells.suspicious());
        boards.add(board);
      } catch (IllegalArgumentException e) {
        problems.add(Text.of("row {row}, {why}", row + 1, Refused.why(e)));
      }
    }
    return new Read(boards, problems, remarks);
  }

  /** One row, asked by column. */
  private record Row(List<String> cells, Map<String, Integer> columns, int number) {
    private String text(String column) {
      Integer index = columns.get(column);
      return index == null || index >= cells.size() ? "" : cells.get(index).strip();
    }

    private OptionalDouble number(String column) {
      String text = text(column);
      if (text.isEmpty()) {
        return OptionalDouble.empty();
      }
      try {
        double value = Double.parseDouble(text.replace(',', '.'));
        if (Double.isFinite(value)) {
          return OptionalDouble.of(value);
        }
      } catch (NumberFormatException e) {
        // Told below, with its place.
      }
      throw new InvalidValue(Text.of("{column}: “{typed}” is not a number", column, text));
    }

    /** Numbers that may be meant otherwise than they were read. */
    private List<Text> suspicious() {
      List<Text> doubts = new ArrayList<>();
      for (String column : NUMBERS) {
        String text = text(column);
        if (THOUSANDS.matcher(text).matches()) {
          doubts.add(
              Text.of(
                  "row {row}, {column}: “{typed}” was read as {number}; if you mean thousands, "
                      + "write {thousands}",
                  number,
                  column,
                  text,
                  Double.parseDouble(text.replace(',', '.')),
                  text.replaceAll("[.,]", "")));
        }
      }
      return doubts;
    }

    private Board.Grain grain() {
      String text = text("grain");
      for (Board.Grain grain : Board.Grain.values()) {
        if (text.isEmpty() || grain.name().equalsIgnoreCase(text)) {
          return grain;
        }
      }
      throw new InvalidValue(Text.of("grain: “{typed}” is none of flat, rift, quarter", text));
    }

    private Board board() {
      String species = text("species").toLowerCase(Locale.ROOT).replace(' ', '-');
      if (species.isEmpty()) {
        throw new InvalidValue(Text.of("species: empty; write “uncertain” if you don't know"));
      }
      return new Board(
          text("name"),
          species,
          number("length_mm"),
          number("width_mm"),
          number("thickness_mm"),
          number("moisture_percent"),
          grain(),
          number("run_out_deg").orElse(0),
          List.of(),
          text("irreplaceable").toLowerCase(Locale.ROOT).matches("yes|true|1|x"),
          number("mass_g"),
          number("price"),
          text("note"));
    }
  }
}
