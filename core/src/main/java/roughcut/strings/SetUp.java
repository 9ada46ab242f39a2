package roughcut.strings;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.RATIO;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.StringDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.measure.DecidedValue;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurable;
import roughcut.record.Measurables;

/**
 * What to turn at set-up, which way and how far, from what was read on the strung instrument
 * (handbook page 7, "After the woodwork"). Nothing is told before something was read.
 *
 * @param intonation strings whose octave was read
 * @param advice what to turn or file, in the order of doing it
 * @param findings what the bridge can't give any more
 */
public record SetUp(List<Saddle> intonation, List<Advice> advice, List<Finding> findings) {
  /** A move smaller than this isn't made, mm. */
  private static final double LEAST_MOVE = 0.1;

  /** Turns, and mm of relief, that nobody feels. */
  private static final double UNFELT = 0.05;

  /**
   * What to do about one thing.
   *
   * @param what is turned or filed
   * @param words what to do with it; lengths in mm
   */
  public record Advice(Text what, Text words) {}

  /**
   * Where a string's saddle goes.
   *
   * @param string from the treble side
   * @param move back from where it stands; less than 0 to the front
   * @param left travel that way
   */
  public record Saddle(int string, Value move, Value left) {
    /** Whether its travel holds the move. */
    public boolean possible() {
      return Math.abs(move.value()) <= left.value() + Precision.SAME;
    }
  }

  public SetUp {
    intonation = List.copyOf(intonation);
    advice = List.copyOf(advice);
    findings = List.copyOf(findings);
  }

  public static SetUp of(EffectiveInputs inputs, Bridge bridge, ValueRegistry registry) {
    List<Advice> advice = new ArrayList<>();
    relief(inputs, registry)
        .ifPresent(over -> advice.add(new Advice(Text.of("truss rod"), rod(over))));
    action(inputs, Measurables.ACTION_12, StringKeys.ACTION_12_TURNS, registry)
        .ifPresent(t -> advice.add(new Advice(Text.of("treble post"), turned(t))));
    action(inputs, Measurables.ACTION_12_BASS, StringKeys.ACTION_12_BASS_TURNS, registry)
        .ifPresent(t -> advice.add(new Advice(Text.of("bass post"), turned(t))));
    nut(inputs, registry).ifPresent(left -> advice.add(new Advice(Text.of("nut"), filed(left))));
    List<Saddle> saddles = new ArrayList<>();
    Findings findings = new Findings(Topic.STRINGS);
    for (int i = 1; i <= bridge.saddles().size(); i++) {
      saddle(inputs, bridge, i, registry).ifPresent(saddles::add);
    }
    for (Saddle saddle : saddles) {
      if (!saddle.possible()) {
        findings.stop(
            StringDecisions.BRIDGE_PLACE.id(),
            Message.of(
                    Text.of(
                        saddle.move().value() > 0
                            ? "String {string} needs its saddle {move} further back, and only "
                                + "{left} of travel is left."
                            : "String {string} needs its saddle {move} further forward, and only "
                                + "{left} of travel is left.",
                        saddle.string(),
                        Text.length(Math.abs(saddle.move().value()), 2),
                        Text.length(Math.max(0, saddle.left().value()), 2)))
                .why(Text.of("It would play out of tune up the neck."))
                .fix(Text.of("Turn the saddle round, use a shorter spring, or move the bridge.")));
      }
    }
    return new SetUp(saddles, advice, findings.list());
  }

  private static Optional<Value> read(EffectiveInputs inputs, Measurable what, Value nominal) {
    return inputs.read(what, nominal);
  }

  /** Half of what a saddle rises arrives over the octave; a turn of its post raises it a thread. */
  private static Optional<Value> action(
      EffectiveInputs inputs, Measurable what, ValueKey key, ValueRegistry registry) {
    Value wanted = inputs.get(StringDecisions.ACTION_12);
    return read(inputs, what, wanted)
        .map(
            a ->
                registry.put(
                    key,
                    "2 · (w − a) / p",
                    in("w", wanted),
                    in("a", a),
                    in("p", inputs.get(StringDecisions.POST_THREAD))));
  }

