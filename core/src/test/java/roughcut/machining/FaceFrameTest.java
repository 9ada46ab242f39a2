package roughcut.machining;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.design.BodyFace;
import roughcut.design.Handedness;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.measure.InvalidValue;
import roughcut.shop.CutterBook;
import roughcut.shop.Machine;

/** How a body lies on a machine, whichever hand and face; what a machine and a set-up can't be. */
class FaceFrameTest {
  /** The pin lies at (500, 10); a place 80 on and 30 to the treble side of it. */
  @ParameterizedTest
  @CsvSource({"RIGHT,TOP,30", "RIGHT,BACK,-30", "LEFT,TOP,-30", "LEFT,BACK,30"})
  void theTrebleSideIsUpUnlessOneOfTwoTurnsItRound(Handedness hand, BodyFace face, double y) {
    FaceFrame frame = FaceFrame.of(face, hand.frame(), new Point(500, 10), 0);
    Point place = new Point(580, 40);
    assertThat(frame.of(place)).isEqualTo(new Point(80, y));
    assertThat(frame.planned(frame.of(place))).isEqualTo(place);
    assertThat(frame.of(new Bounds(500, 10, 580, 40)))
        .isEqualTo(new Bounds(0, Math.min(0, y), 80, Math.max(0, y)));
  }

  /** A body 44 thick: from either face down is less than 0. */
  @Test
  void heightsAreCountedFromTheFaceThatLiesUp() {
    FaceFrame top = FaceFrame.of(BodyFace.TOP, Handedness.RIGHT.frame(), new Point(0, 0), 0);
    FaceFrame back = FaceFrame.of(BodyFace.BACK, Handedness.RIGHT.frame(), new Point(0, 0), 44);
    assertThat(top.height(16)).isEqualTo(-16);
    assertThat(back.height(16)).isEqualTo(-28);
    assertThat(top.height(0)).isZero();
    assertThat(back.height(44)).isZero();
  }

  @Test
  void machinesAndSetUpsThatCantBeAreRefused() {
    assertThatThrownBy(() -> new Machine("m", 0, 1, 1, 0, 1, 1, 1))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> new Machine("m", 1, 1, 1, 9, 8, 1, 1))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> new Machine("m", 1, 1, 1, 0, 8, 0, 1))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> new Machine("m", 1, 1, 1, 0, 8, Double.NaN, 1))
        .isInstanceOf(InvalidValue.class);
    SetUp sound = SetUp.of(100, 60, 20, CutterBook.all().get(0), 600);
    assertThatThrownBy(() -> sound.withCutters(Map.of())).isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> sound.at(new Bounds(0, 0, 0, 60), 0)).isInstanceOf(InvalidValue.class);
    assertThat(sound.cutter(7)).as("a single one stands for any number").isPresent();
  }

  /** A floor that leans: which end is deep, and how much a flat cutter leaves. */
  @Test
  void aLeaningFloorIsLevelledFromItsShallowEnd() {
    LeaningFloor floor = new LeaningFloor(-10, -0.02);
    Bounds area = new Bounds(0, -30, 70, 30);
    assertThat(floor.highest(area)).isEqualTo(-10);
    assertThat(floor.lowest(area)).isEqualTo(-11.4);
    assertThat(floor.left(4, area, area)).isEqualTo(0.16);
    assertThat(floor.left(4, area, new Bounds(0, -30, 67, 30)))
        .as("where it runs out three past the deep end")
        .isCloseTo(0.1, within(1e-12));
    assertThat(floor.left(4, area, new Bounds(0, -30, 60, 30)))
        .as("beside the lines it stays")
        .isEqualTo(0.08);
    assertThat(new LeaningFloor(-10, 0.02).left(4, area, new Bounds(0, -30, 60, 30)))
        .as("the other end is the deep one")
        .isEqualTo(0.16);
    assertThat(new LeaningFloor(-10, 0.02).highest(area)).isEqualTo(-8.6);
    List<Point3> ends =
        floor
            .legs(
                roughcut.geometry.Region.of(roughcut.geometry.Outline.rectangle(0, -30, 70, 30)),
                4,
                6)
            .stream()
            .map(l -> l.to())
            .toList();
    assertThat(ends.get(0).z()).as("begins in the air").isEqualTo(6);
    assertThat(ends.get(ends.size() - 1).z()).isEqualTo(6);
    Optional<Point3> deepest = ends.stream().min((a, b) -> Double.compare(a.z(), b.z()));
    assertThat(deepest.orElseThrow().x()).isBetween(65.9, 66.0);
    assertThat(deepest.orElseThrow().z())
        .as("as deep as under its shallow side")
        .isBetween(-11.25, -11.23);
    for (Point3 end : ends) {
      assertThat(end.y()).isBetween(-26.001, 26.001);
      assertThat(end.x()).isBetween(4.0, 66.0);
    }
  }
}
