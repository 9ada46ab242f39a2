package roughcut.drawing;

import java.util.Arrays;
import java.util.Optional;
import roughcut.measure.Text;

/** How wood is shown on paper. */
public enum Shading {
  /** White, so that every line and mark can be read, at little ink. */
  LINES(Text.of("lines only")),
  /** In the colour of each wood, as on the screen. */
  WOOD(Text.of("wood colours"));

  /** What paper is without ink. */
  private static final String PAPER = "#FFFFFF";

  private final Text words;

  Shading(Text words) {
    this.words = words;
  }

  /** The one that was kept under that name; empty for a name of another version's. */
  public static Optional<Shading> named(String name) {
    return Arrays.stream(values()).filter(s -> s.name().equals(name)).findFirst();
  }

  public Text words() {
    return words;
  }

  /** A drawing in this way; what a piece of wood hides stays hidden. */
  Drawing of(Drawing drawing) {
    return switch (this) {
      case LINES ->
          new Drawing(
              drawing.title(),
              drawing.marks().stream().map(Shading::white).toList(),
              drawing.bounds(),
              drawing.pieces());
      case WOOD -> drawing;
    };
  }

  private static Mark white(Mark mark) {
    return mark.wood()
        .<Mark>map(f -> new Mark.Fill(f.role(), f.shape(), PAPER, null, Mark.Grain.NONE, 0))
        .orElse(mark);
  }
}
