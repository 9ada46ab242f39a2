package roughcut.neck;

import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.geometry.Point;
import roughcut.layout.MultiscaleLayout;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;

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
  public Provenance provenance() {
    return Provenance.of(angle, length, thickness, nutThickness, step);
  }

  /** Below this angle (degrees) a head counts as flat: no scarf numbers. */
  public static final double FLAT = 0.5;

  public static HeadLine of(EffectiveInputs inputs) {
    HeadMaking making = inputs.get(NeckDecisions.HEAD_MAKING);
    boolean stepped =
        switch (making) {
          case FLAT, HEADLESS -> true;
          case SCARF, ONE_PIECE -> false;
        };
    return of(inputs, inputs.get(Decisions.HEAD_ANGLE), stepped);
  }

  /**
   * The head at the angle at which it is sawn, however it is to be made and whatever came of the
   * gluing.
   */
  public static HeadLine angled(EffectiveInputs inputs) {
    return of(inputs, inputs.decided(Decisions.HEAD_ANGLE), false);
  }

  /** The head if it were flat, however it is to be made. */
  public static HeadLine flat(EffectiveInputs inputs) {
    return of(inputs, inputs.get(Decisions.HEAD_ANGLE), true);
  }

  private static HeadLine of(EffectiveInputs inputs, Value angle, boolean stepped) {
    Value nut = nutRoom(inputs);
    return new HeadLine(
        angle,
        inputs.get(Decisions.HEAD_LENGTH),
        inputs.get(Decisions.HEAD_THICKNESS),
        nut,
        inputs.get(NeckDecisions.HEAD_STEP),
        stepped,
        -nut.value());
  }

  /**
   * From the nut line to the break: the nut, its lean, what lies before a zero fret, and the lip of
   * the fretboard before a nut in a slot, which would hang over a face that fell away under it.
   */
  private static Value nutRoom(EffectiveInputs inputs) {
    Value nut = inputs.get(Decisions.NUT_THICKNESS);
    Optional<Value> before =
        switch (inputs.get(FretboardDecisions.NUT_KIND)) {
          case ZERO_FRET -> Optional.of(inputs.get(FretboardDecisions.NUT_GAP));
          case SLOT -> Optional.of(inputs.get(FretboardDecisions.NUT_LIP));
          case END, SHELF, LOCKING -> Optional.empty();
        };
    double gap = before.map(Value::value).orElse(0.0);
    // The break is square: a leaning nut stands before it with its furthest corner.
    double lean =
        Math.abs(MultiscaleLayout.of(inputs).slant(0))
            * inputs.get(Decisions.NUT_WIDTH).value()
            / 2;
    return gap + lean == 0
        ? nut
        : SearchedValue.of(
            NeckKeys.NUT_ROOM,
            nut.value() + gap + lean,
            Text.of("found from the nut, its lean and what comes before it"),
            MultiscaleLayout.of(inputs)
                .provenance()
                .with(nut)
                .and(before.map(Provenance::of).orElse(Provenance.NONE)));
  }

  public boolean flat() {
    return stepped || angle.value() < FLAT;
  }

  /** The angle at which the face falls away; nothing on a stepped head. */
  public Value lean() {
    return stepped
        ? TableValue.of(Decisions.HEAD_ANGLE.key(), 0, Text.of("the headstock is flat"))
        : angle;
  }

  /** How much lower the face begins; nothing unless it is stepped. */
  public Value fall() {
    return stepped
        ? step
        : TableValue.of(NeckDecisions.HEAD_STEP.key(), 0, Text.of("the headstock isn't stepped"));
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
