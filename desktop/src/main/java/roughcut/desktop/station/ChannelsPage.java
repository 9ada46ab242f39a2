package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.Locale;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.design.ShelfGroup;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.RodChoice;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.control.ShelfRow;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.neck.Channel;
import roughcut.neck.ChannelRouting;
import roughcut.neck.MachineStops;
import roughcut.neck.NeckKeys;
import roughcut.plan.Plan;

/** Rod and stiffeners: their channels, what remains, and what the machine is set to. */
final class ChannelsPage extends KnifePage {
  private final StationContext context;
  private final PagedStation station;
  private final FactTable remains = FactTable.tight();
  private final FactTable machine = FactTable.tight();
  private final Label how = new Label();

  ChannelsPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .node(new RodChoice(context.session()))
        .node(ShelfRow.of(ShelfGroup.ROD, context.session()))
        .decisions(
            Decisions.ROD_START,
            Decisions.ROD_LENGTH,
            Decisions.ROD_WIDTH,
            Decisions.ROD_DEPTH,
            NeckDecisions.STIFFENERS,
            NeckDecisions.STIFFENER_DEPTH,
            NeckDecisions.STIFFENER_HEAD,
            NeckDecisions.CHANNEL_MACHINE)
        .more(
            NeckDecisions.ROD_REACH,
            NeckDecisions.ROD_ACTING,
            NeckDecisions.ROD_DEPTH_MIDDLE,
            NeckDecisions.ROD_BOTTOM,
            NeckDecisions.ROD_BED,
            NeckDecisions.ROD_CAP,
            NeckDecisions.ROD_ADJUSTER_LENGTH,
            NeckDecisions.ROD_ADJUSTER_WIDTH,
            NeckDecisions.ROD_ADJUSTER_DEPTH,
            NeckDecisions.STIFFENER_WIDTH,
            NeckDecisions.STIFFENER_HEEL,
            NeckDecisions.STIFFENER_START,
            NeckDecisions.STIFFENER_LENGTH,
            NeckDecisions.CHANNEL_CUTTER,
            NeckDecisions.STIFFENER_CUTTER,
            NeckDecisions.JIG_BASE)
        .set(
            "rod.fence",
            say("Fence to cutter"),
            "rod.near-rail",
            say("Rail to near wall"),
            "rod.far-rail",
            say("Rail to far wall"),
            "rod.start-stop",
            "",
            "rod.end-stop",
            "",
            "rod.passes",
            say("Passes"),
            "rod.pass-depth",
            say("Depth per pass"));
  }

  @Override
  Region makeBeside() {
    Label left = new Label(say("Remaining wood and settings"));
    left.getStyleClass().add("lower-title");
    how.getStyleClass().add("lower-note");
    how.setWrapText(true);
    how.setMinHeight(Region.USE_PREF_SIZE);
    VBox beside = new VBox(8, left, ScrollBox.of(new VBox(8, remains, how, machine)));
    beside.setMinWidth(462);
    return beside;
  }

  @Override
  void showBeside(Plan plan, Units units) {
    remains.begin().row(false, "", say("middle"), say("corner"), say("least"), say("where"));
    remains.row(
        false,
        say("under the truss rod"),
        number(plan, "rod.under-centre", units),
        number(plan, "rod.under-corner", units),
        number(plan, "rod.least", units),
        plan.frets().near(plan.rod().leastX().value()).in(units));
    plan.details()
        .stiffeners()
        .ifPresent(
            s ->
                remains.row(
                    false,
                    say("under a stiffener"),
                    "",
                    number(plan, NeckKeys.STIFFENER_UNDER_CORNER.id(), units),
                    number(plan, NeckKeys.STIFFENER_LEAST.id(), units),
                    plan.frets().near(s.leastX().value()).in(units)));
    remains.end();
    ChannelRouting routing = plan.blanks().routing();
    how.setText(routing.words().in(units));
    machine.begin();
    machine.row(
        false,
        "",
        !routing.fenced() ? say("rails") : say("fence"),
        say("from and to"),
        say("cutter"),
        say("passes"),
        say("depth"));
    for (MachineStops run : routing.runs()) {
      machine.row(
          false,
          run.name().in(units).toLowerCase(Locale.ROOT),
          run.guides().stream().map(v -> number(v, units)).collect(Collectors.joining(", ")),
          say(
              "{startStop} and {endStop}",
              number(run.startStop(), units),
              number(run.endStop(), units)),
          number(run.cutter(), units),
          number(run.passes(), units) + " × " + number(run.passDepth(), units),
          number(run.to(), units));
      run.wedge()
          .ifPresent(
              w ->
                  machine.row(
                      false,
                      "",
                      say("wedge {w}", number(w, units)),
                      say("thick at the {wedgeEnd}", run.wedgeEnd().in(units))));
    }
    Channel.Piece rod = plan.rod().channel().pieces().get(0);
    machine.row(
        false,
        say("room for the rod"),
        say(
            "{plan} deep, {width} wide",
            number(plan, NeckKeys.ROD_ROOM.id(), units),
            NumberWriter.text(rod.width(), Quantity.LENGTH, units)));
    machine.end();
  }

  private static String number(Value value, Units units) {
    return NumberWriter.number(value.value(), value.quantity(), units);
  }

  private static String number(Plan plan, String id, Units units) {
    return plan.value(id).map(v -> number(v, units)).orElse("–");
  }

  @Override
  public String name() {
    return "Channels";
  }

  @Override
  public String about() {
    return say("Truss rod channel and stiffeners: how to set the router. Choose the rod first.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return StationDrawing.CHANNELS.of(plan, units);
  }
}
