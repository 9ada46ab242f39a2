package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.time.Duration;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.whatif.SeatWays;

/** Heron from where it stands to strings, with ten deviations on the way; none costs wood. */
class DeviationsTest extends BenchWalk {
  @Start
  void start(Stage shown) throws IOException {
    open(shown);
  }

  @Stop
  void stop() {
    leave();
  }

  @Test
  void heronWithTenDeviations(FxRobot robot) {
    longCutters();
    Set<String> before = planStops();
    toBench();
    toMachine();

    // 1: a digit slips at the caliper; it is asked about, and the right one goes in.
    Operation pocket = at("body.cut.pocket");
    measured(robot, 31.8);
    assertThat(machine("machine.message")).contains("Did you mean 21.8 mm?");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("21.8", 0).push(KeyCode.ENTER);
    settle();
    assertThat(log().current().get("heel.thickness").value()).isEqualTo(21.8);
    // 2: the rails don't go round the neck: it asks why, and is left undone until they do.
    robot.push(KeyCode.N);
    settle();
    robot.push(KeyCode.D);
    settle();
    assertThat(machine("machine.hold")).startsWith("Why do you mark it done anyway?");
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(done(pocket.id())).isFalse();
    robot.push(KeyCode.R);
    settle();
    robot.push(KeyCode.Y);
    settle();
    ticked(robot, pocket.id());

    // 3: the pocket is 0.8 too deep: a shim, never a deeper cut; then it sits as drawn.
    Operation fit = at("neck.fit");
    double standing = value("proof.standing-wanted");
    double edge = value("proof.straightedge-wanted");
    double depth = value("pocket.depth.front");
    measured(robot, depth + 0.8);
    measured(robot, standing - 0.8);
    measured(robot, edge - 0.8);
    assertThat(SeatWays.of(plan()))
        .extracting(SeatWays.Way::kind)
        .contains(SeatWays.Kind.SHIM)
        .doesNotContain(SeatWays.Kind.DEEPEN, SeatWays.Kind.FLOOR_AT_EDGE);
    show(() -> stage.toFront());
    takeWay("operation.seat", "Full-face shim");
    assertThat(log().current())
        .doesNotContainKeys("proof.standing", "proof.straightedge", "pocket.made-edge");
    show(() -> window.atMachine().orElseThrow().open());
    // 4: the straightedge 0.4 high then is within what saddles take up.
    measured(robot, depth);
    measured(robot, standing);
    measured(robot, edge + 0.4);
    ticked(robot, fit.id());
    assertThat(plan().stringPlan().heights().reaches(plan().stringPlan().bridge().kind())).isTrue();

    // 5: the real scale is 0.6 longer, and the bridge moves with it.
    Operation scale = at("neck.scale-check");
    double octave = value("fret.12.from-nut");
    double saddle = value("saddle.from-nut");
    measured(robot, octave + 0.3);
    measured(robot, plan().neck().joint().value());
    ticked(robot, scale.id());
    assertThat(value("saddle.from-nut")).isCloseTo(saddle + 0.6, within(0.1));

    // 6: the volume control is moved by 8 after its bore: said, and plugged.
    Operation volume = at("body.cut.volume");
    answer(robot, volume);
    ticked(robot, volume.id());
    moved("control.volume.x", 8);
    look(volume.id());
    show(() -> stage.toFront());
    takeWay("ways.place.volume.along", "plug it");
    assertThat(bench().bench().outdatedCuts())
        .noneMatch(s -> s.planned().id().startsWith("place.volume"));

    // 7: the tone bore came out 1.5 aside: taken as it is, and it stays there.
    Operation tone = at("body.cut.tone");
    show(() -> window.atMachine().orElseThrow().open());
    answer(robot, tone);
    ticked(robot, tone.id());
    double aside = value("place.tone.aside");
    readOff("place.tone.aside", aside + 1.5);
    look(tone.id());
    show(() -> stage.toFront());
    takeWay("ways.place.tone.aside", "accept as it is");
    assertThat(bench().bench().outdatedCuts())
        .noneMatch(s -> s.planned().id().startsWith("place.tone"));

    // 8: a tick too early is taken back from somewhere else.
    show(() -> window.atMachine().orElseThrow().open());
    Operation edges = at("body.edges");
    ticked(robot, edges.id());
    look("body.cut.index");
    robot.push(KeyCode.U);
    until(() -> !done(edges.id()));

    // 9: the coat before isn't dry: it asks, and says what could be lost.
    boolean[] waited = {false};
    for (int round = 0; round < 90 && !bench().bench().ready().isEmpty(); round++) {
      Operation next = bench().bench().ready().get(0).operation();
      look(next.id());
      answer(robot, next);
      ticked(robot, next.id());
      if (next.id().startsWith("finish.coat.") && !waited[0]) {
        waited[0] = true;
        Bench.OperationStatus wet =
            bench().bench().steps().stream()
                .filter(s -> s.state() == Bench.State.WAITS)
                .findFirst()
                .orElseThrow();
        look(wet.operation().id());
        robot.push(KeyCode.D);
        settle();
        assertThat(machine("machine.hold")).startsWith("Why do you mark it done anyway?");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(done(wet.operation().id())).isFalse();
      }
      time.passes(Duration.ofDays(15));
      show(() -> bench().chosen().set(next.id()));
    }
    assertThat(waited[0]).isTrue();
    assertThat(bench().bench().steps()).as("it plays").allMatch(s -> s.state() == Bench.State.DONE);
    // 10: and nothing stops that didn't when it began.
    assertThat(before).containsAll(planStops());
  }
}
