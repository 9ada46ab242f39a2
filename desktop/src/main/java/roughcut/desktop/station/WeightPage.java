package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import javafx.scene.layout.Region;
import roughcut.blank.BlankKeys;
import roughcut.design.BodyDecisions;
import roughcut.design.NeckDecisions;
import roughcut.design.RoutDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.rout.RoutKeys;

/** What the finished body and the instrument weigh, where it balances, relief bores. */
final class WeightPage extends BodyViewPage {
  private final FactTable table = new FactTable();

  WeightPage(StationContext context, PagedStation station, ViewSide looking) {
    super(context, station, looking);
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.WEIGHT;
  }

  @Override
  Panel makePanel() {
    return begun()
        .heading(say("Decisions"))
        .decisions(
            RoutDecisions.MASS_TARGET,
            RoutDecisions.RELIEF_DIAMETER,
            RoutDecisions.RELIEF_LEFT,
            RoutDecisions.RELIEF_CLEAR,
            RoutDecisions.RELIEF_EDGE,
            RoutDecisions.OTHER_MASS,
            RoutDecisions.OTHER_AT)
        .more(
            NeckDecisions.ROD_MASS,
            NeckDecisions.STIFFENER_MASS,
            BodyDecisions.BODY_WEIGHED,
            BodyDecisions.NECK_WEIGHED)
        .know(
            RoutKeys.BODY_MASS.id(),
            say("Finished body weight"),
            BlankKeys.NECK_MASS.id(),
            say("Neck weight"),
            RoutKeys.INSTRUMENT_MASS.id(),
            say("Total weight"),
            RoutKeys.BALANCE_X.id(),
            say("Balance point, from nut line"),
            RoutKeys.RELIEF_COUNT.id(),
            say("Relief holes"));
  }

  @Override
  Region makeBeside() {
    return beside(say("Weight and balance, estimated"), table);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    double target = plan.given(RoutDecisions.MASS_TARGET);
    table.begin();
    table.row(
        false,
        say("body"),
        say(
            "{body} as a slab, {body2} with all routs",
            plan.weights().body().text(units),
            plan.cuts().mass().body().text(units)));
    if (target > 0) {
      table.row(
          !plan.cuts().reliefMet(),
          say("target"),
          say(
              plan.cuts().reliefMet()
                  ? "{target}: met"
                  : "{target}: not met, even with every hole that fits",
              NumberWriter.text(target, Quantity.MASS, units)));
    }
    Value behind = plan.cuts().mass().behind();
    table.row(
        behind.value() < 0,
        say("on the strap"),
        say(
            behind.value() > 0
                ? "{distance} behind the front button: the headstock stays up"
                : "{distance} behind the front button: the headstock will dive",
            behind.text(units)));
    table.row(
        false,
        say("from"),
        say("from volumes, densities of your boards, and listed hardware weights"));
    table.end();
  }

  @Override
  public String name() {
    return "Weight";
  }

  @Override
  public String about() {
    return say(
        "What the instrument will weigh, and how it hangs on a strap. Weigh your boards for a "
            + "better answer.");
  }
}
