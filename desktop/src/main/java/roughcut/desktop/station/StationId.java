package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The stations in the order of work, which is the order of their keys, Ctrl+1 to Ctrl+9. */
public enum StationId {
  LAYOUT(
      "Layout",
      "Scale, frets, strings and fretboard taper: what the player feels, and where "
          + "every later measurement starts. The nut line is zero."),
  BLANKS(
      "Blanks",
      "Neck and body blanks from rough boards: strips and their order, where they "
          + "are cut from the rack, how they are sawn, planed and glued."),
  FRETBOARD(
      "Fretboard",
      "Slots, radius, position markers and frets: how deep, how wide, how much wood "
          + "is left under each, and the state of every fret."),
  NECK("Neck", "Headstock and its joint, truss rod and access, thickness and carving."),
  BODY("Body", "Outline, edges and contours, neck pocket or joint, weight and balance."),
  ROUTS(
      "Routs",
      "All routs and bores in the body: position, passes, cutter and template, and "
          + "the wood left between them."),
  BRIDGE(
      "Bridge",
      "Strings, the bridge position from the real neck, and the heights of neck, "
          + "strings and saddle above the body."),
  SHEETS("Sheets", "Full-size drawings on your paper, fret tables, and files for other machines."),
  BENCH(
      "Bench",
      "The work order: what you can cut now, what comes first, and what to measure "
          + "before it. Measurements you enter here re-plan everything.");

  private final String title;
  private final String about;

  StationId(String title, String about) {
    this.title = title;
    this.about = about;
  }

  /** What it is for, in a sentence or two. */
  public String about() {
    return say(about);
  }

  public String title() {
    return say(title);
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
