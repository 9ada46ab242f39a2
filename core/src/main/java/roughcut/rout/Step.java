package roughcut.rout;

import java.util.List;
import roughcut.geometry.Outline;
import roughcut.geometry.Prism;
import roughcut.measure.Worked;

/**
 * A part of a rout with one floor: a pickup's bed or its legs, a cavity or the ledge round it.
 *
 * @param name of its passes and template
 * @param outline seen from above
 * @param depth at its deepest, from the face that it is cut from
 * @param solids without hollows that make it up
 * @param corner radius of its inside corners, mm
 */
public record Step(String name, Outline outline, Worked depth, List<Prism> solids, double corner) {
  public Step {
    solids = List.copyOf(solids);
  }
}
