package roughcut.design;

import roughcut.measure.Text;

/** A plain yes or no. */
public enum YesNo implements Choice {
  NO("no"),
  YES("yes");

  private final String label;

  YesNo(String label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return Text.of(label);
  }
}
