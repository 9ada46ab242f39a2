package roughcut.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.clearance.Clearance.State;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.finding.Finding;
import roughcut.geometry.Solid;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.rout.Cut;
import roughcut.rout.CutFrom;
import roughcut.rout.CutKind;

/**
 * Every cut that ends in wood has a floor, whatever it is called, and every channel gets where it
 * leads: looked at through the solids themselves, over the demos with depths at their extremes.
 */
class CutFloorsTest {
  private static List<String> stops(Plan plan) {
    return plan.clearances().stream()
        .filter(s -> s.state() == State.STOP)
        .map(s -> s.what().toString())
        .toList();
  }

  /** The issue's: each went right through and nothing was said. */
  @ParameterizedTest
  @CsvSource({
    "bridge.post-depth=60, post of the bridge comes out through the back",
    "bolt.counterbore=24, counterbores break into the pocket",
    "body.thickness=20, post of the bridge",
  })
  void whatGoesThroughTheBackIsAStop(String setting, String words) {
    Plan plan = Heron.with("bridge.kind=two-post", setting);
    assertThat(stops(plan)).anyMatch(w -> w.contains(words));
  }

  /** Random depths for everything: what ends beyond the other face is always a stop. */
  @Test
  void everyCutThatEndsInWoodHasAFloor() {
    Random random = new Random(8);
    int through = 0;
    int held = 0;
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      for (int i = 0; i < 12; i++) {
        List<String> wild = new ArrayList<>();
        wild.add("body.thickness=" + (30 + 20 * random.nextDouble()));
        wild.add("bridge.post-depth=" + (10 + 50 * random.nextDouble()));
        for (Cut cut : Plan.of(build, Demo.shop()).cuts().cuts()) {
          if (cut.kind() == CutKind.PICKUP || cut.kind() == CutKind.CAVITY) {
            wild.add("rout." + cut.name() + ".depth=" + (8 + 40 * random.nextDouble()));
          }
        }
        Plan plan =
            Plan.of(
                build
                    .asDesigned()
                    .withDesign(Heron.set(build.design(), wild.toArray(String[]::new))),
                Demo.shop());
        double back = plan.given(roughcut.design.BodyDecisions.BODY_THICKNESS);
        for (Cut cut : plan.cuts().cuts()) {
          boolean none =
              cut.kind() == CutKind.CHANNEL
                  && plan.value("channel." + cut.name() + ".depth").orElseThrow().value() < 3;
          if (cut.kind().ends() != CutKind.Ends.IN_WOOD || none) {
            continue; // a channel without room is a problem of its own
          }
          double left = Double.POSITIVE_INFINITY;
          for (Solid solid : cut.solids()) {
            left =
                Math.min(
                    left, cut.from() == CutFrom.BACK ? solid.box().z0() : back - solid.box().z1());
          }
          assertThat(plan.value("rout." + cut.name() + ".floor").orElseThrow().value())
              .as("%s %s", build.name(), cut.name())
              .isCloseTo(left + rise(plan, cut), within(1e-6));
          if (left < -0.01) {
            through++;
            String row =
                cut.words()
                    .toString()
                    .replaceFirst("[^ ]+ post", "post")
                    .replaceFirst(" \\d+$", "");
            assertThat(plan.clearances())
                .as("%s %s %s", build.name(), cut.name(), wild)
                .anyMatch(s -> s.state() == State.STOP && s.what().toString().contains(row));
          } else {
            held++;
          }
        }
      }
    }
    assertThat(through).isGreaterThan(20);
    assertThat(held).isGreaterThan(300);
  }

  private static double rise(Plan plan, Cut cut) {
    return cut.from() == CutFrom.BACK
        ? -plan.cuts().surface().topPlane((cut.box().x0() + cut.box().x1()) / 2)
        : 0;
  }

  /** A bored channel reaches into both its cuts, sampled along its axis in tenths. */
  @Test
  void everyConnectionConnects() {
    int connected = 0;
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build.asDesigned(), Demo.shop());
      for (var fitting : build.design().fittings()) {
        if (fitting.type() != roughcut.design.FittingType.CHANNEL) {
          continue;
        }
        Cut channel = plan.cuts().cutOf(fitting).orElseThrow();
        for (String end : fitting.with()) {
          assertThat(meets(channel, plan.cuts().cut(end).orElseThrow()))
              .as("%s: %s into %s", build.name(), fitting.name(), end)
              .isTrue();
          connected++;
        }
      }
    }
    assertThat(connected).isGreaterThanOrEqualTo(12);
  }

  /** Some place lies in both, looked for in their common box. */
  private static boolean meets(Cut a, Cut b) {
    double x0 = Math.max(a.box().x0(), b.box().x0());
    double x1 = Math.min(a.box().x1(), b.box().x1());
    double y0 = Math.max(a.box().y0(), b.box().y0());
    double y1 = Math.min(a.box().y1(), b.box().y1());
    for (int i = 0; i <= 200; i++) {
      for (int k = 0; k <= 200; k++) {
        double x = x0 + (x1 - x0) * i / 200;
        double y = y0 + (y1 - y0) * k / 200;
        for (Solid one : a.solids()) {
          for (Solid other : b.solids()) {
            double[] p = one.chord(x, y);
            double[] q = other.chord(x, y);
            if (p != null && q != null && Math.max(p[0], q[0]) <= Math.min(p[1], q[1])) {
              return true;
            }
          }
        }
      }
    }
    return false;
  }

  private static Plan avocet(String... settings) {
    Build build = Demo.avocet();
    Design design = Heron.set(build.design(), settings);
    return Plan.of(build.asDesigned().withDesign(design), Demo.shop());
  }

  private static List<String> problems(Plan plan) {
    return plan.problems().stream().map(Finding::words).toList();
  }

  @Test
  void aChannelThatMissesIsSaid() {
    assertThat(problems(avocet())).isEmpty();
    assertThat(problems(avocet("channel.bridge-wire.aside=80")))
        .anyMatch(w -> w.startsWith("Bridge wire misses the "));
    assertThat(problems(avocet("channel.bridge-wire.from-depth=40")))
        .anyMatch(w -> w.startsWith("Bridge wire misses the bridge pickup by"));
  }

  /** As it was shipped: pickups 13.6 deep under a top of 14 leave no channel. */
  @Test
  void aChannelUnderATopNeedsRoomUnderIt() {
    Plan plan = avocet("rout.middle.depth=13.64");
    assertThat(problems(plan)).anyMatch(w -> w.startsWith("Middle wire would be inside the top"));
    assertThat(plan.value("channel.middle-wire.depth").orElseThrow().value()).isNegative();
  }

  /** Under a carved heel a pair's bolts differ: its length is the shorter one's. */
  @Test
  void aPairOfBoltsIsNoLongerThanTheThinnerPlaceAllows() {
    Plan plan =
        Heron.with(
            "heel-carve.depth=12",
            "heel-carve.reach=90",
            "heel-carve.length=120",
            "heel-carve.turn=120");
    double one = plan.value("bolt.1.length").orElseThrow().value();
    double two = plan.value("bolt.2.length").orElseThrow().value();
    assertThat(Math.abs(one - two)).as("the carve leaves one side thinner").isGreaterThan(0.3);
    assertThat(plan.value("bolt.length").orElseThrow().value()).isEqualTo(Math.min(one, two));
    double three = plan.value("bolt.3.length").orElseThrow().value();
    double four = plan.value("bolt.4.length").orElseThrow().value();
    assertThat(plan.value("bolt.last.length").orElseThrow().value())
        .isEqualTo(Math.min(three, four));
  }

  /** A plate of 38 on an edge of 44 that is rounded by 5 on both sides: 34 are flat. */
  @Test
  void aPlateOverTheRoundedEdgeAndABindingRoundedAwayAreSaid() {
    String[] round = {
      "edge.round-top=5", "edge.round-back=5", "jack.output.plate-width=38", "jack.output.depth=22"
    };
    Plan plan = Heron.with(round);
    assertThat(plan.value("jack.output.plate-room").orElseThrow().value())
        .isCloseTo(-2, within(1e-9));
    // At the edge a bore of 11 in the middle of 44 has 22 − 11 − 5 to where the rounding begins.
    assertThat(plan.value("rout.output.surface").orElseThrow().value()).isCloseTo(6, within(0.02));
    assertThat(plan.findings())
        .anyMatch(
            f ->
                f.words()
                    .contains(
                        "The plate of the output jack overhangs the flat of the edge by 2.0 mm"));
    assertThat(Heron.with("jack.output.plate-width=30").findings())
        .noneMatch(f -> f.words().contains("overhangs the flat"));
    assertThat(problems(Heron.with("binding.layers=2", "edge.round-top=8")))
        .anyMatch(w -> w.contains("cuts the binding away"));
    assertThat(problems(Heron.with("binding.layers=2", "edge.round-top=1")))
        .noneMatch(w -> w.contains("cuts the binding away"));
  }

  /** A carved edge over a bore that runs along it: 9 deep comes out of a drop of 6 or more. */
  @Test
  void aBoredChannelIsHeldAgainstTheCarvedTop() {
    Plan flat = avocet();
    Plan carved =
        avocet(
            "carve.drop=14",
            "carve.width=120",
            "carve.ledge=0",
            "channel.bridge-wire.from-depth=17",
            "channel.bridge-wire.to-depth=12");
    assertThat(flat.value("rout.bridge-wire.surface")).isEmpty();
    double left = carved.value("rout.bridge-wire.surface").orElseThrow().value();
    Cut wire = carved.cuts().cut("bridge-wire").orElseThrow();
    double least = Double.POSITIVE_INFINITY;
    for (double x = wire.box().x0(); x <= wire.box().x1(); x += 0.25) {
      for (double y = wire.box().y0(); y <= wire.box().y1(); y += 0.25) {
        double[] chord = wire.solids().get(0).chord(x, y);
        if (chord != null) {
          double top = carved.cuts().surface().at(roughcut.design.BodyFace.TOP, x, y);
          least = Math.min(least, chord[0] - top);
        }
      }
    }
    // Straight up is never nearer than the nearest way; where it comes out both are the same.
    assertThat(left).isLessThanOrEqualTo(least + 0.02);
    assertThat(left).isGreaterThan(least - 3);
  }
}
