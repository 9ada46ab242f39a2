package roughcut.demo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingType;

/** What is fitted into the bodies of the demo. */
final class DemoFittings {
  private DemoFittings() {}

  /** Two double-coils in rings, three controls in the back, channels under the top. */
  static Design heron(Design design) {
    Map<String, Double> numbers = new HashMap<>(design.numbers());
    numbers.put("pickup.neck.from-saddle", 122.0);
    numbers.put("pickup.bridge.from-saddle", 46.0);
    place(numbers, "control.volume", 668, 82);
    place(numbers, "control.tone", 702, 98);
    place(numbers, "control.selector", 738, 96);
    numbers.put("control.selector.angle", 20.0);
    numbers.put("channel.bridge-wire.aside", 8.0);
    numbers.put("jack.output.round", 64.0);
    numbers.put("strap.horn.round", 11.5);
    numbers.put("strap.end.round", 50.0);
    place(numbers, "bore.index-1", 596, 0);
    numbers.put("bore.index-1.depth", 11.0);
    place(numbers, "bore.index-2", 664, 0);
    numbers.put("bore.index-2.depth", 8.0);
    return design
        .withNumbers(numbers)
        .withFittings(
            List.of(
                new Fitting(FittingType.PICKUP, "neck", "double-coil", "pocket"),
                new Fitting(FittingType.PICKUP, "bridge", "double-coil"),
                new Fitting(FittingType.CONTROL, "volume", "pot"),
                new Fitting(FittingType.CONTROL, "tone", "pot"),
                new Fitting(FittingType.CONTROL, "selector", "toggle"),
                new Fitting(
                    FittingType.CAVITY, "controls", "back-cavity", "volume", "tone", "selector"),
                new Fitting(FittingType.JACK, "output", "edge-jack", "controls"),
                new Fitting(FittingType.CHANNEL, "neck-wire", "routed-channel", "neck", "bridge"),
                new Fitting(
                    FittingType.CHANNEL, "bridge-wire", "wire-channel", "bridge", "controls"),
                new Fitting(
                    FittingType.CHANNEL, "ground", "ground-wire", "post-treble", "controls"),
                new Fitting(FittingType.STRAP, "horn", "strap-button"),
                new Fitting(FittingType.STRAP, "end", "strap-button"),
                new Fitting(FittingType.BORE, "index-1", "index-bore", "bridge"),
                new Fitting(FittingType.BORE, "index-2", "index-bore")));
  }

  /** Slanted pickups screwed to their floors, strings through the body, contours on both faces. */
  static Design bittern(Design design) {
    Map<String, Double> numbers = new HashMap<>(design.numbers());
    numbers.put("pickup.neck.from-saddle", 134.0);
    numbers.put("pickup.neck.angle", 5.0);
    numbers.put("pickup.bridge.from-saddle", 48.0);
    numbers.put("pickup.bridge.angle", 9.0);
    place(numbers, "control.volume", 716, 96);
    place(numbers, "control.tone", 752, 108);
    place(numbers, "control.voice", 786, 96);
    numbers.put("jack.output.round", 66.0);
    numbers.put("jack.output.turn", -12.0);
    numbers.put("channel.bridge-wire.aside", 14.0);
    numbers.put("strap.horn.round", 11.5);
    numbers.put("strap.end.round", 47.0);
    numbers.put("arm.depth", 12.0);
    numbers.put("belly.depth", 14.0);
    numbers.put("heel-carve.depth", 10.0);
    Map<String, String> choices = new HashMap<>(design.choices());
    choices.put("pickup.neck.fixing", "direct");
    choices.put("pickup.bridge.fixing", "direct");
    choices.put("bridge.strung-through", "yes");
    return design
        .withNumbers(numbers)
        .withChoices(choices)
        .withFittings(
            List.of(
                new Fitting(FittingType.PICKUP, "neck", "seven-double"),
                new Fitting(FittingType.PICKUP, "bridge", "seven-double"),
                new Fitting(FittingType.CONTROL, "volume", "pot"),
                new Fitting(FittingType.CONTROL, "tone", "pot"),
                new Fitting(FittingType.CONTROL, "voice", "rotary"),
                new Fitting(
                    FittingType.CAVITY, "controls", "back-cavity", "volume", "tone", "voice"),
                new Fitting(FittingType.JACK, "output", "barrel-jack", "controls"),
                new Fitting(FittingType.CHANNEL, "pickup-wire", "wire-channel", "neck", "bridge"),
                new Fitting(
                    FittingType.CHANNEL, "bridge-wire", "wire-channel", "bridge", "controls"),
                new Fitting(FittingType.STRAP, "horn", "strap-button"),
                new Fitting(FittingType.STRAP, "end", "strap-button")));
  }

