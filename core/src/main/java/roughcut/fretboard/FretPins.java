package roughcut.fretboard;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.measure.Precision;

/**
 * Pins through two slots near both ends that keep the fretboard from sliding while it is glued:
 * where across they stand clear of rod and stiffeners by 1 (handbook page 5, "Fitting to the
 * neck").
 *
 * @param fret whose slot the pin goes through
 * @param x where that slot crosses the centre line
 * @param slant along for each millimetre to the treble side
 * @param y from the centre line, each side; empty where there is no clear place
 */
public record FretPins(int fret, double x, double slant, Optional<Double> y) {
  /** What is done where no pin stands clear of the channels. */
  public static final String ELSEWHERE =
      "no clear place: use thinner pins, or place them in waste beyond the end";

  private static final double CLEAR = 1;

  /** Where the pin at one side stands along the neck; 1 for treble, −1 for bass. */
  public double along(int side) {
    return x + slant * side * y.orElse(0.0);
  }

  /** A stretch across that is taken by a channel, from the centre line to one side. */
  public record Taken(double from, double to) {}

  /**
   * Proposes a place.
   *
   * @param half half the fretboard's width there
   * @param edge wood that a pin leaves to the fretboard's edge
   * @param taken what lies below
   */
  public static FretPins at(
      int fret, double x, double slant, double half, double pin, double edge, List<Taken> taken) {
    double r = pin / 2 + CLEAR;
    double most = half - edge - pin / 2;
    // The outermost clear place is the edge's, or just inside something taken.
    List<Double> candidates = new ArrayList<>(List.of(most));
    taken.forEach(t -> candidates.add(t.from() - r));
    Optional<Double> clear =
        candidates.stream()
            .filter(y -> y >= r && y <= most)
            .filter(
                y ->
                    taken.stream()
                        .allMatch(t -> y + r <= t.from() + Precision.SAME || y - r >= t.to()))
            .max(Double::compare);
    return new FretPins(fret, x, slant, clear);
  }
}
