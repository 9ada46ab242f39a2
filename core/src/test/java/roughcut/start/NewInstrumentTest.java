package roughcut.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roughcut.clearance.Clearance;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.NeckJoint;
import roughcut.drawing.Drawing;
import roughcut.drawing.InstrumentPortrait;
import roughcut.drawing.Mark;
import roughcut.file.BuildFile;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Shop;

/** Whatever is answered, a new instrument is complete, sound and unmeasured. */
class NewInstrumentTest {
  private static final Shop EMPTY = Shop.usual("my own");

  /** Nothing that can't be, nothing thinner than it may be, wherever the answers lie. */
  @Property(tries = 150)
  void whateverIsAnsweredNothingIsImpossibleAndNothingTooThin(
      @ForAll InstrumentKind kind,
      @ForAll @DoubleRange(min = -60, max = 36) double longer,
      @ForAll @DoubleRange(min = 0, max = 40) double fan,
      @ForAll @IntRange(min = 19, max = 24) int frets,
      @ForAll NeckJoint joint,
      @ForAll HeadMaking head) {
    double treble =
        Math.max(
            NewInstrument.LEAST_SCALE, Math.min(NewInstrument.MOST_SCALE, kind.scale() + longer));
    NewInstrument wish =
        new NewInstrument(
            "Mine",
            kind,
            treble,
            treble + fan,
            frets,
            joint,
            head,
            Handedness.RIGHT,
            NewInstrument.Timber.USUAL);
    Plan plan = Plan.of(wish.build(), EMPTY);
    assertThat(plan.problems()).isEmpty();
    assertThat(plan.stringPlan().heights().reaches(plan.stringPlan().bridge().kind()))
        .as("the saddles come where they are wanted")
        .isTrue();
    assertThat(plan.clearances())
        .filteredOn(s -> s.state() == Clearance.State.STOP)
        .extracting(Clearance::what)
        .isEmpty();
    // It is what was asked for, by the numbers a maker would check first.
    assertThat(plan.frets().frets()).hasSize(frets);
    assertThat(plan.frets().scale().value()).isCloseTo(treble + fan / 2, within(1e-9));
    assertThat(plan.build().design().strings()).hasSize(kind.count());
    assertThat(plan.neck().through()).isEqualTo(joint == NeckJoint.THROUGH);
    assertThat(plan.build().log().readings()).isEmpty();
    assertThat(plan.build().log().done()).isEmpty();
  }

  /** The octave string tension of a usual set is playable: no string at a wild pull. */
  @Test
  void theUsualSetsAreStringsThatOneWouldBuy() {
    for (InstrumentKind kind : InstrumentKind.values()) {
      Plan plan = Plan.of(NewInstrument.usual("x", kind).build(), EMPTY);
      for (int i = 1; i <= kind.count(); i++) {
        double pull = plan.value("string." + i + ".tension").orElseThrow().value();
        assertThat(pull).as(kind + " string " + i + ", N").isBetween(45.0, 260.0);
      }
      assertThat(kind.strings().get(0).pitch())
          .isGreaterThan(kind.strings().get(kind.inCourse()).pitch());
    }
  }

  /** Half steps of string 1, the fork's being 69. */
  private static int highest(InstrumentKind kind) {
    return switch (kind) {
      case SIX_STRINGS, SEVEN_STRINGS, EIGHT_STRINGS, NINE_STRINGS, TEN_STRINGS, TWELVE_STRINGS ->
          64;
      case TENOR -> 69;
      case BARITONE -> 59;
      case FOUR_STRING_BASS, FIVE_STRING_BASS, EIGHT_STRING_BASS, TEN_STRING_BASS -> 43;
      case SIX_STRING_BASS -> 48;
    };
  }

  /**
   * In fourths, with a third between a guitar's courses 2 and 3, a tenor in fifths; pitches as
   * tempered from 440. The second of a pair is in unison on a guitar's first two, an octave up
   * elsewhere.
   */
  @ParameterizedTest
  @EnumSource(InstrumentKind.class)
  void theUsualSetsAreInTune(InstrumentKind kind) {
    int step = highest(kind);
    int each = kind.inCourse();
    for (int i = 0; i < kind.count(); i++) {
      int course = i / each;
      boolean octave = i % each == 1 && (kind.bass() || course > 1);
      assertThat(kind.strings().get(i).pitch())
          .as(kind.label() + ", string " + (i + 1))
          .isCloseTo(440 * Math.pow(2, (step + (octave ? 12 : 0) - 69) / 12.0), within(0.006));
      if (i % each == each - 1) {
        step -= kind == InstrumentKind.TENOR ? 7 : !kind.bass() && course == 1 ? 4 : 5;
      }
    }
    assertThat(kind.strings()).hasSize(kind.count());
    assertThat(kind.strings().stream().filter(s -> !s.wound()).count())
        .as("plain strings")
        .isEqualTo(
            switch (kind) {
              case SIX_STRINGS, SEVEN_STRINGS, EIGHT_STRINGS, NINE_STRINGS, TEN_STRINGS -> 3;
              case BARITONE, TENOR -> 2;
              case TWELVE_STRINGS -> 7;
              case FOUR_STRING_BASS, FIVE_STRING_BASS, SIX_STRING_BASS -> 0;
              case EIGHT_STRING_BASS, TEN_STRING_BASS -> 1;
            });
  }

