package roughcut.design;

import roughcut.measure.Text;

/** What the strings are, for core sizes and end stiffness that aren't given (handbook page 2). */
public enum StringKind implements Choice {
  GUITAR("guitar", 0.5),
  BASS("bass", 0.15);

  private final String label;
  private final double stiffness;

  StringKind(String label, double stiffness) {
    this.label = label;
    this.stiffness = stiffness;
  }

  @Override
  public Text label() {
    return Text.of(label);
  }

  /** How much of a clamped end's stiffness a string of this kind shows: κ. */
  public double stiffness() {
    return stiffness;
  }

  /** Core diameter of a wound string of that gauge, mm. */
  public double core(double gauge) {
    return this == GUITAR ? 0.19 + 0.225 * gauge : 0.39 * gauge;
  }
}
