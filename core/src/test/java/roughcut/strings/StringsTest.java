package roughcut.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.layout.FretLayout;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.plan.Rooms;
import roughcut.record.Build;

class StringsTest {
  private static final String[] FANNED = {
    "scale.bass=686", "scale.treble=660", "scale.perpendicular-fret=8"
  };

  static String[] with(String[] some, String... more) {
    String[] all = java.util.Arrays.copyOf(some, some.length + more.length);
    System.arraycopy(more, 0, all, some.length, more.length);
    return all;
  }

  @Test
  void theWorkedPullAndCompensation() {
    Plan plan =
        Heron.with("string.1.gauge=0.254", "string.1.pitch=329.63", "strings.action-12=1.7");
    assertThat(value(plan, "string.1.tension")).isCloseTo(70.8, within(0.05));
    assertThat(value(plan, "string.1.compensation.stretch")).isCloseTo(0.65, within(0.006));
    assertThat(value(plan, "string.1.compensation.stiffness")).isCloseTo(0.76, within(0.006));
    assertThat(value(plan, "string.1.compensation")).isCloseTo(1.41, within(0.006));
    double sum = 0;
    for (int i = 1; i <= 6; i++) {
      sum += value(plan, "string." + i + ".tension");
    }
    assertThat(value(plan, "strings.total-tension")).isCloseTo(sum, within(1e-9));
  }

  @Test
  void aWoundStringsMassIsItsCoreAndItsWrap() {
    Plan plan = Heron.with("string.6.gauge=1.07", "string.6.core=0.43", "string.6.pitch=82.41");
    double core = 7850 * Math.PI * 0.43e-3 * 0.43e-3 / 4;
    double wrap = 8000 * Math.PI / 4 * Math.PI * (1.07e-3 * 1.07e-3 - 0.43e-3 * 0.43e-3) / 4;
    double speed = 2 * 0.640 * 82.41;
    assertThat(value(plan, "string.6.tension"))
        .isCloseTo((core + wrap) * speed * speed, within(1e-6));
  }

  @Test
  void compensationByOwnTableOrAStraightLine() {
    assertThat(
            value(
                Heron.with("compensation.by=own-table", "string.2.own-compensation=2.25"),
                "string.2.compensation"))
        .isEqualTo(2.25);
    Plan line =
        Heron.with(
            "compensation.by=straight-line", "compensation.treble=1.5", "compensation.angle=2.5");
    assertThat(value(line, "string.1.compensation")).isCloseTo(1.5, within(1e-9));
    double across = value(line, "saddle.string.1.offset") - value(line, "saddle.string.6.offset");
    assertThat(value(line, "string.6.compensation"))
        .isCloseTo(1.5 + across * Math.tan(Math.toRadians(2.5)), within(1e-9));
  }

  @Test
  void fannedWithEqualScalesIsTheSingleScale() {
    Plan single = Heron.with();
    Plan equal = Heron.with("scale.bass=640", "scale.treble=640", "scale.perpendicular-fret=7");
    single
        .values()
        .forEach(
            (id, worked) ->
                assertThat(value(equal, id)).as(id).isCloseTo(worked.value(), within(1e-9)));
  }

  @Test
  void theSquareFretIsSquareAndFretsDivideBothEdgeStrings() {
    Random random = new Random(3);
    for (int i = 0; i < 60; i++) {
      int square = 1 + random.nextInt(12);
      double treble = 600 + random.nextInt(60);
      double bass = treble + 5 + random.nextInt(60);
      Rooms plan =
          Heron.rooms(
              "scale.bass=" + bass, "scale.treble=" + treble, "scale.perpendicular-fret=" + square);
      assertThat(plan.frets().frets().get(square - 1).slant()).isCloseTo(0, within(1e-9));
      int last = plan.strings().count();
      assertThat(plan.strings().scale(1)).isCloseTo(treble, within(1e-9));
      assertThat(plan.strings().scale(last)).isCloseTo(bass, within(1e-9));
      double delta = (bass - treble) * (1 - Math.pow(2, -square / 12.0));
      assertThat(plan.strings().nutX(1) - plan.strings().nutX(last)).isCloseTo(delta, within(1e-9));
      for (FretLayout.Fret fret : plan.frets().frets()) {
        for (int string : new int[] {1, last}) {
          double share = 1 - Math.pow(2, -fret.number() / 12.0);
          double x = plan.strings().nutX(string) + share * plan.strings().scale(string);
          double y = plan.strings().offset(string, x);
          assertThat(fret.x() + fret.slant() * y).isCloseTo(x, within(1e-9));
        }
      }
      assertThat(value(plan, "string.1.fan-error")).isCloseTo(0, within(1e-9));
    }
  }

