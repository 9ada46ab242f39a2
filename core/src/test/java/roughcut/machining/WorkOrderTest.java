package roughcut.machining;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Region;
import roughcut.geometry.Shapes;
import roughcut.measure.Text;

/** Areas are cut one near another, and a floor before what begins at it. */
class WorkOrderTest {
  private static RouterWork at(String name, double x, double y, String within) {
    Outline circle = Shapes.circle(new Point(x, y), 5);
    return new RouterWork(
        name,
        Text.word(name),
        Region.of(circle),
        circle.bounds(),
        0,
        -5,
        5,
        Optional.empty(),
        Optional.ofNullable(within));
  }

  @Test
  void theNearestComesNextButNeverBeforeItsFloor() {
    List<RouterWork> work =
        List.of(
            at("far", 110, 0, null),
            at("bed", 60, 0, null),
            at("legs", 20, 0, "bed"),
            at("near", 30, 0, null),
            at("lonely", 10, 0, "elsewhere"));
    assertThat(WorkOrder.of(work, new Point(0, 0)))
        .extracting(RouterWork::name)
        .containsExactly("lonely", "near", "bed", "legs", "far");
  }

  @Test
  void itTravelsLessThanAtRandom() {
    Random random = new Random(4);
    double shorter = 0;
    double all = 0;
    for (int n = 0; n < 50; n++) {
      List<RouterWork> work = new ArrayList<>();
      for (int i = 0; i < 12; i++) {
        work.add(at("w" + i, random.nextDouble() * 300, random.nextDouble() * 200, null));
      }
      List<RouterWork> order = WorkOrder.of(work, new Point(0, 0));
      assertThat(order).containsExactlyInAnyOrderElementsOf(work);
      all += travel(work);
      shorter += travel(order);
    }
    assertThat(shorter).isLessThan(all * 0.6);
  }

  private static double travel(List<RouterWork> work) {
    double sum = 0;
    Point at = new Point(0, 0);
    for (RouterWork each : work) {
      Point next = each.area().edges().get(0).centre();
      sum += at.distance(next);
      at = next;
    }
    return sum;
  }
}
