package roughcut.file;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.record.Build;
import roughcut.whatif.ChangeSummary;

/**
 * What was done to a build before it was opened: its earlier versions as steps that can be taken
 * back, so that undo goes on where the last session ended.
 */
public final class EarlierWork {
  private EarlierWork() {}

  /**
   * One step.
   *
   * @param before the build before it
   * @param name what it was, as “Undo …” says it
   */
  public record Step(Build before, Text name) {}

  /**
   * Steps that led to a build, the last one first. A version that can't be read any more ends them,
   * for what led on from it isn't known.
   *
   * @param file the build's
   * @param opened what it held when it was opened
   * @param most so many at most
   * @param units in which numbers are told
   */
  public static List<Step> of(Path file, Build opened, int most, Units units) {
    List<Step> steps = new ArrayList<>();
    Build after = opened;
    try {
      for (Versions.Version version : Versions.of(file)) {
        if (steps.size() >= most) {
          break;
        }
        Build before = BuildFile.open(version.path()).build();
        if (!before.equals(after)) {
          steps.add(new Step(before, name(before, after, units)));
          after = before;
        }
      }
    } catch (IOException e) {
      System.getLogger("roughcut")
          .log(System.Logger.Level.INFO, "earlier work can't be read: " + e.getMessage());
    }
    return steps;
  }

  private static Text name(Build before, Build after, Units units) {
    List<Text> changes = ChangeSummary.between(before, after, units, id -> id);
    return changes.isEmpty()
        ? Text.of("work of an earlier session")
        : changes.size() == 1
            ? changes.get(0)
            : Text.of("{first} and {count} more", changes.get(0), changes.size() - 1);
  }
}
