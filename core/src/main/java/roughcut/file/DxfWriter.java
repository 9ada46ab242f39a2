package roughcut.file;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import roughcut.drawing.CompoundMarks;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.geometry.Arc;
import roughcut.geometry.Cubic;
import roughcut.geometry.Line;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;

/**
 * A drawing as DXF release 12 in millimetres: x from the nut line, y up, one layer per role, named
 * after it. Areas of wood are left out; their outlines are there.
 */
public final class DxfWriter implements CompoundMarks.OnPaper<RuntimeException> {
  private final StringBuilder out = new StringBuilder(64 * 1024);

  private DxfWriter() {}

  public static byte[] write(Drawing drawing) {
    DxfWriter writer = new DxfWriter();
    writer.document(drawing);
    return writer.out.toString().getBytes(StandardCharsets.US_ASCII);
  }

  private void document(Drawing drawing) {
    pair(999, "lengths in millimetres, x from the nut line, y from the centre line");
    section("HEADER");
    pair(9, "$ACADVER");
    pair(1, "AC1009");
    // Millimetres, metric: later releases' words, which this one's readers skip.
    pair(9, "$INSUNITS");
    pair(70, "4");
    pair(9, "$MEASUREMENT");
    pair(70, "1");
    pair(9, "$EXTMIN");
    point(10, new Point(drawing.bounds().left(), drawing.bounds().low()));
    pair(9, "$EXTMAX");
    point(10, new Point(drawing.bounds().right(), drawing.bounds().high()));
    pair(0, "ENDSEC");
    tables();
    section("ENTITIES");
    drawing.marks().forEach(m -> m.fold(this));
    pair(0, "ENDSEC");
    pair(0, "EOF");
  }

  @Override
  public Void fill(Mark.Fill fill) {
    return null;
  }

  private void tables() {
    section("TABLES");
    pair(0, "TABLE");
    pair(2, "LTYPE");
    pair(70, Integer.toString(Role.Dash.values().length));
    for (Role.Dash dash : Role.Dash.values()) {
      lineType(dash);
    }
    pair(0, "ENDTAB");
    pair(0, "TABLE");
    pair(2, "LAYER");
    pair(70, Integer.toString(Role.values().length));
    for (Role role : Role.values()) {
      pair(0, "LAYER");
      pair(2, role.name());
      pair(70, "0");
      pair(62, Integer.toString(colour(role)));
      pair(6, lineTypeName(role.dash()));
    }
    pair(0, "ENDTAB");
    pair(0, "ENDSEC");
  }

  private void lineType(Role.Dash dash) {
    double[] lengths = dash.lengths();
    double total = 0;
    for (double length : lengths) {
      total += length;
    }
    pair(0, "LTYPE");
    pair(2, lineTypeName(dash));
    pair(70, "0");
    pair(3, dash.name().toLowerCase(Locale.ROOT));
    pair(72, "65");
    pair(73, Integer.toString(lengths.length));
    pair(40, SvgWriter.number(total));
    for (int i = 0; i < lengths.length; i++) {
      pair(49, SvgWriter.number(i % 2 == 0 ? lengths[i] : -lengths[i]));
    }
  }

  private static String lineTypeName(Role.Dash dash) {
    return dash == Role.Dash.SOLID ? "CONTINUOUS" : dash.name();
  }

  /**
   * The nearest of the format's fixed colours: red for stop, yellow for look, blue for measured,
   * otherwise the pen's black.
   */
  private static int colour(Role role) {
    return switch (role) {
      case STOP -> 1;
      case LOOK -> 2;
      case MEASURED -> 5;
      default -> 7;
    };
  }

  @Override
  public Void stroke(Mark.Stroke stroke) {
    String layer = stroke.role().name();
    Path path = stroke.path();
    if (path.segments().isEmpty()) {
      return null; // a line without length, which other programs refuse
    }
    if (path.circle().isPresent()) {
      return circle(path.circle().get(), layer);
    }
    return path.segments().size() == 1 && !path.closed()
        ? path.segments().get(0).fold(new Lone(layer))
        : polyline(path, layer);
  }

  /** A path of a single stretch. */
  private final class Lone implements Segment.Cases<Void, RuntimeException> {
    private final String layer;

    Lone(String layer) {
      this.layer = layer;
    }

    @Override
    public Void line(Line line) {
      pair(0, "LINE");
      pair(8, layer);
      point(10, line.a());
      point(11, line.b());
      return null;
    }

    /** Always anticlockwise from the first angle to the second. */
    @Override
    public Void arc(Arc arc) {
      double from = arc.sweep() > 0 ? arc.from() : arc.from() + arc.sweep();
      pair(0, "ARC");
      pair(8, layer);
      point(10, arc.centre());
      pair(40, SvgWriter.number(arc.radius()));
      pair(50, angle(from));
      pair(51, angle(from + Math.abs(arc.sweep())));
      return null;
    }

    @Override
    public Void cubic(Cubic cubic) {
      return polyline(Path.of(List.of(cubic), false), layer);
    }
  }

  private Void circle(Arc circle, String layer) {
    pair(0, "CIRCLE");
    pair(8, layer);
    point(10, circle.centre());
    pair(40, SvgWriter.number(circle.radius()));
    return null;
  }

  private Void polyline(Path path, String layer) {
    DxfLine line = DxfLine.of(path);
    pair(0, "POLYLINE");
    pair(8, layer);
    pair(66, "1");
    point(10, new Point(0, 0));
    pair(70, line.closed() ? "1" : "0");
    for (DxfLine.Corner corner : line.corners()) {
      pair(0, "VERTEX");
      pair(8, layer);
      point(10, corner.at());
      if (corner.bulge() != 0) {
        pair(42, String.format(Locale.ROOT, "%.9f", corner.bulge()));
      }
    }
    pair(0, "SEQEND");
    pair(8, layer);
    return null;
  }

  /** Degrees from 0 to 360. */
  private static String angle(double radians) {
    double degrees = Math.toDegrees(radians) % 360;
    return String.format(Locale.ROOT, "%.7f", degrees < 0 ? degrees + 360 : degrees);
  }

  @Override
  public Void words(Mark.Text text) {
    pair(0, "TEXT");
    pair(8, text.role().name());
    point(10, text.at());
    pair(40, SvgWriter.number(text.size().height()));
    pair(1, plain(text.text()));
    if (text.turn() != 0) {
      pair(50, SvgWriter.number(text.turn()));
    }
    pair(72, Integer.toString(text.anchor().dxf()));
    if (text.anchor() != Mark.Anchor.START) {
      point(11, text.at());
    }
    return null;
  }

  /** Release 12 knows ASCII and a few codes of its own. */
  private static String plain(String text) {
    return text.replace("°", "%%d")
        .replace("×", "x")
        .replace("−", "-")
        .replace("–", "-")
        .replace("·", "-")
        .replaceAll("[^\\x20-\\x7e]", "?");
  }

  private void section(String name) {
    pair(0, "SECTION");
    pair(2, name);
  }

  private void point(int code, Point p) {
    pair(code, SvgWriter.number(p.x()));
    pair(code + 10, SvgWriter.number(p.y()));
    pair(code + 20, "0");
  }

  private void pair(int code, String value) {
    out.append(code).append("\r\n").append(value).append("\r\n");
  }
}
