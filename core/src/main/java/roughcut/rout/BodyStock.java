package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import roughcut.body.BodySurface;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingTraits;
import roughcut.design.RoutDecisions;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Prism;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.part.BodyState;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Shop;
import roughcut.shop.Template;

/**
 * The body that is cut into: its sizes as they really are, and where what is worked out about it is
 * entered. What is cut is gathered by {@link CutBuilder} and then stands in {@link CutBody}.
 */
class BodyStock {
  /** Routs shallower than this aren't cut, mm. */
  static final double LEAST_DEPTH = 1;

  final EffectiveInputs inputs;
  final ValueRegistry registry;
  final BodySurface surface;

  /** The body as it is now. */
  final BodyState state;

  /** The body's faces as they are now. */
  final BodySurface surfaceNow;

  private final Value thickness;

  /** Numbers of fittings that were looked up already. */
  private final Map<String, Map<String, Value>> known;

  private final Shop shop;

  /** What of this body may be as it was in the plan before. */
  final Memo memo;

  BodyStock(
      EffectiveInputs inputs, ValueRegistry registry, BodySurface surface, Shop shop, Memo memo) {
    this.inputs = inputs;
    this.registry = registry;
    this.surface = surface;
    this.memo = memo;
    this.state =
        memo.block("body state", List.of(), () -> inputs.untracked(() -> BodyState.now(inputs)));
    this.surfaceNow = memo.block("surface now", List.of(surface, state), () -> surface.at(state));
    this.shop = shop;
    this.thickness = inputs.get(BodyDecisions.BODY_THICKNESS);
    this.known = new HashMap<>();
  }

  BodyStock(BodyStock same) {
    this.inputs = same.inputs;
    this.registry = same.registry;
    this.surface = same.surface;
    this.state = same.state;
    this.surfaceNow = same.surfaceNow;
    this.shop = same.shop;
    this.memo = same.memo;
    this.thickness = same.thickness;
    this.known = same.known;
  }

  /** What was asked for so far by what is being made. */
  Provenance trackedSoFar() {
    return inputs.trackedSoFar();
  }

  /** A fitting's number; what is being made hangs on it from now on. */
  Value get(Fitting fitting, String trait) {
    Value value = valueOf(fitting, trait);
    inputs.note(value);
    return value;
  }

  private Value valueOf(Fitting fitting, String trait) {
    memo.asked(fitting.id(trait));
    return known
        .computeIfAbsent(fitting.name(), n -> new HashMap<>())
        .computeIfAbsent(
            trait,
            key -> {
              FittingTraits.Trait t = fitting.type().trait(key);
              return inputs.untracked(
                  () ->
                      inputs.get(
                          fitting.id(key),
                          Text.of("{title}, {t}", fitting.title(), t.label()),
                          t.quantity(),
                          t.usual().applyAsDouble(fitting.listed())));
            });
  }

  /** Tells how wide a bore is to be that film narrows by its thickness all round. */
  void forFinish(ValueKey key, Value bore) {
    registry.put(key, "b + 2 · f", in("b", bore), in("f", inputs.get(RoutDecisions.FILM)));
  }

  /** How thick the body is; what is being made hangs on it from now on. */
  Value thickness() {
    memo.asked(BodyDecisions.BODY_THICKNESS.id());
    inputs.note(thickness);
    return thickness;
  }

  double value(Fitting fitting, String trait) {
    return get(fitting, trait).value();
  }

  /** Whether any of a fitting's own dimensions is only listed; a size of 0 doesn't count. */
  boolean listed(Fitting fitting) {
    return fitting.type().traits().stream()
        .filter(t -> t.hardware())
        .map(t -> valueOf(fitting, t.key()))
        .anyMatch(g -> g.value() > 0 && !g.measured());
  }

  /**
   * How deep a rout goes: as decided for it, or else as worked out.
   *
   * @param formula of what is worked out, in the inputs' symbols
   */
  Value depth(String id, String name, Text words, String formula, ComputedValue.Input... terms) {
    Value own = inputs.get(FittingDecisions.depth(inputs.design(), name));
    return own.value() > 0
        ? registry.put(id, Text.of("{words}, depth", words), LENGTH, "d", in("d", own))
        : registry.put(id, Text.of("{words}, depth", words), LENGTH, formula, terms);
  }

  /** Top and veneer, glued over what is cut before they go on, mm. */
  double cap() {
    return inputs.get(BodyDecisions.BODY_TOP).value()
        + inputs.get(BodyDecisions.BODY_ACCENT).value();
  }

  /** How far below the top the face lies that top and veneer are glued to. */
  Value glueFace(double below) {
    return SearchedValue.of(
        RoutKeys.BODY_CAP, below, Text.of("found by adding top and veneer"), trackedSoFar());
  }

  /** What is left beyond the floor of what is cut from the face under a top. */
  Value floorUnder(Value cap, String name, Text words, Value depth) {
    return registry.put(
        "rout." + name + ".floor",
        Text.of("Left below the floor of the {fitting}", words),
        LENGTH,
        "t − c − d",
        in("t", thickness()),
        in("c", cap),
        in("d", depth));
  }

