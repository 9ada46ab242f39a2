package roughcut.finding;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import roughcut.finding.Finding.Severity;

/** What is found comes worst first, and only what keeps the maker from beginning stops. */
class FindingsTest {
  @Test
  void theWorstComeFirstOtherwiseAsTheyWereFound() {
    Findings found = new Findings(Topic.NECK);
    found.look("a look");
    found.add(false, "another look");
    found.stop("a.field", "a stop");
    found.add(true, "another stop");
    found.impossible("b.field", "can't be");
    found.look("c.field", "a look there");
    assertThat(found.list())
        .extracting(Finding::words)
        .containsExactly(
            "can't be", "a stop", "another stop", "a look", "another look", "a look there");
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
