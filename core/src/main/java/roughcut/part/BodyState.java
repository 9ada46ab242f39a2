package roughcut.part;

import static roughcut.measure.ComputedValue.in;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.design.RoutDecisions;
import roughcut.measure.ComputedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.DoneOperation;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurables;

/**
 * The body at a stage: how much is still to come off its faces and its edge, and what of its shape
 * is still to be cut. A body of which nothing was done or read is told as it will be when finished.
 *
 * @param off the face that the last stock comes off
 * @param stock still to come off it, mm
 * @param outside how far the edge still stands outside its line, mm
 * @param toCome what of its shape isn't there yet
 */
public record BodyState(BodyFace off, Value stock, Value outside, Set<BodyWork> toCome) {
  private static final Value NOTHING =
      TableValue.of(PartKeys.BODY_NOTHING_LEFT, 0, Text.of("finished"));

  public BodyState {
    toCome =
        Collections.unmodifiableSet(
            toCome.isEmpty() ? EnumSet.noneOf(BodyWork.class) : EnumSet.copyOf(toCome));
  }

  /** As it will be. */
  public static BodyState finished() {
    return new BodyState(BodyFace.BACK, NOTHING, NOTHING, EnumSet.noneOf(BodyWork.class));
  }

  /**
   * As it is now, by what was done and what was read: T_now − t on the face that it comes off
   * (handbook page 8). What was done needs no reading any more.
   */
  public static BodyState now(EffectiveInputs inputs) {
    Set<BodyWork> toCome = EnumSet.noneOf(BodyWork.class);
    for (BodyWork work : BodyWork.values()) {
      if (!inputs.done(work.operation())) {
        toCome.add(work);
      }
    }
    Value thickness = inputs.get(BodyDecisions.BODY_THICKNESS);
    Optional<Value> thick =
        inputs
            .read(Measurables.BODY_THICKNESS, thickness)
            .filter(v -> toCome.contains(BodyWork.THICKNESS));
    Optional<Value> outside =
        inputs
            .read(Measurables.BODY_OUTSIDE, NOTHING)
            .filter(v -> toCome.contains(BodyWork.OUTLINE));
    boolean begun =
        toCome.size() < BodyWork.values().length
            || inputs.anyDone(DoneOperation.cut(""))
            || thick.isPresent()
            || outside.isPresent();
    if (!begun) {
      return finished();
    }
    Value stock =
        thick
            .<Value>map(
                t ->
                    ComputedValue.of(
                        PartKeys.BODY_STOCK_NOW, "max(0, T − t)", in("T", t), in("t", thickness)))
            .orElse(NOTHING);
    return new BodyState(
        inputs.get(RoutDecisions.STOCK_FROM), stock, outside.orElse(NOTHING), toCome);
  }

  /** Whether nothing is to come off it any more, as far as is known. */
  public boolean isFinished() {
    return complete() && stock.value() == 0 && outside.value() == 0;
  }

  /** Whether some of its shape is still to be cut. */
  public boolean toCome(BodyWork work) {
    return toCome.contains(work);
  }

  /** Whether everything that gives it its shape was done. */
  public boolean complete() {
    return toCome.isEmpty();
  }

  /** Whether stock is still to come off a face. */
  public boolean thickOn(BodyFace face) {
    return face == off && stock.value() > 0;
  }

  /** What is still to come off a face, mm. */
  public double on(BodyFace face) {
    return thickOn(face) ? stock.value() : 0;
  }

  /** The same with where it comes from. */
  public Value over(BodyFace face) {
    return thickOn(face) ? stock : NOTHING;
  }

  /** Id of what a value is now, beside what it will be. */
  public static String now(String id) {
    return id + ".now";
  }
}
