package roughcut.record;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.design.BodyDecisions;
import roughcut.design.CutName;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.OperationId;
import roughcut.design.ReadingKind;
import roughcut.measure.InvalidValue;
import roughcut.measure.Quantity;
import roughcut.measure.Range;
import roughcut.measure.Text;
import roughcut.measure.ValueRow;

/** What is read of parts on their way (handbook page 8, "A part is a history"). */
public final class Measurables {
  /** Places of cuts, by the cut and by {@code along} or {@code aside}. */
  public static final ValueRow CUT_PLACE = new ValueRow("place.{}.{}");

  public static final Measurable BODY_THICKNESS =
      Measurable.stage(
          "body.now-thickness",
          Text.of("Current body thickness"),
          1,
          200,
          Text.of("Until it is planed to its final thickness."));
  public static final Measurable BODY_OUTSIDE =
      Measurable.stage(
          "body.now-outside",
          Text.of("Distance outside its line"),
          0,
          100,
          Text.of("From its edge to the drawn line, until it is sawn and trimmed to it."));
  public static final Measurable NECK_1 =
      Measurable.stage(
          "neck.now-1",
          Text.of("Current neck thickness at fret 1"),
          1,
          80,
          Text.of("With fretboard, by caliper at the middle of the back."));
  public static final Measurable NECK_12 =
      Measurable.stage(
          "neck.now-12",
          Text.of("Current neck thickness at the octave"),
          1,
          80,
          Text.of("With fretboard, by caliper at the middle of the back."));

  public static final Measurable BLANK_WIDTH =
      Measurable.stage(
              "blank.width-now",
              Text.of("Current neck blank width"),
              5,
              400,
              Text.of(
                  "Across the glue lines at its widest, both sides true. Its middle is the "
                      + "centre line."))
          .of("blank.width");
  public static final Measurable BLANK_LENGTH =
      Measurable.stage(
              "blank.length-now",
              Text.of("Current neck blank length"),
              50,
              2000,
              Text.of("From end to end along the centre line, before anything is sawn off."))
          .of("stack.length");
  public static final Measurable HEEL_TAPER =
      new Measurable(
              "heel.taper-made",
              Text.of("Taper made on heel or wedge"),
              new ReadingKind.Result(
                  Text.of(
                      "By caliper: what a planed heel lost at its thinner end, or the thick end "
                          + "of a wedge."),
                  List.of(OperationId.HEEL_FACES, OperationId.HEEL_WEDGE)),
              new Range(Quantity.FINE_LENGTH, 0, 20))
          .of("heel.taper");
  public static final Measurable POCKET_EDGE = pocket("edge", Text.of("at the body edge"), "front");
  public static final Measurable POCKET_END = pocket("end", Text.of("at the heel end"), "end");

  public static final Measurable ACTION_12 =
      fine(
          "setup.action-12",
          Text.of("Action at fret 12, treble"),
          0,
          12,
          Text.of("Under string 1 at the octave fret, at pitch. Feeler gauges or a rule on edge."));
  public static final Measurable ACTION_12_BASS =
      fine(
          "setup.action-12-bass",
          Text.of("Action at fret 12, bass"),
          0,
          12,
          Text.of("Under the outer bass string at the octave fret, at pitch."));
  public static final Measurable ACTION_1 =
      fine(
          "setup.action-1",
          Text.of("Action at fret 1"),
          0,
          6,
          Text.of("Under the string that is highest at fret 1, at pitch."));
  public static final Measurable RELIEF =
      fine(
          "setup.relief",
          Text.of("Relief"),
          -2,
          5,
          Text.of("Hold string 3 at fret 1 and at the body edge: its gap halfway between."));

  private static final List<Measurable> ALL =
      List.of(
          BODY_THICKNESS,
          BODY_OUTSIDE,
          NECK_1,
          NECK_12,
          BLANK_WIDTH,
          BLANK_LENGTH,
          HEEL_TAPER,
          POCKET_EDGE,
          POCKET_END,
          ACTION_12,
          ACTION_12_BASS,
          ACTION_1,
          RELIEF);

  /** Readings of a part on its way that what it is to become can't be more than. */
  private static final Map<String, List<String>> LIMITS =
      Map.of(
          BodyDecisions.BODY_THICKNESS.id(),
          List.of(BODY_THICKNESS.id()),
          BodyDecisions.BODY_TOP.id(),
          List.of(BodyDecisions.TOP_LEAF_1.id(), BodyDecisions.TOP_LEAF_2.id()));

