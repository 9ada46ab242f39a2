package roughcut.file;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import roughcut.drawing.CompoundMarks;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.geometry.Arc;
import roughcut.geometry.Bounds;
import roughcut.geometry.Path;

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
  private record Parts(XMLStreamWriter xml) implements CompoundMarks.OnPaper<XMLStreamException> {
    @Override
    public Void stroke(Mark.Stroke stroke) throws XMLStreamException {
      Role role = stroke.role();
      shape(stroke.path(), name(role));
      xml.writeAttribute("fill", "none");
      xml.writeAttribute("stroke", role.colour());
      xml.writeAttribute("stroke-width", number(role.pen().width()));
      dash(role, xml);
      return null;
    }

    /** A circle where it is one, so that a bore is found as a bore; else a path. */
    private void shape(Path path, String role) throws XMLStreamException {
      Optional<Arc> circle = path.circle();
      xml.writeCharacters("\n  ");
      xml.writeEmptyElement(circle.isPresent() ? "circle" : "path");
      xml.writeAttribute("class", role);
      if (circle.isPresent()) {
        xml.writeAttribute("cx", number(circle.get().centre().x()));
        xml.writeAttribute("cy", number(-circle.get().centre().y()));
        xml.writeAttribute("r", number(circle.get().radius()));
      } else {
        xml.writeAttribute("d", SvgData.of(path));
      }
    }

    @Override
    public Void fill(Mark.Fill fill) throws XMLStreamException {
      shape(fill.shape().path(), name(fill.role()) + " fill");
      xml.writeAttribute("fill", fill.fill());
      return null;
    }

    @Override
    public Void words(Mark.Text text) throws XMLStreamException {
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

  /** Tenths of a micron, written with a point whatever the locale. */
  static String number(double value) {
    String text = String.format(Locale.ROOT, "%.4f", value).replaceFirst("\\.?0+$", "");
    return text.equals("-0") ? "0" : text;
  }
}
