package roughcut.desktop.station;

import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import roughcut.design.FretboardDecisions;
import roughcut.desktop.control.Facts;
import roughcut.desktop.control.FretTicks;
import roughcut.desktop.session.Session;
import roughcut.drawing.Drawing;
import roughcut.drawing.FretboardDrawing;
import roughcut.fretboard.FretboardWork;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/** The frets one by one, the radius gauge read, and what falls away at the end. */
final class FretsPage extends PlainPage {
  private final Session session;
  private final Consumer<Value> ask;
  private final PagedStation station;
  private final FretTicks ticks;
  private final Facts gauge = new Facts();
  private final Label meaning = new Label();

  FretsPage(Session session, Consumer<Value> ask, PagedStation station) {
    this.session = session;
    this.ask = ask;
    this.station = station;
    this.ticks = new FretTicks(session);
  }

  @Override
  Panel makePanel() {
    return new Panel(session)
        .node(turner(station))
        .heading("You decide")
        .decisions(
            FretboardDecisions.WIRE_HEIGHT,
            FretboardDecisions.WIRE_WIDTH,
            FretboardDecisions.FALL_AWAY,
            FretboardDecisions.FALL_AWAY_FROM,
            FretboardDecisions.GAUGE,
            FretboardDecisions.GAUGE_LIGHT)
        .more(
            FretboardDecisions.BOUND,
            FretboardDecisions.BEND,
            FretboardDecisions.BEVEL,
            FretboardDecisions.OVERHANG)
        .settings(
            ask,
            "wire.1.length",
            "Fret 1, cut to",
            "wire.12.length",
            "Fret 12, cut to",
            "wire.tang-back",
            "Tangs cut back by",
            "wire.total",
            "Wire, 5 % to spare",
            "wire.bend-radius",
            "Bend the wire to",
            "gauge.gap",
            "Gauge against drawn",
            "action.last-fret",
            "String over the last fret");
  }

  @Override
  Columns makeLower() {
    meaning.getStyleClass().add("fact");
    meaning.setWrapText(true);
    VBox.setVgrow(ticks, Priority.ALWAYS);
    return new Columns().add("Every fret by itself", ticks).add("Radius gauge", gauge, meaning);
  }

  @Override
  void showLower(Plan plan, Units units) {
    ticks.show(plan);
    gauge.begin();
    gauge.row(
        false,
        "drawn",
        NumberWriter.text(plan.radius().radius(0), Quantity.LENGTH, units)
            + " at the nut, "
            + NumberWriter.text(
                plan.radius().radius(plan.taper().end().value()), Quantity.LENGTH, units)
            + " at the end");
    gauge.row(false, "gap", plan.fretboard().work().gauge().gap().text(units));
    StringBuilder near = new StringBuilder();
    for (FretboardWork.GaugeGap one : plan.fretboard().work().gauge().near()) {
      near.append(near.length() > 0 ? " · " : "")
          .append(NumberWriter.number(one.radius(), Quantity.ROUGH_LENGTH, units))
          .append(": ")
          .append(NumberWriter.number(one.gap(), Quantity.FINE_LENGTH, units));
    }
    gauge.row(false, "gauges near", near.toString());
    gauge.end();
    meaning.setText(plan.fretboard().work().gauge().meaning());
  }

  @Override
  public String name() {
    return "Frets";
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return FretboardDrawing.SLOTS.of(plan, units);
  }
}
