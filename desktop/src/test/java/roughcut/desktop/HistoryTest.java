package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.desktop.session.History;
import roughcut.record.Build;

class HistoryTest {
  private static final long SECOND = 1_000_000_000L;
  private final Build first = Demo.heron(LocalDate.of(2026, 5, 4));

  @Test
  void undoIsWithoutLimitAndNamed() {
    History<Build> history = new History<>(first);
    for (int i = 0; i < 500; i++) {
      history.enter("edit " + i, "key " + i, first.withName("name " + i), i);
    }
    assertThat(history.undoName()).contains("edit 499");
    for (int i = 0; i < 500; i++) {
      assertThat(history.undo()).isTrue();
    }
    assertThat(history.current()).isEqualTo(first);
    assertThat(history.undo()).isFalse();
    assertThat(history.redoName()).contains("edit 0");
    for (int i = 0; i < 500; i++) {
      assertThat(history.redo()).isTrue();
    }
    assertThat(history.current().name()).isEqualTo("name 499");
  }

  @Test
  void typingInOneGoIsOneEditAndAPauseEndsIt() {
    History<Build> history = new History<>(first);
    history.enter("name", "name", first.withName("6"), 0);
    history.enter("name", "name", first.withName("64"), SECOND / 2);
    history.enter("name", "name", first.withName("640"), SECOND);
    history.enter("name", "name", first.withName("later"), 10 * SECOND);
    history.undo();
    assertThat(history.current().name()).isEqualTo("640");
    history.undo();
    assertThat(history.current()).isEqualTo(first);
  }

  @Test
  void settlingEndsAGestureAndANewEditForgetsWhatWasUndone() {
    History<Build> history = new History<>(first);
    history.enter("name", "name", first.withName("a"), 0);
    history.settle();
    history.enter("name", "name", first.withName("b"), 1);
    history.undo();
    assertThat(history.current().name()).isEqualTo("a");
    history.enter("name", "name", first.withName("c"), 2);
    assertThat(history.redoName()).isEmpty();
    history.undo();
    assertThat(history.current().name()).isEqualTo("a");
  }
}
