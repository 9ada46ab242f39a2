package roughcut.desktop.station;

import java.util.Optional;
import roughcut.bench.Bench;
import roughcut.desktop.session.AtBench;
import roughcut.desktop.session.Desk;
import roughcut.finding.Chapter;
import roughcut.plan.Plan;
import roughcut.plan.Standing;
import roughcut.thin.ThinSpot;

/** The work itself: its order, its days, set-up, and what happened. */
public final class BenchStation extends PagedStation {
  private final AtBench bench;

  public BenchStation(Desk desk) {
    super(StationId.BENCH, desk);
    this.bench = desk.bench();
    pages(
        0,
        new OrderPage(desk, this),
        new DaysPage(desk, this),
        new PickupsPage(desk, this),
        new SetUpPage(desk, this),
        new LogPage(desk, this));
  }

  @Override
  public Standing standing(Plan plan) {
    Bench here = bench.bench();
    int ready = here.ready().size();
    return here.owing().isEmpty()
        ? new Standing(ThinSpot.State.CLEAR, ready + " ready")
        : new Standing(ThinSpot.State.LOOK, here.owing().size() + " owing");
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
