package roughcut.design;

/** Where light shows under a radius gauge held square to the centre line. */
public enum GaugeLight implements Choice {
  NONE("none"),
  CENTRE("at the centre"),
  EDGES("at the edges");

  private final String label;

  GaugeLight(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}
