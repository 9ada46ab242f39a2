package roughcut.design;

/** What is done where round pocket corners meet a square heel. */
public enum PocketCorner implements Choice {
  ROUND_HEEL("the heel is rounded to match"),
  CHISEL("the pocket is chiselled square"),
  SMALL_CUTTER("a smaller cutter for the corners");

  private final String label;

  PocketCorner(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}
