package roughcut.desktop.station;

import java.util.Optional;
import roughcut.bench.Bench;
import roughcut.clearance.Clearance;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.StationContext;
import roughcut.finding.Chapter;
import roughcut.measure.Text;
import roughcut.plan.ChapterStatus;
import roughcut.plan.Plan;

/** The work itself: its order, its days, set-up, and what happened. */
public final class BenchStation extends PagedStation {
  private final BenchState bench;

  public BenchStation(StationContext context) {
    super(StationId.BENCH, context);
    this.bench = context.bench();
    pages(
        0,
        new OrderPage(context, this),
        new DaysPage(context, this),
        new PickupsPage(context, this),
        new SetUpPage(context, this),
        new LogPage(context, this));
  }

  @Override
  public ChapterStatus standing(Plan plan) {
    Bench here = bench.bench();
    int ready = here.ready().size();
    return here.blockedSteps().isEmpty()
        ? new ChapterStatus(Clearance.State.CLEAR, Text.of("{ready} ready", ready))
        : new ChapterStatus(
            Clearance.State.LOOK, Text.of("{size} to measure", here.blockedSteps().size()));
  }

  /** A picture of the work has no millimetres. */
  @Override
  public boolean hasRuler() {
    return false;
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.empty();
  }
}
