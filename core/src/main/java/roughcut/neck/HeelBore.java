package roughcut.neck;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.List;
import java.util.Optional;
import roughcut.design.Givens;
import roughcut.design.NeckDecisions;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;
import roughcut.strings.Heights;

/**
 * A rod worked from the heel's end: a guided bore along the rod's axis from there, and a well from
 * the top at the adjuster (handbook page 4). The key comes past the body: over its top, or not
 * while the neck is in.
 */
final class HeelBore {
  private static final int SAMPLES = 48;

  private HeelBore() {}

  static RodAccess of(
      Givens givens, NeckShape neck, RodChannel rod, Heights heights, Ledger ledger) {
    Given bore = givens.get(NeckDecisions.ACCESS_BORE);
    Given axis = givens.get(NeckDecisions.ROD_AXIS);
    Given well = givens.get(NeckDecisions.ACCESS_WELL);
    Given key = givens.get(NeckDecisions.KEY_SIZE);
    double r = bore.value() / 2;
    double c = axis.value();
    double from = rod.end().value() + well.value();
    double heel = neck.heelEnd().value();
    Worked length =
        ledger.put(
            "access.depth",
            "Bore from the heel's end, to the well",
            LENGTH,
            heel - from,
            "x_heel − x_e − ℓ_w",
            in("x_heel", neck.heelEnd()),
            in("x_e", rod.end()),
            in("ℓ_w", well));
    bit(length, ledger);
    ledger.put(
        "access.well-depth",
        "Well from the top, deep",
        LENGTH,
        c + r,
        "c + D / 2",
        in("c", axis),
        in("D", bore));
    Worked over =
        ledger.put(
            "access.over",
            "Wood over the heel's bore, to the glue line",
            FINE_LENGTH,
            c - r,
            "c − D / 2",
            in("c", axis),
            in("D", bore));
    Worked under = under(neck, axis, bore, rod.end().value(), ledger);
    Worked clear =
        ledger.put(
            "access.key-clearance",
            "Key stands clear in the bore by",
            FINE_LENGTH,
            r - key.value() / 2,
            "(D − k) / 2",
            in("D", bore),
            in("k", key));
    Worked passes = overBody(neck, heights, axis, ledger);
    return new RodAccess(
        "bore from the heel",
        List.of(passes),
        List.of(
            RodAccess.Left.of(
                RodAccess.Kind.OVER,
                "heel's bore to the glue line",
                over,
                from,
                "rod.axis-depth",
                "access.bore"),
            RodAccess.Left.of(
                RodAccess.Kind.BACK,
                "heel's bore to the back",
                under,
                from,
                "rod.axis-depth",
                "access.bore",
                "heel.thickness"),
            RodAccess.Left.of(
                RodAccess.Kind.KEY, "key in its bore", clear, heel, "access.bore", "access.key")),
        List.of(
            Outline.rectangle(rod.end().value(), -c - r, from, 0),
            Outline.rectangle(Math.min(from, heel), -c - r, Math.max(from, heel), -c + r)),
        List.of(new Point(rod.end().value(), -c), new Point(heel + 40, -c)),
        steps(passes, key),
        trouble(neck, length));
  }

  private static List<String> steps(Worked passes, Given key) {
    return List.of(
        "bore along the axis from the heel's end, guided square to it, before the heel is shaped",
        "rout the well from the top down to the bore",
        "lay the rod in and try the key before the fretboard covers it",
        passes.value() < key.value() / 2
            ? "the key's way lies in the body: give it a groove or the pickup's rout, or take the neck off to turn the rod"
            : "the key passes over the body with the neck in its pocket");
  }

  private static Optional<String> trouble(NeckShape neck, Worked length) {
    if (neck.through()) {
      return Optional.of(
          "a through-neck has no heel to work the rod from: work it from the head or the fretboard's end");
    }
    return length.value() < 0
        ? Optional.of("rod and well reach past the heel's end: a shorter rod or well")
        : Optional.empty();
  }

  private static Worked bit(Worked length, Ledger ledger) {
    return ledger.put(
        "access.bit-length",
        "Shortest bit, with its grip",
        LENGTH,
        length.value() + 30,
        "ℓ + 30",
        in("ℓ", length));
  }

  private static Worked under(NeckShape neck, Given axis, Given bore, double from, Ledger ledger) {
    double heel = neck.heelEnd().value();
    double depth = axis.value() + bore.value() / 2;
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i <= SAMPLES; i++) {
      double x = from + (heel - from) * i / SAMPLES;
      double wood =
          neck.carved(x) && x < neck.joint().value()
              ? neck.profile(x).distanceToRoundChannel(0, bore.value(), depth)
              : neck.back().depth(x) - depth;
      least = Math.min(least, wood);
    }
    return ledger.put(
        "access.back-least",
        "From the heel's bore to the neck's back",
        FINE_LENGTH,
        least,
        "least along bore and well from the bore to the back",
        in("c", axis),
        in("D", bore),
        in("h", neck.heelThickness()));
  }

  /** How far over the body's top the key passes the heel's end; negative in its wood. */
  private static Worked overBody(NeckShape neck, Heights heights, Given axis, Ledger ledger) {
    double rise = Math.tan(Math.toRadians(heights.angle().value()));
    double value =
        heights.exposed().value()
            + (neck.heelEnd().value() - neck.joint().value()) * rise
            - axis.value();
    return ledger.put(
        "access.key-over-body",
        "Key's axis over the body's top at the heel's end",
        LENGTH,
        value,
        "e + (x_heel − x_j) · tan(α) − c",
        in("e", heights.exposed()),
        in("x_heel", neck.heelEnd()),
        in("x_j", neck.joint()),
        in("α", Given.decided("neck.angle", "Neck angle", heights.angle().value(), ANGLE)),
        in("c", axis));
  }
}
