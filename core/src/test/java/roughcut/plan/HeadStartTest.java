package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.clearance.ClearanceKind;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.design.DrawnPart;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.neck.TunerLayout;
import roughcut.record.Build;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/** Headstocks to start from, on every kind of instrument. */
class HeadStartTest {
  /** New instruments of all kinds, the demos, a left-hander. */
  private static List<Build> builds() {
    List<Build> all = new ArrayList<>();
    for (InstrumentKind kind : InstrumentKind.values()) {
      all.add(NewInstrument.usual("Wren", kind).build());
    }
    Build first = all.get(0);
    all.add(first.withDesign(Decisions.HAND.with(first.design(), Handedness.LEFT)));
    Demo.builds(LocalDate.of(2026, 5, 4)).stream()
        .filter(b -> NeckDecisions.HEAD_MAKING.in(b.design()) != HeadMaking.HEADLESS)
        .forEach(b -> all.add(b.asDesigned()));
    return all;
  }

  private static Plan started(Build build, HeadStart start) {
    return Plan.of(build.withDesign(start.in(Plan.of(build, Demo.shop()))), Demo.shop());
  }

  /** Sound, as wide as the neck where it begins, with all of its tuners in wood. */
  @Test
  void eachHoldsItsTuners() {
    for (Build build : builds()) {
      for (HeadStart start : HeadStart.values()) {
        Plan plan = started(build, start);
        String name = build.name() + " " + build.design().strings().size() + " " + start;
        assertThat(plan.headFace().crossing()).as(name).isEmpty();
        for (int side : new int[] {-1, 1}) {
          assertThat(plan.headFace().reach(side, 0))
              .as(name)
              .isCloseTo(plan.neck().halfWidth(0), within(0.1));
        }
        assertThat(plan.build().design().drawn(DrawnPart.HEAD).isPresent())
            .isEqualTo(start != HeadStart.LEAF);
        Outline face = plan.headFace().outline();
        for (TunerLayout.Tuner tuner : plan.details().tuners().tuners()) {
          Point post = new Point(tuner.x().value(), tuner.y().value());
          assertThat(face.contains(post)).as(name + " tuner " + tuner.string()).isTrue();
        }
      }
    }
  }

  /** In line: all on one side, no tuner too near to the edge or to another, strings straight. */
  @Test
  void inLineTunersHaveTheirRoom() {
    for (Build build : builds()) {
      for (HeadStart start : List.of(HeadStart.IN_LINE, HeadStart.IN_LINE_REVERSED)) {
        Plan plan = started(build, start);
        String name = build.name() + " " + build.design().strings().size() + " " + start;
        double edge = plan.given(NeckDecisions.TUNER_EDGE);
        // Strings of a course run on straight, too: their posts don't stand on one line; nor do
        // those
        // of many gauges, by as much as thick ones need more room.
        double besideOneAnother =
            plan.given(Decisions.COURSE_STRINGS) > 1 ? plan.given(Decisions.COURSE_AT_NUT) / 2 : 0;
        for (TunerLayout.Tuner tuner : plan.details().tuners().tuners()) {
          assertThat(tuner.edge().value())
              .as(name + " tuner " + tuner.string())
              .isBetween(
                  edge - plan.given(NeckDecisions.TUNER_BUSHING) / 2 - 3 - besideOneAnother,
                  edge + 4.0 + besideOneAnother);
          assertThat(Math.abs(tuner.sideAngle().value())).isLessThan(0.01);
        }
        double last =
            plan.details().tuners().tuners().stream()
                .mapToDouble(t -> t.x().value())
                .max()
                .orElseThrow();
        double body = plan.given(NeckDecisions.TUNER_BODY) / 2;
        Outline face = plan.headFace().outline();
        assertThat(face.bounds().right() - last).as(name + ", tip").isGreaterThan(edge + 2);
        List<Segment> straight =
            PointOutline.drawn(plan, DrawnPart.HEAD).orElseThrow().chain().segments().stream()
                .filter(Segment::straight)
                .toList();
        assertThat(straight).hasSize(1);
        double far = Math.min(straight.get(0).start().x(), straight.get(0).end().x());
        assertThat(-far).as(name + ", beside the last tuner's body").isGreaterThan(last + body);
        assertThat(plan.clearances().stream().filter(c -> c.kind() == ClearanceKind.TUNER_BODY))
            .as(name)
            .isNotEmpty()
            .allMatch(c -> c.left().value() >= 5);
        assertThat(plan.build().design().numbers().get(NeckDecisions.TUNERS_TREBLE.id()))
            .isEqualTo(start == HeadStart.IN_LINE ? 0.0 : (double) build.design().strings().size());
      }
    }
  }

  /** The reversed one is the other's mirror image. */
  @Test
  void reversedIsTheMirrorImage() {
    Build build = NewInstrument.usual("Wren", InstrumentKind.SIX_STRINGS).build();
    Plan one = started(build, HeadStart.IN_LINE);
    Plan other = started(build, HeadStart.IN_LINE_REVERSED);
    for (double x = 5; x < one.headFace().outline().bounds().right() - 5; x += 7) {
      assertThat(other.headFace().reach(1, x)).isCloseTo(one.headFace().reach(-1, x), within(0.05));
      assertThat(other.headFace().reach(-1, x)).isCloseTo(one.headFace().reach(1, x), within(0.05));
    }
  }
}
