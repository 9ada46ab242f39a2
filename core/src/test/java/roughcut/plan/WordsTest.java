package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.bench.Operation;
import roughcut.bench.Route;
import roughcut.demo.Demo;
import roughcut.design.ChoiceDecision;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.measure.Said;
import roughcut.record.Build;

/** Labels say what docs/words.md says, and nothing of its right column. */
class WordsTest {
  private static List<String> banned() throws IOException {
    List<String> banned = new ArrayList<>();
    for (String line : Files.readAllLines(Path.of("../docs/words.md"))) {
      String[] cells = line.split("\\|");
      if (cells.length == 3 && !cells[1].contains("---") && !cells[1].strip().equals("say")) {
        for (String word : cells[2].split(",")) {
          banned.add(word.strip());
        }
      }
    }
    return banned;
  }

  private static TreeSet<String> labels() {
    TreeSet<String> labels = new TreeSet<>();
    for (Decision decision : Decisions.all()) {
      labels.add(decision.label().toString());
      labels.add(decision.hint().toString());
      if (decision instanceof ChoiceDecision<?> choice) {
        choice.choices().forEach(c -> labels.add(c.label().toString()));
      }
    }
    for (Build build : Constructions.all()) {
      Plan plan = Plan.of(build, Demo.shop());
      plan.values().values().forEach(v -> labels.add(v.label().toString()));
      plan.clearances().forEach(s -> labels.add(s.what().toString()));
      plan.findings().forEach(f -> labels.add(f.words()));
      for (Operation op : Route.of(plan).order()) {
        labels.add(op.title().toString());
        labels.add(op.wrong().toString());
        labels.addAll(Said.all(op.after().values()));
        op.holds().forEach(h -> labels.add(h.what().toString() + "; " + h.reason().toString()));
      }
    }
    return labels;
  }

  @Test
  void noLabelSaysWhatTheListSaysNotTo() throws IOException {
    List<String> banned = banned();
    assertThat(banned).hasSizeGreaterThan(20);
    TreeSet<String> labels = labels();
    assertThat(labels).hasSizeGreaterThan(500);
    List<String> wrong = new ArrayList<>();
    for (String word : banned) {
      Pattern there = Pattern.compile("\\b" + Pattern.quote(word) + "\\b");
      labels.stream()
          .filter(l -> there.matcher(l.toLowerCase(Locale.ROOT)).find())
          .forEach(l -> wrong.add(word + ": " + l));
    }
    assertThat(wrong).isEmpty();
  }

  /** A decision is found by its label: two of one name would be taken for one another. */
  @Test
  void noTwoDecisionsAreCalledTheSame() {
    Map<String, Long> times =
        Decisions.all().stream()
            .collect(Collectors.groupingBy(d -> d.label().toString(), Collectors.counting()));
    times.values().removeIf(n -> n == 1);
    assertThat(times).isEmpty();
  }
}
