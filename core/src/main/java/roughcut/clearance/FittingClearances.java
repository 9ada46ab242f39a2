package roughcut.clearance;

import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.design.StringDecisions;
import roughcut.geometry.Box;
import roughcut.geometry.ClosestApproach;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.record.EffectiveInputs;
import roughcut.rout.BodyCuts;
import roughcut.rout.Cut;
import roughcut.rout.HardwareSolid;
import roughcut.rout.Pickup;

/** What remains round single fittings: rings that hide, threads, room, walls; and between parts. */
final class FittingClearances {

  /**
   * What is told of every fitting of a type.
   *
   * @param key last part of the value's id
   * @param kind of limits that the maker can change
   * @param template what it is, with a hole for the fitting's own words
   * @param changes last part of the decision that would change it
   */
  private record Own(String key, ClearanceKind kind, String template, String changes) {
    Text of(Fitting fitting) {
      return Text.of(template, fitting.words());
    }
  }

  private static List<Own> own(FittingType type) {
    return switch (type) {
      case JACK ->
          List.of(
              new Own("walls", ClearanceKind.JACK, "{fitting} to a face", "depth"),
              new Own(
                  "cover", ClearanceKind.HIDDEN, "{fitting} plate over its hole", "plate-width"));
      case CONTROL ->
          List.of(
              new Own("bushing-spare", ClearanceKind.FITS, "{fitting} thread", "recess"),
              new Own("room", ClearanceKind.FITS, "room behind {fitting}", "height"),
              new Own("top-left", ClearanceKind.CONTROL_TOP, "top left at {fitting}", "recess"));
      case CAVITY ->
          List.of(
              new Own(
                  "screw-wall",
                  ClearanceKind.BORE,
                  "cover screws to the wall of {fitting}",
                  "lug"));
      case PICKUP, PLATE, CHANNEL, STRAP, RELIEF, BORE -> List.of();
    };
  }

  private final ClearanceCollector clearances;
  private final EffectiveInputs inputs;
  private final ValueRegistry registry;
  private final BodyCuts body;
  private final CurrentBody now;
  private final Memo memo;

  FittingClearances(
      ClearanceCollector clearances,
      EffectiveInputs inputs,
      ValueRegistry registry,
      BodyCuts body,
      CurrentBody now,
      Memo memo) {
    this.memo = memo;
    this.clearances = clearances;
    this.inputs = inputs;
    this.registry = registry;
    this.body = body;
    this.now = now;
  }

  void find() {
    fittings();
    hardware();
  }

  private Value value(String id) {
    return registry.values().get(id);
  }

  /** What belongs to single fittings: the jack's walls, rings that hide, bushings, room behind. */
  private void fittings() {
    for (Pickup pickup : body.pickups()) {
      pickup
          .hidden()
          .ifPresent(
              h ->
                  clearances.tell(
                      ClearanceKind.HIDDEN,
                      Text.of("{fitting} ring over its rout", pickup.fitting().words()),
                      h,
                      pickup.centre().x(),
                      pickup.centre().y(),
                      List.of(
                          pickup.fitting().id("clearance"), pickup.fitting().id("ring-length"))));
    }
    for (Fitting fitting : inputs.design().fittings()) {
      own(fitting.type()).forEach(o -> fitting(fitting, o));
    }
  }

  private void fitting(Fitting fitting, Own own) {
    Value left = value(fitting.id(own.key));
    if (left == null && own.key.equals("walls")) {
      left = value("jack.walls");
    }
    Cut cut = body.cutOf(fitting).orElse(null);
    if (left == null || cut == null || own.key.equals("top-left") && level(fitting)) {
      return;
    }
    Point at = cut.shapes().get(0).centre();
    List<String> by = new ArrayList<>(List.of(fitting.id(own.changes)));
    inputs.design().cavitiesOf(fitting).stream().findFirst().ifPresent(f -> by.add(f.id("left")));
    by.add(BodyDecisions.BODY_THICKNESS.id());
    clearances.tell(
        own.kind, own.kind.limit(), own.of(fitting), left, now.told(left), at.x(), at.y(), by);
  }

