package roughcut.desktop.station;

import java.util.function.Consumer;
import roughcut.desktop.session.Session;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.thin.ThinSpot;

/** The strings, where the bridge goes, and the heights of neck, strings and saddle. */
public final class BridgeStation extends PagedStation {

  /**
   * Makes the station.
   *
   * @param changed called when another page was turned to
   */
  public BridgeStation(Session session, Consumer<Value> ask, Runnable changed) {
    super("Bridge", changed);
    pages(
        1,
        new StringsPage(session, ask, this),
        new BridgePage(session, ask, this),
        new HeightsPage(session, ask, this));
  }

  @Override
  public String trouble(Plan plan) {
    if (!plan.stringPlan().bridge().possible()) {
      return "no place for it";
    }
    return plan.stringPlan().heights().reaches(plan.stringPlan().bridge().kind())
        ? ""
        : "out of reach";
  }

  @Override
  public boolean owns(ThinSpot spot) {
    return false;
  }
}
