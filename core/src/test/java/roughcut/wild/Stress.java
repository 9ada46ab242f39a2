package roughcut.wild;

import java.lang.management.ManagementFactory;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;

/**
 * Random builds in numbers, each with a time to be done in. What fails is counted by its cause,
 * with a seed that shows it again.
 */
public final class Stress {
  /** Nothing that a maker does may take longer, ms. */
  static final long PATIENCE = 2_000;

  /** A plan with all its drawings and files that takes longer hangs, s of the processor. */
  static final long HANGS = 30;

  /** What came of a run. */
  public record Outcome(long tried, Map<String, String> failures, long slowest, long slowestSeed) {}

  private Stress() {}

  /**
   * Tries builds, or spoilt files.
   *
   * @param kind near, wild, or a kind of spoilt file
   * @param from the first seed
   * @param files whether one in twenty builds is written out in every format
   * @param thorough every build of so many is drawn, too; 0 draws all and doesn't look at the
   *     clock, which a test mustn't
   */
  public static Outcome run(String kind, long from, long count, boolean files, int thorough)
      throws InterruptedException {
    Map<String, String> failures = new TreeMap<>();
    Map<String, Integer> counts = new TreeMap<>();
    Worker worker = new Worker();
    long slowest = 0;
    long slowestSeed = 0;
    for (long seed = from; seed < from + count; seed++) {
      long s = seed;
      AtomicLong planned = new AtomicLong();
      Optional<Trial.Failure> failure = worker.run(() -> one(kind, s, files, thorough, planned));
      if (planned.get() > slowest) {
        slowest = planned.get();
        slowestSeed = seed;
      }
      if (failure.isEmpty() && thorough > 0 && planned.get() > PATIENCE) {
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
    worker.close();
    Map<String, String> told = new TreeMap<>();
    failures.forEach((cause, seed) -> told.put(cause, counts.get(cause) + " ×, first " + seed));
    return new Outcome(count, told, slowest, slowestSeed);
  }

  private static Optional<Trial.Failure> one(
      String kind, long seed, boolean files, int thorough, AtomicLong planned) {
    if (SpoiltFiles.KINDS.contains(kind)) {
      return Mutations.tried(kind, seed);
    }
    RandomBuilds.Case tried =
        kind.equals("near") ? RandomBuilds.near(seed) : RandomBuilds.wild(seed);
    return Trial.of(tried, seed % Math.max(1, thorough) == 0, files && seed % 20 == 0, planned);
  }

  /** Runs one thing after the other, and leaves the one that hangs. */
  private static final class Worker {
    private ExecutorService thread = Executors.newSingleThreadExecutor(Stress::daemon);

    Optional<Trial.Failure> run(Callable<Optional<Trial.Failure>> what)
        throws InterruptedException {
      AtomicReference<Thread> at = new AtomicReference<>();
      AtomicLong begun = new AtomicLong();
      Future<Optional<Trial.Failure>> result =
          thread.submit(
              () -> {
                begun.set(ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime());
                at.set(Thread.currentThread());
                return what.call();
              });
      try {
        return patiently(result, at, begun);
      } catch (TimeoutException e) {
        Throwable where = new Throwable("hangs");
        where.setStackTrace(at.get().getStackTrace());
        end(at.get());
        close();
        thread = Executors.newSingleThreadExecutor(Stress::daemon);
        return Optional.of(new Trial.Failure("over " + HANGS + " s", where));
      } catch (ExecutionException e) {
        return Optional.of(new Trial.Failure("making it", e.getCause()));
      }
    }

    /**
     * By the processor's clock, so that a busy machine makes nothing hang; by the wall's, at last.
     */
    private static Optional<Trial.Failure> patiently(
        Future<Optional<Trial.Failure>> result, AtomicReference<Thread> at, AtomicLong begun)
        throws InterruptedException, ExecutionException, TimeoutException {
      for (int waited = 0; ; waited++) {
        try {
          return result.get(1, TimeUnit.SECONDS);
        } catch (TimeoutException e) {
          Thread working = at.get();
          long spent =
              working == null
                  ? 0
                  : ManagementFactory.getThreadMXBean().getThreadCpuTime(working.getId());
          if (waited > 20 * HANGS || spent - begun.get() > HANGS * 1_000_000_000L) {
            throw e;
          }
        }
      }
    }

    void close() {
      thread.shutdownNow();
    }
  }

  /** A thread that hangs in a loop hears no interruption, and would take the time of the others. */
  @SuppressWarnings({"deprecation", "removal"})
  private static void end(Thread hanging) {
    hanging.stop();
  }

  private static Thread daemon(Runnable task) {
    Thread thread = new Thread(null, task, "trial", 4L << 20);
    thread.setDaemon(true);
    return thread;
  }

  /** Kind, first seed, count; when every build of so many is enough to be drawn, how many. */
  public static void main(String[] args) throws InterruptedException {
    long start = System.currentTimeMillis();
    int thorough = args.length > 3 ? Integer.parseInt(args[3]) : 1;
    Outcome outcome =
        run(args[0], Long.parseLong(args[1]), Long.parseLong(args[2]), true, thorough);
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
