package roughcut.design;

import roughcut.measure.Text;

/** How a rout is emptied (handbook page 1, "Where makers disagree"). */
public enum WasteRemoval implements Choice {
  BORED_FIRST(Text.of("bored out first")),
  ROUTED(Text.of("routed all the way"));

  private final Text label;

  WasteRemoval(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
