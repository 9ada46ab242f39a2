package roughcut.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BodyFace;
import roughcut.design.Design;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Edge;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Solid;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.rout.Cut;
import roughcut.rout.CutFrom;
import roughcut.rout.CutKind;

/**
 * Every cut against the summed finished faces, by looking at every place of a fine grid: what arm,
 * belly, heel, carve and round-over take is worked out here anew from the decisions.
 */
class FinishedFacesTest {
  private static final double FINE = 1.0;

  private final Random random = new Random(1307);

  private String some(String id, double least, double most) {
    return String.format(Locale.ROOT, "%s=%.2f", id, least + random.nextDouble() * (most - least));
  }

  /** A body with contours all over, in each of the demo's shapes. */
  private Plan body(Build build) {
    Design design =
        Heron.set(
            build.design(),
            some("arm.depth", 4, 36),
            some("arm.reach", 60, 160),
            some("arm.turn", -120, -40),
            some("belly.depth", 4, 34),
            some("belly.reach", 50, 140),
            some("belly.length", 120, 300),
            some("heel-carve.depth", 3, 14),
            some("heel-carve.reach", 30, 90),
            some("heel-carve.length", 60, 180),
            some("carve.drop", 0, 16),
            some("carve.width", 30, 110),
            some("carve.ledge", 2, 10),
            some("edge.round-top", 0, 9),
            some("edge.round-back", 0, 9));
    return Plan.of(build.asDesigned().withDesign(design), Demo.shop());
  }

  /** The height of a face: what each shaping takes, written down once more. */
  private static double face(Plan plan, BodyFace face, double x, double y, double inside) {
    var surface = plan.cuts().surface();
    double lost = 0;
    for (var c : surface.contours()) {
      if (c.face() == face) {
        double ux = c.outermost().x() - x;
        double uy = c.outermost().y() - y;
        double in = ux * c.way().x() + uy * c.way().y();
        double share = 1 - in / c.reach();
        double aside = ux * c.way().y() - uy * c.way().x();
        double fade =
            c.length() == 0
                ? 1
                : Math.abs(aside) >= c.length() / 2
                    ? 0
                    : Math.pow(Math.cos(Math.PI * aside / c.length()), 2);
        lost += c.depth() * Math.max(0, Math.min(1, share)) * fade;
      }
    }
    double round = face == BodyFace.TOP ? surface.roundTop() : surface.roundBack();
    if (inside < round) {
      lost += round - Math.sqrt(round * round - (round - inside) * (round - inside));
    }
    if (face == BodyFace.TOP && surface.drop() > 0 && inside < surface.carveWidth()) {
      double t =
          Math.max(
              0, (inside - surface.ledge()) / Math.max(1, surface.carveWidth() - surface.ledge()));
      lost += surface.drop() * (1 + Math.cos(Math.PI * t)) / 2;
    }
    return face == BodyFace.TOP
        ? surface.topPlane(x) + lost
        : plan.cuts().surface().thickness() - lost;
  }

  private static double inside(List<Point> edge, double x, double y) {
    double least = Double.POSITIVE_INFINITY;
    boolean in = false;
    for (int i = 0, j = edge.size() - 1; i < edge.size(); j = i++) {
      Point a = edge.get(j);
      Point b = edge.get(i);
      least = Math.min(least, new Point(x, y).distanceToSegment(a, b));
      if (a.y() > y != b.y() > y && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
        in = !in;
      }
    }
    return in ? least : -least;
  }

  /** The least and greatest z of a solid over a place; null beside it. */
  private static double[] upright(Solid solid, double x, double y) {
    if (solid instanceof Prism prism) {
      double z = prism.floor() + prism.lean() * x;
      return inside(prism.corners(), x, y) >= 0
          ? new double[] {Math.min(prism.open(), z), Math.max(prism.open(), z)}
          : null;
    }
    Cylinder bore = (Cylinder) solid;
    return Math.hypot(x - bore.from().x(), y - bore.from().y()) <= bore.radius()
        ? new double[] {
          Math.min(bore.from().z(), bore.to().z()), Math.max(bore.from().z(), bore.to().z())
        }
        : null;
  }

