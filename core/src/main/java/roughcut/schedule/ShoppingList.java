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
  public record Line(Text what, Text why) {}

  /** What this build needs and isn't in the shop, or wasn't measured yet. */
  public static List<Line> shopping(Plan plan, Units units) {
    List<Line> all = new ArrayList<>();
    for (BoardLayout.Homeless one : plan.boards().homeless()) {
      if (!one.part().small()) {
        all.add(
            new Line(
                Text.of(
                    "wood for {part}, {wood}",
                    one.part().label(),
                    plan.wood(one.part().species()).name()),
                one.why().message().what()));
      }
    }
    Set<Text> cutters = new LinkedHashSet<>();
    for (RoutPlan rout : plan.cuts().routs()) {
      rout.plan().missing().ifPresent(m -> cutters.add(m.text()));
    }
    cutters.forEach(c -> all.add(new Line(c, Text.of("nothing in the drawer does it"))));
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
    Map<String, Set<Text>> wanted = new LinkedHashMap<>();
    for (Plan other : plans) {
      if (other == own) {
        continue;
      }
      for (BoardLayout.Laid mine : own.boards().laid()) {
        for (BoardLayout.Laid theirs : other.boards().laid()) {
          if (mine.meets(theirs)) {
            wanted
                .computeIfAbsent(mine.board(), k -> new LinkedHashSet<>())
                .add(Text.of("{build}'s {part}", other.name(), theirs.part().label()));
          }
        }
      }
    }
    List<Line> lines = new ArrayList<>();
    wanted.forEach(
        (board, of) ->
            lines.add(
                new Line(
                    Text.raw(board),
                    Text.of(
                        "the same place is planned for {parts}",
                        Text.joined(List.copyOf(of), ", ")))));
    for (ShelfItem item : own.shop().shelf().pieces()) {
      pieceTwice(own, plans, item).ifPresent(lines::add);
    }
    return List.copyOf(lines);
  }

  private static Optional<Line> pieceTwice(Plan own, List<Plan> plans, ShelfItem item) {
    if (ShelfTransfer.use(own.build(), item).isEmpty()) {
      return Optional.empty();
    }
    List<Text> others = new ArrayList<>();
    for (Plan other : plans) {
      if (other != own) {
        ShelfTransfer.use(other.build(), item)
            .ifPresent(as -> others.add(Text.of("{other}'s {as}", other.name(), as)));
      }
    }
    return others.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Line(
                Text.of("{item}, from the inventory", item.name()),
                Text.of(
                    "you have one, but it is planned for {builds} too",
                    Text.joined(others, ", "))));
  }

  /** When the next session is, and what it wants at hand: each thing with what it is for. */
  public record NextSession(LocalDateTime from, List<Text> operations, List<Line> take) {}

  /** The next session of a schedule. */
  public static Optional<NextSession> session(Schedule schedule, List<Plan> plans) {
    Optional<LocalDateTime> first =
        schedule.blocks().stream().map(Schedule.Block::start).min(LocalDateTime::compareTo);
    if (first.isEmpty()) {
      return Optional.empty();
    }
    List<Text> operations = new ArrayList<>();
    Map<Text, Set<Text>> take = new LinkedHashMap<>();
    Map<Integer, Map<String, Operation>> known = new LinkedHashMap<>();
    for (Schedule.Block block : schedule.blocks()) {
      if (!block.start().toLocalDate().equals(first.get().toLocalDate())) {
        continue;
      }
      Plan plan = plans.get(block.task().build());
      Operation op =
          known.computeIfAbsent(block.task().build(), b -> operations(plan)).get(block.task().id());
      Text what = Text.of("{plan}: {title}", plan.name(), block.task().title());
      operations.add(what);
      if (op != null) {
        op.tools().forEach(t -> take.computeIfAbsent(t, k -> new LinkedHashSet<>()).add(what));
      }
    }
    List<Line> lines = new ArrayList<>();
    take.forEach((tool, of) -> lines.add(new Line(tool, Text.joined(List.copyOf(of), "; "))));
    return Optional.of(new NextSession(first.get(), operations, lines));
  }

  private static Map<String, Operation> operations(Plan plan) {
    Map<String, Operation> all = new LinkedHashMap<>();
    Operations.of(plan).forEach(o -> all.put(o.id(), o));
    return all;
  }
}