  /** Still to be filed from the nut's slots: nearly all of it arrives at fret 1. */
  private static Optional<Value> nut(EffectiveInputs inputs, ValueRegistry registry) {
    Value wanted = inputs.get(StringDecisions.ACTION_NUT);
    return read(inputs, Measurables.ACTION_1, wanted)
        .map(a -> registry.put(StringKeys.NUT_TO_FILE, "a − w", in("a", a), in("w", wanted)));
  }

  private static Optional<Value> relief(EffectiveInputs inputs, ValueRegistry registry) {
    Value wanted = inputs.get(StringDecisions.RELIEF);
    return read(inputs, Measurables.RELIEF, wanted)
        .map(a -> registry.put(StringKeys.RELIEF_OVER, "a − w", in("a", a), in("w", wanted)));
  }

  /** Turns of a screw or post, and which way; more than 0 is up. */
  public static Text turned(Value turns) {
    double t = turns.value();
    return Math.abs(t) < UNFELT
        ? Text.of("on target")
        : Text.of(t > 0 ? "{number} turns up" : "{number} turns down", Text.fixed(Math.abs(t), 2));
  }

  private static Text rod(Value over) {
    double o = over.value();
    return Math.abs(o) < UNFELT
        ? Text.of("relief is on target")
        : o > 0
            ? Text.of("tighten a little: too much relief")
            : Text.of("loosen a little: too straight");
  }

  private static Text filed(Value left) {
    return left.value() > 0
        ? Text.of("file off {left} in steps, and measure again", Text.length(left.value(), 2))
        : Text.of("low enough: any lower and it buzzes");
  }

  /** δ = L · (ln 2 / 1200) · c: sharp goes back. */
  private static Optional<Saddle> saddle(
      EffectiveInputs inputs, Bridge bridge, int i, ValueRegistry registry) {
    Measurable what = Measurables.intonation(i);
    Value nominal = new DecidedValue(new ValueKey(what.id(), what.label(), Quantity.CENTS), 0);
    Optional<Value> cents = read(inputs, what, nominal);
    if (cents.isEmpty()) {
      return Optional.empty();
    }
    Value length = bridge.saddles().get(i - 1);
    Value scale = inputs.get(Decisions.SCALE_LENGTH);
    Value open = length.value() > 0 ? length : scale;
    String id = "intonation.string." + i;
    Value move =
        registry.put(
            id + ".move",
            Text.of("String {i}, saddle moves back by", i),
            FINE_LENGTH,
            "L · k · c",
            in("L", open),
            in(
                "k",
                TableValue.of(
                    "intonation.cent",
                    Text.of("ln 2 / 1200"),
                    Math.log(2) / 1200,
                    RATIO,
                    Text.of("share of a cent"))),
            in("c", cents.get()));
    boolean back = move.value() >= 0;
    // The datum line may lean: a string's own datum is further back towards the bass side.
    Value datum = bridge.datum();
    Value lean =
        TableValue.of(
            id + ".lean",
            Text.of("Datum further back at this string"),
            bridge.lean(i),
            FINE_LENGTH,
            Text.of("slant of the bridge"));
    Value left =
        back
            ? registry.put(
                id + ".left",
                Text.of("String {i}, travel left to the back", i),
                FINE_LENGTH,
                "D + e + r − S",
                in("D", datum),
                in("e", lean),
                in("r", bridge.rear()),
                in("S", length))
            : registry.put(
                id + ".left",
                Text.of("String {i}, travel left to the front", i),
                FINE_LENGTH,
                "S − D − e − f",
                in("S", length),
                in("D", datum),
                in("e", lean),
                in("f", bridge.forward()));
    return Optional.of(new Saddle(i, move, left));
  }

  /** Whether a string is as good as in tune along its neck. */
  public static boolean good(Saddle saddle) {
    return Math.abs(saddle.move().value()) < LEAST_MOVE;
  }
}
