package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Operations;
import roughcut.design.Decisions;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.geometry.Point;
import roughcut.neck.HeadLine;
import roughcut.neck.TunerLayout;

/** The scarf at the bench: what is sawn, what it meets, and the blank as it came out. */
class ScarfBenchTest {
  private static List<String> said(Plan plan) {
    return plan.about(Topic.NECK).stream()
        .map(Finding::words)
        .filter(w -> w.contains("scarf") || w.contains("bevel"))
        .toList();
  }

  private static List<String> settings(Plan plan, String operation) {
    return Operations.of(plan).stream()
        .filter(o -> o.id().equals(operation))
        .findFirst()
        .orElseThrow()
        .settings();
  }

  /** The saw keeps away from the finished line by the planing, measured square to it. */
  @Test
  void theSawsLineLeavesThePlaningAtTheBench() {
    for (double angle : new double[] {8, 12.5, 17}) {
      for (double planing : new double[] {0.3, 1.2}) {
        Plan plan = Heron.with("head.angle=" + angle, "scarf.planing=" + planing);
        assertThat(settings(plan, "head.scarf.saw")).contains("scarf.saw-top", "scarf.saw-back");
        double t = plan.given(Decisions.SHAFT_THICKNESS);
        Point top = new Point(value(plan, "scarf.saw-top"), 0);
        Point back = new Point(value(plan, "scarf.saw-back"), -t);
        Point mark = new Point(value(plan, "scarf.mark-top"), 0);
        Point line = back.plus(-top.x(), -top.y());
        double off =
            Math.abs(line.x() * (mark.y() - top.y()) - line.y() * (mark.x() - top.x()))
                / Math.hypot(line.x(), line.y());
        assertThat(off).isCloseTo(planing, within(1e-9));
        assertThat(Math.toDegrees(Math.atan2(t, Math.abs(line.x()))))
            .isCloseTo(angle, within(1e-9));
        assertThat(top.x()).as("towards the tip").isGreaterThan(mark.x());
        assertThat(said(plan)).noneMatch(w -> w.contains("No wood is allowed"));
      }
    }
    Plan none = Heron.with("scarf.planing=0");
    assertThat(said(none)).anyMatch(w -> w.contains("No wood is allowed for planing"));
    Plan sawn = Heron.with("scarf.planing=0", "done=head.scarf.saw");
    assertThat(said(sawn)).noneMatch(w -> w.contains("No wood is allowed"));
  }

  /** Which tuners' bores the joint goes through, asked of points in the bores. */
  @Test
  void boresThroughTheJointAreThoseThatMeetItInSpace() {
    Pattern named = Pattern.compile("strings? ([0-9, ]+) go(?:es)? through the scarf");
    Random random = new Random(275);
    int met = 0;
    int spared = 0;
    for (int i = 0; i < 40; i++) {
      Plan plan =
          Heron.with(
              "scarf.school=seam-across-head",
              "head.angle=" + (8 + random.nextInt(9)),
              "head.thickness=" + (12 + random.nextInt(4)),
              "shaft.thickness=" + (16 + random.nextInt(4)),
              "head.length=230",
              "tuner.first=" + (30 + random.nextInt(40)));
      HeadLine head = plan.neck().head();
      List<Point> seam = plan.scarf().orElseThrow().seam();
      double r = plan.given(NeckDecisions.TUNER_BUSHING) / 2;
      Set<Integer> through = new TreeSet<>();
      for (TunerLayout.Tuner tuner : plan.details().tuners().tuners()) {
        double x = tuner.x().value();
        if (Math.abs(x - value(plan, "scarf.seam-top")) < r + 3) {
          continue; // on the thin edge, told by itself
        }
        int above = 0;
        int all = 0;
        for (int a = -20; a <= 20; a++) {
          for (int b = 0; b <= 20; b++) {
            Point p = head.at(x + r * a / 20, head.thickness().value() * b / 20);
            Point from = seam.get(0);
            Point to = seam.get(1);
            double side =
                (to.x() - from.x()) * (p.y() - from.y()) - (to.y() - from.y()) * (p.x() - from.x());
            above += side > 0 ? 1 : 0;
            all++;
          }
        }
        if (above > 0 && above < all) {
          through.add(tuner.string());
        }
      }
      Set<Integer> told = new TreeSet<>();
      for (String words : said(plan)) {
        Matcher m = named.matcher(words);
        if (m.find()) {
          for (String number : m.group(1).split(", ")) {
            told.add(Integer.valueOf(number.strip()));
          }
        }
      }
      assertThat(told).as("case " + i).isEqualTo(through);
      met += through.size();
      spared += plan.details().tuners().tuners().size() - through.size();
    }
    assertThat(met).isGreaterThan(20);
    assertThat(spared).isGreaterThan(20);
    assertThat(said(Heron.with("scarf.school=seam-under-fretboard")))
        .noneMatch(w -> w.contains("through the scarf joint"));
  }

