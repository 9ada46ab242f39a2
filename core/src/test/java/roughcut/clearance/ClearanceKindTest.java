package roughcut.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.blank.GlueJob;
import roughcut.design.Decisions;
import roughcut.finding.Chapter;
import roughcut.neck.AccessBore;
import roughcut.neck.HeadLine;
import roughcut.neck.TunerLayout;
import roughcut.plan.Plan;
import roughcut.rout.PassPlan;
import roughcut.shop.Cutter;
import roughcut.shop.Limit;
import roughcut.shop.PassRule;
import roughcut.shop.Shop;
import roughcut.strings.NutWork;

/** The table of thin spots, and every limit that the handbook gives, written out once more here. */
class ClearanceKindTest {
  /**
   * As the handbook says: warn, fail in mm; no fail where it only warns. A headpiece's screws, of
   * which it tells nothing, are held like a neck screw's tip and a tuner's bore in its least; the
   * wall beside a channel in a tenon like that between two channels.
   */
  private static final String HANDBOOK =
      """
      rod.least 3.5 2.5
      stiffener.least 3.5 2.5
      stiffener.between 3 2
      access.back 3 1.5
      access.nut 1.5 0
      access.key 0.6 0.2
      access.over 1.5 0.8
      access.tuner 3 1.5
      access.reach 1 0
      tenon.channel 3 2
      spline.back 3.5 2.5
      spline.rod 3 2
      tuner.edge 6 4
      tuner.post 1.5 -
      tuner.body 1 0
      headpiece.edge 4 2
      headpiece.under 3 1.5
      string.margin 2.5 1.5
      fretboard.edge 3.5 -
      fretboard.notch 2 1
      slot.under 1.5 0.8
      marker.side 1 0.3
      blank.outer-strip 3 -
      blank.insert 3 -
      blank.side 1.5 0
      heel.stock 0.5 0
      shaft.stock 0.5 0
      bolt.tip 3 1.5
      bolt.channel 2 1
      bolt.seat 5 3
      body.floor 5 3
      body.control-top 3.5 2
      body.edge 8 4
      body.same-face 4 2
      body.opposite 5 2.5
      body.bore 3 1.5
      body.surface 5 2.5
      body.jack 5 3
      body.hidden 2 1
      body.hardware 1 0
      body.fits 0.5 0
      """;

  @Test
  void everyUsualLimitIsTheHandbooks() {
    Map<String, Limit> wanted = new LinkedHashMap<>();
    HANDBOOK
        .lines()
        .map(l -> l.split(" "))
        .forEach(
            l ->
                wanted.put(
                    l[0],
                    l[2].equals("-")
                        ? new Limit(Double.parseDouble(l[1]), Limit.NO_STOP)
                        : new Limit(Double.parseDouble(l[1]), Double.parseDouble(l[2]))));
    Set<String> told = new HashSet<>(wanted.keySet());
    for (ClearanceKind kind : ClearanceKind.values()) {
      if (!kind.id().equals("pocket.floor") && kind != ClearanceKind.BOLT_EDGE) {
        assertThat(kind.limit()).as(kind.id()).isEqualTo(wanted.get(kind.id()));
        told.remove(kind.id());
      }
    }
    assertThat(told).isEmpty();
    assertThat(ClearanceKind.POCKET_FLOOR_BOLTED.limit(4.5)).isEqualTo(new Limit(15.75, 11.25));
    assertThat(ClearanceKind.POCKET_FLOOR_GLUED.limit()).isEqualTo(new Limit(12, 8));
    assertThat(ClearanceKind.BOLT_EDGE.limit(5)).isEqualTo(new Limit(10, 7.5));
  }

  @Test
  void aSpotStandsUnderItsKindsLimitUnlessTheShopHasItsOwn() {
    Plan plan = Heron.with();
    Set<String> met = new HashSet<>();
    for (Clearance clearance : plan.clearances()) {
      met.add(clearance.kind().id());
      double d = plan.build().design().numbers().getOrDefault("bolt.diameter", 4.5);
      Limit usual =
          clearance.kind() == ClearanceKind.POCKET_FLOOR_BOLTED
                  || clearance.kind() == ClearanceKind.BOLT_EDGE
              ? clearance.kind().limit(d)
              : clearance.kind().limit();
      assertThat(clearance.limit()).as(clearance.what().toString()).isEqualTo(usual);
    }
    assertThat(met).hasSizeGreaterThan(12);
    Map<String, Limit> own = new HashMap<>();
    for (ClearanceKind kind : ClearanceKind.values()) {
      own.put(kind.id(), new Limit(77, 66));
    }
    Shop usual = plan.shop();
    Shop strict = usual.withLimits(own);
    for (Clearance clearance : Plan.of(plan.build(), strict).clearances()) {
      assertThat(clearance.limit()).as(clearance.what().toString()).isEqualTo(new Limit(77, 66));
    }
  }

