package roughcut.design;

import roughcut.measure.Text;

/** What is done where round pocket corners meet a square heel. */
public enum PocketCorner implements Choice {
  ROUND_HEEL(Text.of("round the heel")),
  CHISEL(Text.of("chisel the pocket")),
  SMALL_CUTTER(Text.of("smaller cutter"));

  private final Text label;

  PocketCorner(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
