package roughcut.desktop.draw;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.measure.Precision;

/** Colours and fonts of the drawing surface; the style sheet has the same tokens for controls. */
public final class Ink {
  private static final String SHEET = "#FBF9F4";
  private static final String INK = "#25292B";
  private static final String GREY = "#64625B";
  private static final String RULE = "#CFC8BA";
  private static final String TOUCH = "#1F5C73";

  /** Pixels for a millimetre of paper, for pens, dashes and ticks. */
  static final double PAPER = 4.0;

  private static final Map<String, Color> COLOURS = new HashMap<>();
  private static final Map<String, Color> FAINT = new HashMap<>();
  private static final Map<Mark.Size, Font> FONTS = new EnumMap<>(Mark.Size.class);
  private static final Map<Role.Pen, Double> WIDTHS =
      new EnumMap<>(Map.of(Role.Pen.FINE, 0.8, Role.Pen.MEDIUM, 1.2, Role.Pen.HEAVY, 1.7));

  /** The style sheet's token of that name, in a dim shop. */
  private static final Color DIM_SHEET = Color.web("#23282A");

  /** What the screen is read by. */
  public enum Light {
    DAY,
    /** Light lines on dark paper, so that the screen doesn't dazzle. */
    DIM_SHOP,
    /** Black on white, woods pale, pens heavier. */
    STRONG
  }

  private static Light light = Light.DAY;
  private static double larger = 1;

  /** How much wider pens are for the strongest contrast. */
  private static final double HEAVIER = 1.4;

  private Ink() {}

  /**
   * How everything is drawn from here on.
   *
   * @param textSize 1 is usual
   */
  public static void drawn(Light next, double textSize) {
    light = next;
    larger = textSize;
    COLOURS.clear();
    FAINT.clear();
    FONTS.clear();
  }

  static Color sheet() {
    return switch (light) {
      case DAY -> colour(SHEET);
      case DIM_SHOP -> DIM_SHEET;
      case STRONG -> Color.WHITE;
    };
  }

  static Color ink() {
    return colour(INK);
  }

  static Color grey() {
    return colour(GREY);
  }

  static Color rule() {
    return colour(RULE);
  }

  static Color touch() {
    return colour(TOUCH);
  }

  static Color colour(String hex) {
    return COLOURS.computeIfAbsent(hex, h -> seen(Color.web(h)));
  }

  /** How bright the darkest and the lightest get in a dim shop, 0 to 1. */
  private static final double DARKEST = 0.13;

  private static final double LIGHTEST = 0.94;

  /** What is darker is a line, what is lighter a surface, 0 to 1. */
  private static final double LINE = 0.5;

  /**
   * A colour of the drawing as it is seen: in a dim shop light and dark change places; for the
   * strongest contrast lines are nearly black and surfaces nearly white.
   */
  static Color seen(Color colour) {
    return switch (light) {
      case DAY -> colour;
      case DIM_SHOP -> lit(colour, l -> LIGHTEST - (LIGHTEST - DARKEST) * l);
      case STRONG -> lit(colour, l -> l < LINE ? 0.35 * l : 0.78 + 0.44 * (l - LINE));
    };
  }

  /** The same hue, moved to its new lightness; what would leave the range is pulled in. */
  private static Color lit(Color colour, DoubleUnaryOperator to) {
    double most = Math.max(colour.getRed(), Math.max(colour.getGreen(), colour.getBlue()));
    double least = Math.min(colour.getRed(), Math.min(colour.getGreen(), colour.getBlue()));
    double bright = (most + least) / 2;
    double wanted = to.applyAsDouble(bright);
    double colourful = Math.min(most - least, 2 * Math.min(wanted, 1 - wanted));
    double share = most - least < Precision.SAME ? 0 : colourful / (most - least);
    return Color.color(
        moved(colour.getRed(), bright, wanted, share),
        moved(colour.getGreen(), bright, wanted, share),
        moved(colour.getBlue(), bright, wanted, share),
        colour.getOpacity());
  }

  private static double moved(double channel, double bright, double wanted, double share) {
    return Math.max(0, Math.min(1, wanted + (channel - bright) * share));
  }

  /** A colour that lets what lies below shine through. */
  static Color faint(String hex) {
    return FAINT.computeIfAbsent(hex, h -> seen(Color.web(h, 0.55)));
  }

  static double width(Role.Pen pen) {
    return WIDTHS.get(pen) * (light == Light.STRONG ? HEAVIER : 1);
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
              case SMALL -> regular(12);
              case NORMAL -> regular(13);
              case TITLE, SHEET -> bold(17);
            });
  }

  public static Font regular(double size) {
    return Font.font("B612", FontWeight.NORMAL, size * larger);
  }

  public static Font bold(double size) {
    return Font.font("B612", FontWeight.BOLD, size * larger);
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
    g.setFill(sheet().deriveColor(0, 1, 1, cover));
    g.fillRect(x - 2, baseline - size * 0.86, width + 4, size * 1.02);
  }
}
