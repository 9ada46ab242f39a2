package roughcut.design;

import roughcut.measure.Text;

/** Which of the three heights follows from the other two (handbook page 2, "Heights"). */
public enum SolveFor implements Choice {
  ANGLE(Text.of("neck angle")),
  EXPOSED(Text.of("pocket depth")),
  SADDLE(Text.of("saddle height"));

  private final Text label;

  SolveFor(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
