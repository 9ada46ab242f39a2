package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import roughcut.design.FretboardDecisions;
import roughcut.desktop.control.FretTicks;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.FretboardDrawing;
import roughcut.fretboard.FretboardKeys;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.strings.StringKeys;

/** The frets one by one, the radius gauge read, and what falls away at the end. */
final class FretsPage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private final FretTicks ticks;

  FretsPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
    this.ticks = new FretTicks(context.session());
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .decisions(
            FretboardDecisions.WIRE_HEIGHT,
            FretboardDecisions.WIRE_WIDTH,
            FretboardDecisions.FALL_AWAY,
            FretboardDecisions.FALL_AWAY_FROM)
        .more(
            FretboardDecisions.BOUND,
            FretboardDecisions.BEND,
            FretboardDecisions.BEVEL,
            FretboardDecisions.OVERHANG,
            FretboardDecisions.WIRE_SPARE,
            FretboardDecisions.TANG_CLEAR)
        .set(
            "wire.1.length",
            say("Fret 1, cut to"),
            "wire.12.length",
            say("Fret 12, cut to"),
            FretboardKeys.WIRE_TANG_BACK.id(),
            say("Tang nipped back by"),
            FretboardKeys.WIRE_BEND_RADIUS.id(),
            say("Wire radius"))
        .know(
            FretboardKeys.WIRE_TOTAL.id(),
            say("Fret wire with spare"),
            StringKeys.ACTION_LAST_FRET.id(),
            say("String above the last fret"));
  }

  @Override
  ColumnBox makeLower() {
    return new ColumnBox().addFilling(say("Each fret"), ticks);
  }

  @Override
  void showLower(Plan plan, Units units) {
    ticks.show(plan);
  }

  @Override
  public String name() {
    return "Frets";
  }

  @Override
  public String about() {
    return say(
        "Fret wire, slots and levelling. Choose the wire, then note the state of each fret.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return FretboardDrawing.SLOTS.of(plan, units);
  }
}
