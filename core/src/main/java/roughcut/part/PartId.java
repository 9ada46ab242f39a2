package roughcut.part;

/** The parts that an instrument is made of, each with a history of its own. */
public enum PartId {
  NECK("neck"),
  HEAD("headstock"),
  FRETBOARD("fretboard"),
  BODY("body"),
  TOP("top"),
  INSTRUMENT("instrument");

  private final String word;

  PartId(String word) {
    this.word = word;
  }

  public String word() {
    return word;
  }
}
