package roughcut.shop;

import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.MappingIterator;
import com.fasterxml.jackson.databind.ObjectReader;
import com.fasterxml.jackson.databind.PropertyNamingStrategies;
import com.fasterxml.jackson.dataformat.csv.CsvMapper;
import com.fasterxml.jackson.dataformat.csv.CsvSchema;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;

/**
 * Small tables that ship with the program: a line of names, then a row for each record, a column
 * for each of its components ({@code tab_length} is {@code tabLength}); lines that begin with # are
 * remarks.
 */
final class CsvTable {
  private static final CsvMapper MAPPER =
      CsvMapper.builder()
          .addModule(new WordModule())
          .propertyNamingStrategy(PropertyNamingStrategies.SNAKE_CASE)
          .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
          .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
          .build();
  private static final CsvSchema NAMED = CsvSchema.emptySchema().withHeader().withComments();

  private CsvTable() {}

  static <T> List<T> read(String resource, Class<T> type) {
    return read(resource, MAPPER.readerFor(type));
  }

  /** Rows by the names of their columns, for what is put together of several. */
  static List<Map<String, String>> rows(String resource) {
    return read(resource, MAPPER.readerForMapOf(String.class));
  }

  private static <T> List<T> read(String resource, ObjectReader reader) {
    try (InputStream in = CsvTable.class.getResourceAsStream("/roughcut/data/" + resource);
        MappingIterator<T> rows = reader.with(NAMED).readValues(in)) {
      return List.copyOf(rows.readAll());
    } catch (IOException | IllegalArgumentException e) {
      throw new IllegalStateException(
          "a table that ships with the program can't be read: " + resource, e);
    }
  }

  static double number(Map<String, String> row, String name) {
    return Double.parseDouble(row.get(name));
  }
}
