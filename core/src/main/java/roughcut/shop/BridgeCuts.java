package roughcut.shop;

/**
 * What a kind of bridge wants cut, in general sizes. Along the strings everything counts from the
 * datum, towards the tail positive, mm; a size of 0 means that there is no such cut.
 *
 * @param plate what lies on the top: from, to and width, without a depth
 * @param tail how far behind the datum a second pair of bores stands; its own spacing and bore
 * @param top a shallow rout from the top
 * @param block a rout right through inside it
 * @param springs a rout from the back that begins at the block and runs to the neck
 */
public record BridgeCuts(
    double postBore, double postDepth, Area plate, Tail tail, Area top, Area block, Area springs) {
  /** A rectangle behind the datum with its depth. */
  public record Area(double from, double to, double width, double depth) {
    public boolean there() {
      return width > 0 && to > from;
    }

    /** Its length along the strings, mm. */
    public double along() {
      return to - from;
    }
  }

  /** A second pair of bores. */
  public record Tail(double back, double posts, double bore, double depth) {
    public boolean there() {
      return bore > 0;
    }
  }
}
