package roughcut.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.bench.Operation;
import roughcut.bench.Operations;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.file.BuildFile;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Brief;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.rout.RoutKeys;
import roughcut.shop.Board;
import roughcut.shop.Finish;
import roughcut.shop.FinishBook;
import roughcut.shop.Shop;
import roughcut.shop.ShopHours;
import roughcut.whatif.LogBook;

/** What a build has to hold to, and what would buy the days that are missing. */
class BriefTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 12, 0);
  private static final String MASS = RoutKeys.INSTRUMENT_MASS.id();

  private static Brief.Wish wish(String words, Brief.Kind kind, String value, double limit) {
    return new Brief.Wish(words, kind, value, limit, false);
  }

  private static BriefCheck check(Build build, Brief.Wish wish) {
    Plan plan = Plan.of(build.withBrief(Brief.NONE.with(wish)), Demo.shop());
    return BriefCheck.of(plan, Optional.empty(), Units.MM).get(0);
  }

  @Test
  void numbersHoldAreCloseOrBrokenBySoMuch() {
    double mass = Plan.of(Heron.build(), Demo.shop()).value(MASS).orElseThrow().value();
    assertThat(check(Heron.build(), wish("light", Brief.Kind.AT_MOST, MASS, mass + 500)).state())
        .isEqualTo(BriefCheck.State.HOLDS);
    assertThat(check(Heron.build(), wish("light", Brief.Kind.AT_MOST, MASS, mass + 5)).state())
        .isEqualTo(BriefCheck.State.CLOSE);
    BriefCheck broken = check(Heron.build(), wish("light", Brief.Kind.AT_MOST, MASS, mass - 250));
    assertThat(broken.state()).isEqualTo(BriefCheck.State.BROKEN);
    assertThat(broken.how().toString()).endsWith("missed by 250 g");
    assertThat(check(Heron.build(), wish("heavy", Brief.Kind.AT_LEAST, MASS, mass + 250)).state())
        .isEqualTo(BriefCheck.State.BROKEN);
    assertThat(check(Heron.build(), wish("odd", Brief.Kind.AT_MOST, "no.such", 1)).state())
        .isEqualTo(BriefCheck.State.UNKNOWN);
  }

  @Test
  void aBoltedNeckComesApartAndAGluedOneDoesNot() {
    Brief.Wish apart = wish("in a case", Brief.Kind.COMES_APART, "", 0);
    assertThat(check(Heron.build(), apart).state()).isEqualTo(BriefCheck.State.HOLDS);
    assertThat(check(Demo.dunlin(NOW.toLocalDate()), apart).state())
        .isEqualTo(BriefCheck.State.BROKEN);
  }

  @Test
  void woodInHandIsWhatLiesOnTheRack() {
    Brief.Wish wood = wish("only what is here", Brief.Kind.ONLY_IN_HAND, "", 0);
    Plan bare =
        Plan.of(Heron.build().withBrief(Brief.NONE.with(wood)), Demo.shop().withBoards(List.of()));
    assertThat(BriefCheck.of(bare, Optional.empty(), Units.MM).get(0).state())
        .isEqualTo(BriefCheck.State.BROKEN);
  }

  /** A brief comes back from its file as it was; emptied, it stays empty. */
  @Test
  void aBriefIsKept(@TempDir Path folder) throws Exception {
    Brief brief =
        Brief.NONE
            .withDue(Optional.of(LocalDate.of(2026, 7, 1)))
            .with(wish("at most 3.5 kg", Brief.Kind.AT_MOST, MASS, 3500))
            .with(wish("the curve must be seen", Brief.Kind.BY_EYE, "", 0).found(true))
            .fixed("neck.carve", Optional.of(NOW.plusDays(3)));
    Path path = folder.resolve("a.roughcut.json");
    BuildFile file = BuildFile.at(path);
    file.save(Heron.build().withBrief(brief));
    BuildFile.Opened opened = BuildFile.open(path);
    assertThat(opened.build().brief()).isEqualTo(brief);
    opened.file().save(opened.build().withBrief(Brief.NONE));
    assertThat(BuildFile.open(path).build().brief()).isEqualTo(Brief.NONE);
    assertThatThrownBy(() -> wish(" ", Brief.Kind.BY_EYE, "", 0)).hasMessageContaining("words");
    assertThatThrownBy(() -> wish("x", Brief.Kind.AT_MOST, MASS, Double.NaN))
        .hasMessageContaining("enter the number");
  }

  /** Dunlin can't be done in time, and what would buy days really does when it is done. */
  @Test
  void whatBuysDaysBuysThem() {
    Build due =
        Demo.dunlin(NOW.toLocalDate())
            .withBrief(Brief.NONE.withDue(Optional.of(NOW.toLocalDate().plusDays(20))));
    Plan plan = Plan.of(due, Demo.shop());
    Schedule.Outcome stands = outcome(plan, plan.shop().hours());
    assertThat(stands.late()).isTrue();
    List<ScheduleSavings> buys = ScheduleSavings.of(List.of(plan), 0, Map.of(), NOW, ZONE);
    assertThat(buys).isNotEmpty().hasSizeLessThanOrEqualTo(3);
    double before = Double.MAX_VALUE;
    for (ScheduleSavings one : buys) {
      assertThat(one.days()).isPositive().isLessThanOrEqualTo(before);
      before = one.days();
      Plan next = one.build().map(c -> Plan.of(c.apply(due), plan.shop())).orElse(plan);
      ShopHours hours =
          one.hours().map(h -> h.apply(plan.shop().hours())).orElse(plan.shop().hours());
      Schedule.Outcome then = outcome(next, hours);
      assertThat(then.slackDays().orElseThrow() - stands.slackDays().orElseThrow())
          .as(one.words().toString())
          .isCloseTo(one.days(), org.assertj.core.api.Assertions.within(1e-6));
    }
  }

  /** Every way that changes the build was judged: nothing stops, no wood is missing. */
  @Test
  void noWayThatSpoilsTheBuildIsOffered() {
    int changed = 0;
    boolean onePiece = false;
    for (Build demo : Demo.builds(NOW.toLocalDate())) {
      Build due = demo.withBrief(Brief.NONE.withDue(Optional.of(NOW.toLocalDate().plusDays(3))));
      Plan plan = Plan.of(due, Demo.shop());
      for (ScheduleSavings one : ScheduleSavings.of(List.of(plan), 0, Map.of(), NOW, ZONE, 99)) {
        if (one.build().isEmpty()) {
          continue;
        }
        changed++;
        onePiece |= one.words().toString().startsWith("a one-piece neck");
        Plan next = Plan.of(one.build().get().apply(due), Demo.shop());
        assertThat(next.boards().homeless())
            .as(one.words().toString())
            .hasSizeLessThanOrEqualTo(plan.boards().homeless().size());
        assertThat(next.problems())
            .as(one.words().toString())
            .hasSizeLessThanOrEqualTo(plan.problems().size());
        assertThat(stops(next)).as(one.words().toString()).isSubsetOf(stops(plan));
      }
    }
    assertThat(changed).isGreaterThan(3);
    assertThat(onePiece).isTrue();
  }

  private static final String ONE_PIECE = "a one-piece neck";

  private static List<String> offered(Plan plan) {
    return ScheduleSavings.of(List.of(plan), 0, Map.of(), NOW, ZONE, 99).stream()
        .map(s -> s.words().toString())
        .toList();
  }

  private static Build unmade(Build build) {
    return build.withLog(Log.NONE);
  }

  private static Design onePiece(Design design) {
    Stack stack = design.neckStack();
    Strip widest =
        stack.strips().stream().max(Comparator.comparingDouble(Strip::thickness)).orElseThrow();
    double all = stack.strips().stream().mapToDouble(Strip::thickness).sum();
    Strip one = new Strip(widest.species(), all, widest.grain());
    return design.withNeckStack(new Stack(List.of(one), false));
  }

  private static Shop narrowed(double most) {
    Shop shop = Demo.shop();
    return shop.withBoards(
        shop.boards().stream()
            .map(
                b ->
                    b.width().orElse(0) > most
                        ? b.withMarks(List.of()).withWidth(OptionalDouble.of(most))
                        : b)
            .toList());
  }

  /** Boards too narrow for a one-piece neck, and wide enough for its strips: it isn't offered. */
  @Test
  void aWayThatWantsWoodThatIsNotThereIsNotOffered() {
    int missing = 0;
    int there = 0;
    for (Build demo : Demo.builds(NOW.toLocalDate())) {
      Build build = unmade(demo);
      if (build.design().neckStack().size() < 2) {
        continue;
      }
      for (double width : new double[] {300, 90, 70, 55, 40}) {
        Plan plan = Plan.of(build, narrowed(width));
        Plan next = Plan.of(build.withDesign(onePiece(build.design())), plan.shop());
        boolean wanting = next.boards().homeless().size() > plan.boards().homeless().size();
        boolean said = offered(plan).stream().anyMatch(w -> w.startsWith(ONE_PIECE));
        assertThat(wanting && said).as("%s, boards %s wide", build.name(), width).isFalse();
        missing += wanting ? 1 : 0;
        there += said ? 1 : 0;
      }
    }
    assertThat(missing).isPositive();
    assertThat(there).as("offered where there is wood").isPositive();
  }

  /** Strips that are sawn and glued aren't unmade for a few days. */
  @Test
  void aWayThatSpoilsWhatIsMadeIsNotOffered() {
    int offered = 0;
    for (Build demo : Demo.builds(NOW.toLocalDate())) {
      Build build = unmade(demo);
      Plan plan = Plan.of(build, Demo.shop());
      if (offered(plan).stream().noneMatch(w -> w.startsWith(ONE_PIECE))) {
        continue;
      }
      offered++;
      Build sawn = build;
      for (Operation operation : Operations.of(plan)) {
        if (operation.id().startsWith("neck.strip") || operation.id().equals("neck.glue-up")) {
          sawn = sawn.withLog(sawn.log().with(DoneOperation.of(operation.id(), NOW)));
        }
      }
      assertThat(sawn.log().done()).as("something is sawn").isNotEmpty();
      assertThat(offered(Plan.of(sawn, Demo.shop())))
          .as(build.name())
          .noneMatch(w -> w.startsWith(ONE_PIECE));
    }
    assertThat(offered).isPositive();
  }

  /** A body that only its top makes thick enough for what is cut into it keeps its top. */
  @Test
  void aWayThatStopsTheCutIsNotOffered() {
    String topless = "a body without a top glued on";
    int stopping = 0;
    for (Build demo : Demo.builds(NOW.toLocalDate())) {
      for (double thick = 24; thick <= 46; thick += 2) {
        Build build = unmade(demo);
        build =
            build.withDesign(
                Heron.set(build.design(), "body.thickness=" + thick, "body.top-thickness=6"));
        Plan plan = Plan.of(build, Demo.shop());
        Plan next =
            Plan.of(
                build.withDesign(Heron.set(build.design(), "body.top-thickness=0")), Demo.shop());
        Set<String> fresh = stops(next);
        fresh.removeAll(stops(plan));
        if (!fresh.isEmpty() || next.problems().size() > plan.problems().size()) {
          stopping++;
          assertThat(offered(plan)).as("%s, %s thick", demo.name(), thick).doesNotContain(topless);
        }
      }
    }
    assertThat(stopping).isPositive();
  }

  private static Set<String> stops(Plan plan) {
    return plan.clearances().stream()
        .filter(s -> s.state() == Clearance.State.STOP)
        .map(s -> s.left().id())
        .collect(Collectors.toSet());
  }

  private static Schedule.Outcome outcome(Plan plan, ShopHours hours) {
    return Schedule.of(ShopPlanning.of(List.of(plan), hours, Map.of()), hours, NOW, ZONE)
        .outcomes()
        .get(0);
  }

  /** A finish is as many operations as it has coats, each waiting for the one before. */
  @Test
  void everyFinishIsItsCoats() {
    for (Finish finish : FinishBook.all()) {
      Plan plan = Heron.with("finish.kind=" + finish.id());
      List<Operation> coats =
          Operations.of(plan).stream().filter(o -> o.id().startsWith("finish.coat")).toList();
      assertThat(coats).as(finish.name()).hasSize(finish.coats());
      double hours = coats.stream().mapToDouble(o -> o.waiting().orElseThrow().listed()).sum();
      assertThat(hours)
          .isEqualTo(
              finish.coats() == 0 ? 0 : finish.between() * (finish.coats() - 1) + finish.hard());
      assertThat(coats.stream().flatMap(o -> o.cautions().stream()).collect(Collectors.toSet()))
          .as("rags can catch fire")
          .matches(
              c ->
                  c.stream().anyMatch(x -> x.name().equals("OILY_RAGS"))
                      == finish.danger().equals("rags"));
      assertThat(plan.value("finish.film").map(v -> v.value()).orElse(finish.film()))
          .isEqualTo(finish.film());
    }
    List<String> ids = new ArrayList<>();
    Operations.of(Heron.with("finish.kind=none")).forEach(o -> ids.add(o.id()));
    assertThat(ids).contains("strings.on").doesNotContain("finish.mask");
  }

  /** Priced one by one: what is laid on counts, to the cent, and the log book says the same. */
  @Test
  void woodCostsWhatItsBoardsCost() {
    Build build = Heron.build();
    Plan plan = Plan.of(build, Demo.shop());
    Set<String> used =
        plan.boards().laid().stream().map(l -> l.board()).collect(Collectors.toSet());
    assertThat(used).isNotEmpty();
    Shop priced = Demo.shop();
    double sum = 0;
    double price = 7.25;
    List<Board> boards = new ArrayList<>();
    for (Board board : priced.boards()) {
      boards.add(board.withPrice(OptionalDouble.of(price)));
      sum += used.contains(board.id()) ? price : 0;
      price += 3.5;
    }
    priced = priced.withBoards(boards);
    assertThat(LogBook.wood(Plan.of(build, priced))).hasValue(sum);
    for (double over : new double[] {-0.01, 0, 0.01}) {
      Brief.Wish wish = wish("cheap", Brief.Kind.COSTS_AT_MOST, "", sum + over);
      Plan asked = Plan.of(build.withBrief(Brief.NONE.with(wish)), priced);
      assertThat(BriefCheck.of(asked, Optional.empty(), Units.MM).get(0).state())
          .as("at most %s more", over)
          .satisfies(s -> assertThat(s == BriefCheck.State.BROKEN).isEqualTo(over < 0));
    }
    Shop one =
        priced.withBoards(
            boards.stream()
                .map(b -> b.id().equals(used.iterator().next()) ? unpriced(b) : b)
                .toList());
    assertThat(LogBook.wood(Plan.of(build, one))).as("one has no price").isEmpty();
  }

  private static Board unpriced(Board board) {
    return board.withPrice(OptionalDouble.empty());
  }
}
