package roughcut.desktop.station;

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
        .heading("You decide")
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
            "Fret 3, at least",
            "marker.3.depth-max",
            "Fret 3, at most",
            "marker.12.depth-min",
            "Fret 12, at least",
            "marker.12.depth-max",
            "Fret 12, at most",
            FretboardKeys.INLAY_DEPTH_MIN.id(),
            "Inlay, at least",
            FretboardKeys.INLAY_DEPTH_MAX.id(),
            "Inlay, at most")
        .know(FretboardKeys.MARKER_SIDE_CLEARANCE.id(), "Side dot to a slot");
  }

  @Override
  ColumnBox makeLower() {

    return new ColumnBox()
        .addWide("Bores before the radius, from the flat top", 400, dots)
        .add("Side dots and inlay", rest);
  }

  @Override
  void showLower(Plan plan, Units units) {
    dots.begin().row(false, "fret", "from the nut", "aside", "at least", "at most", "bore to");
    for (Markers.Dot dot : plan.fretboard().markers().dots()) {
      dots.row(
          false,
          Integer.toString(dot.fret()),
          number(dot.x(), units),
          dot.y() == 0 ? "centre" : "± " + number(dot.y(), units),
          dot.least().text(units),
          dot.most().text(units),
          dot.possible() ? number(dot.proposed(), units) : "no depth will do");
    }
    dots.end();
    rest.begin();
    rest.row(
        false,
        "to the nearest slot",
        plan.fretboard().sideDots().text(units) + ", after the radius");
    plan.fretboard()
        .work()
        .inlay()
        .ifPresentOrElse(
            inlay -> {
              rest.row(
                  false,
                  "inlay",
                  inlay
                      .trouble()
                      .map(t -> t.in(units))
                      .orElseGet(
                          () ->
                              "pocket "
                                  + inlay.least().text(units)
                                  + " to "
                                  + inlay.most().text(units)
                                  + ", corners round by "
                                  + inlay.corner().text(units)));
              rest.row(false, "crosses", inlay.crosses().in(units));
            },
            () -> rest.row(false, "inlay", "none"));
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
  public Drawing drawing(Plan plan, Units units) {
    return FretboardDrawing.MARKERS.of(plan, units);
  }
}
