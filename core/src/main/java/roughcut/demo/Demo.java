package roughcut.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import roughcut.design.Build;
import roughcut.design.Design;
import roughcut.design.Measurement;
import roughcut.design.Stack;
import roughcut.design.StringSpec;
import roughcut.design.Strip;
import roughcut.shop.Shop;

/**
 * A one-person shop on a tidal marsh, with instruments named after wading birds. Days are counted
 * back from the day it is first opened.
 */
public final class Demo {
  private Demo() {}

  public static Shop shop() {
    return Shop.usual("The shop on the marsh");
  }

  /**
   * Six strings, 640 scale, 22 frets, scarfed 12.5° head, five-strip neck of cherry and hornbeam
   * under a robinia fretboard. Its shaft came out thinner than drawn and its fretboard a little
   * wide.
   */
  public static Build heron(LocalDate today) {
    return new Build(
        "Heron",
        new Design(Map.of(), Map.of(), heronStrings(), heronStack()),
        Map.of(
            "shaft.thickness", new Measurement(14.9, today.minusDays(2)),
            "nut.width", new Measurement(43.2, today.minusDays(1)),
            "fretboard.end-width", new Measurement(56.4, today.minusDays(1))));
  }

  private static List<StringSpec> heronStrings() {
    return List.of(
        new StringSpec(0.254, false),
        new StringSpec(0.330, false),
        new StringSpec(0.432, false),
        new StringSpec(0.660, true),
        new StringSpec(0.914, true),
        new StringSpec(1.168, true));
  }

  private static Stack heronStack() {
    return Stack.mirroredFromMiddle(
        new Strip("hornbeam", 8, Strip.Grain.TO_HEEL),
        new Strip("cherry", 19.8, Strip.Grain.TO_HEAD),
        new Strip("hornbeam", 7.2, Strip.Grain.TO_HEEL));
  }
}
