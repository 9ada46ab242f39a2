package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import roughcut.geometry.Cylinder;
import roughcut.measure.ComputedValue;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.part.BodyState;

/**
 * The drill's stop of every bore, from the surface that is there now: deeper where stock will still
 * come off the face, or off the edge, that it is bored from (handbook page 8, "A part is a
 * history").
 */
final class DrillStops {
  private DrillStops() {}

  static void tell(CutBody body) {
    BodyState state = body.state;
    for (Cut cut : body.cuts) {
      // A wire is bored from inside, relief before there is a top.
      if (!cut.steps().isEmpty() || cut.kind() == CutKind.WIRE || cut.kind() == CutKind.RELIEF) {
        continue;
      }
      bits(body, cut);
      // Square to the face a recess and what goes on below it are one way down.
      boolean square = cut.bores().stream().allMatch(Cylinder::upright);
      double longest =
          square
              ? cut.box().z1() - cut.box().z0()
              : cut.bores().stream().mapToDouble(Cylinder::length).max().orElse(0);
      Value finished =
          SearchedValue.of(
              "rout." + cut.name() + ".bored",
              Text.of("Hole depth when finished"),
              longest,
              LENGTH,
              Text.of("found along the finished hole"),
              body.provenance(cut));
      if (cut.from() == CutFrom.EDGE) {
        put(body, cut, finished, state.outside());
      } else if (cut.from().opens(state.off())) {
        put(body, cut, finished, state.stock());
      } else {
        put(body, cut, finished, null);
      }
    }
  }

  /** The bits that it is bored with, the widest first: a recess, and what goes on below it. */
  private static void bits(CutBody body, Cut cut) {
    double[] wide =
        cut.bores().stream().mapToDouble(b -> 2 * b.radius()).distinct().sorted().toArray();
    for (int i = 0; i < Math.min(2, wide.length); i++) {
      body.registry.find(
          (i == 0 ? RoutKeys.BIT : RoutKeys.BIT_BELOW).id(cut.name()),
          Text.of(i == 0 ? "{title}, bit" : "{title}, bit for the part below", cut.title()),
          LENGTH,
          wide[wide.length - 1 - i],
          Text.of("found from the hole as planned"),
          body.provenance(cut));
    }
  }

  private static void put(CutBody body, Cut cut, Value finished, Value still) {
    boolean more = still != null && still.value() > 0;
    body.registry.put(
        RoutKeys.STOP_NOW.id(cut.name()),
        Text.of("{title}, drilling depth from the current surface", cut.title()),
        LENGTH,
        more ? "l + s" : "l",
        more
            ? new ComputedValue.Input[] {in("l", finished), in("s", still)}
            : new ComputedValue.Input[] {in("l", finished)});
  }
}
