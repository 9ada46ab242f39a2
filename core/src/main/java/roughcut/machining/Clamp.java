package roughcut.machining;

import roughcut.geometry.Bounds;

/**
 * Something that holds the work and mustn't be hit: a clamp, a pin, a stop.
 *
 * @param where as seen from above, in the work's coordinates, mm
 * @param top its height in them, mm
 */
public record Clamp(String name, Bounds where, double top) {}
