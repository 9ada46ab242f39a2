package roughcut;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Rows of worked numbers from the test resources, by column name. */
public final class Vectors {
  private Vectors() {}

  public static List<Map<String, Double>> read(String name) {
    try (InputStream in = Vectors.class.getResourceAsStream("/vectors/" + name)) {
      List<String> lines = new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
      String[] columns = lines.get(0).split(",");
      List<Map<String, Double>> rows = new ArrayList<>();
      for (String line : lines.subList(1, lines.size())) {
        String[] cells = line.split(",");
        Map<String, Double> row = new LinkedHashMap<>();
        for (int i = 0; i < columns.length; i++) {
          row.put(columns[i], Double.valueOf(cells[i]));
        }
        rows.add(row);
      }
      return rows;
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}