  @Test
  void oneIdHasOneOwner() {
    Map<String, Chapter> owners = new HashMap<>();
    for (ClearanceKind kind : ClearanceKind.values()) {
      assertThat(owners.merge(kind.id(), kind.owner(), (a, b) -> a == b ? a : null))
          .as(kind.id())
          .isNotNull();
      assertThat(kind.handbook().toString()).matches("[2-6], .+");
      assertThat(ClearanceKind.find(kind.id())).isPresent();
    }
    assertThat(ClearanceKind.find("rod.lesat")).isEmpty();
  }

  /** What changes a spot can be decided: every id that it names is a decision of that design. */
  @Test
  void whatWouldChangeASpotCanBeDecided() {
    for (String[] also :
        List.of(
            new String[] {},
            new String[] {"rod.worked-from=heel"},
            new String[] {"rod.worked-from=head-pocket", "spline.count=2"},
            new String[] {"rod.worked-from=fretboard-end", "fretboard.notch-length=20"})) {
      Plan plan = Heron.with(also);
      for (Clearance clearance : plan.clearances()) {
        for (String id : clearance.changedBy()) {
          assertThat(Decisions.find(plan.build().design(), id))
              .as(clearance.what().toString() + ": " + id)
              .isPresent();
        }
      }
    }
  }

  @Test
  void otherLimitsOfTheHandbookStandAsWritten() {
    assertThat(NutWork.BREAK_LEAST).isEqualTo(5);
    assertThat(NutWork.BREAK_MOST).isEqualTo(17);
    assertThat(TunerLayout.MOST_SIDEWAYS).isEqualTo(10);
    assertThat(AccessBore.KEY_ANGLE).isEqualTo(6);
    assertThat(HeadLine.FLAT).isEqualTo(0.5);
    assertThat(PassPlan.TOUCH).isEqualTo(2);
    assertThat(PassRule.DENSE).isEqualTo(700);
    assertThat(Cutter.ROUTER_SPEED).isEqualTo(24000);
    assertThat(Cutter.RIM_SPEED).isEqualTo(40);
    assertThat(GlueJob.VACUUM).isEqualTo(0.08);
    // Page 6, "Passes": D/2 to 12 mm and at most 5, then 6, 3 and 2; 0.7 of it in dense wood.
    double[][] passes = {
      {3, 1.5}, {6.4, 3.2}, {10, 5}, {12, 5}, {12.7, 6}, {20, 6}, {25, 3}, {40, 3}, {50, 2}
    };
    for (double[] pass : passes) {
      assertThat(PassRule.deepest(pass[0], 500)).as("%s mm", pass[0]).isEqualTo(pass[1]);
      assertThat(PassRule.deepest(pass[0], 750)).isCloseTo(0.7 * pass[1], within(1e-12));
    }
    assertThat(Arrays.stream(ClearanceKind.values()).map(ClearanceKind::owner))
        .as("heights aren't wood")
        .containsOnly(
            Chapter.LAYOUT,
            Chapter.BLANKS,
            Chapter.NECK,
            Chapter.FRETBOARD,
            Chapter.BODY,
            Chapter.ROUTS);
  }

  /** What a sum leaves in its last digits is no less wood; a hundredth of a thousandth is. */
  @Test
  void aLimitIsReachedWhateverTheLastDigitsOfASum() {
    Limit limit = new Limit(6, 4);
    assertThat(Clearance.stateOf(limit, 4 - 1e-9)).isEqualTo(Clearance.State.LOOK);
    assertThat(Clearance.stateOf(limit, 6 - 1e-9)).isEqualTo(Clearance.State.CLEAR);
    assertThat(Clearance.stateOf(limit, 4 - 1e-5)).isEqualTo(Clearance.State.STOP);
    assertThat(Clearance.stateOf(limit, 6 - 1e-5)).isEqualTo(Clearance.State.LOOK);
    assertThat(Clearance.stateOf(new Limit(0, Double.NaN), -1e-5)).isEqualTo(Clearance.State.STOP);
  }
}
