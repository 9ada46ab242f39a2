package roughcut.rout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.measure.Provenance;

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

  private final CutBuilder builder;
  private final Pickup.Under under;
  private final Controls controls;
  private final EdgeBores edge;
  private final Wires wires;
  private final PlainBores plain;
  private final List<Pickup> pickups = new ArrayList<>();

  FittingCuts(CutBuilder builder, Pickup.Under under) {
    this.builder = builder;
    this.under = under;
    this.controls = new Controls(builder);
    this.edge = new EdgeBores(builder);
    this.wires = new Wires(builder);
    this.plain = new PlainBores(builder);
  }

  void all() {
    for (Pass pass : Pass.values()) {
      for (Fitting fitting : builder.inputs.design().fittings()) {
        if (Pass.of(fitting.type()) == pass) {
          cut(fitting);
        }
      }
    }
  }

  private void cut(Fitting fitting) {
    Function<Fitting, Optional<Pickup>> cut =
        switch (fitting.type()) {
          case PICKUP -> f -> Optional.of(Pickup.of(builder, f, under));
          case CAVITY -> only(controls::cavity);
          case CONTROL -> only(controls::control);
          case JACK -> only(edge::jack);
          case STRAP -> only(edge::strap);
          case CHANNEL -> only(wires::channel);
          case BORE -> only(plain::bore);
          case RELIEF -> only(plain::relief);
          case PLATE -> only(plain::plate);
        };
    builder
        .making(
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
              under.frets(),
              under.strings(),
              under.heights(),
              under.neckSeating(),
              under.boardEnd());
      case CAVITY, CONTROL, JACK, STRAP, CHANNEL, BORE, RELIEF, PLATE -> List.of();
    };
  }

  /** What shapes a cut besides what it asks for itself. */
  private Provenance shapedBy(FittingType type) {
    return switch (type) {
      case PICKUP ->
          under
              .strings()
              .outer()
              .and(under.heights().provenance(), under.neckSeating().provenance())
              .with(under.frets().scale(), under.boardEnd());
      case CAVITY, CONTROL -> builder.surface.heights();
      case JACK, STRAP -> builder.surface.provenance();
      case CHANNEL, BORE, RELIEF -> Provenance.NONE;
      case PLATE -> builder.everything();
    };
  }

  List<Pickup> pickups() {
    return pickups;
  }

  /** Covers of the cavities, once everything is there that their screws have to be clear of. */
  List<CavityCover> covers() {
    return controls.covers();
  }
}
