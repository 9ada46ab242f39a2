package roughcut.thin;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.design.BodyFace;
import roughcut.design.RoutDecisions;
import roughcut.design.SurfacesStage;
import roughcut.geometry.Box;
import roughcut.measure.Value;
import roughcut.record.Givens;
import roughcut.rout.BodyCuts;
import roughcut.rout.Cut;

/**
 * What is left of the body's spots at the stage that it has reached: more, as long as it is too
 * thick, not yet sawn to its line, or its edges and contours are still to come (handbook page 8, "A
 * part is a history").
 */
final class BodyNow {
  private static final Pattern OF_A_ROUT = Pattern.compile("rout\\.(.+)\\.([a-z]+)");

  private final BodyCuts body;
  private final double stock;
  private final BodyFace off;
  private final double outside;
  private final boolean rough;

  BodyNow(Givens givens, BodyCuts body) {
    this.body = body;
    this.stock = givens.get(RoutDecisions.STOCK_LEFT).value();
    this.off = givens.get(RoutDecisions.STOCK_FROM);
    this.outside = givens.get(RoutDecisions.OUTLINE_LEFT).value();
    this.rough = givens.get(RoutDecisions.SURFACES_STAGE) == SurfacesStage.TO_COME;
  }

  /** The spot with what is left there now. */
  ThinSpot of(ThinSpot spot) {
    if (!spot.inBody() || stock == 0 && outside == 0 && !rough) {
      return spot;
    }
    String id = spot.left().id();
    double left = spot.left().value();
    if (id.equals("pocket.floor")) {
      return floor(spot, "pocket");
    }
    if (id.equals("jack.walls") || id.matches("jack\\..*\\.walls")) {
      return spot.withNow(walls(spot.left()));
    }
    if (id.startsWith("control.") && id.endsWith(".top-left")) {
      return spot.withNow(left + (rough ? input(spot.left(), "c") : 0) + on(BodyFace.TOP));
    }
    Matcher rout = OF_A_ROUT.matcher(id);
    if (!rout.matches()) {
      return spot;
    }
    String name = rout.group(1);
    return switch (rout.group(2)) {
      case "floor" -> floor(spot, name);
      case "edge" -> spot.withNow(left + outside);
      case "binding" -> spot.withNow(left + outside + (rough ? input(spot.left(), "b") : 0));
      case "surface" -> rough ? surface(spot, name) : spot;
      case "faces" -> cut(name).map(c -> spot.withNow(nearerFace(c))).orElse(spot);
      default -> spot;
    };
  }

  private Optional<Cut> cut(String name) {
    return body.cut(name);
  }

  private static double input(Value worked, String symbol) {
    return worked.inputs().stream()
        .filter(i -> i.symbol().equals(symbol))
        .mapToDouble(i -> i.value().value())
        .findFirst()
        .orElse(0);
  }

  private double on(BodyFace face) {
    return face == off ? stock : 0;
  }

  /** A floor has more beyond it when the rest comes off the other face. */
  private ThinSpot floor(ThinSpot spot, String name) {
    return cut(name)
        .filter(c -> !c.from().opens(off))
        .map(c -> spot.withNow(spot.left().value() + stock))
        .orElse(spot);
  }

  /** To the flat face that will be carved, contoured or rounded; a bore between faces has two. */
  private ThinSpot surface(ThinSpot spot, String name) {
    return cut(name)
        .map(
            c -> {
              double plain =
                  c.from().opens(BodyFace.TOP)
                      ? down(c.box()) + on(BodyFace.BACK)
                      : c.from().opens(BodyFace.BACK)
                          ? up(c.box()) + on(BodyFace.TOP)
                          : nearerFace(c);
              return spot.withNow(Math.max(spot.left().value(), plain));
            })
        .orElse(spot);
  }

  private double nearerFace(Cut cut) {
    return Math.min(up(cut.box()) + on(BodyFace.TOP), down(cut.box()) + on(BodyFace.BACK));
  }

  private double up(Box box) {
    return box.z0() - body.surface().topPlane(box.x0());
  }

  private double down(Box box) {
    return body.surface().thickness() - box.z1();
  }

  private double walls(Value left) {
    double z = input(left, "z");
    double top = rough ? Math.min(0, input(left, "c")) : input(left, "c");
    double back = rough ? body.surface().thickness() : input(left, "t");
    return Math.min(z - top + on(BodyFace.TOP), back - z + on(BodyFace.BACK))
        - input(left, "b") / 2;
  }
}
