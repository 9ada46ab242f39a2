package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.geometry.Point;
import roughcut.plan.Rooms;

class StiffenersTest {
  /** One piece of the rod's channel, seen from above: it lies on the centre line. */
  private static double away(Channel.Piece rod, Point p) {
    double dx = Math.max(0, Math.max(rod.from() - p.x(), p.x() - rod.to()));
    double dy = Math.max(0, Math.abs(p.y()) - rod.width() / 2);
    return Math.hypot(dx, dy);
  }

  /**
   * Every place along the bar's channel, at both of its walls and in between, against the rod's.
   */
  private static double walked(Channel.Piece bar, Channel rod) {
    double near = Double.POSITIVE_INFINITY;
    double within = 0;
    double steps = 4000;
    for (Channel.Piece piece : rod.pieces()) {
      for (int i = 0; i <= steps && piece.to() > piece.from(); i++) {
        double x = bar.from() + (bar.to() - bar.from()) * i / steps;
        for (int k = -20; k <= 20; k++) {
          double y = bar.offsetAt(x) + bar.width() / 2 * k / 20;
          near = Math.min(near, away(piece, new Point(x, y)));
        }
        if (piece.reaches(x)) {
          double lap = (bar.width() + piece.width()) / 2 - Math.abs(bar.offsetAt(x));
          within = Math.max(within, lap);
        }
      }
    }
    return within > 0 ? -within : near;
  }

  @Test
  void woodBetweenBarsAndRodIsWhatAWalkAlongThemFinds() {
    Random random = new Random(44);
    int apart = 0;
    int lapping = 0;
    for (int i = 0; i < 60; i++) {
      Rooms rooms =
          Heron.rooms(
              "stiffener.offset-head=" + (3 + 12 * random.nextDouble()),
              "stiffener.offset-heel=" + (3 + 16 * random.nextDouble()),
              "stiffener.start=" + random.nextInt(120),
              "stiffener.length=" + (60 + random.nextInt(360)),
              "stiffener.width=" + (2 + 4 * random.nextDouble()),
              "rod.width=" + (4 + 8 * random.nextDouble()),
              "rod.adjuster-length=" + random.nextInt(60),
              "rod.adjuster-width=" + (8 + 10 * random.nextDouble()));
      Stiffeners bars = rooms.neckPlan().details().stiffeners().orElseThrow();
      double walked = walked(bars.bass().pieces().get(0), rooms.neckPlan().rod().channel());
      assertThat(bars.between().value()).isCloseTo(walked, within(0.05));
      apart += walked > 0 ? 1 : 0;
      lapping += walked < 0 ? 1 : 0;
    }
    assertThat(apart).isGreaterThan(10);
    assertThat(lapping).isGreaterThan(10);
  }

  @Test
  void oneBarIsTheOthersMirrorImageAndNoneIsNone() {
    Stiffeners bars =
        Heron.rooms("stiffener.offset-head=9", "stiffener.offset-heel=15")
            .neckPlan()
            .details()
            .stiffeners()
            .orElseThrow();
    Channel.Piece bass = bars.bass().pieces().get(0);
    Channel.Piece treble = bars.treble().pieces().get(0);
    assertThat(bass.offsetAt(bass.from())).isEqualTo(-9);
    assertThat(bass.offsetAt(bass.to())).isEqualTo(-15);
    for (double x = bass.from(); x <= bass.to(); x += 20) {
      assertThat(treble.offsetAt(x)).isEqualTo(-bass.offsetAt(x));
    }
    assertThat(Heron.rooms("stiffener.count=0").neckPlan().details().stiffeners()).isEmpty();
  }
}
