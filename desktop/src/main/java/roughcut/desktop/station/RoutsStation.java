package roughcut.desktop.station;

import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import roughcut.desktop.session.Session;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.thin.ThinKind;
import roughcut.thin.ThinSpot;

/** Everything that is cut into the body: where it lies, how it is cut, with what. */
public final class RoutsStation extends BodyPages {

  /**
   * Makes the station.
   *
   * @param changed called when another page was turned to
   * @param redraw called when something else is looked at
   * @param knife puts the section knife somewhere
   */
  public RoutsStation(
      Session session,
      Consumer<Value> ask,
      Runnable changed,
      Runnable redraw,
      DoubleConsumer knife) {
    super("Routs", session, changed, redraw, knife);
    pages(
        0,
        new CutsPage(session, ask, this, looking),
        new PassesPage(session, ask, this, looking),
        new TemplatesPage(session, ask, this, looking),
        new DrawerPage(session, ask, this, looking));
  }

  @Override
  public String trouble(Plan plan) {
    return plan.cuts().troubles().isEmpty() ? "" : plan.cuts().troubles().size() + " can't be";
  }

  @Override
  public boolean owns(ThinSpot spot) {
    return spot.kind().owner() == ThinKind.Owner.ROUTS;
  }
}
