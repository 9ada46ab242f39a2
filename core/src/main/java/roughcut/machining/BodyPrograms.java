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
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.Cut;
import roughcut.rout.IndexHole;
import roughcut.shop.Cutter;
import roughcut.shop.CutterBook;
import roughcut.shop.Machine;
import roughcut.stock.HeightMap;

/**
 * What a CNC router cuts into a body with one face up: every rout with a floor, and bores that are
 * wider than a router cutter. Faces are taken as planed to their thickness and still plain.
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

  /** What is left, by the reason why. */
  public Map<Text, List<Text>> leftByReason() {
    Map<Text, List<Text>> all = new LinkedHashMap<>();
    left.forEach(l -> all.computeIfAbsent(l.why(), why -> new ArrayList<>()).add(l.what()));
    return all;
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
          plan.cuts().indexHoles().stream()
              .filter(h -> seen(h, face))
              .min(Comparator.comparingDouble(h -> h.at().x()));
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
      BodyCutList cuts = new BodyCutList(plan, frame);
      left.addAll(cuts.left());
      Map<Cutter, List<RouterWork>> byCutter = new LinkedHashMap<>();
      for (RouterWork each : cuts.work()) {
        List<Cutter> fit = each.cutters(plan.shop().cutters());
        if (fit.isEmpty()) {
          left.add(new Left(each.words(), each.lacking()));
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

    private Text words(IndexHole hole) {
      return plan.cuts().cut(hole.fitting().name()).orElseThrow().words();
    }

    /** Whether it can be found with that face up: bored from there, or right through. */
    private boolean seen(IndexHole hole, BodyFace face) {
      Cut cut = plan.cuts().cut(hole.fitting().name()).orElseThrow();
      BodySurface surface = plan.cuts().surface();
      boolean through =
          cut.box().z0() <= surface.topPlane(hole.at().x()) + Precision.NEAR
              && cut.box().z1() >= surface.backPlane() - Precision.NEAR;
      return cut.from().opens(face) || through;
    }

    private static Text pared(double left) {
      return Text.of(
          "Its floor leans. A flat cutter leaves up to {left} along the walls: pare it flat.",
          Text.length(left, 2));
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
                  double over = lean.left(radius, each.area().bounds(), each.planned());
                  if (over > Precision.SHOWN) {
                    left.add(new Left(each.words(), pared(over)));
                  }
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
          Caution.CNC_ROUTER.words().in(Units.MM),
          Caution.STANDING.in(Units.MM));
    }

    private Text side() {
      return frame.mirrors() ? Text.word("bass") : Text.word("treble");
    }
  }
}
