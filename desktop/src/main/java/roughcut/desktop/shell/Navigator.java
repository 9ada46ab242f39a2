package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ScrollPane;
import roughcut.design.Applicability;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.desktop.control.NumberEvent;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.session.LeftOff;
import roughcut.desktop.session.Session;
import roughcut.desktop.station.BlanksStation;
import roughcut.desktop.station.BodyStation;
import roughcut.desktop.station.NeckStation;
import roughcut.desktop.station.Station;
import roughcut.desktop.station.StationId;
import roughcut.finding.Chapter;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.plan.DependencyTracer;
import roughcut.plan.Plan;

/** Ways through a window: to a decision's field, to what a finding is about, to a chapter. */
final class Navigator {
  private final ShopWindow window;
  private final Session session;
  private final Notice notice;

  Navigator(ShopWindow window, Notice notice) {
    this.window = window;
    this.session = window.workspace().session();
    this.notice = notice;
  }

  /** Goes to the field that a finding belongs beside, or to the page that tells of it. */
  void toFinding(Finding finding) {
    if (!finding.where().isEmpty()) {
      toPlace(finding.where());
      return;
    }
    toChapter(finding.topic().chapter());
    window.page(pageOf(finding.topic()));
  }

  private void toPlace(String where) {
    Finding.board(where).ifPresentOrElse(this::toBoard, () -> toDecision(where));
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

  /** What is asked of a number anywhere in the window. */
  void asked(NumberEvent e) {
    Plan plan = session.plan().get();
    Optional<Value> value = plan.value(e.id());
    if (e.getEventType() == NumberEvent.PLACE) {
      toPlace(e.id());
    } else if (e.getEventType() == NumberEvent.SUM) {
      toLink(e.id());
    } else if (e.getEventType() == NumberEvent.CHANGED_BY && value.isPresent()) {
      List<Command> all =
          DependencyTracer.sources(value.get()).stream().map(this::decided).toList();
      window.cards().find().open(say("what changes {quoted}", quoted(e.id())), () -> all);
    } else if (e.getEventType() == NumberEvent.CHANGES) {
      List<Command> all =
          DependencyTracer.dependents(plan, e.id()).stream().map(this::worked).toList();
      window.cards().find().open(say("what {quoted} changes", quoted(e.id())), () -> all);
    }
    e.consume();
  }

  private String quoted(String id) {
    String label =
        session
            .plan()
            .get()
            .value(id)
            .map(v -> v.label().in(session.units().get()))
            .or(
                () ->
                    Decisions.find(session.build().get().design(), id)
                        .map(d -> d.label().in(session.units().get())))
            .orElse(id);
    return "“" + label + "”";
  }

  private Command decided(Value source) {
    return new Command(
        source.label().in(session.units().get()),
        source.text(window.units()),
        source.id(),
        "",
        () -> toDecision(source.id()));
  }

  private Command worked(Value moved) {
    return new Command(
        moved.label().in(session.units().get()),
        moved.text(window.units()),
        moved.id(),
        "",
        () -> window.sum().ask(moved, window.units()));
  }

  /** Goes to the field where something is decided; says so where it doesn't count. */
  void toDecision(String decisionId) {
    Design design = session.build().get().design();
    Optional<Text> idle = Applicability.idle(design, decisionId);
    if (idle.isPresent()) {
      String label =
          Decisions.find(design, decisionId)
              .map(d -> d.label().in(session.units().get()))
              .orElse(decisionId);
      notice.tell(say("{decision} {idle}.", label, idle.get().in(session.units().get())));
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

  /** Goes to a board in the rack. */
  void toBoard(String id) {
    window.to(BlanksStation.class).board(id);
  }

  /** Asks for an outline drawn elsewhere, where it is taken in. */
  void importOutline() {
    onHeadstock()
        .ifPresentOrElse(
            NeckStation::importHeadstock, () -> window.to(BodyStation.class).importOutline());
  }

  /** Takes in an outline: of the headstock where that is looked at, else of the body. */
  void takeOutline(Path path) {
    onHeadstock()
        .ifPresentOrElse(n -> n.headstock(path), () -> window.to(BodyStation.class).outline(path));
  }

  private Optional<NeckStation> onHeadstock() {
    return window.here() instanceof NeckStation neck && neck.onHead()
        ? Optional.of(neck)
        : Optional.empty();
  }

  /** Asks for a table of boards, where they are kept. */
  void importBoards() {
    window.to(BlanksStation.class).importBoards();
  }

  /** Where the maker is, to come back to. */
  LeftOff leftOff() {
    Station here = window.here();
    return new LeftOff(
        here.id().name(),
        here.pageName(),
        window.surface().knife(),
        scrolled().map(ScrollPane::getVvalue).orElse(0.0));
  }

  private Optional<ScrollPane> scrolled() {
    return ScrollBox.in(window.here().panel());
  }

  /** Goes to where the maker was; what isn't there any more is left out. */
  void goBackTo(LeftOff place) {
    Arrays.stream(StationId.values())
        .filter(id -> id.name().equals(place.station()))
        .findFirst()
        .ifPresent(
            id -> {
              window.choose(id);
              window.page(place.page());
              Plan plan = session.plan().get();
              if (window.here().hasKnife()
                  && place.knife() >= window.here().knifeLeast(plan)
                  && place.knife() <= window.here().knifeMost(plan)) {
                window.surface().knife(place.knife());
              }
              scrolled().ifPresent(pane -> pane.setVvalue(place.scroll()));
            });
  }
}
