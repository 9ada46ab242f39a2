package roughcut.rout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roughcut.finding.Message;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.shop.Cutter;
import roughcut.shop.PassRule;

/**
 * The order of cutters and depths for one step of a rout: every pass guided by a bearing on the
 * template or on wall already cut, none deeper than the cutter takes at once, as few cutter changes
 * as can be (handbook page 6, "What guides the bearing" and "Passes").
 *
 * @param passes in their order; fewer than the depth wants when something is missing
 * @param missing what cutter would have to be in the drawer; empty when none
 * @param changes of cutters after the first
 */
public record PassPlan(List<Pass> passes, Optional<Message> missing, int changes) {
  /** How much of a bearing's height has to touch what guides it, mm. */
  public static final double TOUCH = 2;

  /** A guide bush is so much wider than the cutter that fits through it, mm. */
  private static final double BUSH_WALL = 2;

  private static final double LEAST_PASS = 0.5;

  /** What a pass is guided by. */
  public enum Guide {
    TEMPLATE(Text.of("template")),
    /** The wall above, cut already, with the template still on. */
    WALL(Text.of("wall above")),
    BUSH(Text.of("guide bush"));

    private final Text words;

    Guide(Text words) {
      this.words = words;
    }

    public Text words() {
      return words;
    }
  }

  /**
   * One pass.
   *
   * @param depth from the work's surface, mm
   * @param setting of the router, from what it stands on: template or work
   */
  public record Pass(Cutter cutter, double depth, double setting, Guide guide) {}

  /**
   * What is to be cut.
   *
   * @param depth from the surface that is there at that stage, mm
   * @param corner radius of the inside corners, which the cutter may not be larger than
   * @param narrowest width between walls
   * @param template its thickness, mm
   * @param bush outer diameter of the guide bush; 0 follows the template by a bearing
   * @param density of the wood, kg/m³
   * @param factor the maker's own on the deepest pass
   * @param last deepest last pass; 0 where the floor doesn't matter
   */
  public record Job(
      double depth,
      double corner,
      double narrowest,
      double template,
      double bush,
      double density,
      double factor,
      double last) {
    boolean bushed() {
      return bush > 0;
    }
  }

  public PassPlan {
    passes = List.copyOf(passes);
  }

  /** Whether the bearing of a cutter at that depth lies on the template. */
  public static boolean onTemplate(double cutting, double template, double depth) {
    return depth >= cutting - template + TOUCH - Precision.NEAR
        && depth <= cutting + Precision.NEAR;
  }

  /** Plans it from a drawer. */
  public static PassPlan of(Job job, List<Cutter> drawer) {
    List<Cutter> fit =
        drawer.stream()
            .filter(c -> c.kind().routs() && c.condition() != Cutter.Condition.DULL)
            .filter(
                c ->
                    job.bushed()
                        ? c.diameter() + BUSH_WALL <= job.bush
                        : c.kind().followsAbove() && c.bearingFits())
            // A bearing at the tip stands below the edges: it can't come to a floor.
            .filter(c -> !c.kind().bearingAtTip())
            .filter(
                c ->
                    c.diameter() / 2 <= job.corner + 0.03
                        && c.diameter() <= job.narrowest + Precision.TOUCHING)
            .sorted(Comparator.comparingDouble(Cutter::cutting).thenComparing(c -> -c.diameter()))
            .toList();
    return new Walk(job, fit).go();
  }

  private static final class Walk {
    private final Job job;
    private final List<Cutter> fit;
    private final List<Pass> passes = new ArrayList<>();

    Walk(Job job, List<Cutter> fit) {
      this.job = job;
      this.fit = fit;
    }

    PassPlan go() {
      double cut = 0;
      int changes = -1;
      Cutter now = null;
      while (cut < job.depth - Precision.NEAR) {
        Cutter next = furthest(cut, now);
        if (next == null) {
          return new PassPlan(passes, Optional.of(missing(cut)), Math.max(0, changes));
        }
        changes += next == now ? 0 : 1;
        double to = until(next, cut);
        run(next, cut, to);
        cut = to;
        now = next;
      }
      return new PassPlan(passes, Optional.empty(), Math.max(0, changes));
    }

    private double most(Cutter c) {
      return PassRule.deepest(c.diameter(), job.density) * job.factor;
    }

