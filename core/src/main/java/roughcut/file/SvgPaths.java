package roughcut.file;

import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import roughcut.geometry.Cubic;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.measure.Precision;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * The paths of an SVG drawing: path, polygon, polyline, rect, circle and ellipse, with the
 * transforms of their groups. Files aren't trusted: no entities, limited depth, size and count.
 */
final class SvgPaths {
  /** Bytes that are no letters are told here: the reader would print them, whatever it is told. */
  private static void sound(String name, byte[] bytes) throws FileException {
    String begins =
        new String(bytes, 0, Math.min(DECLARED_WITHIN, bytes.length), StandardCharsets.ISO_8859_1);
    boolean other =
        begins.startsWith("\u00FE\u00FF")
            || begins.startsWith("\u00FF\u00FE")
            || begins.indexOf(0) >= 0
            || begins.matches("(?is).*encoding\\s*=\\s*[\"'](?!utf-8).*");
    try {
      if (!other) {
        StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes));
      }
    } catch (CharacterCodingException e) {
      throw new FileException(
          Text.of("{name} is not a readable SVG drawing: it isn't text", name), e);
    }
  }

  /** An encoding, where one is declared, stands at the very beginning. */
  private static final int DECLARED_WITHIN = 200;

  private static final int DEEPEST = 64;
  private static final double FLAT = 0.01;

  private final String name;
  private final List<OutlineFile.Drawn> paths = new ArrayList<>();
  private final List<Segment> curves = new ArrayList<>();
  private double perUnit = Units.INCH / 96;
  private String unit = "";
  private int points;

  private SvgPaths(String name) {
    this.name = name;
  }

  static OutlineFile.Sheet read(byte[] bytes, String name) throws FileException {
    SvgPaths reader = new SvgPaths(name);
    if (new String(bytes, StandardCharsets.ISO_8859_1).contains("<!ENTITY")) {
      throw new FileException(
          Text.of(
              "{name} declares entities, which can reach outside the file: save it as plain SVG",
              name));
    }
    XMLInputFactory factory = XMLInputFactory.newFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    // What is wrong is told by the exception; the reader would print it, too.
    factory.setXMLReporter((message, kind, related, at) -> {});
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    sound(name, bytes);
    try {
      reader.all(factory.createXMLStreamReader(new ByteArrayInputStream(bytes)));
    } catch (XMLStreamException e) {
      throw new FileException(
          Text.of(
              "{name} is broken (line {line}, column {column})",
              name,
              e.getLocation().getLineNumber(),
              e.getLocation().getColumnNumber()),
          e);
    } catch (RuntimeException e) {
      throw new FileException(
          Text.of("{name} is not a readable SVG drawing: {why}", name, Refused.why(e)), e);
    }
    return new OutlineFile.Sheet(reader.paths, reader.curves, reader.perUnit, reader.unit, 0);
  }

  private void all(XMLStreamReader xml) throws XMLStreamException, FileException {
    Deque<AffineTransform> frames = new ArrayDeque<>();
    // y runs downwards in an SVG
    frames.push(AffineTransform.getScaleInstance(1, -1));
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT) {
        if (frames.size() > DEEPEST) {
          throw new FileException(
              Text.of(
                  "{name}, line {line}: it is nested deeper than any drawing needs",
                  name,
                  place(xml)));
        }
        AffineTransform frame = new AffineTransform(frames.peek());
        String own = xml.getAttributeValue(null, "transform");
        if (own != null) {
          frame.concatenate(SvgTransform.read(own));
        }
        frames.push(frame);
        element(xml, frame);
      } else if (event == XMLStreamConstants.END_ELEMENT) {
        frames.pop();
      }
    }
  }

  private static int place(XMLStreamReader xml) {
    return xml.getLocation().getLineNumber();
  }

  private void element(XMLStreamReader xml, AffineTransform frame) throws FileException {
    Path2D path;
    try {
      path =
          switch (xml.getLocalName()) {
            case "svg" -> {
              size(xml);
              yield null;
            }
            case "path" -> SvgPathData.read(text(xml, "d"), OutlineFile.MOST_POINTS);
            case "polygon", "polyline" -> polygon(xml);
            case "rect" ->
                SvgRounds.rectangle(
                    number(xml, "x"),
                    number(xml, "y"),
                    number(xml, "width"),
                    number(xml, "height"),
                    told(xml, "rx"),
                    told(xml, "ry"));
            case "circle" -> ellipse(xml, number(xml, "r"), number(xml, "r"));
            case "ellipse" -> ellipse(xml, number(xml, "rx"), number(xml, "ry"));
            default -> null;
          };
    } catch (IllegalArgumentException e) {
      throw new FileException(
          Text.of("{name}, line {line}: {why}", name, place(xml), Refused.why(e)), e);
    }
    if (path != null) {
      add(path, frame, place(xml));
    }
  }

  private Path2D ellipse(XMLStreamReader xml, double rx, double ry) {
    return SvgRounds.ellipse(number(xml, "cx"), number(xml, "cy"), rx, ry);
  }

  private Path2D polygon(XMLStreamReader xml) {
    String close = xml.getLocalName().equals("polygon") ? " Z" : "";
    String points = text(xml, "points");
    return points.isBlank()
        ? new Path2D.Double()
        : SvgPathData.read("M " + points + close, OutlineFile.MOST_POINTS);
  }

  private static String text(XMLStreamReader xml, String attribute) {
    String value = xml.getAttributeValue(null, attribute);
    return value == null ? "" : value;
  }

  /** A number that needn't be told; none where it isn't, or where the file leaves it open. */
  private double told(XMLStreamReader xml, String attribute) {
    String text = text(xml, attribute);
    return text.isBlank() || text.strip().equals("auto") ? Double.NaN : number(xml, attribute);
  }

  private double number(XMLStreamReader xml, String attribute) {
    String text = text(xml, attribute);
    if (text.isBlank()) {
      return 0;
    }
    SvgLength length = SvgLength.read(text);
    if (unit.isEmpty() && length.onPaper()) {
      unit = length.words(); // Then its own units are 96 to the inch.
    }
    return length.units();
  }

  /** The drawing's width and what it stands for, which gives the unit. */
  private void size(XMLStreamReader xml) {
    Optional<SvgLength> told = SvgLength.size(text(xml, "width")).filter(SvgLength::onPaper);
    if (told.isEmpty()) {
      return;
    }
    SvgLength width = told.get();
    unit = width.words();
    String[] box = text(xml, "viewBox").strip().split("[\\s,]+");
    double units = box.length == 4 ? SvgPathData.number(box[2]) : width.units();
    if (units > 0) {
      perUnit = width.mm() / units;
    }
  }

  /** Its curves, as they are. */
  private void curves(Path2D path, AffineTransform frame) {
    double[] at = new double[6];
    Point here = new Point(0, 0);
    for (PathIterator it = path.getPathIterator(frame); !it.isDone(); it.next()) {
      int kind = it.currentSegment(at);
      int last = kind == PathIterator.SEG_CUBICTO ? 4 : kind == PathIterator.SEG_QUADTO ? 2 : 0;
      if (kind == PathIterator.SEG_CLOSE) {
        continue;
      }
      Point end = new Point(at[last], at[last + 1]);
      Point first = new Point(at[0], at[1]);
      if (kind == PathIterator.SEG_CUBICTO) {
        curves.add(new Cubic(here, first, new Point(at[2], at[3]), end));
      } else if (kind == PathIterator.SEG_QUADTO) {
        // One degree higher it is the same curve.
        curves.add(new Cubic(here, here.towards(first, 2.0 / 3), end.towards(first, 2.0 / 3), end));
      }
      here = end;
    }
  }

  private void add(Path2D path, AffineTransform frame, int line) throws FileException {
    curves(path, frame);
    PathIterator it =
        new FlatteningPathIterator(
            path.getPathIterator(frame),
            FLAT / Math.max(Precision.NEAR, OutlineFile.mostPerUnit(perUnit, unit)),
            12);
    List<Point> run = new ArrayList<>();
    double[] at = new double[6];
    while (!it.isDone()) {
      int kind = it.currentSegment(at);
      if (kind == PathIterator.SEG_MOVETO) {
        end(run, false);
        run = new ArrayList<>(List.of(new Point(at[0], at[1])));
      } else if (kind == PathIterator.SEG_LINETO) {
        run.add(new Point(at[0], at[1]));
      } else {
        end(run, true);
        run = new ArrayList<>();
      }
      if (++points > OutlineFile.MOST_POINTS) {
        throw new FileException(
            Text.of(
                "{name}, line {line}: it has more than {most} corners, far more than an outline "
                    + "needs",
                name,
                line,
                OutlineFile.MOST_POINTS));
      }
      it.next();
    }
    end(run, false);
  }

  private void end(List<Point> run, boolean closed) {
    if (run.size() >= 3) {
      paths.add(new OutlineFile.Drawn(run, closed));
    }
  }
}
