package roughcut.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.design.Decisions;
import roughcut.part.BodyWork;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Measurables;
import roughcut.rout.Cut;

/** What is there now, by what was done and read (handbook page 8, "A part is a history"). */
class CurrentBodyTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static Plan plan(Build build, String... happened) {
    return Plan.of(Heron.lived(build, happened), Demo.shop());
  }

  private static Clearance spot(Plan plan, String id) {
    return plan.clearances().stream()
        .filter(s -> s.left().id().equals(id))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no spot " + id));
  }

  private static double more(Plan plan, String id) {
    Clearance clearance = spot(plan, id);
    return clearance.now().value() - clearance.left().value();
  }

  private static String done(BodyWork work) {
    return "done=" + work.operation();
  }

  private static String[] allDone() {
    return List.of(BodyWork.values()).stream().map(CurrentBodyTest::done).toArray(String[]::new);
  }

  /** Page 8: relief bored from the top while 9 are still to come off the back. */
  @Test
  void reliefBoredEarlyHasAThickerFloorNowThanLater() {
    Build dunlin = Demo.dunlin(DAY);
    Plan early = plan(dunlin, "body.now-thickness=51", "body.stock-from=back");
    Plan late = plan(dunlin);
    assertThat(value(early, "relief.horn-bore.stop"))
        .as("the stop is measured from the top all the same")
        .isCloseTo(value(late, "relief.horn-bore.stop"), within(1e-9));
    assertThat(spot(early, "rout.horn-bore.floor").left().value()).isCloseTo(8, within(1e-9));
    assertThat(spot(early, "rout.horn-bore.floor").now().value()).isCloseTo(17, within(1e-9));
    assertThat(spot(late, "rout.horn-bore.floor").later()).isFalse();
    Plan planed =
        plan(dunlin, "body.now-thickness=51", "body.stock-from=back", done(BodyWork.THICKNESS));
    assertThat(spot(planed, "rout.horn-bore.floor").later())
        .as("planed meanwhile, the old reading says nothing any more")
        .isFalse();
  }

  @Test
  void stopsAndRoutersGoDeeperWhereStockIsStillOn() {
    Plan top = Heron.with("body.now-thickness=48", "body.stock-from=top");
    Plan back = Heron.with("body.now-thickness=48", "body.stock-from=back");
    Plan done = Heron.with();
    String post = "rout.post-bass.stop-now";
    String bolt = "rout.bolt-1.stop-now";
    assertThat(value(top, post) - value(done, post)).isCloseTo(4, within(1e-9));
    assertThat(value(back, post)).isCloseTo(value(done, post), within(1e-9));
    assertThat(value(back, bolt) - value(done, bolt)).isCloseTo(4, within(1e-9));
    assertThat(value(top, bolt)).isCloseTo(value(done, bolt), within(1e-9));
    assertThat(value(done, post)).isCloseTo(value(done, "bridge.post.stop"), within(1e-9));
    assertThat(done.value("rout.bridge-wire.stop-now")).as("bored from inside").isEmpty();
    assertThat(top.value(post).orElseThrow().fromMeasured()).as("by what was read").isTrue();
    assertThat(value(Heron.with("body.now-thickness=43"), post))
        .as("thinner than it should be there is no stock")
        .isCloseTo(value(done, post), within(1e-9));
  }

  @Test
  void theJackIsBoredDeeperAndHasMoreBesideItBeforeTheOutlineIsSawn() {
    Plan early = Heron.with("body.now-outside=6", "control.tone.y=128");
    Plan done = Heron.with("control.tone.y=128");
    assertThat(value(early, "rout.output.stop-now") - value(done, "rout.output.stop-now"))
        .isCloseTo(6, within(1e-9));
    assertThat(value(early, "rout.post-bass.stop-now"))
        .isCloseTo(value(done, "rout.post-bass.stop-now"), within(1e-9));
    Clearance edge =
        early.clearances().stream()
            .filter(s -> s.left().id().endsWith(".edge") && s.kind().id().equals("body.edge"))
            .findFirst()
            .orElseThrow();
    assertThat(edge.now().value() - edge.left().value()).isCloseTo(6, within(1e-9));
    assertThat(
            plan(
                    Heron.build().asDesigned(),
                    "body.now-outside=6",
                    "control.tone.y=128",
                    done(BodyWork.OUTLINE))
                .clearances()
                .stream()
                .filter(s -> s.left().id().endsWith(".edge")))
        .noneMatch(Clearance::later);
  }

  @Test
  void theJacksWallsCountTheStockOnTheirOwnSide() {
    Plan low = Heron.with("jack.output.depth=30", "body.now-thickness=49", "body.stock-from=back");
    assertThat(spot(low, "jack.walls").left().value()).isCloseTo(44 - 30 - 22 / 2.0, within(1e-9));
    assertThat(more(low, "jack.walls")).as("the back is the nearer").isCloseTo(5, within(1e-9));
    Plan other = Heron.with("jack.output.depth=30", "body.now-thickness=49", "body.stock-from=top");
    assertThat(more(other, "jack.walls")).isCloseTo(0, within(1e-9));
  }

  @Test
  void beforeTheCarvingTheTopOverAControlIsWhole() {
    Build avocet = Demo.avocet();
    Plan rough = plan(avocet, done(BodyWork.THICKNESS), "carve.width=75");
    double carved =
        rough.value("control.volume.top-left").orElseThrow().inputs().stream()
            .filter(i -> i.symbol().equals("c"))
            .mapToDouble(i -> i.value().value())
            .sum();
    assertThat(carved).isPositive();
    assertThat(more(rough, "control.volume.top-left")).isCloseTo(carved, within(1e-9));
    assertThat(spot(plan(avocet, "carve.width=75"), "control.volume.top-left").later()).isFalse();
    Clearance surface = spot(rough, "rout.controls.surface");
    assertThat(surface.now().value())
        .as("to the flat top: what the cavity leaves")
        .isCloseTo(10, within(1e-6));
  }

  /** A belly contour that is cut already counts, the one at the arm that isn't does not. */
  @Test
  void onlyWhatIsCutOfTheShapeIsGone() {
    Plan now = plan(Demo.avocet(), done(BodyWork.BELLY));
    var surface = now.cuts().surface().at(now.cuts().state());
    assertThat(surface.contours()).allMatch(c -> c.kind().work() == BodyWork.BELLY);
    assertThat(surface.drop()).isZero();
    assertThat(surface.roundTop()).isZero();
    Plan all = plan(Demo.avocet(), allDone());
    assertThat(all.cuts().surface().at(all.cuts().state()).contours())
        .isEqualTo(all.cuts().surface().contours());
  }

  /** Now equals the plan whose finished shape is that state. */
  @Test
  void nowIsWhatAPlanOfThatShapeWouldHave() {
    Random random = new Random(1226);
    int compared = 0;
    for (Build demo : Demo.builds(DAY)) {
      Build build = Heron.undone(demo).asDesigned();
      double t = BodyDecisions.BODY_THICKNESS.in(build.design());
      for (int i = 0; i < 6; i++) {
        int stock = random.nextInt(1, 10);
        List<String> happened =
            new ArrayList<>(List.of("body.stock-from=back", "body.now-thickness=" + (t + stock)));
        List<String> shape = new ArrayList<>(List.of("body.thickness=" + (t + stock)));
        choose(random, happened, shape, BodyWork.ARM, "arm.depth=0");
        choose(random, happened, shape, BodyWork.BELLY, "belly.depth=0");
        choose(random, happened, shape, BodyWork.HEEL, "heel-carve.depth=0");
        choose(random, happened, shape, BodyWork.CARVE, "carve.drop=0");
        choose(random, happened, shape, BodyWork.EDGES, "edge.round-top=0", "edge.round-back=0");
        // All spots are told, and what would follow the thickness is as deep in both.
        Plan now = wanting(build, happened);
        for (Cut cut : now.cuts().cuts()) {
          if (!cut.steps().isEmpty() && cut.from().opens(BodyFace.TOP)) {
            shape.add("rout." + cut.name() + ".depth=" + cut.depth());
          }
        }
        Plan like = wanting(build, shape);
        for (Clearance clearance : now.clearances()) {
          String id = clearance.left().id();
          Cut cut = cut(now, id);
          // What is cut from the back goes down with it in the other plan.
          if (cut == null
              || !cut.from().opens(BodyFace.TOP)
              || Math.abs(cut.depth() - cut(like, id).depth()) > 1e-9) {
            continue;
          }
          if (id.endsWith(".floor") || id.endsWith(".edge")) {
            assertThat(clearance.now().value())
                .as(build.name() + " " + happened + " " + id)
                .isCloseTo(value(like, id), within(1e-6));
            compared++;
          } else if (id.endsWith(".surface") && like.value(id).isPresent()) {
            assertThat(clearance.now().value())
                .as(build.name() + " " + happened + " " + id)
                .isCloseTo(
                    Math.max(
                        clearance.left().value(),
                        Math.min(value(like, id), t + stock - cut.box().z1())),
                    within(0.05));
            compared++;
          }
        }
      }
    }
    assertThat(compared).isGreaterThan(100);
  }

  private static Plan wanting(Build build, List<String> happened) {
    List<String> known =
        happened.stream()
            .filter(
                h ->
                    h.startsWith("done")
                        || Measurables.find(build.design(), h.split("=")[0]).isPresent()
                        || Decisions.find(build.design(), h.split("=")[0]).isPresent())
            .toList();
    return Plan.of(Heron.lived(build, known.toArray(String[]::new)), OwnLimitsTest.wanting(40));
  }

  private static void choose(
      Random random, List<String> happened, List<String> shape, BodyWork work, String... without) {
    if (random.nextBoolean()) {
      happened.add(done(work));
    } else {
      shape.addAll(List.of(without));
    }
  }

  private static Cut cut(Plan plan, String id) {
    return id.startsWith("rout.")
        ? plan.cuts().cut(id.substring(5, id.lastIndexOf('.'))).orElse(null)
        : null;
  }

  /** Wood only comes off: now is never less than finished, and with all done the same. */
  @Test
  void nowIsNeverLessThanLater() {
    Random random = new Random(41);
    for (Build demo : Demo.builds(DAY)) {
      Build build = Heron.undone(demo);
      for (int i = 0; i < 12; i++) {
        List<String> happened =
            new ArrayList<>(
                List.of(
                    "body.now-thickness="
                        + (BodyDecisions.BODY_THICKNESS.in(build.design()) + random.nextInt(12)),
                    "body.stock-from=" + (random.nextBoolean() ? "top" : "back"),
                    "body.now-outside=" + random.nextInt(8)));
        for (BodyWork work : BodyWork.values()) {
          if (random.nextInt(3) == 0) {
            happened.add(done(work));
          }
        }
        Plan plan = plan(build, happened.toArray(String[]::new));
        assertThat(plan.clearances())
            .as(happened.toString())
            .allMatch(s -> s.now().value() >= s.left().value() - 1e-9)
            .noneMatch(s -> s.later() && !s.inBody());
      }
      assertThat(plan(build).clearances()).as("Not started").noneMatch(Clearance::later);
      assertThat(plan(build, allDone()).clearances()).noneMatch(Clearance::later);
    }
  }

  /** Stock weighs its area by its thickness, whichever face it is on. */
  @Test
  void theStockThatIsStillOnWeighsWhatItMeasures() {
    Plan thick = Heron.with("body.now-thickness=53", "body.stock-from=back");
    Plan planed = Heron.with("body.now-thickness=44", "body.stock-from=back");
    double area = thick.body().outline().shape().area();
    double density =
        thick.value("body.mass-now").orElseThrow().inputs().stream()
            .filter(i -> i.symbol().equals("ρ"))
            .mapToDouble(i -> i.value().value())
            .sum();
    assertThat(value(thick, "body.mass-now") - value(planed, "body.mass-now"))
        .isCloseTo(area * 9 * density / 1e6, within(1e-6));
  }

  @Test
  void theStockOnTheTopIsOverTheControlsToo() {
    Plan top = Heron.with("body.now-thickness=47", "body.stock-from=top");
    Plan back = Heron.with("body.now-thickness=47", "body.stock-from=back");
    String left = "control.volume.top-left";
    assertThat(value(top, left + ".now") - value(top, left)).isCloseTo(3, within(1e-9));
    assertThat(value(back, left + ".now") - value(back, left)).isCloseTo(0, within(1e-9));
  }

  /** Each cut that is ticked takes its own wood out of what the body weighs now. */
  @Test
  void theBodyWeighsWhatIsNotCutAwayYet() {
    Plan blank = Heron.with(done(BodyWork.THICKNESS), done(BodyWork.OUTLINE));
    Plan routed =
        Heron.with(
            done(BodyWork.THICKNESS),
            done(BodyWork.OUTLINE),
            "done=" + DoneOperation.cut("controls"));
    double density =
        blank.value("body.mass-now").orElseThrow().inputs().stream()
            .filter(i -> i.symbol().equals("ρ"))
            .mapToDouble(i -> i.value().value())
            .sum();
    double topDensity =
        blank.value("body.mass-now").orElseThrow().inputs().stream()
            .filter(i -> i.symbol().equals("ρ_t"))
            .mapToDouble(i -> i.value().value())
            .sum();
    Cut cavity = blank.cuts().cut("controls").orElseThrow();
    double controls = cavity.volume();
    double floor = 44 - cavity.steps().get(1).depth().value();
    double inTop = cavity.steps().get(1).area() * (5.5 + 0.6 - floor);
    assertThat(value(blank, "body.mass-now") - value(routed, "body.mass-now"))
        .isCloseTo((controls * density + inTop * (topDensity - density)) / 1e6, within(0.02));
    assertThat(value(blank, "body.mass-now")).isGreaterThan(value(blank, "body.mass"));
    String[] cuts =
        blank.cuts().cuts().stream()
            .map(c -> "done=" + DoneOperation.cut(c.row()))
            .distinct()
            .toArray(String[]::new);
    List<String> all = new ArrayList<>(List.of(allDone()));
    all.addAll(List.of(cuts));
    Plan finished = Heron.with(all.toArray(String[]::new));
    assertThat(value(finished, "body.mass-now"))
        .isCloseTo(value(finished, "body.mass"), within(1e-6));
    assertThat(Heron.with().value("body.mass-now")).as("Not started").isEmpty();
  }
}
