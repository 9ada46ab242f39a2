package roughcut.strings;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.StringDecisions;
import roughcut.finding.Message;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.BridgeBook;
import roughcut.shop.BridgeKind;

/**
 * The bridge in the window that every saddle's travel leaves: with S the wanted saddle places and
 * f, r the travel's limits from the datum, max(S − r) ≤ datum ≤ min(S − f − 1), the 1 being room to
 * sharpen (handbook page 2, "Placing it"). Places are along the fretboard from the nut line, on the
 * centre line.
 *
 * @param saddles wanted place of each string's saddle, string 1 first
 * @param offsets of the strings from the centre line at their saddles
 * @param front the window's edge nearer the nut
 * @param back its edge further off
 * @param frontString the string that sets the front edge
 * @param backString the string that sets the back edge
 * @param holes posts or screws with their places
 */
public record Bridge(
    BridgeKind kind,
    List<Value> saddles,
    List<Double> offsets,
    Value front,
    Value back,
    int frontString,
    int backString,
    Value datum,
    Value forward,
    Value rear,
    Value spacing,
    Value slant,
    List<Hole> holes,
    boolean fromRealNeck) {
  /** Room left to sharpen a string, mm. */
  public static final double SHARPEN = 1;

  /** A decision at or below this takes the kind's own number. */
  private static final double KINDS_OWN = -99;

  /**
   * A hole for the bridge.
   *
   * @param name bass or treble
   * @param x from the nut line
   * @param y from the centre line, treble positive: the half-spacing itself
   * @param from distances from what a ruler can touch with the neck fitted
   */
  public record Hole(String name, Value x, Value y, List<From> from) {}

  /**
   * A distance from a datum that can be touched.
   *
   * @param distance along the neck, mm
   * @param onBody whether it is measured on the body, where a leaning neck shortens it
   */
  public record From(Text datum, double distance, boolean onBody) {
    private From(Text datum, double distance) {
      this(datum, distance, false);
    }

    /**
     * As a ruler shows it.
     *
     * @param shortening how much nearer the nut the saddle line lies in plan, mm
     */
    public double neckSeating(double shortening) {
      return onBody ? distance - shortening : distance;
    }
  }

  /** What places it and its holes. */
  public Provenance provenance() {
    return Provenance.of(datum, spacing, slant);
  }

  public Bridge {
    saddles = List.copyOf(saddles);
    offsets = List.copyOf(offsets);
    holes = List.copyOf(holes);
  }

  public static Bridge of(
      EffectiveInputs inputs,
      FretLayout frets,
      FretboardTaper taper,
      StringSpread strings,
      Compensation compensation,
      ValueRegistry registry) {
    BridgeKind kind =
        BridgeBook.get(inputs.get(StringDecisions.BRIDGE).word())
            .measured(
                inputs.get(StringDecisions.BRIDGE_LOW).value(),
                inputs.get(StringDecisions.BRIDGE_HIGH).value(),
                inputs.get(StringDecisions.BRIDGE_ANCHOR).value());
    Value forward = own(inputs.get(StringDecisions.BRIDGE_FORWARD), kind.forward(), KINDS_OWN);
    Value rear = own(inputs.get(StringDecisions.BRIDGE_REAR), kind.rear(), KINDS_OWN);
    Value spacing = own(inputs.get(StringDecisions.BRIDGE_POSTS), kind.posts(), 0);
    Value slant = own(inputs.get(StringDecisions.BRIDGE_SLANT), kind.slant(), KINDS_OWN);
    List<Value> saddles = new ArrayList<>();
    double front = Double.NEGATIVE_INFINITY;
    double back = Double.POSITIVE_INFINITY;
    int frontString = 1;
    int backString = 1;
    for (int i = 1; i <= strings.count(); i++) {
      Value saddle = saddle(i, strings, compensation, frets, registry);
      saddles.add(saddle);
      // On a slanting datum line a string's own datum lies further back towards the bass side.
      double lean = lean(slant, spacing, strings.atSaddle().get(i - 1).value());
      double own = saddle.value() - lean;
      if (own - rear.value() > front) {
        front = own - rear.value();
        frontString = i;
      }
      if (own - forward.value() - SHARPEN < back) {
        back = own - forward.value() - SHARPEN;
        backString = i;
      }
    }
    Provenance window = Provenance.of(saddles);
    window =
        slant.value() == 0
            ? window
            : window.and(Provenance.of(strings.atSaddle())).with(slant, spacing);
    Value windowFront =
        registry.find(
            StringKeys.BRIDGE_WINDOW_FRONT,
            front,
            Text.of(
                "least position of the {datum} that every saddle's travel allows",
                Text.word(kind.datum())),
            window.with(rear));
    Value windowBack =
        registry.find(
            StringKeys.BRIDGE_WINDOW_BACK,
            back,
            Text.of("least over the strings of S − f − 1, on a slant by each string's own datum"),
            window.with(forward));
    Value share = inputs.get(StringDecisions.BRIDGE_PLACE);
    Value datum =
        registry.put(
            "bridge.datum",
            Text.of("Bridge position, {datum} from the nut line", Text.word(kind.datum())),
            FINE_LENGTH,
            "F + p · (B − F)",
            in("F", windowFront),
            in("B", windowBack),
            in("p", share));
    List<Hole> holes = new ArrayList<>();
    for (int side : new int[] {-1, 1}) {
      holes.add(hole(inputs, side, datum, spacing, slant, frets, taper, registry));
    }
    return new Bridge(
        kind,
        saddles,
        strings.atSaddle().stream().map(Value::value).toList(),
        windowFront,
        windowBack,
        frontString,
        backString,
        datum,
        forward,
        rear,
        spacing,
        slant,
        holes,
        frets.real());
  }

  private static double lean(Value slant, Value spacing, double y) {
    return spacing.value() == 0 ? 0 : -slant.value() * y / spacing.value();
  }

  /** How much further back than on the centre line the datum stands at a string, from 1, mm. */
  public double lean(int string) {
    return lean(slant, spacing, offsets.get(string - 1));
  }

  private static final String LISTED = "listed sizes of the bridge";

  /** What was decided or measured, or else the kind's own number. */
  private static Value own(Value decided, double kinds, double limit) {
    return decided.value() <= limit
        ? TableValue.of(
            decided.key().called(Text.of("{decided}, as listed", decided.label())),
            kinds,
            Text.raw(LISTED))
        : decided;
  }

  private static Value saddle(
      int i,
      StringSpread strings,
      Compensation compensation,
      FretLayout frets,
      ValueRegistry registry) {
    Value c = compensation.parts().get(i - 1).used();
    // By the real neck it is as true as that was measured.
    Value line =
        SearchedValue.of(
            "string." + i + ".saddle-line",
            Text.of("Saddle line at string {i}", i),
            strings.saddleX(i),
            FINE_LENGTH,
            Text.of("found along the string"),
            strings.lengthwise(i));
    return registry.put(
        "string." + i + ".saddle",
        Text.of(
            frets.real()
                ? "Saddle of string {i} from the nut line, by the real neck"
                : "Saddle of string {i} from the nut line",
            i),
        FINE_LENGTH,
        "L_i + c",
        in("L_i", line),
        in("c", c));
  }

  private static Hole hole(
      EffectiveInputs inputs,
      int side,
      Value datum,
      Value spacing,
      Value slant,
      FretLayout frets,
      FretboardTaper taper,
      ValueRegistry registry) {
    String name = side < 0 ? "bass" : "treble";
    Value x =
        registry.put(
            "bridge.post." + name + ".x",
            Text.of("Post on the {name} side, along the neck from the nut line", Text.of(name)),
            FINE_LENGTH,
            "X " + (side < 0 ? "+" : "−") + " u / 2",
            in("X", datum),
            in("u", slant));
    Value y =
        registry.put(
            "bridge.post." + name + ".y",
            Text.of("Post on the {name} side, from the string line", Text.of(name)),
            FINE_LENGTH,
            (side < 0 ? "−" : "") + "(s / 2)",
            in("s", spacing));
    List<From> from = new ArrayList<>();
    from.add(new From(Text.of("fret 1"), x.value() - frets.at(1)));
    from.add(new From(Text.of("the octave fret"), x.value() - frets.octave()));
    from.add(new From(Text.of("the fretboard end"), x.value() - taper.end().value()));
    boolean pocketed =
        switch (inputs.get(BodyDecisions.NECK_JOINT)) {
          case BOLT_ON, SET_NECK -> true;
          case THROUGH -> false;
        };
    if (pocketed) {
      from.add(
          new From(
              Text.of("the pocket end"), x.value() - inputs.get(Decisions.HEEL_END).value(), true));
    }
    from.add(
        new From(
            Text.of("the body edge"), x.value() - inputs.get(Decisions.JOINT_X).value(), true));
    return new Hole(name, x, y, List.copyOf(from));
  }

  /** Whether the travel holds every saddle at all. */
  public boolean possible() {
    return front.value() <= back.value();
  }

  /**
   * A place of the datum in its window.
   *
   * @param share of the way from the window's front to its back
   */
  public record Place(double share, double datum) {}

  /** Where the datum would be, dragged along by so much; it stays within the window. */
  public Place dragged(double by) {
    double room = back.value() - front.value();
    if (room <= 0) {
      return new Place(0.5, datum.value());
    }
    double share = (datum.value() + by - front.value()) / room;
    double kept = Math.max(0, Math.min(1, share));
    return new Place(kept, front.value() + kept * room);
  }

  /** What is wrong with the window of a bridge that isn't possible. */
  public Message problem() {
    return Message.of(
            Text.of(
                "This bridge has no position: string {front} needs its saddle {length} further "
                    + "back than the travel of string {back} allows.",
                frontString,
                Text.length(front.value() - back.value(), 1),
                backString))
        .fix(slanted());
  }

  /** The travel, or the slant of the datum line, that would hold every saddle. */
  private Text slanted() {
    Text.Arg enough = Text.length(rear.value() - forward.value() + front.value() - back.value(), 1);
    Text longer = Text.of("A travel of {travel} would work.", enough);
    if (spacing.value() == 0) {
      return longer;
    }
    double least = Double.NEGATIVE_INFINITY;
    double most = Double.POSITIVE_INFINITY;
    double travel = rear.value() - forward.value() - SHARPEN;
    for (int i = 0; i < saddles.size(); i++) {
      for (int j = 0; j < saddles.size(); j++) {
        // S_i − S_j + u · (y_i − y_j) / s ≤ travel, for every pair of strings
        double across = (offsets.get(i) - offsets.get(j)) / spacing.value();
        double over = saddles.get(i).value() - saddles.get(j).value() - travel;
        if (across < 0) {
          least = Math.max(least, over / -across);
        } else if (across > 0) {
          most = Math.min(most, -over / across);
        }
      }
    }
    if (!(least <= most) || !Double.isFinite(least) || !Double.isFinite(most)) {
      return longer;
    }
    // To the half where a half lies between.
    double step = Math.ceil(least * 2) <= Math.floor(most * 2) ? 2 : 100;
    return Text.of(
        "A travel of {travel} would work, or a {datum} with its bass end {least} to {most} "
            + "further back.",
        enough,
        Text.word(kind.datum()),
        Text.length(Math.ceil(least * step) / step, step == 2 ? 1 : 2),
        Text.length(Math.floor(most * step) / step, step == 2 ? 1 : 2));
  }

  /** The datum line's place at an offset from the centre line. */
  public double datumAt(double y) {
    return datum.value() - (spacing.value() == 0 ? 0 : slant.value() * y / spacing.value());
  }
}
