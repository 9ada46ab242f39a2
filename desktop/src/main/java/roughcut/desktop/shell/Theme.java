package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.application.Application;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.stage.Window;
import roughcut.desktop.draw.Ink;
import roughcut.desktop.session.Preferences;

/** How the program looks to the person: by day or in a dim shop, and how large its words are. */
record Theme(Light light, TextSize text) {
  static final Theme USUAL = new Theme(Light.DAY, TextSize.USUAL);

  private static final String LIGHT = "look.light";
  private static final String TEXT = "look.text";
  private static final String SHEET = read();

  /** Lengths that grow with the words: what they are printed in and what has to hold them. */
  private static final Pattern GROWS =
      Pattern.compile(
          "(-fx-(?:font-size|min-width|pref-width|max-width|min-height|pref-height|max-height)"
              + ": )(\\d+(?:\\.\\d+)?)");

  /** What the screen is read by. */
  enum Light {
    DAY("light, for daylight", "", Ink.Light.DAY),
    DIM_SHOP("dark, for a dim shop", "dim", Ink.Light.DIM_SHOP),
    STRONG("high contrast", "contrast", Ink.Light.STRONG);

    private final String words;
    private final String style;
    private final Ink.Light ink;

    Light(String words, String style, Ink.Light ink) {
      this.words = words;
      this.style = style;
      this.ink = ink;
    }

    String words() {
      return say(words);
    }
  }

  /** How large words are. */
  enum TextSize {
    USUAL("normal", 1),
    LARGER("larger", 1.15),
    LARGEST("largest", 1.3);

    private final String words;
    private final double times;

    TextSize(String words, double times) {
      this.words = words;
      this.times = times;
    }

    String words() {
      return say(words);
    }
  }

  /** As the person chose; as usual where nothing was chosen, or what isn't there any more. */
  static Theme of(Preferences preferences) {
    return new Theme(
        named(Light.values(), preferences.text(LIGHT).orElse("")),
        named(TextSize.values(), preferences.text(TEXT).orElse("")));
  }

  private static <E extends Enum<E>> E named(E[] all, String name) {
    for (E one : all) {
      if (one.name().equals(name)) {
        return one;
      }
    }
    return all[0];
  }

  void keep(Preferences preferences) {
    preferences.remember(LIGHT, light.name());
    preferences.remember(TEXT, text.name());
    preferences.save();
  }

  /** Shows everything so, open windows too. */
  void show() {
    prepare();
    for (Window window : List.copyOf(Window.getWindows())) {
      if (window instanceof Stage && window.getScene() != null) {
        style(window.getScene());
        if (window.getScene().getUserData() instanceof ShopWindow shop) {
          shop.looked();
        }
      }
    }
  }

  /** Before a scene is made. */
  void prepare() {
    Application.setUserAgentStylesheet(
        switch (light) {
          case DAY, STRONG -> new PrimerLight().getUserAgentStylesheet();
          case DIM_SHOP -> new PrimerDark().getUserAgentStylesheet();
        });
    Ink.drawn(light.ink, text.times);
  }

  /** Our style for a scene. */
  void style(Scene scene) {
    scene.getStylesheets().setAll(sheet(text.times));
    Parent root = scene.getRoot();
    for (Light one : Light.values()) {
      root.getStyleClass().remove(one.style);
    }
    if (!light.style.isEmpty()) {
      root.getStyleClass().add(light.style);
    }
  }

  private static String sheet(double times) {
    if (times == 1) {
      return Theme.class.getResource(PATH).toExternalForm();
    }
    Matcher m = GROWS.matcher(SHEET);
    String grown =
        m.replaceAll(
            r ->
                r.group(1)
                    + String.format(Locale.ROOT, "%.2f", Double.parseDouble(r.group(2)) * times));
    return "data:text/css;base64,"
        .concat(Base64.getEncoder().encodeToString(grown.getBytes(StandardCharsets.UTF_8)));
  }

  private static final String PATH = "/roughcut/desktop/rough-cut.css";

  private static String read() {
    try (InputStream in = Theme.class.getResourceAsStream(PATH)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
