package roughcut.rout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
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
    Function<Fitting, Optional<Pickup>> cut =
        switch (fitting.type()) {
          case PICKUP -> f -> Optional.of(Pickup.of(slab, f, under));
          case CAVITY -> only(controls::cavity);
          case CONTROL -> only(controls::control);
          case JACK -> only(edge::jack);
          case STRAP -> only(edge::strap);
          case CHANNEL -> only(wires::channel);
          case BORE -> only(plain::bore);
          case RELIEF -> only(plain::relief);
          case PLATE -> only(plain::plate);
        };
    slab.making(
            "fitting " + fitting.name(),
            from(fitting.type()),
            () -> shapedBy(fitting.type()),
            () -> cut.apply(fitting))
        .ifPresent(pickups::add);
  }

  /** Of a fitting that makes cuts and nothing else. */
  private static Function<Fitting, Optional<Pickup>> only(Consumer<Fitting> cut) {
    return fitting -> {
      cut.accept(fitting);
      return Optional.empty();
    };
  }

  /** What a cut is made of besides the body and the maker's decisions. */
  private List<Object> from(FittingType type) {
    return switch (type) {
      case PICKUP ->
          List.of(
              under.frets(), under.strings(), under.heights(), under.seated(), under.boardEnd());
      case CAVITY, CONTROL, JACK, STRAP, CHANNEL, BORE, RELIEF, PLATE -> List.of();
    };
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

  List<Pickup> pickups() {
    return pickups;
  }

  /** Covers of the cavities, once everything is there that their screws have to be clear of. */
  List<Cover> covers() {
    return controls.covers();
  }
}
