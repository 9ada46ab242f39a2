package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.design.OperationId;
import roughcut.design.ReadingKind;
import roughcut.measure.Said;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Log;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Reading;

/** Everything that is read says of which kind it is, where it is taken, and what made it. */
class ReadingKindTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static List<Measurable> all(Build build) {
    List<Measurable> all = new ArrayList<>(Measurables.all());
    for (Decision decision : Decisions.of(build.design())) {
      if (decision instanceof NumberDecision number) {
        Measurable.of(number).ifPresent(all::add);
      }
    }
    Plan.of(build, Demo.shop())
        .cuts()
        .cuts()
        .forEach(c -> all.add(Measurables.place(build.design(), c.name(), "along")));
    return all;
  }

  /** A result of an operation that nobody does would never be held to anything. */
  @Test
  void whatIsReadIsMadeByOperationsThatThereAre() {
    Set<String> operations = new TreeSet<>();
    List<Build> builds = new ArrayList<>(Demo.builds(DAY));
    Build heron = Heron.build().asDesigned();
    for (String setting :
        new String[] {
          "head.made=flat", "head.made=one-piece", "body.carve-drop=4", "neck.angle-made=wedge"
        }) {
      try {
        builds.add(heron.withDesign(Heron.set(heron.design(), setting)));
      } catch (AssertionError e) {
        // Called otherwise; the demos have most of them.
      }
    }
    builds.forEach(
        b ->
            Operations.of(Plan.of(b.withLog(Log.NONE), Demo.shop()))
                .forEach(o -> operations.add(o.id())));
    int results = 0;
    for (Build build : Demo.builds(DAY)) {
      for (Measurable measurable : all(build)) {
        assertThat(measurable.kind().where().toString()).as(measurable.id()).isNotBlank();
        boolean made = !measurable.kind().madeBy().isEmpty();
        assertThat(made)
            .as(measurable.id())
            .isEqualTo(
                measurable.kind() instanceof ReadingKind.Result
                    || measurable.kind() instanceof ReadingKind.Assembly);
        results += made ? 1 : 0;
        for (OperationId id : measurable.kind().madeBy()) {
          String by = id.text();
          boolean known = operations.contains(by) || by.startsWith("body.cut.");
          assertThat(known || OTHERWISE.contains(by))
              .as(measurable.id() + " is made by " + by)
              .isTrue();
        }
      }
    }
    assertThat(results).isGreaterThan(60);
  }

  /** Made only where the instrument is made so. */
  private static final Set<String> OTHERWISE =
      Set.of("head.step-down", "body.carve", "top.resaw", "tenon.saw");

  /** Bench, field, sheet and sum say in the same words where a thing is taken. */
  @Test
  void aHoldPointSaysWhereInTheDecisionsOwnWords() {
    int measured = 0;
    for (Build build : Demo.builds(DAY)) {
      Plan plan = Plan.of(build, Demo.shop());
      for (Operation op : Operations.of(plan)) {
        for (HoldPoint hold : op.holds()) {
          if (hold.looked()) {
            continue;
          }
          Measurable measurable = Measurables.find(build.design(), hold.of()).orElseThrow();
          assertThat(hold.datum().toString())
              .as(hold.of())
              .isEqualTo(measurable.kind().where().toString());
          assertThat(hold.tolerance()).as(hold.of()).isPositive();
          measured++;
        }
      }
    }
    assertThat(measured).isGreaterThan(40);
  }

  /** Read off the result, no setting of the cut that made it becomes another wish. */
  @Test
  void aReadingOfTheSeatedNeckIsNoWishForItsPocket() {
    Build build = Heron.build().asDesigned();
    Plan drawn = Plan.of(build, Demo.shop());
    for (String of : new String[] {"pocket.exposed", "neck.angle"}) {
      double wished = Heron.value(drawn, of);
      Plan read = Plan.of(build.withReading(Reading.of(of, wished + 0.7, DAY)), Demo.shop());
      assertThat(Heron.value(read, of)).as(of + " is wanted as before").isEqualTo(wished);
      assertThat(Heron.value(read, "proof.standing-wanted"))
          .isEqualTo(Heron.value(drawn, "proof.standing-wanted"));
      assertThat(Heron.value(read, "proof.straightedge-wanted"))
          .isEqualTo(Heron.value(drawn, "proof.straightedge-wanted"));
    }
  }

  /** Two readings within a second: the one that was entered later stands, and both are kept. */
  @Test
  void ofTwoReadingsInOneSecondTheLaterEnteredStands() {
    Build build =
        Heron.build()
            .asDesigned()
            .withReading(Reading.of("heel.thickness", 22.3, DAY.atTime(9, 0)))
            .withReading(Reading.of("heel.thickness", 21.7, DAY.atTime(9, 0)));
    assertThat(build.measured().get("heel.thickness").value()).isEqualTo(21.7);
    assertThat(build.log().readings())
        .filteredOn(r -> r.of().equals("heel.thickness") && r.counts())
        .hasSize(2);
    Build nowhere = build.withReading(Reading.of("place.laser.along", 12, DAY));
    assertThat(
            Said.all(
                Bench.of(Plan.of(nowhere, Demo.shop()), DAY.atTime(12, 0)).suspiciousEntries()))
        .anyMatch(w -> w.contains("place.laser.along") && w.contains("no longer exists"));
  }
}
