package roughcut.rout;

import roughcut.geometry.Outline;
import roughcut.geometry.Solid;
import roughcut.measure.Text;

/**
 * A piece of hardware as a solid, in or on the body.
 *
 * @param id its own among all parts
 * @param words what the maker calls it
 * @param of name of the fitting that it belongs to
 * @param outline seen from above
 * @param above whether it lies on the top; otherwise it is inside
 */
public record HardwareSolid(
    String id, Text words, String of, Solid solid, Outline outline, boolean above) {}
