package roughcut.gcode;

/**
 * A letter with its number, as it stands in a program.
 *
 * @param letter always a capital
 * @param value as written: no units yet
 */
public record Word(char letter, double value) {}
