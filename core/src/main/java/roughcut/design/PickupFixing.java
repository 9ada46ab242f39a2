package roughcut.design;

import roughcut.measure.Text;

/** What holds a pickup, and so hides the edge of its rout or doesn't. */
public enum PickupFixing implements Choice {
  RING(Text.of("a ring")),
  PLATE(Text.of("a plate")),
  DIRECT(Text.of("screws in the floor")),
  TOP(Text.of("ears on the top"));

  private final Text label;

  PickupFixing(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
