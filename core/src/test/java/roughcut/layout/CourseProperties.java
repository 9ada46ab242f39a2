package roughcut.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.design.StringDecisions;
import roughcut.finding.Finding;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.plan.Rooms;
import roughcut.record.Build;
import roughcut.shop.StringSpec;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;
import roughcut.strings.NutWork;

/** Strings in courses, measured between each other as with a rule over the nut. */
class CourseProperties {
  private static Rooms rooms(List<Double> gauges, String... settings) {
    Build heron = Heron.build().asDesigned();
    List<StringSpec> strings =
        gauges.stream().map(g -> new StringSpec(g, g > 0.5, 0, 200)).toList();
    Design design = heron.design().withStrings(strings);
    return Rooms.of(heron.withDesign(Heron.set(design, settings)));
  }

  private static List<Double> steps(List<roughcut.measure.Value> offsets) {
    List<Double> steps = new ArrayList<>();
    for (int i = 1; i < offsets.size(); i++) {
      steps.add(offsets.get(i - 1).value() - offsets.get(i).value());
    }
    return steps;
  }

  /**
   * Within a course as decided, between courses all alike, from one outer string to the other as
   * wide as the spread; whatever number of strings is left over at the bass side.
   */
  @Property(tries = 120)
  void coursesAreSpacedAsARuleSays(
      @ForAll @Size(min = 2, max = 12) List<@DoubleRange(min = 0.2, max = 1.5) Double> gauges,
      @ForAll @IntRange(min = 1, max = 3) int each,
      @ForAll @DoubleRange(min = 0.5, max = 2.4) double atNut,
      @ForAll @DoubleRange(min = 0.5, max = 3) double atSaddle,
      @ForAll boolean gaps) {
    StringSpread spread =
        rooms(
                gauges,
                "course.strings=" + each,
                "course.at-nut=" + atNut,
                "course.at-saddle=" + atSaddle,
                "nut.width=60",
                "bridge.spread=70",
                "nut.spacing=" + (gaps ? "equal-gaps" : "equal-centres"))
            .strings();
    int n = gauges.size();
    boolean paired = each > 1 && each < n;
    for (boolean nut : new boolean[] {true, false}) {
      List<Double> steps = steps(nut ? spread.atNut() : spread.atSaddle());
      double wide = 0;
      double alike = Double.NaN;
      for (int i = 0; i < steps.size(); i++) {
        wide += steps.get(i);
        double step = steps.get(i);
        // Strings i + 1 and i + 2 belong together unless a new course begins with the latter.
        if (paired && (i + 1) % each != 0) {
          assertThat(step).isCloseTo(nut ? atNut : atSaddle, within(1e-9));
          continue;
        }
        double between = nut && gaps ? step - (gauges.get(i) + gauges.get(i + 1)) / 2 : step;
        assertThat(between).isCloseTo(Double.isNaN(alike) ? between : alike, within(1e-9));
        alike = between;
      }
      assertThat(wide).isCloseTo(nut ? 60 - 2 * 3.5 : 70, within(1e-9));
      if (nut) {
        assertThat(spread.gap().value()).isCloseTo(alike, within(1e-9));
      }
    }
  }

  /**
   * Pairs on their own are single strings: both ways of saying it give the same to the last bit.
   */
  @Example
  void oneInACourseIsAStringAlone() {
    List<Double> six = List.of(0.25, 0.33, 0.43, 0.66, 0.91, 1.17);
    StringSpread alone = rooms(six).strings();
    StringSpread all = rooms(six, "course.strings=1", "course.at-nut=3").strings();
    assertThat(steps(all.atNut())).isEqualTo(steps(alone.atNut()));
    assertThat(all.courses().together(1, 2)).isFalse();
  }

  /** Worked by hand: six pairs 1.9 apart over 41 mm of nut, equal centres: (41 − 6 · 1.9) / 5. */
  @Example
  void aTwelveStringsNut() {
    Build build = NewInstrument.usual("Siskin", InstrumentKind.TWELVE_STRINGS).build();
    Design design = Heron.set(build.design(), "nut.spacing=equal-centres");
    StringSpread spread = Rooms.of(build.withDesign(design)).strings();
    assertThat(spread.gap().value()).isCloseTo(5.92, within(1e-9));
    assertThat(spread.atNut().get(0).value()).isCloseTo(20.5, within(1e-9));
    assertThat(spread.atNut().get(1).value()).isCloseTo(18.6, within(1e-9));
    assertThat(spread.atNut().get(2).value()).isCloseTo(12.68, within(1e-9));
    assertThat(spread.atNut().get(11).value()).isCloseTo(-20.5, within(1e-9));
    assertThat(spread.courses().together(1, 2)).isTrue();
    assertThat(spread.courses().together(2, 3)).isFalse();
  }

