package roughcut.schedule;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.bench.Operation;
import roughcut.bench.ReferenceFace;
import roughcut.bench.Route;
import roughcut.plan.Plan;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.shop.ShopHours;

/**
 * What is still to be done in several builds, with everything that binds it: what physically has to
 * be done before, faces that have to be there or still be there, waits by the clock, parts that lie
 * in clamps.
 *
 * @param names of the builds, in their order
 * @param due each build's day; empty for none
 * @param tasks of each build in its order of work, build after build
 * @param held until when sets of clamps are taken by what was glued already, minutes
 */
public record ShopPlanning(
    List<String> names, List<Optional<LocalDate>> due, List<Task> tasks, List<Long> held) {
  /** Work in a shop all of whose clamps are free. */
  public ShopPlanning(List<String> names, List<Optional<LocalDate>> due, List<Task> tasks) {
    this(names, due, tasks, List.of());
  }

  public ShopPlanning {
    held = List.copyOf(held);
    names = List.copyOf(names);
    due = List.copyOf(due);
    tasks = List.copyOf(tasks);
  }

  /**
   * Of those plans.
   *
   * @param learned minutes that operations really took, by their ids, from other builds' logs
   */
  public static ShopPlanning of(List<Plan> plans, ShopHours hours, Map<String, Integer> learned) {
    List<Task> tasks = new ArrayList<>();
    List<Long> held = new ArrayList<>();
    for (int i = 0; i < plans.size(); i++) {
      new Writer(plans.get(i), i, hours, learned, tasks, held).write();
    }
    return new ShopPlanning(
        plans.stream().map(Plan::name).toList(),
        plans.stream().map(p -> p.build().brief().due()).toList(),
        tasks,
        held);
  }

  /** Minutes that operations took in those builds, by their ids: the mean of what was timed. */
  public static Map<String, Integer> learned(List<Log> logs) {
    Map<String, List<Long>> all = new HashMap<>();
    for (Log log : logs) {
      for (DoneOperation done : log.done()) {
        if (done.hands().toMinutes() > 0) {
          all.computeIfAbsent(done.operation(), k -> new ArrayList<>())
              .add(done.hands().toMinutes());
        }
      }
    }
    Map<String, Integer> means = new HashMap<>();
    all.forEach(
        (id, minutes) ->
            means.put(
                id, (int) Math.round(minutes.stream().mapToLong(m -> m).average().orElse(0))));
    return means;
  }

  /** Longest way from each task's beginning to its build's end: hands and waits, minutes. */
  long[] chains() {
    long[] chains = new long[tasks.size()];
    for (int i = tasks.size() - 1; i >= 0; i--) {
      Task task = tasks.get(i);
      chains[i] = Math.max(chains[i], task.hands() + task.tail());
      for (Task.After after : task.after()) {
        int before = after.task();
        chains[before] =
            Math.max(chains[before], tasks.get(before).hands() + after.hold() + chains[i]);
      }
    }
    return chains;
  }

  /** One build's operations, written down as tasks. */
  private static final class Writer {
    private final Plan plan;
    private final int build;
    private final ShopHours hours;
    private final Map<String, Integer> learned;
    private final List<Task> tasks;
    private final List<Long> held;
    private final Log log;
    private final Map<String, Integer> places = new HashMap<>();
    private final Map<Integer, Long> after = new LinkedHashMap<>();
    private long notBefore;

    Writer(
        Plan plan,
        int build,
        ShopHours hours,
        Map<String, Integer> learned,
        List<Task> tasks,
        List<Long> held) {
      this.plan = plan;
      this.build = build;
      this.hours = hours;
      this.learned = learned;
      this.tasks = tasks;
      this.held = held;
      this.log = plan.build().log();
    }

    void write() {
      List<Operation> order = Route.of(plan).order();
      for (Operation op : order) {
        if (!op.clamped().isEmpty()) {
          log.when(op.id()).ifPresent(t -> held.add(ShopClock.minutes(t) + clamps(op)));
        }
      }
      for (int i = 0; i < order.size(); i++) {
        Operation op = order.get(i);
        if (log.isDone(op.id())) {
          continue;
        }
        after.clear();
        LocalDateTime fixed = plan.build().brief().notBefore().get(op.id());
        notBefore = fixed == null ? Long.MIN_VALUE : ShopClock.minutes(fixed);
        bind(op, order, i);
        places.put(op.id(), tasks.size());
        tasks.add(
            new Task(
                build,
                op.id(),
                op.title(),
                learned.getOrDefault(op.id(), op.minutes()),
                !op.clamped().isEmpty(),
                op.clamped().isEmpty() ? 0 : clamps(op),
                after.entrySet().stream()
                    .map(e -> new Task.After(e.getKey(), e.getValue()))
                    .toList(),
                notBefore,
                wait(op),
                op.part(),
                op.clamped()));
      }
    }

    /** What it waits for: everything is in the order of work already, so only what is before it. */
    private void bind(Operation op, List<Operation> order, int at) {
      for (int i = 0; i < at; i++) {
        Operation before = order.get(i);
        boolean named = op.after().containsKey(before.id());
        boolean inClamps = before.blocks(op);
        boolean losesItsFace = before.needs().stream().anyMatch(op.destroys()::contains);
        if (named || inClamps) {
          behind(before, wait(before));
        } else if (losesItsFace) {
          behind(before, 0);
        }
      }
      // What lies in clamps already isn't worked on, wherever it stands in the order.
      for (Operation other : order) {
        if (other.blocks(op) && log.isDone(other.id())) {
          behind(other, wait(other));
        }
      }
      for (ReferenceFace face : op.needs()) {
        for (int i = at - 1; i >= 0; i--) {
          if (order.get(i).makes().contains(face)) {
            behind(order.get(i), wait(order.get(i)));
            break;
          }
        }
      }
    }

    private void behind(Operation before, long wait) {
      Integer place = places.get(before.id());
      if (place != null) {
        after.merge(place, wait, Math::max);
      } else {
        log.when(before.id())
            .ifPresent(t -> notBefore = Math.max(notBefore, ShopClock.minutes(t) + wait));
      }
    }

    private long wait(Operation op) {
      return op.waiting().map(w -> w.minutes(hours)).orElse(0L);
    }

    /** How long it keeps a set of clamps. */
    private long clamps(Operation op) {
      return op.waiting().map(w -> Math.round(60 * w.clampHours(hours))).orElse(0L);
    }
  }
}
