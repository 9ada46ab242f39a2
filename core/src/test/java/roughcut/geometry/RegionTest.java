package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Regions against formulas, and against looking place by place. */
class RegionTest {
  private static final Outline DISC = Shapes.circle(new Point(3, -2), 40);
  private static final Outline HOLE = Shapes.circle(new Point(8, 1), 15);

  private static Region ring() {
    return Region.of(DISC).difference(Region.of(HOLE));
  }

  @Test
  void aRingKeepsItsHoleAndItsArea() {
    Region ring = ring();
    assertThat(ring.pieces()).hasSize(1);
    assertThat(ring.pieces().get(0).holes()).hasSize(1);
    assertThat(ring.area()).isCloseTo(Math.PI * (1600 - 225), within(1e-6));
    assertThat(ring.contains(new Point(8, 1))).isFalse();
    assertThat(ring.contains(new Point(30, 0))).isTrue();
    assertThat(ring.edgeDistance(new Point(8, 1))).isCloseTo(15, within(0.01));
    // A disc in the hole is as far away as the two circles are.
    Region inside = Region.of(Shapes.circle(new Point(8, 1), 4));
    assertThat(ring.distance(inside)).isCloseTo(11, within(0.01));
    assertThat(ring.distance(Region.EMPTY)).isInfinite();
  }

  @Test
  void aGrownRingHasASmallerHole() {
    assertThat(ring().buffer(3).area()).isCloseTo(Math.PI * (43 * 43 - 12 * 12), within(1e-3));
    assertThat(ring().buffer(-3).area()).isCloseTo(Math.PI * (37 * 37 - 18 * 18), within(1e-3));
    assertThat(ring().buffer(16).pieces().get(0).holes()).isEmpty();
    assertThat(ring().buffer(-30).isEmpty()).isTrue();
    assertThat(Region.EMPTY.buffer(5).isEmpty()).isTrue();
  }

  @Test
  void whatIsTakenAwayAndPutBackIsWhole() {
    Region whole = ring().union(Region.of(HOLE));
    assertThat(whole.area()).isCloseTo(Math.PI * 1600, within(0.01));
    assertThat(ring().intersection(Region.of(HOLE)).area()).isCloseTo(0, within(0.01));
    Region halves = ring().difference(Region.of(Outline.rectangle(-100, -3, 100, 4)));
    assertThat(halves.pieces()).hasSize(2);
  }

  /** Four bars that close round a middle: what {@link Outline#union} can't say. */
  @Test
  void barsThatCloseRoundAMiddleLeaveIt() {
    Region frame =
        Region.of(
            List.of(
                Outline.rectangle(0, 0, 100, 10),
                Outline.rectangle(0, 50, 100, 60),
                Outline.rectangle(0, 0, 10, 60),
                Outline.rectangle(90, 0, 100, 60)));
    assertThat(frame.area()).isCloseTo(100 * 60 - 80 * 40, within(1e-9));
    assertThat(frame.contains(new Point(50, 30))).isFalse();
    assertThat(frame.convexPieces()).hasSizeBetween(4, 8);
  }

  @Test
  void anEdgeThatCrossesItselfIsMended() {
    Outline bow = Outline.of(p(0, 0), p(10, 10), p(10, 0), p(0, 10));
    assertThat(Region.of(bow).pieces()).hasSize(2);
    assertThat(Region.of(bow).area()).isCloseTo(50, within(1e-6));
  }

  private static Point p(double x, double y) {
    return new Point(x, y);
  }

  /** Stars and combs at random, with holes: the pieces are convex, touch, and are the whole. */
  @Test
  void convexPiecesAreTheRegionAgain() {
    Random random = new Random(28);
    int hollow = 0;
    for (int i = 0; i < 60; i++) {
      Region region = star(random, 0, 0, 30, 90);
      for (int hole = 0; hole < i % 4; hole++) {
        double far = 12 * hole;
        region = region.difference(star(random, far - 12, 3, 2, 6));
      }
      List<Outline> pieces = region.convexPieces();
      hollow += pieces.size() > 1 ? 1 : 0;
      assertThat(pieces).allMatch(Outline::convex);
      double sum = pieces.stream().mapToDouble(Outline::area).sum();
      assertThat(sum).isCloseTo(region.area(), within(1e-6 * region.area()));
      for (int k = 0; k < 300; k++) {
        Point at = p(random.nextDouble() * 200 - 100, random.nextDouble() * 200 - 100);
        if (region.edgeDistance(at) > 1e-6) {
          long in = pieces.stream().filter(o -> o.contains(at)).count();
          // On a cut between two pieces a place may be in both or in neither by a hair.
          if (pieces.stream().allMatch(o -> o.edgeDistance(at) > 1e-6)) {
            assertThat(in).isEqualTo(region.contains(at) ? 1 : 0);
          }
        }
      }
      // A hollow corner wants no more than two cuts.
      assertThat(pieces.size()).isLessThanOrEqualTo(2 * hollows(region) + region.pieces().size());
    }
    assertThat(hollow).isGreaterThan(50);
  }

  /** Corners at which the region lies on more than half of the way round. */
  private static int hollows(Region region) {
    int found = 0;
    for (Region.Piece piece : region.pieces()) {
      found += turns(piece.outline(), -1);
      for (Outline hole : piece.holes()) {
        found += turns(hole, 1);
      }
    }
    return found;
  }

  private static int turns(Outline shape, int way) {
    List<Point> c = shape.corners();
    int n = c.size();
    int round = shape.anticlockwise() ? 1 : -1;
    int found = 0;
    for (int i = 0; i < n; i++) {
      Point a = c.get(i);
      Point b = c.get((i + 1) % n);
      Point d = c.get((i + 2) % n);
      double turn = (b.x() - a.x()) * (d.y() - b.y()) - (b.y() - a.y()) * (d.x() - b.x());
      found += turn * round * way > 0 ? 1 : 0;
    }
    return found;
  }

  private static Region star(Random random, double x, double y, double least, double most) {
    int n = 5 + random.nextInt(12);
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      double far = least + random.nextDouble() * (most - least);
      double turn = 2 * Math.PI * i / n;
      corners.add(p(x + far * Math.cos(turn), y + far * Math.sin(turn)));
    }
    return Region.of(new Outline(corners));
  }

  @Test
  void piecesAreKept() {
    Region ring = ring();
    assertThat(ring.convexPieces()).isSameAs(ring.convexPieces());
    assertThat(Region.of(DISC).convexPieces()).containsExactly(DISC);
  }
}
