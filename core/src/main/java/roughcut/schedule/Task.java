package roughcut.schedule;

import java.util.List;
import java.util.Set;
import roughcut.measure.Text;
import roughcut.part.PartId;

/**
 * One operation that is still to be done, as a schedule sees it. Times in minutes.
 *
 * @param build which build it is of, by its place in the list
 * @param id the operation's
 * @param hands at the bench
 * @param whole whether it is done at a stretch: glue doesn't wait for tomorrow
 * @param clamped how long it keeps a set of clamps from when it is closed; 0 for none
 * @param after what has to be done before it, with the wait that has to pass then
 * @param notBefore moment before which it isn't begun
 * @param tail wait after it until the build is done, when nothing comes after it
 * @param part that it is done on
 * @param holds parts on which nothing is done until its wait is over
 */
public record Task(
    int build,
    String id,
    Text title,
    long hands,
    boolean whole,
    long clamped,
    List<After> after,
    long notBefore,
    long tail,
    PartId part,
    Set<PartId> holds) {
  /**
   * A need for another.
   *
   * @param task its place in the list; always before this one's
   * @param hold wait by the clock, from when it is done
   */
  public record After(int task, long hold) {}

  /** Whether another of the same build can't be done until this one's wait is over. */
  boolean blocks(Task other) {
    return build == other.build && holds.contains(other.part);
  }

  public Task {
    after = List.copyOf(after);
    holds = Set.copyOf(holds);
  }
}
