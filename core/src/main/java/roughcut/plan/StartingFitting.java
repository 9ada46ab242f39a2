package roughcut.plan;

import java.util.List;
import java.util.Optional;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingType;
import roughcut.geometry.Bounds;
import roughcut.rout.Cut;
import roughcut.rout.CutKind;
import roughcut.shop.FittingBook;

/** Where a new fitting begins: on the body, and belonging to what is there for it. */
public final class StartingFitting {
  /** Share of the body's length at which things begin: behind the bridge, where it is wide. */
  private static final double BEHIND = 0.75;

  private StartingFitting() {}

  /** What new fittings of a type are called, before their number. */
  public static String stem(FittingType type) {
    return switch (type) {
      case STRAP -> "button";
      case RELIEF -> "lightening";
      case PICKUP, CONTROL, JACK, CAVITY, PLATE, CHANNEL, BORE -> type.word();
    };
  }

  /** The design with a new fitting of that type and name. */
  public static Design added(Plan plan, Design design, FittingType type, String name) {
    Fitting fitting =
        new Fitting(type, name, FittingBook.of(type.word()).get(0).id(), with(plan, type), "");
    Design next = design.addFitting(fitting);
    Bounds body = plan.body().outline().bounds();
    double x = body.left() + BEHIND * body.width();
    double y = body.high() / 2;
    return switch (type) {
      case CONTROL, BORE, RELIEF, CAVITY ->
          FittingDecisions.number(fitting, "y")
              .with(FittingDecisions.number(fitting, "x").with(next, Math.rint(x)), Math.rint(y));
      case PICKUP, JACK, PLATE, CHANNEL, STRAP -> next;
    };
  }

  private static List<String> with(Plan plan, FittingType type) {
    Optional<String> cavity =
        plan.cuts().cuts().stream()
            .filter(c -> c.kind() == CutKind.CAVITY)
            .map(Cut::name)
            .findFirst();
    Optional<String> pickup =
        plan.cuts().cuts().stream()
            .filter(c -> c.kind() == CutKind.PICKUP)
            .map(Cut::name)
            .findFirst();
    return switch (type) {
      case JACK, PLATE -> cavity.map(List::of).orElse(List.of());
      case CHANNEL ->
          pickup.isPresent() && cavity.isPresent()
              ? List.of(pickup.get(), cavity.get())
              : List.of();
      case PICKUP, CONTROL, CAVITY, STRAP, RELIEF, BORE -> List.of();
    };
  }
}