  @Test
  void innerStringsOfAFanAreOffByWhatASearchFinds() {
    Plan plan = Heron.with(with(FANNED, "nut.spacing=equal-gaps"));
    for (int i = 2; i <= 5; i++) {
      double worst = 0;
      for (FretLayout.Fret fret : plan.frets().frets()) {
        double low = plan.strings().nutX(i);
        double high = plan.strings().saddleX(i);
        // The string crosses the fret's line where this changes its sign.
        for (int step = 0; step < 80; step++) {
          double middle = (low + high) / 2;
          boolean before = middle < fret.x() + fret.slant() * plan.strings().offset(i, middle);
          low = before ? middle : low;
          high = before ? high : middle;
        }
        double wanted = plan.strings().scale(i) * (1 - Math.pow(2, -fret.number() / 12.0));
        double error = low - plan.strings().nutX(i) - wanted;
        worst = Math.abs(error) > Math.abs(worst) ? error : worst;
      }
      assertThat(value(plan, "string." + i + ".fan-error")).isCloseTo(worst, within(1e-7));
    }
  }

  @Test
  void theWindowIsEmptyExactlyWhenSomeStringCannotBePlaced() {
    Random random = new Random(4);
    int empty = 0;
    for (int i = 0; i < 300; i++) {
      double forward = -8 + random.nextDouble() * 8;
      double travel = 1 + random.nextDouble() * 6;
      double slant = random.nextDouble() * 6;
      Rooms plan =
          Heron.rooms(
              "bridge.forward=" + forward,
              "bridge.rear=" + (forward + travel),
              "bridge.slant=" + slant);
      Bridge bridge = plan.stringPlan().bridge();
      boolean any = false;
      for (double datum = 600; datum <= 680; datum += 0.01) {
        boolean all = true;
        for (int s = 1; s <= 6 && all; s++) {
          double y = plan.strings().atSaddle().get(s - 1).value();
          double own = datum - slant * y / bridge.spacing().value();
          double saddle = bridge.saddles().get(s - 1).value();
          all =
              saddle - own >= bridge.forward().value() + 1 && saddle - own <= bridge.rear().value();
        }
        any |= all;
        if (all) {
          assertThat(datum).isBetween(bridge.front().value() - 1e-6, bridge.back().value() + 1e-6);
        }
      }
      if (Math.abs(bridge.back().value() - bridge.front().value()) > 0.02) {
        assertThat(bridge.possible()).isEqualTo(any);
      }
      empty += bridge.possible() ? 0 : 1;
      if (!bridge.possible()) {
        assertThat(plan.problems()).anyMatch(p -> p.words().contains("would work"));
      }
    }
    assertThat(empty).isBetween(30, 270);
  }

  @Test
  void theSlantThatIsOfferedHoldsEverySaddle() {
    String[] square = with(FANNED, "bridge.kind=flat-plate", "bridge.posts=60");
    String words = Heron.with(square).stringPlan().bridge().problem().text().toString();
    java.util.regex.Matcher said =
        java.util.regex.Pattern.compile("bass end ([\\d.]+) mm to ([\\d.]+) mm further")
            .matcher(words);
    assertThat(said.find()).as(words).isTrue();
    for (int end = 1; end <= 2; end++) {
      assertThat(
              Heron.with(with(square, "bridge.slant=" + said.group(end)))
                  .stringPlan()
                  .bridge()
                  .possible())
          .as("slant " + said.group(end))
          .isTrue();
    }
    double more = Double.parseDouble(said.group(2)) + 1;
    assertThat(Heron.with(with(square, "bridge.slant=" + more)).stringPlan().bridge().possible())
        .isFalse();
  }

  @Test
  void aShallowBreakAndPolesFarOffAreSaid() {
    assertThat(Heron.with().nutWork().advice()).isEmpty();
    assertThat(Heron.with("strings.pole-spread=45").nutWork().advice())
        .extracting(Text::toString)
        .anyMatch(w -> w.contains("off their poles"));
    assertThat(Heron.with("head.angle=4", "tuner.wrap-height=11").nutWork().advice())
        .extracting(Text::toString)
        .anyMatch(w -> w.contains("string tree"));
    assertThat(Heron.with("head.angle=22").nutWork().advice())
        .extracting(Text::toString)
        .anyMatch(w -> w.contains("rub"));
  }

