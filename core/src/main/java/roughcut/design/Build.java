package roughcut.design;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * One instrument: what it is called, what was decided, and what was measured on the wood.
 * Immutable; an edit is a function from build to build.
 *
 * @param measured readings by the id of the decision whose place they take
 */
public record Build(String name, Design design, Map<String, Measurement> measured) {
  public static final int LONGEST_NAME = 80;

  public Build {
    if (name == null || name.isBlank() || name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "a build needs a name of at most " + LONGEST_NAME + " letters");
    }
    measured = Collections.unmodifiableMap(new TreeMap<>(measured));
  }

  public Build withDesign(Design next) {
    return new Build(name, next, measured);
  }

  public Build withName(String next) {
    return new Build(next, design, measured);
  }

  public Build withMeasured(String decisionId, Measurement reading) {
    Map<String, Measurement> next = new TreeMap<>(measured);
    next.put(decisionId, reading);
    return new Build(name, design, next);
  }

  /** This build with one reading taken back. */
  public Build withoutMeasured(String decisionId) {
    Map<String, Measurement> next = new TreeMap<>(measured);
    next.remove(decisionId);
    return new Build(name, design, next);
  }

  /** This build as it was drawn, before anything was measured. */
  public Build asDesigned() {
    return measured.isEmpty() ? this : new Build(name, design, Map.of());
  }
}
