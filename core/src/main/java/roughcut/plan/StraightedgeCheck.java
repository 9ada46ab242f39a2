package roughcut.plan;

import static roughcut.measure.NumberWriter.fixed;

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
    NUT("the nut line", 1),
    OCTAVE("the octave fret", 1),
    FRETBOARD_END("the fretboard's end", -1),
    BODY_EDGE("the body's edge", -1),
    HEEL_END("the heel's end", -1);

    private final String words;
    private final int way;

    Datum(String words, int way) {
      this.words = words;
      this.way = way;
    }

    public String words() {
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
      throw new IllegalArgumentException("a rule shows a number");
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
  public String marked(Plan plan, int fret, double shown) {
    double wanted = plan.frets().at(fret);
    double off = place(plan, shown) - wanted;
    if (Math.abs(off) < 0.005) {
      return "Fret " + fret + " is marked where it belongs";
    }
    double scale = plan.frets().scale().value();
    double left = scale - wanted - off;
    String heard =
        left > 0
            ? ", "
                + fixed(Math.abs(cents(scale - wanted, left)), 1)
                + " cents "
                + (off > 0 ? "sharp" : "flat")
                + " if it is sawn there"
            : ", beyond the saddle line";
    String way = off > 0 ? "towards the bridge" : "towards the nut";
    double beyond = plan.taper().end().value() - plan.frets().last().x() - off;
    return "Fret "
        + fret
        + " is marked "
        + Text.mm(Math.abs(off), 2)
        + " too far "
        + way
        + heard
        + ". If every mark is off by that, the nut line moves "
        + Text.mm(Math.abs(off), 2)
        + " "
        + way
        + " with them and all is right; past the last fret "
        + (beyond > 0
            ? Text.mm(beyond, 1) + " of board are left"
            : "the board is " + Text.mm(-beyond, 1) + " too short")
        + (wanted > 0 && wanted + off > 0
            ? ". If it grows with the distance, they are marks for a scale of "
                + Text.mm(scale * (wanted + off) / wanted, 1)
            : "");
  }

  /** How much higher a string of another length sounds, hundredths of a semitone. */
  private static double cents(double wanted, double is) {
    return 1200 * Math.log(wanted / is) / Math.log(2);
  }
}
