package roughcut.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import roughcut.design.Strip;
import roughcut.measure.Text;

/**
 * Which end of a blank goes first under the knives. A knife leaves a clean face when it goes the
 * way in which the grain rises to that face; jointer and planer cut from the end that is fed first
 * towards the other (handbook page 3, "Milling").
 */
public final class PlaningWay {
  private PlaningWay() {}

  /** For the blank's playing face and its back, as sentences; none without a strip. */
  public static List<Text> words(List<Strip> strips) {
    if (strips.isEmpty()) {
      return List.of();
    }
    String toHeel = numbers(strips, Strip.Grain.TO_HEEL);
    String toHead = numbers(strips, Strip.Grain.TO_HEAD);
    if (!toHeel.isEmpty() && !toHead.isEmpty()) {
      return List.of(
          Text.of(
              "The grain rises towards the heel in strip {rising} and towards the headstock "
                  + "in strip {falling}, so no feed direction suits all. Use sharp knives and the "
                  + "lightest passes, or a drum sander.",
              toHeel,
              toHead));
    }
    boolean heel = toHead.isEmpty();
    return List.of(
        Text.of(
            heel
                ? "The grain rises towards the heel: feed the head end first for the top, the "
                    + "heel end first for the back."
                : "The grain rises towards the head: feed the heel end first for the top, the "
                    + "head end first for the back."));
  }

  private static String numbers(List<Strip> strips, Strip.Grain grain) {
    List<String> all = new ArrayList<>();
    for (int i = 0; i < strips.size(); i++) {
      if (strips.get(i).grain() == grain) {
        all.add(Integer.toString(i + 1));
      }
    }
    return all.stream().collect(Collectors.joining(", "));
  }
}
