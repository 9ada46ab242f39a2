package roughcut.plan;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roughcut.measure.Value;

/**
 * What hangs on what in a plan: which decisions and readings change a number, and which numbers a
 * decision changes. Followed along what each value says that it was made from.
 */
public final class DependencyTracer {
  private DependencyTracer() {}

  /** Decisions and readings that a value comes from, however far back, each once. */
  public static List<Value> sources(Value value) {
    Map<String, Value> found = new LinkedHashMap<>();
    gather(value, found, new IdentityHashMap<>());
    return List.copyOf(found.values());
  }

  private static void gather(Value value, Map<String, Value> into, Map<Value, Boolean> met) {
    for (Value one : value.dependsOn()) {
      if (met.put(one, true) != null) {
        continue;
      }
      Runnable next =
          switch (one.origin()) {
            case DECIDED, MEASURED -> () -> into.putIfAbsent(one.id(), one);
            case WORKED, FOUND -> () -> gather(one, into, met);
            case KNOWN -> () -> {};
          };
      next.run();
    }
  }

  /** Numbers of a plan that are made from the decision or number of that id, in working order. */
  public static List<Value> dependents(Plan plan, String id) {
    Map<Value, Boolean> known = new IdentityHashMap<>();
    List<Value> moved = new ArrayList<>();
    for (Value value : plan.values().values()) {
      if (!value.id().equals(id) && dependsOn(value, id, known)) {
        moved.add(value);
      }
    }
    return moved;
  }

  private static boolean dependsOn(Value value, String id, Map<Value, Boolean> known) {
    Boolean before = known.get(value);
    if (before != null) {
      return before;
    }
    boolean hangs = false;
    for (Value one : value.dependsOn()) {
      hangs |= one.id().equals(id) || dependsOn(one, id, known);
    }
    known.put(value, hangs);
    return hangs;
  }
}
