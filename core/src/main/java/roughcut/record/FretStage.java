package roughcut.record;

import roughcut.design.Choice;

/** What is done to each fret, in this order (handbook page 5, "Frets"). */
public enum FretStage implements Choice {
  SEATED("seated"),
  ROCKED("checked with a rocker over three"),
  LEVELLED("levelled"),
  CROWNED("crowned");

  private final String label;

  FretStage(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}
