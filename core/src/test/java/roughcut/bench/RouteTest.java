package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.OrderChange;
import roughcut.finding.Chapter;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.shop.Shop;

/** Orders of work over many builds, held against a plain walk through what is there. */
class RouteTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static List<Build> builds() {
    List<Build> all = new ArrayList<>(Demo.builds(DAY));
    Random random = new Random(1313);
    for (int i = 0; i < 12; i++) {
      all.add(Heron.build().withDesign(Heron.random(random, i % 3 == 0)));
    }
    for (String choice :
        List.of(
            "neck.fixing=glued-in",
            "neck.fixing=through",
            "head.made=one-piece",
            "head.made=flat",
            "head.made=headless",
            "slot.school=after-radius",
            "slot.school=midway",
            "body.back=one-piece",
            "body.back=strips",
            "channel.machine=railed-jig")) {
      all.add(Heron.lived(Heron.build(), choice));
    }
    return all;
  }

  /** A walk that shares no code with the route: every need there, every predecessor done. */
  private static boolean possible(List<Operation> order) {
    Set<String> done = new HashSet<>();
    Set<String> ids = new HashSet<>();
    order.forEach(o -> ids.add(o.id()));
    Set<ReferenceFace> there = EnumSet.noneOf(ReferenceFace.class);
    for (Operation op : order) {
      boolean behind = op.after().keySet().stream().filter(ids::contains).allMatch(done::contains);
      if (!behind
          || !there.containsAll(op.neededFaces())
          || !there.containsAll(op.measuresFrom())) {
        return false;
      }
      there.removeAll(op.destroys());
      there.addAll(op.makes());
      done.add(op.id());
    }
    return true;
  }

  @Test
  void theUsualOrderIsPossibleForEveryInstrument() {
    for (Build build : builds()) {
      List<Operation> order = Operations.of(Plan.of(build, Demo.shop()));
      assertThat(order).as(build.name()).hasSizeGreaterThan(45);
      assertThat(order.stream().map(Operation::id)).doesNotHaveDuplicates();
      assertThat(possible(order)).as(build.name() + build.design().choices()).isTrue();
      assertThat(Route.refusal(order)).isEmpty();
      assertThat(order).allMatch(o -> o.minutes() > 0 && !o.title().toString().isBlank());
      assertThat(order.stream().flatMap(o -> o.after().keySet().stream()))
          .as("nothing comes after itself")
          .isNotEmpty();
    }
  }

  /** Titles as one would tell a helper: what the cut is for, how many, from where. */
  @Test
  void cutsAreToldAsOneWouldTellAHelper() {
    List<String> titles =
        Demo.builds(DAY).stream()
            .flatMap(b -> Operations.of(Plan.of(b, Demo.shop())).stream())
            .map(o -> o.title().toString())
            .toList();
    assertThat(titles)
        .contains(
            "Rout the neck pocket, from the top",
            "Rout for the neck pickup, from the top",
            "Rout the cavity for the controls, from the back",
            "Rout the channel for the neck wire, from the glue face",
            "Drill the channel for the bridge wire, from a neighbouring rout",
            "Drill for 4 neck bolts, from the back",
            "Drill for the controls cover: 4 screws, from the back",
            "Drill for the volume control, from the top",
            "Drill for the output jack, into the edge",
            "Drill through for 7 strings, from the top",
            "Drill 2 index holes, from the top",
            "Cut the bridge upper rout, from the top",
            "Drill, saw and file the slot of the lever control, from the top");
    assertThat(titles).noneMatch(t -> t.contains("×") || t.contains("  "));
  }

  @Test
  void everySettingIsTheUsualPlansOwnValue() {
    for (Build build : Demo.builds(DAY)) {
      Plan plan = Plan.of(build, Demo.shop());
      Set<String> known = new HashSet<>();
      int missing = 0;
      for (Operation op : Operations.of(plan)) {
        for (String id : op.settings()) {
          missing += plan.value(id).isPresent() ? 0 : 1;
          known.add(id);
        }
      }
      assertThat(known).hasSizeGreaterThan(100);
      assertThat(missing).as("only what this construction hasn't").isLessThan(known.size() / 6);
    }
  }

  @Test
  void aDragIsRefusedExactlyWhenItCantBeAndSaysWhy() {
    Random random = new Random(77);
    int refused = 0;
    int taken = 0;
    for (Build build : Demo.builds(DAY)) {
      List<Operation> usual = Operations.of(Plan.of(build, Demo.shop()));
      List<OrderChange> changes = new ArrayList<>();
      Route route = Route.of(usual, changes);
      for (int i = 0; i < 150; i++) {
        String moved = usual.get(random.nextInt(usual.size())).id();
        String before = random.nextInt(20) == 0 ? "" : usual.get(random.nextInt(usual.size())).id();
        if (moved.equals(before)) {
          continue;
        }
        OrderChange change = new OrderChange(moved, before);
        boolean can = possible(Route.reordered(route.order(), change));
        assertThat(route.refusal(change).isEmpty()).as(change.toString()).isEqualTo(can);
        if (can) {
          taken++;
          changes.add(change);
          route = Route.of(usual, changes);
          assertThat(route.refused()).isEmpty();
          assertThat(possible(route.order())).isTrue();
          assertThat(route.order()).hasSameElementsAs(usual);
        } else {
          refused++;
          assertThat(route.refusal(change).orElseThrow().toString()).contains("“").contains("”");
        }
      }
    }
    assertThat(taken).isGreaterThan(60);
    assertThat(refused).isGreaterThan(50);
  }

  @Test
  void aChangeThatNoLongerFitsIsSaidAndLeftOut() {
    Build jig = Heron.lived(Heron.build(), "channel.machine=railed-jig");
    OrderChange early = new OrderChange("neck.outline", "rod.channel");
    Route byJig = Route.of(Operations.of(Plan.of(jig, Demo.shop())), List.of(early));
    assertThat(byJig.refused()).isEmpty();
    Route byFence = Route.of(Operations.of(Plan.of(Heron.build(), Demo.shop())), List.of(early));
    assertThat(byFence.refused()).hasSize(1);
    assertThat(possible(byFence.order())).isTrue();
    Route unknown =
        Route.of(
            Operations.of(Plan.of(jig, Demo.shop())),
            List.of(new OrderChange("no.such", "rod.channel"), new OrderChange("neck.glue", "no")));
    assertThat(unknown.refused()).isEmpty();
  }

  private static boolean stopped(Bench bench, Operation op) {
    return !op.problems().isEmpty()
        || bench.step(op.id()).orElseThrow().owed().stream().anyMatch(o -> stopped(bench, o))
        || op.after().keySet().stream()
            .flatMap(id -> bench.step(id).stream())
            .filter(s -> s.state() != Bench.State.DONE)
            .anyMatch(s -> stopped(bench, s.operation()))
        || bench.steps().stream()
            .filter(s -> s.state() != Bench.State.DONE && s.operation() != op)
            .filter(s -> s.operation().makes().stream().anyMatch(op.needs()::contains))
            .anyMatch(s -> stopped(bench, s.operation()));
  }

  /** Doing whatever can be done, in whatever order, always gets to the end, and nothing is owed. */
  @Test
  void whateverIsReadyIsDoneTheInstrumentIsFinished() {
    Random random = new Random(4);
    for (Build demo : Demo.builds(DAY)) {
      Build build = demo;
      LocalDateTime now = LocalDateTime.of(2026, 6, 1, 9, 0);
      Plan plan = Plan.of(build, Demo.shop());
      int steps = Operations.of(plan).size();
      for (int i = 0; i <= steps; i++) {
        // What was done changes nothing in what there is to do.
        Plan here =
            new Plan(
                build,
                plan.shop(),
                plan.layout(),
                plan.fretboard(),
                plan.stringPlan(),
                plan.neckPlan(),
                plan.blanks(),
                plan.bodyPlan(),
                plan.result(),
                plan.drawn());
        Bench bench = Bench.of(here, now);
        List<Bench.OperationStatus> ready = bench.ready();
        if (ready.isEmpty()) {
          // What is left is what the plan itself stops, and what stands on it.
          assertThat(bench.steps().stream().filter(s -> s.state() != Bench.State.DONE))
              .allMatch(s -> s.state() == Bench.State.NOT_YET || s.state() == Bench.State.OWES)
              .allMatch(s -> stopped(bench, s.operation()));
          break;
        }
        Bench.OperationStatus next = ready.get(random.nextInt(ready.size()));
        build = bench.done(build, next.operation(), java.time.Duration.ofMinutes(10), "", "");
        now = now.plusDays(20);
        assertThat(i).as("it ends").isLessThan(steps);
      }
    }
  }

  /** A rack without a board: nothing that begins with wood can be done, whatever is built. */
  @Test
  void withoutABoardNothingOfWoodIsReady() {
    Shop bare = Demo.shop().withBoards(List.of());
    int topped = 0;
    for (Build demo : Demo.builds(LocalDate.of(2026, 5, 4))) {
      for (String top : List.of("body.top-thickness=0", "body.top-thickness=6")) {
        Build build = demo.withLog(Log.NONE).withDesign(Heron.set(demo.design(), top));
        Plan plan = Plan.of(build, bare);
        List<Operation> ready =
            Bench.of(plan, LocalDateTime.of(2026, 5, 4, 12, 0)).ready().stream()
                .map(Bench.OperationStatus::operation)
                .toList();
        assertThat(ready).as("%s, %s", demo.name(), top).extracting(Operation::id).isEmpty();
        topped += Operations.of(plan).stream().anyMatch(o -> o.part() == PartId.TOP) ? 1 : 0;
      }
    }
    assertThat(topped).isGreaterThanOrEqualTo(4);
  }

  /** A film goes on what is whole: sanding waits for every cut and all else of the body. */
  @Test
  void nothingIsCutThroughAFilm() {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      List<Operation> all = Operations.of(Plan.of(build, Demo.shop()));
      Operation sand = all.stream().filter(o -> o.id().equals("finish.sand")).findFirst().get();
      List<String> cuts =
          all.stream()
              .map(Operation::id)
              .filter(id -> id.startsWith(DoneOperation.cut("")))
              .toList();
      assertThat(cuts).isNotEmpty();
      assertThat(sand.after().keySet()).as(build.name()).containsAll(cuts);
      assertThat(
              all.stream()
                  .filter(o -> o.chapter() == Chapter.BODY && !o.id().startsWith("finish."))
                  .filter(o -> all.indexOf(o) < all.indexOf(sand))
                  .map(Operation::id))
          .isSubsetOf(sand.after().keySet());
    }
  }

  /** A cover's screws stand in its ledge, which is cut before; a veneer is one, however thin. */
  @Test
  void screwsWaitForTheirLedgeAndAThinVeneerIsGluedToo() {
    int screws = 0;
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      List<Operation> all = Operations.of(Plan.of(build, Demo.shop()));
      for (Operation op : all) {
        if (op.id().startsWith(DoneOperation.cut("")) && op.id().endsWith("-screw")) {
          String whole = op.id().substring(0, op.id().length() - "-screw".length());
          if (all.stream().anyMatch(o -> o.id().equals(whole))) {
            screws++;
            assertThat(op.after()).as(build.name()).containsKey(whole);
          }
        }
      }
    }
    assertThat(screws).isPositive();
    for (String veneer : new String[] {"0", "0.6", "1.5"}) {
      assertThat(Operations.of(Heron.with("head.face-veneer=" + veneer)))
          .extracting(Operation::id)
          .filteredOn("head.veneer"::equals)
          .hasSize(veneer.equals("0") ? 0 : 1);
    }
  }
}
