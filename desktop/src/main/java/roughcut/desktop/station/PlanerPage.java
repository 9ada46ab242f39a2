package roughcut.desktop.station;

import roughcut.blank.BlankKeys;
import roughcut.blank.FaceCheck;
import roughcut.design.BlankDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.OpenProblems;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.MillingDrawing;
import roughcut.finding.Topic;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/** A piece brought down to thickness pass by pass, and its faces checked. */
final class PlanerPage extends PlainPage {
  private static final int MOST_PASSES = 6;

  private final StationContext context;
  private final PagedStation station;
  private final FactTable passes = FactTable.tight();
  private final FactTable face = FactTable.tight();
  private final OpenProblems advice = new OpenProblems();

  PlanerPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading("Decisions")
        .decisions(
            BlankDecisions.MILL_FROM,
            BlankDecisions.MILL_TO,
            BlankDecisions.MILL_BITE,
            BlankDecisions.MILL_FINISH,
            BlankDecisions.MILL_LENGTH,
            BlankDecisions.MILL_WIDTH,
            BlankDecisions.FACE_USE,
            BlankDecisions.CHECK_LENGTH,
            BlankDecisions.CHECK_GAP,
            BlankDecisions.CHECK_WIND)
        .more(BlankDecisions.CHECK_SQUARE_HEIGHT, BlankDecisions.CHECK_SQUARE_GAP)
        .set(
            BlankKeys.MILL_FULL_PASSES.id(),
            "Full-depth passes",
            BlankKeys.MILL_REMAINDER.id(),
            "Then a pass of",
            BlankKeys.MILL_FINISH_PASS.id(),
            "Last pass",
            BlankKeys.MILL_PASSES.id(),
            "Total passes")
        .know(BlankKeys.CHECK_ALLOWED.id(), "Allowed gap");
  }

  @Override
  ColumnBox makeLower() {
    return new ColumnBox().addWide("Passes", 236, passes).addWide("Surface", 190, face).add(advice);
  }

  @Override
  public String name() {
    return "Planer";
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return MillingDrawing.of(plan, units);
  }

  @Override
  void showLower(Plan plan, Units units) {
    passes.begin();
    int number = 1;
    double left = plan.milling().from().value();
    for (double depth : plan.milling().depths()) {
      left -= depth;
      if (number <= MOST_PASSES) {
        passes.row(
            false,
            number + (number % 2 == 1 ? "  one face" : "  other face"),
            "take " + NumberWriter.number(depth, Quantity.FINE_LENGTH, units),
            "leaves " + NumberWriter.number(left, Quantity.FINE_LENGTH, units));
      }
      number++;
    }
    if (number - 1 > MOST_PASSES) {
      passes.row(false, "and " + (number - 1 - MOST_PASSES) + " more");
    }
    if (plan.milling().depths().isEmpty()) {
      passes.row(
          false,
          plan.milling().from().value() < plan.milling().to().value()
              ? "Already thinner than the target."
              : "At its thickness.");
    }
    passes.end();
    check(plan.faceCheck(), units);
    advice.show("At the planer", plan.about(Topic.PLANER), "Nothing to watch for.", units);
  }

  private void check(FaceCheck check, Units units) {
    face.begin();
    row("flat", check.flat(), check.gap(), check.allowed(), units);
    row("no twist", check.isUntwisted(), check.wind(), check.allowed(), units);
    row("square", check.square(), check.squareGap(), check.allowedSquare(), units);
    face.row(
        check.passes(),
        "so",
        check.passes() ? "good" : "not measured",
        "a " + check.use().label().in(units));
    face.end();
  }

  private void row(String what, boolean good, Value found, Value allowed, Units units) {
    face.row(
        false,
        what,
        good ? "yes" : "no",
        NumberWriter.number(found.value(), found.quantity(), units)
            + " of "
            + NumberWriter.number(allowed.value(), allowed.quantity(), units));
  }
}
