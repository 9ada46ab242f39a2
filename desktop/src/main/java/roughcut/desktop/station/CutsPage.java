package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.clearance.Clearance;
import roughcut.design.DrawnPart;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingType;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.FittingCard;
import roughcut.desktop.control.OutlineEditor;
import roughcut.desktop.control.PickField;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.drawing.Drawing;
import roughcut.drawing.OutlinePoints;
import roughcut.drawing.View;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.plan.StartingFitting;
import roughcut.rout.Cut;

/** Everything that is cut into the body: placed, added, taken away, and what remains beside it. */
final class CutsPage extends BodyViewPage {
  private final PickField<String> which;
  private final FittingCard card;
  private final FactTable table = new FactTable();
  private final Label title = new Label();
  private final Label refused = new Label();
  private Panel panel;

  CutsPage(StationContext context, PagedStation station, ViewSide looking) {
    super(context, station, looking);
    which = new PickField<>("cut.which", say("Selected"), this::words, looking::choose);
    card =
        new FittingCard(
            context.session(), context::ask, () -> looking.choose(""), context::refresh);
  }

  private String words(String name) {
    Plan plan = context.session().plan().get();
    return plan.cuts()
        .cut(name)
        .map(c -> c.words().in(context.session().units().get()))
        .or(
            () ->
                plan.build()
                    .design()
                    .fitting(name)
                    .map(f -> f.words().in(context.session().units().get())))
        .orElse(name);
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    Drawing body = super.drawing(plan, units);
    return plan.build()
        .design()
        .fitting(looking.chosen())
        .flatMap(DrawnPart::of)
        .map(part -> points(body, plan, units, part))
        .orElse(body);
  }

  /** The card may still show what was chosen before. */
  private Drawing points(Drawing body, Plan plan, Units units, DrawnPart part) {
    OutlinePoints.Shown shown =
        card.points(part.name())
            .map(OutlineEditor::shown)
            .orElse(new OutlinePoints.Shown(0, -1, false));
    return OutlinePoints.over(body, plan, units, part, View.of(looking.face()), shown);
  }

  @Override
  public Handles handles() {
    return new PointHandles(
        context.session(),
        () -> card.points(looking.chosen()),
        () -> BodyDrawing.frame(context.session().plan().get(), looking.face())) {
      @Override
      public void pick(Grip grip) {
        super.pick(grip);
        grip.heldCut().ifPresent(looking::choose);
      }
    };
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.CUTS;
  }

  @Override
  Panel makePanel() {
    PickField<FittingType> add =
        new PickField<>(
            "fitting.type",
            say("Add a"),
            t -> t.label().in(context.session().units().get()),
            t -> {});
    add.show(List.of(FittingType.values()), FittingType.PICKUP);
    Button button = new Button(say("Add"));
    ControlNames.set(button, "fitting.add");
    button.getStyleClass().add("text-button");
    button.setOnAction(e -> add(add.chosen()));
    ControlNames.set(refused, "fitting.add-refused");
    refused.getStyleClass().add("panel-text");
    refused.setWrapText(true);
    refused("");
    HBox.setHgrow(add, javafx.scene.layout.Priority.ALWAYS);
    panel = begun().node(which).node(card).node(new HBox(4, add, button)).node(refused);
    return panel;
  }

  private void add(FittingType type) {
    Plan plan = context.session().plan().get();
    String name = plan.build().design().freeFittingName(StartingFitting.stem(type));
    context
        .session()
        .edit(
            say("adding a {type}", type.label().in(context.session().units().get())),
            "fitting",
            b -> b.withDesign(StartingFitting.added(plan, b.design(), type, name)))
        .ifPresentOrElse(
            this::refused,
            () -> {
              refused("");
              looking.choose(name);
            });
    context.session().history().settle();
  }

  /** Why nothing was added, where it was to be. */
  private void refused(String why) {
    refused.setText(why);
    refused.setVisible(!why.isEmpty());
    refused.setManaged(!why.isEmpty());
  }

  @Override
  Region makeBeside() {
    title.getStyleClass().add("lower-title");
    VBox column = new VBox(6, title, ScrollBox.of(table));
    column.setMinWidth(BESIDE);
    return column;
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    String chosen = looking.chosen();
    List<String> names = names(plan);
    which.show(names, names.contains(chosen) ? chosen : null);
    card.show(plan, units, chosen);
    table.begin();
    Cut cut = plan.cuts().cut(chosen).orElse(null);
    if (cut == null) {
      all(plan, units);
    } else {
      beside(plan, units, cut);
    }
    table.end();
  }

  /** Every cut with its way in, its depth, and what is left beyond it. */
  private void all(Plan plan, Units units) {
    title.setText(say("All routs and bores"));
    for (Cut cut : plan.cuts().cuts()) {
      table.row(
          false,
          cut.words().in(units),
          say(cut.from().brief()),
          say(
              cut.steps().isEmpty() ? "length {size}" : "depth {size}",
              NumberWriter.text(cut.depth(), Quantity.LENGTH, units)),
          plan.value("rout." + cut.name() + ".floor")
              .map(v -> say("left {v}", v.text(units)))
              .orElse(""));
    }
  }

  /** What remains between the chosen cut and everything near it. */
  private void beside(Plan plan, Units units, Cut cut) {
    title.setText(say("Remaining wood beside the {cut}", cut.words().in(units)));
    plan.clearances().stream()
        .filter(s -> s.inBody() && s.concerns(cut.name()))
        .forEach(
            s ->
                table.row(
                    s.state() != Clearance.State.CLEAR,
                    say(s.state().word()),
                    s.what().in(units),
                    s.later()
                        ? say("{left}, now {now}", s.left().text(units), s.nowText().in(units))
                        : s.left().text(units),
                    say(
                        "of {warn}",
                        NumberWriter.number(s.limit().warn(), Quantity.LENGTH, units))));
    if (table.empty()) {
      table.row(false, say("clear"), say("nothing is close to it"));
    }
  }

  @Override
  public String name() {
    return "Cuts";
  }

  @Override
  public String about() {
    return say(
        "Every rout and bore in the body. Click one to move it or change it, or add another.");
  }

  @Override
  public boolean goTo(String decisionId) {
    Plan plan = context.session().plan().get();
    for (Fitting fitting : plan.build().design().fittings()) {
      if (decisionId.startsWith(fitting.id(""))) {
        return lookAt(plan, fitting.name(), decisionId);
      }
    }
    for (String name : names(plan)) {
      if (decisionId.equals(FittingDecisions.depthId(name))) {
        return lookAt(plan, name, decisionId);
      }
    }
    return super.goTo(decisionId);
  }

  /** Opens a cut's card at one of its fields. */
  private boolean lookAt(Plan plan, String name, String decisionId) {
    super.goTo(decisionId); // makes the panel when the maker hasn't been here yet
    looking.choose(name);
    card.show(plan, context.session().units().get(), name);
    card.field(decisionId).ifPresent(panel::take);
    return true;
  }

  /** Everything that has a card: what is fitted, then the other cuts. */
  private static List<String> names(Plan plan) {
    List<String> names = new ArrayList<>();
    plan.build().design().fittings().forEach(f -> names.add(f.name()));
    plan.cuts().cuts().stream().map(Cut::name).filter(n -> !names.contains(n)).forEach(names::add);
    return names;
  }
}
