package roughcut.machining;

import java.util.List;
import roughcut.measure.Text;
import roughcut.shop.Cutter;

/**
 * A program for one cutter and one face up.
 *
 * @param file its name
 * @param cuts what it cuts, in its order
 * @param text as a controller reads it
 * @param report of running that text on the stock as the programs before it left it
 */
public record MachineProgram(
    String file, Cutter cutter, List<Text> cuts, String text, SimulationReport report) {
  public MachineProgram {
    cuts = List.copyOf(cuts);
  }
}
