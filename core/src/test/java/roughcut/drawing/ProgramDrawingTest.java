package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.demo.Demo;
import roughcut.design.BodyFace;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.Handedness;
import roughcut.geometry.Frame;
import roughcut.geometry.Point;
import roughcut.machining.BodyPrograms;
import roughcut.machining.CutterWay;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.rout.Cut;

/** The cutter's way is drawn where the routs are drawn, whichever hand and face. */
class ProgramDrawingTest {
  @ParameterizedTest
  @CsvSource({"RIGHT,TOP", "RIGHT,BACK", "LEFT,TOP", "LEFT,BACK"})
  void theWayLiesInTheRoutsThatItCuts(Handedness hand, BodyFace face) {
    Build heron = Demo.heron(LocalDate.of(2026, 12, 2));
    Design handed = Decisions.HAND.with(heron.design(), hand);
    Plan plan = Plan.of(heron.withDesign(handed), Demo.shop());
    BodyPrograms programs = BodyPrograms.of(plan, face, Optional.empty());
    List<CutterWay> ways = CutterWay.of(programs.programs().get(0), programs.frame());
    List<Cut> open = plan.cuts().cuts().stream().filter(c -> c.from().opens(face)).toList();
    assertThat(ways).anyMatch(CutterWay::rapid);
    int cutting = 0;
    for (CutterWay way : ways) {
      if (!way.rapid()) {
        cutting += way.points().size();
        assertThat(way.points())
            .allMatch(
                p ->
                    open.stream()
                        .anyMatch(c -> c.outlines().stream().anyMatch(o -> o.contains(p))));
      }
    }
    assertThat(cutting).isGreaterThan(200);
    Frame seen = BodyDrawing.frame(plan, face);
    Set<List<Point>> drawn =
        ProgramDrawing.of(plan, Units.MM, programs, 0)
            .lines()
            .map(s -> s.path().points())
            .collect(Collectors.toSet());
    for (CutterWay way : ways) {
      assertThat(drawn).contains(seen.of(way.points()));
    }
    int lines = (int) ProgramDrawing.bare(plan, Units.MM, face).lines().count();
    assertThat(ProgramDrawing.of(plan, Units.MM, programs, 9).lines().count())
        .as("without a way the zero's cross alone is more")
        .isEqualTo(lines + 2);
  }
}
