package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import roughcut.desktop.control.ControlNames;

/** Every key of the screen at the machine, as a button that one finger can press. */
final class MachineKeys extends FlowPane {
  /** A key that does something, and what it is called. */
  record Key(KeyCode code, String sign, String words) {}

  private static final List<Key> KEYS =
      List.of(
          new Key(KeyCode.LEFT, "←", "Back"),
          new Key(KeyCode.RIGHT, "→", "Next"),
          new Key(KeyCode.SPACE, "Space", "Next ready"),
          new Key(KeyCode.O, "O", "Select"),
          new Key(KeyCode.DOWN, "↓", "More numbers"),
          new Key(KeyCode.M, "M", "Measure"),
          new Key(KeyCode.R, "R", "Remeasure"),
          new Key(KeyCode.Y, "Y", "Yes"),
          new Key(KeyCode.N, "N", "No"),
          new Key(KeyCode.F4, "F4", "Caliper"),
          new Key(KeyCode.D, "D", "Done"),
          new Key(KeyCode.U, "U", "Undo last"),
          new Key(KeyCode.K, "K", "Note"),
          new Key(KeyCode.T, "T", "Timer"),
          new Key(KeyCode.L, "L", "Light"),
          new Key(KeyCode.ESCAPE, "Esc", "Close"));

  private final Map<KeyCode, Button> buttons = new EnumMap<>(KeyCode.class);

  /** Makes them; each press is handed on. */
  MachineKeys(Consumer<KeyCode> pressed) {
    super(6, 6);
    for (Key key : KEYS) {
      Button button = new Button(say(key.words()) + "  " + key.sign());
      button.getStyleClass().add("machine-key");
      button.setFocusTraversable(false);
      button.setMinWidth(Region.USE_PREF_SIZE);
      ControlNames.set(button, "machine.key." + key.code().name().toLowerCase(Locale.ROOT));
      button.setOnAction(e -> pressed.accept(key.code()));
      buttons.put(key.code(), button);
      getChildren().add(button);
    }
  }

  /** Whether a key does something just now. */
  void can(KeyCode code, boolean does) {
    buttons.get(code).setDisable(!does);
  }
}
