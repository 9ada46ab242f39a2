package roughcut.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Done;

/**
 * Something that is made already and no longer agrees with the plan: it was cut at one number, and
 * the plan wants another now.
 *
 * @param operation that made it
 * @param cutAt what was set then
 * @param wants what the plan has now
 */
public record Spoiled(Operation operation, double cutAt, Value wants) {
  /** What can't be set or seen any finer, mm or degrees; counts differ by one. */
  public static final double SEEN = 0.1;

  public double by() {
    return wants.value() - cutAt;
  }

  /** What was made, at which number, and which one the plan wants now. */
  public String told(Units units) {
    return operation.title()
        + ": "
        + wants.label()
        + " was set to "
        + NumberWriter.text(cutAt, wants.quantity(), units)
        + ", wants "
        + wants.text(units)
        + " now";
  }

  /** Everything made that no longer agrees, in the order of work. */
  public static List<Spoiled> of(Plan plan, Route route) {
    List<Spoiled> all = new ArrayList<>();
    for (Operation op : route.order()) {
      Optional<Done> done = plan.build().log().done(op.id());
      for (Map.Entry<String, Double> cut : done.map(Done::cutAt).orElse(Map.of()).entrySet()) {
        plan.value(cut.getKey())
            .filter(v -> Math.abs(v.value() - cut.getValue()) >= SEEN)
            .filter(v -> !done.get().accepts(v.id(), v.value(), SEEN))
            .ifPresent(v -> all.add(new Spoiled(op, cut.getValue(), v)));
      }
    }
    return all;
  }
}
