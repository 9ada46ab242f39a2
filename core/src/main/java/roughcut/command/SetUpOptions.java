package roughcut.command;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import roughcut.file.FileException;
import roughcut.file.ShopFile;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point3;
import roughcut.machining.Clamp;
import roughcut.machining.SetUp;
import roughcut.measure.InvalidInput;
import roughcut.measure.InvalidValue;
import roughcut.measure.NumberReader;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.shop.Cutter;
import roughcut.shop.Shop;
import roughcut.shop.Species;

/** How the stock lies on the machine, as a command is told it. */
final class SetUpOptions {
  @Option(
      names = "--stock",
      paramLabel = "LxWxT",
      required = true,
      description = "length, width and thickness of the stock, for example 500x350x45")
  private String stock;

  @Option(
      names = "--stock-at",
      paramLabel = "X,Y,Z",
      defaultValue = "0,0,0",
      description = "lower left corner of the stock and height of its top, from the work's zero")
  private String at;

  @Option(
      names = "--cutter",
      paramLabel = "[N=]NAME",
      required = true,
      description = "a cutter of the drawer by its name; with the number of its T word for several")
  private List<String> cutters = new ArrayList<>();

  @Option(
      names = "--shop",
      paramLabel = "DIR",
      description = "the shop folder whose drawer is used; a usual drawer if left out")
  private Path shop;

  @Option(
      names = "--wood",
      paramLabel = "WOOD",
      defaultValue = "maple",
      description = "of the stock")
  private String wood;

  @Option(
      names = "--clamp",
      paramLabel = "NAME=X,Y,X,Y,Z",
      description = "two corners of a clamp and the height of its top, from the work's zero")
  private List<String> clamps = new ArrayList<>();

  @Option(
      names = "--under",
      paramLabel = "LENGTH",
      defaultValue = "0",
      description = "how far it may cut into the board under the stock")
  private String under;

  @Option(
      names = "--nut",
      paramLabel = "LENGTH",
      defaultValue = "35",
      description = "diameter of what holds the cutter")
  private String nut;

  @Option(
      names = "--cell",
      paramLabel = "LENGTH",
      defaultValue = "0.25",
      description = "side of the cells that the wood is worked out in")
  private String cell;

  @Mixin private MachineOptions machine;

  @Option(
      names = "--zero",
      paramLabel = "[N=]X,Y,Z",
      description =
          "the work's zero in machine coordinates, for G54 or for the G word of that number")
  private List<String> zeros = new ArrayList<>();

  /**
   * The set-up.
   *
   * @throws BadSetting in words, naming the option
   */
  SetUp setUp() throws BadSetting, FileException {
    double[] size = numbers("--stock", stock, stock, "[x×]", 3);
    double[] corner = numbers("--stock-at", at, at, ",", 3);
    Shop drawer = shop == null ? Shop.usual("") : ShopFile.open(shop).shop();
    try {
      return new SetUp(
          new Bounds(corner[0], corner[1], corner[0] + size[0], corner[1] + size[1]),
          corner[2],
          size[2],
          length("--cell", cell),
          cutters(drawer),
          clamps(),
          length("--under", under),
          length("--nut", nut),
          wood(drawer).density(),
          zeros(),
          machine.machine());
    } catch (InvalidValue e) {
      throw new BadSetting(e.told());
    }
  }

  private Map<Integer, Cutter> cutters(Shop drawer) throws BadSetting {
    Map<Integer, Cutter> all = new HashMap<>();
    for (String typed : cutters) {
      Map.Entry<Integer, String> named = numbered("--cutter", typed, all.size() + 1);
      Optional<Cutter> found =
          drawer.cutters().stream()
              .filter(c -> c.name().equalsIgnoreCase(named.getValue()))
              .findFirst();
      if (found.isEmpty()) {
        throw new BadSetting(
            "--cutter",
            typed,
            Text.of(
                "it is one of {choices}",
                String.join(", ", drawer.cutters().stream().map(Cutter::name).toList())));
      }
      if (all.put(named.getKey(), found.get()) != null) {
        throw new BadSetting("--cutter", typed, Text.of("that number is taken"));
      }
    }
    return all;
  }

  /** The work's zeros in machine coordinates. */
  private Map<Integer, Point3> zeros() throws BadSetting {
    Map<Integer, Point3> all = new HashMap<>();
    all.put(54, new Point3(0, 0, 0));
    for (String typed : zeros) {
      Map.Entry<Integer, String> named = numbered("--zero", typed, 54);
      double[] place = numbers("--zero", typed, named.getValue(), ",", 3);
      all.put(named.getKey(), new Point3(place[0], place[1], place[2]));
    }
    return all;
  }

  private static Map.Entry<Integer, String> numbered(String option, String typed, int usual)
      throws BadSetting {
    int equals = typed.indexOf('=');
    if (equals < 0) {
      return Map.entry(usual, typed.strip());
    }
    try {
      return Map.entry(
          Integer.parseInt(typed.substring(0, equals).strip()),
          typed.substring(equals + 1).strip());
    } catch (NumberFormatException e) {
      throw new BadSetting(option, typed, Text.of("a whole number stands before ="));
    }
  }

  private List<Clamp> clamps() throws BadSetting {
    List<Clamp> all = new ArrayList<>();
    for (String typed : clamps) {
      int equals = typed.indexOf('=');
      if (equals < 1) {
        throw new BadSetting("--clamp", typed, Text.of("write it as name=x,y,x,y,z"));
      }
      double[] n = numbers("--clamp", typed, typed.substring(equals + 1), ",", 5);
      all.add(
          new Clamp(
              typed.substring(0, equals).strip(),
              new Bounds(
                  Math.min(n[0], n[2]),
                  Math.min(n[1], n[3]),
                  Math.max(n[0], n[2]),
                  Math.max(n[1], n[3])),
              n[4]));
    }
    return all;
  }

  /** A wood by its name or its id, or by any part of its name. */
  private Species wood(Shop drawer) throws BadSetting {
    String typed = wood.strip().toLowerCase(Locale.ROOT);
    List<Species> alike =
        drawer.woods().all().stream()
            .filter(s -> s.name().toLowerCase(Locale.ROOT).contains(typed))
            .toList();
    return drawer.woods().all().stream()
        .filter(s -> s.id().equals(typed) || s.name().equalsIgnoreCase(typed))
        .findFirst()
        .or(() -> alike.stream().findFirst())
        .orElseThrow(
            () -> new BadSetting("--wood", wood, Text.of("there is no wood of that name")));
  }

  static double[] numbers(String option, String typed, String list, String between, int count)
      throws BadSetting {
    String[] parts = list.split(between, -1);
    if (parts.length != count) {
      throw new BadSetting(
          option, typed, Text.of("it takes {count} numbers, not {given}", count, parts.length));
    }
    double[] all = new double[count];
    for (int i = 0; i < count; i++) {
      all[i] = length(option, parts[i]);
    }
    return all;
  }

  private static double length(String option, String typed) throws BadSetting {
    try {
      return NumberReader.length(typed.strip(), Units.MM);
    } catch (InvalidInput e) {
      throw new BadSetting(option, typed, Refused.why(e));
    }
  }
}
