package roughcut.schedule;

import java.util.List;

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
 */
public record Task(
    int build,
    String id,
    String title,
    long hands,
    boolean whole,
    long clamped,
    List<After> after,
    long notBefore,
    long tail) {
  /**
   * A need for another.
   *
   * @param task its place in the list; always before this one's
   * @param hold wait by the clock, from when it is done
   */
  public record After(int task, long hold) {}

  public Task {
    after = List.copyOf(after);
  }
}
