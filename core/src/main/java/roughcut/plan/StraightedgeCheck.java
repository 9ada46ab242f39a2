package roughcut.plan;

import java.util.List;
import roughcut.measure.InvalidValue;
import roughcut.measure.Precision;
import roughcut.measure.Text;

/**
 * A rule laid along the neck's centre line: from a line that can be touched, with whatever it shows
 * there, since a rule's end is worn and its zero seldom stands on the line (handbook page 1, "what
 * goes wrong").
 *
 * @param from the line that it is laid to
 * @param shows what it shows at that line, mm; 0 for a rule whose zero stands on it
 */
public record StraightedgeCheck(Datum from, double shows) {
  /** A line that a rule can be laid to; from those at the body's end it counts towards the nut. */
  public enum Datum {
    NUT(Text.of("the nut line"), 1),
    OCTAVE(Text.of("the octave fret"), 1),
    FRETBOARD_END(Text.of("the fretboard end"), -1),
    BODY_EDGE(Text.of("the body edge"), -1),
    HEEL_END(Text.of("the heel end"), -1);

    private final Text words;
    private final int way;

    Datum(Text words, int way) {
      this.words = words;
      this.way = way;
    }

    public Text words() {
      return words;
    }

    /** Where it lies, mm from the nut line along the centre line. */
    public double x(Plan plan) {
      return switch (this) {
        case NUT -> 0;
        case OCTAVE -> plan.frets().octave();
        case FRETBOARD_END -> plan.taper().end().value();
        case BODY_EDGE -> plan.neck().joint().value();
        case HEEL_END -> plan.neck().heelEnd().value();
      };
    }
  }

  /** On the nut line, with its zero there. */
  public static final StraightedgeCheck USUAL = new StraightedgeCheck(Datum.NUT, 0);

  public StraightedgeCheck {
    if (!Double.isFinite(shows)) {
      throw new InvalidValue(Text.of("enter the ruler reading"));
    }
  }

  /** What the rule shows at a place, mm; less than 0 lies before its zero. */
  public double at(Plan plan, double x) {
    return shows + from.way * (x - from.x(plan));
  }

  /** The place at which it shows that, mm from the nut line. */
  public double place(Plan plan, double shown) {
    return from.x(plan) + from.way * (shown - shows);
  }

  /**
   * A fret that was marked where it shouldn't be, in words with millimetres: how far it is off,
   * what is heard of it, and what would make the marks right that were made with the same rule.
   *
   * @param fret counted from the nut
   * @param shown what this rule shows at the mark
   */
  public Text marked(Plan plan, int fret, double shown) {
    double wanted = plan.frets().at(fret);
    double off = place(plan, shown) - wanted;
    if (Math.abs(off) < Precision.SHOWN) {
      return Text.of("Fret {fret} is marked correctly", fret);
    }
    double scale = plan.frets().scale().value();
    double left = scale - wanted - off;
    Text way = off > 0 ? Text.of("towards the bridge") : Text.of("towards the nut");
    Text.Arg by = Text.length(Math.abs(off), 2);
    Text mark =
        left > 0
            ? Text.of(
                off > 0
                    ? "Fret {fret} is marked {by} too far {way}, {cents} cents sharp if sawn there."
                    : "Fret {fret} is marked {by} too far {way}, {cents} cents flat if sawn there.",
                fret,
                by,
                way,
                Text.fixed(Math.abs(cents(scale - wanted, left)), 1))
            : Text.of(
                "Fret {fret} is marked {by} too far {way}, beyond the saddle line.", fret, by, way);
    double beyond = plan.taper().end().value() - plan.frets().last().x() - off;
    Text all =
        Text.of(
            beyond > 0
                ? "If every mark is off by that, move the nut line {by} {way} too and all is "
                    + "right. Past the last fret {board} of fretboard are left"
                : "If every mark is off by that, move the nut line {by} {way} too and all is "
                    + "right. Past the last fret the fretboard is {board} too short",
            by,
            way,
            Text.length(Math.abs(beyond), 1));
    if (wanted <= 0 || wanted + off <= 0) {
      return Text.joined(List.of(mark, all), " ");
    }
    Text grows =
        Text.of(
            "If the error grows with distance, the marks are for a scale of {scale}",
            Text.length(scale * (wanted + off) / wanted, 1));
    return Text.of("{mark} {all}. {grows}", mark, all, grows);
  }

  /** How much higher a string of another length sounds, hundredths of a semitone. */
  private static double cents(double wanted, double is) {
    return 1200 * Math.log(wanted / is) / Math.log(2);
  }
}
