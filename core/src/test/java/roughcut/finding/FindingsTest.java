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
    found.look(Message.of(Text.of("a look")));
    found.add(false, Message.of(Text.of("another look")));
    found.stop("a.field", Message.of(Text.of("a stop")));
    found.add(true, Message.of(Text.of("another stop")));
    found.impossible("b.field", Message.of(Text.of("can't be made")));
    found.look("c.field", Message.of(Text.of("a look there")));
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

  /**
   * The headline is the first sentence; the reason and the way out follow, where there are such.
   */
  @Test
  void whatIsFoundIsToldInThreeParts() {
    Message whole =
        Message.of(Text.of("The floor is {left}, under the minimum.", Text.length(1.8, 1)))
            .why(Text.of("The screws pull through."))
            .fix(Text.of("Raise the pocket."));
    assertThat(whole.text())
        .hasToString(
            "The floor is 1.8 mm, under the minimum. The screws pull through. Raise the pocket.");
    assertThat(whole.rest()).hasToString("The screws pull through. Raise the pocket.");
    Message brief = Message.of(Text.of("The floor is thin."));
    assertThat(brief.text()).hasToString("The floor is thin.");
    assertThat(brief.rest().isEmpty()).isTrue();
    assertThat(brief.fix(Text.of("Raise it.")).text()).hasToString("The floor is thin. Raise it.");
    Finding one = new Finding(Severity.STOP, Topic.BODY, "", whole);
    Finding other =
        new Finding(
            Severity.STOP,
            Topic.BODY,
            "",
            Message.of(Text.of("The floor is {left}, under the minimum.", Text.length(1.2, 1))));
    assertThat(one.sameMatter(other)).as("with another number and another way out").isTrue();
  }
}
