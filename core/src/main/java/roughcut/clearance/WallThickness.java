package roughcut.clearance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.geometry.Box;
import roughcut.geometry.ClosestApproach;
import roughcut.geometry.Solid;
import roughcut.memo.Memo;
import roughcut.rout.Cut;

/**
 * What is left between two cuts: the distance of their surfaces in space, over every pair of solids
 * that they are made of.
 *
 * @param a the first, in the order of work
 * @param closest how close they come, and where
 */
public record WallThickness(Cut a, Cut b, ClosestApproach closest) {

  /**
   * Every pair that comes nearer than that and isn't meant to meet.
   *
   * @param within mm
   * @param memo of pairs that may be as they were, by the same distance
   */
  public static List<WallThickness> all(List<Cut> cuts, double within, Memo memo) {
    int n = cuts.size();
    List<List<Solid>> solids = new ArrayList<>(n);
    Box[][] boxes = new Box[n][];
    Box[] whole = new Box[n];
    for (int i = 0; i < n; i++) {
      solids.add(cuts.get(i).solids());
      boxes[i] = solids.get(i).stream().map(Solid::box).toArray(Box[]::new);
      for (Box box : boxes[i]) {
        whole[i] = whole[i] == null ? box : whole[i].and(box);
      }
    }
    List<WallThickness> webs = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      for (int j = i + 1; j < n; j++) {
        if (whole[i].distance(whole[j]) < within && !cuts.get(i).joins(cuts.get(j))) {
          int one = i;
          int two = j;
          memo.block(
                  "web of " + cuts.get(i).name() + " and " + cuts.get(j).name(),
                  List.of(cuts.get(i), cuts.get(j)),
                  () -> least(solids.get(one), boxes[one], solids.get(two), boxes[two], within))
              .ifPresent(least -> webs.add(new WallThickness(cuts.get(one), cuts.get(two), least)));
        }
      }
    }
    return webs;
  }

  private static Optional<ClosestApproach> least(
      List<Solid> a, Box[] boxA, List<Solid> b, Box[] boxB, double within) {
    ClosestApproach best = null;
    double least = within;
    for (int i = 0; i < a.size(); i++) {
      for (int j = 0; j < b.size(); j++) {
        if (boxA[i].distance(boxB[j]) < least) {
          ClosestApproach here = ClosestApproach.of(a.get(i), b.get(j));
          if (here.distance() < least) {
            least = here.distance();
            best = here;
          }
        }
      }
    }
    return Optional.ofNullable(best);
  }
}
