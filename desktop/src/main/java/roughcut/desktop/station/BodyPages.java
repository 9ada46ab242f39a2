package roughcut.desktop.station;

import java.util.List;
import roughcut.clearance.Clearance;
import roughcut.design.RoutDecisions;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.drawing.KnifeStops;
import roughcut.plan.Plan;

/** A station whose pages all show the body. */
abstract class BodyPages extends PagedStation {
  final ViewSide looking;

  /** Makes a station without pages yet. */
  BodyPages(StationId id, StationContext context) {
    super(id, context);
    this.looking =
        new ViewSide(
            context::refresh,
            cut ->
                context
                    .session()
                    .plan()
                    .get()
                    .cuts()
                    .cut(cut)
                    .ifPresent(c -> context.knife(c.middleX())));
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
  public double spotY(Plan plan, Clearance clearance) {
    double y = Double.isNaN(clearance.y()) ? 0 : clearance.y();
    return BodyDrawing.frame(plan, looking.face()).y(y);
  }
}
