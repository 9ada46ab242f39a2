package roughcut.desktop.draw;

import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import roughcut.layout.FretLayout;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;

/** The one ruler above plan and elevation: lengths from the nut line, and the frets under them. */
final class Ruler {
  /** How much of the surface's top the ruler takes, px. */
  static final double HEIGHT = 56;

  private static final double BASE = 36;
  private static final double CLOSEST_LABELS = 52;
  private static final double CLOSEST_TICKS = 5;
  private static final double CLOSEST_FRETS = 19;
  private static final double[] STEPS_MM = {1, 2, 5, 10, 20, 50, 100, 200, 500};
  private static final double[] STEPS_INCH = {0.125, 0.25, 0.5, 1, 2, 3, 6, 12};

  private Ruler() {}

  static void paint(GraphicsContext g, View view, FretLayout frets, Units units, double width) {
    g.setFill(Ink.SHEET);
    g.fillRect(0, 0, width, HEIGHT);
    g.setStroke(Ink.RULE);
    g.setLineWidth(1);
    g.setLineDashes();
    g.strokeLine(0, BASE + 0.5, width, BASE + 0.5);
    lengths(g, view, units, width);
    if (frets != null) {
      frets(g, view, frets, width);
    }
  }

  private static void lengths(GraphicsContext g, View view, Units units, double width) {
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
      boolean label = Math.abs(value / labelled - Math.rint(value / labelled)) < 1e-9;
      g.setStroke(Ink.GREY);
      g.setLineWidth(label ? 1 : 0.6);
      g.strokeLine(px, BASE - (label ? 9 : 4), px, BASE);
      if (label) {
        g.setFill(Ink.GREY);
        g.fillText(NumberWriter.fixed(value, labelled < 1 ? 3 : 0), px, BASE - 13);
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

  private static void frets(GraphicsContext g, View view, FretLayout frets, double width) {
    g.setFill(Ink.INK);
    g.setStroke(Ink.INK);
    g.setLineWidth(1);
    g.setFont(Ink.bold(11));
    double nut = view.px(0);
    g.strokeLine(nut, BASE, nut, BASE + 8);
    g.fillText("nut", nut, BASE + 19);
    g.setFont(Ink.regular(11));
    double lastLabel = nut + 8;
    for (FretLayout.Fret fret : frets.frets()) {
      double px = Math.round(view.px(fret.x())) + 0.5;
      if (px < -20 || px > width + 20) {
        continue;
      }
      g.strokeLine(px, BASE, px, BASE + 6);
      if (px - lastLabel >= CLOSEST_FRETS) {
        g.fillText(Integer.toString(fret.number()), px, BASE + 19);
        lastLabel = px;
      }
    }
  }
}
