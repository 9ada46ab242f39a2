package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** The figures at a machine, on as many pages as the screen wants. */
class FigurePagesTest {
  private static List<FigurePages.Figure> all(FigurePages figures) {
    return figures.pages().stream().flatMap(p -> p.figures().stream()).toList();
  }

  @Test
  void fewerOnAPageAreTheSameFiguresInTheSameOrder() {
    int split = 0;
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      for (Operation op : Operations.of(plan)) {
        FigurePages whole = FigurePages.of(plan, op, Units.MM);
        FigurePages low = whole.split(2);
        assertThat(all(low)).isEqualTo(all(whole));
        assertThat(low.pages()).allMatch(p -> p.figures().size() <= 2).isNotEmpty();
        assertThat(low.pages().stream().map(FigurePages.Page::title).distinct().toList())
            .as("a pass is named on each of its pages")
            .isEqualTo(whole.pages().stream().map(FigurePages.Page::title).distinct().toList());
        assertThat(whole.split(FigurePages.MOST)).isEqualTo(whole);
        split += low.pages().size() > whole.pages().size() ? 1 : 0;
      }
    }
    assertThat(split).isGreaterThan(20);
  }
}
