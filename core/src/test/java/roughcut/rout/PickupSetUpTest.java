package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.file.BuildFile;
import roughcut.finding.Finding;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Reading;
import roughcut.rout.PickupSetUp.Together;
import roughcut.whatif.LogBook;

/** Pickups that are fitted: turned so the gap is as wanted, and wired so that they agree. */
class PickupSetUpTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static Build read(Build build, String id, double value) {
    return build.withReading(Reading.of(id, value, NOON));
  }

  private static Plan plan(Build build) {
    return Plan.of(build, Demo.shop());
  }

  private static List<String> looks(Plan plan) {
    return plan.bodyPlan().pickups().findings().stream().map(Finding::words).toList();
  }

  /** A coil as it is wound, a magnet as it lies; what is heard and what a needle shows of it. */
  private record Coil(int wound, int magnet) {
    int signal() {
      return wound * magnet;
    }

    /** Hum comes through the air and doesn't know about magnets. */
    int hum() {
      return wound;
    }

    Coil swapped() {
      return new Coil(-wound, magnet);
    }
  }

  /** Every way two coils can be: what is said is what they do when both are on. */
  @Test
  void whatIsSaidIsWhatTwoCoilsDo() {
    int[] both = {1, -1};
    for (int w1 : both) {
      for (int m1 : both) {
        for (int w2 : both) {
          for (int m2 : both) {
            Coil one = new Coil(w1, m1);
            Coil other = new Coil(w2, m2);
            Together said = Together.of(one.signal() == other.signal(), m1 == m2);
            boolean loud = one.signal() + other.signal() != 0;
            assertThat(said.inPhase()).isEqualTo(loud);
            Coil then = loud ? other : other.swapped();
            assertThat(one.signal() + then.signal()).as("swapped, it is loud").isNotZero();
            boolean quiet = one.hum() + then.hum() == 0;
            assertThat(said)
                .isEqualTo(
                    loud
                        ? quiet ? Together.QUIET : Together.HUMS
                        : quiet ? Together.SWAP_THEN_QUIET : Together.SWAP_THEN_HUMS);
          }
        }
      }
    }
  }

  @Test
  void aPairIsToldOnceBothWereSeenAndOutOfPhaseWantsALook() {
    Build build = read(Heron.build(), "pickup.neck.swing", 1);
    build = read(build, "pickup.neck.magnet", 0);
    build = read(build, "pickup.bridge.swing", 1);
    assertThat(plan(build).bodyPlan().pickups().pairs()).as("one compass is missing").isEmpty();
    Plan agree = plan(read(build, "pickup.bridge.magnet", 1));
    assertThat(agree.bodyPlan().pickups().pairs())
        .singleElement()
        .satisfies(p -> assertThat(p.together()).isEqualTo(Together.QUIET));
    assertThat(looks(agree)).isEmpty();
    Build odd = read(read(build, "pickup.bridge.magnet", 1), "pickup.bridge.swing", 0);
    assertThat(looks(plan(odd)))
        .singleElement()
        .asString()
        .contains("Neck pickup")
        .contains("bridge")
        .contains("Swap the leads of one: then they are in phase and cancel hum");
    assertThat(plan(odd).findings()).extracting(Finding::words).containsAll(looks(plan(odd)));
  }

  /** By the screw itself: a gap that is so many turns' pitch over what is wanted. */
  @Test
  void turnsBringTheGapToWhatIsWanted() {
    for (double gap : new double[] {1.2, 2.5, 4.1}) {
      Build build =
          read(
              Heron.build()
                  .withDesign(
                      Heron.set(
                          Heron.build().design(), "pickup.neck.gap=2.5", "pickup.neck.screw=0.4")),
              "pickup.neck.gap-bass",
              gap);
      PickupSetUp.Height height = plan(build).bodyPlan().pickups().heights().get(0);
      assertThat(height.treble()).isFalse();
      assertThat(gap - height.turns().value() * 0.4).isCloseTo(2.5, within(1e-9));
      assertThat(plan(build).value("pickup.neck.turns-bass").orElseThrow().value())
          .isEqualTo(height.turns().value());
      assertThat(plan(build).value("pickup.neck.turns-treble")).as("nothing measured").isEmpty();
    }
  }

  @Test
  void aShortedOrBrokenCoilIsSaid() {
    Build build = Heron.build();
    assertThat(looks(plan(read(build, "pickup.neck.resistance", 0.04))))
        .singleElement()
        .asString()
        .contains("0.04 kΩ")
        .contains("short");
    assertThat(looks(plan(read(build, "pickup.neck.resistance", 1200))))
        .singleElement()
        .asString()
        .contains("broken wire");
    for (double sound : new double[] {0.5, 5.8, 14.2, 200}) {
      assertThat(looks(plan(read(build, "pickup.neck.resistance", sound)))).isEmpty();
    }
  }

  /** What was read of a pickup goes away with it. */
  @Test
  void readingsGoWithTheirPickup() {
    Build build = read(read(Heron.build(), "pickup.neck.gap-bass", 3), "pickup.neck.swing", 1);
    assertThat(build.withoutFitting("neck").measured().keySet())
        .noneMatch(id -> id.startsWith("pickup.neck."));
  }

  /** What was seen is kept by its place and told by its words. */
  @Test
  void whatWasSeenIsToldInWordsAndComesBackFromAFile(@TempDir Path folder) throws Exception {
    Build build = read(Heron.build(), "pickup.neck.swing", 1);
    Path file = folder.resolve("a.roughcut.json");
    BuildFile.at(file).save(build);
    assertThat(BuildFile.open(file).build().log()).isEqualTo(build.log());
    assertThat(LogBook.of(plan(build), Units.MM))
        .extracting(e -> e.words().toString())
        .contains("Neck pickup, phase up");
    Measurable magnet =
        Measurables.find(Heron.build().design(), "pickup.neck.magnet").orElseThrow();
    assertThat(magnet.told(0).toString()).isEqualTo("south end");
    assertThat(magnet.told(1).toString()).isEqualTo("north end");
    assertThat(magnet.range().allows(2)).isFalse();
    assertThat(
            Measurables.find(Heron.build().design(), "pickup.neck.gap-treble")
                .orElseThrow()
                .told(2.5)
                .toString())
        .isEqualTo("2.50 mm");
    assertThat(Measurables.find(Heron.build().design(), "pickup.neck.colour")).isEmpty();
  }

  /** A reading is held against the sheet, against its like, and says what both together read. */
  @Test
  void aCoilIsHeldAgainstItsSheetAndItsLike() {
    Build build = Heron.build();
    List<String> names =
        plan(build).cuts().pickups().stream().map(p -> p.fitting().name()).toList();
    String one = names.get(0);
    String two = names.get(1);
    Build read =
        read(
            read(build, "pickup." + one + ".resistance", 7.6),
            "pickup." + two + ".resistance",
            12.9);
    Plan plan = plan(read);
    assertThat(plan.value("pickup." + two + ".both-" + one).orElseThrow().value())
        .as("the two in parallel: the currents add up")
        .isCloseTo(1 / (1 / 7.6 + 1 / 12.9), within(1e-9));
    boolean alike =
        plan.cuts()
            .pickups()
            .get(0)
            .fitting()
            .kind()
            .equals(plan.cuts().pickups().get(1).fitting().kind());
    assertThat(looks(plan).stream().anyMatch(w -> w.contains("Two of a kind"))).isEqualTo(alike);
    String sheet = "pickup." + one + ".coil";
    assertThat(looks(plan(Heron.lived(read, sheet + "=8.2")))).noneMatch(w -> w.contains("sheet"));
    assertThat(looks(plan(Heron.lived(read, sheet + "=15.4"))))
        .anyMatch(w -> w.contains("only one of two coils"));
    assertThat(looks(plan(Heron.lived(read, sheet + "=5"))))
        .anyMatch(w -> w.contains("a different coil"));
  }

  /** The corner of a turned pickup comes nearer the fretboard: walked along its outline. */
  @Test
  void aTurnedPickupStandsByItsNearestCorner() {
    String name = plan(Heron.build()).cuts().pickups().get(0).fitting().name();
    String id = "pickup." + name;
    for (int turn : new int[] {-12, 0, 7, 25}) {
      Plan plan =
          Heron.with(
              id + ".angle=" + turn, id + ".clearance=0", id + ".corner=0", id + ".tab-width=0");
      Pickup pickup = plan.cuts().pickups().get(0);
      double near =
          pickup.cut().steps().get(0).outline().corners().stream()
              .mapToDouble(c -> c.x())
              .min()
              .orElseThrow();
      double end = pickup.centre().x() - pickup.toBoard().value() - near;
      double half = pickup.centre().x() - near;
      double board = 640 - pickup.fromSaddle().value() - half - pickup.toBoard().value();
      assertThat(board)
          .as(turn + "° " + end)
          .isCloseTo(plan.layout().taper().end().value(), within(0.02));
    }
  }
}
