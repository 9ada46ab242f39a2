package roughcut.clearance;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.List;
import roughcut.body.BodySurface;
import roughcut.design.BodyFace;
import roughcut.geometry.Box;
import roughcut.geometry.Edge;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.part.BodyState;
import roughcut.part.BodyWork;
import roughcut.rout.BodyCuts;
import roughcut.rout.Cut;

/**
 * What is left of the body's spots at the stage that it has reached: more, as long as it is too
 * thick, not yet sawn to its line, or its edges and contours are still to come (handbook page 8, "A
 * part is a history"). Each with its sum; the finished value itself where nothing is to come.
 */
final class CurrentBody {
  private final ValueRegistry registry;
  private final BodyCuts body;
  private final BodyState state;
  private final BodySurface surface;
  private final Memo memo;

  CurrentBody(BodyCuts body, ValueRegistry registry, Memo memo) {
    this.registry = registry;
    this.body = body;
    this.state = body.state();
    this.memo = memo;
    this.surface = body.surfaceNow();
  }

  /** Of what the room that made it has told already what is left now. */
  Value told(Value left) {
    return registry.values().getOrDefault(BodyState.now(left.id()), left);
  }

  /** A floor has more beyond it while the rest is to come off the other face. */
  Value floor(Value left, Cut cut) {
    return cut.from().opens(state.off()) ? left : more(left, state.stock());
  }

  /** Before the edge is trimmed there is more at it. */
  Value edge(Value left) {
    return more(left, state.outside());
  }

  /** Before the binding is let in there is all the wood to the edge. */
  Value binding(Value left, Value edge) {
    return state.toCome(BodyWork.EDGES)
        ? registry.put(
            BodyState.now(left.id()),
            Text.of("{left}, now", left.label()),
            FINE_LENGTH,
            "e",
            in("e", edge))
        : left;
  }

  private Value more(Value left, Value more) {
    return more.value() == 0
        ? left
        : registry.put(
            BodyState.now(left.id()),
            Text.of("{left}, now", left.label()),
            left.quantity(),
            "f + s",
            in("f", left),
            in("s", more));
  }

  /** A bore between the faces, while they are still to be planed. */
  Value faces(Value left, Cut cut) {
    return state.stock().value() == 0 ? left : found(left, nearer(cut.box()), cut);
  }

  /**
   * To the faces as they are: to the nearest of what is shaped already, or to the plain face
   * opposite.
   *
   * @param far as far as gaps are looked for, mm
   */
  Value surface(Value left, Cut cut, Edge.Nearest toEdge, double far) {
    if (state.isFinished()) {
      return left;
    }
    Box box = cut.box();
    double least =
        cut.from().opens(BodyFace.TOP)
            ? surface.backPlane() - box.z1()
            : cut.from().opens(BodyFace.BACK) ? up(box) : nearer(box);
    List<SurfaceGap> gaps =
        memo.block(
            "surface now over " + cut.name(),
            List.of(cut, surface, toEdge),
            () -> SurfaceGap.of(cut, surface, toEdge, far));
    for (SurfaceGap gap : gaps) {
      least = Math.min(least, gap.distance());
    }
    return least > left.value() ? found(left, least, cut) : left;
  }

  private Value found(Value left, double least, Cut cut) {
    return registry.find(
        BodyState.now(left.id()),
        Text.of("{left}, now", left.label()),
        FINE_LENGTH,
        least,
        Text.of("found as the least distance to the faces as they are"),
        body.provenance(cut).and(surface.provenance()));
  }

  private double nearer(Box box) {
    return Math.min(up(box), surface.backPlane() - box.z1());
  }

  private double up(Box box) {
    return box.z0() - surface.topPlane(box.x0());
  }
}
