package roughcut.record;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * What happened in two windows on one instrument since they were alike: nothing that either wrote
 * down is lost. Where both changed the same, what was done here stands.
 */
final class LogJoin {
  private LogJoin() {}

  /**
   * Joins two logs.
   *
   * @param base as both were
   */
  static Log of(Log base, Log mine, Log theirs) {
    return new Log(
        readings(base, mine, theirs),
        done(base, mine, theirs),
        mine.frets().equals(base.frets()) ? theirs.frets() : frets(mine.frets(), theirs.frets()),
        listed(base, mine, theirs, Log::notes, Note::at),
        listed(base, mine, theirs, Log::decided, ChangedDecision::at));
  }

  /** One reading, whether it counts or not. */
  private static List<Object> taken(Reading r) {
    return List.of(r.of(), r.value(), r.at(), r.stage(), r.with());
  }

  private static Map<List<Object>, Reading> byTaking(Log log) {
    Map<List<Object>, Reading> all = new LinkedHashMap<>();
    log.readings().forEach(r -> all.merge(taken(r), r, (a, b) -> a.counts() ? a : b));
    return all;
  }

  private static List<Reading> readings(Log base, Log mine, Log theirs) {
    Map<List<Object>, Reading> joined =
        joined(byTaking(base), byTaking(mine), byTaking(theirs), (m, t) -> m.counts() ? t : m);
    Set<List<Object>> before = byTaking(base).keySet();
    List<Reading> all = new ArrayList<>();
    joined.forEach((key, r) -> all.addAll(before.contains(key) ? List.of(r) : List.of()));
    all.addAll(merged(fresh(mine, before, joined), fresh(theirs, before, joined)));
    return all;
  }

  /** What one side has entered since, in its own order. */
  private static List<Reading> fresh(
      Log log, Set<List<Object>> before, Map<List<Object>, Reading> joined) {
    return byTaking(log).keySet().stream()
        .filter(k -> !before.contains(k) && joined.containsKey(k))
        .map(joined::get)
        .toList();
  }

  /** Two sides by their clocks; each side's own order stands. */
  private static List<Reading> merged(List<Reading> mine, List<Reading> theirs) {
    List<Reading> all = new ArrayList<>();
    int i = 0;
    for (Reading r : mine) {
      while (i < theirs.size() && theirs.get(i).at().isBefore(r.at())) {
        all.add(theirs.get(i++));
      }
      all.add(r);
    }
    all.addAll(theirs.subList(i, theirs.size()));
    return all.stream().distinct().toList();
  }

  private static Map<String, DoneOperation> byOperation(Log log) {
    Map<String, DoneOperation> all = new LinkedHashMap<>();
    log.done().forEach(d -> all.put(d.operation(), d));
    return all;
  }

  private static List<DoneOperation> done(Log base, Log mine, Log theirs) {
    Map<String, DoneOperation> joined =
        joined(byOperation(base), byOperation(mine), byOperation(theirs), (m, t) -> m);
    List<DoneOperation> all = new ArrayList<>(joined.values());
    all.sort(Comparator.comparing(DoneOperation::at));
    return all;
  }

  /** Whatever one side changed, by the others' standing still; what both changed, by the rule. */
  private static <K, V> Map<K, V> joined(
      Map<K, V> base, Map<K, V> mine, Map<K, V> theirs, BiFunction<V, V, V> both) {
    Map<K, V> all = new LinkedHashMap<>();
    List<K> keys = new ArrayList<>(base.keySet());
    mine.keySet().stream().filter(k -> !base.containsKey(k)).forEach(keys::add);
    theirs.keySet().stream()
        .filter(k -> !base.containsKey(k) && !mine.containsKey(k))
        .forEach(keys::add);
    for (K key : keys) {
      V b = base.get(key);
      V m = mine.get(key);
      V t = theirs.get(key);
      V stands =
          Objects.equals(m, b)
              ? t
              : Objects.equals(t, b) || t == null ? m : m == null ? null : both.apply(m, t);
      Optional.ofNullable(stands).ifPresent(v -> all.put(key, v));
    }
    return all;
  }

  /** What is only written down, and never changed. */
  private static <E> List<E> listed(
      Log base, Log mine, Log theirs, Function<Log, List<E>> list, Function<E, LocalDateTime> at) {
    Map<E, E> joined =
        joined(
            byItself(list.apply(base)),
            byItself(list.apply(mine)),
            byItself(list.apply(theirs)),
            (m, t) -> m);
    List<E> all = new ArrayList<>(joined.values());
    all.sort(Comparator.comparing(at));
    return all;
  }

  private static <E> Map<E, E> byItself(List<E> list) {
    Map<E, E> all = new LinkedHashMap<>();
    list.forEach(e -> all.put(e, e));
    return all;
  }

  private static FretRecords frets(FretRecords mine, FretRecords theirs) {
    FretRecords all = mine;
    for (int fret : new TreeSet<>(theirs.done().keySet())) {
      for (var stage : theirs.done().get(fret).entrySet()) {
        if (all.when(fret, stage.getKey()).isEmpty()) {
          all = all.turned(fret, stage.getKey(), stage.getValue());
        }
      }
    }
    return all;
  }
}
