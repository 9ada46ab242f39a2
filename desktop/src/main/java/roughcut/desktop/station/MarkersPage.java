package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.FretboardDrawing;
import roughcut.fretboard.FretboardKeys;
import roughcut.fretboard.Markers;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Dots with the window for their bores, side dots, and a shaped inlay. */
final class MarkersPage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private final FactTable dots = FactTable.tight();
  private final FactTable rest = new FactTable();

  MarkersPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .decisions(
            FretboardDecisions.MARKER_DIAMETER,
            FretboardDecisions.MARKER_THICKNESS,
            FretboardDecisions.MARKER_SPUR,
            FretboardDecisions.SIDE_DOT,
            FretboardDecisions.SIDE_DOT_DOWN,
            FretboardDecisions.SANDING,
            FretboardDecisions.INLAY_FRET)
        .more(
            FretboardDecisions.MARKER_LEDGE,
            FretboardDecisions.MARKER_ASIDE,
            FretboardDecisions.INLAY_LENGTH,
            FretboardDecisions.INLAY_WIDTH,
            FretboardDecisions.INLAY_THICKNESS,
            FretboardDecisions.INLAY_CUTTER,
            Decisions.FRETBOARD_THICKNESS)
        .set(
            "marker.3.depth-min",
            say("Fret 3, minimum depth"),
            "marker.3.depth-max",
            say("Fret 3, maximum depth"),
            "marker.12.depth-min",
            say("Fret 12, minimum depth"),
            "marker.12.depth-max",
            say("Fret 12, maximum depth"),
            FretboardKeys.INLAY_DEPTH_MIN.id(),
            say("Inlay, minimum depth"),
            FretboardKeys.INLAY_DEPTH_MAX.id(),
            say("Inlay, maximum depth"))
        .know(FretboardKeys.MARKER_SIDE_CLEARANCE.id(), say("Side dot to slot"));
  }

  @Override
  ColumnBox makeLower() {

    return new ColumnBox()
        .addWide(say("Dot holes, before radiusing"), 400, dots)
        .add(say("Side dots and inlay"), rest);
  }

  @Override
  void showLower(Plan plan, Units units) {
    dots.begin()
        .row(
            false,
            say("fret"),
            say("from nut line"),
            say("aside"),
            say("minimum"),
            say("maximum"),
            say("drill to"));
    for (Markers.Dot dot : plan.fretboard().markers().dots()) {
      dots.row(
          false,
          Integer.toString(dot.fret()),
          number(dot.x(), units),
          dot.y() == 0 ? say("centre") : "± " + number(dot.y(), units),
          dot.least().text(units),
          dot.most().text(units),
          dot.possible() ? number(dot.proposed(), units) : say("no depth works"));
    }
    dots.end();
    rest.begin();
    rest.row(
        false,
        say("to the nearest slot"),
        say("{sideDots}, after radiusing", plan.fretboard().sideDots().text(units)));
    plan.fretboard()
        .work()
        .inlay()
        .ifPresentOrElse(
            inlay -> {
              rest.row(
                  false,
                  say("inlay"),
                  inlay
                      .trouble()
                      .map(t -> t.in(units))
                      .orElseGet(
                          () ->
                              say(
                                  "pocket {least} to {most}, corner radius {corner}",
                                  inlay.least().text(units),
                                  inlay.most().text(units),
                                  inlay.corner().text(units))));
              rest.row(false, say("crosses"), inlay.crosses().in(units));
            },
            () -> rest.row(false, say("inlay"), say("none")));
    rest.end();
  }

  private static String number(double mm, Units units) {
    return NumberWriter.number(mm, Quantity.FINE_LENGTH, units);
  }

  @Override
  public String name() {
    return "Markers";
  }

  @Override
  public String about() {
    return say("Position dots and inlays, with the cutter that fits them.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return FretboardDrawing.MARKERS.of(plan, units);
  }
}
