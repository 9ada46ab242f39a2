package roughcut.design;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Quantity.RESISTANCE;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.ToDoubleFunction;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.shop.FittingKind;

/** The numbers that each type of fitting has, with what they are until the maker says otherwise. */
public final class FittingTraits {
  /**
   * One number of a type.
   *
   * @param key last part of the decision's id
   * @param usual until it is decided: from the list, or the trade's usual
   * @param hardware whether it is a dimension of the thing in hand, listed until it is measured
   */
  public record Trait(
      String key,
      Text label,
      Quantity quantity,
      ToDoubleFunction<FittingKind> usual,
      double least,
      double most,
      double step,
      boolean hardware,
      Text hint) {
    /** Whether it is among what is decided first. */
    public boolean main() {
      return !hardware && MAIN.contains(key);
    }
  }

  /** What is decided first about any fitting: where it is, and its main size. */
  private static final Set<String> MAIN =
      Set.of(
          "from-saddle",
          "aside",
          "x",
          "y",
          "angle",
          "round",
          "depth",
          "turn",
          "left",
          "diameter",
          "from-depth",
          "to-depth",
          "overlap",
          "screws",
          "ledge");

  private static final Map<FittingType, List<Trait>> ALL = new EnumMap<>(FittingType.class);

  static {
    for (FittingType type : FittingType.values()) {
      ALL.put(type, List.copyOf(traits(type)));
    }
  }

  private FittingTraits() {}

  static List<Trait> of(FittingType type) {
    return ALL.get(type);
  }

  private static List<Trait> traits(FittingType type) {
    List<Trait> t = new ArrayList<>();
    Consumer<List<Trait>> own =
        switch (type) {
          case PICKUP -> FittingTraits::pickup;
          case CONTROL -> FittingTraits::control;
          case JACK -> FittingTraits::jack;
          case CAVITY -> FittingTraits::cavity;
          case PLATE -> FittingTraits::plate;
          case CHANNEL -> FittingTraits::channel;
          case STRAP -> FittingTraits::strap;
          case RELIEF -> FittingTraits::relief;
          case BORE -> FittingTraits::bore;
        };
    own.accept(t);
    return t;
  }

  private static void relief(List<Trait> t) {
    placed(t);
    free(t, "diameter", "Diameter", LENGTH, FittingKind::shaft, 3, 120, 1, "Of the bit.");
    free(
        t,
        "left",
        "Floor thickness",
        LENGTH,
        k -> 8,
        0,
        60,
        0.5,
        "Wood below the floor of the hole.");
  }

  private static void bore(List<Trait> t) {
    placed(t);
    free(t, "diameter", "Diameter", LENGTH, FittingKind::shaft, 1, 60, 0.1, "Of the bit.");
    free(t, "depth", "Depth", LENGTH, k -> 0, 0, 120, 0.5, "From its face. 0 goes right through.");
  }

