package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import roughcut.desktop.session.Session;
import roughcut.desktop.station.Station;
import roughcut.desktop.station.StationId;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.plan.PlanSearch;

/** Everything that can be found by its words in a window: places, actions, decisions, numbers. */
final class Commands {
  private final ShopWindow window;
  private final List<Command> all = new ArrayList<>();

  Commands(ShopWindow window) {
    this.window = window;
  }

  List<Command> all() {
    places();
    pages();
    actions();
    answers();
    return all;
  }

  private void places() {
    for (StationId id : StationId.values()) {
      all.add(
          new Command(
              say("Go to {title}", id.title()),
              say("Ctrl+{digit}", id.digit()),
              () -> window.choose(id)));
    }
  }

  private void pages() {
    for (Station station : window.stations()) {
      List<String> titles = station.pageTitles();
      for (int i = 0; i < titles.size(); i++) {
        String title = titles.get(i);
        all.add(
            new Command(
                say("Go to {station}, {title}", station.name(), title),
                say("Ctrl+{digit}, Alt+{i}", station.id().digit(), (i + 1)),
                () -> {
                  window.choose(station.id());
                  window.page(title);
                }));
      }
    }
  }

  private void actions() {
    Session session = window.workspace().session();
    window.menu().forEach(all::addAll);
    all.add(new Command(say("Undo"), say("Ctrl+Z"), session::undo));
    all.add(new Command(say("Redo"), say("Ctrl+Shift+Z"), session::redo));
    all.add(
        new Command(
            say("Units: millimetres, inches, fractions"), say("Ctrl+U"), window::nextUnits));
    all.add(new Command(say("What if: try changes first"), say("Ctrl+T"), session::beginWhatIf));
    all.add(new Command(say(ShopWindow.MACHINE), "F9", window.atBench()::openMachine));
    all.add(
        new Command(say("Simulated caliper"), say("Ctrl+Shift+M"), window.atBench()::openCaliper));
    all.add(
        new Command(
            say("Connect caliper …"),
            "",
            () -> window.atBench().connectCaliper(window.root().getScene().getWindow())));
    all.add(
        Command.of(
            window.hints() ? say("Hide page descriptions") : say("Show page descriptions"),
            () -> window.hints(!window.hints())));
    all.add(new Command(say("Fit drawing"), "0", window.surface()::fit));
  }

  private void answers() {
    Plan plan = window.workspace().session().plan().get();
    Units units = window.units();
    for (PlanSearch.Answer answer : PlanSearch.answers(plan)) {
      String name = answer.name().in(units);
      all.add(
          new Command(
              answer.decided() ? say("Set: {decision}", name) : name,
              answer.number().in(units),
              answer.id(),
              answer.hint().in(units),
              answer.decided()
                  ? () -> window.goTo(answer.id())
                  : () -> window.sum().ask(plan.value(answer.id()).orElseThrow(), units)));
    }
  }
}
