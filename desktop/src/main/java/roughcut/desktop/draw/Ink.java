package roughcut.desktop.draw;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;

/** Colours and fonts of the drawing surface; the style sheet has the same tokens for controls. */
public final class Ink {
  public static final Color SHEET = Color.web("#FBF9F4");
  public static final Color INK = Color.web("#25292B");
  public static final Color GREY = Color.web("#6C6A63");
  public static final Color RULE = Color.web("#CFC8BA");
  public static final Color TOUCH = Color.web("#1F5C73");

  /** Pixels for a millimetre of paper, for pens, dashes and ticks. */
  static final double PAPER = 4.0;

  private static final Map<String, Color> COLOURS = new HashMap<>();
  private static final Map<String, Color> FAINT = new HashMap<>();
  private static final Map<Mark.Size, Font> FONTS = new EnumMap<>(Mark.Size.class);
  private static final Map<Role.Pen, Double> WIDTHS =
      new EnumMap<>(Map.of(Role.Pen.FINE, 0.8, Role.Pen.MEDIUM, 1.2, Role.Pen.HEAVY, 1.7));

  private Ink() {}

  static Color colour(String hex) {
    return COLOURS.computeIfAbsent(hex, Color::web);
  }

  /** A colour that lets what lies below shine through. */
  static Color faint(String hex) {
    return FAINT.computeIfAbsent(hex, h -> Color.web(h, 0.55));
  }

  static double width(Role.Pen pen) {
    return WIDTHS.get(pen);
  }

  static double[] dashes(Role.Dash dash) {
    double[] lengths = dash.lengths();
    for (int i = 0; i < lengths.length; i++) {
      lengths[i] *= PAPER;
    }
    return lengths;
  }

  static Font font(Mark.Size size) {
    return FONTS.computeIfAbsent(
        size,
        s ->
            switch (s) {
              case SMALL -> regular(11);
              case NORMAL -> regular(12.5);
              case TITLE, SHEET -> bold(17);
            });
  }

  public static Font regular(double size) {
    return Font.font("B612", FontWeight.NORMAL, size);
  }

  public static Font bold(double size) {
    return Font.font("B612", FontWeight.BOLD, size);
  }

  /**
   * Covers what lies under a word, so that it is read on wood and across lines too.
   *
   * @param x its left end, px
   * @param baseline px
   * @param width of the word, px
   * @param size of its font, px
   * @param cover how much is covered, 0 to 1
   */
  static void tag(
      GraphicsContext g, double x, double baseline, double width, double size, double cover) {
    g.setFill(SHEET.deriveColor(0, 1, 1, cover));
    g.fillRect(x - 2, baseline - size * 0.86, width + 4, size * 1.02);
  }
}
