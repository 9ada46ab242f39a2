package roughcut.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.api.Test;

/** A window that is opened where it was last lies on a screen with its title bar in reach. */
class WindowPlaceTest {
  private static final Rectangle2D ONE = new Rectangle2D(0, 24, 1920, 1056);
  private static final Rectangle2D TWO = new Rectangle2D(1920, 0, 2560, 1440);

  private static Optional<Point2D> at(double x, double y, Rectangle2D... screens) {
    return WindowPlace.inside(1280, 800, x, y, List.of(screens));
  }

  @Test
  void whereItWasIfAllOfItIsSeen() {
    assertThat(at(100, 60, ONE)).contains(new Point2D(100, 60));
    assertThat(at(2500, 300, ONE, TWO)).contains(new Point2D(2500, 300));
  }

  @Test
  void aTitleBarOverTheScreensEdgeComesBack() {
    assertThat(at(100, -15, ONE)).contains(new Point2D(100, 24));
    assertThat(at(-50, 60, ONE)).contains(new Point2D(0, 60));
    assertThat(at(1800, 900, ONE)).contains(new Point2D(640, 280));
  }

  @Test
  void aScreenThatIsGoneIsForgotten() {
    assertThat(at(2500, 300, ONE)).isEmpty();
    assertThat(at(100, -2000, ONE)).isEmpty();
    assertThat(at(Double.NaN, Double.NaN, ONE)).isEmpty();
  }

  /** Wherever it was: inside one screen, or left to the window manager. */
  @Test
  void neverHalfOutside() {
    Random random = new Random(20);
    int placed = 0;
    for (int i = 0; i < 2000; i++) {
      double x = random.nextInt(7000) - 1500;
      double y = random.nextInt(3500) - 1000;
      Optional<Point2D> where = at(x, y, ONE, TWO);
      where.ifPresent(
          p ->
              assertThat(List.of(ONE, TWO))
                  .anyMatch(b -> b.contains(p.getX(), p.getY(), 1280 - 1, 800 - 1)));
      placed += where.isPresent() ? 1 : 0;
    }
    assertThat(placed).isGreaterThan(200);
  }
}
