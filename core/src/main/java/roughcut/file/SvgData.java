package roughcut.file;

import roughcut.geometry.Arc;
import roughcut.geometry.Cubic;
import roughcut.geometry.Line;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;

/** A path as the data of an SVG path: lines, arcs and cubic curves as they are, y turned over. */
final class SvgData implements Segment.Cases<Void, RuntimeException> {
  private final StringBuilder data = new StringBuilder();

  private SvgData() {}

  static String of(Path path) {
    SvgData data = new SvgData();
    data.data.append('M');
    data.place(path.segments().isEmpty() ? path.points().get(0) : path.segments().get(0).start());
    path.segments().forEach(s -> s.fold(data));
    return path.closed() ? data.data.append(" Z").toString() : data.data.toString();
  }

  @Override
  public Void line(Line line) {
    data.append(" L");
    place(line.b());
    return null;
  }

  @Override
  public Void arc(Arc arc) {
    // What runs round further than half is unclear to some readers: in two.
    if (Math.abs(arc.sweep()) > Math.PI) {
      arc(arc.part(0, 0.5));
      return arc(arc.part(0.5, 1));
    }
    String radius = SvgWriter.number(arc.radius());
    data.append(" A").append(radius).append(',').append(radius).append(" 0 0 ");
    data.append(arc.sweep() > 0 ? 0 : 1).append(' ');
    place(arc.end());
    return null;
  }

  @Override
  public Void cubic(Cubic cubic) {
    data.append(" C");
    place(cubic.b());
    data.append(' ');
    place(cubic.c());
    data.append(' ');
    place(cubic.d());
    return null;
  }

  private void place(Point p) {
    data.append(SvgWriter.number(p.x())).append(',').append(SvgWriter.number(-p.y()));
  }
}
