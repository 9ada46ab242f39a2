package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Precision;

/**
 * Takes compound marks apart into paths and text, so that every writer draws them alike. Sizes are
 * in mm of paper times {@code scale}: 1 for a full-size sheet, otherwise how many drawing mm one mm
 * of the medium shows.
 */
public final class CompoundMarks {
  private static final double TICK = 1.2;
  private static final double GAP = 1.0;

  private CompoundMarks() {}

  /** The paths and texts that make a dimension. */
  public static List<Mark> of(Mark.Dimension d, double scale) {
    double length = d.a().distance(d.b());
    List<Mark> marks = new ArrayList<>();
    if (length < Precision.SAME) {
      return marks;
    }
    double ux = (d.b().x() - d.a().x()) / length;
    double uy = (d.b().y() - d.a().y()) / length;
    Point a = d.a().plus(-uy * d.aside(), ux * d.aside());
    Point b = d.b().plus(-uy * d.aside(), ux * d.aside());
    if (Math.abs(d.aside()) > Precision.SAME) {
      double out = Math.signum(d.aside()) * TICK * scale;
      marks.add(path(d.role(), d.a().plus(-uy * out, ux * out), a.plus(-uy * out, ux * out)));
      marks.add(path(d.role(), d.b().plus(-uy * out, ux * out), b.plus(-uy * out, ux * out)));
    }
    marks.add(path(d.role(), a, b));
    double tick = TICK * scale * 0.7;
    for (Point end : List.of(a, b)) {
      marks.add(
          path(
              d.role(),
              end.plus(-(ux - uy) * tick, -(uy + ux) * tick),
              end.plus((ux - uy) * tick, (uy + ux) * tick)));
    }
    marks.add(words(d, a.towards(b, 0.5), ux, uy, scale));
    return marks;
  }

  /**
   * A dimension's words: along its line and over it, so as to be read from below; beside an upright
   * one, level.
   */
  private static Mark words(Mark.Dimension d, Point middle, double ux, double uy, double scale) {
    if (Math.abs(uy) > 0.9) {
      Point beside = middle.plus(GAP * 1.5 * scale, -Size.SMALL.height() * 0.35 * scale);
      return new Mark.Text(d.role(), beside, d.text(), Anchor.START, Size.SMALL, 0, d.link());
    }
    double rightwards = ux < 0 ? -1 : 1;
    double turn = Math.toDegrees(Math.atan2(uy * rightwards, ux * rightwards));
    Point over = middle.plus(-uy * rightwards * GAP * scale, ux * rightwards * GAP * scale);
    return new Mark.Text(d.role(), over, d.text(), Anchor.MIDDLE, Size.SMALL, turn, d.link());
  }

  /** The ring and leader of a thin spot, with its words. */
  public static List<Mark> of(Mark.Spot spot, double scale) {
    double radius = 1.5 * scale;
    double way = spot.below() ? -1 : 1;
    Point edge = spot.at().plus(0, way * radius);
    Point label = spot.at().plus(0, way * 5.5 * scale);
    return List.of(
        new Mark.Stroke(spot.role(), Shapes.circle(spot.at(), radius).path()),
        path(spot.role(), edge, label),
        new Mark.Text(
            spot.role(),
            label.plus(GAP * scale, spot.below() ? 0 : -GAP * scale),
            spot.text(),
            Anchor.START,
            Size.SMALL,
            0,
            null));
  }

  private static Mark path(Role role, Point a, Point b) {
    return new Mark.Stroke(role, List.of(a, b), false);
  }

  /** The mark itself when it is simple, otherwise what it is made of. */
  public static List<Mark> parts(Mark mark, double scale) {
    return mark.fold(new Parts(scale));
  }

  /** What goes to paper: dimensions and spots as what they are made of, nothing of grips. */
  public interface OnPaper<E extends Exception> extends Mark.Cases<Void, E> {
    /** Words that stand on their line. */
    Void words(Mark.Text text) throws E;

    @Override
    default Void text(Mark.Text text) throws E {
      return words(text.standing(1));
    }

    @Override
    default Void dimension(Mark.Dimension dimension) throws E {
      return all(of(dimension, 1));
    }

    @Override
    default Void spot(Mark.Spot spot) throws E {
      return all(of(spot, 1));
    }

    @Override
    default Void handle(Mark.Handle handle) throws E {
      return null;
    }

    /** Answers for each of several. */
    default Void all(List<Mark> marks) throws E {
      for (Mark mark : marks) {
        mark.fold(this);
      }
      return null;
    }
  }

  private record Parts(double scale) implements Mark.Cases<List<Mark>, RuntimeException> {
    @Override
    public List<Mark> stroke(Mark.Stroke stroke) {
      return List.of(stroke);
    }

    @Override
    public List<Mark> fill(Mark.Fill fill) {
      return List.of(fill);
    }

    @Override
    public List<Mark> text(Mark.Text text) {
      return List.of(text.standing(scale));
    }

    @Override
    public List<Mark> dimension(Mark.Dimension dimension) {
      return of(dimension, scale);
    }

    @Override
    public List<Mark> spot(Mark.Spot spot) {
      return of(spot, scale);
    }

    @Override
    public List<Mark> handle(Mark.Handle handle) {
      return List.of(handle);
    }
  }
}
