package roughcut.neck;

import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.geometry.Point;
import roughcut.layout.Fan;
import roughcut.measure.Basis;
import roughcut.measure.Found;
import roughcut.measure.Known;
import roughcut.measure.Value;
import roughcut.record.Givens;

/**
 * Where the head's face leaves the neck's top: the break line, at the nut's head side, and the
 * slope of the face from there, or its step down. Points are in the elevation: x from the nut line
 * towards the bridge, z up from the neck's top (handbook page 4).
 *
 * @param breakX the break line, mm from the nut line; negative, towards the head
 * @param stepped whether the head is flat with its face lower by the step
 */
public record HeadLine(
    Value angle,
    Value length,
    Value thickness,
    Value nutThickness,
    Value step,
    boolean stepped,
    double breakX) {

  /** What its line hangs on. */
  public Basis basis() {
    return Basis.of(angle, length, thickness, nutThickness, step);
  }

  /** Below this angle (degrees) a head counts as flat: no scarf numbers. */
  public static final double FLAT = 0.5;

  public static HeadLine of(Givens givens) {
    HeadMaking making = givens.get(NeckDecisions.HEAD_MAKING);
    boolean stepped =
        switch (making) {
          case FLAT -> true;
          case SCARF, ONE_PIECE -> false;
        };
    return of(givens, givens.get(Decisions.HEAD_ANGLE), stepped);
  }

  /**
   * The head at the angle at which it is sawn, however it is to be made and whatever came of the
   * gluing.
   */
  public static HeadLine angled(Givens givens) {
    return of(givens, givens.wanted(Decisions.HEAD_ANGLE), false);
  }

  private static HeadLine of(Givens givens, Value angle, boolean stepped) {
    Value nut = nutRoom(givens);
    return new HeadLine(
        angle,
        givens.get(Decisions.HEAD_LENGTH),
        givens.get(Decisions.HEAD_THICKNESS),
        nut,
        givens.get(NeckDecisions.HEAD_STEP),
        stepped,
        -nut.value());
  }

  /**
   * From the nut line to the break: the nut, its lean, what lies before a zero fret, and the lip of
   * the fretboard before a nut in a slot, which would hang over a face that fell away under it.
   */
  private static Value nutRoom(Givens givens) {
    Value nut = givens.get(Decisions.NUT_THICKNESS);
    Optional<Value> before =
        switch (givens.get(FretboardDecisions.NUT_KIND)) {
          case ZERO_FRET -> Optional.of(givens.get(FretboardDecisions.NUT_GAP));
          case SLOT -> Optional.of(givens.get(FretboardDecisions.NUT_LIP));
          case END, SHELF, LOCKING -> Optional.empty();
        };
    double gap = before.map(Value::value).orElse(0.0);
    // The break is square: a leaning nut stands before it with its furthest corner.
    double lean = Math.abs(Fan.of(givens).slant(0)) * givens.get(Decisions.NUT_WIDTH).value() / 2;
    return gap + lean == 0
        ? nut
        : Found.of(
            NeckKeys.NUT_ROOM,
            nut.value() + gap + lean,
            "found from the nut, its lean and what lies before it",
            Fan.of(givens).basis().with(nut).and(before.map(Basis::of).orElse(Basis.NONE)));
  }

  public boolean flat() {
    return stepped || angle.value() < FLAT;
  }

  /** The angle at which the face falls away; nothing on a stepped head. */
  public Value lean() {
    return stepped ? Known.of(Decisions.HEAD_ANGLE.key(), 0, "the headstock is flat") : angle;
  }

  /** How much lower the face begins; nothing unless it is stepped. */
  public Value fall() {
    return stepped
        ? step
        : Known.of(NeckDecisions.HEAD_STEP.key(), 0, "the headstock isn't stepped");
  }

  /** The head angle in radians. */
  public double theta() {
    return stepped ? 0 : Math.toRadians(angle.value());
  }

  /** How much lower the face lies where the head is flat. */
  public double drop() {
    return stepped ? step.value() : 0;
  }

  /** The break line's point in the elevation. */
  public Point breakPoint() {
    return new Point(breakX, 0);
  }

  /**
   * A place on the head, in the elevation.
   *
   * @param along distance from the break along the face towards the tip; negative is the face's
   *     line produced into the neck
   * @param below distance under the face, square to it
   */
  public Point at(double along, double below) {
    double sin = Math.sin(theta());
    double cos = Math.cos(theta());
    return new Point(breakX - along * cos + below * sin, -drop() - along * sin - below * cos);
  }
}
