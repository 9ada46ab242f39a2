package roughcut.gcode;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import roughcut.geometry.Point3;
import roughcut.measure.NumberWriter;

/**
 * Writes a program that any usual controller reads: one word for one thing, comments saying what,
 * every number in millimetres with three decimals (handbook page 6, "Driven by numbers").
 */
public final class ProgramWriter {
  /** Seconds that a spindle is given to come up to its speed. */
  private static final int SPIN_UP = 4;

  /** Shorter than that nothing is written: rounded, it would be a full circle, mm. */
  private static final double SHORTEST = 0.002;

  /** Rounder than straight only in the digits that aren't written, mm. */
  private static final double SHORTEST_ARC = 0.05;

  /** Signs of a comment; longer lines are cut off by small controllers. */
  private static final int LONGEST_COMMENT = 70;

  private final StringBuilder text = new StringBuilder();
  private String x = "";
  private String y = "";
  private String z = "";
  private String feed = "";
  private Point3 at;

  private final double cutting;
  private final double entering;

  /**
   * A program for one cutter.
   *
   * @param heading comments at its beginning, one a line
   * @param speed of the spindle, turns a minute
   * @param cutting feed in wood, mm a minute
   * @param entering feed down into wood, mm a minute
   * @param clear height at which nothing is in the way, mm over the work's zero
   */
  public ProgramWriter(
      List<String> heading, double speed, double cutting, double entering, double clear) {
    this.cutting = cutting;
    this.entering = entering;
    line("%");
    heading.forEach(this::comment);
    line("G21 G90 G17");
    line("G40 G49 G80");
    line("G54");
    line("G0 Z" + number(clear));
    z = number(clear);
    line("S" + NumberWriter.fixed(speed, 0) + " M3");
    line("G4 P" + SPIN_UP);
  }

  /** A comment on lines of its own, in signs and of a length that every controller knows. */
  public void comment(String words) {
    StringBuilder now = new StringBuilder();
    for (String word : plain(words).split(" ")) {
      if (now.length() + word.length() >= LONGEST_COMMENT) {
        line("(" + now + ")");
        now.setLength(0);
      }
      now.append(now.length() == 0 ? "" : " ").append(word);
    }
    line("(" + now + ")");
  }

  /** Signs beyond those of an old teletype, and brackets, upset controllers. */
  static String plain(String words) {
    String simple =
        words
            .replace('×', 'x')
            .replace('−', '-')
            .replace("°", " deg")
            .replace("³", "3")
            .replaceAll("[“”()]", "'");
    return java.text.Normalizer.normalize(simple, java.text.Normalizer.Form.NFD)
        .replaceAll("\\p{M}", "")
        .replaceAll("[^\\x20-\\x7e]", "?");
  }

  /** Goes all of a way; its first leg is a rapid one. */
  public void all(List<Leg> legs) {
    legs.forEach(this::leg);
  }

  private void leg(Leg leg) {
    leg.fold(
        new Leg.Cases<Void>() {
          @Override
          public Void straight(Leg.Straight to) {
            line(to.to(), to.pace());
            return null;
          }

          @Override
          public Void round(Leg.Round arc) {
            boolean whole = Math.abs(arc.sweep()) > Math.PI;
            if (!whole && at.flat().distance(arc.to().flat()) < SHORTEST_ARC) {
              line(arc.to(), arc.pace());
            } else {
              arc(arc);
            }
            return null;
          }
        });
  }

  private void line(Point3 to, Leg.Pace pace) {
    if (at != null && at.distance(to) < SHORTEST) {
      return;
    }
    String words = axes(to);
    if (!words.isEmpty()) {
      line((pace == Leg.Pace.RAPID ? "G0" : "G1") + words + fed(pace));
    }
    at = to;
  }

  private void arc(Leg.Round arc) {
    String i = number(arc.centre().x() - Double.parseDouble(x));
    String j = number(arc.centre().y() - Double.parseDouble(y));
    String code = arc.sweep() > 0 ? "G3" : "G2";
    // Each arc says where it ends: one that is left out means something else to some controllers.
    String place = " X" + number(arc.to().x()) + " Y" + number(arc.to().y());
    String height = number(arc.to().z()).equals(z) ? "" : " Z" + number(arc.to().z());
    axes(arc.to());
    line(code + place + height + " I" + i + " J" + j + fed(arc.pace()));
    at = arc.to();
  }

  private String axes(Point3 to) {
    StringBuilder words = new StringBuilder();
    String nextX = number(to.x());
    String nextY = number(to.y());
    String nextZ = number(to.z());
    if (!nextX.equals(x)) {
      words.append(" X").append(nextX);
    }
    if (!nextY.equals(y)) {
      words.append(" Y").append(nextY);
    }
    if (!nextZ.equals(z)) {
      words.append(" Z").append(nextZ);
    }
    x = nextX;
    y = nextY;
    z = nextZ;
    return words.toString();
  }

  private String fed(Leg.Pace pace) {
    String next =
        switch (pace) {
          case RAPID -> null;
          case ENTERING -> NumberWriter.fixed(entering, 0);
          case CUTTING -> NumberWriter.fixed(cutting, 0);
        };
    if (next == null || Objects.equals(next, feed)) {
      return "";
    }
    feed = next;
    return " F" + next;
  }

  /** Three decimals, and never a minus before nothing. */
  private static String number(double value) {
    String digits = String.format(Locale.ROOT, "%.3f", value);
    return digits.equals("-0.000") ? "0.000" : digits;
  }

  /** Ends it and gives it out. */
  public String end(double clear) {
    if (!number(clear).equals(z)) {
      line("G0 Z" + number(clear));
    }
    line("M5");
    line("M30");
    line("%");
    return text.toString();
  }

  private void line(String words) {
    text.append(words).append('\n');
  }
}