  /** Ids of readings that a decision can't be more than: no planing puts wood back. */
  static List<String> limits(String decision) {
    return LIMITS.getOrDefault(decision, List.of());
  }

  private static final Pattern INTONATION =
      Pattern.compile("intonation\\.string\\.(\\d{1,2})\\.cents");

  private static Measurable pocket(String at, Text where, String drawn) {
    return new Measurable(
            "pocket.made-" + at,
            Text.of("Pocket depth made {where}", where),
            new ReadingKind.Result(
                Text.of(
                    "Depth gauge or caliper rod on the finished body top, down to the floor, "
                        + "{where} on the centre line.",
                    where),
                List.of(OperationId.cut(CutName.row("pocket")))),
            new Range(Quantity.FINE_LENGTH, 0, 80))
        .of("pocket.depth." + drawn);
  }

  /** Read on the strung instrument. */
  private static ReadingKind playing(Text where) {
    return new ReadingKind.Assembly(where, List.of(OperationId.STRINGS_ON));
  }

  private static Measurable fine(String id, Text label, double least, double most, Text hint) {
    return new Measurable(id, label, playing(hint), new Range(Quantity.FINE_LENGTH, least, most));
  }

  /**
   * How sharp a string's octave is fretted, against its open octave.
   *
   * @param string counted from the treble side, 1 first
   */
  public static Measurable intonation(int string) {
    return new Measurable(
        "intonation.string." + string + ".cents",
        Text.of("String {string}, octave sharp by", string),
        playing(
            Text.of(
                "By tuner: the fretted octave against the open string's octave. Flat is below 0.")),
        new Range(Quantity.CENTS, -100, 100));
  }

  private static final Pattern PICKUP =
      Pattern.compile("pickup\\.([a-z0-9-]+)\\.(gap-treble|gap-bass|resistance|swing|magnet)");

  /**
   * What is read of a pickup that is fitted and wired.
   *
   * @param named the design by which it is called
   * @param pickup its name
   * @param what {@code gap-treble}, {@code gap-bass}, {@code resistance}, {@code swing} or {@code
   *     magnet}
   */
  public static Measurable ofPickup(Design named, String pickup, String what) {
    String id = "pickup." + pickup + "." + what;
    Text of = named.cutTitle(pickup);
    return switch (what) {
      case "gap-treble", "gap-bass" ->
          fine(
              id,
              Text.of(what.endsWith("treble") ? "{pickup}, gap treble" : "{pickup}, gap bass", of),
              0,
              20,
              Text.of(
                  "Under the outer string, held at the last fret, to the top or pole of the "
                      + "pickup."));
      case "resistance" ->
          new Measurable(
              id,
              Text.of("{pickup}, resistance", of),
              wired(Text.of("Multimeter across its two leads, with nothing else connected.")),
              new Range(Quantity.RESISTANCE, 0, 2000));
      case "swing" ->
          Measurable.seen(
              id,
              Text.of("{pickup}, phase", of),
              wired(
                  Text.of(
                      "Low-voltage meter, red on the hot lead: lay a screwdriver on the poles and "
                          + "pull it off. Which way does the needle go?")),
              Text.of("down"),
              Text.of("up"));
      case "magnet" ->
          Measurable.seen(
              id,
              Text.of("{pickup}, magnet polarity", of),
              wired(Text.of("Which end of a compass needle do the poles attract?")),
              Text.of("south end"),
              Text.of("north end"));
      default -> throw new InvalidValue(Text.of("nothing of a pickup is called {what}", what));
    };
  }

  private static ReadingKind wired(Text where) {
    return new ReadingKind.PartInHand(where);
  }

  private static final Pattern NECK_AT = Pattern.compile("neck\\.now-at\\.(\\d{1,2})");

  /**
   * The neck's thickness now at any fret besides the first and the octave's.
   *
   * @param fret counted from the nut
   */
  public static Measurable neckAt(int fret) {
    return Measurable.stage(
        "neck.now-at." + fret,
        Text.of("Current neck thickness at fret {fret}", fret),
        1,
        80,
        Text.of("With fretboard, by caliper at the middle of the back."));
  }

  private static final Pattern FENCE =
      Pattern.compile("fence\\.(rod|stiffener)\\.(head|middle|heel)");

