package roughcut.bench;

import java.util.List;

/**
 * Something that is at stake when an operation is done now: why it asks, and what could be lost.
 * What can't be put back asks with its figures alone; everything else wants a reason as well.
 *
 * @param words lengths in millimetres, written out
 * @param loss what could be lost, a sentence
 */
public record Stake(Kind kind, String words, String loss) {
  /** Why it asks. */
  public enum Kind {
    NOT_YET("not ready"),
    WAITS("waiting"),
    OWES("something is owed first"),
    NO("answered no"),
    OFF("off"),
    UNKNOWN("not known"),
    STOP("stop"),
    FINAL("can't be put back");

    private final String word;

    Kind(String word) {
      this.word = word;
    }

    public String word() {
      return word;
    }
  }

  /** Whether any of them wants a reason before it is done all the same. */
  public static boolean wantReason(List<Stake> stakes) {
    return stakes.stream().anyMatch(s -> s.kind() != Kind.FINAL);
  }
}
