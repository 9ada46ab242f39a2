package roughcut.design;

/** What is done where round pocket corners meet a square heel. */
public enum PocketCorner implements Choice {
  ROUND_HEEL("heel rounded"),
  CHISEL("pocket chiselled"),
  SMALL_CUTTER("smaller cutter");

  private final String label;

  PocketCorner(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}
