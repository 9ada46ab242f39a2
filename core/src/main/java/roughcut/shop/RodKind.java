package roughcut.shop;

import com.fasterxml.jackson.annotation.JsonCreator;

/**
 * A truss rod as listed: segments from the worked end, each with its length, width and depth, mm.
 *
 * @param single whether it pulls one way only, against the strings
 * @param deeper how much deeper the channel is in the middle, mm; 0 for a double-acting rod
 * @param round whether its channel has a round bottom
 */
public record RodKind(
    String id,
    String name,
    boolean single,
    Segment body,
    Segment adjuster,
    double deeper,
    boolean round) {
  /** One segment of a rod. */
  public record Segment(double length, double width, double depth) {
    /** Of its sizes as tables have them: {@code 430x6.4x10.4}. */
    @JsonCreator
    static Segment of(String text) {
      String[] sizes = text.split("x");
      return new Segment(
          Double.parseDouble(sizes[0]), Double.parseDouble(sizes[1]), Double.parseDouble(sizes[2]));
    }
  }
}