  /**
   * A pickup has one pole for a course, and the pair lies on both sides of it: half a course
   * spacing out, half in, where the poles are spread as the courses' middles are.
   */
  @Example
  void aPoleStandsUnderTheMiddleOfACourse() {
    Build build = NewInstrument.usual("Siskin", InstrumentKind.TWELVE_STRINGS).build();
    double x = StringDecisions.SPREAD_X.in(build.design());
    StringSpread before = Rooms.of(build).strings();
    double middles =
        (before.offset(1, x) + before.offset(2, x) - before.offset(11, x) - before.offset(12, x))
            / 2;
    Design design = StringDecisions.POLE_SPREAD.with(build.design(), middles);
    NutWork nut = Rooms.of(build.withDesign(design)).neckPlan().nut();
    double apart = before.offset(1, x) - before.offset(2, x);
    assertThat(nut.poleErrors()).hasSize(12);
    assertThat(nut.poleErrors().get(0).value()).isCloseTo(apart / 2, within(1e-9));
    assertThat(nut.poleErrors().get(1).value()).isCloseTo(-apart / 2, within(1e-9));
    assertThat(nut.poleErrors().get(10).value()).isCloseTo(apart / 2, within(1e-9));
    assertThat(nut.poleErrors().get(11).value()).isCloseTo(-apart / 2, within(1e-9));
    assertThat(nut.advice()).isEmpty();
    Design narrow = StringDecisions.POLE_SPREAD.with(build.design(), middles - 8);
    assertThat(Rooms.of(build.withDesign(narrow)).neckPlan().nut().advice().toString())
        .contains("off their poles");
  }

  /**
   * A pickup's outer poles are held against the middles of the outer courses: half a pair nearer
   * the centre line, each side, than the outer strings are.
   */
  @Example
  void aPickupsPolesAreHeldAgainstTheCourses() {
    Build pairs = NewInstrument.usual("Siskin", InstrumentKind.TWELVE_STRINGS).build();
    Build alone = pairs.withDesign(Heron.set(pairs.design(), "course.strings=1"));
    for (String pickup : List.of("neck", "bridge")) {
      double off = poles(pairs, pickup);
      assertThat(2 * (poles(alone, pickup) - off)).as(pickup).isBetween(1.9, 2.5);
    }
    // Nearer the bridge the pairs are wider.
    assertThat(poles(alone, "bridge") - poles(pairs, "bridge"))
        .isGreaterThan(poles(alone, "neck") - poles(pairs, "neck"));
  }

  private static double poles(Build build, String pickup) {
    return Plan.of(build, Demo.shop()).value("pickup." + pickup + ".poles").orElseThrow().value();
  }

  /** Two thick strings of a course that touch are told, with what is wide enough. */
  @Example
  void stringsThatTouchInACourseAreTold() {
    List<Double> thick = List.of(1.0, 1.2, 1.0, 1.2);
    Rooms tight = rooms(thick, "course.strings=2", "course.at-nut=1.1", "course.at-saddle=2");
    assertThat(said(tight))
        .contains("The strings of a course touch at the nut. Space them more than 1.1 mm apart.")
        .doesNotContain("bridge. Space");
    Rooms wide = rooms(thick, "course.strings=2", "course.at-nut=1.2", "course.at-saddle=1");
    assertThat(said(wide)).contains("touch at the bridge").doesNotContain("touch at the nut");
    assertThat(said(rooms(thick, "course.strings=1", "course.at-nut=0.6")))
        .doesNotContain("course");
  }

  private static String said(Rooms rooms) {
    StringBuilder all = new StringBuilder();
    for (Finding finding : rooms.layout().told().findings()) {
      all.append(finding.text().in(Units.MM)).append('\n');
    }
    return all.toString();
  }
}
