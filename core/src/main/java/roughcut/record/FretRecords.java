package roughcut.record;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import roughcut.design.Decisions;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * What was done to which fret and when; a record for each, not one tick for all. Immutable.
 *
 * @param done by fret, 1 first
 */
public record FretRecords(Map<Integer, Map<FretStage, LocalDate>> done) {
  public static final FretRecords NONE = new FretRecords(Map.of());

  public FretRecords {
    Map<Integer, Map<FretStage, LocalDate>> copy = new TreeMap<>();
    done.forEach(
        (fret, stages) -> {
          if (fret < 1 || fret > Decisions.FRETS.most()) {
            throw new InvalidValue(Text.of("there is no fret {fret}", fret));
          }
          if (!stages.isEmpty()) {
            copy.put(fret, Collections.unmodifiableMap(new EnumMap<>(stages)));
          }
        });
    done = Collections.unmodifiableMap(copy);
  }

  /** When that was done; empty when it wasn't. */
  public Optional<LocalDate> when(int fret, FretStage stage) {
    return Optional.ofNullable(done.getOrDefault(fret, Map.of()).get(stage));
  }

  /** With one stage of a fret done that day, or taken back when it was done already. */
  public FretRecords turned(int fret, FretStage stage, LocalDate day) {
    Map<Integer, Map<FretStage, LocalDate>> next = new TreeMap<>(done);
    Map<FretStage, LocalDate> stages = new EnumMap<>(FretStage.class);
    stages.putAll(done.getOrDefault(fret, Map.of()));
    if (stages.remove(stage) == null) {
      stages.put(stage, day);
    }
    next.put(fret, stages);
    return new FretRecords(next);
  }

  /** With a stage done that day at every fret that wasn't, up to the last. */
  public FretRecords all(int last, FretStage stage, LocalDate day) {
    FretRecords next = this;
    for (int fret = 1; fret <= last; fret++) {
      next = next.when(fret, stage).isPresent() ? next : next.turned(fret, stage, day);
    }
    return next;
  }

  /** How many frets up to the last have come so far. */
  public int count(int last, FretStage stage) {
    return (int)
        done.entrySet().stream()
            .filter(e -> e.getKey() <= last && e.getValue().containsKey(stage))
            .count();
  }
}
