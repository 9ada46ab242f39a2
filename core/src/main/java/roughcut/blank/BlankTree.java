package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Strip;
import roughcut.measure.ComputedValue;
import roughcut.measure.DecidedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Woods;

/**
 * The neck blank as a tree of glue-ups: the strips are glued to a stack, and each later step makes
 * the next blank of it. Sizes run from the finished blank back to the strips, each step asking for
 * what it takes away: a blank to be resawn into two holds two depths, the kerf and the planing of
 * both sawn faces (handbook page 8).
 *
 * @param root the finished blank
 * @param length of each strip
 * @param depth of each strip
 * @param wanted finished length and what a head or core wants of the depth, to work it out again
 * @param steps after gluing the stack
 * @param heelDepth what there is under the fretboard at the heel, block included
 */
public record BlankTree(
    BlankNode root, Value length, Value depth, Value heelDepth, Wanted wanted, int steps) {

  private static final Text AT_HEEL = Text.of("Stock at the heel, block included");

  /** What the finished blank has to give. */
  public record Wanted(Woods woods, Value length, Optional<Value> deep, double width) {}

  /** The blank after each step, in the order of work; none without steps. */
  public List<BlankNode> afterSteps() {
    List<BlankNode> all = new ArrayList<>();
    BlankNode node = root;
    for (int i = 0; i < steps; i++) {
      all.add(0, node);
      node = node.from().get(0);
    }
    return all;
  }

  /** The same blank's tree by other decisions about its stack. */
  BlankTree of(EffectiveInputs inputs) {
    return of(inputs, wanted.woods, wanted.length, wanted.deep, wanted.width, new ValueRegistry());
  }

  /**
   * Works the tree out.
   *
   * @param blankLength the finished length that shaft and head want
   * @param deep what a head without a scarf wants of the blank's depth; empty when the shaft's does
   */
  public static BlankTree of(
      EffectiveInputs inputs,
      Woods woods,
      Value blankLength,
      Optional<Value> deep,
      double width,
      ValueRegistry registry) {
    Value trim = inputs.get(BlankDecisions.END_TRIM);
    Value length =
        registry.put(BlankKeys.STACK_LENGTH, "L + 2 · e", in("L", blankLength), in("e", trim));
    List<Double> depths = new ArrayList<>();
    Value depth = depth(inputs, deep, depths, registry);
    BlankNode node = stack(inputs, woods, length.value(), width, depths.get(0));
    List<BlankStep> steps = inputs.design().neckSteps();
    for (int i = 0; i < steps.size(); i++) {
      node = after(node, steps.get(i), woods, length.value(), width, depths.get(i + 1));
    }
    return new BlankTree(
        node,
        length,
        depth,
        heelDepth(inputs, deep, registry),
        new Wanted(woods, blankLength, deep, width),
        steps.size());
  }

  /** Depths before each step, the strips' own first; the finished blank's is the last. */
  private static Value depth(
      EffectiveInputs inputs, Optional<Value> deep, List<Double> depths, ValueRegistry registry) {
    Value shaft = inputs.get(Decisions.SHAFT_THICKNESS);
    // Wood is bought and sawn for the drawing; a shaft that came out thinner needs no new strips.
    Value nominal = DecidedValue.of(shaft.id(), shaft.label(), shaft.nominal(), LENGTH);
    Value flattening = inputs.get(BlankDecisions.FLATTENING);
    Value kerf = inputs.get(BlankDecisions.RESAW_KERF);
    Value resaw = inputs.get(BlankDecisions.RESAW_ALLOWANCE);
    List<ComputedValue.Input> terms = new ArrayList<>();
    terms.add(in("t", nominal));
    terms.add(in("f", flattening));
    String formula = deep.isEmpty() ? "t + 2 · f" : "max(t, D) + 2 · f";
    deep.ifPresent(d -> terms.add(in("D", d)));
    double depth =
        Math.max(nominal.value(), deep.map(Value::value).orElse(0.0)) + 2 * flattening.value();
    depths.add(depth);
    List<BlankStep> steps = inputs.design().neckSteps();

    for (int i = steps.size() - 1; i >= 0; i--) {
      BlankStep step = steps.get(i);
      String cap = "c_" + (i + 1);
      formula =
          switch (step.kind()) {
            case CAPPED -> formula + " − " + cap + " + f";
            case OPENED -> "2 · (" + formula + ") + k + 2 · q";
            case TURNED, WINGED, HEEL_BLOCK -> formula;
          };
      depth =
          switch (step.kind()) {
            case CAPPED -> depth + flattening.value() - step.thickness();
            case OPENED -> 2 * depth + kerf.value() + 2 * resaw.value();
            case TURNED, WINGED, HEEL_BLOCK -> depth;
          };
      String thickness = "neck.step." + (i + 1) + ".thickness";
      terms.addAll(
          switch (step.kind()) {
            case CAPPED ->
                List.of(
                    in(cap, DecidedValue.of(thickness, Text.of("Cap"), step.thickness(), LENGTH)));
            case OPENED, TURNED, WINGED, HEEL_BLOCK -> List.of();
          });
      depths.add(0, depth);
    }
    if (!inputs.design().neckSteps(BlankStep.Kind.OPENED).isEmpty()) {
      terms.add(in("k", kerf));
      terms.add(in("q", resaw));
    }
    return registry.put(BlankKeys.STACK_DEPTH, formula, terms.toArray(ComputedValue.Input[]::new));
  }

  private static Value heelDepth(
      EffectiveInputs inputs, Optional<Value> deep, ValueRegistry registry) {
    Value shaft = inputs.get(Decisions.SHAFT_THICKNESS);
    double block =
        inputs.design().neckSteps(BlankStep.Kind.HEEL_BLOCK).stream()
            .mapToDouble(BlankStep::thickness)
            .sum();
    boolean through =
        switch (inputs.get(BodyDecisions.NECK_JOINT)) {
          case THROUGH -> true;
          case BOLT_ON, SET_NECK -> false;
        };
    if (deep.isPresent() && (through || !shaft.measured())) {
      // A core, a heel and a head in one piece are as deep as the blank was planed.
      return registry.put(
          through ? BlankKeys.HEEL_STOCK : BlankKeys.HEEL_STOCK.called(AT_HEEL),
          "max(t, D) + b",
          in("t", shaft),
          in("D", deep.get()),
          in("b", DecidedValue.of("neck.heel-block", Text.of("Heel block"), block, LENGTH)));
    }
    return registry.put(
        BlankKeys.HEEL_STOCK.called(AT_HEEL),
        "t + b",
        in("t", shaft),
        in("b", DecidedValue.of("neck.heel-block", Text.of("Heel block"), block, LENGTH)));
  }

  private static BlankNode stack(
      EffectiveInputs inputs, Woods woods, double length, double width, double depth) {
    List<BlankNode> strips = new ArrayList<>();
    int number = 1;
    for (Strip strip : inputs.neckStrips()) {
      double widest = Math.max(strip.thickness(), strip.heelThickness()) + strip.bow();
      strips.add(
          new BlankNode(
              Text.of("strip {value}, {get}", number++, woods.get(strip.species()).name()),
              strip.bow() > 0
                  ? Text.of("sawn and shaped to its curve")
                  : strip.tapered()
                      ? Text.of("sawn and planed to its taper")
                      : Text.of("sawn and planed"),
              length,
              widest,
              depth,
              List.of()));
    }
    double own =
        inputs.neckStrips().stream()
            .mapToDouble(s -> Math.max(s.thickness(), s.heelThickness()))
            .sum();
    boolean single = strips.size() == 1;
    return new BlankNode(
        single ? Text.of("piece") : Text.of("stack"),
        single
            ? Text.of("one piece")
            : Text.of("{size} strips glued, {value} faces", strips.size(), strips.size() - 1),
        length,
        inputs.design().neckSteps().isEmpty() ? width : own,
        depth,
        single ? List.of() : strips);
  }

  private static BlankNode after(
      BlankNode before, BlankStep step, Woods woods, double length, double width, double depth) {
    String wood = woods.get(step.species()).name();
    Text.Arg size = Text.length(step.thickness(), 1);
    return switch (step.kind()) {
      case OPENED -> {
        double own = 2 * before.width() + step.thickness();
        List<BlankNode> from = new ArrayList<>(List.of(before));
        if (step.thickness() > 0) {
          from.add(
              new BlankNode(
                  Text.of("centre strip, {wood}", wood),
                  Text.of("sawn and planed"),
                  length,
                  step.thickness(),
                  depth,
                  List.of()));
        }
        yield new BlankNode(
            Text.of("opened blank"),
            Text.of(
                step.thickness() > 0
                    ? "resawn into two leaves, bookmatched and joined to a centre strip"
                    : "resawn into two leaves, bookmatched and joined"),
            length,
            own,
            depth,
            from);
      }
      case TURNED ->
          new BlankNode(
              Text.of("blank with a half turned"),
              Text.of("ripped along the middle, one half turned end for end, joined"),
              length,
              width,
              depth,
              List.of(before));
      case CAPPED ->
          new BlankNode(
              Text.of("capped blank"),
              Text.of("{wood} {size} glued on top", wood, size),
              length,
              before.width(),
              depth,
              List.of(
                  before,
                  new BlankNode(
                      Text.of("cap, {wood}", wood),
                      Text.of("planed"),
                      length,
                      before.width(),
                      step.thickness(),
                      List.of())));
      case WINGED ->
          new BlankNode(
              Text.of("winged blank"),
              Text.of("wings of {wood} glued to both sides at the heel", wood),
              length,
              before.width() + 2 * step.thickness(),
              depth,
              List.of(
                  before,
                  new BlankNode(
                      Text.of("two wings, {wood}", wood),
                      Text.of("one piece, edges jointed"),
                      step.length() > 0 ? step.length() : length,
                      step.thickness(),
                      depth,
                      List.of())));
      case HEEL_BLOCK ->
          new BlankNode(
              Text.of("blank with its heel block"),
              Text.of("{wood} {size} glued under the heel", wood, size),
              length,
              before.width(),
              depth + step.thickness(),
              List.of(
                  before,
                  new BlankNode(
                      Text.of("heel block, {wood}", wood),
                      Text.of("sawn and planed"),
                      step.length() > 0 ? step.length() : length,
                      before.width(),
                      step.thickness(),
                      List.of())));
    };
  }
}
