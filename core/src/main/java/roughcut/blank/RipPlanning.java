package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.PartDecisions;
import roughcut.design.Strip;
import roughcut.geometry.Outline;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Board;
import roughcut.shop.Species;

/** Works one {@link RipPlan} out: the strips of one wood that come from one board. */
final class RipPlanning {
  private final EffectiveInputs inputs;
  private final Species wood;
  private final RipShare share;
  private final int nth;
  private final RipShare.Sizes sizes;
  private final BlankTree tree;
  private final ValueRegistry registry;
  private final String prefix;
  private final Value kerf;
  private final Value allowance;
  private final Value jointing;
  private final Value copies;
  private final List<Strip> stack;

  RipPlanning(
      EffectiveInputs inputs,
      Species wood,
      RipShare share,
      int nth,
      RipShare.Sizes sizes,
      BlankTree tree,
      ValueRegistry registry) {
    this.inputs = inputs;
    this.wood = wood;
    this.share = share;
    this.nth = nth;
    this.sizes = sizes;
    this.tree = tree;
    this.registry = registry;
    this.prefix = "rip." + wood.id() + "." + (nth > 1 ? nth + "." : "");
    this.kerf = inputs.get(Decisions.SAW_KERF);
    this.allowance = inputs.get(BlankDecisions.SAW_ALLOWANCE);
    this.jointing = inputs.get(BlankDecisions.JOINTING);
    this.copies = inputs.get(BlankDecisions.NECK_COPIES);
    this.stack = inputs.neckStrips();
  }

  RipPlan plan(Optional<Outline> nested, Provenance provenance) {
    List<Integer> open = share.open();
    List<Value> widths = new ArrayList<>();
    for (int i = 0; i < open.size(); i++) {
      boolean again = i > 0 && open.get(i).equals(open.get(i - 1));
      widths.add(again ? widths.get(i - 1) : widest(open.get(i)));
    }
    RipLayout.Strips strips = sizes.strips(open, share.onEdge());
    Value rough = rough(widths);
    boolean pieces = nested.isPresent() && copies.value() > 1 && !open.isEmpty();
    Value need =
        pieces
            ? nested(nested.get(), provenance)
            : share.onEdge() ? onEdge(rough) : sideBySide(open, widths);
    fences(open, widths, rough);
    Optional<Value> width = width();
    if (width.isEmpty()) {
      return made(strips, null, rough, need, null, null, RipLayout.EMPTY);
    }
    Value from = width.get();
    boolean left = RipPlan.partly(wood, from);
    RipLayout.Strips off = left ? RipLayout.Strips.NONE : sizes.strips(share.off(), share.onEdge());
    RipLayout cuts =
        RipLayout.of(
            share.board(),
            left ? -1 : 0,
            from.value(),
            jointing.value(),
            strips,
            off,
            kerf.value(),
            tree.length().value());
    Value there = off.rough().isEmpty() || cuts.rows() > 1 ? from : rest(from, off);
    // Of strips that are all sawn there is no width to count by.
    Value most =
        widths.isEmpty()
            ? null
            : registry.put(
                prefix + "strips",
                Text.of("Strips of that width from the board"),
                COUNT,
                "floor((B + k) / (r + k))",
                in("B", there),
                in("k", kerf),
                in("r", rough));
    Value missing =
        pieces || cuts.rows() == 1 && cuts.clear()
            ? registry.put(
                prefix + "short",
                Text.of(
                    pieces
                        ? "Missing width of {wood} for the necks"
                        : "Missing width of {wood} for the strips",
                    wood.name()),
                LENGTH,
                "max(0, need − B)",
                in("need", need),
                in("B", there))
            : registry.find(
                prefix + "short",
                Text.of("Missing width of {wood} for the strips", wood.name()),
                LENGTH,
                cuts.missing(),
                Text.of("found by placing the strips side by side, the widest first"),
                need,
                there);
    return made(strips, there, rough, need, most, missing, cuts);
  }

