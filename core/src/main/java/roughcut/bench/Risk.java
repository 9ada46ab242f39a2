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
public record Risk(Kind kind, Text text, Text loss) {
  /** As it is read in millimetres. */
  public String words() {
    return text.in(Units.MM);
  }

  public String words(Units units) {
    return text.in(units);
  }

  /** Why it asks. */
  public enum Kind {
    NOT_YET(Text.of("not ready")),
    WAITS(Text.of("waiting")),
    OWES(Text.of("something comes first")),
    NO(Text.of("answered no")),
    OFF(Text.of("off")),
    UNKNOWN(Text.of("not known")),
    STOP(Text.of("stop")),
    FINAL(Text.of("can't be undone"));

    private final Text word;

    Kind(Text word) {
      this.word = word;
    }

    public Text word() {
      return word;
    }
  }

  /** Whether any of them wants a reason before it is done all the same. */
  public static boolean wantReason(List<Risk> risks) {
    return risks.stream().anyMatch(s -> s.kind() != Kind.FINAL);
  }
}
