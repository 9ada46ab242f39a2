package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.desktop.control.DecisionField;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.PickField;
import roughcut.desktop.control.ReadingField;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.drawing.Drawing;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Reading;
import roughcut.rout.Pickup;
import roughcut.rout.PickupSetUp;
import roughcut.strings.SetUp;

/** Pickups that are fitted and wired: how far their screws go, and whether they agree. */
final class PickupsPage extends PlainPage {
  private static final String NOT_YET = "not measured";

  private final StationContext context;
  private final PagedStation station;
  private final VBox fields = new VBox(4);
  private final List<Runnable> answers = new ArrayList<>();
  private final FactTable heights = new FactTable();
  private final FactTable together = new FactTable();
  private List<String> names = List.of();

  PickupsPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  public String name() {
    return "Pickups";
  }

  @Override
  public String about() {
    return say("Fitted pickups: how far their screws go, and whether their resistance agrees.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return BodyDrawing.of(plan, units, BodyFace.TOP, BodyDrawing.Shows.CUTS, "");
  }

  @Override
  Panel makePanel() {
    return new Panel(context).node(turner(station)).node(fields);
  }

  @Override
  Region makeLower() {
    Label how =
        new Label(
            say(
                "Wired, but not installed: lay a screwdriver on the poles and pull it off. The "
                    + "meter needle shows coil and magnet together, a compass shows the magnet "
                    + "alone. Low voltage only. Mains wiring is for a qualified person."));
    how.setWrapText(true);
    how.getStyleClass().add("lower-note");
    how.setMinHeight(Region.USE_PREF_SIZE);
    return new ColumnBox().addWide(say("Height"), 300, heights).add(say("Together"), together, how);
  }

  @Override
  void showLower(Plan plan, Units units) {
    fields(plan);
    answers.forEach(Runnable::run);
    PickupSetUp setUp = plan.bodyPlan().pickups();
    heights.begin();
    for (PickupSetUp.Height h : setUp.heights()) {
      heights.row(
          false,
          h.pickup().title().in(units),
          h.treble() ? say("treble") : say("bass"),
          h.gap().text(units),
          SetUp.turned(h.turns()).in(units));
    }
    if (heights.empty()) {
      heights.row(false, "", say("no gap measured yet"));
    }
    heights.end();
    together.begin();
    for (PickupSetUp.Pair pair : setUp.pairs()) {
      together.row(
          !pair.together().inPhase(), pair.words().in(units), pair.together().told().in(units));
    }
    for (Value both : setUp.together()) {
      together.row(false, both.label().in(units), say("{both} expected", both.text(units)));
    }
    if (together.empty()) {
      together.row(
          false,
          "",
          plan.cuts().pickups().size() < 2
              ? say("one pickup has nothing to match")
              : say("needle and compass readings of two pickups tell whether they are in phase"));
    }
    together.end();
  }

  /** Fields of each pickup; a pickup of another name has others. */
  private void fields(Plan plan) {
    List<String> now = plan.cuts().pickups().stream().map(p -> p.fitting().name()).toList();
    if (now.equals(names) && !fields.getChildren().isEmpty()) {
      return;
    }
    names = now;
    answers.clear();
    List<Node> all = new ArrayList<>();
    for (Pickup pickup : plan.cuts().pickups()) {
      Fitting fitting = pickup.fitting();
      Label heading = new Label(fitting.title().in(context.session().units().get()));
      heading.getStyleClass().add("panel-heading");
      all.add(heading);
      all.add(new DecisionField(FittingDecisions.number(fitting, "coil"), context.session()));
      for (String what : List.of("gap-treble", "gap-bass", "resistance")) {
        all.add(new ReadingField(brief(fitting, what), context.session()));
      }
      all.add(answer(brief(fitting, "swing")));
      all.add(answer(brief(fitting, "magnet")));
    }
    if (all.isEmpty()) {
      Label none = new Label(say("No pickup yet. Add one on Routs, page Cuts."));
      none.setWrapText(true);
      none.getStyleClass().add("lower-note");
      all.add(none);
    }
    fields.getChildren().setAll(all);
  }

  /** Under its pickup's heading what is read needs the pickup's name no more. */
  private Measurable brief(Fitting fitting, String what) {
    Measurable whole =
        Measurables.ofPickup(context.session().build().get().design(), fitting.name(), what);
    String all = whole.label().in(context.session().units().get());
    String label = all.substring(all.lastIndexOf(", ") + 2);
    return new Measurable(
        whole.id(), Text.raw(label).capital(), whole.kind(), whole.range(), whole.answers());
  }

  /** What is seen, picked from its answers; none withdraws what was seen. */
  private Node answer(Measurable seen) {
    List<String> all = new ArrayList<>(List.of(say(NOT_YET)));
    seen.answers().forEach(a -> all.add(a.in(context.session().units().get())));
    PickField<String> field =
        new PickField<>(
            seen.id(),
            seen.label().in(context.session().units().get()),
            w -> w,
            picked -> take(seen, picked));
    answers.add(() -> field.show(all, told(seen).orElse(say(NOT_YET))));
    return field;
  }

  private Optional<String> told(Measurable seen) {
    return Optional.ofNullable(context.session().build().get().measured().get(seen.id()))
        .map(r -> seen.told(r.value()).in(context.session().units().get()));
  }

  private void take(Measurable seen, String picked) {
    Units units = context.session().units().get();
    int place = seen.answers().stream().map(a -> a.in(units)).toList().indexOf(picked);
    context
        .session()
        .make(
            seen.label().in(context.session().units().get()),
            seen.id(),
            b ->
                place < 0
                    ? b.withoutMeasured(seen.id())
                    : b.withReading(
                        Reading.of(seen.id(), place, context.session().now().second())));
    context.session().history().settle();
  }
}
