package roughcut.bench;

import java.util.List;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * Something that is at stake when an operation is done now: why it asks, and what could be lost.
 * What can't be put back asks with its figures alone; everything else wants a reason as well.
 *
 * @param text why
 * @param loss what could be lost, a sentence
 */
public record Risk(Kind kind, Text text, String loss) {
  public Risk(Kind kind, String words, String loss) {
    this(kind, Text.of(words), loss);
  }

  /** As it is read in millimetres. */
  public String words() {
    return text.in(Units.MM);
  }

  public String words(Units units) {
    return text.in(units);
  }

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
  public static boolean wantReason(List<Risk> stakes) {
    return stakes.stream().anyMatch(s -> s.kind() != Kind.FINAL);
  }
}
