package roughcut.rout;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.measure.Basis;

/** What is fitted into the body, each cut in by its type's own class. */
final class FittingCuts {
  /** Later ones look at what the earlier have made: a wire leads from one cut to another. */
  private enum Pass {
    PICKUPS,
    CAVITIES,
    CONTROLS,
    EDGE,
    WIRES,
    PLAIN;

    static Pass of(FittingType type) {
      return switch (type) {
        case PICKUP -> PICKUPS;
        case CAVITY -> CAVITIES;
        case CONTROL -> CONTROLS;
        case JACK, STRAP -> EDGE;
        case CHANNEL -> WIRES;
        case BORE, RELIEF, PLATE -> PLAIN;
      };
    }
  }

  private final Cutting slab;
  private final Pickup.Under under;
  private final Controls controls;
  private final EdgeBores edge;
  private final Wires wires;
  private final PlainBores plain;
  private final List<Pickup> pickups = new ArrayList<>();

  FittingCuts(Cutting slab, Pickup.Under under) {
    this.slab = slab;
    this.under = under;
    this.controls = new Controls(slab);
    this.edge = new EdgeBores(slab);
    this.wires = new Wires(slab);
    this.plain = new PlainBores(slab);
  }

  void all() {
    for (Pass pass : Pass.values()) {
      for (Fitting fitting : slab.givens.design().fittings()) {
        if (Pass.of(fitting.type()) == pass) {
          cut(fitting);
        }
      }
    }
  }

  private void cut(Fitting fitting) {
    Consumer<Fitting> cut =
        switch (fitting.type()) {
          case PICKUP -> this::pickup;
          case CAVITY -> controls::cavity;
          case CONTROL -> controls::control;
          case JACK -> edge::jack;
          case STRAP -> edge::strap;
          case CHANNEL -> wires::channel;
          case BORE -> plain::bore;
          case RELIEF -> plain::relief;
          case PLATE -> plain::plate;
        };
    slab.making(shapedBy(fitting.type()), () -> cut.accept(fitting));
  }

  /** What shapes a cut besides what it asks for itself. */
  private Basis shapedBy(FittingType type) {
    return switch (type) {
      case PICKUP ->
          under
              .strings()
              .outer()
              .and(under.heights().basis(), under.seated().basis())
              .with(under.frets().scale(), under.boardEnd());
      case CAVITY, CONTROL -> slab.surface.heights();
      case JACK, STRAP -> slab.surface.basis();
      case CHANNEL, BORE, RELIEF -> Basis.NONE;
      case PLATE -> slab.everything();
    };
  }

  private void pickup(Fitting fitting) {
    pickups.add(Pickup.of(slab, fitting, under));
  }

  List<Pickup> pickups() {
    return pickups;
  }

  /** Covers of the cavities, once everything is there that their screws have to be clear of. */
  List<Cover> covers() {
    return controls.covers();
  }
}
