package roughcut.record;

import java.time.LocalDateTime;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * Something that the maker decided otherwise when work on the wood had begun.
 *
 * @param of the decision's id; empty for what isn't one decision, told by {@code is} alone
 * @param was what its field showed before, in mm
 * @param is what its field shows since, in mm; or what changed, in words
 */
public record ChangedDecision(LocalDateTime at, String of, String was, String is) {
  public ChangedDecision {
    if (at == null || of == null || was == null || is == null || is.isBlank() && of.isBlank()) {
      throw new InvalidValue(Text.of("a changed decision needs an id or some words"));
    }
  }
}
