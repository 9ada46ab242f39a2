package roughcut.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import roughcut.design.OrderChange;
import roughcut.measure.Text;
import roughcut.plan.Plan;

/**
 * An order of work that is possible: every operation still finds the faces and lines that it needs,
 * and what it stands on is done (handbook page 8). Only physical needs bind; the rest is a habit.
 *
 * @param order all operations, as they are to be done
 * @param refused changes that can't be, each with its reason in words
 */
public record Route(List<Operation> order, List<Text> refused) {
  public Route {
    order = List.copyOf(order);
    refused = List.copyOf(refused);
  }

  /** The usual order with the maker's changes, as far as they are possible. */
  public static Route of(List<Operation> usual, List<OrderChange> changes) {
    List<Operation> order = usual;
    List<Text> refused = new ArrayList<>();
    for (OrderChange change : changes) {
      List<Operation> next = reordered(order, change);
      Optional<Text> reason = refusal(next);
      if (reason.isEmpty()) {
        order = next;
      } else {
        refused.add(reason.get());
      }
    }
    return new Route(order, refused);
  }

  /** A plan's order: the usual one with what its maker changed. */
  public static Route of(Plan plan) {
    return of(Operations.of(plan), plan.build().design().order());
  }

  /** What of a plan's order isn't done yet. */
  public static List<Operation> open(Plan plan) {
    return of(plan).order().stream().filter(o -> !plan.build().log().isDone(o.id())).toList();
  }

  /** The order with one change; as it was where there is no such operation. */
  static List<Operation> reordered(List<Operation> order, OrderChange change) {
    Optional<Operation> moved = find(order, change.operation());
    if (moved.isEmpty() || !change.before().isEmpty() && find(order, change.before()).isEmpty()) {
      return order;
    }
    List<Operation> next = new ArrayList<>(order);
    next.remove(moved.get());
    int at =
        change.before().isEmpty() ? next.size() : next.indexOf(find(next, change.before()).get());
    next.add(at, moved.get());
    return next;
  }

  private static Optional<Operation> find(List<Operation> order, String id) {
    return order.stream().filter(o -> o.id().equals(id)).findFirst();
  }

  public Optional<Operation> find(String id) {
    return find(order, id);
  }

  /** Why that change can't be, in words; empty where it can. */
  public Optional<Text> refusal(OrderChange change) {
    return refusal(reordered(order, change));
  }

  /** Why an order can't be, in words; empty for one that can. */
  static Optional<Text> refusal(List<Operation> order) {
    Map<String, Operation> all =
        order.stream().collect(Collectors.toMap(Operation::id, o -> o, (a, b) -> a));
    Map<String, Boolean> done = new HashMap<>();
    Map<ReferenceFace, Operation> gone = new EnumMap<>(ReferenceFace.class);
    Map<ReferenceFace, Boolean> there = new EnumMap<>(ReferenceFace.class);
    for (Operation op : order) {
      for (Map.Entry<String, Text> before : op.after().entrySet()) {
        if (all.containsKey(before.getKey()) && !done.containsKey(before.getKey())) {
          return Optional.of(
              Text.of(
                  "{operation} comes after {before}: {reason}",
                  quoted(op),
                  quoted(all.get(before.getKey())),
                  before.getValue()));
        }
      }
      for (ReferenceFace face : op.needs()) {
        if (gone.containsKey(face)) {
          return Optional.of(takesAway(gone.get(face), face, op));
        }
        if (!there.containsKey(face)) {
          Optional<Operation> maker =
              order.stream().filter(o -> o.makes().contains(face)).findFirst();
          if (maker.isPresent()) {
            return Optional.of(
                Text.of(
                    "{operation} needs {face}, which {maker} makes",
                    quoted(op),
                    face.words(),
                    quoted(maker.get())));
          }
        }
      }
      done.put(op.id(), true);
      for (ReferenceFace face : op.destroys()) {
        gone.put(face, op);
        there.remove(face);
      }
      for (ReferenceFace face : op.makes()) {
        there.put(face, true);
        gone.remove(face);
      }
    }
    return Optional.empty();
  }

  /** Tells that a face goes that another operation needs, and what would help. */
  static Text takesAway(Operation destroyer, ReferenceFace face, Operation needs) {
    String template =
        needs.measuresFrom().contains(face)
            ? "{operation} removes {face}, and {needs} measures from it; it can be done with "
                + "{instead}"
            : "{operation} removes {face}, and {needs} rests on it; it can be done with {instead}";
    return Text.of(template, quoted(destroyer), face.words(), quoted(needs), face.instead());
  }

  /** What needs a face that this operation takes away, among operations still to be done. */
  static List<Operation> neededBefore(Operation destroyer, List<Operation> open) {
    Set<ReferenceFace> going = destroyer.destroys();
    return open.stream()
        .filter(o -> o != destroyer && o.needs().stream().anyMatch(going::contains))
        // What makes the face anew has its own turn.
        .filter(o -> !isRemade(destroyer, o, open))
        .toList();
  }

  private static boolean isRemade(Operation destroyer, Operation op, List<Operation> open) {
    int from = open.indexOf(destroyer);
    int to = open.indexOf(op);
    if (to <= from) {
      return false;
    }
    return op.needs().stream()
        .filter(destroyer.destroys()::contains)
        .allMatch(f -> open.subList(from + 1, to).stream().anyMatch(o -> o.makes().contains(f)));
  }

  static Text quoted(Operation op) {
    return Text.of("“{title}”", op.title());
  }
}
