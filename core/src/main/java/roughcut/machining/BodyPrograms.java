package roughcut.machining;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import roughcut.bench.Caution;
import roughcut.body.BodySurface;
import roughcut.design.BodyFace;
import roughcut.design.Decisions;
import roughcut.gcode.ProgramWriter;
import roughcut.geometry.Bounds;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Region;
import roughcut.geometry.Shapes;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.Cut;
import roughcut.rout.CutKind;
import roughcut.rout.IndexHole;
import roughcut.rout.RoutPlan;
import roughcut.shop.Cutter;
import roughcut.shop.CutterBook;
import roughcut.shop.Machine;
import roughcut.stock.HeightMap;

/**
 * What a driven router cuts into a body with one face up: every rout with a level floor, and bores
 * that a router cutter goes round in. Faces are taken as planed to their thickness and still plain.
 *
 * @param programs one for each cutter, the largest first
 * @param left for work by hand, and why
 * @param setting where the work's zero is and what the stock is, whole sentences
 * @param setUp of the stock for the first
 * @param frame how the body lies on the machine
 */
public record BodyPrograms(
    List<MachineProgram> programs, List<Left> left, Text setting, SetUp setUp, FaceFrame frame) {
  /** Height at which nothing is in the way, mm. */
  public static final double CLEAR = 6;

  /** Stock round the body's outline, mm. */
  private static final double ROUND = 5;

  /** Fastest feed where no machine says its own, mm a minute. */
  private static final double USUAL_FEED = 3000;

  /** Slowest that a spindle is usually run, turns a minute. */
  private static final double USUAL_SPEED = 10_000;

  /** Down into wood, as a share of the feed. */
  private static final double ENTERING = 0.5;

  /** A floor that leans less is level, mm. */
  private static final double LEVEL = 0.05;

  /** So far a cutter goes on where a rout is open at the body's edge, mm. */
  private static final double RUN_OUT = 10;

  /** After the name of a bore's narrower part. */
  private static final String BELOW = ".below";

  /** Less area than that of a rout outside the one before is none, mm². */
  private static final double OUTSIDE = 1;

  /**
   * What is left for work by hand.
   *
   * @param what it is
   * @param why, a whole sentence
   */
  public record Left(Text what, Text why) {}

  public BodyPrograms {
    programs = List.copyOf(programs);
    left = List.copyOf(left);
  }

  /**
   * Plans them from the shop's drawer.
   *
   * @param machine whose limits hold; usual ones where there is none
   */
  public static BodyPrograms of(Plan plan, BodyFace face, Optional<Machine> machine) {
    return new Maker(plan, face, machine).make();
  }

  private static final class Maker {
    private final Plan plan;
    private final Optional<Machine> machine;
    private final FaceFrame frame;
    private final Text setting;
    private final List<Left> left = new ArrayList<>();
    private final double density;
    private final double thickness;

    Maker(Plan plan, BodyFace face, Optional<Machine> machine) {
      this.plan = plan;
      this.machine = machine;
      Optional<IndexHole> pin =
          plan.cuts().indexHoles().stream().min(Comparator.comparingDouble(h -> h.at().x()));
      Point at =
          pin.map(IndexHole::at).orElseGet(() -> new Point(plan.given(Decisions.JOINT_X), 0));
      BodySurface surface = plan.cuts().surface();
      // A carved top that rises towards the bridge is cut from stock as high as its highest place.
      double top = Math.min(surface.topPlane(surface.from()), surface.topPlane(surface.to()));
      this.thickness = surface.backPlane() - top;
      double level =
          switch (face) {
            case TOP -> top;
            case BACK -> surface.backPlane();
          };
      Text zero =
          pin.map(p -> Text.of("Zero: the middle of {hole}, on the face.", words(p)))
              .orElse(Text.of("Zero: centre line and body edge at the neck, on the face."));
      this.setting =
          Text.joined(
              List.of(
                  zero,
                  Text.of(
                      "Stock: planed to {thickness}, nothing carved or rounded yet.",
                      Text.length(thickness, 1)),
                  Text.of(
                      "Rapid moves pass {clear} over the face: keep clamps lower or outside.",
                      Text.length(CLEAR, 0))),
              " ");
      this.frame = FaceFrame.of(face, plan.given(Decisions.HAND).frame(), at, level);
      this.density = Math.max(plan.body().seenWood().density(), plan.body().backWood().density());
    }

    BodyPrograms make() {
      List<RouterWork> work = new ArrayList<>();
      routs(work);
      bores(work);
      Map<Cutter, List<RouterWork>> byCutter = new LinkedHashMap<>();
      for (RouterWork each : work) {
        List<Cutter> fit = each.cutters(plan.shop().cutters());
        if (fit.isEmpty()) {
          left.add(new Left(each.words(), lacking(each)));
        } else {
          byCutter.computeIfAbsent(fit.get(0), none -> new ArrayList<>()).add(each);
        }
      }
      List<Cutter> order =
          byCutter.keySet().stream()
              .sorted(Comparator.comparingDouble(c -> -c.diameter()))
              .toList();
      SetUp setUp = setUp(order.stream().findFirst().orElse(CutterBook.all().get(0)));
      List<MachineProgram> programs = new ArrayList<>();
      List<String> cut = new ArrayList<>();
      Optional<HeightMap> before = Optional.empty();
      for (Cutter cutter : order) {
        MachineProgram next =
            program(
                programs.size() + 1,
                cutter,
                byCutter.get(cutter),
                cut,
                setUp.withCutters(Map.of(1, cutter)),
                before);
        programs.add(next);
        before = Optional.of(next.report().stock());
      }
      return new BodyPrograms(programs, left, setting, setUp, frame);
    }

    private void routs(List<RouterWork> work) {
      Map<String, List<RouterWork>> byCut = new LinkedHashMap<>();
      for (RoutPlan rout : plan.cuts().routs()) {
        if (!rout.cut().from().opens(frame.face())) {
          continue;
        }
        Text name = rout.words();
        if (rout.stage().isPresent()) {
          left.add(new Left(name, Text.of("It is cut before the top is glued on.")));
          continue;
        }
        Prism solid = rout.step().solids().get(0);
        Region area = area(rout);
        Optional<LeaningFloor> lean =
            Optional.of(frame.floor(solid)).filter(l -> rout.step().floorRise() > LEVEL);
        if (lean.isPresent() && !LeaningFloor.fits(area)) {
          left.add(
              new Left(
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

    private Text words(IndexHole hole) {
      return plan.cuts().cuts().stream()
          .filter(c -> c.name().equals(hole.fitting().name()))
          .map(Cut::words)
          .findFirst()
          .orElseThrow();
    }

    private void bores(List<RouterWork> work) {
      for (Cut cut : plan.cuts().cuts()) {
        if (!cut.from().opens(frame.face())) {
          continue;
        }
        if (cut.kind() == CutKind.SLOT) {
          left.add(new Left(cut.words(), Text.of("It is too narrow: drill its ends and saw it.")));
        } else if (cut.kind().bored() && cut.covered()) {
          left.add(new Left(cut.words(), Text.of("It is drilled before the top is glued on.")));
        } else if (cut.kind().bored()) {
          bores(cut, work);
        }
      }
    }

    /** From the face down, each where the one before ends: a ferrule's seat, and what is below. */
    private void bores(Cut cut, List<RouterWork> work) {
      List<Cylinder> down =
          cut.bores().stream()
              .sorted(Comparator.comparingDouble((Cylinder c) -> -upper(c)))
              .toList();
      double open = 0;
      for (Cylinder bore : down) {
        if (!bore.upright()) {
          left.add(new Left(cut.words(), Text.of("It leans: drill it.")));
          return;
        }
        double floor = Math.min(frame.height(bore.from().z()), frame.height(bore.to().z()));
        if (open < 0 && below(cut, bore, open)) {
          left.add(new Left(cut.words(), Text.of("It is wider further down: drill it.")));
          return;
        }
        work.add(
            new RouterWork(
                cut.name() + (open < 0 ? BELOW : ""),
                cut.words(),
                Region.of(Shapes.circle(frame.of(bore.from().flat()), bore.radius())),
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
          || cut.bores().stream()
              .anyMatch(o -> upper(o) > upper(bore) && o.radius() < bore.radius());
    }

    /** Height of its upper end. */
    private double upper(Cylinder bore) {
      return Math.max(frame.height(bore.from().z()), frame.height(bore.to().z()));
    }

    private static Text pared(double left) {
      return Text.of(
          "A flat cutter leaves up to {left} of it at the deep end of its leaning floor: pare it "
              + "flat.",
          Text.length(left, 2));
    }

    private Text lacking(RouterWork work) {
      return work.round()
          ? Text.of(
              "No straight or spiral cutter of the drawer goes round in {across} and reaches "
                  + "{deep} down: drill it.",
              Text.length(2 * work.corner(), 1),
              Text.length(-work.deepest(), 1))
          : Text.of(
              "No straight or spiral cutter of the drawer makes corners of {corner} radius, fits "
                  + "in and reaches {deep} down: rout it by hand.",
              Text.length(work.corner(), 2),
              Text.length(-work.deepest(), 1));
    }

    private SetUp setUp(Cutter first) {
      Bounds outline = frame.of(plan.body().outline().shape().bounds()).expanded(ROUND);
      return new SetUp(
          outline,
          0,
          thickness,
          SetUp.USUAL_CELL,
          Map.of(1, first),
          List.of(),
          0,
          SetUp.USUAL_NUT,
          density,
          Map.of(54, new Point3(0, 0, 0)),
          Optional.empty());
    }

    private MachineProgram program(
        int number,
        Cutter cutter,
        List<RouterWork> work,
        List<String> cut,
        SetUp setUp,
        Optional<HeightMap> before) {
      CuttingRule rule = CuttingRule.of(cutter, density);
      double most = machine.map(Machine::mostFeed).orElse(USUAL_FEED);
      double speed = speed(cutter, rule, most);
      double feed = Math.min(most, rule.chip() * cutter.flutes() * speed);
      ProgramWriter writer =
          new ProgramWriter(
              heading(cutter), speed, feed, entering(cutter, rule, speed, feed), CLEAR);
      List<Text> names = new ArrayList<>();
      for (RouterWork each : WorkOrder.of(work, new Point(0, 0))) {
        // What isn't cut before by these programs isn't there.
        double top = each.within().filter(cut::contains).isPresent() ? each.above() : 0;
        Pocketing pocket = new Pocketing(each.area(), top, each.floor(), cutter, rule, CLEAR);
        writer.comment(
            Text.of("{cut}, {depth} deep", each.words(), Text.length(-each.deepest(), 2))
                .in(Units.MM));
        writer.all(pocket.legs());
        each.lean()
            .ifPresent(
                lean -> {
                  double radius = cutter.diameter() / 2;
                  writer.all(lean.legs(each.area(), radius, CLEAR));
                  left.add(new Left(each.words(), pared(lean.left(radius))));
                });
        if (!names.contains(each.words())) {
          names.add(each.words());
        }
        cut.add(each.name());
      }
      String text = writer.end(CLEAR);
      String file =
          face()
              + "-"
              + number
              + "-"
              + cutter.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9.]+", "-")
              + ".nc";
      return new MachineProgram(
          file,
          cutter,
          names,
          text,
          before
              .map(stock -> Simulation.run(text, setUp, stock))
              .orElseGet(() -> Simulation.run(text, setUp)));
    }

    private String face() {
      return switch (frame.face()) {
        case TOP -> "top";
        case BACK -> "back";
      };
    }

    /** As slow as the chip wants it at the fastest feed, and never over what the cutter may. */
    private double speed(Cutter cutter, CuttingRule rule, double feed) {
      double least = machine.map(Machine::leastSpeed).filter(s -> s > 0).orElse(USUAL_SPEED);
      double highest =
          Math.min(cutter.speed(), machine.map(Machine::mostSpeed).orElse(cutter.speed()));
      double wanted = feed / (rule.chip() * cutter.flutes());
      return Precision.floor(Math.min(highest, Math.max(least, wanted)) / 100) * 100;
    }

    /** Slower than cutting, but never so slow that it rubs. */
    private static double entering(Cutter cutter, CuttingRule rule, double speed, double feed) {
      double rubs = rule.chip() * CuttingRule.TOO_THIN * cutter.flutes() * speed;
      return Math.min(feed, Math.max(feed * ENTERING, 1.1 * rubs));
    }

    private List<String> heading(Cutter cutter) {
      return List.of(
          Text.of(
                  switch (frame.face()) {
                    case TOP -> "{name}: body, top up";
                    case BACK -> "{name}: body, back up";
                  },
                  plan.name())
              .in(Units.MM),
          Text.of("Cutter: {cutter}, {size}", cutter.name(), Text.length(cutter.diameter(), 2))
              .in(Units.MM),
          setting.in(Units.MM),
          Text.of("X along the strings, away from the nut. Y to the {side} side. Z up.", side())
              .in(Units.MM),
          Caution.DRIVEN_ROUTER.words().in(Units.MM),
          Caution.STANDING.in(Units.MM));
    }

    private Text side() {
      return frame.mirrors() ? Text.word("bass") : Text.word("treble");
    }
  }
}
