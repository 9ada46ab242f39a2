package roughcut.desktop.draw;

import static roughcut.desktop.words.Words.say;

import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import roughcut.layout.FretLayout;
import roughcut.measure.NumberWriter;
import roughcut.measure.Precision;
import roughcut.measure.Units;

/** The one ruler above plan and elevation: lengths from the nut line, and the frets under them. */
record Ruler(double height, double base) {
  /** With the frets under the lengths. */
  static final Ruler WHOLE = new Ruler(56, 36);

  /** Lengths only, where the drawing wants the room. */
  static final Ruler SLIM = new Ruler(26, 24);

  private static final double CLOSEST_LABELS = 52;
  private static final double CLOSEST_TICKS = 5;
  private static final double CLOSEST_FRETS = 19;

  /** As wide as a digit of a label at most, pixels. */
  private static final double DIGIT = 7;

  private static final double[] STEPS_MM = {1, 2, 5, 10, 20, 50, 100, 200, 500};
  private static final double[] STEPS_INCH = {0.125, 0.25, 0.5, 1, 2, 3, 6, 12};

  void paint(GraphicsContext g, View view, FretLayout frets, Units units, double width) {
    g.setFill(Ink.sheet());
    g.fillRect(0, 0, width, height);
    g.setStroke(Ink.rule());
    g.setLineWidth(1);
    g.setLineDashes();
    g.strokeLine(0, base + 0.5, width, base + 0.5);
    lengths(g, view, units, width);
    if (frets != null && height > base + 10) {
      frets(g, view, frets, width);
    }
  }

  private void lengths(GraphicsContext g, View view, Units units, double width) {
    double unit = units.metric() ? 1 : Units.INCH;
    double[] steps = units.metric() ? STEPS_MM : STEPS_INCH;
    double labelled = step(steps, CLOSEST_LABELS / (view.scale() * unit));
    double ticked = step(steps, CLOSEST_TICKS / (view.scale() * unit));
    g.setFont(Ink.regular(11));
    g.setTextAlign(TextAlignment.CENTER);
    g.setTextBaseline(VPos.BASELINE);
    long from = (long) Math.floor(view.x(0) / unit / ticked);
    long to = (long) Math.ceil(view.x(width) / unit / ticked);
    for (long i = from; i <= to; i++) {
      double value = i * ticked;
      double px = Math.round(view.px(value * unit)) + 0.5;
      boolean label = Math.abs(value / labelled - Math.rint(value / labelled)) < Precision.SAME;
      g.setStroke(Ink.grey());
      g.setLineWidth(label ? 1 : 0.6);
      g.strokeLine(px, base - (label ? 9 : 4), px, base);
      if (label) {
        g.setFill(Ink.grey());
        String words = NumberWriter.fixed(value, labelled < 1 ? 3 : 0);
        double half = words.length() * DIGIT / 2;
        // Half a number reads as another one.
        if (px - half >= 0 && px + half <= width) {
          g.fillText(words, px, base - 13);
        }
      }
    }
  }

  private static double step(double[] steps, double least) {
    for (double step : steps) {
      if (step >= least) {
        return step;
      }
    }
    return steps[steps.length - 1];
  }

  private void frets(GraphicsContext g, View view, FretLayout frets, double width) {
    g.setFill(Ink.ink());
    g.setStroke(Ink.ink());
    g.setLineWidth(1);
    g.setFont(Ink.bold(11));
    double nut = view.px(0);
    g.strokeLine(nut, base, nut, base + 8);
    g.fillText(say("nut"), nut, base + 19);
    g.setFont(Ink.regular(11));
    double lastLabel = nut + 8;
    for (FretLayout.Fret fret : frets.frets()) {
      double px = Math.round(view.px(fret.x())) + 0.5;
      if (px < -20 || px > width + 20) {
        continue;
      }
      g.strokeLine(px, base, px, base + 6);
      if (px - lastLabel >= CLOSEST_FRETS) {
        g.fillText(Integer.toString(fret.number()), px, base + 19);
        lastLabel = px;
      }
    }
  }
}
