package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.PERCENT;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.finding.Message;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Prism;
import roughcut.geometry.Shapes;
import roughcut.layout.FretLayout;
import roughcut.layout.StringSpread;
import roughcut.measure.Precision;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.strings.Heights;

/**
 * A pickup where it lies under the strings, with the rout that it wants: depth = height + wire +
 * travel − (string height over the body there − gap wanted) (handbook page 6, "Pickups").
 *
 * @param centre from the nut line and the centre line
 * @param fromSaddle its middle to the saddle line
 * @param depth of its bed
 * @param toBoard from the fretboard's end to the pickup's nearest corner
 * @param share of the scale at which it listens, from the saddle
 * @param poles how much wider the strings are spread there than its outer poles; empty without any
 * @param hidden how far ring or plate reaches beyond the rout, at its narrowest; empty without one
 */
public record Pickup(
    Fitting fitting,
    Cut cut,
    Point centre,
    double turn,
    Value fromSaddle,
    Value depth,
    Value toBoard,
    Value share,
    Optional<Value> poles,
    Optional<Value> hidden) {
  /** A string further off its pole than its field reaches is heard weaker, mm. */
  private static final double POLES_OFF = 2.5;

  /** What a plate or ring over the top is reckoned to be thick, mm. */
  private static final double RING = 2;

  /** What a pickup lies under, and beside. */
  record Under(
      FretLayout frets,
      StringSpread strings,
      Heights heights,
      NeckSeating neckSeating,
      Value boardEnd) {}

  static Pickup of(CutBuilder builder, Fitting fitting, Under under) {
    Value scale = under.frets.scale();
    Value fromSaddle = fromSaddle(builder, fitting, scale, under.boardEnd);
    // Along the neck for the strings, and in plan for the body.
    double along = scale.value() - fromSaddle.value();
    double x = under.neckSeating.atBridge(along);
    StringSpread strings = under.strings;
    double middle =
        switch (FittingDecisions.centredOn(builder.inputs.design(), fitting)) {
          case STRING_LINE ->
              (strings.offset(1, along) + strings.offset(strings.count(), along)) / 2
                  + under.neckSeating.offsetAt(x);
          case CENTRE_LINE -> 0;
        };
    Point centre = new Point(x, middle + builder.value(fitting, "aside"));
    double turn = builder.value(fitting, "angle");
    Value depth = depth(builder, fitting, under.heights, along);
    Cut cut = builder.add(cut(builder, fitting, centre, turn, depth));
    builder.floor(fitting.name(), fitting.words(), deepest(builder, fitting, cut, depth), x);
    Optional<Value> hidden = ring(builder, fitting, centre, turn);
    return new Pickup(
        fitting,
        cut,
        centre,
        turn,
        fromSaddle,
        depth,
        toBoard(builder, fitting, scale, fromSaddle, under.boardEnd),
        builder.registry.put(
            fitting.id("share"),
            Text.of("{title}, share of the scale", fitting.title()),
            PERCENT,
            "100 · p / L",
            in("p", fromSaddle),
            in("L", scale)),
        poles(builder, fitting, strings, along),
        hidden);
  }

  /** Its middle to the saddle line: as decided, or from the real fretboard's end. */
  private static Value fromSaddle(
      CutBuilder builder, Fitting fitting, Value scale, Value boardEnd) {
    Text label = Text.of("{title}, centre to saddle line", fitting.title());
    return switch (FittingDecisions.locatedFrom(builder.inputs.design(), fitting)) {
      case SADDLE_LINE ->
          builder.registry.put(
              fitting.id("from-saddle"),
              label,
              LENGTH,
              "p",
              in("p", builder.get(fitting, "from-saddle")));
      case FRETBOARD_END ->
          builder.registry.put(
              fitting.id("from-saddle"),
              label,
              LENGTH,
              "L − x_b − g − (w · cos(β) + l · abs(sin(β))) / 2",
              in("L", scale),
              in("x_b", boardEnd),
              in("g", builder.get(fitting, "from-fretboard")),
              in("w", builder.get(fitting, "width")),
              in("l", builder.get(fitting, "length")),
              in("β", builder.get(fitting, "angle")));
    };
  }

  private static Value depth(CutBuilder builder, Fitting fitting, Heights heights, double x) {
    Value string =
        SearchedValue.of(
            fitting.id("string-height"),
            Text.of("String height above the body there"),
            heights.string(x) - builder.surface.riseAt(x),
            FINE_LENGTH,
            Text.of("found along the strings"),
            heights.provenance().and(builder.surface.heights(), builder.trackedSoFar()));
    Value height = builder.get(fitting, "height");
    Value wire = builder.get(fitting, "wire");
    Value travel = builder.get(fitting, "travel");
    Value gap = builder.get(fitting, "gap");
    return builder.depth(
        fitting.id("depth"),
        fitting.name(),
        fitting.title(),
        "max(1, h + w + v − (s − g))",
        in("h", height),
        in("w", wire),
        in("v", travel),
        in("s", string),
        in("g", gap));
  }

  private static Cut cut(
      CutBuilder builder, Fitting fitting, Point centre, double turn, Value depth) {
    double room = builder.value(fitting, "clearance");
    double corner = builder.value(fitting, "corner");
    double across = builder.value(fitting, "length") + 2 * room;
    double along = builder.value(fitting, "width") + 2 * room;
    List<RoutStep> steps = new ArrayList<>();
    steps.add(
        builder.step(
            fitting.name(),
            BodyFace.TOP,
            List.of(Shapes.rounded(centre, along, across, corner, turn)),
            depth,
            corner));
    Value legs = builder.get(fitting, "tab-length");
    if (legs.value() > 0 && builder.value(fitting, "tab-width") > 0) {
      Value deeper = builder.get(fitting, "tab-deeper");
      Value legsDepth =
          builder.registry.put(
              "pickup." + fitting.name() + "-legs.depth",
              Text.of("{title}, depth for its legs", fitting.title()),
              LENGTH,
              "d + k",
              in("d", depth),
              in("k", deeper));
      Outline shape =
          Shapes.rounded(
              centre,
              builder.value(fitting, "tab-width") + 2 * room,
              across + 2 * legs.value(),
              corner,
              turn);
      steps.add(
          builder.step(fitting.name() + "-legs", BodyFace.TOP, List.of(shape), legsDepth, corner));
    }
    return new Cut(
        fitting.name(),
        fitting.words(),
        CutKind.PICKUP,
        CutFrom.TOP,
        steps,
        List.of(),
        Set.copyOf(fitting.with()),
        List.of(
            fitting.id("from-saddle"),
            "rout." + fitting.name() + ".depth",
            fitting.id("height"),
            fitting.id("travel"),
            BodyDecisions.BODY_THICKNESS.id()),
        builder.listed(fitting));
  }

  private static Value deepest(CutBuilder builder, Fitting fitting, Cut cut, Value depth) {
    Value last = cut.steps().get(cut.steps().size() - 1).depth();
    return last.value() > depth.value() ? last : depth;
  }

  /** Ring or plate over the rout: a part on the top, and how well it hides the edge. */
  private static Optional<Value> ring(
      CutBuilder builder, Fitting fitting, Point centre, double turn) {
    Value length = builder.get(fitting, "ring-length");
    Value width = builder.get(fitting, "ring-width");
    boolean ringed =
        switch (FittingDecisions.fixing(builder.inputs.design(), fitting)) {
          case RING -> true;
          case PLATE, DIRECT, TOP -> false;
        };
    if (!ringed || length.value() == 0 || width.value() == 0) {
      return Optional.empty();
    }
    Outline shape = Shapes.rounded(centre, width.value(), length.value(), 3, turn);
    double top = builder.surface.topPlane(centre.x());
    builder.add(
        new HardwareSolid(
            fitting.name() + "-ring",
            Text.of("{fitting} ring", fitting.words()),
            fitting.name(),
            new Prism(shape.corners(), top - RING, top - Precision.TOUCHING, 0),
            shape,
            true));
    return Optional.of(
        builder.registry.put(
            fitting.id("hidden"),
            Text.of("{title}, ring overlap beyond its rout", fitting.title()),
            LENGTH,
            "min(r_1 − l − 2 · k, r_2 − w) / 2 − c",
            in("r_1", length),
            in("l", builder.get(fitting, "length")),
            in("k", legs(builder, fitting)),
            in("r_2", width),
            in("w", builder.get(fitting, "width")),
            in("c", builder.clearance(fitting.name(), builder.get(fitting, "clearance")))));
  }

  /** How far legs reach beyond the pickup, where it has any. */
  private static Value legs(CutBuilder builder, Fitting fitting) {
    Value width = builder.get(fitting, "tab-width");
    return width.value() > 0
        ? builder.get(fitting, "tab-length")
        : TableValue.of(
            fitting.id("no-legs"), Text.of("Its legs"), 0, LENGTH, Text.of("legs 0 wide"));
  }

  private static Value toBoard(
      CutBuilder builder, Fitting fitting, Value scale, Value fromSaddle, Value boardEnd) {
    Value width = builder.get(fitting, "width");
    Value gap =
        builder.registry.put(
            fitting.id("to-fretboard"),
            Text.of("{title}, gap to the fretboard end", fitting.title()),
            LENGTH,
            "L − p − (w · cos(β) + l · abs(sin(β))) / 2 − x_b",
            in("L", scale),
            in("p", fromSaddle),
            in("w", width),
            in("l", builder.get(fitting, "length")),
            in("β", builder.get(fitting, "angle")),
            in("x_b", boardEnd));
    if (gap.value() < 0) {
      builder.addProblem(
          fitting.id("from-saddle"),
          Message.of(
                  Text.of(
                      "The {fitting} is {value} under the fretboard end.",
                      fitting.words(),
                      Text.length(-gap.value(), 1)))
              .why(Text.of("The fretboard covers it."))
              .fix(Text.of("Move it nearer the saddle, or use a shorter fretboard.")),
          new Point(boardEnd.value(), 0));
    }
    return gap;
  }

  private static Optional<Value> poles(
      CutBuilder builder, Fitting fitting, StringSpread strings, double x) {
    Value spread = builder.get(fitting, "pole-spread");
    if (spread.value() == 0 || strings.courses().count() < 2) {
      return Optional.empty();
    }
    Value there =
        SearchedValue.of(
            fitting.id("string-spread"),
            Text.of("Outer string spacing there"),
            Math.abs(
                strings.courseOffset(1, x) - strings.courseOffset(strings.courses().count(), x)),
            FINE_LENGTH,
            Text.of("found along the outer strings"),
            strings.outer().and(builder.trackedSoFar()));
    Value off =
        builder.registry.put(
            fitting.id("poles"),
            Text.of("{title}, strings wider than its poles, per side", fitting.title()),
            FINE_LENGTH,
            "(s − p) / 2",
            in("s", there),
            in("p", spread));
    if (Math.abs(off.value()) > POLES_OFF) {
      builder.look(
          fitting.id("pole-spread"),
          Message.of(
                  Text.of(
                      off.value() > 0
                          ? "The outer strings pass {by} outside the outer poles of the {pickup}."
                          : "The outer strings pass {by} inside the outer poles of the {pickup}.",
                      Text.length(Math.abs(off.value()), 1),
                      fitting.words()))
              .why(Text.of("Those strings sound quieter than the others."))
              .fix(
                  Text.of(
                      "Use a pickup with poles {there} apart, or one without single poles.",
                      Text.length(there.value(), 0))),
          new Point(x, 0));
    }
    return Optional.of(off);
  }
}
