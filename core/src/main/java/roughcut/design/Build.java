package roughcut.design;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * One instrument: what it is called, what was decided, and what was measured on the wood.
 * Immutable; an edit is a function from build to build.
 *
 * @param measured readings by the id of the decision whose place they take
 * @param frets what was done to each fret
 */
public record Build(
    String name, Design design, Map<String, Measurement> measured, FretRecords frets) {
  public static final int LONGEST_NAME = 80;

  public Build {
    if (name == null || name.isBlank() || name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "a build needs a name of at most " + LONGEST_NAME + " letters");
    }
    measured = Collections.unmodifiableMap(new TreeMap<>(measured));
  }

  /** A build whose frets aren't begun. */
  public Build(String name, Design design, Map<String, Measurement> measured) {
    this(name, design, measured, FretRecords.NONE);
  }

  public Build withDesign(Design next) {
    return new Build(name, next, measured, frets);
  }

  public Build withFrets(FretRecords next) {
    return new Build(name, design, measured, next);
  }

  public Build withName(String next) {
    return new Build(next, design, measured, frets);
  }

  public Build withMeasured(String decisionId, Measurement reading) {
    Map<String, Measurement> next = new TreeMap<>(measured);
    next.put(decisionId, reading);
    return new Build(name, design, next, frets);
  }

  /** This build with one reading taken back. */
  public Build withoutMeasured(String decisionId) {
    Map<String, Measurement> next = new TreeMap<>(measured);
    next.remove(decisionId);
    return new Build(name, design, next, frets);
  }

  /** This build without a fitting, and without what was measured on it. */
  public Build withoutFitting(String fitting) {
    Map<String, Measurement> next = new TreeMap<>(measured);
    design.fitting(fitting).ifPresent(f -> next.keySet().removeIf(f::owns));
    return new Build(name, design.withoutFitting(fitting), next, frets);
  }

  /**
   * This build with a fitting under another name, its decisions and readings with it.
   *
   * @throws IllegalArgumentException in words, when it can't be called so
   */
  public Build withFittingRenamed(String from, String to) {
    Fitting fitting = design.fitting(from).orElse(null);
    if (fitting == null || from.equals(to)) {
      return this;
    }
    if (design.fitting(to).isPresent()) {
      throw new IllegalArgumentException("another fitting is called “" + to + "” already");
    }
    Map<String, Measurement> next = new TreeMap<>();
    measured.forEach((id, reading) -> next.put(fitting.renamed(id, to), reading));
    return new Build(name, design.withFittingRenamed(fitting, to), next, frets);
  }

  /** This build as it was drawn, before anything was measured; what was done stays done. */
  public Build asDesigned() {
    return measured.isEmpty() ? this : new Build(name, design, Map.of(), frets);
  }
}
