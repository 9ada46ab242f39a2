package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;

class EdgeTest {
  private static double slow(Outline body, Outline shape) {
    double best = Double.POSITIVE_INFINITY;
    for (Outline[] two : List.of(new Outline[] {body, shape}, new Outline[] {shape, body})) {
      for (Point p : two[0].corners()) {
        best = Math.min(best, two[1].edgeDistance(p));
      }
    }
    return best;
  }

  @Test
  void nearestWayToACurvedEdgeIsTheBruteOne() {
    Outline body = Heron.with().body().outline().shape();
    Edge edge = new Edge(body);
    Random random = new Random(5);
    int inside = 0;
    for (int i = 0; i < 300; i++) {
      Outline rout =
          Shapes.rounded(
              new Point(430 + random.nextDouble() * 400, -165 + random.nextDouble() * 330),
              5 + random.nextDouble() * 60,
              5 + random.nextDouble() * 60,
              4,
              random.nextDouble() * 90);
      Edge.Nearest found = edge.nearest(rout);
      if (body.covers(rout)) {
        inside++;
        assertThat(found.distance()).isCloseTo(slow(body, rout), within(1e-6));
        assertThat(found.at().distance(found.from())).isCloseTo(found.distance(), within(1e-6));
      } else {
        assertThat(found.distance()).isLessThanOrEqualTo(0);
      }
    }
    assertThat(inside).isGreaterThan(60);
  }

  @Test
  void aShapeOutsideIsOutsideByItsFurthestCorner() {
    Edge edge = new Edge(Outline.rectangle(0, 0, 100, 100));
    assertThat(edge.nearest(Outline.rectangle(90, 40, 107, 60)).distance())
        .isCloseTo(-7, within(1e-9));
    assertThat(edge.nearest(Outline.rectangle(40, 40, 60, 60)).distance())
        .isCloseTo(40, within(1e-9));
  }

  @Test
  void placesOnTheEdgeLookInwards() {
    Outline body = Heron.with().body().outline().shape();
    Edge edge = new Edge(body);
    for (int i = 0; i <= 100; i++) {
      Edge.Place place = edge.at(i / 100.0);
      assertThat(body.contains(place.at().plus(place.inward().x(), place.inward().y())))
          .as("at " + i + " %")
          .isTrue();
      assertThat(edge.at(edge.share(place.at())).at().distance(place.at()))
          .isCloseTo(0, within(1e-6));
    }
  }

  @Test
  void anEdgeThatCrossesItselfIsFoundAndMended() {
    Outline eight =
        Outline.of(new Point(0, 0), new Point(10, 10), new Point(10, 0), new Point(0, 12));
    assertThat(eight.crossing()).isPresent();
    assertThat(eight.crossing().get().x()).isCloseTo(5.45, within(0.05));
    assertThat(eight.repaired().crossing()).isEmpty();
    assertThat(Outline.rectangle(0, 0, 3, 3).crossing()).isEmpty();
  }

  /** A round hole's wood is measured from its middle: the same as of a circle of many corners. */
  @Test
  void aRoundHoleIsAsFarAsItsCircle() {
    Random random = new Random(77);
    Edge edge = new Edge(Heron.with().body().outline().shape());
    Bounds b = edge.shape().bounds();
    int outside = 0;
    for (int i = 0; i < 300; i++) {
      Point middle =
          new Point(
              b.left() + b.width() * random.nextDouble(),
              b.low() + b.height() * random.nextDouble());
      double radius = 1 + 12 * random.nextDouble();
      Edge.Nearest round = edge.nearestOfRound(middle, radius);
      Edge.Nearest circle = edge.nearest(Shapes.circle(middle, radius));
      if (edge.shape().contains(middle) && edge.inside(middle) > radius) {
        assertThat(round.distance()).isCloseTo(circle.distance(), within(0.03));
        assertThat(round.from().distance(round.at())).isCloseTo(round.distance(), within(1e-6));
      } else {
        outside++;
        assertThat(round.distance()).isNegative();
      }
      assertThat(edge.upTo(30, middle))
          .isCloseTo(Math.min(30, Math.abs(edge.inside(middle))), within(1e-9));
    }
    assertThat(outside).isBetween(30, 250);
  }

  /** Asked of its net of cells, an edge says what all of its sides say, off the shape too. */
  @Test
  void aNetOfCellsHidesNoSide() {
    Random random = new Random(9);
    for (Outline shape :
        List.of(
            Heron.with().body().outline().shape(),
            Shapes.circle(new Point(3, -7), 40),
            Outline.of(new Point(0, 0), new Point(900, 0.4), new Point(2, 1)),
            Outline.of(
                new Point(0, 0),
                new Point(60, 0),
                new Point(60, 50),
                new Point(31, 50),
                new Point(30, 1),
                new Point(29, 50),
                new Point(0, 50)))) {
      Edge edge = new Edge(shape);
      Bounds b = shape.bounds().expanded(5);
      List<Point> places = new ArrayList<>(shape.corners());
      for (int i = 0; i < 4000; i++) {
        places.add(
            new Point(
                b.left() + b.width() * random.nextDouble(),
                b.low() + b.height() * random.nextDouble()));
      }
      // On the lines between cells, where a place belongs to two.
      for (int i = 0; i <= 24; i++) {
        for (int k = 0; k <= 24; k++) {
          double size = Math.max(shape.bounds().width(), shape.bounds().height()) / 24;
          places.add(new Point(shape.bounds().left() + i * size, shape.bounds().low() + k * size));
        }
      }
      for (Point p : places) {
        assertThat(edge.contains(p)).as("%s in %s", p, shape).isEqualTo(shape.contains(p));
        assertThat(Math.abs(edge.inside(p))).isCloseTo(shape.edgeDistance(p), within(1e-12));
        assertThat(edge.upTo(4, p)).isCloseTo(Math.min(4, shape.edgeDistance(p)), within(1e-12));
      }
    }
  }
}
