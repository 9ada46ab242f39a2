package roughcut.blank;

import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.PartDecisions;
import roughcut.design.Strip;
import roughcut.geometry.Outline;
import roughcut.measure.Basis;
import roughcut.measure.Found;
import roughcut.measure.Known;
import roughcut.measure.Ledger;
import roughcut.measure.Precision;
import roughcut.measure.Value;
import roughcut.measure.Worked;
import roughcut.record.Done;
import roughcut.record.Givens;
import roughcut.shop.Board;
import roughcut.shop.Species;

/**
 * The strips of one wood sawn from one board: a rough strip is the finished thickness and the
 * planing of both faces, and between two strips the saw takes its kerf (handbook page 3). Strips
 * that are sawn off their boards already need no more wood.
 *
 * @param wood as the shop knows it
 * @param board the board that they come from, or empty when the rack has none
 * @param strips numbers of the strips in the stack, from 1 at the bass side, still to be sawn
 * @param roughs their rough widths, mm, in the same order
 * @param done numbers of the strips that are cut already
 * @param from the width there is to rip from, after jointing the first edge; null while it isn't
 *     known
 * @param need width that the strips and the kerfs between them take
 * @param most how many of the widest strip the width gives; null where none is left to saw
 * @param missing width that is missing, 0 when all come out; null while the width isn't known
 * @param cuts where each strip lies on the board
 */
