package roughcut.design;

import roughcut.measure.Text;

/** What a bolted neck is held by. */
public enum BoltKind implements Choice {
  SCREWS_PLATE(Text.of("screws and plate")),
  SCREWS_FERRULES(Text.of("screws, ferrules")),
  INSERTS(Text.of("bolts into inserts"));

  private final Text label;

  BoltKind(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
