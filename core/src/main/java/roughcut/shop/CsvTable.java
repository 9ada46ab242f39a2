package roughcut.shop;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Small tables that ship with the program: a line of names, then rows; lines that begin with # are
 * remarks. No quoting.
 */
final class CsvTable {
  private CsvTable() {}

  static List<Map<String, String>> read(String resource) {
    try (InputStream in = CsvTable.class.getResourceAsStream("/roughcut/data/" + resource)) {
      List<String> lines =
          new String(in.readAllBytes(), StandardCharsets.UTF_8)
              .lines()
              .filter(l -> !l.startsWith("#") && !l.isBlank())
              .toList();
      String[] names = lines.get(0).split(",");
      List<Map<String, String>> rows = new ArrayList<>();
      for (String line : lines.subList(1, lines.size())) {
        String[] cells = line.split(",", -1);
        Map<String, String> row = new LinkedHashMap<>();
        for (int i = 0; i < names.length; i++) {
          row.put(names[i], cells[i]);
        }
        rows.add(row);
      }
      return rows;
    } catch (IOException e) {
      throw new IllegalStateException(
          "a table that ships with the program can't be read: " + resource, e);
    }
  }

  static double number(Map<String, String> row, String name) {
    return Double.parseDouble(row.get(name));
  }
}
