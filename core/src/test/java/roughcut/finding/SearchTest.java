package roughcut.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.demo.Demo;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.plan.Plan;
import roughcut.plan.PlanSearch;
import roughcut.record.Build;

/** What makers ask is answered, in plain words, with other words, and with a slip of the finger. */
class SearchTest {
  private static final List<Search.Entry<PlanSearch.Answer>> HERON = entries("Heron");
  private static final List<Search.Entry<PlanSearch.Answer>> DUNLIN = entries("Dunlin");

  private static List<Search.Entry<PlanSearch.Answer>> entries(String name) {
    return Demo.builds(LocalDate.of(2026, 5, 4)).stream()
        .filter(b -> b.name().equals(name))
        .map(b -> PlanSearch.entries(Plan.of(b, Demo.shop())))
        .findFirst()
        .orElseThrow();
  }

  private static List<String> found(List<Search.Entry<PlanSearch.Answer>> all, String query) {
    return Search.find(all, query).stream().map(PlanSearch.Answer::id).toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "where does the bridge go|bridge.datum",
        "how deep is the pocket|pocket.depth.front",
        "pocket depth|pocket.depth.front",
        "fret positions|fret.1.from-nut",
        "where is fret 5|fret.5.from-nut",
        "tuner hole|tuner.bit",
        "left handed|instrument.hand",
        "lefty|instrument.hand",
        "how thick is the neck at the first fret|neck.thickness-1",
        "12th fret thickness|neck.thickness-12",
        "how wide is the nut|nut.width",
        "how heavy is the guitar|instrument.mass",
        "what does the guitar weigh|instrument.mass",
        "where is the balance point|balance.x",
        "truss rod length|rod.length",
        "what angle is the neck|neck.angle",
        "headstock angle|head.angle",
        "hedstock angel|head.angle",
        "how many frets|scale.frets",
        "scale|scale.length",
        "fan fret|scale.perpendicular-fret",
        "saddle height|saddle.height",
        "action at the 12th fret|strings.action-12",
        "how deep is the control cavity|cavity.controls.depth",
        "pickup height|pickup.neck.height",
        "string gauge|string.1.gauge",
        "how long is the scarf|scarf.bevel",
        "mark for the scarf|scarf.mark-top",
        "binding layers|binding.layers",
        "string tension|string.1.tension",
        "total tension|strings.total-tension",
        "moisture|moisture.now",
        "how many glue stages|glue.stages",
        "thickness of the headstock|head.thickness",
        "break angle over the nut|break.nut",
        "where do I drill the bolts|place.bolt-1.along",
        "kerf|saw.kerf",
        "depth of the slots|slot.school",
        "scarf kerf|scarf.kerf",
        "strap buton|strap.horn.kind",
        "twelve string|course.strings",
        "strings in pairs|course.strings",
        "course spacing|course.at-nut"
      })
  void aQuestionIsAnsweredAmongTheFirst(String question, String id) {
    assertThat(found(HERON, question).stream().limit(3)).contains(id);
  }

  /** A chamber answers to its own name and to what a hollow body is called. */
  @Test
  void aChamberIsFoundAsAHollow() {
    Build heron = Demo.heron(LocalDate.of(2026, 5, 4));
    List<Fitting> fittings = new ArrayList<>(heron.design().fittings());
    fittings.add(new Fitting(FittingType.CAVITY, "bass-chamber", "chamber"));
    List<Search.Entry<PlanSearch.Answer>> hollow =
        PlanSearch.entries(
            Plan.of(heron.withDesign(heron.design().withFittings(fittings)), Demo.shop()));
    for (String question : List.of("how deep is the chamber", "hollow depth", "chamber depth")) {
      assertThat(found(hollow, question).stream().limit(3))
          .as(question)
          .contains("cavity.bass-chamber.depth");
    }
  }

  @Test
  void theBestIsFirstAndWhatHasNothingToDoWithItIsNotThere() {
    assertThat(found(HERON, "headstock angle").get(0)).isEqualTo("head.angle");
    assertThat(found(HERON, "nut width").get(0)).isEqualTo("nut.width");
    assertThat(found(HERON, "angle headstock").get(0)).isEqualTo("head.angle");
    assertThat(found(HERON, "headstock angle")).noneMatch(id -> id.startsWith("string."));
    assertThat(found(HERON, "nut width")).as("half of it is no answer").doesNotContain("rod.width");
    assertThat(found(HERON, "dovetail")).isEmpty();
    assertThat(found(HERON, "?!")).hasSameSizeAs(HERON);
    assertThat(found(HERON, "  ")).hasSameSizeAs(HERON);
    assertThat(found(DUNLIN, "bass scale").get(0)).isEqualTo("scale.bass");
  }

  /** What is there once is found once. */
  @Test
  void nothingIsListedTwice() {
    for (List<Search.Entry<PlanSearch.Answer>> all : List.of(HERON, DUNLIN)) {
      assertThat(all.stream().map(Search.Entry::thing).filter(PlanSearch.Answer::decided))
          .extracting(PlanSearch.Answer::id)
          .doesNotHaveDuplicates();
    }
  }

  /** Whatever it is called, it is the first to answer to its whole name. */
  @Property
  void everythingAnswersToItsName(@ForAll @IntRange(max = 10_000) int any) {
    PlanSearch.Answer one = HERON.get(any % HERON.size()).thing();
    List<PlanSearch.Answer> found = Search.find(HERON, one.name().toString());
    assertThat(found).as(one.name().toString()).isNotEmpty();
    assertThat(found.stream().limit(60).map(a -> a.name().toString()))
        .contains(one.name().toString());
  }

  @ParameterizedTest
  @CsvSource({
    "headstock,hedstock,true",
    "headstock,headstok,true",
    "headstock,haedstock,true",
    "headstock,headstocks,true",
    "headstock,headstonk,true",
    "headstock,hedstok,false",
    "angle,angel,true",
    "saddle,cradle,false",
    "neck,neck,true"
  })
  void oneSlipOfTheFinger(String a, String b, boolean near) {
    assertThat(Search.oneApart(a, b)).isEqualTo(near);
    assertThat(Search.oneApart(b, a)).isEqualTo(near);
  }
}
