package roughcut.shop;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.InvalidInput;
import roughcut.measure.Pitch;

/** Sets of strings in general gauges that ship with the program. */
public final class StringSetBook {
  private static final List<StringSet> ALL =
      CsvTable.rows("strings.csv").stream()
          .map(row -> new StringSet(row.get("name"), strings(row.get("strings"))))
          .toList();

  private StringSetBook() {}

  private static List<StringSpec> strings(String text) {
    List<StringSpec> all = new ArrayList<>();
    for (String one : text.split("\\|")) {
      String[] parts = one.split(" ");
      boolean wound = parts[0].endsWith("w");
      double gauge = Double.parseDouble(wound ? parts[0].replace("w", "") : parts[0]);
      try {
        all.add(new StringSpec(gauge, wound, 0, Pitch.read(parts[1])));
      } catch (InvalidInput e) {
        throw new IllegalStateException(e);
      }
    }
    return all;
  }

  public static List<StringSet> all() {
    return ALL;
  }
}
