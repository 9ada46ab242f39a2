package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Choice;
import roughcut.design.ChoiceDecision;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.DrawnPart;
import roughcut.design.FretboardDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.RoutDecisions;
import roughcut.drawing.AllDrawings;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.shop.Shop;
import roughcut.whatif.ChangeSummary;

/** What is taken from the plan before is as it would be made from nothing, in every number. */
class PlanEngineTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);
  private static final Shop SHOP = Demo.shop();

  private static Build demo(String name) {
    return Demo.builds(DAY).stream().filter(b -> b.name().equals(name)).findFirst().orElseThrow();
  }

  /** Every number with where it comes from, one line each. */
  private static List<String> numbers(Plan plan) {
    List<String> lines = new ArrayList<>();
    for (Map.Entry<String, Value> e : plan.values().entrySet()) {
      Value v = e.getValue();
      lines.add(
          e.getKey()
              + "="
              + v.value()
              + " "
              + v.label().toString()
              + " "
              + v.how().toString()
              + " "
              + inputs(v));
    }
    return lines;
  }

  private static List<String> inputs(Value value) {
    return value.inputs().stream()
        .map(i -> i.symbol() + ":" + i.value().id() + "=" + i.value().value())
        .toList();
  }

  private static void same(String what, Plan is, Plan wanted) {
    // By their prints first: all that a number was made from, in one.
    if (!is.values().equals(wanted.values())) {
      assertThat(numbers(is)).as(what).isEqualTo(numbers(wanted));
      assertThat(is.values()).as(what).isEqualTo(wanted.values());
    }
    assertThat(is.values().keySet()).as(what).containsExactlyElementsOf(wanted.values().keySet());
    assertThat(is.clearances()).as(what).isEqualTo(wanted.clearances());
    assertThat(is.findings()).as(what).isEqualTo(wanted.findings());
    assertThat(is.build()).as(what).isEqualTo(wanted.build());
    assertThat(is.cuts().levelTops()).as(what).isEqualTo(wanted.cuts().levelTops());
    assertThat(is.cuts().bases().keySet()).as(what).isEqualTo(wanted.cuts().bases().keySet());
    is.cuts()
        .bases()
        .forEach((n, b) -> assertThat(b).as(what + n).isEqualTo(wanted.cuts().bases().get(n)));
  }

  private static void sameDrawn(String what, Plan is, Plan wanted) {
    Map<String, Object> seen = new TreeMap<>();
    AllDrawings.of(is, Units.MM).forEach((n, d) -> seen.put(n, d.get().marks()));
    AllDrawings.of(wanted, Units.MM)
        .forEach((n, d) -> assertThat(seen.get(n)).as(what + ", " + n).isEqualTo(d.get().marks()));
  }

  private static Design edited(Design design, Decision decision, Random random) {
    return decision
        .number()
        .map(n -> moved(design, n, random))
        .orElseGet(() -> chosen(design, decision.choice().orElseThrow(), random));
  }

  private static Design moved(Design design, NumberDecision number, Random random) {
    double now = number.in(design);
    double to =
        random.nextInt(4) == 0
            ? number.least() + random.nextDouble() * Math.min(60, number.most() - number.least())
            : now + number.step() * (1 + random.nextInt(3));
    double decided = number.quantity() == Quantity.COUNT ? Math.rint(to) : to;
    return number.allows(decided) ? number.with(design, decided) : design;
  }

  private static Design chosen(Design design, ChoiceDecision<?> choice, Random random) {
    List<Choice> all = choice.offered(SHOP.woods());
    return choice.choosing(design, all.get(random.nextInt(all.size())));
  }

  /**
   * Once work has begun every decision is written into the log; only what it touches is made anew
   * all the same, in the plan of the wood as it is and in the one before anything was measured.
   */
  @Test
  void whatIsWrittenDownPlansNothingAnew() {
    Build heron = demo("Heron");
    assertThat(heron.log().hasStarted()).isTrue();
    PlanEngine engine = new PlanEngine();
    engine.plan(heron, SHOP).asDrawn().orElseThrow();
    List<Object> whole = engine.remade();
    Build next = heron;
    for (int i = 0; i < 4; i++) {
      Design design = moved(next.design(), FretboardDecisions.SIDE_DOT_DOWN, new Random(5));
      Build edited =
          ChangeSummary.written(next, next.withDesign(design), DAY.plusDays(i).atTime(9, 0));
      assertThat(edited.log().decided()).hasSize(next.log().decided().size() + 1);
      Plan plan = engine.plan(edited, SHOP);
      assertThat(engine.remade().size()).isLessThan(whole.size() / 4);
      same("as it is", plan, Plan.of(edited, SHOP));
      same("as drawn", plan.asDrawn().orElseThrow(), Plan.of(edited.asDesigned(), SHOP));
      assertThat(engine.asDesigned(edited, SHOP)).isSameAs(plan.asDrawn().orElseThrow());
      next = edited;
    }
  }

  /** An older plan that is asked late still knows what was drawn when it was made. */
  @Test
  void anOlderPlanKeepsItsOwnDrawing() {
    Build heron = demo("Heron");
    PlanEngine engine = new PlanEngine();
    Plan first = engine.plan(heron, SHOP);
    Build other = heron.withDesign(Heron.set(heron.design(), "scale.length=660"));
    engine.plan(other, SHOP).asDrawn().orElseThrow();
    assertThat(first.asDrawn().orElseThrow().frets().scale().value()).isEqualTo(640);
    assertThat(first.fromWood(first.value("blank.width").orElseThrow()))
        .isEqualTo(
            Plan.of(heron, SHOP).fromWood(Plan.of(heron, SHOP).value("blank.width").orElseThrow()));
  }

  /**
   * One decision after the other, from the demo as it is and back: nothing is taken that it moves.
   */
  @ParameterizedTest
  @CsvSource({"Heron, 0, 2", "Dunlin, 1, 4"})
  void everyDecisionIsHeard(String name, int first, int each) {
    Build build = demo(name);
    PlanEngine engine = new PlanEngine();
    Random random = new Random(28);
    List<Decision> all = Decisions.of(build.design());
    for (int i = first; i < all.size(); i += each) {
      Build edited = build.withDesign(edited(build.design(), all.get(i), random));
      engine.plan(build, SHOP);
      same(name + " " + all.get(i).id(), engine.plan(edited, SHOP), Plan.of(edited, SHOP));
    }
    same(name, engine.plan(build, SHOP), Plan.of(build, SHOP));
  }

  /** Edits on edits, undone now and then, with readings and work done between. */
  @ParameterizedTest
  @CsvSource({"Heron, 1", "Bittern, 2", "Dunlin, 3", "Avocet, 4"})
  void anyWayThroughEditsEndsAtTheSamePlan(String name, int seed) {
    Random random = new Random(seed);
    PlanEngine engine = new PlanEngine();
    Deque<Build> before = new ArrayDeque<>();
    Build build = demo(name);
    engine.plan(build, SHOP);
    for (int i = 0; i < 26; i++) {
      before.push(build);
      List<Decision> all = Decisions.of(build.design());
      build =
          switch (random.nextInt(12)) {
            case 0 -> before.size() > 2 ? back(before) : build;
            case 1 -> build.withReading(Reading.of("body.thickness", 44 + random.nextInt(3), DAY));
            case 2 ->
                build.withLog(build.log().turned("body.saw", DAY.atStartOfDay().plusMinutes(i)));
            case 3 -> build.withName("Another " + i);
            case 4, 5 -> build.withDesign(redrawn(engine.plan(build, SHOP), random));
            default ->
                build.withDesign(
                    edited(build.design(), all.get(random.nextInt(all.size())), random));
          };
      Plan is = engine.plan(build, SHOP);
      Plan wanted = Plan.of(build, SHOP);
      same(name + " " + i, is, wanted);
      if (i % 13 == 12) {
        sameDrawn(name + " " + i, is, wanted);
      }
    }
  }

  /** A part's outline drawn by its points, one of them elsewhere. */
  private static Design redrawn(Plan plan, Random random) {
    List<DrawnPart> parts = new ArrayList<>(DrawnPart.WHOLE);
    plan.build().design().fittings().forEach(f -> DrawnPart.of(f).ifPresent(parts::add));
    PointOutline outline =
        PointOutline.of(plan, parts.get(random.nextInt(parts.size()))).orElseThrow();
    int point = 1 + random.nextInt(outline.chain().points() - 2);
    Grip grip = new Grip.OutlinePoint(outline.part(), point, Grip.Hold.POINT);
    return outline.dragged((Grip.OutlinePoint) grip, -2, 1.5).design();
  }

  /** What has to do with the neck is none of a cavity's business. */
  @Test
  void aCavitysPointMakesOnlyTheBodyAnew() {
    PlanEngine engine = new PlanEngine();
    Build heron = demo("Heron").asDesigned();
    DrawnPart part = DrawnPart.of(heron.design().fitting("controls").orElseThrow()).orElseThrow();
    Plan before = engine.plan(heron, SHOP);
    Build drawn = heron.withDesign(PointOutline.of(before, part).orElseThrow().begun());
    Plan first = engine.plan(drawn, SHOP);
    assertThat(first.neck()).isSameAs(before.neck());
    Grip grip = new Grip.OutlinePoint(part, 2, Grip.Hold.POINT);
    Build moved = drawn.withDesign(Drag.of(first, grip, -1, -1).orElseThrow().design());
    Plan second = engine.plan(moved, SHOP);
    assertThat(second.neck()).isSameAs(first.neck());
    assertThat(second.layout()).isSameAs(first.layout());
    assertThat(engine.remade()).noneMatch(k -> k.toString().equals("fitting jack"));
    same("moved", second, Plan.of(moved, SHOP));
    assertThat(second.cuts().cut("controls")).isNotEqualTo(first.cuts().cut("controls"));
  }

  private static Build back(Deque<Build> before) {
    before.pop();
    return before.pop();
  }

  @Test
  void whatAnEditDoesNotTouchIsTheSameObject() {
    Build build = demo("Heron");
    PlanEngine engine = new PlanEngine();
    Plan first = engine.plan(build, SHOP);
    assertThat(engine.plan(demo("Heron"), SHOP)).isSameAs(first);
    Build edited =
        build.withDesign(
            ((NumberDecision) Decisions.find(build.design(), RoutDecisions.FILM.id()).orElseThrow())
                .with(build.design(), 0.4));
    Plan second = engine.plan(edited, SHOP);
    assertThat(second.layout()).isSameAs(first.layout());
    assertThat(second.fretboard()).isSameAs(first.fretboard());
    assertThat(second.bodyPlan()).isNotSameAs(first.bodyPlan());
    // Another shop, a reading, work done: all is made anew.
    assertThat(engine.plan(edited, SHOP.withName("another")).layout()).isNotSameAs(first.layout());
  }
}
