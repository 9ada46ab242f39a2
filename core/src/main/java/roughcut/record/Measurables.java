package roughcut.record;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.measure.Quantity;
import roughcut.measure.Range;

/** What is read of parts on their way (handbook page 8, "A part is a history"). */
public final class Measurables {
  public static final Measurable BODY_THICKNESS =
      Measurable.length(
          "body.now-thickness",
          "Body's thickness now",
          1,
          200,
          "As thick as it is, while it is not yet planed to its thickness.");
  public static final Measurable BODY_OUTSIDE =
      Measurable.length(
          "body.now-outside",
          "Outside its line by",
          0,
          100,
          "From its edge to the drawn line, while it is not yet sawn and trimmed to it.");
  public static final Measurable NECK_1 =
      Measurable.length(
          "neck.now-1",
          "Neck at fret 1 now",
          1,
          80,
          "With the fretboard, by caliper at the middle of the back.");
  public static final Measurable NECK_12 =
      Measurable.length(
          "neck.now-12",
          "Neck at the octave now",
          1,
          80,
          "With the fretboard, by caliper at the middle of the back.");

  public static final Measurable ACTION_12 =
      fine(
          "setup.action-12",
          "Action at fret 12, treble",
          0,
          12,
          "Under string 1, over the octave fret, tuned to pitch; feeler gauges or a rule on edge.");
  public static final Measurable ACTION_12_BASS =
      fine(
          "setup.action-12-bass",
          "Action at fret 12, bass",
          0,
          12,
          "Under the outer bass string, over the octave fret, tuned to pitch.");
  public static final Measurable ACTION_1 =
      fine(
          "setup.action-1",
          "Action at fret 1",
          0,
          6,
          "Under the string that stands highest at fret 1, tuned to pitch.");
  public static final Measurable RELIEF =
      fine(
          "setup.relief",
          "Relief",
          -2,
          5,
          "String 3 held at fret 1 and where the body begins: its gap halfway between.");

  private static final List<Measurable> ALL =
      List.of(
          BODY_THICKNESS,
          BODY_OUTSIDE,
          NECK_1,
          NECK_12,
          ACTION_12,
          ACTION_12_BASS,
          ACTION_1,
          RELIEF);

  private static final Pattern INTONATION =
      Pattern.compile("intonation\\.string\\.(\\d{1,2})\\.cents");

  private static Measurable fine(String id, String label, double least, double most, String hint) {
    return new Measurable(id, label, hint, new Range(Quantity.FINE_LENGTH, least, most));
  }

  /**
   * How sharp a string's octave is fretted, against its open octave.
   *
   * @param string counted from the treble side, 1 first
   */
  public static Measurable intonation(int string) {
    return new Measurable(
        "intonation.string." + string + ".cents",
        "String " + string + " at the octave, sharp by",
        "Tuner: fretted at the octave against the open string's octave; flat is less than 0.",
        new Range(Quantity.CENTS, -100, 100));
  }

  private static final Pattern PICKUP =
      Pattern.compile("pickup\\.([a-z0-9-]+)\\.(gap-treble|gap-bass|resistance|swing|magnet)");

  /**
   * What is read of a pickup that is fitted and wired.
   *
   * @param pickup its name
   * @param what {@code gap-treble}, {@code gap-bass}, {@code resistance}, {@code swing} or {@code
   *     magnet}
   */
  public static Measurable ofPickup(String pickup, String what) {
    String id = "pickup." + pickup + "." + what;
    String of = "Pickup " + pickup.replace('-', ' ') + ", ";
    return switch (what) {
      case "gap-treble", "gap-bass" ->
          fine(
              id,
              of + "gap " + (what.endsWith("treble") ? "treble" : "bass"),
              0,
              20,
              "Under the outer string held at the last fret, to the pickup’s top or pole.");
      case "resistance" ->
          new Measurable(
              id,
              of + "resistance",
              "Meter across its two leads, with nothing else on them.",
              new Range(Quantity.RESISTANCE, 0, 2000));
      case "swing" ->
          Measurable.seen(
              id,
              of + "needle",
              "Meter for small voltages, red on the hot lead: a screwdriver laid on the poles and"
                  + " pulled off. Which way it goes at the pull.",
              "down",
              "up");
      case "magnet" ->
          Measurable.seen(
              id,
              of + "compass",
              "Which end of a compass needle the poles pull to themselves.",
              "south end",
              "north end");
      default -> throw new IllegalArgumentException("nothing of a pickup is called " + what);
    };
  }

  private Measurables() {}

  public static List<Measurable> all() {
    return ALL;
  }

  public static Optional<Measurable> find(String id) {
    Matcher pickup = PICKUP.matcher(id);
    if (pickup.matches()) {
      return Optional.of(ofPickup(pickup.group(1), pickup.group(2)));
    }
    Matcher string = INTONATION.matcher(id);
    return string.matches()
        ? Optional.of(intonation(Integer.parseInt(string.group(1))))
        : ALL.stream().filter(m -> m.id().equals(id)).findFirst();
  }
}