  /** Strings that the same helps stand in one sentence, with the angles between which they lie. */
  @Test
  void adviceIsGivenOnceForAllStringsThatItHelps() {
    Plan plan = Heron.with("head.angle=4", "tuner.wrap-height=11");
    List<Double> flat =
        IntStream.rangeClosed(1, 6)
            .mapToObj(i -> plan.value("tuner." + i + ".break-angle").orElseThrow().value())
            .filter(angle -> angle < 5)
            .sorted()
            .toList();
    assertThat(flat).hasSizeBetween(2, 6);
    assertThat(plan.nutWork().advice())
        .singleElement()
        .asString()
        .startsWith("Strings ")
        .contains(
            String.format(Locale.ROOT, " %.2f° to %.2f°: ", flat.get(0), flat.get(flat.size() - 1))
                .replace('-', '−'));
  }

  @Test
  void theRealNeckTakesOver() {
    Plan drawn = Heron.with();
    Plan real = Heron.with("neck.nut-to-octave=320.4");
    assertThat(real.stringPlan().bridge().fromRealNeck()).isTrue();
    for (int i = 1; i <= 6; i++) {
      assertThat(value(real, "string." + i + ".saddle"))
          .as("twice nut to octave, and compensation")
          .isCloseTo(2 * 320.4 + value(real, "string." + i + ".compensation"), within(1e-9));
    }
    assertThat(value(real, "bridge.datum") - value(drawn, "bridge.datum")).isBetween(0.75, 0.82);
    assertThat(value(real, "fret.12.from-nut")).isCloseTo(320.4, within(1e-9));
    assertThat(real.stringPlan().bridge().holes().get(0).from())
        .filteredOn(f -> f.datum().toString().equals("the octave fret"))
        .allSatisfy(
            f ->
                assertThat(f.distance())
                    .isCloseTo(value(real, "bridge.post.bass.x") - 320.4, within(1e-9)));
    assertThat(value(real, "fret.octave.cents"))
        .as("judged by the drawing")
        .isCloseTo(1200 * Math.log(320 / (320 - 0.4)) / Math.log(2), within(1e-9));
    assertThat(value(real, "bridge.post.treble.y")).isEqualTo(-value(real, "bridge.post.bass.y"));
  }

  @Test
  void aDraggedDatumStaysInItsWindow() {
    Bridge bridge = Heron.with().stringPlan().bridge();
    assertThat(bridge.dragged(0).datum()).isCloseTo(bridge.datum().value(), within(1e-9));
    assertThat(bridge.dragged(500).datum()).isCloseTo(bridge.back().value(), within(1e-9));
    assertThat(bridge.dragged(-500).datum()).isCloseTo(bridge.front().value(), within(1e-9));
  }

  @Test
  void badInputIsSaidWithTheNumberThatWouldDo() {
    assertThat(Heron.with("fretboard.radius-nut=100", "nut.width=70").problems()).isEmpty();
    assertThat(Heron.with("nut.kind=locking", "stiffener.start=2").problems())
        .anyMatch(p -> p.words().contains("locking nut's screws"));
    assertThat(Heron.with("joint.x=630").problems())
        .anyMatch(p -> p.words().contains("at most 620.0 mm"));
    assertThat(Heron.with("scale.treble=650", "scale.bass=640").problems())
        .anyMatch(p -> p.where().equals("scale.treble") && p.words().contains("640.0"));
  }

  /** Posts are marked out from what is there: a neck that runs through has no pocket. */
  @Test
  void postsAreMeasuredFromWhatTheInstrumentHas() {
    for (String joint : new String[] {"bolted", "glued-in", "through"}) {
      Plan plan = Heron.with("neck.fixing=" + joint);
      for (Bridge.Hole hole : plan.stringPlan().bridge().holes()) {
        assertThat(hole.from())
            .filteredOn(f -> f.datum().toString().equals("the pocket end"))
            .hasSize(joint.equals("through") ? 0 : 1)
            .allSatisfy(
                f ->
                    assertThat(f.distance())
                        .isCloseTo(hole.x().value() - plan.neck().heelEnd().value(), within(1e-9)));
        assertThat(hole.from())
            .filteredOn(f -> f.datum().toString().equals("the body edge"))
            .allSatisfy(
                f ->
                    assertThat(f.distance())
                        .isCloseTo(hole.x().value() - plan.neck().joint().value(), within(1e-9)));
      }
    }
  }

  /** One string lies in the middle, at the nut as at the saddle. */
  @Test
  void aSingleStringRunsDownTheCentreLine() {
    Build heron = Heron.build().asDesigned();
    Plan one =
        Plan.of(
            heron.withDesign(heron.design().withStrings(heron.design().strings().subList(0, 1))),
            Demo.shop());
    assertThat(value(one, "nut.string.1.offset")).isZero();
    assertThat(value(one, "saddle.string.1.offset")).isZero();
    assertThat(one.value("nut.string.2.offset")).isEmpty();
  }
}
