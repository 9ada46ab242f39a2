package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.shop.Cutter;
import roughcut.shop.CutterBook;
import roughcut.shop.CutterKind;
import roughcut.shop.PassRule;

class PassPlanTest {
  private static Cutter bearing(double diameter, double cutting, double high) {
    return new Cutter(
        diameter + " × " + cutting,
        CutterKind.TOP_BEARING,
        diameter,
        cutting,
        6.35,
        diameter,
        high,
        2,
        100,
        24000,
        0,
        Cutter.Condition.SHARP);
  }

  private static PassPlan.Job job(double depth, double template, double last) {
    return new PassPlan.Job(depth, 6.35, 50, template, 0, 500, 1, last);
  }

  @Test
  void bearingIsGuidedAsInTheTable() throws IOException {
    String text =
        new String(
            PassPlanTest.class.getResourceAsStream("/vectors/bearing.csv").readAllBytes(),
            StandardCharsets.UTF_8);
    List<String> lines = text.lines().toList();
    for (String line : lines.subList(1, lines.size())) {
      String[] row = line.split(",");
      double cutting = Double.parseDouble(row[0]);
      double depth = Double.parseDouble(row[3]);
      assertThat(PassPlan.onTemplate(cutting, Double.parseDouble(row[2]), depth))
          .as(line)
          .isEqualTo(row[4].equals("yes"));
    }
    assertThat(lines).hasSizeGreaterThan(5);
  }

  /** Template 12, an 18 deep pocket: 13 with the short cutter, then 15 … 18 with the long one. */
  @Test
  void theShortCutterFirstThenTheLongOne() {
    Cutter shorter = bearing(12.7, 13, 5);
    Cutter longer = bearing(12.7, 25, 6);
    PassPlan plan = PassPlan.of(job(18, 12, 1), List.of(longer, shorter));
    assertThat(plan.missing()).isEmpty();
    assertThat(plan.changes()).isEqualTo(1);
    List<PassPlan.Pass> withShort =
        plan.passes().stream().filter(p -> p.cutter().equals(shorter)).toList();
    List<PassPlan.Pass> withLong =
        plan.passes().stream().filter(p -> p.cutter().equals(longer)).toList();
    assertThat(withShort.get(withShort.size() - 1).depth()).isCloseTo(13, within(1e-9));
    assertThat(withLong.get(0).depth()).isCloseTo(15, within(1e-9));
    assertThat(withLong.get(withLong.size() - 1).depth()).isCloseTo(18, within(1e-9));
    assertThat(plan.passes())
        .extracting(PassPlan.Pass::guide)
        .containsOnly(PassPlan.Guide.TEMPLATE);
    assertThat(withLong.get(0).setting()).as("from the template").isCloseTo(27, within(1e-9));
  }

  @Test
  void aLongCutterAloneCantStartShallow() {
    PassPlan plan = PassPlan.of(job(18, 12, 1), List.of(bearing(12.7, 25, 6)));
    assertThat(plan.passes()).isEmpty();
    assertThat(plan.missing()).isPresent();
    assertThat(plan.missing().get().toString()).contains("from 0.0 mm").contains("cutting length");
  }

  @Test
  void dullCuttersStayInTheDrawerAndTooLargeOnesToo() {
    Cutter dull = bearing(12.7, 13, 5).withCondition(Cutter.Condition.DULL);
    assertThat(PassPlan.of(job(6, 12, 0), List.of(dull)).missing()).isPresent();
    assertThat(PassPlan.of(job(6, 12, 0), List.of(bearing(19, 13, 5))).missing())
        .as("leaves corners of more than the radius wanted")
        .isPresent();
    assertThat(PassPlan.of(job(6, 12, 0), List.of(bearing(12.7, 13, 5))).missing()).isEmpty();
  }

  private static PassPlan.Job anyJob(Random random) {
    return new PassPlan.Job(
        2 + random.nextDouble() * 40,
        3 + random.nextDouble() * 8,
        20 + random.nextDouble() * 40,
        6 + random.nextInt(4) * 4,
        0,
        400 + random.nextDouble() * 500,
        0.5 + random.nextDouble() * 0.5,
        random.nextBoolean() ? 1 : 0);
  }

  private static List<Cutter> anyDrawer(Random random) {
    List<Cutter> drawer = new ArrayList<>();
    int count = 1 + random.nextInt(5);
    for (int i = 0; i < count; i++) {
      drawer.add(
          bearing(
              6 + random.nextInt(5) * 2, 6 + random.nextInt(12) * 3, 4 + random.nextDouble() * 4));
    }
    return drawer;
  }

