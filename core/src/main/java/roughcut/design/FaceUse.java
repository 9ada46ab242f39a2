package roughcut.design;

import roughcut.measure.Text;

/** What a planed face is for, and so how flat it has to be (handbook page 3, "Flatness"). */
public enum FaceUse implements Choice {
  GLUE_FACE(Text.of("glue face"), 0.05),
  REFERENCE_FACE(Text.of("reference face"), 0.1);

  private final Text label;
  private final double gap;

  FaceUse(Text label, double gap) {
    this.label = label;
    this.gap = gap;
  }

  @Override
  public Text label() {
    return label;
  }

  /** Gap under a straightedge that is accepted over 300 mm, mm. */
  public double gapPer300() {
    return gap;
  }
}
