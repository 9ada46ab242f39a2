package roughcut.desktop.shell;

import java.util.function.Supplier;
import javafx.scene.control.TextField;
import roughcut.desktop.session.BenchState;

/**
 * What is half typed at the machine, kept for what it is for: it is there again when the maker
 * comes back to the operation, opens the screen, or starts the program.
 */
final class UnfinishedInput {
  private final TextField entry;
  private final BenchState bench;
  private final Supplier<String> what;
  private boolean turning;

  /**
   * Keeps what is typed into an entry.
   *
   * @param what what is being typed for at the moment
   */
  UnfinishedInput(TextField entry, BenchState bench, Supplier<String> what) {
    this.entry = entry;
    this.bench = bench;
    this.what = what;
    entry
        .textProperty()
        .addListener(
            (p, was, is) -> {
              if (!turning) {
                bench.typed(what.get(), is);
              }
            });
  }

  /**
   * Shows what was half typed for what is looked at now.
   *
   * @return whether something was
   */
  boolean turn() {
    String half = entry.isVisible() ? bench.typed(what.get()) : "";
    turning = true;
    entry.setText(half);
    turning = false;
    return !half.isEmpty();
  }
}