  /**
   * Controls from the front under a plate, a battery box at the back, relief bores under the top.
   */
  static Design dunlin(Design design) {
    Map<String, Double> numbers = new HashMap<>(design.numbers());
    numbers.put("pickup.middle.from-saddle", 128.0);
    numbers.put("pickup.bridge.from-saddle", 58.0);
    place(numbers, "control.volume", 742, 98);
    place(numbers, "control.blend", 778, 106);
    place(numbers, "control.tone", 814, 102);
    numbers.put("cavity.controls.left", 14.0);
    numbers.put("cavity.controls.ledge", 0.0);
    numbers.put("plate.plate.overlap", 10.0);
    numbers.put("plate.plate.screws", 6.0);
    numbers.put("channel.battery-wire.aside", -4.0);
    numbers.put("plate.guard.overlap", 14.0);
    numbers.put("plate.guard.screws", 6.0);
    place(numbers, "cavity.battery", 850, -72);
    numbers.put("cavity.battery.left", 14.0);
    numbers.put("jack.output.round", 66.0);
    numbers.put("strap.horn.round", 11.5);
    numbers.put("strap.end.round", 50.0);
    place(numbers, "relief.horn-bore", 560, -92);
    numbers.put("relief.horn-bore.diameter", 35.0);
    numbers.put("body.mass-target", 2500.0);
    numbers.put("hardware.other-mass", 780.0);
    Map<String, String> choices = new HashMap<>(design.choices());
    choices.put("cavity.controls.face", "top");
    choices.put("pickup.middle.fixing", "direct");
    choices.put("pickup.bridge.fixing", "top");
    return design
        .withNumbers(numbers)
        .withChoices(choices)
        .withFittings(
            List.of(
                new Fitting(FittingType.PICKUP, "middle", "bass-long"),
                new Fitting(FittingType.PICKUP, "bridge", "bass-narrow"),
                new Fitting(FittingType.CONTROL, "volume", "pot"),
                new Fitting(FittingType.CONTROL, "blend", "pot"),
                new Fitting(FittingType.CONTROL, "tone", "pot"),
                new Fitting(
                    FittingType.CAVITY, "controls", "back-cavity", "volume", "blend", "tone"),
                new Fitting(FittingType.CAVITY, "battery", "box"),
                new Fitting(FittingType.PLATE, "plate", "control-plate", "controls"),
                new Fitting(FittingType.PLATE, "guard", "pickguard", "middle"),
                new Fitting(FittingType.JACK, "output", "cup-jack", "controls"),
                new Fitting(FittingType.CHANNEL, "middle-wire", "wire-channel", "middle", "bridge"),
                new Fitting(
                    FittingType.CHANNEL, "bridge-wire", "wire-channel", "bridge", "controls"),
                new Fitting(
                    FittingType.CHANNEL, "battery-wire", "wire-channel", "battery", "controls"),
                new Fitting(FittingType.STRAP, "horn", "strap-button"),
                new Fitting(FittingType.STRAP, "end", "strap-button"),
                new Fitting(FittingType.RELIEF, "horn-bore", "relief-bore")));
  }

