package roughcut.blank;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roughcut.design.Strip;
import roughcut.geometry.Outline;
import roughcut.measure.Provenance;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Board;
import roughcut.shop.Shop;

/**
 * The rip plans of the neck's strips, one for each wood in the stack, and the tightest of them in
 * front.
 *
 * @param length of each strip: the blank's length and the trim at both ends
 * @param depth of each strip: the shaft and the flattening of both faces
 * @param plans in the order in which the woods come in the stack
 * @param elsewhere what was sawn off boards that none of them takes now
 */
public record NeckRips(
    Value length, Value depth, List<RipPlan> plans, List<BoardLayout.Gone> elsewhere) {

  public NeckRips {
    plans = List.copyOf(plans);
    elsewhere = List.copyOf(elsewhere);
  }

  /** The most that the grain runs out of the boards that the strips come from, degrees. */
  public double mostRunOut() {
    return plans.stream()
        .filter(p -> !p.strips().isEmpty())
        .flatMap(p -> p.board().stream())
        .mapToDouble(Board::runOut)
        .max()
        .orElse(0);
  }

  /**
   * Works the plans out, for strips of the tree's length and depth.
   *
   * @param nested outline of a neck sawn from one piece, several of which lie in each other
   */
  public static NeckRips of(
      EffectiveInputs inputs,
      Shop shop,
      BlankTree tree,
      Optional<Outline> nested,
      Provenance provenance,
      ValueRegistry registry) {
    Value length = tree.length();
    Value depth = tree.depth();
    Set<String> woods = new LinkedHashSet<>();
    inputs.neckStrips().forEach(s -> woods.add(s.species()));
    List<RipPlan> plans = new ArrayList<>();
    RipShare.Sizes sizes = new RipShare.Sizes(inputs, tree);
    for (String species : woods) {
      Optional<Board> first = board(inputs, shop, species, depth.value(), length.value());
      boolean chosen = chosen(inputs, shop, species).isPresent();
      List<Board> others =
          shop.boards().stream()
              .filter(b -> !chosen && b.species().equals(species) && !b.irreplaceable())
              .filter(b -> first.filter(f -> f.id().equals(b.id())).isEmpty())
              .toList();
      int nth = 1;
      for (RipShare share : RipShare.of(inputs, sizes, species, first, others)) {
        plans.add(
            RipPlan.of(
                inputs,
                shop.woods().get(species),
                share,
                nth++,
                sizes,
                tree,
                nested,
                provenance,
                registry));
      }
    }
    tightest(plans, registry);
    return new NeckRips(length, depth, plans, elsewhere(shop, sizes, plans));
  }

  /**
   * The board that the maker chose; until then the one of that wood whose size is known, dry and
   * large enough, or else any.
   */
  private static Optional<Board> board(
      EffectiveInputs inputs, Shop shop, String species, double depth, double length) {
    Optional<Board> chosen = chosen(inputs, shop, species);
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

  private static Optional<Board> chosen(EffectiveInputs inputs, Shop shop, String species) {
    return inputs
        .design()
        .boardFor("neck." + species)
        .flatMap(shop::board)
        .filter(b -> b.species().equals(species));
  }

  static boolean large(Board board, double depth, double length) {
    return board.unmeasured().isEmpty()
        && board.thickness().getAsDouble() >= depth
        && board.length().getAsDouble() >= length;
  }

  /**
   * The ids without a wood in them tell of the tightest plan: the one that misses most, or has
   * least to spare. Of strips that are all sawn there is nothing to tell.
   */
  private static void tightest(List<RipPlan> plans, ValueRegistry registry) {
    if (sawn(plans)) {
      return;
    }
    RipPlan tight =
        plans.stream()
            .filter(p -> p.from() != null && !p.strips().isEmpty())
            .max(
                Comparator.comparingDouble((RipPlan p) -> p.missing().value())
                    .thenComparing(p -> p.need().value() - p.from().value()))
            .orElse(plans.get(0));
    again(registry, "rip.rough", tight.rough(), Text.NONE);
    again(registry, "rip.need", tight.need(), Text.NONE);
    if (tight.from() != null) {
      if (tight.most() != null) {
        again(registry, "rip.strips", tight.most(), Text.raw(tight.wood().name()));
      }
      again(registry, "rip.short", tight.missing(), Text.NONE);
    }
  }

  private static boolean sawn(List<RipPlan> plans) {
    return plans.stream().allMatch(p -> p.strips().isEmpty() && !p.done().isEmpty());
  }

  /** Whether every strip is sawn off its board already. */
  public boolean sawn() {
    return sawn(plans);
  }

  private static void again(ValueRegistry registry, String id, Value worked, Text wood) {
    registry.put(
        worked.as(
            new ValueKey(id, Text.joined(List.of(worked.label(), wood), ", "), worked.quantity())));
  }

  /** Id of the width of the board that a strip is sawn from; empty while nobody knows it. */
  public Optional<SettingRef> boardWidth(int strip) {
    return plans.stream()
        .filter(p -> p.strips().contains(strip))
        .flatMap(p -> p.board().stream())
        .filter(b -> b.width().isPresent())
        .map(b -> BlankKeys.BOARD_WIDTH.of(b.id()))
        .findFirst();
  }

  /** The strips as they lie on their boards, to be kept clear by everything else. */
  public List<BoardLayout.Laid> laid(List<WoodPart> parts, double jointing) {
    List<BoardLayout.Laid> all = new ArrayList<>();
    Map<Integer, Integer> nth = new HashMap<>();
    for (RipPlan plan : plans) {
      if (!plan.lies()) {
        continue;
      }
      for (RipLayout.Cut cut : plan.cuts().cuts()) {
        int copy = nth.merge(cut.strip(), 1, Integer::sum);
        String id = "neck.strip." + cut.strip() + (copy > 1 ? "." + copy : "");
        parts.stream()
            .filter(p -> p.id().equals(id))
            .findFirst()
            .ifPresent(
                part ->
                    all.add(
                        new BoardLayout.Laid(
                            part,
                            plan.board().get().id(),
                            cut.x(),
                            cut.y() + plan.sawnOff(jointing),
                            false,
                            false,
                            Text.NONE)));
      }
    }
    return all;
  }

  /** Boards that gave strips and give none any more: another was chosen, or all are sawn. */
  private static List<BoardLayout.Gone> elsewhere(
      Shop shop, RipShare.Sizes sizes, List<RipPlan> plans) {
    List<BoardLayout.Gone> all = new ArrayList<>();
    for (Board board : shop.boards()) {
      boolean planned =
          plans.stream()
              .filter(RipPlan::lies)
              .anyMatch(p -> p.board().orElseThrow().id().equals(board.id()));
      if (!planned) {
        sizes.gone(board).ifPresent(all::add);
      }
    }
    return all;
  }

  /** What is sawn off the boards already, so that nothing else is laid there. */
  public List<BoardLayout.Gone> gone(double jointing) {
    List<BoardLayout.Gone> all = new ArrayList<>(elsewhere);
    for (RipPlan plan : plans) {
      if (!plan.lies()) {
        continue;
      }
      Board board = plan.board().get();
      double off = plan.sawnOff(jointing);
      if (plan.partly() && off > 0) {
        all.add(new BoardLayout.Gone(board.id(), 0, 0, board.length().orElse(0), off));
      }
      for (RipLayout.Cut cut : plan.cuts().sawn()) {
        // The jointed edge went with the first of them.
        double from = cut.y() == 0 ? 0 : cut.y() + jointing;
        all.add(
            new BoardLayout.Gone(
                board.id(), cut.x(), from, cut.length(), cut.y() + jointing + cut.rough() - from));
      }
    }
    return all;
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
