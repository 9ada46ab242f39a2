package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.design.Strip;
import roughcut.design.Strip.Grain;

/** Which end goes first under the knives, against fibres that are followed to the face. */
class PlaningWayTest {
  private static List<Strip> strips(Grain... grains) {
    List<Strip> all = new ArrayList<>();
    for (Grain grain : grains) {
      all.add(new Strip("maple", 20, grain));
    }
    return all;
  }

  /**
   * A fibre rises to the face towards one end. A knife that travels the same way presses its tip
   * down on wood; the other way it gets under the tip and lifts it.
   */
  private static boolean lifts(double fibreRise, boolean topFace, int knifeTravel) {
    double towardsFace = topFace ? fibreRise : -fibreRise;
    return towardsFace * knifeTravel < 0;
  }

  @Test
  void noFibreIsLiftedFedAsSaid() {
    for (Grain grain : Grain.values()) {
      String said = PlaningWay.words(strips(grain, grain, grain)).get(0).toString();
      // The heel lies at +x: grain to the heel rises with x.
      double rise = grain == Grain.TO_HEEL ? 1 : -1;
      // What is fed first is cut first, and the knives go on from there to the other end.
      int top = said.contains("feed the head end first for the top") ? 1 : -1;
      int back = said.contains("the head end first for the back") ? 1 : -1;
      assertThat(lifts(rise, true, top)).as(said).isFalse();
      assertThat(lifts(rise, false, back)).as(said).isFalse();
    }
  }

  @Test
  void stripsThatDisagreeAreNamed() {
    assertThat(
            PlaningWay.words(strips(Grain.TO_HEEL, Grain.TO_HEAD, Grain.TO_HEEL)).get(0).toString())
        .contains("heel in strip 1, 3", "headstock in strip 2", "lightest passes");
    assertThat(PlaningWay.words(List.of())).isEmpty();
  }
}