  /** Where along a channel its fence is tried before it is routed. */
  public enum Along {
    HEAD("head", Text.of("at the headstock end"), 0),
    MIDDLE("middle", Text.of("halfway"), 0.5),
    HEEL("heel", Text.of("at the heel end"), 1);

    private final String word;
    private final Text words;
    private final double share;

    Along(String word, Text words, double share) {
      this.word = word;
      this.words = words;
      this.share = share;
    }

    /** In ids. */
    public String word() {
      return word;
    }

    public Text words() {
      return words;
    }

    /** How far along it is: 0 at its headstock end, 1 at its heel end. */
    public double share() {
      return share;
    }
  }

  /**
   * How far a trial cut lies from the edge that the fence runs on.
   *
   * @param channel {@code rod} or {@code stiffener}
   */
  public static Measurable fence(String channel, Along place) {
    return Measurable.stage(
        "fence." + channel + "." + place.word(),
        Text.of(
            channel.equals("rod")
                ? "Fence of the rod channel, tried {place}"
                : "Fence of the stiffener channels, tried {place}",
            place.words()),
        0,
        200,
        Text.of(
            "A light touch of the cutter, or a trial cut in scrap of the same length: from "
                + "the reference edge to the near side of the cut."));
  }

  private static final Pattern PLACE = Pattern.compile("place\\.([a-z0-9-]+)\\.(along|aside)");

  /**
   * Where something really is cut into the body.
   *
   * @param named the design by which it is called
   * @param cut its name
   * @param way {@code along} or {@code aside}
   */
  public static Measurable place(Design named, String cut, String way) {
    boolean along = way.equals("along");
    return new Measurable(
        CUT_PLACE.id(cut, way),
        Text.of(
            along ? "{cut}, from the body edge" : "{cut}, from the centre line",
            named.cutTitle(cut)),
        new ReadingKind.Result(
            along
                ? Text.of("Along the centre line, from the body edge at the neck to its middle.")
                : Text.of(
                    "Square to the centre line, to its middle. Below 0 is towards the bass side."),
            List.of(OperationId.cut(CutName.row(cut)))),
        new Range(Quantity.FINE_LENGTH, -800, 800));
  }

  private Measurables() {}

  public static List<Measurable> all() {
    return ALL;
  }

  /** Everything that can be read in a design: what is only read, and decisions that say so. */
  public static Optional<Measurable> find(Design design, String id) {
    return Decisions.find(design, id)
        .flatMap(Decision::number)
        .flatMap(Measurable::of)
        .or(() -> onlyRead(design, id));
  }

  /** What is only read in a design, never decided. */
  public static Optional<Measurable> onlyRead(Design design, String id) {
    return cutOrPickup(design, id).or(() -> find(id).filter(m -> onTheBoard(design, id)));
  }

  /** Whether a reading is of a fret that there is, where it is of one. */
  private static boolean onTheBoard(Design design, String id) {
    Matcher neck = NECK_AT.matcher(id);
    if (!neck.matches()) {
      return true;
    }
    int fret = Integer.parseInt(neck.group(1));
    return fret >= 1 && fret <= Decisions.FRETS.in(design);
  }

  private static Optional<Measurable> cutOrPickup(Design design, String id) {
    Matcher place = PLACE.matcher(id);
    if (place.matches()) {
      return Optional.of(place(design, place.group(1), place.group(2)));
    }
    Matcher pickup = PICKUP.matcher(id);
    return pickup.matches()
        ? Optional.of(ofPickup(design, pickup.group(1), pickup.group(2)))
        : Optional.empty();
  }

  /** What is only read, never decided, and isn't of a fitting, cut or fret of a design. */
  private static Optional<Measurable> find(String id) {
    Matcher fence = FENCE.matcher(id);
    if (fence.matches()) {
      return Optional.of(
          fence(fence.group(1), Along.valueOf(fence.group(2).toUpperCase(Locale.ROOT))));
    }
    Matcher neck = NECK_AT.matcher(id);
    if (neck.matches()) {
      return Optional.of(neckAt(Integer.parseInt(neck.group(1))));
    }
    Matcher string = INTONATION.matcher(id);
    return string.matches()
        ? Optional.of(intonation(Integer.parseInt(string.group(1))))
        : ALL.stream().filter(m -> m.id().equals(id)).findFirst();
  }
}
