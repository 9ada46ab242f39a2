package roughcut.desktop.station;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The stations in the order of work, which is the order of their keys, Ctrl+1 to Ctrl+9. */
public enum StationId {
  LAYOUT("Layout"),
  BLANKS("Blanks"),
  FRETBOARD("Fretboard"),
  NECK("Neck"),
  BODY("Body"),
  ROUTS("Routs"),
  BRIDGE("Bridge"),
  SHEETS("Sheets"),
  BENCH("Bench");

  private final String title;

  StationId(String title) {
    this.title = title;
  }

  public String title() {
    return title;
  }

  /** Names its button and its place in what is remembered. */
  public String word() {
    return title.toLowerCase(Locale.ROOT);
  }

  /** The digit that goes there, with Ctrl. */
  public int digit() {
    return List.of(values()).indexOf(this) + 1;
  }

  /** The station that a digit goes to. */
  public static Optional<StationId> at(int digit) {
    return List.of(values()).stream().filter(s -> s.digit() == digit).findFirst();
  }
}
