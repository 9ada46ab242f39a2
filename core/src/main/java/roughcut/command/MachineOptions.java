package roughcut.command;

import java.util.Optional;
import picocli.CommandLine.Option;
import roughcut.measure.Text;
import roughcut.shop.Machine;

/** A CNC router's limits, as a command is told them. */
final class MachineOptions {
  @Option(
      names = "--travel",
      paramLabel = "X,Y,Z",
      description = "travel of the machine; its zero is at the left front, all the way up")
  private String travel;

  @Option(
      names = "--speeds",
      paramLabel = "LEAST-MOST",
      description = "of the machine's spindle, /min; 0-24000 if left out")
  private String speeds;

  @Option(
      names = "--feeds",
      paramLabel = "MOST,RAPID",
      description = "of the machine, mm/min; 5000,5000 if left out")
  private String feeds;

  /** Its limits; empty where none are given. */
  Optional<Machine> machine() throws BadSetting {
    if (travel == null) {
      alone("--speeds", speeds);
      alone("--feeds", feeds);
      return Optional.empty();
    }
    double[] way = SetUpOptions.numbers("--travel", travel, travel, ",", 3);
    double[] turns = SetUpOptions.numbers("--speeds", speeds, or(speeds, "0-24000"), "-", 2);
    double[] fed = SetUpOptions.numbers("--feeds", feeds, or(feeds, "5000,5000"), ",", 2);
    return Optional.of(
        new Machine("--travel", way[0], way[1], way[2], turns[0], turns[1], fed[0], fed[1]));
  }

  private static String or(String typed, String usual) {
    return typed == null ? usual : typed;
  }

  /** What wouldn't count isn't taken silently. */
  private static void alone(String option, String typed) throws BadSetting {
    if (typed != null) {
      throw new BadSetting(option, typed, Text.of("give the machine's --travel too"));
    }
  }
}
