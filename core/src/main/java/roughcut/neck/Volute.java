package roughcut.neck;

import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.design.NeckDecisions;
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
 * @param riser block that keeps the centre line level while the neck stands on its side: on the
 *     table lie the head at its widest and the heel's end, and the narrower one is raised. Both
 *     sides of this head are alike, so that it serves for each turn
 * @param underHead whether it stands under the head rather than under the heel's end
 * @param turns in which the drum reaches the whole of the head
 */
public record Volute(Worked tangent, Worked apex, Worked riser, boolean underHead, Worked turns) {
  /** Turned over, a head is reached from its two sides and no more. */
  private static final int SIDES = 2;

  /** How the head is thinned at the drum, in words. */
  public String thinning() {
    if (turns.value() > SIDES) {
      return "wider than twice the drum: its middle isn't reached; plane it or rout it on a jig";
    }
    String under =
        riser.value() < 0.05
            ? ""
            : underHead ? ", riser under the head" : ", riser under the heel's end";
    return turns.value() > 1
        ? "wider than the drum: two turns, with care: the feed reverses" + under
        : "one turn at the drum" + under;
  }

  public static Volute of(Givens givens, HeadLine head, FretboardTaper taper, Ledger ledger) {
    Given radius = givens.get(Decisions.DRUM_RADIUS);
    Given heelEnd = givens.get(Decisions.HEEL_END);
    Given atHeel =
        Given.decided(
            "neck.width-at-heel", "Neck at the heel's end", taper.width(heelEnd.value()), LENGTH);
    Given wide = givens.get(Decisions.HEAD_WIDTH);
    Given drum = givens.get(NeckDecisions.DRUM_HEIGHT);
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
            wide.value() < atHeel.value()
                ? "Riser under the head's widest place at the drum"
                : "Riser under the heel's end at the drum",
            LENGTH,
            Math.abs(wide.value() - atHeel.value()) / 2,
            "abs(w_h − w_heel) / 2",
            in("w_h", wide),
            in("w_heel", atHeel)),
        wide.value() < atHeel.value(),
        ledger.put(
            "drum.turns",
            "Turns at the drum",
            COUNT,
            Math.max(1, Math.ceil(wide.value() / drum.value())),
            "max(1, ceil(w_h / h))",
            in("w_h", wide),
            in("h", drum)));
  }
}
