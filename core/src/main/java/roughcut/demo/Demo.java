package roughcut.demo;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.design.BlankStep;
import roughcut.design.Design;
import roughcut.design.SmallPart;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.plan.HeadStart;
import roughcut.plan.Plan;
import roughcut.record.Brief;
import roughcut.record.Build;
import roughcut.record.Log;
import roughcut.record.Reading;
import roughcut.rout.RoutKeys;
import roughcut.shop.Shop;
import roughcut.shop.StringSpec;

/**
 * A one-person shop on a tidal marsh, with instruments named after wading birds. Days are counted
 * back from the day it is first opened.
 */
public final class Demo {
  private Demo() {}

  public static Shop shop() {
    return Shop.usual("The shop on the marsh").withBoards(DemoRack.boards());
  }

  private static Log log(Reading... readings) {
    Log log = Log.NONE;
    for (Reading reading : readings) {
      log = log.with(reading);
    }
    return log;
  }

  /** All of them, the one that the demo opens with first. */
  public static List<Build> builds(LocalDate today) {
    return List.of(heron(today), bittern(), dunlin(today), avocet(), dotterel());
  }

  /**
   * Six strings, 640 scale, 22 frets, scarfed 12.5° head, five-strip neck of cherry and hornbeam
   * under a robinia fretboard. Its shaft came out thinner than drawn and its fretboard a little
   * wide.
   */
  public static Build heron(LocalDate today) {
    Design plain =
        Design.of(Map.of(), Map.of("top.clamping", "vacuum-bag"), heronStrings(), heronStack())
            .withNeckSteps(List.of(new BlankStep(BlankStep.Kind.HEEL_BLOCK, "cherry", 8, 98)))
            .withSmallParts(
                List.of(
                    new SmallPart("control cover", "elm", 120, 90, 4),
                    new SmallPart("rod cover", "cherry", 60, 28, 3)));
    return new Build(
        "Heron",
        DemoFittings.heron(plain),
        DemoWork.heron(
            log(
                Reading.of("control.selector.height", 34, today.minusDays(1)),
                Reading.of("pickup.bridge.height", 18.6, today.minusDays(1)),
                Reading.of("shaft.thickness", 14.9, today.minusDays(2)),
                Reading.of("nut.width", 43.2, today.minusDays(1)),
                Reading.of("fretboard.end-width", 56.4, today.minusDays(1))),
            today),
        Brief.NONE
            .with(
                new Brief.Wish(
                    "Maximum weight 4300",
                    Brief.Kind.AT_MOST,
                    RoutKeys.INSTRUMENT_MASS.id(),
                    4300,
                    false))
            .with(new Brief.Wish("Comes apart for travel", Brief.Kind.COMES_APART, "", 0, false))
            .with(
                new Brief.Wish(
                    "The pear's figure meets in the middle", Brief.Kind.BY_EYE, "", 0, true)));
  }

  /**
   * Seven strings, baritone, a seven-strip through-neck of plum and larch with wings: at the
   * boards, with a stack that the board chosen first doesn't give with the saw chosen first.
   */
  public static Build bittern() {
    Map<String, Double> numbers = new HashMap<>();
    numbers.put("scale.length", 673.0);
    numbers.put("scale.treble", 660.0);
    numbers.put("scale.bass", 686.0);
    numbers.put("scale.perpendicular-fret", 8.0);
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
    numbers.put("heel.end", 862.0);
    numbers.put("heel.thickness", 38.0);
    numbers.put("rod.length", 455.0);
    numbers.put("saw.kerf", 3.0);
    numbers.put("saw.allowance", 0.5);
    numbers.put("scarf.planing", 0.5);
    numbers.put("clamp.owned", 12.0);
    body(numbers, 404, 262, 216, 312);
    horns(numbers, 66, 52, 14);
    numbers.put("body.thickness", 42.0);
    numbers.put("body.top-thickness", 0.0);
    numbers.put("body.accent", 0.0);
    // A fan wants its bridge on a slant.
    numbers.put("bridge.slant", 18.0);
    numbers.put("bridge.posts", 60.0);
    numbers.put("saddle.height", 12.5);
    Strip larch = new Strip("larch", 8, Strip.Grain.TO_HEAD);
    Strip plum = new Strip("plum", 11.5, Strip.Grain.TO_HEEL);
    return new Build(
        "Bittern",
        DemoFittings.bittern(
            Design.of(
                    numbers,
                    Map.of(
                        "scarf.school", "seam-across-head",
                        "board.neck.plum", "plum-1",
                        "neck.fixing", "through",
                        "bridge.kind", "flat-plate",
                        "body.species", "lime",
                        "body.top-species", "larch"),
                    bitternStrings(),
                    Stack.mirroredFromMiddle(larch, plum, larch, plum))
                .withNeckSteps(
                    List.of(new BlankStep(BlankStep.Kind.HEEL_BLOCK, "plum", 20, 440)))));
  }