    /** The cutter that can go on from here and gets furthest; the shorter of two that get alike. */
    private Cutter furthest(double cut, Cutter now) {
      Cutter best = null;
      double most = cut + Precision.NEAR;
      for (Cutter c : fit) {
        // The opening is made for one cutter in the bush.
        boolean other = job.bushed() && now != null && c.diameter() != now.diameter();
        double to = c == now || other ? cut : reach(c, cut);
        if (to > most + Precision.NEAR) {
          most = to;
          best = c;
        }
      }
      return best;
    }

    /**
     * How deep it is used: to the floor when it gets there; otherwise to where the template stops
     * guiding it, if a longer one goes on from there, or else down along the wall.
     */
    private double until(Cutter c, double cut) {
      double reach = reach(c, cut);
      if (reach >= job.depth - Precision.NEAR
          || c.cutting() <= cut + LEAST_PASS
          || reach <= c.cutting()) {
        return reach;
      }
      boolean taken =
          fit.stream().anyMatch(n -> n != c && reach(n, c.cutting()) > reach + Precision.NEAR);
      return taken ? c.cutting() : reach;
    }

    /** How deep a cutter gets from here, guided all the way; no deeper than here when it can't. */
    private double reach(Cutter c, double cut) {
      double least = Math.max(lowest(c, cut), cut);
      double deepest = Math.min(job.depth, Math.min(highest(c, cut), c.stickOut() - job.template));
      if (least - cut > most(c) + Precision.NEAR || deepest < least - Precision.NEAR) {
        return cut;
      }
      return Math.max(cut, deepest);
    }

    /** The shallowest setting at which it is guided. */
    private double lowest(Cutter c, double cut) {
      return job.bushed() ? 0 : c.cutting() - job.template + TOUCH;
    }

    /** The deepest setting at which it is guided, when it comes down pass by pass from here. */
    private double highest(Cutter c, double cut) {
      if (job.bushed()) {
        // A shank no thicker than the cutter follows it down; the collet's reach is the limit then.
        return c.shank() <= c.diameter() ? c.stickOut() : c.cutting();
      }
      return c.cutting() + Math.max(0, c.bearingHeight() - TOUCH);
    }

    /** Equal passes from here to there; the first no shallower than the cutter is guided. */
    private void run(Cutter c, double cut, double to) {
      double from = cut;
      double least = lowest(c, cut);
      if (least > cut + LEAST_PASS + Precision.NEAR) {
        from = Math.min(to, Math.max(least, cut));
        add(c, from);
      }
      boolean end = to >= job.depth - Precision.NEAR;
      double last = end && job.last > 0 && to - from > job.last + Precision.NEAR ? job.last : 0;
      double way = to - last - from;
      int count = way > Precision.NEAR ? PassRule.passes(way, most(c)) : 0;
      for (int i = 1; i <= count; i++) {
        add(c, from + way * i / count);
      }
      if (last > 0) {
        add(c, to);
      }
    }

    private void add(Cutter c, double depth) {
      Guide guide =
          job.bushed()
              ? Guide.BUSH
              : onTemplate(c.cutting(), job.template, depth) ? Guide.TEMPLATE : Guide.WALL;
      passes.add(new Pass(c, depth, depth + job.template, guide));
    }

    /** What the drawer lacks to go on from here. */
    private Message missing(double cut) {
      double step = PassRule.deepest(Math.min(12.7, 2 * job.corner), job.density) * job.factor;
      // A longer one would still stand off the template at the last pass.
      double longest = Math.min(cut + step, job.depth) + job.template - TOUCH;
      Text.Arg radius = Text.length(Math.min(job.corner * 2, job.narrowest - 0.1), 1);
      double wanted = Math.max(LEAST_PASS, job.depth - 3);
      return Message.of(
              Text.of("You have no cutter that continues from {cut} down.", Text.length(cut, 1)))
          .fix(
              longest < wanted
                  ? Text.of(
                      "You need a bearing cutter of at most {radius} with a cutting length of "
                          + "at most {longest}, then a longer one.",
                      radius,
                      Text.length(longest, 1))
                  : Text.of(
                      "You need a bearing cutter of at most {radius} with a cutting length "
                          + "between {wanted} and {longest}.",
                      radius,
                      Text.length(wanted, 1),
                      Text.length(longest, 1)));
    }
  }
}
