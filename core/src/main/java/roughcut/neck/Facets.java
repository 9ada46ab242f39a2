package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Point;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;

/**
 * Bevels that lead the carving at one station: each touches the profile, cut in rounds, each round
 * taking the ridges that the last one left (handbook page 4, "Facets"). A bevel at the angle φ in
 * the scaled section lies on (y/a)·cos φ + (z/B)·sin φ = h(φ); its marks are where it meets the
 * surface as it is when its turn comes: the flat back at its real depth, the sides, or the bevels
 * of the rounds before.
 *
 * @param station what it is called in ids
 * @param x from the nut line
 * @param bevels in the order of cutting
 * @param bass whether they are the bass side's; the treble side's serve for both where the profile
 *     is the same
 * @param ridge what is left over the profile after the last round
 */
public record Facets(
    String station, double x, NeckProfile profile, boolean bass, List<Bevel> bevels, Value ridge) {
  /**
   * One bevel, its places seen as at the treble side.
   *
   * @param round from 1
   * @param turn φ, degrees: 0 is the side, 90 the back
   * @param low where it meets what lies nearer the side
   * @param high where it meets what lies nearer the back
   * @param lowShare how far along the earlier bevel the lower mark lies, from that bevel's side
   *     end; not a number where it lies on the side
   * @param highShare the same for the upper mark; not a number on the back
   */
  public record Bevel(
      int round, double turn, Point low, Point high, double lowShare, double highShare) {
    /** Whether it takes anything: on a back that is low already a late one may not. */
    public boolean takes() {
      return low.x() >= high.x() && low.y() <= high.y();
    }

    /** Whether its upper mark lies on the back, not beyond the centre line. */
    public boolean markedOnBack() {
      return takes() && high.x() >= 0;
    }

    /** Whether its lower mark lies on the side, not above the glue line. */
    public boolean markedOnSide() {
      return takes() && low.y() >= 0;
    }
  }

  /** A straight line of the section while it is being carved: n·y + m·z = c. */
  private record Line(double turn, double n, double m, double c) {
    Point meets(Line other) {
      double det = n * other.m - other.n * m;
      return new Point((c * other.m - other.c * m) / det, (n * other.c - other.n * c) / det);
    }
  }

  public Facets {
    bevels = List.copyOf(bevels);
  }

  /**
   * Works one station of a symmetrical profile out.
   *
   * @param now depth of the sawn back below the glue line, mm
   * @param provenance what shapes the section there
   */
  public static Facets of(
      String station,
      double x,
      NeckProfile profile,
      double now,
      int rounds,
      Provenance provenance,
      ValueRegistry registry) {
    return of(station, x, profile, now, rounds, false, provenance, registry);
  }

  /**
   * Works one side of a station out.
   *
   * @param now depth of the sawn back below the glue line, mm
   * @param provenance what shapes the section there
   */
  public static Facets of(
      String station,
      double x,
      NeckProfile profile,
      double now,
      int rounds,
      boolean bass,
      Provenance provenance,
      ValueRegistry registry) {
    double a = profile.halfWidth();
    double s = profile.shoulder();
    double b = profile.depth() - s;
    double p = bass ? profile.bass() : profile.treble();
    double q = p / (p - 1);
    List<Line> lines = new ArrayList<>();
    lines.add(new Line(0, 1, 0, a));
    lines.add(new Line(90, 0, 1, now));
    List<Bevel> bevels = new ArrayList<>();
    for (int round = 1; round <= rounds; round++) {
      List<Line> before = List.copyOf(lines);
      int count = 1 << (round - 1);
      for (int k = 1; k <= count; k++) {
        double turn = 90.0 * (2 * k - 1) / (2 * count);
        double cos = Math.cos(Math.toRadians(turn));
        double sin = Math.sin(Math.toRadians(turn));
        double h = Math.pow(Math.pow(cos, q) + Math.pow(sin, q), 1 / q);
        Line line = new Line(turn, cos / a, sin / b, h + s * sin / b);
        bevels.add(bevel(round, line, before));
        insert(lines, line);
      }
    }
    for (int round = 1; round <= rounds; round++) {
      put(station, round, profile, p, now, bass, bevels, provenance, registry);
    }
    return new Facets(
        station,
        x,
        profile,
        bass,
        bevels,
        ridge(station, profile, lines, rounds, bass, provenance, registry));
  }

  private static void insert(List<Line> lines, Line line) {
    int at = 0;
    while (lines.get(at).turn < line.turn) {
      at++;
    }
    lines.add(at, line);
  }

  private static Bevel bevel(int round, Line line, List<Line> before) {
    int upper = 0;
    while (before.get(upper).turn < line.turn) {
      upper++;
    }
    Point low = line.meets(before.get(upper - 1));
    Point high = line.meets(before.get(upper));
    return new Bevel(
        round, line.turn, low, high, share(low, before, upper - 1), share(high, before, upper));
  }

  /** How far along an earlier bevel a mark lies, from the end nearer the side. */
  private static double share(Point mark, List<Line> lines, int index) {
    if (index == 0 || index == lines.size() - 1) {
      return Double.NaN;
    }
    Point from = lines.get(index).meets(lines.get(index - 1));
    Point to = lines.get(index).meets(lines.get(index + 1));
    return from.distance(mark) / from.distance(to);
  }

  /** The marks on back and sides of one round, and those on earlier bevels as shares. */
  private static void put(
      String station,
      int round,
      NeckProfile profile,
      double exponent,
      double now,
      boolean bass,
      List<Bevel> bevels,
      Provenance provenance,
      ValueRegistry registry) {
    List<Bevel> own = bevels.stream().filter(b -> b.round() == round).toList();
    String id = id(station, bass) + "." + round;
    Text where = where(station, bass);
    Value a =
        SearchedValue.of(
            NeckKeys.SECTION_A, profile.halfWidth(), Text.of("found at the station"), provenance);
    Value depth =
        SearchedValue.of(
            "section.B",
            Text.of("Depth below glue line and shoulder"),
            profile.depth() - profile.shoulder(),
            FINE_LENGTH,
            Text.of("found at the station"),
            provenance);
    Value shoulder =
        SearchedValue.of(
            NeckKeys.SECTION_SHOULDER,
            profile.shoulder(),
            Text.of("found at the station"),
            provenance);
    Value real =
        SearchedValue.of(
            "section.B-now",
            Text.of("Sawn back below the shoulder"),
            now - profile.shoulder(),
            FINE_LENGTH,
            Text.of("found at the station from what the saw left"),
            provenance);
    Value p =
        SearchedValue.of(
            NeckKeys.SECTION_EXPONENT, exponent, Text.of("found for that side"), provenance);
    Bevel back = own.get(own.size() - 1);
    Bevel side = own.get(0);
    String h = "(cos(φ)^(p / (p − 1)) + sin(φ)^(p / (p − 1)))^((p − 1) / p)";
    if (back.markedOnBack()) {
      registry.put(
          id + ".on-back",
          Text.of("Round {round}, mark on the back from the centre line, {where}", round, where),
          FINE_LENGTH,
          "a · (" + h + " − B_now / B · sin(φ)) / cos(φ)",
          in("a", a),
          in("B", depth),
          in("B_now", real),
          in("p", p),
          in("φ", TableValue.of(NeckKeys.FACET_TURN, back.turn(), Text.of("the round"))));
    }
    if (!side.markedOnSide()) {
      return;
    }
    registry.put(
        id + ".on-side",
        Text.of("Round {round}, mark on the side below the glue line, {where}", round, where),
        FINE_LENGTH,
        "s + B · (" + h + " − cos(φ)) / sin(φ)",
        in("s", shoulder),
        in("B", depth),
        in("p", p),
        in("φ", TableValue.of(NeckKeys.FACET_TURN, side.turn(), Text.of("the round"))));
  }

  private static String id(String station, boolean bass) {
    return "facet." + station + (bass ? ".bass" : "");
  }

  /** The id under which its numbers are entered. */
  public String id() {
    return id(station, bass);
  }

  private static Text where(String station, boolean bass) {
    return bass ? Text.of("{station}, bass side", called(station)) : called(station);
  }

  private static Text called(String station) {
    return station.matches("\\d+")
        ? Text.of("fret {station}", station)
        : Text.of("at the chosen station");
  }

  /** The highest corner of the finished polygon over the profile. */
  private static Value ridge(
      String station,
      NeckProfile profile,
      List<Line> lines,
      int rounds,
      boolean bass,
      Provenance provenance,
      ValueRegistry registry) {
    double highest = 0;
    for (int i = 1; i < lines.size(); i++) {
      // The last corner stands on the sawn back; it is judged as if the back were to depth.
      Line upper = lines.get(i);
      Line there =
          upper.turn == 90 ? new Line(90, 0, 1, Math.min(upper.c, profile.depth())) : upper;
      Point corner = lines.get(i - 1).meets(there);
      double z = Math.max(0, corner.y());
      double y = Math.max(0, corner.x()) * (bass ? -1 : 1);
      highest = Math.max(highest, Math.abs(profile.distance(y, z)));
    }
    return registry.find(
        id(station, bass) + ".ridge",
        Text.of(
            rounds == 1
                ? "Ridges left after {rounds} round, {station}"
                : "Ridges left after {rounds} rounds, {station}",
            rounds,
            where(station, bass)),
        FINE_LENGTH,
        highest,
        Text.of("found at the corners between bevels"),
        provenance);
  }
}
