package roughcut.design;

import roughcut.measure.Text;

/** Whether finish gets into the neck's pocket. */
public enum PocketFinish implements Choice {
  KEPT_OUT(Text.of("masked")),
  GOES_IN(Text.of("finished inside"));

  private final Text label;

  PocketFinish(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