  /** Cuts that come out through a finished face are told, by how much, and others never are. */
  @Test
  void whatComesOutThroughAFinishedFaceIsToldByHowMuch() {
    int out = 0;
    int close = 0;
    List<Build> demos = Demo.builds(java.time.LocalDate.of(2026, 5, 4));
    for (int i = 0; i < 40; i++) {
      Plan plan = body(demos.get(i % demos.size()));
      var surface = plan.cuts().surface();
      List<Point> edge = surface.edge().shape().corners();
      for (Cut cut : plan.cuts().cuts()) {
        boolean bored =
            cut.bores().stream().allMatch(Cylinder::upright) && cut.kind() != CutKind.POCKET;
        if (!bored
            || cut.from() == CutFrom.EDGE
            || cut.from() == CutFrom.INSIDE
            || cut.kind() == CutKind.BOLT
            || cut.kind() == CutKind.STRING) {
          continue;
        }
        double least = Double.POSITIVE_INFINITY;
        for (Solid solid : cut.solids()) {
          var box = solid.box();
          for (BodyFace face : BodyFace.values()) {
            boolean open =
                face == BodyFace.TOP
                    ? box.z0() - surface.topPlane((box.x0() + box.x1()) / 2) < 0.05
                    : surface.thickness() - box.z1() < 0.05;
            for (double x = box.x0(); !open && x <= box.x1(); x += FINE) {
              for (double y = box.y0(); y <= box.y1(); y += FINE) {
                double[] at = upright(solid, x, y);
                double in = at == null ? -1 : inside(edge, x, y);
                if (in >= 0) {
                  double z = face(plan, face, x, y, in);
                  boolean shaped =
                      Math.abs(
                              z
                                  - (face == BodyFace.TOP
                                      ? surface.topPlane(x)
                                      : surface.thickness()))
                          > 1e-9;
                  if (shaped) {
                    least = Math.min(least, face == BodyFace.TOP ? at[0] - z : z - at[1]);
                  }
                }
              }
            }
          }
        }
        var told = plan.value("rout." + cut.name() + ".surface");
        if (least < 0) {
          out++;
          assertThat(told).as(cut.name() + " comes out by " + least).isPresent();
          assertThat(told.get().value())
              .as(cut.name())
              .isLessThanOrEqualTo(least + 0.05)
              .isGreaterThan(least - 1.6);
        } else if (told.isPresent() && told.get().value() < 0) {
          assertThat(least).as(cut.name() + " is told as out").isLessThan(1.6);
          close++;
        } else if (least < 4) {
          close++;
          assertThat(told).as(cut.name()).isPresent();
          assertThat(told.get().value()).as(cut.name()).isLessThanOrEqualTo(least + 0.05);
        }
      }
    }
    assertThat(out).as("enough to tell by").isGreaterThan(12);
    assertThat(close).isGreaterThan(20);
  }

  /**
   * A bore that runs out of the body's side comes as near its faces as one that ends just outside,
   * however far it runs: a mistyped place makes bores of miles.
   */
  @Test
  void aBoreComesNoNearerAFaceForWhatOfItLiesOutside() {
    int told = 0;
    for (int i = 0; i < 24; i++) {
      Plan plan = body(Demo.builds(java.time.LocalDate.of(2026, 5, 4)).get(i % 4));
      var surface = plan.cuts().surface();
      var bounds = surface.edge().shape().bounds();
      double x = bounds.left() + (0.3 + 0.5 * random.nextDouble()) * bounds.width();
      double z = surface.thickness() * (0.3 + 0.4 * random.nextDouble());
      double turn = 2 * Math.PI * random.nextDouble();
      List<SurfaceGap> near = gaps(surface, bore(x, z, turn, 700));
      List<SurfaceGap> far = gaps(surface, bore(x, z, turn, 3e6));
      assertThat(far).hasSameSizeAs(near);
      for (int k = 0; k < near.size(); k++) {
        told++;
        assertThat(far.get(k).distance())
            .as("%s of %s at %s", near.get(k).what().toString(), plan.name(), turn)
            .isCloseTo(near.get(k).distance(), within(0.03));
        assertThat(bounds.contains(far.get(k).at())).isTrue();
      }
    }
    assertThat(told).isGreaterThan(10);
  }

  private static List<SurfaceGap> gaps(roughcut.body.BodySurface surface, Cylinder bore) {
    Cut cut =
        new Cut(
            "wire",
            Text.of("wire"),
            CutKind.WIRE,
            CutFrom.INSIDE,
            List.of(),
            List.of(bore),
            Set.of(),
            List.of(),
            false);
    // It comes out at the edge on purpose, as jacks and wires to them do.
    Edge.Nearest meant = new Edge.Nearest(Double.POSITIVE_INFINITY, null, null);
    return SurfaceGap.of(cut, surface, meant, SurfaceGap.FAR);
  }

  private static Cylinder bore(double x, double z, double turn, double length) {
    return new Cylinder(
        new Point3(x, 0, z),
        new Point3(x + length * Math.cos(turn), length * Math.sin(turn), z),
        4);
  }

  @Test
  void reliefThatTheProgramPlacesNeverComesOutUnderACarvedTop() {
    int placed = 0;
    for (double drop : new double[] {4, 9, 14}) {
      Plan plan =
          Plan.of(
              Demo.builds(java.time.LocalDate.of(2026, 5, 4)).stream()
                  .filter(b -> b.name().equals("Heron"))
                  .map(
                      b ->
                          b.asDesigned()
                              .withDesign(
                                  Heron.set(
                                      b.design(),
                                      "body.mass-target=900",
                                      "body.top-thickness=12",
                                      "carve.drop=" + drop,
                                      "carve.width=90",
                                      "belly.depth=18",
                                      "belly.reach=120",
                                      "belly.length=260")))
                  .findFirst()
                  .orElseThrow(),
              Demo.shop());
      for (Cut cut : plan.cuts().cuts()) {
        if (cut.name().matches("relief-\\d+")) {
          placed++;
          plan.value("rout." + cut.name() + ".surface")
              .ifPresent(v -> assertThat(v.value()).as(cut.name()).isGreaterThan(1.5));
        }
      }
    }
    assertThat(placed).isGreaterThan(20);
  }
}