  /** What is left beyond a rout's floor, entered as {@code rout.NAME.floor}. */
  Value floor(String name, Text words, Value depth, double x) {
    double rise = surface.riseAt(x);
    return rise == 0
        ? registry.put(
            "rout." + name + ".floor",
            Text.of("Left below the floor of the {words}", words),
            LENGTH,
            "t − d",
            in("t", thickness()),
            in("d", depth))
        : registry.put(
            "rout." + name + ".floor",
            Text.of("Left below the floor of the {words}", words),
            LENGTH,
            "t + r − d",
            in("t", thickness()),
            in(
                "r",
                SearchedValue.of(
                    "rout." + name + ".rise",
                    Text.of("Top rise there"),
                    rise,
                    LENGTH,
                    Text.of("found on the carved top"),
                    surface.heights())),
            in("d", depth));
  }

  /** The solid under a shape without hollows, cut from a face to a level floor. */
  Prism prism(BodyFace face, Outline shape, double depth) {
    double middle = (shape.bounds().left() + shape.bounds().right()) / 2;
    memo.asked(BodyDecisions.BODY_THICKNESS.id());
    double open = face == BodyFace.TOP ? surface.topPlane(middle) : thickness.value();
    return new Prism(shape.corners(), open, face == BodyFace.TOP ? open + depth : open - depth, 0);
  }

  /** Smaller than this a template's opening is as it was drawn, mm. */
  private static final double AS_DRAWN = 0.02;

  /**
   * An area as it will really be cut: by a template whose opening was measured wider or narrower
   * than drawn it comes out so, half of it at each side. What is drawn is kept for the template.
   */
  RoutArea asCut(String name, RoutArea nominal, double corner) {
    Bounds b = nominal.bounds();
    Optional<Double> opening =
        shop.template(name).filter(Template::routs).flatMap(Template::opening);
    if (opening.isEmpty()) {
      return nominal;
    }
    double bush = inputs.get(RoutDecisions.TEMPLATE_BUSH).value();
    double offset = bush > 0 ? Math.max(0, bush - 2 * corner) : 0;
    double off = opening.get() - offset - b.width();
    Value measured =
        TableValue.of(
            "template." + name + ".measured",
            Text.of("Opening as last measured"),
            opening.get(),
            FINE_LENGTH,
            Text.of("the shop's template"));
    registry.put(
        "rout." + name + ".off",
        Text.of("Rout along the strings, wider than planned because of its template"),
        FINE_LENGTH,
        "m − o − w",
        in("m", measured),
        in(
            "o",
            SearchedValue.of(
                "template." + name + ".bush",
                Text.of("Bush less cutter"),
                offset,
                FINE_LENGTH,
                Text.of("found from bush and cutter"),
                Provenance.of(inputs.get(RoutDecisions.TEMPLATE_BUSH)))),
        in(
            "w",
            SearchedValue.of(
                "rout." + name + ".drawn",
                Text.of("Rout as planned"),
                b.width(),
                FINE_LENGTH,
                Text.of("found from the rout as planned"),
                inputs.trackedSoFar())));
    if (Math.abs(off) < AS_DRAWN || off < -Math.min(b.width(), b.height()) / 2) {
      return nominal;
    }
    return nominal.buffer(off / 2);
  }

  /** The number of that id that was entered before, if one was. */
  Optional<Value> entered(String id) {
    Optional<Value> value = Optional.ofNullable(registry.values().get(id));
    memo.used(new Entered(id), value);
    return value;
  }

  /** What something that is made may look at of what others have made before it. */
  interface Question {
    /** What is there now. */
    Object now(CutBuilder cutting);
  }

  /** Asks for a number that was entered. */
  record Entered(String id) implements Question {
    @Override
    public Object now(CutBuilder cutting) {
      return Optional.ofNullable(cutting.registry.values().get(id));
    }
  }

  /** Clearance that a worn or narrow template leaves, half of what it is off at each side. */
  Value clearance(String name, Value drawn) {
    Value off = entered("rout." + name + ".off").orElse(null);
    return off == null
        ? drawn
        : ComputedValue.of(
            name + ".clearance-cut",
            Text.of("Clearance per side, with the template"),
            FINE_LENGTH,
            "c + o / 2",
            in("c", drawn),
            in("o", off));
  }

  /** A step over shapes without hollows that together make its outline. */
  RoutStep step(String name, BodyFace face, List<Outline> nominal, Value depth, double corner) {
    return step(name, face, new RoutArea(nominal), depth, corner);
  }

  /**
   * A step over an area that is begun below the top.
   *
   * @param open how far below it the face is that it is cut from, mm
   */
  RoutStep below(String name, RoutArea nominal, Value depth, double corner, double open) {
    return step(
        name, nominal, depth, corner, s -> new Prism(s.corners(), open, open + depth.value(), 0));
  }

  /** A step over an area. */
  RoutStep step(String name, BodyFace face, RoutArea nominal, Value depth, double corner) {
    return step(name, nominal, depth, corner, s -> prism(face, s, depth.value()));
  }

  private RoutStep step(
      String name, RoutArea nominal, Value depth, double corner, Function<Outline, Prism> solid) {
    RoutArea cut = asCut(name, nominal, corner);
    return new RoutStep(
        name, cut, depth, cut.shapes().stream().map(solid).toList(), corner, nominal);
  }
}
