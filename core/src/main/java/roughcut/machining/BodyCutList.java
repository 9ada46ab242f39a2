package roughcut.machining;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Prism;
import roughcut.geometry.Region;
import roughcut.geometry.Shapes;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.rout.Cut;
import roughcut.rout.CutKind;
import roughcut.rout.RoutPlan;

/** What of a body's cuts a CNC router can make with one face up, and what it can't, and why. */
final class BodyCutList {
  /** A floor that leans less is level, mm. */
  private static final double LEVEL = 0.05;

  /** So far a cutter goes on where a rout is open at the body's edge, mm. */
  private static final double RUN_OUT = 10;

  /** After the name of a bore's narrower part. */
  private static final String BELOW = ".below";

  /** Less area than that of a rout outside the one before is none, mm². */
  private static final double OUTSIDE = 1;

  private final Plan plan;
  private final FaceFrame frame;
  private final List<RouterWork> work = new ArrayList<>();
  private final List<BodyPrograms.Left> left = new ArrayList<>();

  BodyCutList(Plan plan, FaceFrame frame) {
    this.plan = plan;
    this.frame = frame;
    routs();
    bores();
  }

  /** In the order of work. */
  List<RouterWork> work() {
    return work;
  }

  List<BodyPrograms.Left> left() {
    return left;
  }

  private void routs() {
    Map<String, List<RouterWork>> byCut = new LinkedHashMap<>();
    for (RoutPlan rout : plan.cuts().routs()) {
      if (!rout.cut().from().opens(frame.face())) {
        continue;
      }
      Text name = rout.words();
      if (rout.stage().isPresent()) {
        left.add(new BodyPrograms.Left(name, Text.of("It is cut before the top is glued on.")));
        continue;
      }
      Prism solid = rout.step().solids().get(0);
      Region area = area(rout);
      Optional<LeaningFloor> lean =
          Optional.of(frame.floor(solid)).filter(l -> rout.step().floorRise() > LEVEL);
      if (lean.isPresent() && !LeaningFloor.fits(area)) {
        left.add(
            new BodyPrograms.Left(
                name,
                Text.of(
                    "Its floor leans by {rise}: rout it on tapered shims.",
                    Text.length(rout.step().floorRise(), 2))));
        continue;
      }
      double floor =
          lean.map(l -> l.highest(area.bounds()))
              .orElseGet(() -> frame.height(solid.floorAt(solid.corners().get(0).x())));
      List<RouterWork> same = byCut.computeIfAbsent(rout.cut().name(), none -> new ArrayList<>());
      Optional<RouterWork> around =
          same.stream()
              .filter(w -> w.floor() > floor && area.difference(w.area()).area() < OUTSIDE)
              .min(Comparator.comparingDouble(RouterWork::floor));
      RouterWork next =
          new RouterWork(
              rout.step().name(),
              name,
              area,
              frame.of(rout.step().line()).bounds(),
              around.map(RouterWork::floor).orElse(0.0),
              floor,
              rout.step().corner(),
              lean,
              around.map(RouterWork::name));
      same.add(next);
      work.add(next);
    }
  }

  /** What is emptied; a pocket runs out over the body's edge, where the neck comes in. */
  private Region area(RoutPlan rout) {
    Outline line = rout.step().line();
    Region area = Region.of(frame.of(line));
    if (rout.cut().kind() != CutKind.POCKET) {
      return area;
    }
    Region body = Region.of(frame.of(plan.body().outline().shape()));
    Region out = Region.of(frame.of(line.translate(-RUN_OUT, 0))).difference(body);
    return area.union(out);
  }

  private void bores() {
    for (Cut cut : plan.cuts().cuts()) {
      if (!cut.from().opens(frame.face())) {
        continue;
      }
      if (cut.kind() == CutKind.SLOT) {
        left.add(
            new BodyPrograms.Left(
                cut.words(), Text.of("It is too narrow: drill its ends and saw it.")));
      } else if (cut.kind().bored() && cut.covered()) {
        left.add(
            new BodyPrograms.Left(
                cut.words(), Text.of("It is drilled before the top is glued on.")));
      } else if (cut.kind().bored()) {
        bores(cut);
      }
    }
  }

  /** From the face down, each where the one before ends: a ferrule's seat, and what is below. */
  private void bores(Cut cut) {
    List<Cylinder> down =
        cut.bores().stream().sorted(Comparator.comparingDouble((Cylinder c) -> -upper(c))).toList();
    double open = 0;
    for (Cylinder bore : down) {
      if (!bore.upright()) {
        left.add(new BodyPrograms.Left(cut.words(), Text.of("It leans: drill it.")));
        return;
      }
      double floor = Math.min(frame.height(bore.from().z()), frame.height(bore.to().z()));
      if (open < 0 && below(cut, bore, open)) {
        left.add(
            new BodyPrograms.Left(cut.words(), Text.of("It is wider further down: drill it.")));
        return;
      }
      Outline circle = Shapes.circle(frame.of(bore.from().flat()), bore.radius());
      work.add(
          new RouterWork(
              cut.name() + (open < 0 ? BELOW : ""),
              cut.words(),
              Region.of(circle),
              circle.bounds(),
              open,
              floor,
              bore.radius(),
              Optional.empty(),
              open < 0 ? Optional.of(cut.name()) : Optional.empty()));
      open = floor;
    }
  }

  /** Whether a bore can't be gone into from the one over it. */
  private boolean below(Cut cut, Cylinder bore, double open) {
    return Math.abs(upper(bore) - open) > LEVEL
        || cut.bores().stream().anyMatch(o -> upper(o) > upper(bore) && o.radius() < bore.radius());
  }

  /** Height of its upper end. */
  private double upper(Cylinder bore) {
    return Math.max(frame.height(bore.from().z()), frame.height(bore.to().z()));
  }
}
