package roughcut.file;

import java.awt.geom.AffineTransform;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/** A {@code transform} attribute: matrix, translate, scale, rotate and skews one after another. */
final class SvgTransform {
  private static final Pattern ONE = Pattern.compile("([a-zA-Z]{1,12})\\s*\\(([^()]{0,400})\\)");

  private SvgTransform() {}

  /**
   * Reads one.
   *
   * @throws IllegalArgumentException in words
   */
  static AffineTransform read(String text) {
    if (text.length() > 4000) {
      throw new InvalidValue(Text.of("a transform is longer than any drawing needs"));
    }
    AffineTransform all = new AffineTransform();
    Matcher matcher = ONE.matcher(text);
    while (matcher.find()) {
      String[] parts = matcher.group(2).strip().split("[\\s,]+");
      double[] v = new double[parts.length];
      for (int i = 0; i < v.length; i++) {
        v[i] = SvgPathData.number(parts[i]);
      }
      all.concatenate(one(matcher.group(1), v));
    }
    return all;
  }

  private static AffineTransform one(String kind, double[] v) {
    return switch (kind + v.length) {
      case "matrix6" -> new AffineTransform(v);
      case "translate1" -> AffineTransform.getTranslateInstance(v[0], 0);
      case "translate2" -> AffineTransform.getTranslateInstance(v[0], v[1]);
      case "scale1" -> AffineTransform.getScaleInstance(v[0], v[0]);
      case "scale2" -> AffineTransform.getScaleInstance(v[0], v[1]);
      case "rotate1" -> AffineTransform.getRotateInstance(Math.toRadians(v[0]));
      case "rotate3" -> AffineTransform.getRotateInstance(Math.toRadians(v[0]), v[1], v[2]);
      case "skewX1" -> AffineTransform.getShearInstance(Math.tan(Math.toRadians(v[0])), 0);
      case "skewY1" -> AffineTransform.getShearInstance(0, Math.tan(Math.toRadians(v[0])));
      default -> throw new InvalidValue(Text.of("the transform “{kind}” isn't supported", kind));
    };
  }
}
