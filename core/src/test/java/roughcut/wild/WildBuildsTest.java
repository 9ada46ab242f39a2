package roughcut.wild;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Half a minute’s worth of what {@code ./stress} does for hours: always the same seeds, so that it
 * fails for what was changed. Shown again by {@code ./stress KIND SEED 1}.
 */
class WildBuildsTest {
  @ParameterizedTest
  @CsvSource({
    "near, 1, 10",
    "wild, 1, 5",
    "build, 1, 120",
    "shop, 1, 250",
    "boards, 1, 250",
    "svg, 1, 150",
    "dxf, 1, 200"
  })
  void whatIsLegalNeverFailsAndWhatIsSpoiltIsReadOrRefused(String kind, long from, long count)
      throws Exception {
    assertThat(Stress.run(kind, from, count, true, 0).failures()).isEmpty();
  }

  @Test
  void killedAtAnyMomentOfSteadyEditingFilesAreWholeAndOnlyTheLastSecondMayBeLost(
      @TempDir Path folder) throws Exception {
    assertThat(Kills.run(folder.resolve("dead"), 4, 5, false)).isEmpty();
    assertThat(Kills.run(folder.resolve("told"), 3, 6, true)).isEmpty();
  }
}