  private RipPlan made(
      RipLayout.Strips strips,
      Value from,
      Value rough,
      Value need,
      Value most,
      Value missing,
      RipLayout cuts) {
    return new RipPlan(
        wood,
        share.board(),
        share.onEdge(),
        strips.numbers(),
        strips.rough(),
        strips.numbers().stream().map(n -> sizes.through(n, share.onEdge())).toList(),
        share.done(),
        share.done().stream().filter(n -> !sizes.noted(n)).toList(),
        from,
        rough,
        need,
        most,
        missing,
        cuts);
  }

  /** What is left of the width when strips are off it, each with the saw's kerf. */
  private Value rest(Value whole, RipLayout.Strips off) {
    Value gone =
        SearchedValue.of(
            prefix + "sawn-off",
            Text.of("Strips to saw off it, with their kerfs"),
            off.rough().stream().mapToDouble(r -> r + kerf.value()).sum(),
            LENGTH,
            Text.of("found as the sum of their rough widths and a kerf each"),
            Provenance.of(kerf, allowance, jointing, tree.depth()).and(sizes.provenance()));
    return registry.put(
        prefix + "rest",
        Text.of("Width to rip from, less what is sawn off"),
        LENGTH,
        "max(0, B − s)",
        in("B", whole),
        in("s", gone));
  }

  private Value rough(List<Value> widths) {
    if (share.onEdge()) {
      return registry.put(
          prefix + "rough",
          Text.of("Rough strip of {wood}, its depth from the board width", wood.name()),
          LENGTH,
          "D + 2 · max(0, p − f)",
          in("D", tree.depth()),
          in("p", allowance),
          in("f", inputs.get(BlankDecisions.FLATTENING)));
    }
    Value widest =
        widths.isEmpty()
            ? TableValue.of(BlankKeys.STRIP, 0, Text.of("no strip left to saw"))
            : SearchedValue.of(
                prefix + "widest",
                Text.of("Widest of the strips"),
                widths.stream().mapToDouble(Value::value).max().orElseThrow(),
                LENGTH,
                Text.of("found among the strips"),
                Provenance.of(widths));
    return registry.put(
        prefix + "rough",
        Text.of("Rough strip, the widest of {wood}", wood.name()),
        LENGTH,
        "t + 2 · p",
        in("t", widest),
        in("p", allowance));
  }

  /** Width that necks from one piece take, each turned end for end into the one before it. */
  private Value nested(Outline neck, Provenance provenance) {
    Value own =
        SearchedValue.of(
            prefix + "neck-width",
            Text.of("One neck, sawn outside its outline"),
            neck.bounds().high(),
            LENGTH,
            Text.of("found at the outline, with the saw beside it"),
            provenance);
    Value step =
        SearchedValue.of(
            prefix + "neck-step",
            Text.of("The next one further across, turned, with the kerf"),
            Nesting.step(neck, tree.length().value(), kerf.value()),
            LENGTH,
            Text.of("smallest step at which two clear each other"),
            provenance.with(kerf));
    return registry.put(
        prefix + "need",
        Text.of("Width of {wood} for the nested necks", wood.name()),
        LENGTH,
        "w + s · (n − 1)",
        in("w", own),
        in("s", step),
        in("n", copies));
  }

  /** What the fence is set to for each strip still to be sawn: its own rough width. */
  private void fences(List<Integer> open, List<Value> widths, Value onEdge) {
    for (int i = 0; i < open.size(); i++) {
      int strip = open.get(i);
      if (i > 0 && open.get(i - 1) == strip) {
        continue;
      }
      String plain = BlankKeys.STRIP_SAWN.id(wood.id(), strip);
      // Of several necks' strips, one may come from two boards, flat from one and on edge from the
      // other.
      boolean other = registry.values().containsKey(plain);
      String id = other ? prefix + "strip." + strip : plain;
      Value rough = share.onEdge() ? onEdge : own(id, strip, widths.get(i));
      registry.put(
          id,
          Text.of(
              other
                  ? "Strip {strip} of {size}, from the other board, fence to blade"
                  : "Strip {strip} of {size}, fence to blade",
              strip,
              stack.size()),
          LENGTH,
          "r",
          in("r", rough));
    }
  }

