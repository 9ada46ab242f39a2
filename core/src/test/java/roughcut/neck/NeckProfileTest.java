package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.geometry.Point;
import roughcut.plan.Rooms;

class NeckProfileTest {
  /** How far a place of the back lies from a channel with a flat bottom. */
  private static double away(Point p, double offset, double width, double depth) {
    double dy = Math.max(0, Math.abs(p.x() - offset) - width / 2);
    double dz = Math.max(0, -p.y() - depth);
    return Math.hypot(dy, dz);
  }

  /** The same with a round bottom. */
  private static double awayFromRound(Point p, double offset, double radius, double depth) {
    double centre = depth - radius;
    return -p.y() <= centre
        ? Math.abs(p.x() - offset) - radius
        : Math.hypot(p.x() - offset, -p.y() - centre) - radius;
  }

  /** Every place of the carved back against the channel: its lower corners and its upper ones. */
  @Test
  void woodBesideAChannelIsTheNearestPlaceOfTheBack() {
    Random random = new Random(61);
    int upper = 0;
    for (int i = 0; i < 40; i++) {
      Rooms rooms =
          Heron.rooms(
              "neck.profile-exponent=" + (1.6 + 0.4 * random.nextDouble()),
              "neck.profile-exponent-treble=" + (i % 2 == 0 ? 0 : 1.6 + 0.4 * random.nextDouble()),
              "neck.shoulder=" + (i % 3 == 0 ? 0.5 : 0));
      NeckProfile profile = rooms.neck().profile(40 + 300 * random.nextDouble());
      List<Point> back = profile.curve(4000);
      for (int k = 0; k < 25; k++) {
        double width = 2 + 6 * random.nextDouble();
        double depth = 0.5 + 9 * random.nextDouble();
        double offset = (random.nextDouble() * 2 - 1) * (profile.halfWidth() - width / 2 - 0.2);
        boolean inside =
            profile.depthAt(offset - width / 2) > depth
                && profile.depthAt(offset + width / 2) > depth;
        if (!inside) {
          continue;
        }
        double nearest =
            back.stream().mapToDouble(p -> away(p, offset, width, depth)).min().orElseThrow();
        assertThat(profile.distanceToChannel(offset, width, depth))
            .as("at %s, %s wide, %s deep", offset, width, depth)
            .isCloseTo(nearest, within(0.02));
        if (depth >= width / 2) {
          double round =
              back.stream()
                  .mapToDouble(p -> awayFromRound(p, offset, width / 2, depth))
                  .min()
                  .orElseThrow();
          assertThat(profile.distanceToRoundChannel(offset, width, depth))
              .as("round, at %s, %s wide, %s deep", offset, width, depth)
              .isCloseTo(round, within(0.02));
        }
        double lower = away(new Point(profile.halfWidth(), 0), Math.abs(offset), width, depth);
        upper += lower < nearest + 0.02 ? 1 : 0;
      }
    }
    assertThat(upper).as("where the edge is nearest").isGreaterThan(5);
  }

  /** A shoulder stands square on the glue line, however low. */
  @Test
  void theBackBeginsAndEndsAtTheGlueLine() {
    for (String shoulder : List.of("0", "0.4", "3")) {
      NeckProfile profile = Heron.rooms("neck.shoulder=" + shoulder).neck().profile(100);
      List<Point> back = profile.curve(40);
      assertThat(back.get(0).x()).isCloseTo(-profile.halfWidth(), within(1e-9));
      assertThat(back.get(0).y()).as("shoulder " + shoulder).isCloseTo(0, within(1e-9));
      assertThat(back.get(back.size() - 1).y()).isCloseTo(0, within(1e-9));
      double low = back.stream().mapToDouble(Point::y).min().orElseThrow();
      assertThat(-low).isCloseTo(profile.depth(), within(1e-6));
    }
  }
}
