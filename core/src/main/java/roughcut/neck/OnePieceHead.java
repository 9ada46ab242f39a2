package roughcut.neck;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import roughcut.geometry.Outline;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;

/**
 * The head sawn from the same deep blank as the shaft: what depth that wants, and how far the grain
 * runs through the head before it comes out. The strength of such a head rests on that length
 * (handbook page 4).
 *
 * @param depth of the blank for the head alone; shaft or heel may want more
 * @param length of that blank, from the tip to the heel's end
 * @param grain length of unbroken grain through the head; null on a flat head, where it runs all
 *     the way
 * @param shape the head in the elevation
 */
public record OnePieceHead(Worked depth, Worked length, Worked grain, Outline shape) {

  public static OnePieceHead of(HeadLine head, Given heelEnd, Ledger ledger) {
    double length = head.length().value();
    double thickness = head.thickness().value();
    Outline shape =
        Outline.of(
            head.at(0, 0), head.at(0, thickness), head.at(length, thickness), head.at(length, 0));
    Worked depth =
        ledger.put(
            "head.one-piece-depth",
            "Blank depth for a head in one piece",
            LENGTH,
            -shape.bounds().low(),
            "ℓ_h · sin(θ) + t_h · cos(θ)",
            in("ℓ_h", head.length()),
            in("θ", head.angle()),
            in("t_h", head.thickness()));
    Worked whole =
        ledger.put(
            "head.one-piece-length",
            "Blank length for a neck in one piece",
            LENGTH,
            heelEnd.value() - head.at(length, 0).x(),
            "x_heel + nut + ℓ_h · cos(θ)",
            in("x_heel", heelEnd),
            in("nut", head.nutThickness()),
            in("ℓ_h", head.length()),
            in("θ", head.angle()));
    Worked grain =
        head.flat()
            ? null
            : ledger.put(
                "head.grain-through",
                "Grain through a head in one piece",
                LENGTH,
                thickness / Math.sin(head.theta()),
                "t_h / sin(θ)",
                in("t_h", head.thickness()),
                in("θ", head.angle()));
    return new OnePieceHead(depth, whole, grain, shape);
  }
}
