package roughcut.bench;

/**
 * What has to pass by the clock after an operation before the next can stand on it.
 *
 * @param hours by the clock
 * @param reason what happens meanwhile, to go on after “until”
 */
public record Wait(double hours, String reason) {}
