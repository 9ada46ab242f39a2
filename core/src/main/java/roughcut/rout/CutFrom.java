package roughcut.rout;

import roughcut.design.BodyFace;

/** From where a cut is made. */
public enum CutFrom {
  TOP("from the top"),
  BACK("from the back"),
  EDGE("into the edge"),
  /** From a neighbouring rout. */
  INSIDE("from a neighbouring rout");

  private final String words;

  CutFrom(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  public static CutFrom of(BodyFace face) {
    return face == BodyFace.TOP ? TOP : BACK;
  }

  /** Whether it opens at that face. */
  public boolean opens(BodyFace face) {
    return face == BodyFace.TOP ? this == TOP : this == BACK;
  }
}