  private static void pickup(List<Trait> t) {
    free(
        t,
        "from-saddle",
        "Distance to saddle line",
        LENGTH,
        k -> 40,
        5,
        600,
        0.5,
        "Along the centre line, from the saddle line before compensation.");
    free(
        t,
        "from-fretboard",
        "Distance to fretboard",
        LENGTH,
        k -> 6,
        0,
        400,
        0.5,
        "From the end of the real fretboard to its near side, when measured from there.");
    free(
        t,
        "aside",
        "Distance from centre line",
        LENGTH,
        k -> 0,
        -60,
        60,
        0.5,
        "From what it is centred on, towards the treble side.");
    free(
        t,
        "angle",
        "Rotation",
        ANGLE,
        k -> 0,
        -40,
        40,
        0.5,
        "Positive turns its bass end towards the bridge.");
    hardware(t, "length", "Length (across)", FittingKind::length, 5, 200, 0.5);
    hardware(t, "width", "Width (along)", FittingKind::width, 3, 120, 0.5);
    hardware(t, "height", "Height", FittingKind::height, 2, 60, 0.5);
    hardware(t, "tab-length", "Leg length", FittingKind::tabLength, 0, 40, 0.5);
    hardware(t, "tab-width", "Leg width", FittingKind::tabWidth, 0, 60, 0.5);
    hardware(t, "tab-deeper", "Extra depth of legs", FittingKind::tabDeeper, 0, 30, 0.5);
    hardware(t, "pole-spread", "Pole spacing", FittingKind::spread, 0, 150, 0.5);
    hardware(t, "ring-length", "Ring length", FittingKind::plateLength, 0, 250, 0.5);
    hardware(t, "ring-width", "Ring width", FittingKind::plateWidth, 0, 150, 0.5);
    free(
        t,
        "clearance",
        "Clearance",
        LENGTH,
        k -> 1,
        0,
        10,
        0.1,
        "Between case and wall, per side.");
    free(t, "gap", "Gap under strings", LENGTH, k -> 2.5, 0.5, 10, 0.5, "2 to 3 is usual.");
    free(t, "wire", "Room for its wire", LENGTH, k -> 3, 0, 15, 0.5, "Under the case.");
    free(
        t,
        "travel",
        "Downward travel",
        LENGTH,
        k -> 4,
        0,
        15,
        0.5,
        "How far its screws can lower it.");
    free(
        t,
        "coil",
        "Listed coil resistance",
        RESISTANCE,
        k -> 0,
        0,
        50,
        0.1,
        "From its data sheet, to compare a measurement with.");
    free(
        t,
        "screw",
        "Height per turn",
        FINE_LENGTH,
        k -> 0.5,
        0.1,
        3,
        0.05,
        "The pitch of its screws: how much one turn raises it.");
    free(
        t,
        "corner",
        "Corner radius",
        LENGTH,
        k -> 4.75,
        0,
        30,
        0.25,
        "Of the rout: at least half the cutter diameter.");
  }

  private static void control(List<Trait> t) {
    placed(t);
    free(t, "angle", "Rotation", ANGLE, k -> 0, -180, 180, 1, "Of a body that isn't round.");
    hardware(t, "length", "Body length", FittingKind::length, 3, 90, 0.5);
    hardware(t, "width", "Body width", FittingKind::width, 3, 90, 0.5);
    hardware(t, "height", "Height inside", FittingKind::height, 2, 70, 0.5);
    free(
        t,
        "recess",
        "Recess depth",
        LENGTH,
        k -> 0,
        0,
        25,
        0.5,
        "Below the top at its shaft, so that the washer lies flat or the thread "
            + "reaches; 0 for none.");
    free(
        t,
        "recess-diameter",
        "Recess diameter",
        LENGTH,
        k -> 20,
        5,
        60,
        1,
        "Washer and socket have to fit in.");
    hardware(t, "shaft", "Hole in the top", FittingKind::shaft, 1, 40, 0.1);
    hardware(t, "slot", "Lever slot", FittingKind::spread, 0, 80, 0.5);
    hardware(t, "screws-apart", "Screw spacing", FittingKind::tabLength, 0, 90, 0.5);
    hardware(t, "bushing", "Bushing length", FittingKind::bushing, 0, 40, 0.5);
    hardware(t, "knob", "Knob diameter", FittingKind::plateLength, 0, 60, 0.5);
  }

  private static void jack(List<Trait> t) {
    free(
        t,
        "round",
        "Position round the edge",
        PERCENT,
        k -> 62,
        0,
        100,
        0.5,
        "Percentage of the way round, from the neck's bass corner round the end of the body.");
    free(
        t,
        "depth",
        "Below the top",
        LENGTH,
        k -> 0,
        0,
        100,
        0.5,
        "Depth of its axis. 0 is halfway.");
    free(t, "turn", "Axis rotation", ANGLE, k -> 0, -60, 60, 1, "From square to the edge.");
    hardware(t, "bore", "Hole diameter", FittingKind::shaft, 5, 60, 0.5);
    hardware(t, "inside", "Depth inside the body", FittingKind::height, 5, 80, 0.5);
    hardware(t, "plate-length", "Plate length", FittingKind::plateLength, 0, 90, 0.5);
    hardware(t, "plate-width", "Plate width", FittingKind::plateWidth, 0, 90, 0.5);
  }

