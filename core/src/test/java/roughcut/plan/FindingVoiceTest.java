package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import roughcut.clearance.Clearance;
import roughcut.clearance.ClearanceKind;
import roughcut.finding.Finding;
import roughcut.finding.Message;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.wild.RandomBuilds;

/**
 * What is wrong is told in whole sentences: what, why in wood, what to do (handbook page 10). Asked
 * of builds at random, so that most of what can be found is met.
 */
class FindingVoiceTest {
  /** A headline has two lines on the rail. */
  private static final int HEADLINE = 120;

  /**
   * A sentence, or several; a name or a number may come first, and a decimal point isn't its end.
   */
  private static final Pattern SENTENCES =
      Pattern.compile("[\\p{Lu}\\p{Lo}0-9“−].*[.]", Pattern.DOTALL);

  /** What is left, and the limit that it is under. */
  private static final Pattern NUMBERS =
      Pattern.compile(": (−?[\\d.]+) mm, under the (−?[\\d.]+) mm \\w+\\.$");

  @Test
  void everythingWrongIsToldInWholeSentences() {
    Set<String> matters = new TreeSet<>();
    for (int seed = 1; seed <= 150; seed++) {
      RandomBuilds.Case wild = RandomBuilds.wild(seed);
      Plan plan = Plan.of(wild.build(), wild.shop());
      List<Finding> found = plan.findings();
      for (Finding finding : found) {
        Message message = finding.message();
        matters.add(message.what().matter());
        sentence(message.what());
        sentence(message.why());
        sentence(message.fix());
        assertThat(message.what().in(Units.MM))
            .as("seed %s, a headline", seed)
            .hasSizeLessThanOrEqualTo(HEADLINE + plan.build().name().length());
        if (finding.stops()) {
          assertThat(message.why().isEmpty() && message.fix().isEmpty())
              .as("seed %s, stops and says neither why nor what to do: %s", seed, message.what())
              .isFalse();
        }
      }
      assertThat(found.stream().map(f -> f.topic() + f.where() + ": " + f.words()).toList())
          .as("seed %s, one matter once", seed)
          .doesNotHaveDuplicates();
      for (Clearance clearance : plan.clearances()) {
        sentence(clearance.message().what());
      }
    }
    assertThat(matters).as("kinds of finding that were met").hasSizeGreaterThan(30);
  }

  /**
   * The reason is the kind's own: it isn't the label said again, and no two kinds mean the same.
   */
  @Test
  void everyClearanceSaysWhatWouldHappen() {
    for (ClearanceKind kind : ClearanceKind.values()) {
      sentence(kind.why());
      assertThat(kind.why().isEmpty()).as("%s", kind).isFalse();
      assertThat(kind.why().toString()).as("%s", kind).hasSizeBetween(20, 90);
    }
    assertThat(List.of(ClearanceKind.values()))
        .extracting(k -> k.why().toString())
        .doesNotHaveDuplicates();
  }

  /** Under its target only it may well do: what could happen is told as what could happen. */
  @Test
  void aRiskIsNoCertainty() {
    for (int seed = 1; seed <= 10; seed++) {
      RandomBuilds.Case wild = RandomBuilds.wild(seed);
      for (Clearance one : Plan.of(wild.build(), wild.shop()).clearances()) {
        String risk = one.message().why().in(Units.MM);
        assertThat(risk).startsWith("With too little, ");
        assertThat(risk.substring("With too little, ".length()))
            .isEqualToIgnoringCase(one.kind().why().toString());
        assertThat(risk.charAt("With too little, ".length())).isLowerCase();
        assertThat(one.message().fix().isEmpty()).as("fixes are worked out").isTrue();
      }
    }
  }

  /** A number under its minimum stops, and that is the limit that it is told with. */
  @Test
  void aClearanceNamesTheLimitThatItIsUnder() {
    Predicate<Clearance> wrong = c -> c.state() != Clearance.State.CLEAR;
    int stops = 0;
    for (int seed = 1; seed <= 40; seed++) {
      RandomBuilds.Case wild = RandomBuilds.wild(seed);
      for (Clearance one :
          Plan.of(wild.build(), wild.shop()).clearances().stream().filter(wrong).toList()) {
        String said = one.message().what().in(Units.MM);
        boolean minimum = said.endsWith("minimum.");
        assertThat(minimum || said.endsWith("target.")).as(said).isTrue();
        double limit = minimum ? one.limit().fail() : one.limit().warn();
        assertThat(one.left().value()).as(said).isLessThan(limit + 1e-9);
        Matcher told = NUMBERS.matcher(said);
        assertThat(told.find()).as(said).isTrue();
        double least = Double.parseDouble(told.group(2).replace('−', '-'));
        assertThat(least).as(said).isCloseTo(limit, within(0.051));
        assertThat(told.group(1)).as(said).isNotEqualTo(told.group(2));
        stops += minimum ? 1 : 0;
      }
    }
    assertThat(stops).isPositive();
  }

  private static void sentence(Text text) {
    if (!text.isEmpty()) {
      assertThat(text.in(Units.MM)).matches(SENTENCES).doesNotContain("..").doesNotContain("  ");
    }
  }
}
