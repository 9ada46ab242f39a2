package roughcut.golden;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.measure.SearchedValue;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Build;

/**
 * All numbers and drawings of the demos are those that were read and found right. What differs is
 * told by its id; when it is meant, {@code tools/golden.sh} writes them anew and the commit shows
 * what changed.
 */
class GoldenTest {
  /** What is searched for is found to within its search, not to the last bit. */
  private static final double SEARCHED = 1e-6;

  private static final double EXACT = 1e-9;

  /** Of a sum over thousands of places, mm. */
  private static final double PLACES = 0.01;

  private static Build build(String name) {
    return Golden.builds().stream().filter(b -> b.name().equals(name)).findFirst().orElseThrow();
  }

  private static List<String> written(String file) throws IOException {
    try (InputStream in = GoldenTest.class.getResourceAsStream("/golden/" + file)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }

  /** Lines by what stands before the first tab; several of one name are told apart. */
  private static Map<String, String[]> byName(List<String> lines) {
    Map<String, String[]> all = new LinkedHashMap<>();
    for (String line : lines) {
      String[] cells = line.split("\t");
      String name = cells[0];
      for (int i = 2; all.containsKey(name); i++) {
        name = cells[0] + " (" + i + ")";
      }
      all.put(name, cells);
    }
    return all;
  }

  private static double within(Plan plan, String id, double value) {
    boolean exact = plan.value(id).map(v -> exact(v, 0)).orElse(false);
    return (exact ? EXACT : SEARCHED) * Math.max(1, Math.abs(value));
  }

  /** Whether nothing in a number's sum was searched for. */
  private static boolean exact(Value value, int depth) {
    return !(value instanceof SearchedValue)
        && (depth > 12 || value.inputs().stream().allMatch(i -> exact(i.value(), depth + 1)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"Heron", "Bittern", "Dunlin", "Avocet", "Dotterel"})
  void everyNumberIsAsItWasFoundRight(String name) throws IOException {
    Plan plan = Golden.plan(build(name));
    Map<String, String[]> is = byName(Golden.values(plan));
    Map<String, String[]> was = byName(written(name + ".values.tsv"));
    assertThat(is.keySet()).containsExactlyElementsOf(was.keySet());
    List<String> differ = new ArrayList<>();
    was.forEach(
        (id, cells) -> {
          double then = Double.parseDouble(cells[1]);
          double now = Double.parseDouble(is.get(id)[1]);
          if (!(Math.abs(now - then) <= within(plan, id, then))) {
            differ.add(id + ": " + then + " → " + now);
          }
        });
    assertThat(differ).isEmpty();
  }

  /** Limits, steps and choices are those that were read and found right. */
  @ParameterizedTest
  @ValueSource(strings = {"Heron", "Bittern", "Dunlin", "Avocet", "Dotterel"})
  void everyDecisionIsAskedAsItWas(String name) throws IOException {
    assertThat(Golden.decisions(build(name)))
        .containsExactlyElementsOf(written(name + ".decisions.txt"));
  }

  /** What comes next, what is asked and what can't be undone is as it was read and found right. */
  @ParameterizedTest
  @ValueSource(strings = {"Heron", "Bittern", "Dunlin", "Avocet", "Dotterel"})
  void everyOperationIsAsItWas(String name) throws IOException {
    assertThat(Golden.bench(Golden.plan(build(name))))
        .containsExactlyElementsOf(written(name + ".bench.txt"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"Heron", "Bittern", "Dunlin", "Avocet", "Dotterel"})
  void everyDrawingHasItsMarksWhereTheyWere(String name) throws IOException {
    Map<String, String[]> is = byName(Golden.drawings(Golden.plan(build(name))));
    Map<String, String[]> was = byName(written(name + ".drawings.tsv"));
    assertThat(is.keySet()).containsExactlyElementsOf(was.keySet());
    List<String> differ = new ArrayList<>();
    was.forEach(
        (mark, then) -> {
          String[] now = is.get(mark);
          boolean same = true;
          for (int i = 1; i < then.length; i++) {
            double off = Math.abs(Double.parseDouble(now[i]) - Double.parseDouble(then[i]));
            same &= off <= (i < 4 ? 0 : PLACES);
          }
          if (!same) {
            differ.add(String.join(" ", then) + " → " + String.join(" ", now));
          }
        });
    assertThat(differ).isEmpty();
  }
}
