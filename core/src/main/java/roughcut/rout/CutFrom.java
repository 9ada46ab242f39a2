package roughcut.rout;

import roughcut.design.BodyFace;

/** From where a cut is made. */
public enum CutFrom {
  TOP("top", "from the top"),
  BACK("back", "from the back"),
  EDGE("edge", "into the edge"),
  /** From a neighbouring rout. */
  INSIDE("inside", "from a neighbouring rout");

  private final String brief;
  private final String words;

  CutFrom(String brief, String words) {
    this.brief = brief;
    this.words = words;
  }

  /** In one word. */
  public String brief() {
    return brief;
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
