package roughcut.benchmark;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.CommandLineOptions;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.util.Statistics;

/**
 * Runs the benchmarks that have a {@link Goal} and says which aren't reached; exits with 1 then.
 */
public final class Goals {
  /** Benchmarks are timed in microseconds. */
  private static final double MILLI = 1000;

  /** How much a plan with the most fittings may cost over one with the fewest. */
  private static final double GROWS = 2;

  private Goals() {}

  /**
   * Runs them.
   *
   * @param args as for JMH; a pattern of names runs those only
   */
  public static void main(String[] args) throws Exception {
    List<String> missed = new ArrayList<>();
    double fewest = Double.POSITIVE_INFINITY;
    double most = 0;
    for (RunResult result : run(args)) {
      String called = result.getParams().getBenchmark();
      int dot = called.lastIndexOf('.');
      String method = called.substring(dot + 1);
      Class<?> type = Class.forName(called.substring(0, dot));
      Statistics times = result.getPrimaryResult().getStatistics();
      double median = times.getPercentile(50) / MILLI;
      if (type == FittingsBenchmark.class) {
        fewest = Math.min(fewest, median);
        most = Math.max(most, median);
      }
      Goal goal = type.getMethod(method).getAnnotation(Goal.class);
      if (goal == null) {
        continue;
      }
      String name = type.getSimpleName().replace("Benchmark", "") + " " + method;
      hold(name + ", median", median, goal.median(), missed);
      if (goal.most() > 0) {
        hold(name + ", 95 %", times.getPercentile(95) / MILLI, goal.most(), missed);
      }
    }
    if (most > 0) {
      hold("Fittings, most over fewest", most / fewest, GROWS, missed);
    }
    System.out.println(missed.isEmpty() ? "all goals reached" : missed.size() + " goals missed");
    System.exit(missed.isEmpty() ? 0 : 1);
  }

  private static Collection<RunResult> run(String[] args) throws Exception {
    try {
      return new Runner(new OptionsBuilder().parent(new CommandLineOptions(args)).build()).run();
    } catch (RunnerException e) {
      System.err.println("benchmark: " + e.getMessage());
      System.exit(2);
      throw e;
    }
  }

  private static void hold(String name, double is, double goal, List<String> missed) {
    boolean held = is < goal;
    System.out.printf(
        Locale.ROOT, "goal %-48s %9.2f of %7.2f %s%n", name, is, goal, held ? "" : "missed");
    if (!held) {
      missed.add(name);
    }
  }
}
