package roughcut.gcode;

import roughcut.measure.Text;

/**
 * What a controller couldn't do as it is written.
 *
 * @param line of the text, from 1; the last where something is missing at the end
 */
public record Fault(int line, Text words) {}
