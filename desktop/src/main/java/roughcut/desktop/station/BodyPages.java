package roughcut.desktop.station;

import java.util.List;
import roughcut.design.RoutDecisions;
import roughcut.desktop.session.Desk;
import roughcut.drawing.BodyDrawing;
import roughcut.drawing.KnifeStops;
import roughcut.plan.Plan;
import roughcut.thin.ThinSpot;

/** A station whose pages all show the body. */
abstract class BodyPages extends PagedStation {
  final Looking looking;

  /** Makes a station without pages yet. */
  BodyPages(StationId id, Desk desk) {
    super(id, desk);
    this.looking =
        new Looking(
            desk::refresh,
            cut ->
                desk.session()
                    .plan()
                    .get()
                    .cuts()
                    .cut(cut)
                    .ifPresent(c -> desk.knife(c.middleX())));
  }

  @Override
  public boolean wantsRoom() {
    return hasKnife();
  }

  /** Through the first bolts, where there is most to see. */
  @Override
  public double knifeHome(Plan plan) {
    return plan.neck().joint().value() + plan.given(RoutDecisions.BOLT_FIRST);
  }

  @Override
  public double knifeLeast(Plan plan) {
    return plan.body().outline().front();
  }

  @Override
  public double knifeMost(Plan plan) {
    return plan.body().outline().end();
  }

  @Override
  public List<KnifeStops.Stop> stops(Plan plan) {
    return KnifeStops.ofBody(plan);
  }

  @Override
  public double spotY(Plan plan, ThinSpot spot) {
    double y = Double.isNaN(spot.y()) ? 0 : spot.y();
    return BodyDrawing.seen(looking.face(), y);
  }
}
