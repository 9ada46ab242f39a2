package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** What one would tell a helper: how many of what, once, however they are numbered. */
class CutTitleTest {
  private static Map<String, String> titles(Plan plan) {
    Map<String, String> all = new TreeMap<>();
    Operations.of(plan).forEach(o -> all.put(o.id(), o.title().in(Units.MM)));
    return all;
  }

  @Test
  void rowsAreCountedAndSinglesAreNamed() {
    assertThat(titles(Heron.with()))
        .containsEntry("body.cut.index", "Drill 2 index holes, from the top")
        .containsEntry("body.cut.bolt", "Drill for 4 neck bolts, from the back")
        .containsEntry("body.cut.pocket", "Rout the neck pocket, from the top")
        .containsEntry("body.cut.volume", "Drill for the volume control, from the top");
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      titles(Plan.of(build, Demo.shop()))
          .forEach(
              (id, t) ->
                  assertThat(id.startsWith("body.cut.") ? t : "")
                      .as(build.name())
                      .doesNotContainPattern("\\d \\w+ \\d|\\ds |\\ds,"));
    }
  }

  @Test
  void screwsBelongToWhatTheyHold() {
    Build avocet =
        Demo.builds(LocalDate.of(2026, 5, 4)).stream()
            .filter(b -> b.name().equals("Avocet"))
            .findFirst()
            .orElseThrow();
    assertThat(titles(Plan.of(avocet, Demo.shop())))
        .containsEntry(
            "body.cut.controls-screw", "Drill for the controls cover: 4 screws, from the back")
        .containsEntry(
            "body.cut.lever-screw", "Drill for the lever control: 2 screws, from the top");
  }

  /** A number that the maker gave stays: it isn't which of several. */
  @Test
  void aNumberInAMakersNameIsPartOfIt() {
    Design design = Heron.build().design().withFittingCalled("volume", "Pot 500");
    assertThat(titles(Plan.of(Heron.build().withDesign(design), Demo.shop())))
        .containsEntry("body.cut.volume", "Drill for the Pot 500, from the top");
  }
}
