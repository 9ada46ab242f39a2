package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.geometry.Bounds;
import roughcut.measure.Units;
import roughcut.neck.TunerLayout.Tuner;
import roughcut.plan.Plan;
import roughcut.shop.Limit;
import roughcut.shop.Shop;

/** The headstock says of each tuner what the rail would: by the shop's limits, not by its own. */
class HeadDrawingTest {
  private static Clearance.State state(Limit limit, double left) {
    return left < limit.fail()
        ? Clearance.State.STOP
        : left < limit.warn() ? Clearance.State.LOOK : Clearance.State.CLEAR;
  }

  /** Roles of circles of that diameter, in the order in which they are drawn. */
  private static List<Role> circles(Plan plan, double diameter) {
    List<Role> roles = new ArrayList<>();
    HeadDrawing.of(plan, Units.MM)
        .lines()
        .filter(p -> p.closed() && p.points().size() > 12)
        .forEach(
            p -> {
              Bounds b =
                  new Bounds(
                      p.points().stream().mapToDouble(q -> q.x()).min().orElse(0),
                      p.points().stream().mapToDouble(q -> q.y()).min().orElse(0),
                      p.points().stream().mapToDouble(q -> q.x()).max().orElse(0),
                      p.points().stream().mapToDouble(q -> q.y()).max().orElse(0));
              if (Math.abs(b.width() - diameter) < 0.05 && Math.abs(b.height() - diameter) < 0.05) {
                roles.add(p.role());
              }
            });
    return roles;
  }

  @Test
  void aTunerTooNearTheEdgeIsDrawnByTheShopsLimit() {
    Set<Role> seen = new TreeSet<>();
    for (Limit limit : List.of(new Limit(6, 4), new Limit(19, 13), new Limit(40, 30))) {
      Shop shop = Demo.shop().withLimit("tuner.edge", limit);
      Plan plan = Plan.of(Heron.build(), shop);
      List<Role> bores = circles(plan, 10);
      List<Tuner> tuners = plan.details().tuners().tuners();
      assertThat(bores).hasSameSizeAs(tuners);
      for (int i = 0; i < tuners.size(); i++) {
        Role wanted =
            switch (state(limit, tuners.get(i).edge().value())) {
              case STOP -> Role.STOP;
              case LOOK -> Role.LOOK;
              case CLEAR -> Role.EDGE;
            };
        assertThat(bores.get(i)).as("%s, tuner %d", limit, i + 1).isEqualTo(wanted);
        seen.add(wanted);
      }
    }
    assertThat(seen).hasSize(3);
  }

  @Test
  void aStringBesideAPostIsToo() {
    for (Limit limit : List.of(new Limit(1.5, Limit.NO_STOP), new Limit(7, 6.5))) {
      Plan plan = Plan.of(Heron.build(), Demo.shop().withLimit("tuner.post", limit));
      long thin =
          plan.details().tuners().tuners().stream()
              .filter(t -> state(limit, t.clearance().value()) != Clearance.State.CLEAR)
              .count();
      long drawn =
          HeadDrawing.of(plan, Units.MM)
              .lines()
              .filter(p -> p.points().size() == 2)
              .filter(p -> p.role() == Role.STOP || p.role() == Role.LOOK)
              .count();
      assertThat(drawn).as(limit.toString()).isEqualTo(thin);
    }
  }
}
