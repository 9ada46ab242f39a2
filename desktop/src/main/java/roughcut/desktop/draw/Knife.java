package roughcut.desktop.draw;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import roughcut.desktop.control.TextWidth;
import roughcut.drawing.KnifeStops;
import roughcut.layout.FretLayout;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;

/** The section knife: where it stands on the ruler, how far it goes, and what it steps to. */
final class Knife {
  /** Nearer than this it stands at a stop already, mm. */
  private static final double THERE = 0.01;

  /** Nearer to the right edge than this its words stand to its left, px. */
  private static final double WORDS = 230;

  private double at;
  private double least;
  private double most;
  private List<KnifeStops.Stop> stops = List.of();
  private FretLayout frets;

  /** How far it goes and what it can step to on the drawing shown, mm from the nut line. */
  void goes(double least, double most, FretLayout frets, List<KnifeStops.Stop> stops) {
    this.least = least;
    this.most = most;
    this.frets = frets;
    this.stops = stops;
  }

  /** Where it stands, mm from the nut line. */
  double at() {
    return at;
  }

  /** Puts it there, or as near as it goes. */
  void to(double x) {
    at = Math.max(least, Math.min(most, x));
  }

  double least() {
    return least;
  }

  double most() {
    return most;
  }

  /** The next feature in that direction, or the end of the way. */
  double stopBeside(int direction) {
    return beside(direction, stops.stream().mapToDouble(KnifeStops.Stop::x).toArray());
  }

  /** The next fret in that direction, or the end of the way. */
  double fretBeside(int direction) {
    return beside(direction, frets.frets().stream().mapToDouble(FretLayout.Fret::x).toArray());
  }

  private double beside(int direction, double[] places) {
    double next = direction < 0 ? least : most;
    for (double x : places) {
      if (direction > 0 && x > at + THERE) {
        next = Math.min(next, x);
      }
      if (direction < 0 && x < at - THERE) {
        next = Math.max(next, x);
      }
    }
    return next;
  }

  /**
   * The line with its handle, and what it stands at: a feature's name, or the nearest fret.
   *
   * @param under how far down it begins, px
   */
  void paint(GraphicsContext g, View view, double under, Units units, boolean focused) {
    double px = view.px(at);
    double top = under + 4;
    g.setStroke(Ink.touch());
    g.setLineWidth(focused ? 2.4 : 1.6);
    g.strokeLine(px, top, px, g.getCanvas().getHeight());
    String place =
        say(
            "section line, {near} · {at}",
            KnifeStops.near(stops, frets, at).in(units),
            NumberWriter.text(at, Quantity.LENGTH, units));
    double width = TextWidth.of(place, Ink.regular(11));
    boolean left = px > g.getCanvas().getWidth() - WORDS;
    Ink.tag(g, left ? px - 10 - width : px + 10, top + 9, width, 11, 0.92);
    g.setFill(Ink.touch());
    g.fillPolygon(new double[] {px - 6, px + 6, px}, new double[] {top, top, top + 10}, 3);
    g.setFont(Ink.regular(11));
    g.setTextBaseline(VPos.BASELINE);
    g.setTextAlign(TextAlignment.LEFT);
    g.fillText(place, left ? px - 10 - width : px + 10, top + 9);
  }
}
