package roughcut.finding;

/** The parts of a plan, in the order of work; each has its own place on the screen. */
public enum Chapter {
  LAYOUT,
  BLANKS,
  NECK,
  FRETBOARD,
  STRINGS,
  BODY,
  ROUTS
}
