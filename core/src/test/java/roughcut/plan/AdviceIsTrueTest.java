package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.Heron;

/** Where a finding tells a number that would do, it does; and a little beyond it does not. */
class AdviceIsTrueTest {
  private static final Pattern TOLD =
      Pattern.compile("(at least|at most|less than) ([−-]?\\d+(?:\\.\\d+)?) ?(?:mm|°)");

  /** A number is told to so much, and is a little better then. */
  private static final double ROUNDING = 0.051;

  /** Some are told with a millimetre to spare, a drill's tilt with two degrees and a half. */
  private static double beyond(String told) {
    return told.contains("°") ? 2.6 : 1.2;
  }

  private static List<String> told(String id, String... settings) {
    return Heron.with(settings).problems().stream()
        .filter(p -> p.where().equals(id))
        .map(p -> p.words())
        .filter(w -> TOLD.matcher(w).find())
        .toList();
  }

  private static String[] and(String[] settings, String id, double value) {
    String[] more = Arrays.copyOf(settings, settings.length + 1);
    more[settings.length] = id + "=" + value;
    return more;
  }

  /** The words without their numbers, so that the same finding is known again. */
  private static String kind(String words) {
    return words.replaceAll("[−-]?\\d+(\\.\\d+)?", "#");
  }

  /** Id, then what brings the finding about. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "nut.edge-margin nut.width=29 nut.edge-margin=15",
        "scale.treble scale.bass=620 scale.treble=640",
        "fretboard.past-last-fret scale.frets=36 fretboard.past-last-fret=80",
        "fretboard.past-last-fret scale.bass=660 scale.treble=600 scale.perpendicular-fret=0"
            + " fretboard.past-last-fret=2",
        "joint.x scale.length=500 joint.x=490",
        "heel.end heel.end=402",
        "rod.length rod.length=590",
        "rod.width nut.width=24 fretboard.end-width=28 rod.width=28",
        "head.thickness shaft.thickness=11 head.thickness=13",
        "channel.cutter channel.cutter=9",
        "access.tilt rod.worked-from=head-bore head.angle=4 access.tilt=-5",
        "stiffener.cutter stiffener.count=2 stiffener.cutter=12",
        "stiffener.length stiffener.count=2 stiffener.length=600",
        "stiffener.offset-head stiffener.count=2 stiffener.offset-head=26",
        "stiffener.start stiffener.count=2 nut.kind=locking stiffener.start=1"
      })
  void aNumberThatIsToldWouldDoAndALittleBeyondWouldNot(String line) {
    String[] words = line.split(" ");
    String id = words[0];
    String[] settings = Arrays.copyOfRange(words, 1, words.length);
    List<String> found = told(id, settings);
    assertThat(found).as(line).isNotEmpty();
    for (String finding : found) {
      Matcher number = TOLD.matcher(finding);
      assertThat(number.find()).isTrue();
      double value = Double.parseDouble(number.group(2).replace('−', '-'));
      int better = number.group(1).equals("at least") ? 1 : -1;
      assertThat(told(id, and(settings, id, value + better * ROUNDING)))
          .as("%s, taken at its word", finding)
          .noneMatch(w -> kind(w).equals(kind(finding)));
      assertThat(told(id, and(settings, id, value - better * beyond(finding))))
          .as("%s, a little beyond", finding)
          .anyMatch(w -> kind(w).equals(kind(finding)));
    }
  }
}
