package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.measure.Units;
import roughcut.record.Build;

/** Undo over a restart: earlier versions as the steps that led to what is there now. */
class EarlierWorkTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 20);

  @TempDir Path folder;

  private Build with(double scale) {
    Build heron = Demo.heron(DAY);
    return heron.withDesign(Decisions.SCALE_LENGTH.with(heron.design(), scale));
  }

  /** Saves one after the other; the last is what the file holds. */
  private Path saved(double... scales) throws IOException {
    Path path = folder.resolve("Heron.roughcut.json");
    BuildFile file = BuildFile.at(path);
    for (double scale : scales) {
      file.save(with(scale));
    }
    return path;
  }

  private static List<Double> scales(List<EarlierWork.Step> steps) {
    return steps.stream().map(s -> Decisions.SCALE_LENGTH.in(s.before().design())).toList();
  }

  @Test
  void theLastStepComesFirstAndSaysWhatItWas() throws IOException {
    Path path = saved(640, 650, 628);
    List<EarlierWork.Step> steps = EarlierWork.of(path, with(628), 9, Units.MM);
    assertThat(scales(steps)).containsExactly(650.0, 640.0);
    assertThat(steps.get(0).name().toString())
        .contains("Scale length")
        .contains("650")
        .contains("628");
    assertThat(steps.get(1).name().toString()).contains("640").contains("650");
    List<EarlierWork.Step> inches = EarlierWork.of(path, with(628), 9, Units.DECIMAL_INCH);
    assertThat(inches.get(0).name().toString()).contains("25.591").doesNotContain("650");
  }

  /** There and back are two steps; a version of what is there already is none. */
  @Test
  void whatIsTheSameIsNoStep() throws IOException {
    Path path = saved(640, 650, 640);
    Build now = BuildFile.open(path).build();
    assertThat(scales(EarlierWork.of(path, now, 9, Units.MM))).containsExactly(650.0, 640.0);
    Build then = BuildFile.open(Versions.of(path).get(0).path()).build();
    assertThat(scales(EarlierWork.of(path, then, 9, Units.MM))).containsExactly(640.0);
    assertThat(EarlierWork.of(folder.resolve("none.roughcut.json"), now, 9, Units.MM)).isEmpty();
  }

  @Test
  void noMoreStepsThanAreWanted() throws IOException {
    Path path = saved(640, 641, 642, 643, 644);
    assertThat(scales(EarlierWork.of(path, with(644), 2, Units.MM))).containsExactly(643.0, 642.0);
  }

  /** What led on from a version that can't be read isn't known: the steps end there. */
  @Test
  void aSpoiltVersionEndsThem() throws IOException {
    Path path = saved(640, 641, 642, 643);
    Versions.Version second = Versions.of(path).get(1);
    Files.delete(second.path());
    Files.writeString(second.path(), "{ \"half\": ");
    assertThat(scales(EarlierWork.of(path, with(643), 9, Units.MM))).containsExactly(642.0);
  }
}
