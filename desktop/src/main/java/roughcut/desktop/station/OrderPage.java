package roughcut.desktop.station;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.bench.Bench;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.OperationCard;
import roughcut.desktop.control.StepList;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BenchDrawing;
import roughcut.drawing.Drawing;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;

/** The order of work: what can be done now, what is owed, and one operation in full. */
final class OrderPage extends BenchPage {
  private final StationContext context;
  private final BenchState bench;
  private final OperationCard card;
  private final Label title = new Label();
  private final CheckBox open = new CheckBox(say("Hide finished work"));
  private final Label odd = new Label();
  private final StepList list;

  OrderPage(StationContext context, PagedStation station) {
    super(station, 4);
    this.context = context;
    this.bench = context.bench();
    card = new OperationCard(context);
    beside(card);
    list = new StepList(this::choose, this::moved);
    ControlNames.set(open, "bench.open");
    open.getStyleClass().add("tick");
    open.setOnAction(e -> context.refresh());
    title.getStyleClass().add("lower-title");
    // In a narrow window the words go on in another line; what can be ticked never gives way.
    title.setWrapText(true);
    title.setMinHeight(Region.USE_PREF_SIZE);
    title.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(title, Priority.ALWAYS);
    open.setMinWidth(Region.USE_PREF_SIZE);
    HBox head = new HBox(12, title, open);
    VBox.setVgrow(list, Priority.ALWAYS);
    odd.setWrapText(true);
    ControlNames.set(odd, "bench.odd");
    odd.getStyleClass().add("decision-message");
    under(head, odd, list);
    bench.chosen().addListener((p, was, is) -> context.refresh());
    bench.changed().addListener((p, was, is) -> context.refresh());
    context.days().onChanged(context::refresh);
  }

  private void moved(String operation, String before) {
    bench.move(operation, before).ifPresent(context::refused);
    context.refresh();
  }

  private void choose(String operation) {
    bench.chosen().set(operation);
  }

  @Override
  public String name() {
    return "Order";
  }

  @Override
  public String about() {
    return say(
        "What you can do now, what comes first, and what to measure before it. Start with what "
            + "is ready.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return BenchDrawing.of(
        bench.bench(), bench.step().map(s -> s.operation().id()).orElse(""), units);
  }

  @Override
  public void show(Plan plan, Units units, double knife) {
    if (bench.chosen().get().isEmpty() && bench.step().isPresent()) {
      // What a reading makes impossible stays in sight, so that it is seen why.
      choose(bench.step().get().operation().id());
      return;
    }
    context.days().readOthers();
    card.show(plan, units);
    Bench here = bench.bench();
    List<Bench.OperationStatus> steps =
        open.isSelected()
            ? here.steps().stream().filter(s -> s.state() != Bench.State.DONE).toList()
            : here.steps();
    long done = here.steps().stream().filter(s -> s.state() == Bench.State.DONE).count();
    int ready = here.ready().size();
    int spoiled = here.outdatedCuts().size();
    title.setText(
        say("{done} of {steps} done · {ready} ready", done, here.steps().size(), ready)
            + (here.blockedSteps().isEmpty()
                ? ""
                : " · " + say("{steps} blocked", here.blockedSteps().size()))
            + (spoiled == 0
                ? ""
                : " · "
                    + count(
                        spoiled, "{n} number made differently", "{n} numbers made differently")));
    List<Text> suspicious = here.suspiciousEntries();
    odd.setText(suspicious.isEmpty() ? "" : suspicious.get(0).in(units));
    odd.setVisible(!suspicious.isEmpty());
    odd.setManaged(!suspicious.isEmpty());
    list.show(steps, bench.step().map(s -> s.operation().id()).orElse(""));
  }

  @Override
  public Handles handles() {
    return new Handles() {
      @Override
      public String words(Grip grip, double dx, double dy) {
        return "";
      }

      @Override
      public void drop(Grip grip, double dx, double dy) {
        String id = grip.heldWork().orElseThrow();
        String before = BenchDrawing.at(bench.bench(), BenchDrawing.from(bench.bench(), id) + dx);
        moved(id, before);
      }

      @Override
      public void pick(Grip grip) {
        grip.heldWork().ifPresent(id -> choose(id));
      }
    };
  }
}
