package roughcut.file;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import roughcut.measure.InvalidValue;
import roughcut.measure.Precision;
import roughcut.measure.Text;

/** The letters and numbers of an SVG path, as a path of lines and curves. */
final class SvgPathData {
  /** Longer numbers say nothing more. */
  private static final int LONGEST_NUMBER = 40;

  private final String text;
  private final int most;
  private final Path2D.Double path = new Path2D.Double();
  private int at;
  private int commands;
  private double x;
  private double y;
  private double startX;
  private double startY;
  private double controlX;
  private double controlY;
  private char before = ' ';

  private SvgPathData(String text, int most) {
    this.text = text;
    this.most = most;
  }

  /**
   * Reads path data.
   *
   * @param most how many pieces are taken in
   * @throws IllegalArgumentException saying what is wrong, and at which character
   */
  static Path2D read(String text, int most) {
    return new SvgPathData(text, most).go();
  }

  /**
   * Reads one number.
   *
   * @throws IllegalArgumentException when it is none, or endless
   */
  static double number(String text) {
    if (text.length() > LONGEST_NUMBER) {
      throw new InvalidValue(
          Text.of("a number of {count} digits is more than any drawing needs", text.length()));
    }
    try {
      double value = Double.parseDouble(text);
      if (!Double.isFinite(value) || text.matches(".*[fFdDxXpP]$")) {
        throw new NumberFormatException(text);
      }
      return value;
    } catch (NumberFormatException e) {
      throw new InvalidValue(Text.of("“{text}” is not a number", text), e);
    }
  }

  private Path2D go() {
    char command = ' ';
    while (skip()) {
      char c = text.charAt(at);
      if (Character.isLetter(c)) {
        command = c;
        at++;
        if (command == 'Z' || command == 'z') {
          close();
          continue;
        }
      } else if (command == ' ' || command == 'Z' || command == 'z') {
        throw new InvalidValue(Text.of("the path has no command at character {place}", (at + 1)));
      }
      if (++commands > most) {
        throw new InvalidValue(
            Text.of("a path of more than {most} pieces is far more than an outline needs", most));
      }
      piece(command);
      before = command;
      // More numbers after a move are lines.
      command = command == 'M' ? 'L' : command == 'm' ? 'l' : command;
    }
    return path;
  }

  private void close() {
    if (path.getCurrentPoint() != null) {
      path.closePath();
    }
    x = startX;
    y = startY;
    before = 'Z';
  }

  private boolean skip() {
    while (at < text.length()
        && (Character.isWhitespace(text.charAt(at)) || text.charAt(at) == ',')) {
      at++;
    }
    return at < text.length();
  }

  private double next() {
    if (!skip()) {
      throw new InvalidValue(Text.of("the path ends in the middle of a command"));
    }
    int from = at;
    boolean point = false;
    boolean power = false;
    while (at < text.length()) {
      char c = text.charAt(at);
      boolean sign = (c == '-' || c == '+') && (at == from || (text.charAt(at - 1) | 32) == 'e');
      if (c == '.' && !point && !power) {
        point = true;
      } else if ((c | 32) == 'e' && !power && at > from) {
        power = true;
      } else if (!Character.isDigit(c) && !sign) {
        break;
      }
      at++;
      if (at - from > LONGEST_NUMBER) {
        throw new InvalidValue(
            Text.of(
                "a number of more than {most} digits, at character {place}",
                LONGEST_NUMBER,
                (from + 1)));
      }
    }
    if (from == at) {
      throw new InvalidValue(
          Text.of(
              "the path has “{letter}” instead of a number, at character {place}",
              text.charAt(at),
              (at + 1)));
    }
    return number(text.substring(from, at));
  }

  /** A flag of an arc may stand without a space behind it. */
  private boolean flag() {
    skip();
    if (at < text.length() && (text.charAt(at) == '0' || text.charAt(at) == '1')) {
      return text.charAt(at++) == '1';
    }
    throw new InvalidValue(
        Text.of("an arc flag is neither 0 nor 1, at character {place}", (at + 1)));
  }

