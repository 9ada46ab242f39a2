package roughcut.finding;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import roughcut.finding.Finding.Severity;
import roughcut.measure.Text;

/** What is found comes worst first, and only what keeps the maker from beginning stops. */
class FindingsTest {
  @Test
  void theWorstComeFirstOtherwiseAsTheyWereFound() {
    Findings found = new Findings(Topic.NECK);
    found.look(Text.of("a look"));
    found.add(false, Text.of("another look"));
    found.stop("a.field", Text.of("a stop"));
    found.add(true, Text.of("another stop"));
    found.impossible("b.field", Text.of("can't be made"));
    found.look("c.field", Text.of("a look there"));
    assertThat(found.list())
        .extracting(Finding::words)
        .containsExactly(
            "can't be made", "a stop", "another stop", "a look", "another look", "a look there");
    assertThat(found.list())
        .extracting(Finding::where)
        .containsExactly("b.field", "a.field", "", "", "", "c.field");
    assertThat(found.list())
        .extracting(Finding::stops)
        .containsExactly(true, true, true, false, false, false);
    assertThat(found.list())
        .extracting(Finding::severity)
        .containsExactly(
            Severity.IMPOSSIBLE,
            Severity.STOP,
            Severity.STOP,
            Severity.LOOK,
            Severity.LOOK,
            Severity.LOOK);
    assertThat(found.list()).extracting(Finding::topic).containsOnly(Topic.NECK);
  }
}
