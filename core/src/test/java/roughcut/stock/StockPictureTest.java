package roughcut.stock;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point3;

/** A cut is seen where it is, deep as deep and its walls by the light. */
class StockPictureTest {
  private static final int WOOD = 0xC8A878;

  /** 100 by 60, 20 thick; a pocket at the upper left, a hole right through at the lower right. */
  private static HeightMap cut() {
    HeightMap map = HeightMap.level(new Bounds(-10, 0, 90, 60), 0.5, 0);
    Sweep sweep = new Sweep(map, -20);
    sweep.cut(new Tip.Flat(), 8, new Point3(5, 45, -10), new Point3(25, 45, -10));
    sweep.cut(new Tip.Flat(), 6, new Point3(75, 15, 5), new Point3(75, 15, -20));
    return map;
  }

  private static int light(int pixel) {
    return (pixel >> 16 & 0xFF) + (pixel >> 8 & 0xFF) + (pixel & 0xFF);
  }

  /** In a picture of 200 by 160, two pixels a millimetre, 20 of them free above and below. */
  private static int pixel(int[] pixels, double x, double y) {
    int px = (int) Math.floor((x + 10) * 2);
    int py = (int) Math.floor(20 + (60 - y) * 2);
    return pixels[py * 200 + px];
  }

  @Test
  void aPocketAHoleAndWhatLiesBesideAreTold() {
    int[] pixels = StockPicture.of(cut(), 0, -20, WOOD, 200, 160);
    assertThat(pixels[5 * 200 + 100]).as("beside it").isZero();
    assertThat(pixel(pixels, 40, 30)).as("the face in its own colour").isEqualTo(0xFF000000 | WOOD);
    int floor = pixel(pixels, 15, 45);
    assertThat(light(floor)).isLessThan(light(0xFF000000 | WOOD) * 9 / 10);
    assertThat(pixel(pixels, 75, 15)).as("a board under the hole").isEqualTo(0xFF3A3F42);
    assertThat(pixel(pixels, 75, 45)).as("not mirrored").isEqualTo(0xFF000000 | WOOD);
  }

  /** The light comes from the upper left: walls that look there are bright, those across dark. */
  @Test
  void wallsLookTowardsTheLightOrAway() {
    int[] pixels = StockPicture.of(cut(), 0, -20, WOOD, 200, 160);
    int facing = light(pixel(pixels, 15, 37.1));
    int away = light(pixel(pixels, 15, 52.9));
    assertThat(facing).as("its lower wall looks up the picture").isGreaterThan(away + 60);
    int right = light(pixel(pixels, 32.9, 45));
    int left = light(pixel(pixels, -2.9, 45));
    assertThat(right).as("its right wall looks left").isGreaterThan(left + 60);
  }

  @Test
  void anySizeIsFilledWithoutStretching() {
    for (int[] size : new int[][] {{50, 200}, {300, 20}, {1, 1}}) {
      int[] pixels = StockPicture.of(cut(), 0, -20, WOOD, size[0], size[1]);
      assertThat(pixels).hasSize(size[0] * size[1]);
      assertThat(pixels[size[1] / 2 * size[0] + size[0] / 2]).isNotZero();
    }
  }
}