  private void piece(char command) {
    boolean own = Character.isLowerCase(command);
    double ox = own ? x : 0;
    double oy = own ? y : 0;
    if (path.getCurrentPoint() == null && (command | 32) != 'm') {
      throw new InvalidValue(Text.of("the path doesn't start with a move"));
    }
    switch (Character.toUpperCase(command)) {
      case 'M' -> {
        to(ox + next(), oy + next());
        path.moveTo(x, y);
        startX = x;
        startY = y;
      }
      case 'L' -> {
        to(ox + next(), oy + next());
        path.lineTo(x, y);
      }
      case 'H' -> {
        to(ox + next(), y);
        path.lineTo(x, y);
      }
      case 'V' -> {
        to(x, oy + next());
        path.lineTo(x, y);
      }
      case 'C' -> cubic(ox + next(), oy + next(), ox, oy);
      case 'S' -> {
        boolean smooth = "CcSs".indexOf(before) >= 0;
        cubic(smooth ? 2 * x - controlX : x, smooth ? 2 * y - controlY : y, ox, oy);
      }
      case 'Q' -> quad(ox + next(), oy + next(), ox, oy);
      case 'T' -> {
        boolean smooth = "QqTt".indexOf(before) >= 0;
        quad(smooth ? 2 * x - controlX : x, smooth ? 2 * y - controlY : y, ox, oy);
      }
      case 'A' -> arc(ox, oy);
      default ->
          throw new InvalidValue(Text.of("the path command “{command}” isn't supported", command));
    }
  }

  private void to(double nextX, double nextY) {
    x = nextX;
    y = nextY;
  }

  private void cubic(double x1, double y1, double ox, double oy) {
    controlX = ox + next();
    controlY = oy + next();
    to(ox + next(), oy + next());
    path.curveTo(x1, y1, controlX, controlY, x, y);
  }

  private void quad(double x1, double y1, double ox, double oy) {
    controlX = x1;
    controlY = y1;
    to(ox + next(), oy + next());
    path.quadTo(x1, y1, x, y);
  }

  /** From end points to the middle of the ellipse, as the SVG recommendation's appendix has it. */
  private void arc(double ox, double oy) {
    double rx = Math.abs(next());
    double ry = Math.abs(next());
    double turn = Math.toRadians(next());
    boolean large = flag();
    boolean sweep = flag();
    double x0 = x;
    double y0 = y;
    to(ox + next(), oy + next());
    if (rx == 0 || ry == 0 || x0 == x && y0 == y) {
      path.lineTo(x, y);
      return;
    }
    double cos = Math.cos(turn);
    double sin = Math.sin(turn);
    double ux = cos * (x0 - x) / 2 + sin * (y0 - y) / 2;
    double uy = -sin * (x0 - x) / 2 + cos * (y0 - y) / 2;
    double stretch = Math.sqrt(ux * ux / (rx * rx) + uy * uy / (ry * ry));
    if (stretch > 1) {
      rx *= stretch;
      ry *= stretch;
    }
    double over = rx * rx * uy * uy + ry * ry * ux * ux;
    double k = Math.sqrt(Math.max(0, (rx * rx * ry * ry - over) / over));
    k = large == sweep ? -k : k;
    double cx = k * rx * uy / ry;
    double cy = -k * ry * ux / rx;
    double from = Math.toDegrees(Math.atan2((uy - cy) / ry, (ux - cx) / rx));
    double way = Math.toDegrees(Math.atan2((-uy - cy) / ry, (-ux - cx) / rx)) - from;
    way = sweep && way < 0 ? way + 360 : !sweep && way > 0 ? way - 360 : way;
    AffineTransform place =
        AffineTransform.getTranslateInstance(
            cos * cx - sin * cy + (x0 + x) / 2, sin * cx + cos * cy + (y0 + y) / 2);
    place.rotate(turn);
    SvgRounds.arc(path, place, rx, ry, from, way);
    Point2D end = path.getCurrentPoint();
    if (end.distance(x, y) > Precision.NEAR * Math.max(1, rx)) {
      path.lineTo(x, y);
    }
  }
}