  /** A joint across the headstock shows, unless a veneer covers it. */
  @Test
  void aJointAcrossTheHeadShowsWithoutAVeneer() {
    assertThat(said(Heron.with("scarf.school=seam-across-head", "head.face-veneer=0")))
        .anyMatch(w -> w.contains("shows on the headstock face"));
    Plan covered = Heron.with("scarf.school=seam-across-head", "head.face-veneer=0.6");
    assertThat(said(covered)).noneMatch(w -> w.contains("shows on"));
    assertThat(settings(covered, "head.veneer")).contains("head.veneer-bevel");
    assertThat(covered.value("head.veneer-bevel").orElseThrow().value()).isEqualTo(12.5);
  }

  /** The angle that came out moves what is still to be made, and nothing of what was sawn. */
  @Test
  void theAngleAsGluedMovesWhatFollowsFromIt() {
    Plan drawn = Plan.of(Heron.build().asDesigned(), roughcut.demo.Demo.shop());
    double angle = drawn.given(Decisions.HEAD_ANGLE);
    Plan read =
        Plan.of(
            Heron.build()
                .asDesigned()
                .withReading(
                    roughcut.record.Reading.of(
                        "head.angle", angle + 1, java.time.LocalDate.of(2026, 5, 4).atTime(9, 0))),
            roughcut.demo.Demo.shop());
    for (String sawn :
        List.of("scarf.mark-top", "scarf.bevel", "scarf.run", "scarf.blank-length")) {
      assertThat(value(read, sawn)).as(sawn).isEqualTo(value(drawn, sawn));
    }
    assertThat(value(read, "break.nut")).isGreaterThan(value(drawn, "break.nut") + 0.5);
    assertThat(read.neck().head().theta()).isCloseTo(Math.toRadians(angle + 1), within(1e-12));
  }

  /** A flat headstock lists nothing of a scarf; one piece is compared with one. */
  @Test
  void aFlatHeadListsNothingOfAScarf() {
    for (HeadMaking making : HeadMaking.values()) {
      Plan plan = Heron.with("head.made=" + making.word());
      boolean listed =
          plan.values().keySet().stream()
              .anyMatch(id -> id.matches("scarf\\.(run|bevel|shift|wedge|blank-length|seam-.*)"));
      assertThat(listed)
          .as(making.word())
          .isEqualTo(making == HeadMaking.SCARF || making == HeadMaking.ONE_PIECE);
    }
  }

  /** A blank planed narrower brings every fence nearer, and costs the outer strips. */
  @Test
  void theFenceCountsFromTheBlankAsItIs() {
    Plan drawn = Heron.with("channel.machine=router-table");
    double width = value(drawn, "blank.width");
    Plan read = Heron.with("channel.machine=router-table", "blank.width-now=" + (width - 1.6));
    assertThat(value(read, "blank.width")).isCloseTo(width - 1.6, within(1e-9));
    assertThat(value(drawn, "rod.fence") - value(read, "rod.fence")).isCloseTo(0.8, within(1e-9));
    assertThat(read.blank().halfWidth(200))
        .isCloseTo(drawn.blank().halfWidth(200) - 0.8, within(1e-9));
    assertThat(read.blank().strips().get(1).from(200))
        .as("inner glue lines stay")
        .isEqualTo(drawn.blank().strips().get(1).from(200));
    assertThat(value(drawn, "blank.side-spare") - value(read, "blank.side-spare"))
        .isCloseTo(0.8, within(1e-9));
  }

  /** Stops from the head's end count from the blank as long as it is; one too short is told. */
  @Test
  void aBlankAsLongAsItIs() {
    String[] piece = {"head.made=one-piece"};
    Plan drawn = Heron.with(piece);
    double length = value(drawn, "stack.length");
    Plan read = Heron.with(piece[0], "blank.length-now=" + (length - 4));
    assertThat(value(drawn, "rod.start-stop") - value(read, "rod.start-stop"))
        .isCloseTo(4, within(1e-9));
    assertThat(read.about(Topic.NECK_BLANK)).noneMatch(f -> f.words().contains("too short for"));
    Plan shorter = Heron.with(piece[0], "blank.length-now=" + (length - 60));
    assertThat(shorter.about(Topic.NECK_BLANK))
        .anyMatch(f -> f.stops() && f.words().contains("too short for shaft and headstock"));
  }
}
