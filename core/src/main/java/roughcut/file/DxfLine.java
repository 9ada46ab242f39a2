package roughcut.file;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Arc;
import roughcut.geometry.Biarcs;
import roughcut.geometry.Cubic;
import roughcut.geometry.Line;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;

/**
 * A path as DXF's polylines know it: places, and between two of them a straight line or an arc. A
 * cubic curve is written as the arcs that it is nearest to.
 *
 * @param corners one after the other
 * @param closed whether the last is joined to the first
 */
record DxfLine(List<Corner> corners, boolean closed) {
  /** How near arcs lie to the curve that they stand for, mm. */
  static final double ARCS = 0.005;

  /**
   * Where a stretch begins.
   *
   * @param bulge the tangent of a quarter of the arc's sweep; 0 where it runs straight on
   */
  record Corner(Point at, double bulge) {}

  static DxfLine of(Path path) {
    Corners all = new Corners(new ArrayList<>());
    List<Segment> segments = path.segments();
    segments.forEach(s -> s.fold(all));
    if (!path.closed() && !segments.isEmpty()) {
      all.corners.add(new Corner(segments.get(segments.size() - 1).end(), 0));
    }
    return new DxfLine(all.corners, path.closed());
  }

  private record Corners(List<Corner> corners) implements Segment.Cases<Void, RuntimeException> {
    @Override
    public Void line(Line line) {
      corners.add(new Corner(line.a(), 0));
      return null;
    }

    @Override
    public Void arc(Arc arc) {
      // A bulge grows without end towards a full turn: in two.
      if (Math.abs(arc.sweep()) > Math.PI * 0.75) {
        arc(arc.part(0, 0.5));
        return arc(arc.part(0.5, 1));
      }
      corners.add(new Corner(arc.start(), Math.tan(arc.sweep() / 4)));
      return null;
    }

    @Override
    public Void cubic(Cubic cubic) {
      Biarcs.of(cubic, ARCS).forEach(s -> s.fold(this));
      return null;
    }
  }
}