  /**
   * Four strings, bass, 762 scale, 21 frets, a plum neck in one piece, the seam across the head
   * under a bog-oak face veneer, a lime body: nearly due.
   */
  public static Build dunlin(LocalDate today) {
    Map<String, Double> numbers = bass();
    numbers.put("head.angle", 10.0);
    numbers.put("head.length", 190.0);
    numbers.put("head.face-veneer", 2.5);
    numbers.put("head.thickness", 14.0);
    numbers.put("tuner.treble-side", 0.0);
    numbers.put("tuner.first", 38.0);
    numbers.put("tuner.spacing", 40.0);
    numbers.put("tuner.grip-most", 20.0);
    numbers.put("heel.end", 610.0);
    numbers.put("rod.length", 500.0);
    numbers.put("scarf.planing", 0.5);
    body(numbers, 432, 288, 232, 326);
    horns(numbers, 104, 34, 30);
    numbers.put("body.blank-length", 560.0);
    numbers.put("body.top-thickness", 5.0);
    return new Build(
        "Dunlin",
        DemoFittings.dunlin(
            Design.of(
                    numbers,
                    Map.of(
                        "scarf.school", "seam-across-head",
                        "neck.fixing", "glued-in",
                        "board.neck.plum", "plum-3",
                        "glue.kind", "epoxy",
                        "body.species", "lime",
                        "body.top-species", "larch",
                        "strings.kind", "bass",
                        "bridge.kind", "bar-tailpiece",
                        "fretboard.species", "bog-oak"),
                    dunlinStrings(),
                    new Stack(List.of(new Strip("plum", 72, Strip.Grain.TO_HEEL)), true))
                .withNeckSteps(List.of(new BlankStep(BlankStep.Kind.HEEL_BLOCK, "plum", 7, 120)))),
        log(Reading.of("shaft.thickness", 19.2, today.minusDays(12))),
        Brief.NONE
            .withDue(Optional.of(today.plusDays(40)))
            .with(new Brief.Wish("Only wood in hand", Brief.Kind.ONLY_IN_HAND, "", 0, false)));
  }

  /**
   * Dunlin's left-handed twin without a headstock: a headpiece behind the nut, a bridge with
   * tuners, a long tenon that reaches under the neck pickup, a small lime body. Drawn, and nothing
   * cut yet.
   */
  public static Build dotterel() {
    Map<String, Double> numbers = bass();
    numbers.put("head.stub", 28.0);
    numbers.put("tenon.width", 44.0);
    numbers.put("tenon.depth", 20.0);
    numbers.put("heel.end", 636.0);
    numbers.put("rod.length", 516.0);
    numbers.put("saddle.height", 15.0);
    numbers.put("clamp.owned", 20.0);
    body(numbers, 396, 270, 226, 318);
    horns(numbers, 84, 30, 20);
    numbers.put("body.blank-length", 500.0);
    numbers.put("body.top-thickness", 0.0);
    return new Build(
        "Dotterel",
        DemoFittings.dotterel(
            Design.of(
                    numbers,
                    Map.of(
                        "instrument.hand", "left",
                        "head.made", "headless",
                        "rod.worked-from", "fretboard-end",
                        "neck.fixing", "glued-in",
                        "glue.kind", "epoxy",
                        "body.species", "lime",
                        "strings.kind", "bass",
                        "bridge.kind", "tuner-bridge",
                        "fretboard.species", "bog-oak"),
                    dunlinStrings(),
                    Stack.mirroredFromMiddle(
                        new Strip("plum", 24, Strip.Grain.TO_HEEL),
                        new Strip("cherry", 24, Strip.Grain.TO_HEAD)))
                .withNeckSteps(
                    List.of(new BlankStep(BlankStep.Kind.HEEL_BLOCK, "cherry", 7, 150)))));
  }

  /**
   * Six strings, 628 scale, a headstock in line, a carved pear top over alder with a chamber under
   * it, one deep cutaway, a bridge that pivots on springs, three pickups and a lever switch, bolts
   * into inserts: drawn, and nothing cut yet.
   */
  public static Build avocet() {
    return Avocet.BUILD;
  }

