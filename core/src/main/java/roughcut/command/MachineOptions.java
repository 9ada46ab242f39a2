package roughcut.command;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Option;
import roughcut.geometry.Point3;
import roughcut.shop.Machine;

/** A driven router's limits, as a command is told them. */
final class MachineOptions {
  @Option(
      names = "--travel",
      paramLabel = "X,Y,Z",
      description = "travel of the machine; its zero is at the left front, all the way up")
  private String travel;

  @Option(
      names = "--zero",
      paramLabel = "[N=]X,Y,Z",
      description =
          "the work's zero in machine coordinates, for G54 or for the G word of that number")
  private List<String> zeros = new ArrayList<>();

  @Option(
      names = "--speeds",
      paramLabel = "LEAST-MOST",
      defaultValue = "0-24000",
      description = "of the machine's spindle, turns a minute")
  private String speeds;

  @Option(
      names = "--feeds",
      paramLabel = "MOST,RAPID",
      defaultValue = "5000,5000",
      description = "of the machine, mm a minute")
  private String feeds;

  /** The work's zeros in machine coordinates. */
  Map<Integer, Point3> zeros() throws BadSetting {
    Map<Integer, Point3> all = new HashMap<>();
    all.put(54, new Point3(0, 0, 0));
    for (String typed : zeros) {
      Map.Entry<Integer, String> named = SetUpOptions.numbered("--zero", typed, 54);
      double[] place = SetUpOptions.numbers("--zero", typed, named.getValue(), ",", 3);
      all.put(named.getKey(), new Point3(place[0], place[1], place[2]));
    }
    return all;
  }

  /** Its limits; empty where none are given. */
  Optional<Machine> machine() throws BadSetting {
    if (travel == null) {
      return Optional.empty();
    }
    double[] way = SetUpOptions.numbers("--travel", travel, travel, ",", 3);
    double[] turns = SetUpOptions.numbers("--speeds", speeds, speeds, "-", 2);
    double[] fed = SetUpOptions.numbers("--feeds", feeds, feeds, ",", 2);
    return Optional.of(
        new Machine("--travel", way[0], way[1], way[2], turns[0], turns[1], fed[0], fed[1]));
  }
}
