package roughcut.whatif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.NumberDecision;
import roughcut.measure.Said;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.ChangedDecision;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Reading;

/** What happened between two moments of a build is told in words, all of it and nothing else. */
class ChangeSummaryTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static List<String> between(Build before, Build after) {
    return Said.all(ChangeSummary.between(before, after, Units.MM, UnaryOperator.identity()));
  }

  private static NumberDecision number(String id) {
    return (NumberDecision) Decisions.find(Heron.build().design(), id).orElseThrow();
  }

  private static Build decided(Build build, String id, double value) {
    return build.withDesign(number(id).with(build.design(), value));
  }

  @Test
  void nothingHappenedNothingIsTold() {
    assertThat(between(Heron.build(), Heron.build())).isEmpty();
  }

  @Test
  void aWorkedExample() {
    Build before = Heron.build();
    Build after =
        decided(before, "head.length", 190)
            .withName("Heron with a longer headstock")
            .withReading(Reading.of("nut.thickness", 5.9, NOON));
    after = after.withLog(after.log().with(DoneOperation.of("bridge.bore", NOON)));
    assertThat(between(before, after))
        .containsExactly(
            "renamed “Heron” → “Heron with a longer headstock”",
            "Headstock length 185.0 mm → 190.0 mm",
            "measured: Nut thickness 5.9 mm",
            "done: “bridge.bore”");
    assertThat(between(after, before))
        .containsExactly(
            "renamed “Heron with a longer headstock” → “Heron”",
            "Headstock length 190.0 mm → 185.0 mm",
            "removed: Nut thickness 5.9 mm",
            "marked not done: “bridge.bore”");
  }

  @Test
  void operationsAreCalledAsThePlanCallsThem() {
    Plan plan = Heron.with();
    UnaryOperator<String> titles = ChangeSummary.titles(plan);
    assertThat(titles.apply("neck.carve")).isNotEqualTo("neck.carve").startsWith("Carve");
    assertThat(titles.apply("no.such")).isEqualTo("no.such");
  }

  @Test
  void aFittingTakenOutIsNamedAndItsOwnNumbersAreNotTold() {
    Build before = Heron.build();
    String name = before.design().fittings().get(0).name();
    String words = before.design().fittings().get(0).words().toString();
    Build after = before.withoutFitting(name);
    assertThat(between(before, after)).contains("removed: " + words);
    assertThat(between(after, before)).contains("added: " + words);
    assertThat(between(before, after)).noneMatch(l -> l.contains("→") && l.contains("no such"));
  }

  /** Any decision that is changed is told in a line that names it, with both values. */
  @Test
  void everyDecisionThatIsChangedIsTold() {
    Random random = new Random(7);
    Build before = Heron.build();
    Design design = before.design();
    int tried = 0;
    for (Decision decision : Decisions.of(design)) {
      if (decision instanceof NumberDecision n) {
        double now = n.in(design);
        double room = n.most() - n.least();
        double other = n.least() + Math.rint(random.nextDouble() * room);
        if (Math.abs(other - now) < 2 || other > n.most()) {
          continue;
        }
        Build after;
        try {
          after = before.withDesign(n.with(design, other));
        } catch (IllegalArgumentException e) {
          continue; // refused together with the rest
        }
        tried++;
        assertThat(between(before, after))
            .as(n.id())
            .anyMatch(line -> line.startsWith(n.label().toString()) && line.contains(" → "));
      }
    }
    assertThat(tried).isGreaterThan(100);
  }

  @Test
  void inInchesTheLinesSpeakInches() {
    List<String> lines =
        Said.all(
            ChangeSummary.decided(
                Heron.build().design(),
                decided(Heron.build(), "head.length", 203.2).design(),
                Units.DECIMAL_INCH));
    assertThat(lines).containsExactly("Headstock length 7.283 in → 8.000 in");
  }

  private static Build begun() {
    return Heron.build().withLog(Log.NONE.with(DoneOperation.of("bridge.bore", NOON)));
  }

  private static List<ChangedDecision> written(Build before, Build after, LocalDateTime at) {
    return ChangeSummary.written(before, after, at).log().decided();
  }

  /** Any number decided otherwise on wood that is begun can be read back from the log exactly. */
  @Test
  void whatIsDecidedOnceWorkHasBegunIsWrittenDown() throws Exception {
    Random random = new Random(12);
    Build before = begun();
    int tried = 0;
    for (Decision decision : Decisions.of(before.design())) {
      if (!(decision instanceof NumberDecision n) || random.nextInt(4) > 0) {
        continue;
      }
      double other = Math.min(n.most(), Math.max(n.least(), n.in(before.design()) + 1));
      Build after;
      try {
        after = before.withDesign(n.with(before.design(), other));
      } catch (IllegalArgumentException e) {
        continue; // refused together with the rest
      }
      if (n.editable(after.design(), Units.MM).equals(n.editable(before.design(), Units.MM))) {
        continue;
      }
      tried++;
      List<ChangedDecision> log = written(before, after, NOON);
      assertThat(log).as(n.id()).anyMatch(r -> r.of().equals(n.id()));
      ChangedDecision own =
          log.stream().filter(r -> r.of().equals(n.id())).findFirst().orElseThrow();
      assertThat(n.in(n.typed(before.design(), own.is(), Units.MM)))
          .as(n.id())
          .isCloseTo(n.in(after.design()), within(5.1e-5));
      assertThat(ChangeSummary.told(own, after.design(), Units.MM).toString())
          .startsWith(n.label().toString())
          .endsWith(" → " + n.told(n.in(after.design()), Units.MM));
    }
    assertThat(tried).isGreaterThan(60);
  }

  @Test
  void whileItIsOnlyDrawnNothingIsWrittenDown() {
    Build drawn = Heron.build().withLog(Log.NONE);
    Build after = decided(drawn, "head.length", 190);
    assertThat(ChangeSummary.written(drawn, after, NOON)).isEqualTo(after);
    assertThat(written(begun(), decided(begun(), "head.length", 190), NOON))
        .containsExactly(new ChangedDecision(NOON, "head.length", "185", "190"));
  }

  /** A number that is dragged is one change; dragged back it is none; hours later it is another. */
  @Test
  void draggedIsOneChange() {
    Build build = begun();
    for (int i = 1; i <= 20; i++) {
      Build next = decided(build, "head.length", 185 + i);
      build = ChangeSummary.written(build, next, NOON.plusSeconds(i));
    }
    assertThat(build.log().decided())
        .containsExactly(new ChangedDecision(NOON.plusSeconds(20), "head.length", "185", "205"));
    Build back = decided(build, "head.length", 185);
    assertThat(written(build, back, NOON.plusSeconds(21))).isEmpty();
    assertThat(written(build, back, NOON.plusHours(3)))
        .extracting(ChangedDecision::is)
        .containsExactly("205", "185");
  }

  @Test
  void fittingsAndStripsAreWrittenInWords() {
    Build before = begun();
    String name = before.design().fittings().get(0).name();
    String words = before.design().fittings().get(0).words().toString();
    assertThat(written(before, before.withoutFitting(name), NOON))
        .extracting(ChangedDecision::is)
        .contains("removed: " + words);
  }
}
