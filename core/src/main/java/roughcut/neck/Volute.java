package roughcut.neck;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;

/**
 * The curve that the sanding drum leaves behind the nut, and what the drum asks for (handbook page
 * 4, "Side profile" and "Head").
 *
 * @param tangent from the corner to where the curve meets head and neck
 * @param apex of the volute, from the nut line
 * @param riser block under the nut's end that keeps a tapered neck's centre line level on the fence
 */
public record Volute(Worked tangent, Worked apex, Worked riser) {

  public static Volute of(Givens givens, HeadLine head, FretboardTaper taper, Ledger ledger) {
    Given radius = givens.get(Decisions.DRUM_RADIUS);
    Given heelEnd = givens.get(Decisions.HEEL_END);
    Given atHeel =
        Given.decided(
            "neck.width-at-heel", "Neck at the heel's end", taper.width(heelEnd.value()), LENGTH);
    return new Volute(
        ledger.put(
            "volute.tangent",
            "Tangent of the volute's curve",
            LENGTH,
            radius.value() * Math.tan(head.theta() / 2),
            head.stepped() ? "0 · R" : "R · tan(θ / 2)",
            in("R", radius),
            in("θ", head.angle())),
        ledger.put(
            "volute.apex",
            "Volute's apex, from the nut line towards the head",
            LENGTH,
            head.nutThickness().value() / 2,
            "nut / 2",
            in("nut", head.nutThickness())),
        ledger.put(
            "drum.riser",
            "Riser under the nut's end at the drum",
            LENGTH,
            Math.max(0, (atHeel.value() - taper.nutWidth().value()) / 2),
            "max(0, (w_heel − w_nut) / 2)",
            in("w_heel", atHeel),
            in("w_nut", taper.nutWidth())));
  }
}
