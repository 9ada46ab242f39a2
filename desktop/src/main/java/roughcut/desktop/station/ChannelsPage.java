package roughcut.desktop.station;

import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.ChannelMachine;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.desktop.control.Facts;
import roughcut.desktop.control.RodChoice;
import roughcut.desktop.session.Session;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.neck.Channel;
import roughcut.plan.Plan;

/** Rod and stiffeners: their channels, what remains, and what the machine is set to. */
final class ChannelsPage extends KnifePage {
  private final Session session;
  private final Consumer<Value> ask;
  private final PagedStation station;
  private final Facts remains = new Facts();
  private final Facts machine = new Facts();
  private final Label how = new Label();

  ChannelsPage(Session session, Consumer<Value> ask, PagedStation station) {
    this.session = session;
    this.ask = ask;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(session)
        .node(turner(station))
        .heading("You decide")
        .node(new RodChoice(session))
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
            NeckDecisions.JIG_BASE)
        .settings(
            ask,
            "rod.fence",
            "Fence to cutter",
            "rod.start-stop",
            "Start, from the head end",
            "rod.end-stop",
            "End, from the heel end",
            "rod.passes",
            "Passes",
            "rod.pass-depth",
            "Each takes");
  }

  @Override
  Region makeBeside() {
    Label left = new Label("What remains, and what it is set to");
    left.getStyleClass().add("lower-title");
    how.getStyleClass().add("lower-note");
    how.setWrapText(true);
    VBox beside = new VBox(8, left, remains, how, machine);
    beside.setMinWidth(430);
    return beside;
  }

  @Override
  void showBeside(Plan plan, Units units) {
    remains.begin().row(false, "", "middle", "corner", "least", "where");
    remains.row(
        false,
        "under the rod",
        number(plan, "rod.under-centre", units),
        number(plan, "rod.under-corner", units),
        number(plan, "rod.least", units),
        plan.frets().near(plan.rod().leastX().value()));
    plan.details()
        .stiffeners()
        .ifPresent(
            s ->
                remains.row(
                    false,
                    "under a stiffener",
                    "",
                    number(plan, "stiffener.under-corner", units),
                    number(plan, "stiffener.least", units),
                    plan.frets().near(s.leastX().value())));
    remains.end();
    ChannelMachine with = plan.details().rodStops().machine();
    how.setText(
        switch (with) {
          case ROUTER_TABLE ->
              "Router table: the blank's true edge runs on the fence, before the outline is cut.";
          case RAILED_JIG ->
              "Railed jig, sighted on the centre line: rails to the channel's walls, end stops beyond its ends.";
          case EDGE_GUIDE -> "Hand router: the guide runs along the blank's true edge.";
        });
    machine.begin();
    machine.row(
        false, "", with == ChannelMachine.RAILED_JIG ? "rails" : "fence", "stops", "passes");
    row(plan, units, "rod", with);
    if (plan.details().stiffeners().isPresent()) {
      row(plan, units, "stiffener", with);
    }
    Channel.Piece rod = plan.rod().channel().pieces().get(0);
    machine.row(
        false,
        "room for the rod",
        number(plan, "rod.room", units) + " deep, " + NumberWriter.fixed(rod.width(), 1) + " wide");
    machine.end();
  }

  private void row(Plan plan, Units units, String what, ChannelMachine with) {
    machine.row(
        false,
        what,
        with == ChannelMachine.RAILED_JIG
            ? number(plan, what + ".near-rail", units)
                + " and "
                + number(plan, what + ".far-rail", units)
            : number(plan, what + ".fence", units),
        number(plan, what + ".start-stop", units)
            + " and "
            + number(plan, what + ".end-stop", units),
        number(plan, what + ".passes", units) + " × " + number(plan, what + ".pass-depth", units));
  }

  private static String number(Plan plan, String id, Units units) {
    return plan.value(id).map(v -> NumberWriter.number(v.value(), v.quantity(), units)).orElse("–");
  }

  @Override
  public String name() {
    return "Channels";
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return StationDrawing.CHANNELS.of(plan, units);
  }
}
