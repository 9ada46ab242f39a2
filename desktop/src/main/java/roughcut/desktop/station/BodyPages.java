package roughcut.desktop.station;

import java.util.List;
import roughcut.drawing.BodyDrawing;
import roughcut.drawing.KnifeStops;
import roughcut.plan.Plan;
import roughcut.thin.ThinSpot;

/** A station whose pages all show the body. */
abstract class BodyPages extends PagedStation {
  final Looking looking;

  BodyPages(String name, Runnable changed, Runnable redraw) {
    super(name, changed);
    this.looking = new Looking(redraw);
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
