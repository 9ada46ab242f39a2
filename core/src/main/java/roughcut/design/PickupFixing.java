package roughcut.design;

/** What holds a pickup, and so hides the edge of its rout or doesn't. */
public enum PickupFixing implements Choice {
  RING("a ring"),
  PLATE("a plate"),
  DIRECT("screws in the floor"),
  TOP("ears on the top");

  private final String label;

  PickupFixing(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}
