package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.measure.Precision;

/** One side of a chain and its mirror image about the line y = 0. */
final class MirroredChain {
  /** In so many places a stretch is looked at for crossings, each found to the last bit. */
  private static final int LOOKS = 24;

  private static final int HALVINGS = 60;

  private MirroredChain() {}

  /** See {@link Chain#mirrored}. */
  static Optional<Chain> of(Chain chain, int side) {
    List<Chain.Place> crossings = crossings(chain);
    if (crossings.size() != (chain.closed() ? 2 : 1)) {
      return Optional.empty();
    }
    Chain cut = chain;
    List<Integer> at = new ArrayList<>();
    for (int i = crossings.size() - 1; i >= 0; i--) {
      Chain.Place place = crossings.get(i);
      int point = place.stretch();
      if (place.t() > 0) {
        cut = cut.added(point, place.t());
        at.replaceAll(n -> n + 1);
        point++;
      }
      at.add(0, point);
    }
    int count = cut.segments().size();
    int from = chain.closed() ? at.get(0) : 0;
    int to = at.get(at.size() - 1);
    boolean first = height(cut, from, to) * side > 0;
    int begin = first ? from : to;
    int end = first ? to : chain.closed() ? from + count : count;
    List<Segment> kept = new ArrayList<>();
    for (int i = begin; i < end; i++) {
      kept.add(cut.segments().get(i % count));
    }
    List<Segment> other =
        new Chain(kept, false).reversed().through(Similarity.turningOver()).segments();
    // An open one begins where it began, at its own side.
    boolean before = !chain.closed() && !first;
    List<Segment> all = new ArrayList<>(before ? other : kept);
    all.addAll(before ? kept : other);
    return Optional.of(joined(new Chain(all, chain.closed())));
  }

  /** A straight side square to the line is one side, as it was, and no point in its middle. */
  private static Chain joined(Chain chain) {
    for (int i = chain.points() - 1; i >= 0; i--) {
      boolean inside = chain.removable(i) && Math.abs(chain.at(i).y()) < Precision.NEAR;
      int before = (i + chain.segments().size() - 1) % chain.segments().size();
      if (inside
          && chain.smooth(i)
          && chain.segments().get(before).straight()
          && chain.segments().get(i).straight()) {
        return joined(chain.removed(i));
      }
    }
    return chain;
  }

  /** Which side the stretches from one point to another lie on, by their middles. */
  private static double height(Chain cut, int from, int to) {
    double sum = 0;
    for (int i = from; i < to; i++) {
      sum += cut.segments().get(i).at(0.5).y();
    }
    return sum;
  }

  /** A place's height; on the line where it is within rounding of it. */
  private static double y(Segment segment, double t) {
    double y = segment.at(t).y();
    return Math.abs(y) < Precision.NEAR ? 0 : y;
  }

  /** Where it goes over the line, in its order. */
  private static List<Chain.Place> crossings(Chain chain) {
    List<Chain.Place> all = new ArrayList<>();
    for (int i = 0; i < chain.segments().size(); i++) {
      Segment segment = chain.segments().get(i);
      for (int j = 0; j < LOOKS; j++) {
        double lo = (double) j / LOOKS;
        double hi = (j + 1.0) / LOOKS;
        double below = y(segment, lo);
        if (below == 0) {
          if ((i > 0 || j > 0 || chain.closed()) && goesOver(chain, i, j)) {
            all.add(new Chain.Place(i, lo, 0));
          }
        } else if (below * y(segment, hi) < 0) {
          all.add(new Chain.Place(i, crossing(segment, lo, hi), 0));
        }
      }
    }
    return all;
  }

  private static double crossing(Segment segment, double from, double to) {
    double lo = from;
    double hi = to;
    for (int k = 0; k < HALVINGS; k++) {
      double middle = (lo + hi) / 2;
      boolean same = segment.at(middle).y() * segment.at(from).y() > 0;
      lo = same ? middle : lo;
      hi = same ? hi : middle;
    }
    return lo;
  }

  /** Whether it comes from one side and goes on to the other where a look lies on the line. */
  private static boolean goesOver(Chain chain, int stretch, int look) {
    List<Segment> all = chain.segments();
    Segment own = all.get(stretch);
    Segment last = all.get((stretch + all.size() - 1) % all.size());
    double before = look > 0 ? y(own, (look - 1.0) / LOOKS) : y(last, 1 - 1.0 / LOOKS);
    return before * y(own, (look + 1.0) / LOOKS) < 0;
  }
}
