package roughcut.machining;

import java.util.List;
import roughcut.stock.HeightMap;

/**
 * What became of the stock, and how.
 *
 * @param stock as it is cut
 * @param faults the worst of each kind in each line, by line
 * @param seconds that it takes, without what a machine needs to gather speed and to slow down
 * @param cut way on which the cutter is fed, mm
 * @param rapid way on which it isn't, mm
 * @param removed wood, mm³
 * @param deepest the cutter's tip came, in the work's coordinates; infinite where it never moved
 */
public record SimulationReport(
    HeightMap stock,
    List<SimulationFault> faults,
    double seconds,
    double cut,
    double rapid,
    double removed,
    double deepest) {
  public SimulationReport {
    faults = List.copyOf(faults);
  }

  /** Whether the program mustn't be run as it is. */
  public boolean stops() {
    return faults.stream().anyMatch(SimulationFault::stops);
  }
}
