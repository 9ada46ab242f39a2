package roughcut.file;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import roughcut.drawing.Drawing;
import roughcut.drawing.Lines;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;

/**
 * A drawing as SVG at full size: one user unit is one millimetre, x from the nut line, y down from
 * the centre line (SVG's way up), so that co-ordinates in the file are those of the plan with y
 * turned over. Each mark carries its role as a class.
 */
public final class SvgWriter {
  private SvgWriter() {}

  public static byte[] write(Drawing drawing) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      XMLStreamWriter xml =
          XMLOutputFactory.newFactory().createXMLStreamWriter(out, StandardCharsets.UTF_8.name());
      document(drawing, xml);
      xml.close();
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
    return out.toByteArray();
  }

  private static void document(Drawing drawing, XMLStreamWriter xml) throws XMLStreamException {
    Bounds b = drawing.bounds();
    xml.writeStartDocument("UTF-8", "1.0");
    xml.writeCharacters("\n");
    xml.writeStartElement("svg");
    xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
    xml.writeAttribute("width", number(b.width()) + "mm");
    xml.writeAttribute("height", number(b.height()) + "mm");
    xml.writeAttribute(
        "viewBox",
        number(b.left())
            + " "
            + number(-b.high())
            + " "
            + number(b.width())
            + " "
            + number(b.height()));
    xml.writeAttribute("font-family", "B612, sans-serif");
    xml.writeStartElement("title");
    xml.writeCharacters(drawing.title());
    xml.writeEndElement();
    Parts parts = new Parts(xml);
    for (Mark mark : drawing.marks()) {
      mark.fold(parts);
    }
    xml.writeCharacters("\n");
    xml.writeEndElement();
    xml.writeEndDocument();
  }

  /** Writes a mark as elements, each on a line of its own. */
  private record Parts(XMLStreamWriter xml) implements Lines.OnPaper<XMLStreamException> {
    @Override
    public Void path(Mark.Path path) throws XMLStreamException {
      xml.writeCharacters("\n  ");
      xml.writeEmptyElement("path");
      xml.writeAttribute("class", name(path.role()));
      xml.writeAttribute("d", data(path.points(), path.closed()));
      xml.writeAttribute("fill", "none");
      xml.writeAttribute("stroke", path.role().colour());
      xml.writeAttribute("stroke-width", number(path.role().pen().width()));
      dash(path.role(), xml);
      return null;
    }

    @Override
    public Void fill(Mark.Fill fill) throws XMLStreamException {
      xml.writeCharacters("\n  ");
      xml.writeEmptyElement("path");
      xml.writeAttribute("class", name(fill.role()) + " fill");
      xml.writeAttribute("d", data(fill.shape().corners(), true));
      xml.writeAttribute("fill", fill.fill());
      return null;
    }

    @Override
    public Void text(Mark.Text text) throws XMLStreamException {
      String x = number(text.at().x());
      String y = number(-text.at().y());
      xml.writeCharacters("\n  ");
      xml.writeStartElement("text");
      xml.writeAttribute("class", name(text.role()));
      xml.writeAttribute("x", x);
      xml.writeAttribute("y", y);
      xml.writeAttribute("font-size", number(text.size().height()));
      xml.writeAttribute("fill", text.role().colour());
      xml.writeAttribute("text-anchor", text.anchor().name().toLowerCase(Locale.ROOT));
      if (text.turn() != 0) {
        xml.writeAttribute("transform", "rotate(" + number(-text.turn()) + " " + x + " " + y + ")");
      }
      xml.writeCharacters(text.text());
      xml.writeEndElement();
      return null;
    }
  }

  private static void dash(Role role, XMLStreamWriter xml) throws XMLStreamException {
    double[] lengths = role.dash().lengths();
    if (lengths.length > 0) {
      xml.writeAttribute(
          "stroke-dasharray",
          java.util.Arrays.stream(lengths)
              .mapToObj(SvgWriter::number)
              .collect(Collectors.joining(" ")));
    }
  }

  private static String name(Role role) {
    return role.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static String data(List<Point> points, boolean closed) {
    StringBuilder d = new StringBuilder();
    for (int i = 0; i < points.size(); i++) {
      d.append(i == 0 ? "M" : " L")
          .append(number(points.get(i).x()))
          .append(',')
          .append(number(-points.get(i).y()));
    }
    return closed ? d.append(" Z").toString() : d.toString();
  }

  /** Tenths of a micron, written with a point whatever the locale. */
  static String number(double value) {
    String text = String.format(Locale.ROOT, "%.4f", value).replaceFirst("\\.?0+$", "");
    return text.equals("-0") ? "0" : text;
  }
}
