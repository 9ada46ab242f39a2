package roughcut.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.Heron;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.record.EffectiveInputs;

/** The body on its way: what begins it, and what is still to come off where. */
class BodyStateTest {
  private static BodyState now(String... lived) {
    return BodyState.now(new EffectiveInputs(Heron.lived(Heron.build().asDesigned(), lived)));
  }

  @Test
  void ofANothingDoneBodyTheFinishedOneIsTold() {
    BodyState state = now();
    assertThat(state.isFinished()).isTrue();
    assertThat(state.toCome()).isEmpty();
    assertThat(state.on(BodyFace.TOP)).isZero();
    assertThat(state.on(BodyFace.BACK)).isZero();
  }

  /** Each of them alone: a cut, a reading of its thickness, one of its edge. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "done=body.cut.neck-pocket",
        "body.now-thickness=48.5",
        "body.now-outside=2.5",
        "body.now-outside=0"
      })
  void oneThingDoneOrReadBeginsIt(String lived) {
    BodyState state = now(lived);
    assertThat(state.isFinished()).isFalse();
    assertThat(state.complete()).isFalse();
    assertThat(state.toCome()).containsExactlyInAnyOrder(BodyWork.values());
  }

  @ParameterizedTest
  @EnumSource
  void workThatIsDoneIsNotToCome(BodyWork work) {
    BodyState state = now("done=" + work.operation());
    for (BodyWork each : BodyWork.values()) {
      assertThat(state.toCome(each)).as("%s", each).isEqualTo(each != work);
    }
  }

  /** What it is too thick by comes off the face that was decided, and off no other. */
  @ParameterizedTest
  @EnumSource
  void stockComesOffOneFace(BodyFace face) {
    double thickness = BodyDecisions.BODY_THICKNESS.in(Heron.build().design());
    BodyState state =
        now("body.stock-from=" + face.word(), "body.now-thickness=" + (thickness + 3.5));
    assertThat(state.off()).isEqualTo(face);
    for (BodyFace each : BodyFace.values()) {
      boolean here = each == face;
      assertThat(state.thickOn(each)).isEqualTo(here);
      assertThat(state.on(each)).isCloseTo(here ? 3.5 : 0, within(1e-12));
      assertThat(state.over(each).value()).isCloseTo(here ? 3.5 : 0, within(1e-12));
    }
  }

  /** By less than a millimetre it is too thick, too; thinner than decided nothing comes off. */
  @Test
  void aLittleStockIsStockAndLessThanNoneIsNone() {
    double thickness = BodyDecisions.BODY_THICKNESS.in(Heron.build().design());
    BodyState little = now("body.now-thickness=" + (thickness + 0.4));
    assertThat(little.stock().value()).isCloseTo(0.4, within(1e-12));
    assertThat(little.thickOn(little.off())).isTrue();
    BodyState thin = now("body.now-thickness=" + (thickness - 0.4));
    assertThat(thin.stock().value()).isZero();
    assertThat(thin.thickOn(thin.off())).isFalse();
    assertThat(thin.isFinished()).isFalse();
  }

  @Test
  void whatIsDoneNeedsNoReadingAnyMore() {
    BodyState planed = now("body.now-thickness=60", "done=body.to-thickness");
    assertThat(planed.stock().value()).isZero();
    assertThat(planed.toCome(BodyWork.OUTLINE)).isTrue();
    BodyState sawn = now("body.now-outside=4", "done=body.to-outline");
    assertThat(sawn.outside().value()).isZero();
    BodyState rough = now("body.now-outside=4", "done=body.to-thickness");
    assertThat(rough.outside().value()).isEqualTo(4);
  }
}
