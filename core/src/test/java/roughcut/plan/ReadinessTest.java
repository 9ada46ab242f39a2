package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.clearance.Clearance;
import roughcut.clearance.ClearanceKind;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.file.ReportWriter;
import roughcut.finding.Chapter;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.fretboard.Markers;
import roughcut.measure.DecidedValue;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.record.Build;
import roughcut.rout.RoutPlan;
import roughcut.schedule.ShopWork;
import roughcut.shop.Limit;
import roughcut.shop.Shop;

/** What keeps the maker from beginning is a stop in its part of the plan, told alike everywhere. */
class ReadinessTest {

  private static List<Finding> stops(Plan plan, Chapter chapter) {
    return plan.findings().stream()
        .filter(f -> f.stops() && f.topic().chapter() == chapter)
        .toList();
  }

  @Test
  void markersWithoutADepthStopTheFretboard() {
    Plan good = Heron.with();
    assertThat(stops(good, Chapter.FRETBOARD)).isEmpty();
    // A thin dot of 14 mm on a small radius: sanded through at its edge before it shows inside.
    Plan plan =
        Heron.with("marker.thickness=0.5", "marker.diameter=14", "fretboard.radius-nut=150");
    List<String> never = new ArrayList<>();
    double most = 0;
    for (Markers.Dot dot : plan.fretboard().markers().dots()) {
      double r = plan.fretboard().markers().dots().isEmpty() ? 0 : plan.radius().radius(dot.x());
      double outer = Math.abs(dot.y()) + 7;
      double inner = Math.max(0, Math.abs(dot.y()) - 7);
      double lack =
          (r - Math.sqrt(r * r - outer * outer))
              + 0.5
              - 0.5
              - (r - Math.sqrt(r * r - inner * inner));
      if (lack > 0) {
        never.add(Integer.toString(dot.fret()));
        most = Math.max(most, lack);
      }
    }
    assertThat(never).isNotEmpty();
    Finding told = stops(plan, Chapter.FRETBOARD).get(0);
    assertThat(told.where()).isEqualTo("marker.thickness");
    assertThat(told.words())
        .contains("frets " + String.join(", ", never) + ":")
        .contains(String.format(Locale.ROOT, "%.2f mm is missing", most));
    assertThat(plan.standing(Chapter.FRETBOARD).state()).isEqualTo(Clearance.State.STOP);
  }

  @Test
  void aPocketThatFinishClosesStopsTheBody() {
    String in = "pocket.finish=goes-in";
    assertThat(stops(Heron.with(in, "pocket.clearance=0.12", "finish.film=0.12"), Chapter.BODY))
        .isEmpty();
    assertThat(stops(Heron.with("pocket.clearance=0.05", "finish.film=0.12"), Chapter.BODY))
        .as("masked")
        .isEmpty();
    assertThat(Heron.value(Heron.with(in), "pocket.clearance-finished"))
        .as("0.2 with finish in it, less a film of 0.15")
        .isCloseTo(0.05, within(1e-12));
    assertThat(Heron.value(Heron.with(), "pocket.clearance-finished")).isEqualTo(0.1);
    List<Finding> told =
        stops(Heron.with(in, "pocket.clearance=0.05", "finish.film=0.12"), Chapter.BODY);
    assertThat(told).hasSize(1);
    assertThat(told.get(0).where()).isEqualTo("pocket.clearance");
    assertThat(told.get(0).words()).contains("0.07 mm per side");
    assertThat(
            stops(
                Heron.with("neck.fixing=through", in, "pocket.clearance=0.05", "finish.film=0.12"),
                Chapter.BODY))
        .as("no pocket")
        .isEmpty();
  }

  @Test
  void aMissingCutterStopsItsRout() {
    Build build = Heron.build().asDesigned();
    Plan plan = Plan.of(build, Demo.shop().withCutters(List.of()));
    List<String> routs =
        plan.cuts().routs().stream().map(r -> r.words().capital().toString()).toList();
    assertThat(routs).isNotEmpty();
    assertThat(stops(plan, Chapter.ROUTS))
        .extracting(f -> f.words().replaceFirst(":.*", ""))
        .containsExactlyElementsOf(routs);
    assertThat(plan.standing(Chapter.ROUTS).words().toString()).isEqualTo(routs.size() + " to get");
    Plan shipped = Plan.of(build, Demo.shop());
    long lacking =
        shipped.cuts().routs().stream()
            .map(RoutPlan::plan)
            .filter(p -> p.missing().isPresent())
            .count();
    assertThat(stops(shipped, Chapter.ROUTS)).hasSize((int) lacking);
  }

  @Test
  void aBridgeOutOfReachStopsItsStation() {
    Plan plan = Heron.with("heights.solve-for=saddle", "neck.angle=6");
    assertThat(plan.stringPlan().heights().reaches(plan.stringPlan().bridge().kind())).isFalse();
    assertThat(stops(plan, Chapter.STRINGS))
        .anyMatch(f -> f.where().equals("bridge.kind") && f.words().contains("higher than this"));
  }

