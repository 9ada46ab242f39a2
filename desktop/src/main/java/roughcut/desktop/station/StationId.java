package roughcut.desktop.station;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The stations in the order of work, which is the order of their keys, Ctrl+1 to Ctrl+9. */
public enum StationId {
  LAYOUT(
      "Layout",
      "Scale, frets, strings and the fretboard's taper: what the player feels, and where every later measure starts from. The nut line is zero."),
  BLANKS(
      "Blanks",
      "Neck and body as they come out of rough boards: strips and their order, where they lie on the rack, how they are sawn, planed and glued up."),
  FRETBOARD(
      "Fretboard",
      "Slots, radius, markers and frets: how deep, how wide, how much is left under each, and what was done to which fret."),
  NECK(
      "Neck",
      "Headstock and its joint, truss rod and its access, thickness and carving: what the saw, the router and the rasps leave."),
  BODY(
      "Body",
      "Outline, edges and contours, the pocket or the joint with the neck, weight and balance."),
  ROUTS(
      "Routs",
      "Everything cut into the body: where it lies, in which passes, by which cutter and template, and how much wood stays between."),
  BRIDGE(
      "Bridge",
      "Strings, where the bridge goes from the real neck, and the heights of neck, strings and saddle above the body."),
  SHEETS(
      "Sheets", "Full-size drawings on your paper, tables of frets, and files for other machines."),
  BENCH(
      "Bench",
      "The order of work: what can be cut now, what is owed first, what has to be measured before. Readings taken here re-plan everything.");

  private final String title;
  private final String about;

  StationId(String title, String about) {
    this.title = title;
    this.about = about;
  }

  /** What it is for, in a sentence or two. */
  public String about() {
    return about;
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
