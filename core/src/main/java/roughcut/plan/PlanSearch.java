package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.Applicability;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.finding.Search;
import roughcut.measure.Text;
import roughcut.measure.Value;

/** What of an instrument can be searched for: its decisions and its numbers. */
public final class PlanSearch {
  private PlanSearch() {}

  /**
   * An answer.
   *
   * @param name what it is called
   * @param number as it is now; for a decision that isn't used, that it isn't
   * @param decided whether it is the maker's to decide
   */
  public record Answer(String id, Text name, Text hint, Text number, boolean decided) {
    Search.Entry<Answer> entry() {
      return Search.Entry.of(this, name.toString(), id, hint.toString());
    }
  }

  /** Decisions first: of two that answer alike, what can be changed comes before what follows. */
  public static List<Answer> answers(Plan plan) {
    List<Answer> all = new ArrayList<>();
    Design design = plan.build().design();
    for (Decision decision : Decisions.of(design)) {
      boolean used = Applicability.idle(design, decision.id()).isEmpty();
      all.add(
          new Answer(
              decision.id(),
              decision.label(),
              decision.hint(),
              used ? decision.decided(design) : Text.of("not used"),
              true));
    }
    for (Value value : plan.values().values()) {
      all.add(
          new Answer(value.id(), value.label(), Text.NONE, Text.only(Text.shown(value)), false));
    }
    return all;
  }

  public static List<Search.Entry<Answer>> entries(Plan plan) {
    return answers(plan).stream().map(Answer::entry).toList();
  }
}