  /**
   * Whether all of the top over its cavity is there at a control: the cavity's own spot tells it.
   */
  private boolean level(Fitting control) {
    return body.levelTops().contains(control.name());
  }

  /** Hardware against hardware, like routs. */
  private void hardware() {
    List<HardwareSolid> parts = body.parts();
    for (int i = 0; i < parts.size(); i++) {
      for (int j = i + 1; j < parts.size(); j++) {
        HardwareSolid a = parts.get(i);
        HardwareSolid b = parts.get(j);
        if (a.of().equals(b.of()) || covers(a, b) || covers(b, a)) {
          continue;
        }
        if (a.solid().box().distance(b.solid().box())
            >= clearances.within(ClearanceKind.HARDWARE)) {
          continue;
        }
        ClosestApproach closest =
            memo.block(
                "hardware " + a.id() + " and " + b.id(),
                List.of(a, b),
                () -> ClosestApproach.of(a.solid(), b.solid()));
        Value left =
            registry.find(
                "hardware." + a.id() + "." + b.id(),
                Text.of("Between {a} and {b}", a.words(), b.words()),
                LENGTH,
                closest.distance() > 0 ? closest.distance() : -inEachOther(a, b),
                Text.of("least distance between them; below 0 by how deep they overlap"),
                body.provenance(a).and(body.provenance(b)));
        clearances.tell(
            ClearanceKind.HARDWARE,
            Text.of("{a} to {b}", a.words(), b.words()),
            left,
            closest.a().x(),
            closest.a().y(),
            changes(a, b));
      }
    }
  }

  /** The shortest way that would make two that meet clear of each other: aside, or in depth. */
  private static double inEachOther(HardwareSolid a, HardwareSolid b) {
    Box one = a.solid().box();
    Box two = b.solid().box();
    double deep = Math.min(one.z1() - two.z0(), two.z1() - one.z0());
    return Math.max(0, Math.min(deep, Shapes.overlap(a.outline(), b.outline())));
  }

  /** A plate carries knobs and rings, and hides pots: of those it needn't keep clear. */
  private boolean covers(HardwareSolid plate, HardwareSolid other) {
    boolean laid =
        type(plate)
            .map(
                t ->
                    switch (t) {
                      case PLATE -> true;
                      case PICKUP, CONTROL, JACK, CAVITY, CHANNEL, STRAP, RELIEF, BORE -> false;
                    })
            .orElse(false);
    return laid
        && type(other)
            .map(
                t ->
                    switch (t) {
                      case CONTROL, PICKUP -> true;
                      case PLATE, JACK, CAVITY, CHANNEL, STRAP, RELIEF, BORE -> false;
                    })
            .orElse(false);
  }

  /** Of what the part is; empty for bridge and fretboard. */
  private Optional<FittingType> type(HardwareSolid part) {
    return inputs.design().fitting(part.of()).map(Fitting::type);
  }

  private List<String> changes(HardwareSolid a, HardwareSolid b) {
    List<String> ids = new ArrayList<>();
    for (HardwareSolid part : List.of(a, b)) {
      inputs
          .design()
          .fitting(part.of())
          .ifPresentOrElse(
              f ->
                  ids.add(
                      f.id(
                          switch (f.type()) {
                            case PICKUP -> "from-saddle";
                            case JACK -> "round";
                            case PLATE -> "overlap";
                            case CONTROL, CAVITY, CHANNEL, STRAP, RELIEF, BORE -> "x";
                          })),
              () ->
                  ids.add(
                      part.of().equals("bridge-plate")
                          ? StringDecisions.BRIDGE_PLACE.id()
                          : Decisions.FRETBOARD_PAST_LAST.id()));
    }
    return ids;
  }
}
