package roughcut.drawing;

import java.util.List;
import java.util.stream.Stream;
import roughcut.geometry.Bounds;

/**
 * A drawing as a list of marks, the lowest first.
 *
 * @param bounds what a viewer shows when the whole drawing is to be seen, mm
 * @param pieces what is wanted whole on one sheet of paper where it fits, each by its box; empty
 *     where the drawing is one thing
 */
public record Drawing(String title, List<Mark> marks, Bounds bounds, List<Bounds> pieces) {
  public Drawing {
    marks = List.copyOf(marks);
    pieces = List.copyOf(pieces);
  }

  /** A drawing that is one thing. */
  public Drawing(String title, List<Mark> marks, Bounds bounds) {
    this(title, marks, bounds, List.of());
  }

  /** Its lines. */
  public Stream<Mark.Stroke> lines() {
    return marks.stream().flatMap(m -> m.line().stream());
  }

  /** Only what is drawn, without dimensions, words and what can be taken hold of. */
  public Drawing withoutText() {
    return new Drawing(title, marks.stream().filter(Mark::drawn).toList(), bounds, pieces);
  }
}
