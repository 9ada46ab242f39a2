package roughcut.file;

import java.util.Arrays;
import java.util.Optional;
import roughcut.measure.Text;

/** Paper that a maker's printer takes, mm, laid on its long side. */
public enum Paper {
  A4(Text.of("A4"), 297, 210),
  LETTER(Text.of("Letter"), 279.4, 215.9);

  private final Text label;
  private final double width;
  private final double height;

  Paper(Text label, double width, double height) {
    this.label = label;
    this.width = width;
    this.height = height;
  }

  /** The paper of that name; empty for none. */
  public static Optional<Paper> named(String name) {
    return Arrays.stream(values()).filter(p -> p.name().equals(name)).findFirst();
  }

  public Text label() {
    return label;
  }

  public double width() {
    return width;
  }

  public double height() {
    return height;
  }
}
