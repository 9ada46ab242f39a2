package roughcut.rout;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import roughcut.geometry.Cylinder;
import roughcut.measure.Found;
import roughcut.measure.Value;
import roughcut.measure.Worked;
import roughcut.part.BodyState;

/**
 * The drill's stop of every bore, from the surface that is there now: deeper where stock will still
 * come off the face, or off the edge, that it is bored from (handbook page 8, "A part is a
 * history").
 */
final class Stops {
  private Stops() {}

  static void tell(CutSlab slab) {
    BodyState state = slab.state;
    for (Cut cut : slab.cuts) {
      // A wire is bored from inside, relief before there is a top.
      if (!cut.steps().isEmpty() || cut.kind() == CutKind.WIRE || cut.kind() == CutKind.RELIEF) {
        continue;
      }
      bits(slab, cut);
      // Square to the face a recess and what goes on below it are one way down.
      boolean square = cut.bores().stream().allMatch(Cylinder::upright);
      double longest =
          square
              ? cut.box().z1() - cut.box().z0()
              : cut.bores().stream().mapToDouble(Cylinder::length).max().orElse(0);
      Value finished =
          Found.of(
              "rout." + cut.name() + ".bored",
              "Bored, when finished",
              longest,
              LENGTH,
              "found along the finished bore",
              slab.basis(cut));
      if (cut.from() == CutFrom.EDGE) {
        put(slab, cut, finished, state.outside());
      } else if (cut.from().opens(state.off())) {
        put(slab, cut, finished, state.stock());
      } else {
        put(slab, cut, finished, null);
      }
    }
  }

  /** The bits that it is bored with, the widest first: a recess, and what goes on below it. */
  private static void bits(CutSlab slab, Cut cut) {
    double[] wide =
        cut.bores().stream().mapToDouble(b -> 2 * b.radius()).distinct().sorted().toArray();
    for (int i = 0; i < Math.min(2, wide.length); i++) {
      slab.ledger.find(
          "rout." + cut.name() + (i == 0 ? ".bit" : ".bit-2"),
          cut.title() + (i == 0 ? ", bit" : ", bit for what goes on below"),
          LENGTH,
          wide[wide.length - 1 - i],
          "found of the bore as drawn",
          slab.basis(cut));
    }
  }

  private static void put(CutSlab slab, Cut cut, Value finished, Value still) {
    boolean more = still != null && still.value() > 0;
    slab.ledger.put(
        "rout." + cut.name() + ".stop-now",
        cut.title() + ", drill's stop from the surface that is there now",
        LENGTH,
        more ? "l + s" : "l",
        more
            ? new Worked.Input[] {in("l", finished), in("s", still)}
            : new Worked.Input[] {in("l", finished)});
  }
}