  private static void cavity(List<Trait> t) {
    placed(t);
    free(
        t,
        "length",
        "Length",
        LENGTH,
        FittingKind::length,
        10,
        400,
        1,
        "Across the strings, for a cavity without controls.");
    free(
        t,
        "width",
        "Width",
        LENGTH,
        FittingKind::width,
        10,
        400,
        1,
        "Along the strings, for a cavity without controls.");
    free(
        t,
        "wall",
        "Room around them",
        LENGTH,
        k -> 3,
        0,
        20,
        0.5,
        "Between pot or switch and wall.");
    free(
        t,
        "left",
        "Wood left",
        LENGTH,
        k -> 5,
        1,
        40,
        0.5,
        "Between its floor and the other face.");
    free(
        t, "ledge", "Ledge width", LENGTH, k -> 7, 0, 30, 0.5, "The cover sits on it; 0 for none.");
    free(t, "cover", "Cover thickness", LENGTH, k -> 3, 0, 12, 0.1, "The depth of the ledge.");
    free(t, "corner", "Corner radius", LENGTH, k -> 9.5, 1, 40, 0.5, "Of its walls.");
    free(t, "cover-gap", "Gap around the cover", LENGTH, k -> 0.2, 0, 2, 0.05, "Per side.");
    free(t, "screws", "Number of cover screws", COUNT, k -> 4, 0, 16, 1, "Along the ledge.");
    free(
        t,
        "lug",
        "Screws from the wall",
        LENGTH,
        k -> 5,
        2,
        20,
        0.5,
        "From the cavity wall to the screw centre. The ledge gets a lug of that radius "
            + "around each.");
  }

  private static void plate(List<Trait> t) {
    free(t, "overlap", "Overlap", LENGTH, k -> 6, 0, 60, 0.5, "Beyond the edge of what it covers.");
    free(t, "thickness", "Thickness", LENGTH, k -> 2.5, 0.5, 12, 0.1, "Of the plate.");
    free(t, "screws", "Number of screws", COUNT, k -> 5, 0, 24, 1, "Along its edge.");
  }

  private static void channel(List<Trait> t) {
    free(
        t, "diameter", "Diameter", LENGTH, FittingKind::shaft, 1, 30, 0.5, "Of the bit or cutter.");
    free(
        t,
        "from-depth",
        "Depth at the first end",
        LENGTH,
        k -> 0,
        0,
        100,
        0.5,
        "Of its axis, below the top. 0 is just above the shallower floor.");
    free(
        t,
        "to-depth",
        "Depth at the second end",
        LENGTH,
        k -> 0,
        0,
        100,
        0.5,
        "Of its axis, below the top. 0 is just above the shallower floor.");
    free(
        t,
        "aside",
        "Sideways shift",
        LENGTH,
        k -> 0,
        -150,
        150,
        1,
        "Of its line, square to itself.");
  }

  private static void strap(List<Trait> t) {
    free(
        t,
        "round",
        "Position round the edge",
        PERCENT,
        k -> 50,
        0,
        100,
        0.5,
        "Percentage of the way round, from the neck's bass corner round the end of the body.");
    free(
        t,
        "depth",
        "Below the top",
        LENGTH,
        k -> 0,
        0,
        100,
        0.5,
        "Depth of its screw. 0 is halfway.");
    hardware(t, "pilot", "Pilot hole", FittingKind::shaft, 1, 12, 0.1);
    hardware(t, "inside", "Screw depth", FittingKind::height, 5, 80, 0.5);
  }

  private static void placed(List<Trait> t) {
    free(
        t,
        "x",
        "Distance from nut line",
        LENGTH,
        k -> 0,
        -100,
        1600,
        0.5,
        "Along the centre line.");
    free(
        t,
        "y",
        "Distance from centre line",
        LENGTH,
        k -> 0,
        -400,
        400,
        0.5,
        "Towards the treble side.");
  }

  private static void free(
      List<Trait> t,
      String key,
      String label,
      Quantity quantity,
      ToDoubleFunction<FittingKind> usual,
      double least,
      double most,
      double step,
      String hint) {
    t.add(new Trait(key, Text.of(label), quantity, usual, least, most, step, false, Text.of(hint)));
  }

  private static void hardware(
      List<Trait> t,
      String key,
      String label,
      ToDoubleFunction<FittingKind> usual,
      double least,
      double most,
      double step) {
    t.add(
        new Trait(
            key,
            Text.of(label),
            LENGTH,
            usual,
            least,
            most,
            step,
            true,
            Text.of("Listed size, until it is measured.")));
  }
}
