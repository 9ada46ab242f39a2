package roughcut.start;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.NeckJoint;
import roughcut.design.NumberDecision;
import roughcut.design.RodReach;
import roughcut.design.RoutDecisions;
import roughcut.design.Stack;
import roughcut.design.StringDecisions;
import roughcut.design.Strip;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.record.Build;
import roughcut.shop.BridgeBook;
import roughcut.shop.BridgeKind;

/**
 * A complete design from the few things that a maker knows at the beginning; everything else stands
 * at what is usual for such an instrument, nothing is measured, and every number can be changed
 * afterwards.
 *
 * @param name of the instrument
 * @param treble scale length, or that of the treble side, mm
 * @param bass scale length of the bass side, mm; the same where the frets stand parallel
 * @param hand that it is played with
 */
public record NewInstrument(
    String name,
    InstrumentKind kind,
    double treble,
    double bass,
    int frets,
    NeckJoint joint,
    HeadMaking head,
    Handedness hand,
    Timber timber) {
  /**
   * The woods that it is begun with, as species.
   *
   * @param neck of neck and headstock
   */
  public record Timber(String neck, String body, String fretboard) {
    /** What is usual where nothing is said. */
    public static final Timber USUAL = new Timber("maple", "red-alder", "rosewood");
  }

  /** Scales between which a usual instrument is begun, mm. */
  public static final double LEAST_SCALE = 560;

  public static final double MOST_SCALE = 900;

  /** Fret that stands square in a fan. */
  private static final double SQUARE_AT = 7;

  /** How far the curve into a heel reaches before the body's edge, and into a core, mm. */
  private static final double HEEL_CURVE = 22;

  private static final double CORE_CURVE = 40;

  /** What a blank is deeper than its heel, to be planed away, mm. */
  private static final double LEFT_AT_HEEL = 0.7;

  /** Clamps that close any neck blank begun here. */
  private static final double CLAMPS = 34;

  public static final int LEAST_FRETS = 19;
  public static final int MOST_FRETS = 24;

  /** How much longer the bass side may be, mm. */
  public static final double MOST_FAN = 40;

  /** On a neck narrower than that the bolts stand closer, mm. */
  private static final double NARROW = 54;

  /** What is left beside their centres, both sides together, mm. */
  private static final double BESIDE_BOLTS = 22;

  /** A thick string and its thin neighbour lie so far apart on a bass, mm. */
  private static final double BASS_PAIR_AT_NUT = 3.2;

  private static final double BASS_PAIR_AT_SADDLE = 4;

  /** Tuners of more strings than that stand closer, mm, so that the headstock isn't a plank. */
  private static final int MANY = 8;

  private static final double CLOSE_TUNERS = 30;

  private static final double CLEAR_OF_OTHER_ROW = 20;

  /** What saddles of a new instrument can still be set higher, mm. */
  private static final double LEFT_UPWARDS = 1;

  public NewInstrument {
    if (name.isBlank()) {
      throw new InvalidValue(Text.of("an instrument needs a name"));
    }
    if (!(treble >= LEAST_SCALE && treble <= MOST_SCALE)) {
      throw new InvalidValue(
          Text.of(
              "a new scale is between {least} and {most}",
              Text.length(LEAST_SCALE, 0),
              Text.length(MOST_SCALE, 0)));
    }
    if (!(bass >= treble && bass - treble <= MOST_FAN)) {
      throw new InvalidValue(
          Text.of(
              "the bass side is as long as the treble side or up to {most} longer",
              Text.length(MOST_FAN, 0)));
    }
    if (frets < LEAST_FRETS || frets > MOST_FRETS) {
      throw new InvalidValue(
          Text.of("a new instrument has {least} to {most} frets", LEAST_FRETS, MOST_FRETS));
    }
  }

  /** A fretboard wider than that at the octave is made flatter, mm. */
  private static final double WIDE = 70;

  /** A through-neck under a fretboard wider than that is glued with a slow glue, mm. */
  private static final double WIDE_CORE = 73;

  private static final double WIDE_BASS_CORE = 65;

  /** Radius of such a fretboard, mm: 20 inches. */
  private static final double FLAT = 508;

  /** The usual one of a kind. */
  public static NewInstrument usual(String name, InstrumentKind kind) {
    return new NewInstrument(
        name,
        kind,
        kind.scale(),
        kind.scale(),
        kind.frets(),
        NeckJoint.BOLT_ON,
        HeadMaking.SCARF,
        Handedness.RIGHT,
        Timber.USUAL);
  }

  private double scale() {
    return (treble + bass) / 2;
  }

  private boolean fanned() {
    return bass > treble;
  }

  /** The design, with nothing measured and nothing done. */
  public Build build() {
    Map<String, Double> numbers = new HashMap<>();
    layout(numbers);
    neck(numbers);
    body(numbers);
    Map<String, String> choices = new HashMap<>();
    choices.put("neck.fixing", joint.word());
    choices.put("head.made", head.word());
    choices.put("instrument.hand", hand.word());
    numbers.putAll(
        switch (head) {
          case SCARF ->
              Map.of("scarf.planing", 0.3); // both bevels are planed together after the saw
          case ONE_PIECE, HEADLESS -> Map.of();
          case FLAT -> Map.of("access.tilt", 3.0); // else the bore never comes out of its face
        });
    choices.put("body.species", timber.body());
    choices.put("body.top-species", timber.body());
    choices.put("fretboard.species", timber.fretboard());
    choices.putAll(glue());
    choices.put("bridge.kind", bridge());
    choices.putAll(
        switch (head) {
          // Nothing reaches a rod from a head that isn't there.
          case HEADLESS -> Map.of("rod.worked-from", RodReach.FRETBOARD_END.word());
          case SCARF, ONE_PIECE, FLAT -> Map.of();
        });
    choices.put("strings.kind", kind.bass() ? "bass" : "guitar");
    Design plain = Design.of(numbers, choices, kind.strings(), stack());
    Design design = plain.withNeckSteps(heelBlock(plain));
    return new Build(
        name, NewFittings.into(reached(design), kind, scale(), bass - treble, ends(numbers)));
  }

  /** A wide core through the body takes longer to close than usual glue stays open. */
  private Map<String, String> glue() {
    return switch (joint) {
      case THROUGH ->
          kind.sizes().octave() > (kind.bass() ? WIDE_BASS_CORE : WIDE_CORE)
              ? Map.of("glue.kind", "epoxy")
              : Map.of();
      case BOLT_ON, SET_NECK -> Map.of();
    };
  }

  private void layout(Map<String, Double> numbers) {
    InstrumentKind.Sizes sizes = kind.sizes();
    numbers.put("scale.length", scale());
    if (fanned()) {
      numbers.put("scale.treble", treble);
      numbers.put("scale.bass", bass);
      double fan = bass - treble;
      numbers.put("scale.perpendicular-fret", SQUARE_AT);
      numbers.put("fretboard.past-last-fret", 10 + 0.2 * fan);
    }
    if (fanned() || kind.count() > MANY) {
      // Listed sizes are of six strings: the studs of more stand as far apart as those.
      numbers.put("bridge.posts", sizes.spread());
    }
    if (fanned() || kind.slant() != InstrumentKind.SLANT) {
      // What of the fan lies behind the square fret leans at the saddles, and compensation with it.
      double behind = (bass - treble) * Math.pow(2, -SQUARE_AT / 12);
      numbers.put("bridge.slant", kind.slant() + behind);
    }
    numbers.put("scale.frets", (double) frets);
    numbers.put("nut.width", sizes.nut());
    numbers.put("fretboard.end-width", sizes.octave());
    numbers.put("bridge.spread", sizes.spread());
    numbers.put(Decisions.COURSE_STRINGS.id(), (double) kind.inCourse());
    if (kind.inCourse() > 1 && kind.bass()) {
      numbers.put(Decisions.COURSE_AT_NUT.id(), BASS_PAIR_AT_NUT);
      numbers.put(Decisions.COURSE_AT_SADDLE.id(), BASS_PAIR_AT_SADDLE);
    }
    if (sizes.octave() > WIDE) {
      // A round board as wide as that would be thin at its edges.
      numbers.put(Decisions.RADIUS_NUT.id(), FLAT);
      numbers.put(Decisions.RADIUS_END.id(), FLAT);
    }
  }

  /** Where neck or fretboard end, mm from the nut line. */
  private double ends(Map<String, Double> numbers) {
    return switch (joint) {
      case THROUGH -> fretboardEnds();
      case BOLT_ON, SET_NECK -> numbers.get("heel.end");
    };
  }

  private double fretboardEnds() {
    return scale() * (1 - Math.pow(2, -frets / 12.0)) + 12 + 0.2 * (bass - treble);
  }

  /** Where the body begins: a little over two thirds of the scale, further with many frets. */
  private double bodyBegins() {
    return Math.rint(scale() * (kind.bass() ? 0.682 : 0.675));
  }

  private void neck(Map<String, Double> numbers) {
    InstrumentKind.Sizes sizes = kind.sizes();
    double begins = bodyBegins();
    double in = kind.bass() ? 90 : 68;
    numbers.put("joint.x", begins);
    numbers.put("heel.end", Math.max(begins + in, Math.ceil(fretboardEnds())));
    numbers.put("rod.length", begins - 2);
    if (sizes.octave() < NARROW) {
      numbers.put("bolt.across", sizes.octave() - BESIDE_BOLTS);
      numbers.put("bolt.across-end", sizes.octave() - BESIDE_BOLTS);
      numbers.put("stiffener.count", 0.0); // no wood for them beside the rod
    }
    numbers.put("stiffener.length", Math.floor((begins - 32) / 5) * 5);
    numbers.put("clamp.owned", CLAMPS); // whoever has fewer says so
    numbers.put("shaft.thickness", sizes.shaft());
    numbers.put("neck.thickness-1", sizes.first());
    numbers.put("neck.thickness-12", sizes.twelfth());
    numbers.put("heel.thickness", sizes.heel());
    // As many on the treble side as on the bass side; of an odd number the bass side has one more.
    numbers.put("tuner.treble-side", (double) (kind.count() / 2));
    if (kind.count() > MANY) {
      numbers.put("tuner.spacing", CLOSE_TUNERS);
    }
    if (kind == InstrumentKind.TEN_STRINGS) {
      // Where the two rows come together each body stands clear of the other row's.
      numbers.put("tuner.stagger", CLEAR_OF_OTHER_ROW);
    }
    numbers.put("head.length", sizes.headLength());
    numbers.put("head.width", sizes.headWidth());
    numbers.putAll(
        switch (joint) {
          case THROUGH -> Map.of("heel.end", begins + 390, "heel.thickness", 38.0);
          case BOLT_ON, SET_NECK ->
              switch (head) {
                // One depth from tip to heel, so that nothing has to be glued under.
                case FLAT -> Map.of("shaft.thickness", sizes.heel() + LEFT_AT_HEEL);
                case SCARF, ONE_PIECE, HEADLESS -> Map.of();
              };
        });
  }

  private void body(Map<String, Double> numbers) {
    numbers.put("body.top-thickness", 0.0);
    numbers.put("body.accent", 0.0);
    if (kind.bass()) {
      numbers.put("body.length", 420.0);
      numbers.put("body.blank-length", 520.0);
      numbers.put("body.thickness", 42.0);
    }
  }

  private String bridge() {
    return switch (head) {
      case HEADLESS -> "tuner-bridge";
      case SCARF, ONE_PIECE, FLAT -> untuned();
    };
  }

  private String untuned() {
    // The thick string of its lowest pair stands further back than a bar's saddles reach.
    boolean bar = kind.bass() && kind != InstrumentKind.TEN_STRING_BASS;
    String apart = bar ? "bar-tailpiece" : kind.bass() ? "flat-plate" : "two-post";
    return switch (joint) {
      case THROUGH -> "flat-plate";
      case BOLT_ON, SET_NECK -> fanned() ? "flat-plate" : apart;
    };
  }

  /** Saddles where this bridge has them, with something left to set upwards. */
  private Design reached(Design design) {
    BridgeKind bridge = BridgeBook.get(bridge());
    NumberDecision height = StringDecisions.SADDLE_HEIGHT;
    double most = Math.min(height.in(design), bridge.heightMost() - LEFT_UPWARDS);
    return height.with(
        design, Math.max(bridge.heightLeast() + RoutDecisions.FILM.in(design), most));
  }

  /**
   * Three strips, the outer two of the same wood as the middle, so that the grain can be turned.
   */
  private Stack stack() {
    double widest = Math.max(kind.sizes().octave() * 1.1, kind.sizes().nut()) + 8;
    Strip middle = new Strip(timber.neck(), Math.rint(widest / 3), Strip.Grain.TO_HEEL);
    Strip outer = new Strip(timber.neck(), Math.ceil(widest / 3), Strip.Grain.TO_HEAD);
    return Stack.mirroredFromMiddle(middle, outer);
  }

  /** A block where the blank isn't as deep as the heel or core: a head in one piece wants none. */
  private List<BlankStep> heelBlock(Design design) {
    double core = BodyDecisions.BODY_LENGTH.in(design) + CORE_CURVE;
    double heel = Decisions.HEEL_END.in(design) - Decisions.JOINT_X.in(design) + HEEL_CURVE;
    return switch (joint) {
      case THROUGH -> block(design, core);
      case BOLT_ON, SET_NECK ->
          switch (head) {
            case SCARF, HEADLESS -> block(design, heel);
            case ONE_PIECE, FLAT -> List.of();
          };
    };
  }

  private List<BlankStep> block(Design design, double under) {
    double missing = Decisions.HEEL_THICKNESS.in(design) - Decisions.SHAFT_THICKNESS.in(design);
    double length = Math.ceil(under + BlankDecisions.END_TRIM.in(design));
    return List.of(
        new BlankStep(BlankStep.Kind.HEEL_BLOCK, timber.neck(), Math.ceil(missing + 2), length));
  }
}
