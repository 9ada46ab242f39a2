package roughcut.demo;

import java.time.LocalDate;
import java.util.HashMap;
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
    return Shop.usual("The shop on the marsh").withBoards(DemoRack.boards());
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

  /**
   * Seven strings, baritone, a seven-strip neck of plum and larch: at the boards, with a stack that
   * the board chosen first doesn't give with the saw chosen first.
   */
  public static Build bittern() {
    Map<String, Double> numbers = new HashMap<>();
    numbers.put("scale.length", 686.0);
    numbers.put("scale.frets", 24.0);
    numbers.put("nut.width", 48.0);
    numbers.put("fretboard.end-width", 62.0);
    numbers.put("bridge.spread", 61.0);
    numbers.put("head.angle", 11.0);
    numbers.put("head.length", 205.0);
    numbers.put("head.width", 78.0);
    numbers.put("shaft.thickness", 19.0);
    numbers.put("neck.thickness-1", 20.5);
    numbers.put("neck.thickness-12", 22.0);
    numbers.put("joint.x", 470.0);
    numbers.put("heel.end", 545.0);
    numbers.put("rod.length", 455.0);
    numbers.put("saw.kerf", 3.0);
    numbers.put("saw.allowance", 0.5);
    Strip larch = new Strip("larch", 8, Strip.Grain.TO_HEAD);
    Strip plum = new Strip("plum", 11.5, Strip.Grain.TO_HEEL);
    return new Build(
        "Bittern",
        new Design(
            numbers,
            Map.of("scarf.school", "seam-across-head", "board.neck.plum", "plum-1"),
            bitternStrings(),
            Stack.mirroredFromMiddle(larch, plum, larch, plum)),
        Map.of());
  }

  private static List<StringSpec> bitternStrings() {
    return List.of(
        new StringSpec(0.305, false),
        new StringSpec(0.406, false),
        new StringSpec(0.559, false),
        new StringSpec(0.813, true),
        new StringSpec(1.067, true),
        new StringSpec(1.372, true),
        new StringSpec(1.727, true));
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
