package roughcut.thin;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.record.Givens;
import roughcut.rout.BodyCuts;
import roughcut.shop.BridgeBook;
import roughcut.shop.BridgeKind;
import roughcut.shop.Limit;
import roughcut.shop.Shop;
import roughcut.strings.NeckProof;

/**
 * What the seated neck leaves to do where its saddle wouldn't stand as wanted, each with its cost
 * and held against the pocket floor's limits: the angle first, then the height (handbook page 2,
 * "Made and proved").
 */
public final class ProofWays {
  private ProofWays() {}

  /** One way: what to do in the maker's units, and how it leaves the pocket's floor. */
  public record Way(String words, ThinSpot.State state) {}

  /** The ways, the likeliest first; none where the saddle stands as wanted. */
  public static List<Way> of(
      NeckProof proof, Givens givens, Shop shop, BodyCuts body, Units units) {
    List<Way> ways = new ArrayList<>();
    if (proof.fits()) {
      return ways;
    }
    Limit limit =
        shop.limit(PocketThinSpots.floorKind(body).id(), PocketThinSpots.floorLimit(givens, body));
    boolean back = proof.tilt().value() > 0;
    String by = text(Math.abs(proof.tilt().value()), FINE_LENGTH, units);
    String edge = back ? "body's edge" : "heel's end";
    String other = back ? "heel's end" : "body's edge";
    String lean = "neck then leans back " + text(proof.wanted().value(), ANGLE, units);
    if (body.pocket().isPresent()) {
      ways.add(
          floored(
              "tilt the pocket's floor " + by + " deeper at the " + edge + "; the " + lean,
              proof.tiltedFloor(),
              limit,
              units));
      ways.add(
          clear("or plane the heel " + by + " off at the " + edge + ", nothing at the " + other));
      ways.add(clear("or a full-face wedge, " + by + " at the " + other));
    }
    double deepen = proof.deepen().value();
    String size = text(Math.abs(deepen), FINE_LENGTH, units);
    if (deepen > 0) {
      if (body.pocket().isPresent()) {
        ways.add(floored("or deepen the pocket by " + size, proof.floor(), limit, units));
      }
      ways.add(clear("or a fretboard " + size + " thinner, before it is slotted"));
    } else {
      ways.add(clear("or shim the whole floor by " + size));
    }
    for (BridgeKind bridge : BridgeBook.all()) {
      if (proof.saddle().value() >= bridge.heightLeast()
          && proof.saddle().value() <= bridge.heightMost()
          && !bridge.id().equals(chosen(givens))) {
        ways.add(
            clear(
                "or another bridge: "
                    + bridge.name()
                    + " reaches "
                    + text(proof.saddle().value(), LENGTH, units)));
        break;
      }
    }
    return ways;
  }

  private static String chosen(Givens givens) {
    return givens.get(roughcut.design.StringDecisions.BRIDGE).word();
  }

  private static Way clear(String words) {
    return new Way(words, ThinSpot.State.CLEAR);
  }

  private static Way floored(String words, Value floor, Limit limit, Units units) {
    ThinSpot.State state =
        floor.value() < limit.fail()
            ? ThinSpot.State.STOP
            : floor.value() < limit.warn() ? ThinSpot.State.LOOK : ThinSpot.State.CLEAR;
    String judged =
        switch (state) {
          case STOP -> ": under " + text(limit.fail(), LENGTH, units) + ", don't";
          case LOOK -> ": under " + text(limit.warn(), LENGTH, units) + ", look";
          case CLEAR -> "";
        };
    return new Way(words + "; floor left " + floor.text(units) + judged, state);
  }

  private static String text(double value, Quantity quantity, Units units) {
    return NumberWriter.text(value, quantity, units);
  }
}
