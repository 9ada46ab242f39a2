package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingType;

class StartingFittingTest {
  private static List<String> with(Plan plan, FittingType type) {
    Design next = StartingFitting.added(plan, plan.build().design(), type, "fresh");
    return next.fitting("fresh").map(Fitting::with).orElseThrow();
  }

  /**
   * A jack opens into a cavity, a wire's channel leads from a pickup to one; a strap to nothing.
   */
  @Test
  void whatIsAddedHangsOnWhatItIsFor() {
    Plan plan = Heron.with();
    assertThat(with(plan, FittingType.JACK)).containsExactly("controls");
    assertThat(with(plan, FittingType.PLATE)).containsExactly("controls");
    List<String> channel = with(plan, FittingType.CHANNEL);
    assertThat(channel).hasSize(2).endsWith("controls");
    assertThat(plan.fitting(channel.get(0)).orElseThrow().type()).isEqualTo(FittingType.PICKUP);
    assertThat(with(plan, FittingType.STRAP)).isEmpty();
    assertThat(with(plan, FittingType.CONTROL)).isEmpty();
  }
}
