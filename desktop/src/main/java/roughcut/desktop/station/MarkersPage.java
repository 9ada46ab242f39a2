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
        .heading("Decisions")
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
            "Fret 3, minimum depth",
            "marker.3.depth-max",
            "Fret 3, maximum depth",
            "marker.12.depth-min",
            "Fret 12, minimum depth",
            "marker.12.depth-max",
            "Fret 12, maximum depth",
            FretboardKeys.INLAY_DEPTH_MIN.id(),
            "Inlay, minimum depth",
            FretboardKeys.INLAY_DEPTH_MAX.id(),
            "Inlay, maximum depth")
        .know(FretboardKeys.MARKER_SIDE_CLEARANCE.id(), "Side dot to slot");
  }

  @Override
  ColumnBox makeLower() {

    return new ColumnBox()
        .addWide("Dot holes, before radiusing", 400, dots)
        .add("Side dots and inlay", rest);
  }

  @Override
  void showLower(Plan plan, Units units) {
    dots.begin().row(false, "fret", "from nut line", "aside", "minimum", "maximum", "drill to");
    for (Markers.Dot dot : plan.fretboard().markers().dots()) {
      dots.row(
          false,
          Integer.toString(dot.fret()),
          number(dot.x(), units),
          dot.y() == 0 ? "centre" : "± " + number(dot.y(), units),
          dot.least().text(units),
          dot.most().text(units),
          dot.possible() ? number(dot.proposed(), units) : "no depth works");
    }
    dots.end();
    rest.begin();
    rest.row(
        false,
        "to the nearest slot",
        plan.fretboard().sideDots().text(units) + ", after radiusing");
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
                                  + ", corner radius "
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
