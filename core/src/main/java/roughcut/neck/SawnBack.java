package roughcut.neck;

import java.util.List;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;

/**
 * The neck's back as the saw left it, on which facet lines are drawn: B_now = what was read there,
 * or else the finished line and the roughing margin, and never more than the stock has. Between two
 * readings the one goes straight over into the other; beyond them their wood over the line stays
 * the same; a single reading tells of its own station only (handbook page 4, "Facets").
 *
 * @param margin left on by the saw, mm
 * @param stock depth of the shaft's wood below the glue line, mm
 * @param provenance what shapes it
 */
public record SawnBack(NeckShape neck, double margin, double stock, Provenance provenance) {

  /** Depth of the back below the glue line at x, mm. */
  public double depth(double x) {
    double read = read(x);
    // What was read counts, prouder than the margin too: the facets' lines are drawn on it.
    return Math.min(stock, Double.isInfinite(read) ? neck.profile(x).depth() + margin : read);
  }

  /** Wood over the finished line at x; less than 0 where there is too little, mm. */
  public double left(double x) {
    return depth(x) - neck.profile(x).depth();
  }

  /** What the readings say of the depth at x; endless where they say nothing. */
  private double read(double x) {
    ThicknessLine line = neck.thickness();
    List<ThicknessLine.Station> read = line.read();
    if (read.size() == 1) {
      return Math.abs(x - read.get(0).x()) < Precision.NEAR
          ? depth(read.get(0), line)
          : Double.POSITIVE_INFINITY;
    }
    if (read.isEmpty()) {
      return Double.POSITIVE_INFINITY;
    }
    ThicknessLine.Station first = read.get(0);
    ThicknessLine.Station last = read.get(read.size() - 1);
    if (x <= first.x() || x >= last.x()) {
      ThicknessLine.Station end = x <= first.x() ? first : last;
      return depth(end, line) - line.depth(end.x()) + neck.profile(x).depth();
    }
    int after = 1;
    while (read.get(after).x() < x) {
      after++;
    }
    ThicknessLine.Station one = read.get(after - 1);
    ThicknessLine.Station two = read.get(after);
    double share = (x - one.x()) / (two.x() - one.x());
    return depth(one, line) + (depth(two, line) - depth(one, line)) * share;
  }

  private static double depth(ThicknessLine.Station station, ThicknessLine line) {
    return station.now().value() - line.fretboard().value();
  }
}
