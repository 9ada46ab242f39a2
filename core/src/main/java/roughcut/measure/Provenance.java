package roughcut.measure;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The values that shape a thing: an outline, a cavity, a neck's back. What is found by searching
 * along it depends on all of them. Bases are put together without copying; whether anything in them
 * was measured is known at once.
 */
public final class Provenance {
  /** What nothing shapes. */
  public static final Provenance NONE = new Provenance(List.of(), List.of());

  private final List<Value> own;
  private final List<Provenance> others;
  private final boolean measured;
  private final long print;

  private Provenance(List<Value> own, List<Provenance> others) {
    this.own = own;
    this.others = others;
    boolean any = false;
    long all = own.size();
    for (Value value : own) {
      any |= value.fromMeasured();
      all = Fingerprint.of(all, value.print());
    }
    for (Provenance other : others) {
      any |= other.measured;
      all = Fingerprint.of(all, other.print);
    }
    this.measured = any;
    this.print = all;
  }

  /** Stands for all that it holds, in the order of putting it together. */
  long print() {
    return print;
  }

  public static Provenance of(Value... values) {
    return new Provenance(List.of(values), List.of());
  }

  public static Provenance of(Collection<? extends Value> values) {
    return new Provenance(List.copyOf(values), List.of());
  }

  public static Provenance all(Provenance... bases) {
    return new Provenance(List.of(), List.of(bases));
  }

  public static Provenance all(Collection<Provenance> bases) {
    return new Provenance(List.of(), List.copyOf(bases));
  }

  /** This and more. */
  public Provenance with(Value... more) {
    return new Provenance(List.of(more), List.of(this));
  }

  /** This and another. */
  public Provenance and(Provenance... more) {
    List<Provenance> all = new ArrayList<>(List.of(more));
    all.add(this);
    return new Provenance(List.of(), List.copyOf(all));
  }

  /** Whether any of them was measured, or made from what was. */
  public boolean fromMeasured() {
    return measured;
  }

  /** All of them, each once: those that come from the wood first. */
  public List<Value> values() {
    Map<String, Value> all = new LinkedHashMap<>();
    gather(Collections.newSetFromMap(new IdentityHashMap<>()), all);
    List<Value> sorted = new ArrayList<>(all.values());
    sorted.sort(Comparator.comparing(v -> !v.fromMeasured()));
    return Collections.unmodifiableList(sorted);
  }

  /** Whether the same values shape both, put together in the same order. */
  @Override
  public boolean equals(Object other) {
    return other instanceof Provenance b && print == b.print;
  }

  @Override
  public int hashCode() {
    return Long.hashCode(print);
  }

  private List<String> lines() {
    return values().stream().map(v -> v.id() + " = " + v.value()).toList();
  }

  @Override
  public String toString() {
    return lines().toString();
  }

  private void gather(Set<Provenance> met, Map<String, Value> into) {
    if (!met.add(this)) {
      return;
    }
    // Asked for twice, a decision is two objects and one value.
    own.forEach(v -> into.putIfAbsent(v.id() + " = " + v.value(), v));
    others.forEach(b -> b.gather(met, into));
  }
}