  /** Its headstock is drawn round its tuners as they stand, once. */
  private static final class Avocet {
    static final Build BUILD = withHead(avocetWithoutHead());

    private static Build withHead(Build build) {
      return build.withDesign(HeadStart.IN_LINE.in(Plan.of(build, shop())));
    }
  }

  private static Build avocetWithoutHead() {
    Map<String, Double> numbers = new HashMap<>();
    numbers.put("scale.length", 628.0);
    numbers.put("saddle.height", 13.0);
    numbers.put("scarf.planing", 0.5);
    body(numbers, 408, 270, 236, 340);
    horns(numbers, 8, 46, 6);
    numbers.put("body.blank-length", 500.0);
    numbers.put("body.thickness", 46.0);
    numbers.put("body.top-thickness", 14.0);
    numbers.put("body.accent", 0.0);
    return new Build(
        "Avocet",
        DemoFittings.avocet(
            Design.of(
                    numbers,
                    Map.of(
                        "bridge.kind", "pivoting",
                        "bolt.kind", "inserts",
                        "glue.kind", "epoxy",
                        "body.species", "red-alder",
                        "body.top-species", "pear"),
                    heronStrings(),
                    heronStack())
                .withNeckSteps(
                    List.of(new BlankStep(BlankStep.Kind.HEEL_BLOCK, "cherry", 8, 98)))));
  }

  /** What the two basses have alike. */
  private static Map<String, Double> bass() {
    Map<String, Double> numbers = new HashMap<>();
    numbers.put("scale.length", 762.0);
    numbers.put("strings.spread-x", 690.0);
    numbers.put("strings.pole-spread", 55.0);
    numbers.put("scale.frets", 21.0);
    numbers.put("nut.width", 41.0);
    numbers.put("nut.edge-margin", 4.0);
    numbers.put("fretboard.end-width", 63.0);
    numbers.put("bridge.spread", 57.0);
    numbers.put("shaft.thickness", 19.0);
    numbers.put("neck.thickness-1", 21.5);
    numbers.put("neck.thickness-12", 23.5);
    numbers.put("joint.x", 520.0);
    numbers.put("heel.thickness", 24.0);
    numbers.put("body.thickness", 42.0);
    numbers.put("body.accent", 0.0);
    return numbers;
  }

  private static void body(
      Map<String, Double> numbers, double length, double upper, double waist, double lower) {
    numbers.put("body.length", length);
    numbers.put("body.upper-width", upper);
    numbers.put("body.waist-width", waist);
    numbers.put("body.lower-width", lower);
  }

  private static void horns(Map<String, Double> numbers, double bass, double treble, double slant) {
    numbers.put("body.horn-bass", bass);
    numbers.put("body.horn-treble", treble);
    numbers.put("body.slant", slant);
  }

  private static List<StringSpec> bitternStrings() {
    return List.of(
        new StringSpec(0.305, false, 0, 293.66),
        new StringSpec(0.406, false, 0, 220.00),
        new StringSpec(0.559, false, 0, 174.61),
        new StringSpec(0.813, true, 0, 130.81),
        new StringSpec(1.067, true, 0, 98.00),
        new StringSpec(1.372, true, 0, 73.42),
        new StringSpec(1.727, true, 0, 55.00));
  }

  private static List<StringSpec> heronStrings() {
    return List.of(
        new StringSpec(0.254, false, 0, 329.63),
        new StringSpec(0.330, false, 0, 246.94),
        new StringSpec(0.432, false, 0, 196.00),
        new StringSpec(0.660, true, 0, 146.83),
        new StringSpec(0.914, true, 0, 110.00),
        new StringSpec(1.168, true, 0, 82.41));
  }

  private static List<StringSpec> dunlinStrings() {
    return List.of(
        new StringSpec(1.016, true, 0, 97.999),
        new StringSpec(1.397, true, 0, 73.416),
        new StringSpec(1.905, true, 0, 55.0),
        new StringSpec(2.540, true, 0, 41.203));
  }

  private static Stack heronStack() {
    return Stack.mirroredFromMiddle(
        new Strip("hornbeam", 8, Strip.Grain.TO_HEEL),
        new Strip("cherry", 19.8, Strip.Grain.TO_HEAD),
        new Strip("hornbeam", 7.2, Strip.Grain.TO_HEEL));
  }
}
