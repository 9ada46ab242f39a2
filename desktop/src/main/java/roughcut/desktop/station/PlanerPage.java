package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

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
        .heading(say("Decisions"))
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
            say("Full-depth passes"),
            BlankKeys.MILL_REMAINDER.id(),
            say("Then a pass of"),
            BlankKeys.MILL_FINISH_PASS.id(),
            say("Last pass"),
            BlankKeys.MILL_PASSES.id(),
            say("Total passes"))
        .know(BlankKeys.CHECK_ALLOWED.id(), say("Allowed gap"));
  }

  @Override
  ColumnBox makeLower() {
    return new ColumnBox()
        .addWide(say("Passes"), 236, passes)
        .addWide(say("Surface"), 190, face)
        .add(advice);
  }

  @Override
  public String name() {
    return "Planer";
  }

  @Override
  public String about() {
    return say(
        "A piece planed to thickness, pass by pass. Enter what you measure after each pass.");
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
            say(number % 2 == 1 ? "{pass}  one face" : "{pass}  other face", number),
            say("take {depth}", NumberWriter.number(depth, Quantity.FINE_LENGTH, units)),
            say("leaves {left}", NumberWriter.number(left, Quantity.FINE_LENGTH, units)));
      }
      number++;
    }
    if (number - 1 > MOST_PASSES) {
      passes.row(false, say("and {number} more", (number - 1 - MOST_PASSES)));
    }
    if (plan.milling().depths().isEmpty()) {
      passes.row(
          false,
          plan.milling().from().value() < plan.milling().to().value()
              ? say("Already thinner than the target.")
              : say("At its thickness."));
    }
    passes.end();
    check(plan.faceCheck(), units);
    advice.show(
        say("At the planer"), plan.about(Topic.PLANER), say("Nothing to watch for."), units);
  }

  private void check(FaceCheck check, Units units) {
    face.begin();
    row(say("flat"), check.flat(), check.gap(), check.allowed(), units);
    row(say("no twist"), check.isUntwisted(), check.wind(), check.allowed(), units);
    row(say("square"), check.square(), check.squareGap(), check.allowedSquare(), units);
    face.row(
        check.passes(),
        say("so"),
        check.passes() ? say("good") : say("not measured"),
        say("a ") + check.use().label().in(units));
    face.end();
  }

  private void row(String what, boolean good, Value found, Value allowed, Units units) {
    face.row(
        false,
        what,
        good ? say("yes") : say("no"),
        say(
            "{found} of {allowed}",
            NumberWriter.number(found.value(), found.quantity(), units),
            NumberWriter.number(allowed.value(), allowed.quantity(), units)));
  }
}
