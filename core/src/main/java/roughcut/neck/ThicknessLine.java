package roughcut.neck;

import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import roughcut.design.Decisions;
import roughcut.geometry.Point;
import roughcut.layout.FretLayout;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurables;

/**
 * The neck's thickness, fretboard included: straight through the thickness at fret 1 and at the
 * octave fret, and on to both sides (handbook page 4). The wood below the glue line is that less
 * the fretboard at its crown. Where less was read than the line, less is there: the line dips by
 * what is missing, in a straight way from one station to the other, and as much beyond them.
 *
 * @param first at fret 1: as decided, or less when less was read
 * @param octave the same at the octave fret
 * @param decidedFirst as decided at fret 1, mm
 * @param decidedOctave as decided at the octave fret, mm
 * @param read what was read on the way, by its place, from the nut
 * @param missing what was read less than the line, over its place; nothing missing at fret 1 and
 *     the octave where nobody read
 */
public record ThicknessLine(
    Value first,
    Value octave,
    Value fretboard,
    double firstX,
    double octaveX,
    double decidedFirst,
    double decidedOctave,
    List<Station> read,
    List<Point> missing) {
  /**
   * Where the neck was measured while it was carved.
   *
   * @param fret counted from the nut
   * @param x from the nut line, mm
   * @param now what was read, fretboard included
   * @param wanted what it is to become there
   */
  public record Station(int fret, double x, Value now, Value wanted) {}

  public ThicknessLine {
    read = List.copyOf(read);
    missing = List.copyOf(missing);
  }

  public static ThicknessLine of(EffectiveInputs inputs, FretLayout frets) {
    Value one = inputs.get(Decisions.THICKNESS_1);
    Value twelve = inputs.get(Decisions.THICKNESS_12);
    Optional<Value> oneNow = inputs.read(Measurables.NECK_1, one);
    Optional<Value> twelveNow = inputs.read(Measurables.NECK_12, twelve);
    int octave = (int) frets.divisions().value();
    TreeMap<Integer, Station> read = new TreeMap<>();
    oneNow.ifPresent(v -> read.put(1, new Station(1, frets.at(1), v, one)));
    twelveNow.ifPresent(v -> read.put(octave, new Station(octave, frets.octave(), v, twelve)));
    for (int fret = 1; fret <= frets.frets().size(); fret++) {
      double x = frets.at(fret);
      int at = fret;
      if (!read.containsKey(fret) && inputs.wasRead(Measurables.neckAt(fret))) {
        Value wanted =
            SearchedValue.of(
                "carve." + fret + ".line",
                Text.of("Neck at fret {fret}, finished", fret),
                one.value()
                    + (twelve.value() - one.value())
                        * (x - frets.at(1))
                        / (frets.octave() - frets.at(1)),
                FINE_LENGTH,
                Text.of("found on the straight line through fret 1 and the octave fret"),
                frets.provenance().with(one, twelve));
        inputs
            .read(Measurables.neckAt(fret), wanted)
            .ifPresent(v -> read.put(at, new Station(at, x, v, wanted)));
      }
    }
    return new ThicknessLine(
        real(one, oneNow),
        real(twelve, twelveNow),
        inputs.get(Decisions.FRETBOARD_THICKNESS),
        frets.at(1),
        frets.octave(),
        one.value(),
        twelve.value(),
        List.copyOf(read.values()),
        missing(read, frets));
  }

  private static List<Point> missing(TreeMap<Integer, Station> read, FretLayout frets) {
    TreeMap<Double, Double> all = new TreeMap<>();
    all.put(frets.at(1), 0.0);
    all.put(frets.octave(), 0.0);
    for (Station station : read.values()) {
      all.put(station.x, Math.max(0, station.wanted.value() - station.now.value()));
    }
    return all.entrySet().stream().map(e -> new Point(e.getKey(), e.getValue())).toList();
  }

  /** What was read below the line is how thick the neck is: no carving puts wood back. */
  private static Value real(Value line, Optional<Value> read) {
    return read.filter(r -> r.value() < line.value()).orElse(line);
  }

  /** Whether the line dips because less was read. */
  public boolean dips() {
    return missing.stream().anyMatch(p -> p.y() > 0);
  }

  /** How much the neck gains per mm towards the body, as decided. */
  public double slope() {
    return (decidedOctave - decidedFirst) / (octaveX - firstX);
  }

  private double line(double x) {
    return decidedFirst + slope() * (x - firstX);
  }

  /** Neck with fretboard at x. */
  public double thickness(double x) {
    return read.isEmpty() ? line(x) : line(x) - missing(x);
  }

  /** Between two places the one goes straight over into the other; beyond them it stays. */
  private double missing(double x) {
    Point before = missing.get(0);
    for (Point after : missing) {
      if (after.x() >= x) {
        double run = after.x() - before.x();
        return run > 0 && x > before.x()
            ? before.y() + (after.y() - before.y()) * (x - before.x()) / run
            : after.y();
      }
      before = after;
    }
    return before.y();
  }

  /** Wood below the glue line at x on the straight part of the back. */
  public double depth(double x) {
    return thickness(x) - fretboard.value();
  }
}
