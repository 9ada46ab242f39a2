package roughcut.design;

import roughcut.measure.Text;

/** The two faces of a body. */
public enum BodyFace implements Choice {
  TOP(Text.of("the top")),
  BACK(Text.of("the back"));

  private final Text label;

  BodyFace(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }

  public BodyFace other() {
    return this == TOP ? BACK : TOP;
  }
}