  /** A carved top, three unlike pickups, a lever in its slot, controls in recesses. */
  static Design avocet(Design design) {
    Map<String, Double> numbers = new HashMap<>(design.numbers());
    numbers.put("carve.drop", 6.0);
    numbers.put("carve.width", 46.0);
    numbers.put("carve.ledge", 10.0);
    numbers.put("edge.round-top", 0.0);
    numbers.put("pickup.neck.from-saddle", 126.0);
    numbers.put("pickup.middle.from-saddle", 86.0);
    numbers.put("pickup.bridge.from-saddle", 44.0);
    numbers.put("pickup.bridge.angle", 7.0);
    place(numbers, "control.volume", 656, 86);
    place(numbers, "control.tone", 698, 95);
    place(numbers, "control.lever", 610, 80);
    numbers.put("control.lever.angle", -75.0);

    numbers.put("channel.bridge-wire.aside", 15.0);
    numbers.put("channel.bridge-wire.from-depth", 22.0);
    numbers.put("channel.bridge-wire.to-depth", 22.0);
    numbers.put("jack.output.plate-width", 34.0);
    // Through the top of 14 into the back, where the wires' channels lie.
    for (String pickup : List.of("neck", "middle", "bridge")) {
      numbers.put("rout." + pickup + ".depth", 18.0);
    }
    numbers.put("channel.ground.from-depth", 38.0);
    numbers.put("channel.ground.to-depth", 38.0);

    numbers.put("cavity.controls.left", 10.0);
    numbers.put("control.volume.recess", 7.7);
    numbers.put("control.tone.recess", 2.0);
    numbers.put("jack.output.round", 67.0);
    numbers.put("jack.output.turn", -10.0);
    numbers.put("strap.horn.round", 11.5);
    numbers.put("strap.end.round", 50.0);
    place(numbers, "cavity.chamber", 720, -95);
    numbers.put("cavity.chamber.length", 84.0);
    numbers.put("cavity.chamber.width", 110.0);
    numbers.put("cavity.chamber.corner", 14.0);
    numbers.put("cavity.chamber.left", 8.0);
    return design
        .withNumbers(numbers)
        .withFittings(
            List.of(
                new Fitting(FittingType.PICKUP, "neck", "single-coil", "pocket"),
                new Fitting(FittingType.PICKUP, "middle", "wide-single"),
                new Fitting(FittingType.PICKUP, "bridge", "small-double"),
                new Fitting(FittingType.CONTROL, "lever", "lever"),
                new Fitting(FittingType.CONTROL, "volume", "small-pot"),
                new Fitting(FittingType.CONTROL, "tone", "long-pot"),
                new Fitting(
                    FittingType.CAVITY, "controls", "back-cavity", "lever", "volume", "tone"),
                new Fitting(FittingType.CAVITY, "chamber", "chamber"),
                new Fitting(FittingType.JACK, "output", "edge-jack", "controls"),
                new Fitting(FittingType.CHANNEL, "neck-wire", "routed-channel", "neck", "middle"),
                new Fitting(
                    FittingType.CHANNEL, "middle-wire", "routed-channel", "middle", "bridge"),
                new Fitting(
                    FittingType.CHANNEL, "bridge-wire", "wire-channel", "bridge", "controls"),
                new Fitting(FittingType.CHANNEL, "ground", "ground-wire", "springs", "controls"),
                new Fitting(FittingType.STRAP, "horn", "strap-button"),
                new Fitting(FittingType.STRAP, "end", "strap-button")));
  }

  /** Two long pickups, the front one over the tenon, and two controls. */
  static Design dotterel(Design design) {
    Map<String, Double> numbers = new HashMap<>(design.numbers());
    numbers.put("pickup.neck.from-saddle", 118.0);
    numbers.put("pickup.bridge.from-saddle", 60.0);
    place(numbers, "control.volume", 720, 90);
    place(numbers, "control.tone", 756, 92);
    numbers.put("channel.bridge-wire.aside", 8.0);
    numbers.put("jack.output.round", 70.0);
    numbers.put("jack.output.turn", -14.0);
    numbers.put("jack.output.plate-width", 34.0);
    numbers.put("strap.horn.round", 11.5);
    numbers.put("strap.end.round", 50.0);
    return design
        .withNumbers(numbers)
        .withFittings(
            List.of(
                new Fitting(FittingType.PICKUP, "neck", "bass-long", "pocket"),
                new Fitting(FittingType.PICKUP, "bridge", "bass-long"),
                new Fitting(FittingType.CONTROL, "volume", "pot"),
                new Fitting(FittingType.CONTROL, "tone", "pot"),
                new Fitting(FittingType.CAVITY, "controls", "back-cavity", "volume", "tone"),
                new Fitting(FittingType.JACK, "output", "edge-jack", "controls"),
                new Fitting(FittingType.CHANNEL, "neck-wire", "wire-channel", "neck", "bridge"),
                new Fitting(
                    FittingType.CHANNEL, "bridge-wire", "wire-channel", "bridge", "controls"),
                new Fitting(FittingType.STRAP, "horn", "strap-button"),
                new Fitting(FittingType.STRAP, "end", "strap-button")));
  }

  private static void place(Map<String, Double> numbers, String id, double x, double y) {
    numbers.put(id + ".x", x);
    numbers.put(id + ".y", y);
  }
}
