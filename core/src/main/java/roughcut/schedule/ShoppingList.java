package roughcut.schedule;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roughcut.bench.Operation;
import roughcut.bench.Operations;
import roughcut.blank.BoardLayout;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.RoutPlan;
import roughcut.shop.ShelfItem;
import roughcut.start.ShelfTransfer;

/** What a build still needs that isn't owned or measured; and what to lay out before a session. */
public final class ShoppingList {
  private ShoppingList() {}

  /**
   * One thing to get, or to take to the bench.
   *
   * @param what it is
   * @param why it is wanted, or what for
   */
  public record Line(String what, String why) {}

  /** What this build needs and isn't in the shop, or wasn't measured yet. */
  public static List<Line> shopping(Plan plan, Units units) {
    List<Line> all = new ArrayList<>();
    for (BoardLayout.Homeless one : plan.boards().homeless()) {
      if (!one.part().small()) {
        all.add(
            new Line(
                "wood for " + one.part().label() + ", " + plan.wood(one.part().species()).name(),
                Text.in(one.why(), units)));
      }
    }
    Set<String> cutters = new LinkedHashSet<>();
    for (RoutPlan rout : plan.cuts().routs()) {
      rout.plan().missing().ifPresent(cutters::add);
    }
    cutters.forEach(c -> all.add(new Line(Text.in(c, units), "nothing in the drawer does it")));
    HardwareNeeds.of(plan, units).stream()
        .filter(n -> !n.inHand())
        .forEach(n -> all.add(new Line(n.what(), n.why())));
    return List.copyOf(all);
  }

  /**
   * What a build and another of the shop's both count on, which only one of them can have: the same
   * place of a board, the same piece from the shelf.
   */
  public static List<Line> twice(Plan own, List<Plan> plans) {
    Map<String, Set<String>> wanted = new LinkedHashMap<>();
    for (Plan other : plans) {
      if (other == own) {
        continue;
      }
      for (BoardLayout.Laid mine : own.boards().laid()) {
        for (BoardLayout.Laid theirs : other.boards().laid()) {
          if (mine.meets(theirs)) {
            wanted
                .computeIfAbsent(mine.board(), k -> new LinkedHashSet<>())
                .add(other.name() + "'s " + theirs.part().label());
          }
        }
      }
    }
    List<Line> lines = new ArrayList<>();
    wanted.forEach(
        (board, of) ->
            lines.add(new Line(board, "the same place is planned for " + String.join(", ", of))));
    for (ShelfItem item : own.shop().shelf().pieces()) {
      pieceTwice(own, plans, item).ifPresent(lines::add);
    }
    return List.copyOf(lines);
  }

  private static Optional<Line> pieceTwice(Plan own, List<Plan> plans, ShelfItem item) {
    if (ShelfTransfer.use(own.build(), item).isEmpty()) {
      return Optional.empty();
    }
    List<String> others = new ArrayList<>();
    for (Plan other : plans) {
      if (other != own) {
        ShelfTransfer.use(other.build(), item)
            .ifPresent(as -> others.add(other.name() + "'s " + as));
      }
    }
    return others.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Line(
                item.name() + ", from the shelf",
                "one is in hand, and it is planned for " + String.join(", ", others) + " too"));
  }

  /** When the next session is, and what it wants at hand: each thing with what it is for. */
  public record Session(LocalDateTime from, List<String> operations, List<Line> take) {}

  /** The next session of a schedule. */
  public static Optional<Session> session(Schedule schedule, List<Plan> plans) {
    Optional<LocalDateTime> first =
        schedule.blocks().stream().map(Schedule.Block::start).min(LocalDateTime::compareTo);
    if (first.isEmpty()) {
      return Optional.empty();
    }
    List<String> operations = new ArrayList<>();
    Map<String, Set<String>> take = new LinkedHashMap<>();
    Map<Integer, Map<String, Operation>> known = new LinkedHashMap<>();
    for (Schedule.Block block : schedule.blocks()) {
      if (!block.start().toLocalDate().equals(first.get().toLocalDate())) {
        continue;
      }
      Plan plan = plans.get(block.task().build());
      Operation op =
          known.computeIfAbsent(block.task().build(), b -> operations(plan)).get(block.task().id());
      String what = plan.name() + ": " + block.task().title();
      operations.add(what);
      if (op != null) {
        op.tools().forEach(t -> take.computeIfAbsent(t, k -> new LinkedHashSet<>()).add(what));
      }
    }
    List<Line> lines = new ArrayList<>();
    take.forEach((tool, of) -> lines.add(new Line(tool, String.join("; ", of))));
    return Optional.of(new Session(first.get(), operations, lines));
  }

  private static Map<String, Operation> operations(Plan plan) {
    Map<String, Operation> all = new LinkedHashMap<>();
    Operations.of(plan).forEach(o -> all.put(o.id(), o));
    return all;
  }
}
