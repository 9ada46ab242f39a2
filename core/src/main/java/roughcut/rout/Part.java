package roughcut.rout;

import roughcut.geometry.Convex;
import roughcut.geometry.Outline;

/**
 * A piece of hardware as a solid, in or on the body.
 *
 * @param id its own among all parts
 * @param words what the maker calls it
 * @param of name of the fitting that it belongs to
 * @param outline seen from above
 * @param above whether it lies on the top; otherwise it is inside
 */
public record Part(
    String id, String words, String of, Convex solid, Outline outline, boolean above) {}
