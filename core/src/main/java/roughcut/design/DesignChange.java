package roughcut.design;

import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What of a design isn't as it was. */
public final class DesignChange {
  private DesignChange() {}

  /**
   * Ids of the numbers, choices and outlines that two designs have otherwise; nothing where more
   * than these differs that a plan is made from.
   */
  public static Optional<Set<String>> between(Design before, Design now) {
    if (!parts(before, now)) {
      return Optional.empty();
    }
    Set<String> ids = new HashSet<>();
    differing(before.numbers(), now.numbers(), ids);
    differing(before.choices(), now.choices(), ids);
    differing(before.outlines(), now.outlines(), ids);
    return Optional.of(ids);
  }

  /** Whether strings, strips, fittings and all else that has parts are the same. */
  private static boolean parts(Design before, Design now) {
    return before.strings().equals(now.strings())
        && before.neckStack().equals(now.neckStack())
        && before.neckSteps().equals(now.neckSteps())
        && before.bodyStack().equals(now.bodyStack())
        && before.placements().equals(now.placements())
        && before.smallParts().equals(now.smallParts())
        && before.fittings().equals(now.fittings());
  }

  private static <V> void differing(Map<String, V> before, Map<String, V> now, Set<String> ids) {
    before.forEach(
        (id, value) -> {
          if (!value.equals(now.get(id))) {
            ids.add(id);
          }
        });
    now.keySet().stream().filter(id -> !before.containsKey(id)).forEach(ids::add);
  }
}