  private Value own(String id, int strip, Value width) {
    if (RipShare.opens(inputs, strip)) {
      return ComputedValue.of(
          id + ".rough",
          Text.of("Strip, planing of both faces, and joint of the bookmatched blank"),
          LENGTH,
          "t + 2 · p + j",
          in("t", width),
          in("p", allowance),
          in("j", jointing));
    }
    return ComputedValue.of(
        id + ".rough",
        Text.of("Strip and planing of both faces"),
        LENGTH,
        "t + 2 · p",
        in("t", width),
        in("p", allowance));
  }

  /** What a strip is where it is widest: at the thicker end, and where it swells. */
  private Value widest(int number) {
    Strip strip = stack.get(number - 1);
    Value nut = inputs.get(PartDecisions.stripThickness(number));
    if (!strip.tapered() && strip.bow() == 0) {
      return nut;
    }
    // The same strip of another neck may come from another board.
    Value known = registry.values().get("neck.strip." + number + ".widest");
    if (known != null) {
      return known;
    }
    boolean middle = 2 * number - 1 == stack.size();
    Value heel = strip.tapered() ? inputs.get(PartDecisions.stripHeelThickness(number)) : nut;
    Value bow = inputs.get(PartDecisions.stripBow(number));
    return registry.put(
        "neck.strip." + number + ".widest",
        Text.of("Strip {number} at its widest", number),
        LENGTH,
        "max(t, u) + " + (middle ? "2 · s" : "s"),
        in("t", nut),
        in("u", heel),
        in("s", bow));
  }

  private Value onEdge(Value rough) {
    return registry.put(
        prefix + "need",
        Text.of("Width of {wood} for the strips, on edge", wood.name()),
        LENGTH,
        "r · n + k · max(0, n − 1)",
        in("r", rough),
        in("n", TableValue.of(BlankKeys.STRIPS, share.open().size(), Text.of("counted"))),
        in("k", kerf));
  }

  private Value sideBySide(List<Integer> open, List<Value> widths) {
    List<ComputedValue.Input> terms = new ArrayList<>();
    for (int i = 0; i < open.size(); i++) {
      long copy = 1 + open.subList(0, i).stream().filter(open.get(i)::equals).count();
      terms.add(in("t_" + open.get(i) + (copy > 1 ? "_" + copy : ""), widths.get(i)));
    }
    String sum =
        open.isEmpty()
            ? "0"
            : terms.stream().map(ComputedValue.Input::symbol).collect(Collectors.joining(" + "));
    terms.add(in("p", allowance));
    terms.add(in("k", kerf));
    terms.add(in("n", TableValue.of(BlankKeys.STRIPS, open.size(), Text.of("counted"))));
    long joints = open.stream().filter(n -> RipShare.opens(inputs, n)).count();
    if (joints > 0) {
      terms.add(in("j", jointing));
    }
    return registry.put(
        prefix + "need",
        Text.of("Width of {wood} for the strips", wood.name()),
        LENGTH,
        sum + " + 2 · p · n + k · max(0, n − 1)" + (joints == 0 ? "" : " + " + joints + " · j"),
        terms.toArray(ComputedValue.Input[]::new));
  }

  /**
   * The width there is: what was measured or typed as left, or the board's own less its jointed
   * edge; empty when nobody knows it.
   */
  private Optional<Value> width() {
    Value left = inputs.get(PartDecisions.widthLeft(wood.id()));
    if (left.value() > 0 && nth == 1) {
      return Optional.of(left);
    }
    Optional<Board> board = share.board();
    if (board.isEmpty() || board.get().width().isEmpty()) {
      return Optional.empty();
    }
    Value width =
        registry.put(
            BlankKeys.BOARD_WIDTH.id(board.get().id()),
            Text.of("Width of board {id}", board.get().id()),
            LENGTH,
            "W",
            in(
                "W",
                TableValue.of(
                    BlankKeys.BOARD_LABEL,
                    board.get().width().getAsDouble(),
                    Text.of("listed size of the board"))));
    return Optional.of(
        registry.put(
            prefix + "from",
            Text.of("Width to rip from, first edge jointed"),
            LENGTH,
            "W − j",
            in("W", width),
            in("j", jointing)));
  }
}