  @Test
  void everyPassIsGuidedAndNoneTooDeepWhateverTheDrawer() {
    Random random = new Random(41);
    int whole = 0;
    for (int i = 0; i < 4000; i++) {
      PassPlan.Job job = anyJob(random);
      PassPlan plan = PassPlan.of(job, anyDrawer(random));
      double cut = 0;
      for (PassPlan.Pass pass : plan.passes()) {
        Cutter c = pass.cutter();
        assertThat(pass.depth()).isGreaterThan(cut);
        assertThat(pass.depth() - cut)
            .as("pass of " + c.name())
            .isLessThanOrEqualTo(
                PassRule.deepest(c.diameter(), job.density()) * job.factor() + 1e-4);
        boolean onTemplate = PassPlan.onTemplate(c.cutting(), job.template(), pass.depth());
        boolean onWall = onWallAbove(c.cutting(), c.bearingHeight(), pass.depth()) && cut > 0;
        assertThat(onTemplate || onWall)
            .as(c.name() + " at " + pass.depth() + " with " + job)
            .isTrue();
        assertThat(pass.guide() == PassPlan.Guide.TEMPLATE).isEqualTo(onTemplate);
        assertThat(c.diameter() / 2).isLessThanOrEqualTo(job.corner() + 0.03);
        assertThat(pass.setting() - pass.depth()).isCloseTo(job.template(), within(1e-9));
        cut = pass.depth();
      }
      if (plan.missing().isEmpty()) {
        whole++;
        assertThat(cut).isCloseTo(job.depth(), within(1e-6));
        if (job.last() > 0 && plan.passes().size() > 2) {
          double before = plan.passes().get(plan.passes().size() - 2).depth();
          double least =
              plan.passes().get(plan.passes().size() - 1).cutter().cutting()
                  - job.template()
                  + PassPlan.TOUCH;
          assertThat(job.depth() - before)
              .as("a clean floor, where the bearing allows it")
              .isLessThanOrEqualTo(Math.max(job.last(), least >= before ? 10 : 0) + 1e-6);
        }
      } else {
        assertThat(plan.missing().get().text().toString())
            .contains("You have no cutter", "You need a bearing cutter");
      }
    }
    assertThat(whole).isGreaterThan(300);
  }

  /** Every order of depths on a fine grid, tried by brute force. */
  private static boolean possible(PassPlan.Job job, List<Cutter> drawer) {
    double grid = 0.05;
    int steps = (int) Math.ceil(job.depth() / grid);
    boolean[] reached = new boolean[steps + 1];
    reached[0] = true;
    for (int i = 0; i < steps; i++) {
      if (!reached[i]) {
        continue;
      }
      for (Cutter c : drawer) {
        if (c.diameter() / 2 > job.corner() + 0.03 || c.diameter() > job.narrowest()) {
          continue;
        }
        double most = PassRule.deepest(c.diameter(), job.density()) * job.factor();
        for (int k = i + 1; k <= steps && Math.min(job.depth(), k * grid) - i * grid <= most; k++) {
          double depth = Math.min(job.depth(), k * grid);
          boolean guided =
              PassPlan.onTemplate(c.cutting(), job.template(), depth)
                  || i > 0 && onWallAbove(c.cutting(), c.bearingHeight(), depth);
          if (guided && depth + job.template() <= c.stickOut()) {
            reached[k] = true;
          }
        }
      }
    }
    return reached[steps];
  }

  @Test
  void somethingIsMissingOnlyWhenNoOrderOfCuttersWouldDo() {
    Random random = new Random(43);
    int cant = 0;
    for (int i = 0; i < 1500; i++) {
      PassPlan.Job job = anyJob(random);
      List<Cutter> drawer = anyDrawer(random);
      boolean missing = PassPlan.of(job, drawer).missing().isPresent();
      if (possible(job, drawer)) {
        assertThat(missing).as(job + " " + drawer).isFalse();
      } else {
        cant++;
      }
    }
    assertThat(cant).isGreaterThan(100);
  }

  @Test
  void throughABushOneDiameterIsUsedAndNeedsNoBearing() {
    Cutter plain =
        new Cutter(
            "straight 8",
            CutterKind.STRAIGHT,
            8,
            20,
            8,
            0,
            0,
            2,
            55,
            24000,
            0,
            Cutter.Condition.SHARP);
    Cutter thickShank =
        new Cutter(
            "straight 6",
            CutterKind.STRAIGHT,
            6,
            15,
            8,
            0,
            0,
            2,
            55,
            24000,
            0,
            Cutter.Condition.SHARP);
    PassPlan.Job job = new PassPlan.Job(30, 6.35, 50, 12, 16, 500, 1, 1);
    PassPlan plan = PassPlan.of(job, List.of(plain, thickShank, bearing(15, 30, 5)));
    assertThat(plan.missing()).isEmpty();
    assertThat(plan.passes())
        .extracting(PassPlan.Pass::cutter)
        .as("15 doesn't go through a bush of 16")
        .containsOnly(plain);
    assertThat(plan.passes()).extracting(PassPlan.Pass::guide).containsOnly(PassPlan.Guide.BUSH);
    assertThat(PassPlan.of(job, List.of(thickShank)).missing())
        .as("its thicker shank would rub on the wall below 15")
        .isPresent();
  }

  @Test
  void speedsKeepTheRimAtFortyMetres() {
    assertThat(bearing(50, 20, 5).speed()).isCloseTo(15_279, within(1.0));
    assertThat(bearing(65, 20, 5).speed()).isCloseTo(11_753, within(1.0));
    assertThat(bearing(90, 20, 5).speed()).isCloseTo(8_488, within(1.0));
    assertThat(bearing(12.7, 20, 5).speed()).isEqualTo(24_000);
    for (Cutter cutter : CutterBook.all()) {
      assertThat(cutter.speed()).isLessThanOrEqualTo(cutter.topSpeed());
      if (cutter.kind().bores()) {
        assertThat(cutter.speed()).as("bits run slow").isLessThanOrEqualTo(3000);
      }
    }
  }

  /** Whether a bearing lies on the wall above, which is cut already, the template still on. */
  private static boolean onWallAbove(double cutting, double bearing, double depth) {
    return depth > cutting + 1e-6 && depth <= cutting + bearing - PassPlan.TOUCH + 1e-6;
  }
}
