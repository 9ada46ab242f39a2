package roughcut.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point3;
import roughcut.measure.InvalidValue;
import roughcut.shop.Cutter;
import roughcut.shop.CutterKind;

/** A cutter's shape follows from what the drawer says of it. */
class ToolShapeTest {
  /** 10 across, edges of 20, on a shank of 8; a spur of 1.5. */
  private static Cutter of(CutterKind kind) {
    return new Cutter("one", kind, 10, 20, 8, 0, 0, 2, 50, 20_000, 1.5, Cutter.Condition.SHARP);
  }

  private static double over(CutterKind kind, double radius) {
    return ToolShape.of(of(kind)).tip().over(radius);
  }

  @Test
  void tipsAreAsTheKindSays() {
    assertThat(over(CutterKind.STRAIGHT, 4.9)).isZero();
    assertThat(over(CutterKind.BALL, 0)).isZero();
    assertThat(over(CutterKind.BALL, 3)).isCloseTo(5 - 4, within(1e-12));
    assertThat(over(CutterKind.BALL, 5)).isCloseTo(5, within(1e-12));
    assertThat(over(CutterKind.VEE, 2.5)).as("full width at its edges' end").isEqualTo(10);
    assertThat(over(CutterKind.TWIST, 5)).as("a point of 118°").isCloseTo(3.0043, within(1e-4));
    assertThat(over(CutterKind.FORSTNER, 0)).isZero();
    assertThat(over(CutterKind.FORSTNER, 4)).isEqualTo(1.5);
    assertThat(over(CutterKind.BRAD_POINT, 5)).isEqualTo(1.5);
  }

  @Test
  void whatIsOverTheEdgesIsNeverThinnerThanThey() {
    assertThat(ToolShape.of(of(CutterKind.SPIRAL_UP)).shank()).isEqualTo(5);
    Cutter thick = of(CutterKind.SPIRAL_UP).sized(6, 20, 12, 0, 0, 15, 0);
    assertThat(ToolShape.of(thick).shank()).isEqualTo(6);
    assertThat(ToolShape.of(thick).free()).as("its edges at least").isEqualTo(20);
  }

  /** Each kind either cuts as it is, or is refused in words. */
  @ParameterizedTest
  @EnumSource(CutterKind.class)
  void eachKindIsKnownOrRefused(CutterKind kind) {
    switch (kind) {
      case BOTTOM_BEARING, BOTH_BEARINGS, ROUND_OVER, STEP ->
          assertThatThrownBy(() -> ToolShape.of(of(kind)))
              .isInstanceOf(InvalidValue.class)
              .hasMessageContaining("one");
      default -> {
        ToolShape shape = ToolShape.of(of(kind));
        assertThat(shape.sideways()).isEqualTo(!kind.bores());
        HeightMap map = HeightMap.level(new Bounds(0, 0, 20, 20), 0.1, 0);
        Contact contact =
            new Sweep(map, -30)
                .cut(shape.tip(), shape.radius(), new Point3(10, 10, 3), new Point3(10, 10, -6));
        assertThat(contact.deepest()).isCloseTo(6, within(0.3));
        double across = 0;
        for (int column = 0; column < map.columns(); column++) {
          across += map.height(column, 100) < 0 ? 0.1 : 0;
        }
        double wide = kind == CutterKind.VEE ? 3 : 10;
        assertThat(across).as("its width at the face").isCloseTo(wide, within(0.25));
      }
    }
  }
}
