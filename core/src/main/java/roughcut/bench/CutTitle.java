package roughcut.bench;

import java.util.List;
import roughcut.rout.Cut;

/** What one would tell a helper to do for a row of cuts. */
final class CutTitle {
  private static final String SCREW = "'s screw";

  private CutTitle() {}

  /** For cuts of one kind that are made together. */
  static String of(List<Cut> cuts) {
    Cut first = cuts.get(0);
    return what(first, cuts.size()) + ", " + first.from().words();
  }

  private static String what(Cut cut, int count) {
    String words = cut.words().replaceFirst(" \\d+(?= |$)", "");
    String one = count == 1 ? "the " + cut.words() : count + " " + words + "s";
    return switch (cut.kind()) {
      case POCKET -> "Rout " + one;
      case PICKUP -> "Rout for " + one;
      case CAVITY -> "Rout the cavity for " + one;
      case CHANNEL -> "Rout the channel for " + one;
      case BRIDGE, BLOCK, SPRINGS -> "Cut " + one;
      case SLOT -> "Bore, saw and file the slot of " + one;
      case WIRE -> "Bore the channel for " + one;
      case STRING -> count == 1 ? "Bore " + one : "Bore through for " + count + " strings";
      case SCREW ->
          count > 1 && words.endsWith(SCREW)
              ? "Bore for the "
                  + words.substring(0, words.length() - SCREW.length())
                  + "'s "
                  + count
                  + " screws"
              : "Bore for " + one;
      case JACK, SHAFT, BOLT, POST, STRAP -> "Bore for " + one;
      case RELIEF, BORE -> "Bore " + one;
    };
  }
}
