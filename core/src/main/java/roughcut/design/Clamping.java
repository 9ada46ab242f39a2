package roughcut.design;

import roughcut.measure.Text;

/** What presses a top or a veneer on (handbook page 3). */
public enum Clamping implements Choice {
  CLAMPS(Text.of("clamps and cauls")),
  /** Fixed 0.08 MPa over the area; for veneers and tops only. */
  VACUUM_BAG(Text.of("vacuum bag"));

  private final Text label;

  Clamping(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
