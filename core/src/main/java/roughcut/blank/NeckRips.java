package roughcut.blank;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.design.Strip;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Quantity;
import roughcut.measure.Worked;
import roughcut.shop.Board;
import roughcut.shop.Shop;

/**
 * The rip plans of the neck's strips, one for each wood in the stack, and the tightest of them in
 * front.
 *
 * @param length of each strip: the blank's length and the trim at both ends
 * @param depth of each strip: the shaft and the flattening of both faces
 * @param plans in the order in which the woods come in the stack
 * @param boardYield share of the chosen boards that becomes strips; empty while no board's size is
 *     known
 */
public record NeckRips(
    Worked length, Worked depth, List<RipPlan> plans, Optional<Worked> boardYield) {

  public NeckRips {
    plans = List.copyOf(plans);
  }

  /** Works the plans out; {@code blankLength} is the finished length that shaft and head want. */
  public static NeckRips of(Givens givens, Shop shop, Worked blankLength, Ledger ledger) {
    Given trim = givens.get(Decisions.END_TRIM);
    Given shaft = givens.get(Decisions.SHAFT_THICKNESS);
    Given flattening = givens.get(Decisions.FLATTENING);
    Worked length =
        ledger.put(
            "stack.length",
            "Length of each strip",
            LENGTH,
            blankLength.value() + 2 * trim.value(),
            "L + 2 · e",
            in("L", blankLength),
            in("e", trim));
    Worked depth =
        ledger.put(
            "stack.depth",
            "Depth of each strip",
            LENGTH,
            shaft.nominal() + 2 * flattening.value(),
            "t + 2 · f",
            in("t", Given.decided(shaft.id(), shaft.label(), shaft.nominal(), LENGTH)),
            in("f", flattening));
    Set<String> woods = new LinkedHashSet<>();
    givens.design().neckStack().strips().forEach(s -> woods.add(s.species()));
    List<RipPlan> plans = new ArrayList<>();
    for (String species : woods) {
      plans.add(
          RipPlan.of(
              givens,
              species,
              board(givens, shop, species, depth.value(), length.value()),
              length.value(),
              ledger));
    }
    tightest(plans, ledger);
    return new NeckRips(length, depth, plans, boardYield(plans, length, depth, ledger));
  }

  /**
   * The board that the maker chose; until then the one of that wood whose size is known, dry and
   * large enough, or else any.
   */
  private static Optional<Board> board(
      Givens givens, Shop shop, String species, double depth, double length) {
    Optional<Board> chosen =
        givens
            .design()
            .boardFor("neck." + species)
            .flatMap(shop::board)
            .filter(b -> b.species().equals(species));
    if (chosen.isPresent()) {
      return chosen;
    }
    return shop.boards().stream()
        .filter(b -> b.species().equals(species))
        .min(
            Comparator.comparing((Board b) -> b.irreplaceable())
                .thenComparing(b -> !large(b, depth, length))
                .thenComparing(b -> b.width().orElse(0)));
  }

  static boolean large(Board board, double depth, double length) {
    return board.unmeasured().isEmpty()
        && board.thickness().getAsDouble() >= depth
        && board.length().getAsDouble() >= length;
  }

  /**
   * The ids without a wood in them tell of the tightest plan: the one that misses most, or has
   * least to spare.
   */
  private static void tightest(List<RipPlan> plans, Ledger ledger) {
    RipPlan tight =
        plans.stream()
            .filter(p -> p.from() != null && !p.strips().isEmpty())
            .max(
                Comparator.comparingDouble((RipPlan p) -> p.missing().value())
                    .thenComparing(p -> p.need().value() - p.from().value()))
            .orElse(plans.get(0));
    again(ledger, "rip.rough", tight.rough(), "");
    again(ledger, "rip.need", tight.need(), "");
    if (tight.from() != null) {
      again(ledger, "rip.strips", tight.most(), ", " + tight.species());
      again(ledger, "rip.short", tight.missing(), "");
    }
  }

  private static void again(Ledger ledger, String id, Worked worked, String more) {
    ledger.put(
        id,
        worked.label() + more,
        worked.quantity(),
        worked.value(),
        worked.formula(),
        worked.inputs().toArray(Worked.Input[]::new));
  }

  private static Optional<Worked> boardYield(
      List<RipPlan> plans, Worked length, Worked depth, Ledger ledger) {
    double strips = 0;
    double boards = 0;
    for (RipPlan plan : plans) {
      Board board = plan.board().orElse(null);
      if (board == null || board.unmeasured().isPresent()) {
        return Optional.empty();
      }
      for (RipLayout.Cut cut : plan.cuts().cuts()) {
        strips += cut.rough() * length.value() * depth.value();
      }
      boards +=
          board.length().getAsDouble()
              * board.width().getAsDouble()
              * board.thickness().getAsDouble();
    }
    Given used =
        Given.decided("strips.volume", "Volume of the rough strips, mm³", strips, Quantity.COUNT);
    Given all = Given.decided("boards.volume", "Volume of the boards, mm³", boards, Quantity.COUNT);
    return Optional.of(
        ledger.put(
            "board.yield",
            "Share of the boards that becomes strips",
            PERCENT,
            100 * strips / boards,
            "100 · V_s / V_b",
            in("V_s", used),
            in("V_b", all)));
  }

  /** Whether every strip of the stack has its wood. */
  public boolean fit() {
    return plans.stream().allMatch(RipPlan::fits);
  }

  /** The strips of one wood. */
  static long count(List<Strip> stack, String species) {
    return stack.stream().filter(s -> s.species().equals(species)).count();
  }
}
