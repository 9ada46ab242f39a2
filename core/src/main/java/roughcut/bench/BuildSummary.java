package roughcut.bench;

import java.time.LocalDateTime;
import java.util.List;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.finding.Finding.Severity;
import roughcut.measure.Text;
import roughcut.plan.Plan;

/**
 * How an instrument stands, in a line: how far its making is, what stops it, what can be done next.
 *
 * @param done operations done
 * @param of all of its operations
 * @param stops what can't be or isn't ready, and spots thinner than they may be
 * @param toGet wood and tools that aren't there yet
 * @param next what can be done now, first in the usual order; empty for nothing
 */
public record BuildSummary(int done, int of, int stops, int toGet, List<Operation> next) {
  /** Of a plan at that time. */
  public static BuildSummary of(Plan plan, LocalDateTime now) {
    Bench bench = Bench.of(plan, now);
    int done = (int) bench.steps().stream().filter(s -> s.state() == Bench.State.DONE).count();
    long thin = plan.clearances().stream().filter(s -> s.state() == Clearance.State.STOP).count();
    long toGet = plan.findings().stream().filter(f -> f.severity() == Severity.GET).count();
    long found = plan.findings().stream().filter(Finding::stops).count() - toGet;
    List<Operation> next = bench.ready().stream().map(Bench.OperationStatus::operation).toList();
    return new BuildSummary(done, bench.steps().size(), (int) (thin + found), (int) toGet, next);
  }

  /** How far it is. */
  public Text far() {
    if (done == of) {
      return Text.of("finished");
    }
    return done == 0 ? Text.of("Not started") : Text.of("{done} of {of} operations done", done, of);
  }

  /** How far it is, and what comes next. */
  public Text words() {
    return done == of || next.isEmpty()
        ? far()
        : Text.of("{far} · next: {first}", far(), next.get(0).title().small());
  }

  /** What stops it, and what is still to be got; empty for neither. */
  public Text stopped() {
    Text stopping =
        stops == 0
            ? Text.NONE
            : Text.of(stops == 1 ? "{stops} problem" : "{stops} problems", stops);
    Text getting = toGet == 0 ? Text.NONE : Text.of("{missing} to get", toGet);
    return Text.joined(List.of(stopping, getting), " · ");
  }
}
