package roughcut.record;

import roughcut.design.Choice;
import roughcut.measure.Text;

/** What is done to each fret, in this order (handbook page 5, "Frets"). */
public enum FretStage implements Choice {
  SEATED(Text.of("seated")),
  ROCKED(Text.of("checked with a rocker over three")),
  LEVELLED(Text.of("levelled")),
  CROWNED(Text.of("crowned"));

  private final Text label;

  FretStage(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
