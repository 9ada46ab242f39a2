package roughcut.desktop.station;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.RoutDecisions;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.PickField;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Measurables;
import roughcut.rout.PassPlan;
import roughcut.rout.RoutPlan;

/** How one rout is made: cutters, depths, what guides the bearing. */
final class PassesPage extends BodyViewPage {
  private final PickField<String> which;
  private final FactTable passes = new FactTable();
  private final FactTable notes = new FactTable();
  private final Label title = new Label();
  private final Label missing = new Label();

  PassesPage(StationContext context, PagedStation station, ViewSide looking) {
    super(context, station, looking);
    which =
        new PickField<>(
            "passes.which",
            say("Rout"),
            n ->
                context
                    .session()
                    .plan()
                    .get()
                    .cuts()
                    .cut(n)
                    .map(c -> c.words().in(context.session().units().get()))
                    .orElse(n),
            looking::choose);
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.PASSES;
  }

  /** The first rout until one is chosen, so that there is something to see. */
  @Override
  String chosen(Plan plan) {
    return looking.chosen().isEmpty()
        ? plan.cuts().routs().stream().findFirst().map(r -> r.cut().name()).orElse("")
        : looking.chosen();
  }

  @Override
  Panel makePanel() {
    return begun()
        .node(which)
        .heading(say("Decisions"))
        .decisions(
            RoutDecisions.WASTE,
            RoutDecisions.TEMPLATE_THICKNESS,
            RoutDecisions.TEMPLATE_BUSH,
            RoutDecisions.POCKET_TIGHT)
        .more(RoutDecisions.LAST_PASS, RoutDecisions.OWN_FACTOR)
        .heading(say("Body as it is now"))
        .readings(Measurables.BODY_THICKNESS, Measurables.BODY_OUTSIDE)
        .decisions(RoutDecisions.STOCK_FROM)
        .node(cautions());
  }

  private static Label cautions() {
    Label words =
        new Label(
            say(
                "Wear eye and ear protection, clamp the work, and unplug the router to change "
                    + "cutters. Follow the machine manual and your local rules. Ask someone "
                    + "qualified if you are unsure."));
    words.setWrapText(true);
    words.getStyleClass().add("panel-text");
    return words;
  }

  @Override
  Region makeBeside() {
    title.getStyleClass().add("lower-title");
    missing.getStyleClass().add("decision-message");
    missing.setWrapText(true);
    missing.setMinHeight(Region.USE_PREF_SIZE);
    ControlNames.set(missing, "passes.missing");
    VBox column = new VBox(6, title, missing, ScrollBox.of(new VBox(10, passes, notes)));
    column.setMinWidth(BESIDE);
    return column;
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    List<String> names = plan.cuts().routs().stream().map(r -> r.cut().name()).distinct().toList();
    String chosen = names.contains(looking.chosen()) ? looking.chosen() : "";
    which.show(names, chosen.isEmpty() ? null : chosen);
    List<RoutPlan> plans = plan.cuts().plansOf(chosen);
    passes.begin();
    notes.begin();
    String lacks = "";
    if (plans.isEmpty()) {
      title.setText(say("Passes for all routs"));
      for (RoutPlan rout : plan.cuts().routs()) {
        passes.row(
            rout.plan().missing().isPresent(),
            rout.words().in(units),
            say("{surface} deep", rout.surface().text(units)),
            rout.plan()
                .missing()
                .map(m -> m.text().in(units))
                .orElse(
                    count(
                        rout.plan().changes(),
                        "{changes} cutter change, {passes} passes",
                        "{changes} cutter changes, {passes} passes",
                        rout.plan().passes().size())));
      }
    } else {
      title.setText(say("Passes for the {cut}", plans.get(0).cut().words().in(units)));
      for (RoutPlan rout : plans) {
        one(rout, plans.size() > 1, units);
        lacks = rout.plan().missing().map(m -> m.text().in(units)).orElse(lacks);
      }
    }
    passes.end();
    notes.end();
    missing.setText(lacks);
    missing.setVisible(!lacks.isEmpty());
    missing.setManaged(!lacks.isEmpty());
  }

  private void one(RoutPlan rout, boolean several, Units units) {
    String step = several && !rout.floor().isEmpty() ? rout.floor() + " " : "";
    rout.bored()
        .ifPresent(
            b ->
                notes.row(
                    false,
                    say("{step}drill first", step),
                    say(
                        "{places} × {bit}, stop at {stop}, {speed} /min maximum",
                        b.places().size(),
                        b.bit().name(),
                        NumberWriter.text(b.stop(), Quantity.LENGTH, units),
                        NumberWriter.fixed(b.bit().speed(), 0))));
    passes.row(
        false,
        step.isEmpty() ? say("pass") : step,
        say("cutter"),
        say("depth"),
        say("router depth"),
        say("guide"));
    for (int i = 0; i < rout.plan().passes().size(); i++) {
      PassPlan.Pass pass = rout.plan().passes().get(i);
      passes.row(
          false,
          Integer.toString(i + 1),
          pass.cutter().name(),
          NumberWriter.text(pass.depth(), Quantity.LENGTH, units),
          NumberWriter.text(pass.setting(), Quantity.LENGTH, units),
          pass.guide().words().in(units));
    }
    notes.row(
        false,
        step + say("speed"),
        say(
            "{speed} /min maximum, clockwise round the inside. Burning: slow down, "
                + "sharpen, cut less",
            NumberWriter.fixed(rout.speed(), 0)));
    notes.row(
        false,
        step + say("corners"),
        say(
            "radius {corner}; at least four fifths of the shank in the collet",
            NumberWriter.text(rout.step().corner(), Quantity.LENGTH, units)));
    if (rout.step().name().equals("pocket")) {
      notes.row(
          false,
          say("sneak up on it"),
          say(
              "first cut {given} undersize per side. Try the neck, then ease it",
              NumberWriter.text(
                  context.session().plan().get().given(RoutDecisions.POCKET_TIGHT),
                  Quantity.FINE_LENGTH,
                  units)));
    }
  }

  @Override
  public String name() {
    return "Passes";
  }

  @Override
  public String about() {
    return say("How each rout is cut: which cutter, how deep, in how many passes.");
  }
}
