package roughcut.design;

import roughcut.measure.Text;

/** How a rout is emptied (handbook page 1, "Where makers disagree"). */
public enum WasteRemoval implements Choice {
  BORED_FIRST(Text.of("by drilling")),
  ROUTED(Text.of("by routing"));

  private final Text label;

  WasteRemoval(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
