package roughcut.wild;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;

/**
 * Random builds in numbers, each with a time to be done in. What fails is counted by its cause,
 * with a seed that shows it again.
 */
public final class Stress {
  /** Nothing that a maker does may take longer, ms. */
  static final long PATIENCE = 2_000;

  /** What came of a run. */
  public record Outcome(long tried, Map<String, String> failures, long slowest, long slowestSeed) {}

  private Stress() {}

  /**
   * Tries builds.
   *
   * @param kind near or wild
   * @param from the first seed
   */
  public static Outcome run(String kind, long from, long count, boolean files)
      throws InterruptedException {
    Map<String, String> failures = new TreeMap<>();
    Map<String, Integer> counts = new TreeMap<>();
    ExecutorService[] worker = {Executors.newSingleThreadExecutor(Stress::daemon)};
    long slowest = 0;
    long slowestSeed = 0;
    for (long seed = from; seed < from + count; seed++) {
      long s = seed;
      AtomicReference<Thread> at = new AtomicReference<>();
      AtomicLong planned = new AtomicLong(-1);
      var result =
          worker[0].submit(
              () -> {
                at.set(Thread.currentThread());
                RandomBuilds.Case tried =
                    kind.equals("near") ? RandomBuilds.near(s) : RandomBuilds.wild(s);
                long start = System.nanoTime();
                roughcutPlan(tried);
                planned.set((System.nanoTime() - start) / 1_000_000);
                return Trial.of(tried, true, files && s % 20 == 0);
              });
      Optional<Trial.Failure> failure;
      try {
        failure = result.get(30, TimeUnit.SECONDS);
      } catch (java.util.concurrent.TimeoutException e) {
        Throwable where = new Throwable("hangs");
        where.setStackTrace(at.get().getStackTrace());
        failure = Optional.of(new Trial.Failure("over 30 s", where));
        end(at.get());
        worker[0].shutdownNow();
        worker[0] = Executors.newSingleThreadExecutor(Stress::daemon);
      } catch (java.util.concurrent.ExecutionException e) {
        failure = Optional.of(new Trial.Failure("making it", e.getCause()));
      }
      if (planned.get() > slowest) {
        slowest = planned.get();
        slowestSeed = seed;
      }
      if (planned.get() > PATIENCE) {
        failure = Optional.of(new Trial.Failure("slow plan", new Throwable("over 2 s")));
      }
      if (failure.isPresent()) {
        String cause = failure.get().cause();
        if (failures.putIfAbsent(cause, kind + " " + seed) == null) {
          System.err.println(kind + " " + seed + ": " + cause);
        }
        counts.merge(cause, 1, Integer::sum);
      }
    }
    worker[0].shutdownNow();
    Map<String, String> told = new TreeMap<>();
    failures.forEach((cause, seed) -> told.put(cause, counts.get(cause) + " ×, first " + seed));
    return new Outcome(count, told, slowest, slowestSeed);
  }

  /** A thread that hangs in a loop hears no interruption, and would take the time of the others. */
  @SuppressWarnings({"deprecation", "removal"})
  private static void end(Thread hanging) {
    hanging.stop();
  }

  private static void roughcutPlan(RandomBuilds.Case tried) {
    try {
      roughcut.plan.Plan.of(tried.build(), tried.shop());
    } catch (RuntimeException | Error e) {
      // told by the trial that follows
    }
  }

  private static Thread daemon(Runnable task) {
    Thread thread = new Thread(null, task, "trial", 4L << 20);
    thread.setDaemon(true);
    return thread;
  }

  /** kind, first seed, count. */
  public static void main(String[] args) throws InterruptedException {
    long start = System.currentTimeMillis();
    Outcome outcome = run(args[0], Long.parseLong(args[1]), Long.parseLong(args[2]), true);
    outcome.failures().forEach((cause, how) -> System.out.println(how + "\n    " + cause));
    int failed =
        outcome.failures().values().stream()
            .mapToInt(w -> Integer.parseInt(w.substring(0, w.indexOf(' '))))
            .sum();
    System.out.printf(
        "%s: %d tried, %d failed, slowest plan %d ms (seed %d), %d s in all%n",
        args[0],
        outcome.tried(),
        failed,
        outcome.slowest(),
        outcome.slowestSeed(),
        (System.currentTimeMillis() - start) / 1000);
    System.exit(failed == 0 ? 0 : 1);
  }
}
