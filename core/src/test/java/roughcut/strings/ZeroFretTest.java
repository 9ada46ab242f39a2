package roughcut.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.StringDecisions;
import roughcut.plan.Plan;

class ZeroFretTest {
  private static final double L = 640;

  @Test
  void stringsLieOnTheZeroFret() {
    Plan plan = Heron.with("nut.kind=zero-fret", "wire.height=1.1");
    Plan nut = Heron.with("nut.kind=slot", "wire.height=1.1");
    // A straight string that begins lower is higher at the saddle; the neck leans back less for it.
    double xj = plan.neck().joint().value();
    double nutAction = StringDecisions.ACTION_NUT.in(plan.build().design());
    assertThat(
            (Math.tan(Math.toRadians(value(nut, "neck.angle")))
                    - Math.tan(Math.toRadians(value(plan, "neck.angle"))))
                * (L - xj))
        .isCloseTo(nutAction, within(1e-6));
    for (int i = 1; i <= 6; i++) {
      double y = value(plan, "nut.string." + i + ".offset");
      double drop = 280 - Math.sqrt(280 * 280 - y * y);
      assertThat(value(plan, "nut.string." + i + ".slot-bottom"))
          .as("lower than the fret's top there")
          .isCloseTo(1.1 - drop - NutAction.GUIDE_LOWER, within(1e-9));
      assertThat(value(nut, "nut.string." + i + ".slot-bottom"))
          .isCloseTo(1.1 + nutAction - drop, within(1e-9));
    }
  }

  /** Six degrees, 2.5 of veneer: by construction, and as the maker who tried it found. */
  @Test
  void theFaceVeneerLiftsTheStringsWrap() {
    for (double[] one : new double[][] {{6, 0}, {6, 2.5}, {12.5, 1.2}, {0, 3}}) {
      double theta = Math.toRadians(one[0]);
      Plan plan =
          Heron.with("head.angle=" + one[0], "head.face-veneer=" + one[1], "tuner.wrap-height=4");
      var tuner = plan.details().tuners().tuners().get(0);
      double along = value(plan, "tuner.1.x");
      double nutTop =
          6 // the virtual string at the crown
              + roughcut.design.FretboardDecisions.WIRE_HEIGHT.in(plan.build().design())
              + StringDecisions.ACTION_NUT.in(plan.build().design())
              + plan.neck().head().drop();
      // The post stands square on the veneer's face; the wrap over it; seen from the side.
      double face = -Math.sin(theta) * along;
      double post = Math.cos(theta) * along;
      double wrapX = post + Math.sin(theta) * (one[1] + 4);
      double wrapZ = face + Math.cos(theta) * (one[1] + 4);
      double angle = Math.toDegrees(Math.atan2(nutTop - wrapZ, wrapX));
      assertThat(tuner.breakAngle().value()).as(one[0] + "°").isCloseTo(angle, within(1e-6));
    }
  }
}
