package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.bench.Operation;
import roughcut.bench.Operations;
import roughcut.bench.Route;
import roughcut.demo.Demo;
import roughcut.file.Paper;
import roughcut.file.Tiling;
import roughcut.geometry.Bounds;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;

class ShopCardsTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2, 3})
  void fourCardsStandOnASheetAndNoWordLeavesItsCard(int demo) {
    Build build = Demo.builds(DAY).get(demo);
    Plan plan = Plan.of(build, Demo.shop());
    Drawing cards = ShopCards.of(plan, Units.MM);
    int open = Route.open(plan).size();
    assertThat(cards.pieces()).hasSize((open + 3) / 4);
    for (Paper paper : Paper.values()) {
      Tiling tiling = Tiling.of(cards, paper);
      assertThat(tiling.tiles()).as(paper.name()).hasSize((open + 3) / 4);
    }
    for (Mark mark : cards.marks()) {
      for (Bounds b : boxes(mark)) {
        assertThat(cards.pieces())
            .as(mark.toString())
            .anyMatch(
                p ->
                    b.left() >= p.left() - 0.5
                        && b.right() <= p.right() + 0.5
                        && b.low() >= p.low() - 0.5
                        && b.high() <= p.high() + 0.5);
      }
    }
  }

  /** A text by its letters, each a little over half as wide as the line is high. */
  private static Bounds box(Mark.Text text) {
    double high = text.size().height();
    double wide = text.text().length() * high * 0.56;
    double left = text.at().x() - wide * text.anchor().before();
    return new Bounds(left, text.at().y() - high * 0.25, left + wide, text.at().y() + high * 0.75);
  }

  private static List<Bounds> boxes(Mark mark) {
    return mark instanceof Mark.Text text ? List.of(box(text)) : mark.stretches();
  }

  /** No line of words is written over another on the same card. */
  @Test
  void noLineStandsOnAnother() {
    for (Build build : Demo.builds(DAY)) {
      List<Mark.Text> texts =
          ShopCards.of(Plan.of(build, Demo.shop()), Units.FRACTION_64).marks().stream()
              .filter(Mark.Text.class::isInstance)
              .map(Mark.Text.class::cast)
              .toList();
      for (int i = 0; i < texts.size(); i++) {
        for (int k = i + 1; k < texts.size(); k++) {
          Bounds a = box(texts.get(i));
          Bounds b = box(texts.get(k));
          double across = Math.min(a.right(), b.right()) - Math.max(a.left(), b.left());
          double up = Math.min(a.high(), b.high()) - Math.max(a.low(), b.low());
          assertThat(across > 0.5 && up > 0.6)
              .as(texts.get(i).text() + " / " + texts.get(k).text())
              .isFalse();
        }
      }
    }
  }

  @Test
  void whatIsDoneHasNoCardAndAFinishedInstrumentSaysSo() {
    Build heron = Demo.heron(DAY);
    Plan plan = Plan.of(heron, Demo.shop());
    List<String> words =
        ShopCards.of(plan, Units.MM).marks().stream()
            .filter(Mark.Text.class::isInstance)
            .map(m -> ((Mark.Text) m).text())
            .toList();
    assertThat(words).anyMatch(w -> w.startsWith("Rout the neck pocket"));
    assertThat(words).noneMatch(w -> w.startsWith("Carve the back"));
    Log log = heron.log();
    for (Operation op : Operations.of(plan)) {
      log = log.with(DoneOperation.of(op.id(), DAY.atStartOfDay()));
    }
    Plan finished = Plan.of(heron.withLog(log), Demo.shop());
    assertThat(ShopCards.of(finished, Units.MM).marks())
        .singleElement()
        .satisfies(m -> assertThat(((Mark.Text) m).text()).contains("No cards left"));
  }
}
