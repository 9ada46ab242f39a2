package roughcut.desktop.control;

import java.util.LinkedHashMap;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.scene.Node;

/**
 * What is seen of a control by its colour or weight, told to a reader of the screen as well: the
 * words of each state stand before the control's own hint.
 */
public final class SpokenState {
  private final Map<PseudoClass, String> words = new LinkedHashMap<>();
  private String hint = "";

  private SpokenState() {}

  private static SpokenState of(Node node) {
    return (SpokenState)
        node.getProperties().computeIfAbsent(SpokenState.class, k -> new SpokenState());
  }

  /** What a control is for, told after how it stands. */
  public static void hint(Node node, String words) {
    of(node).hint = words;
    of(node).tell(node);
  }

  /**
   * A control is in a state, or isn't any more.
   *
   * @param said what that state is in words
   */
  public static void show(Node node, PseudoClass state, boolean on, String said) {
    node.pseudoClassStateChanged(state, on);
    SpokenState spoken = of(node);
    if (on) {
      spoken.words.put(state, said);
    } else {
      spoken.words.remove(state);
    }
    spoken.tell(node);
  }

  private void tell(Node node) {
    StringBuilder all = new StringBuilder();
    for (String said : words.values()) {
      all.append(said).append(said.matches(".*\\p{Punct}") ? " " : ". ");
    }
    String help = all.append(hint).toString().strip();
    if (!help.equals(node.getAccessibleHelp())) {
      node.setAccessibleHelp(help);
    }
  }
}