  @Test
  void whatCanNotBeBegunIsRefusedInWords() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> NewInstrument.usual(" ", InstrumentKind.SIX_STRINGS))
        .withMessageContaining("name");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> wish(300, 300, 22))
        .withMessageContaining("between 560 mm and 900 mm");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> wish(640, 630, 22))
        .withMessageContaining("bass side");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> wish(640, 640, 30))
        .withMessageContaining("19 to 24 frets");
  }

  private static NewInstrument wish(double treble, double bass, int frets) {
    return new NewInstrument(
        "x",
        InstrumentKind.SIX_STRINGS,
        treble,
        bass,
        frets,
        NeckJoint.BOLT_ON,
        HeadMaking.SCARF,
        Handedness.RIGHT,
        NewInstrument.Timber.USUAL);
  }

  @Test
  void itIsSavedAndReadBackAsItWas(@TempDir Path folder) throws Exception {
    for (InstrumentKind kind : InstrumentKind.values()) {
      Build build = NewInstrument.usual(kind.label(), kind).build();
      Path path = folder.resolve(kind.word() + BuildFile.ENDING);
      BuildFile.at(path).save(build);
      // A file holds usual values too; what is planned from it is the same to the last number.
      Plan before = Plan.of(build, EMPTY);
      Plan after = Plan.of(BuildFile.open(path).build(), EMPTY);
      assertThat(after.values().keySet()).isEqualTo(before.values().keySet());
      before
          .values()
          .forEach(
              (id, value) ->
                  assertThat(after.values().get(id).value()).as(id).isEqualTo(value.value()));
    }
  }

  /** The small picture has the whole instrument in it, from headstock to strap button, no words. */
  @Test
  void thePortraitShowsTheWholeInstrument() {
    for (InstrumentKind kind : InstrumentKind.values()) {
      Plan plan = Plan.of(NewInstrument.usual("x", kind).build(), EMPTY);
      Drawing portrait = InstrumentPortrait.of(plan);
      double body = plan.body().outline().bounds().right();
      double head = plan.build().design().numbers().get("head.length");
      assertThat(portrait.bounds().right()).isCloseTo(body, within(12.0));
      assertThat(portrait.bounds().left()).isBetween(-head - 20, -head + 30);
      assertThat(portrait.bounds().height())
          .isCloseTo(plan.body().outline().bounds().height(), within(30.0));
      assertThat(portrait.marks())
          .allMatch(m -> m instanceof Mark.Stroke || m instanceof Mark.Fill)
          .hasSizeGreaterThan(30);
    }
  }

  /** Nothing is wrong with an instrument that nobody has changed: its wood is to get, no more. */
  @Test
  void everyNewOneIsClear() {
    for (InstrumentKind kind : InstrumentKind.values()) {
      for (NeckJoint joint : NeckJoint.values()) {
        for (HeadMaking head : HeadMaking.values()) {
          for (double fan : new double[] {0, 25}) {
            NewInstrument begun =
                new NewInstrument(
                    "x",
                    kind,
                    kind.scale(),
                    kind.scale() + fan,
                    kind.frets(),
                    joint,
                    head,
                    fan > 0 ? Handedness.LEFT : Handedness.RIGHT,
                    NewInstrument.Timber.USUAL);
            Plan plan = Plan.of(begun.build(), Shop.usual("own"));
            String which = kind + " " + joint + " " + head + " " + fan;
            assertThat(plan.clearances())
                .as(which)
                .allMatch(c -> c.state() == Clearance.State.CLEAR);
            assertThat(plan.findings())
                .as(which)
                .allMatch(
                    f ->
                        f.missing() && f.topic() != Topic.ROUTS
                            || f.topic() == Topic.PLANER && f.severity() == Finding.Severity.LOOK);
          }
        }
      }
    }
  }
}
