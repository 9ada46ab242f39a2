package roughcut.desktop.shell;

import java.util.Optional;
import roughcut.design.Counting;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.desktop.session.Session;
import roughcut.desktop.station.Station;
import roughcut.finding.Chapter;
import roughcut.finding.Finding;
import roughcut.finding.Topic;

/** Ways through a window: to a decision's field, to what a finding is about, to a chapter. */
final class Ways {
  private final ShopWindow window;
  private final Session session;
  private final Notice notice;

  Ways(ShopWindow window, Notice notice) {
    this.window = window;
    this.session = window.workspace().session();
    this.notice = notice;
  }

  /** Goes to the field that a finding belongs beside, or to the page that tells of it. */
  void toFinding(Finding finding) {
    if (!finding.where().isEmpty()) {
      toDecision(finding.where());
      return;
    }
    toChapter(finding.topic().chapter());
    window.page(pageOf(finding.topic()));
  }

  void toChapter(Chapter chapter) {
    window.stations().stream()
        .filter(s -> s.chapter().filter(c -> c == chapter).isPresent())
        .forEach(s -> window.choose(s.id()));
  }

  private static String pageOf(Topic topic) {
    return switch (topic) {
      case LAYOUT -> "";
      case NECK_BLANK -> "Boards";
      case BODY_BLANK -> "Body";
      case PLANER -> "Planer";
      case NECK -> "Side";
      case FRETBOARD -> "Markers";
      case STRINGS -> "Bridge";
      case BODY -> "Outline";
      case ROUTS -> "Passes";
    };
  }

  /** Shows the sum of a value that a drawing tells, or goes to the decision of that id. */
  void toLink(String id) {
    session
        .plan()
        .get()
        .value(id)
        .ifPresentOrElse(v -> window.sum().ask(v, window.units()), () -> toDecision(id));
  }

  /** Goes to the field where something is decided; says so where it doesn't count. */
  void toDecision(String decisionId) {
    Design design = session.build().get().design();
    Optional<String> idle = Counting.idle(design, decisionId);
    if (idle.isPresent()) {
      String label = Decisions.find(design, decisionId).map(Decision::label).orElse(decisionId);
      notice.tell(label + " " + idle.get() + ".");
      return;
    }
    if (window.here().goTo(decisionId)) {
      return;
    }
    for (Station station : window.stations()) {
      if (station.goTo(decisionId)) {
        window.choose(station.id());
        station.goTo(decisionId);
        return;
      }
    }
  }
}
