package roughcut.design;

import roughcut.measure.Text;

/** Where light shows under a radius gauge held square to the centre line. */
public enum GaugeLight implements Choice {
  NONE(Text.of("none")),
  CENTRE(Text.of("at the centre")),
  EDGES(Text.of("at the edges"));

  private final Text label;

  GaugeLight(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
