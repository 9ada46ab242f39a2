package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.finding.Chapter;
import roughcut.measure.ComputedValue;
import roughcut.measure.DecidedValue;
import roughcut.measure.Formula;
import roughcut.measure.MeasuredValue;
import roughcut.measure.Quantity;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.Build;

/** No number passes as another kind, and no chapter tells another's story. */
class KindsOfValueTest {
  /** Thickness of pieces that a step of gluing adds: decided with the step, not by an id. */
  private static final String OF_STEPS =
      "neck\\.step\\.\\d+\\.thickness|neck\\.heel-block|joint\\.\\d+\\.veneers|glue\\.step\\.\\d+\\.outer"
          + "|body\\.outer";

  private static final List<Build> DEMOS = Demo.builds(LocalDate.of(2026, 5, 4));

  /** All values that a plan's numbers are made from, however far back. */
  private static Set<Value> reached(Plan plan) {
    Set<Value> met = Collections.newSetFromMap(new IdentityHashMap<>());
    Deque<Value> left = new ArrayDeque<>(plan.values().values());
    while (!left.isEmpty()) {
      Value value = left.pop();
      if (met.add(value)) {
        left.addAll(value.dependsOn());
      }
    }
    return met;
  }

  @Test
  void whatPassesAsDecidedIsWhatTheDesignSays() {
    for (Build build : DEMOS) {
      int checked = 0;
      for (Value value : reached(Plan.of(build, Demo.shop()))) {
        Value decided = value instanceof MeasuredValue read ? read.instead() : value;
        if (!(decided instanceof DecidedValue)) {
          continue;
        }
        Decision decision = Decisions.find(build.design(), decided.id()).orElse(null);
        if (decision instanceof NumberDecision number) {
          assertThat(decided.value()).as(decided.id()).isEqualTo(number.in(build.design()));
          checked++;
        } else {
          assertThat(decided.id()).as("decided, and nobody can decide it").matches(OF_STEPS);
        }
      }
      assertThat(checked).isGreaterThan(150);
    }
  }

  @Test
  void whatIsKnownSaysFromWhereAndWhatIsFoundFromWhat() {
    for (Build build : DEMOS) {
      for (Value value : reached(Plan.of(build, Demo.shop()))) {
        if (value instanceof TableValue known) {
          assertThat(known.source().toString()).as(known.id()).isNotBlank();
          assertThat(known.fromMeasured()).isFalse();
        } else if (value instanceof SearchedValue found) {
          assertThat(found.how().toString()).as(found.id()).matches("(least|found)\\b.*");
        } else if (value instanceof ComputedValue worked) {
          assertThat(worked.inputs())
              .as(worked.id() + " has all that its formula asks for")
              .extracting(ComputedValue.Input::symbol)
              .containsAll(Formula.of(worked.how().toString()).symbols());
        }
      }
    }
  }

  @Test
  void aFormulaWorkedAgainFromItsTextGivesTheNumber() {
    Plan plan = Plan.of(DEMOS.get(0), Demo.shop());
    int formulas = 0;
    for (Value value : plan.values().values()) {
      if (value instanceof ComputedValue worked) {
        ComputedValue again =
            new ComputedValue(worked.key(), Formula.of(worked.formula().text()), worked.inputs());
        assertThat(again.value()).as(worked.id()).isCloseTo(worked.value(), within(0.0));
        formulas++;
      }
    }
    assertThat(formulas).isGreaterThan(400);
  }

  @Test
  void everyChapterTellsItsOwnAndTogetherTheyTellAll() {
    for (Build build : DEMOS) {
      Plan plan = Plan.of(build, Demo.shop());
      Map<Chapter, ChapterResult> chapters =
          Map.of(
              Chapter.LAYOUT, plan.layout().told(),
              Chapter.FRETBOARD, plan.fretboard().told(),
              Chapter.STRINGS, plan.stringPlan().told(),
              Chapter.NECK, plan.neckPlan().told(),
              Chapter.BLANKS, plan.blanks().told());
      Set<String> ids = new TreeSet<>();
      chapters.values().forEach(t -> ids.addAll(t.values().keySet()));
      ids.addAll(plan.bodyPlan().told().values().keySet());
      assertThat(plan.values().keySet()).containsExactlyInAnyOrderElementsOf(ids);
      assertThat(plan.clearances()).isSortedAccordingTo(roughcut.clearance.Clearance.WORST_FIRST);
      for (Chapter chapter :
          List.of(Chapter.LAYOUT, Chapter.FRETBOARD, Chapter.STRINGS, Chapter.NECK)) {
        assertThat(chapters.get(chapter).findings())
            .allSatisfy(f -> assertThat(f.topic().chapter()).isEqualTo(chapter));
      }
    }
  }

  @Test
  void twoChaptersWithOneNumberAreAMistakeOfTheProgram() {
    ValueRegistry one = new ValueRegistry();
    one.put("a", Text.of("a"), Quantity.LENGTH, "1 + 1");
    ValueRegistry other = new ValueRegistry();
    other.put("a", Text.of("a"), Quantity.LENGTH, "3");
    ChapterResult first = ChapterResult.of(one, List.of(), List.of());
    ChapterResult second = ChapterResult.of(other, List.of(), List.of());
    assertThatThrownBy(() -> ChapterResult.union(List.of(first, second)))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("calculated twice: a");
    assertThatThrownBy(() -> one.put("a", Text.of("a"), Quantity.LENGTH, "3"))
        .isInstanceOf(IllegalStateException.class);
  }
}
