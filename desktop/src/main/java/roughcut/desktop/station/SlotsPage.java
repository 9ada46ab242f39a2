package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.desktop.control.SlotList;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.FretboardDrawing;
import roughcut.fretboard.FretboardKeys;
import roughcut.fretboard.FretboardWork;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Slots and wire: the table and the drawing light up each other. */
final class SlotsPage extends KnifePage {
  private final StationContext context;
  private final PagedStation station;
  private final SlotList slots;
  private final Label when = new Label();
  private final Label gauge = new Label();
  private Plan plan;

  SlotsPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
    this.slots = new SlotList(context::knife);
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .decisions(
            FretboardDecisions.SLOT_SCHOOL,
            FretboardDecisions.WIRE_TANG,
            FretboardDecisions.CLEARANCE,
            FretboardDecisions.SANDING,
            Decisions.FRETBOARD_THICKNESS,
            Decisions.RADIUS_NUT,
            Decisions.RADIUS_END)
        .more(
            FretboardDecisions.FIRST_DEPTH,
            FretboardDecisions.SANDED,
            FretboardDecisions.EDGE_DROPPED,
            FretboardDecisions.GAUGE,
            FretboardDecisions.GAUGE_AT,
            FretboardDecisions.GAUGE_LIGHT,
            FretboardDecisions.WIRE_TANG_WIDTH,
            FretboardDecisions.WIRE_HEIGHT,
            FretboardDecisions.WIRE_WIDTH,
            FretboardDecisions.OVERHANG,
            FretboardDecisions.BEND,
            FretboardDecisions.BEVEL,
            Decisions.DIVISIONS)
        .set(
            FretboardKeys.SLOT_SAW_STOP.id(),
            say("Initial saw depth"),
            FretboardKeys.SLOT_SECOND_STOP.id(),
            say("Second saw depth"),
            FretboardKeys.GAUGE_GAP.id(),
            say("Gauge on a finished fretboard"),
            FretboardKeys.WIRE_BEND_RADIUS.id(),
            say("Wire radius"))
        .know(
            FretboardKeys.SLOT_DEEPEN_WHEN.id(),
            say("Deepen before edges drop by"),
            "slot.1.depth-final",
            say("Under the finished face"),
            "fretboard.edge.nut",
            say("Edge left at the nut"),
            "fretboard.edge.end",
            say("Edge left at the end"),
            FretboardKeys.RADIUS_CONE_END.id(),
            say("True cone ends at"),
            FretboardKeys.RADIUS_EVEN_END.id(),
            say("Even edge ends at"),
            FretboardKeys.WIRE_TOTAL.id(),
            say("Fret wire with spare"));
  }

  @Override
  Region makeBeside() {
    when.getStyleClass().add("lower-note");
    when.setWrapText(true);
    gauge.getStyleClass().add("lower-note");
    gauge.setWrapText(true);
    gauge.setMinHeight(Region.USE_PREF_SIZE);
    VBox beside = new VBox(5, when, slots, gauge);
    VBox.setVgrow(slots, Priority.ALWAYS);
    beside.setMinWidth(456);
    beside.setPrefWidth(520);
    return beside;
  }

  @Override
  void showBeside(Plan next, Units units) {
    plan = next;
    slots.show(next, units);
    when.setText(say("Slots {when}.", next.fretboard().slots().when().in(units)));
    FretboardWork.GaugeReading reading = next.fretboard().work().gauge();
    gauge.setText(
        say(
            "Radius matches gauge {board}: {meaning}. Gap under other gauges: " + "{list}.",
            NumberWriter.text(reading.board(), Quantity.LENGTH, units),
            reading.meaning().in(units),
            reading.near().stream()
                .map(
                    g ->
                        NumberWriter.number(g.radius(), Quantity.ROUGH_LENGTH, units)
                            + " "
                            + NumberWriter.number(g.gap(), Quantity.FINE_LENGTH, units))
                .collect(Collectors.joining(" · "))));
  }

  @Override
  void knifeBeside(double x) {
    int nearest = plan.frets().nearest(x);
    boolean onIt = nearest > 0 && Math.abs(plan.frets().at(nearest) - x) < 0.05;
    slots.follow(onIt ? nearest : 0);
  }

  @Override
  public String name() {
    return "Slots";
  }

  @Override
  public String about() {
    return say("Fret slots and fretboard radius: saw settings and the wood left under each slot.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return FretboardDrawing.SLOTS.of(plan, units);
  }
}
