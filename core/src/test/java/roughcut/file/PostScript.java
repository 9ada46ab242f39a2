package roughcut.file;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/**
 * Reads the straight runs of what a PostScript printer was sent, knowing nothing of the sheets: a
 * paper's own millimetres, from its lower left corner.
 */
final class PostScript {
  /** A straight run on the paper, mm. */
  record Run(Point2D from, Point2D to) {
    double length() {
      return from.distance(to);
    }
  }

  private static final double MM = 25.4 / 72;

  private final List<List<Run>> pages = new ArrayList<>();

  private PostScript() {}

  static List<List<Run>> pages(byte[] content) {
    PostScript reader = new PostScript();
    String all = new String(content, StandardCharsets.ISO_8859_1);
    for (String page : all.substring(all.indexOf("%%EndProlog")).split("showpage")) {
      if (page.contains("concat")) {
        reader.pages.add(reader.page(page));
      }
    }
    return reader.pages;
  }

  /** Resolution dots per point are undone by the file's own scale, which comes before all. */
  private List<Run> page(String page) {
    List<Run> runs = new ArrayList<>();
    Deque<Double> stack = new ArrayDeque<>();
    AffineTransform frame = new AffineTransform();
    Point2D at = new Point2D.Double();
    for (String line : page.split("\n")) {
      if (line.startsWith("%")) {
        continue;
      }
      if (line.endsWith("concat") && !line.contains("div")) {
        frame = frame(line);
        continue;
      }
      for (String word : line.strip().split("\\s+")) {
        if (word.matches("-?\\d+(\\.\\d+)?([eE]-?\\d+)?")) {
          stack.addLast(Double.parseDouble(word));
        } else {
          if (word.matches("[MLC]") && stack.size() >= 2) {
            double y = stack.removeLast();
            double x = stack.removeLast();
            Point2D next = frame.transform(new Point2D.Double(x, y), null);
            if (word.equals("L")) {
              runs.add(new Run(at, next));
            }
            at = next;
          }
          stack.clear();
        }
      }
    }
    return runs;
  }

  private static AffineTransform frame(String line) {
    String[] six = line.substring(line.indexOf('[') + 1, line.indexOf(']')).strip().split("\\s+");
    double[] m = new double[6];
    for (int i = 0; i < 6; i++) {
      m[i] = Double.parseDouble(six[i]);
    }
    AffineTransform whole = AffineTransform.getScaleInstance(MM * 72 / 300, MM * 72 / 300);
    whole.concatenate(new AffineTransform(m));
    return whole;
  }
}
