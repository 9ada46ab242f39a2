package roughcut.finding;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * Words that makers use for one thing: whoever looks for one finds what is called by another
 * (handbook page 9).
 */
public final class Synonyms {
  private static final String[][] ALIKE = {
    {"truss", "rod"},
    {"headstock", "head"},
    {"intonation", "compensation", "saddle travel", "saddle line", "octave sharp"},
    {"fanned", "fan", "multiscale", "bass-side scale", "straight fret"},
    {"position", "place", "location", "from the nut line", "from the body edge", "centre line"},
    {"first", "1"},
    {"guitar", "instrument"},
    {"profile", "contour", "thickness at fret"},
    {"lefty", "left-handed", "handedness"},
    {"tension", "pull"},
    {"hole", "bore"},
    {"width", "wide"},
    {"thickness", "thick"},
    {"depth", "deep"},
    {"height", "high"},
    {"length", "long"},
    {"weight", "heavy"},
    {"blade", "kerf", "saw"},
    {"12th", "octave", "fret 12", "twelfth"},
    {"print", "sheets", "pdf", "paper", "export", "dxf", "svg"},
    {"template", "templates"},
    {"cnc", "programs", "gcode", "toolpath", "g-code"},
    {"shim", "neck angle", "pocket", "accept as it is"},
    {"bookmatch", "leaf", "halves"},
    {"pilot", "bite", "bore"},
    {"licence", "license", "keyboard shortcuts", "version"},
    {"chamber", "weight relief", "relief", "hollow"},
    {"twelve", "course"},
    {"stud", "post", "bridge"},
    {"spacing", "spread"},
    {"carbon", "stiffener"},
    {"fingerboard", "fretboard"},
    {"belly", "tummy"},
    {"forearm", "arm contour"},
    {"pot", "control"},
    {"glue", "clamp", "open time"},
    {"inlay", "dots", "marker"},
    {"lacquer", "finish", "film"},
    {"boards", "rack", "wood"},
    {"allen", "hex", "access key"},
    {"weight", "mass", "balance"},
    {"settings", "units", "millimetres"},
    {"home", "all builds"},
    {"begin", "new"}
  };

  private static final Map<String, List<String>> BY_WORD = byWord();

  private Synonyms() {}

  private static Map<String, List<String>> byWord() {
    Map<String, List<String>> all = new TreeMap<>();
    for (String[] alike : ALIKE) {
      for (String word : alike) {
        if (!word.contains(" ")) {
          all.merge(
              word,
              List.of(alike),
              (a, b) -> Stream.concat(a.stream(), b.stream()).distinct().toList());
        }
      }
    }
    return all;
  }

  /** The word itself, then others for the same thing; a beginning of three letters will do. */
  public static List<String> of(String word) {
    String small = word.toLowerCase(Locale.ROOT);
    Stream<String> others =
        small.length() < 3
            ? Stream.empty()
            : BY_WORD.entrySet().stream()
                .filter(e -> e.getKey().startsWith(small))
                .flatMap(e -> e.getValue().stream());
    return Stream.concat(Stream.of(small), others).distinct().toList();
  }

  /** Whether a text answers to every word of what is looked for. */
  public static boolean answer(String text, String wanted) {
    String small = text.toLowerCase(Locale.ROOT);
    return Arrays.stream(wanted.strip().split("\\s+"))
        .allMatch(word -> of(word).stream().anyMatch(small::contains));
  }
}
