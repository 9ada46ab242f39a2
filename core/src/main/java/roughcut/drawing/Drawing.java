package roughcut.drawing;

import java.util.List;
import roughcut.geometry.Bounds;

/**
 * A drawing as a list of marks, the lowest first.
 *
 * @param bounds what a viewer shows when the whole drawing is to be seen, mm
 */
public record Drawing(String title, List<Mark> marks, Bounds bounds) {
  public Drawing {
    marks = List.copyOf(marks);
  }
}