  @Test
  void lessThanNothingStopsWhateverItsLimit() {
    for (double left : new double[] {-7.4, -0.001, 0, 0.5, 4}) {
      var clearance =
          new Clearance(
              ClearanceKind.INSERT,
              Text.of("curved joint"),
              DecidedValue.of("x", Text.of("x"), left, Quantity.LENGTH),
              new Limit(3, Limit.NO_STOP),
              0,
              0,
              List.of());
      assertThat(clearance.state())
          .as("%s mm", left)
          .isEqualTo(
              left < 0
                  ? Clearance.State.STOP
                  : left < 3 ? Clearance.State.LOOK : Clearance.State.CLEAR);
    }
  }

  /** Counted anew from what the plan lists: clear is nothing at all, and a stop is never a look. */
  @Test
  void standingIsTheWorstOfAllThatIsFound() {
    Random random = new Random(4);
    List<Build> builds = new ArrayList<>(Demo.builds(LocalDate.of(2026, 5, 4)));
    for (int i = 0; i < 12; i++) {
      builds.add(Heron.build().withDesign(Heron.random(random, i % 3 == 0)));
    }
    for (Build build : builds) {
      Plan plan = Plan.of(build, Demo.shop());
      for (Chapter chapter : Chapter.values()) {
        int worst = 0;
        for (Finding f : plan.findings()) {
          if (f.topic().chapter() == chapter) {
            worst = Math.max(worst, f.stops() && !f.missing() ? 2 : 1);
          }
        }
        for (Clearance s : plan.clearances()) {
          if (s.kind().owner() == chapter) {
            worst = Math.max(worst, 2 - s.state().ordinal());
          }
        }
        ChapterStatus status = plan.standing(chapter);
        assertThat(2 - status.state().ordinal())
            .as("%s of %s", chapter, build.name())
            .isEqualTo(worst);
        assertThat(status.words().toString().equals("clear")).isEqualTo(worst == 0);
      }
    }
  }

  /** Report and check say what the plan says, word for word. */
  @Test
  void everyFindingIsInTheReport() throws Exception {
    Plan plan = Heron.with("rod.length=900", "pocket.clearance=0", "marker.thickness=0.3");
    LocalDateTime noon = LocalDateTime.of(2026, 5, 4, 12, 0);
    ShopWork work = ShopWork.of(List.of(plan), noon, ZoneOffset.UTC);
    String json = ReportWriter.json(plan, Bench.of(plan, noon), work);
    var written = new com.fasterxml.jackson.databind.ObjectMapper().readTree(json).get("findings");
    List<String> read = new ArrayList<>();
    written.forEach(
        n ->
            read.add(
                n.get("about").asText() + n.get("state").asText() + n.get("message").asText()));
    assertThat(read)
        .isEqualTo(
            plan.findings().stream()
                .map(f -> f.topic().words().toString() + f.severity().word().toString() + f.words())
                .collect(Collectors.toList()));
    assertThat(read).anyMatch(r -> r.startsWith("neckcan't be"));
  }

  @Test
  void whereAFindingBelongsThereIsADecisionOrABoard() {
    Random random = new Random(11);
    int seen = 0;
    for (int i = 0; i < 40; i++) {
      Plan plan = Plan.of(Heron.build().withDesign(Heron.random(random, true)), Demo.shop());
      for (Finding finding : plan.findings()) {
        if (!finding.where().isEmpty()) {
          seen++;
          boolean there =
              finding
                  .board()
                  .map(b -> plan.shop().board(b).isPresent())
                  .orElseGet(
                      () -> Decisions.find(plan.build().design(), finding.where()).isPresent());
          assertThat(there).as(finding.toString()).isTrue();
        }
      }
    }
    assertThat(seen).isGreaterThan(40);
  }

  @Test
  void aLimitForAKindThatThereIsntIsSaidWithThoseThatThereAre() {
    Shop shop = Demo.shop().withLimit("rod.leest", new Limit(4, 3));
    Plan plan = Plan.of(Heron.build(), shop);
    assertThat(plan.about(Topic.LAYOUT))
        .anyMatch(
            f -> !f.stops() && f.words().contains("rod.leest") && f.words().contains("rod.least"));
    assertThat(Plan.of(Heron.build(), shop.withoutLimit("rod.leest")).about(Topic.LAYOUT))
        .noneMatch(f -> f.words().contains("shop.json"));
  }

  /**
   * An inlay has a depth while the least that holds it is no more than the most that leaves wood.
   */
  @Test
  void anInlayStopsTheFretboardOnlyWhereNoDepthWillDo() {
    int never = 0;
    int sound = 0;
    for (double thick : new double[] {0.3, 0.6, 1, 1.5, 2, 3}) {
      for (int width : new int[] {6, 24, 48}) {
        Plan plan =
            Heron.with(
                "inlay.fret=5",
                "inlay.thickness=" + thick,
                "inlay.width=" + width,
                "fretboard.radius-nut=160");
        var inlay = plan.fretboard().work().inlay().orElseThrow();
        boolean none = inlay.least().value() > inlay.most().value();
        assertThat(stops(plan, Chapter.FRETBOARD).stream().map(Finding::words))
            .as("%s thick, %s wide", thick, width)
            .filteredOn(w -> w.contains("No depth works for the inlay"))
            .hasSize(none ? 1 : 0);
        never += none ? 1 : 0;
        sound += none ? 0 : 1;
      }
    }
    assertThat(never).isPositive();
    assertThat(sound).isPositive();
  }
}
