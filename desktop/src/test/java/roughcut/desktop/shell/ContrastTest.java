package roughcut.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;

/**
 * Words are told from what they stand on as the Web Content Accessibility Guidelines ask: 4.5 to 1
 * in every light, 7 to 1 for the strongest contrast.
 */
class ContrastTest {
  private static final Pattern TOKEN = Pattern.compile("(-[a-z-]+): (#[0-9A-Fa-f]{6});");
  private static final Pattern SIZE = Pattern.compile("-fx-font-size: ([0-9.]+)px");
  private static final List<String> WORDS =
      List.of("-ink", "-grey", "-touch", "-clear", "-look", "-stop");
  private static final List<String> UNDER =
      List.of("-paper", "-sheet", "-panel", "-touch-pale", "-refused");
  private static final List<String> DARK_WORDS =
      List.of("-dark-ink", "-dark-grey", "-dark-clear", "-dark-look", "-dark-stop");
  private static final List<String> DARK_UNDER = List.of("-dark", "-dark-card");

  private static String sheet() throws IOException {
    try (InputStream in = Theme.class.getResourceAsStream("/roughcut/desktop/rough-cut.css")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  /** The colours of a light: the usual ones with its own in their place. */
  private static Map<String, Color> tokens(String light) throws IOException {
    Map<String, Color> all = new HashMap<>();
    for (String block : List.of("\n.root {", "\n" + light + " {")) {
      int from = sheet().indexOf(block);
      assertThat(from).as(block).isNotNegative();
      Matcher m = TOKEN.matcher(sheet().substring(from, sheet().indexOf("\n}", from)));
      while (m.find()) {
        all.put(m.group(1), Color.web(m.group(2)));
      }
    }
    return all;
  }

  private static double luminance(Color c) {
    double[] parts = {c.getRed(), c.getGreen(), c.getBlue()};
    for (int i = 0; i < 3; i++) {
      parts[i] = parts[i] <= 0.03928 ? parts[i] / 12.92 : Math.pow((parts[i] + 0.055) / 1.055, 2.4);
    }
    return 0.2126 * parts[0] + 0.7152 * parts[1] + 0.0722 * parts[2];
  }

  private static double contrast(Color one, Color other) {
    double a = luminance(one);
    double b = luminance(other);
    return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
  }

  private static void weak(
      Map<String, Color> all,
      List<String> words,
      List<String> under,
      double least,
      List<String> found) {
    for (String word : words) {
      for (String ground : under) {
        double is = contrast(all.get(word), all.get(ground));
        if (is < least) {
          found.add(String.format("%s on %s: %.2f", word, ground, is));
        }
      }
    }
  }

  @Test
  void wordsAreToldFromWhatTheyStandOn() throws IOException {
    Map<String, Double> lights = Map.of(".root", 4.5, ".root.dim", 4.5, ".root.contrast", 7.0);
    for (Map.Entry<String, Double> light : lights.entrySet()) {
      Map<String, Color> all = tokens(light.getKey());
      List<String> found = new ArrayList<>();
      weak(all, WORDS, UNDER, light.getValue(), found);
      weak(all, DARK_WORDS, DARK_UNDER, light.getValue(), found);
      // Words on a pressed button, on the chosen page.
      weak(all, List.of("-sheet"), List.of("-touch", "-ink"), light.getValue(), found);
      assertThat(found).as(light.getKey()).isEmpty();
    }
  }

  /** A black and a white that are known, so that the sum itself is right. */
  @Test
  void contrastIsMeasuredAsTheGuidelinesSay() {
    assertThat(contrast(Color.BLACK, Color.WHITE)).isEqualTo(21);
    assertThat(contrast(Color.web("#777777"), Color.WHITE)).isBetween(4.47, 4.48);
  }

  /** What is read is 13 px high, what only stands beside it 12. */
  @Test
  void nothingIsSmallerThanCanBeRead() throws IOException {
    Matcher m = SIZE.matcher(sheet());
    List<Double> sizes = new ArrayList<>();
    while (m.find()) {
      sizes.add(Double.parseDouble(m.group(1)));
    }
    assertThat(sizes).hasSizeGreaterThan(30).allMatch(s -> s >= 12);
    assertThat(sheet()).contains("-fx-font-family: \"B612\"; -fx-font-size: 13px;");
  }
}