public record RipPlan(
    Species wood,
    Optional<Board> board,
    List<Integer> strips,
    List<Double> roughs,
    List<Integer> done,
    Value from,
    Value rough,
    Value need,
    Value most,
    Value missing,
    RipLayout cuts) {

  /** Id of the wood. */
  public String species() {
    return wood.id();
  }

  /** Whether all strips come out of the board; false while that isn't known. */
  public boolean fits() {
    return strips.isEmpty() || missing != null && missing.value() <= 0;
  }

  /** Whether ripping was begun, so that only a width that was left is known. */
  public boolean partly() {
    return from != null && from.id().endsWith(".left");
  }

  /**
   * How many strips of one rough thickness a width gives: ⌊(B + k) / (r + k)⌋, a hair's rounding
   * forgiven.
   */
  public static int strips(double from, double rough, double kerf) {
    return (int) Math.floor((from + kerf) / (rough + kerf) + Precision.SAME);
  }

  /** Width that strips take: their rough thicknesses and the kerfs between them. */
  public static double need(List<Double> rough, double kerf) {
    return rough.stream().mapToDouble(r -> r).sum() + kerf * Math.max(0, rough.size() - 1);
  }

  static RipPlan of(
      Givens givens,
      Species wood,
      Optional<Board> board,
      double blankLength,
      Optional<Outline> nested,
      Basis basis,
      Ledger ledger) {
    String species = wood.id();
    Value kerf = givens.get(Decisions.SAW_KERF);
    Value allowance = givens.get(BlankDecisions.SAW_ALLOWANCE);
    List<Strip> stack = givens.neckStrips();
    Value copies = givens.get(BlankDecisions.NECK_COPIES);
    List<Integer> open = new ArrayList<>();
    List<Integer> done = new ArrayList<>();
    List<Worked.Input> inputs = new ArrayList<>();
    List<Double> roughs = new ArrayList<>();
    List<Value> widths = new ArrayList<>();
    for (int i = 1; i <= stack.size(); i++) {
      if (stack.get(i - 1).species().equals(species)) {
        if (givens.done(Done.stripSawn(i))) {
          done.add(i);
        } else {
          Value t = widest(givens, i, ledger);
          for (int copy = 1; copy <= copies.value(); copy++) {
            open.add(i);
            inputs.add(in("t_" + i + (copy > 1 ? "_" + copy : ""), t));
            widths.add(t);
            roughs.add(t.value() + 2 * allowance.value());
          }
        }
      }
    }
    String prefix = "rip." + species + ".";
    Value widest =
        widths.isEmpty()
            ? Known.of(BlankKeys.STRIP, 0, "no strip is open")
            : Found.of(
                prefix + "widest",
                "Widest of the strips",
                widths.stream().mapToDouble(Value::value).max().orElseThrow(),
                LENGTH,
                "found among the strips",
                Basis.of(widths));
    Value rough =
        ledger.put(
            prefix + "rough",
            "Rough strip, the widest of " + wood.name(),
            LENGTH,
            "t + 2 · p",
            in("t", widest),
            in("p", allowance));
    boolean pieces = nested.isPresent() && copies.value() > 1 && !open.isEmpty();
    Value need =
        pieces
            ? nested(ledger, prefix, wood.name(), nested.get(), basis, blankLength, copies, kerf)
            : need(ledger, prefix, wood.name(), inputs, roughs, kerf, allowance);
    fences(ledger, prefix, stack, open, widths, allowance);
    Value from = from(givens, species, board, ledger, prefix);
    if (from == null) {
      return new RipPlan(
          wood, board, open, roughs, done, null, rough, need, null, null, RipLayout.EMPTY);
    }
    // Of strips that are all sawn there is no width to count by.
    Value most =
        widths.isEmpty()
            ? null
            : ledger.put(
                prefix + "strips",
                "Strips of that width from the board",
                COUNT,
                "floor((B + k) / (r + k))",
                in("B", from),
                in("k", kerf),
                in("r", rough));
    boolean ownWidth = !from.id().endsWith(".left");
    RipLayout cuts =
        RipLayout.of(
            board,
            ownWidth ? 0 : -1,
            from.value(),
            givens.get(BlankDecisions.JOINTING).value(),
            open,
            roughs,
            kerf.value(),
            blankLength);
    Value missing =
        pieces || cuts.rows() == 1 && cuts.clear()
            ? ledger.put(
                prefix + "short",
                wood.name() + " missing for the " + (pieces ? "necks" : "strips"),
                LENGTH,
                "max(0, need − B)",
                in("need", need),
                in("B", from))
            : ledger.find(
                prefix + "short",
                wood.name() + " missing for the strips",
                LENGTH,
                cuts.missing(),
                "found by laying the strips side by side, the widest first",
                need,
                from);
    return new RipPlan(wood, board, open, roughs, done, from, rough, need, most, missing, cuts);
  }

  /** Width that necks from one piece take, each turned end for end into the one before it. */
  private static Value nested(
      Ledger ledger,
      String prefix,
      String wood,
      Outline neck,
      Basis basis,
      double length,
      Value copies,
      Value kerf) {
    Value own =
        Found.of(
            prefix + "neck-width",
            "One neck, sawn outside its outline",
            neck.bounds().high(),
            LENGTH,
            "found at the outline, with the saw beside it",
            basis);
    Value step =
        Found.of(
            prefix + "neck-step",
            "The next one further across, turned, with the kerf",
            Nesting.step(neck, length, kerf.value()),
            LENGTH,
            "least step at which two clear each other",
            basis.with(kerf));
    return ledger.put(
        prefix + "need",
        "Width of " + wood + " that the necks need, nested",
        LENGTH,
        "w + s · (n − 1)",
        in("w", own),
        in("s", step),
        in("n", copies));
  }

  /** What the fence is set to for each strip still to be sawn: its own rough width. */
  private static void fences(
      Ledger ledger,
      String prefix,
      List<Strip> stack,
      List<Integer> open,
      List<Value> widths,
      Value allowance) {
    for (int i = 0; i < open.size(); i++) {
      int strip = open.get(i);
      if (i > 0 && open.get(i - 1) == strip) {
        continue;
      }
      Value rough =
          Worked.of(
              prefix + "strip." + strip + ".rough",
              "Strip and the planing of both faces",
              LENGTH,
              "t + 2 · p",
              in("t", widths.get(i)),
              in("p", allowance));
      ledger.put(
          prefix + "strip." + strip,
          "Strip " + strip + " of " + stack.size() + ", fence to the blade",
          LENGTH,
          "r",
          in("r", rough));
    }
  }

  /** What a strip is where it is widest: at the thicker end, and where it swells. */
  private static Value widest(Givens givens, int number, Ledger ledger) {
    List<Strip> stack = givens.neckStrips();
    Strip strip = stack.get(number - 1);
    Value nut = givens.get(PartDecisions.stripThickness(number));
    if (!strip.tapered() && strip.bow() == 0) {
      return nut;
    }
    boolean middle = 2 * number - 1 == stack.size();
    Value heel = strip.tapered() ? givens.get(PartDecisions.stripHeelThickness(number)) : nut;
    Value bow = givens.get(PartDecisions.stripBow(number));
    return ledger.put(
        "neck.strip." + number + ".widest",
        "Strip " + number + " where it is widest",
        LENGTH,
        "max(t, u) + " + (middle ? "2 · s" : "s"),
        in("t", nut),
        in("u", heel),
        in("s", bow));
  }

  private static Value need(
      Ledger ledger,
      String prefix,
      String wood,
      List<Worked.Input> strips,
      List<Double> roughs,
      Value kerf,
      Value allowance) {
    List<Worked.Input> inputs = new ArrayList<>(strips);
    inputs.add(in("p", allowance));
    inputs.add(in("k", kerf));
    Value count = Known.of(BlankKeys.STRIPS, strips.size(), "counted");
    inputs.add(in("n", count));
    String sum =
        strips.isEmpty()
            ? "0"
            : strips.stream().map(Worked.Input::symbol).collect(Collectors.joining(" + "));
    return ledger.put(
        prefix + "need",
        "Width of " + wood + " that the strips need",
        LENGTH,
        sum + " + 2 · p · n + k · max(0, n − 1)",
        inputs.toArray(Worked.Input[]::new));
  }

  /**
   * The width there is: what was measured or typed as left, or the board's own less its jointed
   * edge; null when nobody knows it.
   */
  private static Value from(
      Givens givens, String species, Optional<Board> board, Ledger ledger, String prefix) {
    Value left = givens.get(PartDecisions.widthLeft(species));
    if (left.value() > 0) {
      return left;
    }
    if (board.isEmpty() || board.get().width().isEmpty()) {
      return null;
    }
    Value width =
        Known.of(
            "board." + board.get().id() + ".width",
            "Width of board " + board.get().id(),
            board.get().width().getAsDouble(),
            LENGTH,
            "the board's label");
    Value jointing = givens.get(BlankDecisions.JOINTING);
    return ledger.put(
        prefix + "from",
        "Width to rip from, first edge jointed",
        LENGTH,
        "W − j",
        in("W", width),
        in("j", jointing));
  }
}
