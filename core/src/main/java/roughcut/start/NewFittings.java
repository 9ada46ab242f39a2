package roughcut.start;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingType;

/** What a new instrument is fitted with: two pickups, volume and tone, a jack, strap buttons. */
final class NewFittings {
  /** Half the width of a usual pickup's rout along the strings, and the wood beside it, mm. */
  private static final double PICKUP_HALF = 19.5;

  private static final double BESIDE = 6;

  /** Two pickups in their rings stand at least so far apart, middle to middle, mm. */
  private static final double APART = 48;

  private NewFittings() {}

  /**
   * Puts them in.
   *
   * @param scale on the centre line, mm
   * @param fan how much longer the bass side is, mm
   * @param ends where neck or fretboard end, from the nut line, mm
   */
  static Design into(Design design, InstrumentKind kind, double scale, double fan, double ends) {
    Map<String, Double> numbers = new HashMap<>(design.numbers());
    String pickup =
        switch (kind) {
          case SIX_STRINGS, TWELVE_STRINGS, BARITONE -> "double-coil";
          case TENOR -> "four-double";
          case SEVEN_STRINGS -> "seven-double";
          case FOUR_STRING_BASS, EIGHT_STRING_BASS -> "bass-long";
          case EIGHT_STRINGS -> "eight-double";
          case NINE_STRINGS -> "nine-double";
          case TEN_STRINGS -> "ten-double";
          case FIVE_STRING_BASS, TEN_STRING_BASS -> "bass-five";
          case SIX_STRING_BASS -> "bass-six";
        };
    // Clear of the neck's pocket, or of the fretboard's end where there is none; a leaning bridge
    // reaches further forward.
    double atBridge = (kind.bass() ? 70 : 46) + 0.5 * fan;
    double atNeck = Math.min(kind.bass() ? 150 : 122, scale - ends - PICKUP_HALF - BESIDE);
    boolean two = atNeck - atBridge >= APART;
    numbers.put("pickup.bridge.from-saddle", atBridge);
    if (two) {
      numbers.put("pickup.neck.from-saddle", atNeck);
    }
    // Controls and jack go with the body, which begins where the neck enters it.
    double begins = numbers.get("joint.x");
    place(numbers, "control.volume", begins + (kind.bass() ? 242 : 236), kind.bass() ? 96 : 82);
    place(numbers, "control.tone", begins + (kind.bass() ? 280 : 270), kind.bass() ? 104 : 96);
    numbers.put("jack.output.round", kind.bass() ? 66.0 : 64.0);
    numbers.put("jack.output.plate-width", kind.bass() ? 34.0 : 38.0); // on the flat of the edge
    numbers.put("strap.horn.round", 11.5);
    numbers.put("strap.end.round", 50.0);
    // Beside the bridge's treble stud, which stands further out on the widest.
    numbers.put("channel.bridge-wire.aside", kind == InstrumentKind.TEN_STRINGS ? 20.0 : 8.0);
    List<Fitting> fittings = new ArrayList<>();
    if (two) {
      fittings.add(new Fitting(FittingType.PICKUP, "neck", pickup));
      fittings.add(new Fitting(FittingType.CHANNEL, "neck-wire", "wire-channel", "neck", "bridge"));
    }
    fittings.add(new Fitting(FittingType.PICKUP, "bridge", pickup));
    fittings.add(new Fitting(FittingType.CONTROL, "volume", "pot"));
    fittings.add(new Fitting(FittingType.CONTROL, "tone", "pot"));
    fittings.add(new Fitting(FittingType.CAVITY, "controls", "back-cavity", "volume", "tone"));
    fittings.add(new Fitting(FittingType.JACK, "output", "edge-jack", "controls"));
    fittings.add(
        new Fitting(FittingType.CHANNEL, "bridge-wire", "wire-channel", "bridge", "controls"));
    fittings.add(new Fitting(FittingType.STRAP, "horn", "strap-button"));
    fittings.add(new Fitting(FittingType.STRAP, "end", "strap-button"));
    return design.withNumbers(numbers).withFittings(fittings);
  }

  private static void place(Map<String, Double> numbers, String id, double x, double y) {
    numbers.put(id + ".x", x);
    numbers.put(id + ".y", y);
  }
}
