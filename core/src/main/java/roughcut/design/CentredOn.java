package roughcut.design;

import roughcut.measure.Text;

/** What a pickup is centred on (handbook page 1, "Where makers disagree"). */
public enum CentredOn implements Choice {
  STRING_LINE(Text.of("the strings")),
  CENTRE_LINE(Text.of("the centre line"));

  private final Text label;

  CentredOn(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
