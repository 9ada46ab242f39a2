package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.layout.FretboardTaper;
import roughcut.measure.ComputedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * The curve that the sanding drum leaves behind the nut, and what the drum asks for (handbook page
 * 4, "Side profile" and "Head").
 *
 * @param tangent from the corner to where the curve meets head and neck
 * @param apex of the volute, from the nut line
 * @param riser block that keeps the centre line level while the neck stands on its side: on the
 *     table lie the head at its widest and the heel's end, and the narrower one is raised. Both
 *     sides of this head are alike, so that it serves for each turn
 * @param underHead whether it stands under the head rather than under the heel's end
 * @param turns in which the drum reaches the whole of the head
 */
public record Volute(Value tangent, Value apex, Value riser, boolean underHead, Value turns) {
  /** Turned over, a head is reached from its two sides and no more. */
  private static final int SIDES = 2;

  /** How the head is thinned at the drum, in words. */
  public Text thinning() {
    if (turns.value() > SIDES) {
      return Text.of(
          "wider than twice the drum, so the middle isn't reached: plane it, or rout it "
              + "on a jig");
    }
    Text under =
        riser.value() < 0.05
            ? Text.NONE
            : underHead ? Text.of("shim under the headstock") : Text.of("shim under the heel end");
    Text sanded =
        turns.value() > 1
            ? Text.of(
                "wider than the drum: sand it in two turns, with care, because the feed reverses")
            : Text.of("one turn at the drum");
    return Text.joined(List.of(sanded, under), ", ");
  }

  public static Volute of(
      EffectiveInputs inputs, HeadLine head, FretboardTaper taper, ValueRegistry registry) {
    Value radius = inputs.get(Decisions.DRUM_RADIUS);
    Value heelEnd = inputs.get(Decisions.HEEL_END);
    Value atHeel =
        ComputedValue.of(
            NeckKeys.NECK_WIDTH_AT_HEEL,
            "w_nut + (w_2 − w_nut) · x / x_2",
            in("w_nut", taper.nutWidth()),
            in("w_2", taper.secondWidth()),
            in("x", heelEnd),
            in("x_2", taper.secondAt()));
    Value wide = inputs.get(Decisions.HEAD_WIDTH);
    Value drum = inputs.get(NeckDecisions.DRUM_HEIGHT);
    return new Volute(
        registry.put(
            NeckKeys.VOLUTE_TANGENT,
            head.stepped() ? "0 · R" : "R · tan(θ / 2)",
            in("R", radius),
            in("θ", head.angle())),
        registry.put(NeckKeys.VOLUTE_APEX, "nut / 2", in("nut", head.nutThickness())),
        registry.put(
            NeckKeys.DRUM_RISER.id(),
            wide.value() < atHeel.value()
                ? Text.of("Shim under the widest place of the headstock at the drum")
                : Text.of("Shim under the heel end at the drum"),
            LENGTH,
            "abs(w_h − w_heel) / 2",
            in("w_h", wide),
            in("w_heel", atHeel)),
        wide.value() < atHeel.value(),
        registry.put(NeckKeys.DRUM_TURNS, "max(1, ceil(w_h / h))", in("w_h", wide), in("h", drum)));
  }
}
