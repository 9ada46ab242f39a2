package roughcut.rout;

import roughcut.design.BodyFace;
import roughcut.measure.Text;

/** From where a cut is made. */
public enum CutFrom {
  TOP("top", Text.of("from the top")),
  BACK("back", Text.of("from the back")),
  EDGE("edge", Text.of("into the edge")),
  /** From a neighbouring rout. */
  INSIDE("inside", Text.of("from a neighbouring rout"));

  private final String brief;
  private final Text words;

  CutFrom(String brief, Text words) {
    this.brief = brief;
    this.words = words;
  }

  /** In one word. */
  public String brief() {
    return brief;
  }

  public Text words() {
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
