package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Point;
import roughcut.layout.FretLayout;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;

/**
 * Carving by the rule of thumb: the first bevel at 45° from lines at a quarter of the width, then
 * from the middle of each flat to the middle of the next. Says how far each round would cut into
 * the profile, at the station and the side where it is worst (handbook page 4, "Rule-of-thumb
 * check").
 *
 * @param rounds the first first
 * @param margin what the saw left on the back there, which a cut into the profile may still clear
 * @param where that station in words
 */
public record QuarterRule(List<Round> rounds, double margin, Text where) {
  /**
   * One round.
   *
   * @param atBack how far the bevel next to the back cuts in
   * @param worst the deepest cut of any bevel of the round
   */
  public record Round(Value atBack, double worst) {
    /** Whether it cuts into the profile even with the margin on. */
    public boolean bites(double margin) {
      return worst - margin / Math.sqrt(2) > Precision.NEAR;
    }
  }

  public QuarterRule {
    rounds = List.copyOf(rounds);
  }

  /** The rule at the station and the side where it cuts in the deepest. */
  static QuarterRule worst(
      List<Facets> stations, SawnBack back, FretLayout frets, int rounds, ValueRegistry registry) {
    Facets worst = stations.get(0);
    double deepest = Double.NEGATIVE_INFINITY;
    for (Facets station : stations) {
      double bites = 0;
      for (Round round : of(station, back, Text.NONE, rounds, new ValueRegistry()).rounds()) {
        bites = Math.max(bites, round.worst() - back.left(station.x()) / Math.sqrt(2));
      }
      if (bites > deepest) {
        deepest = bites;
        worst = station;
      }
    }
    Text near = frets.near(worst.x());
    Text where =
        back.neck().symmetrical()
            ? near
            : Text.of(worst.bass() ? "{place}, bass side" : "{place}, treble side", near);
    return of(worst, back, where, rounds, registry);
  }

  private static QuarterRule of(
      Facets station, SawnBack back, Text where, int rounds, ValueRegistry registry) {
    NeckProfile both = station.profile();
    double p = station.bass() ? both.bass() : both.treble();
    return of(
        new NeckProfile(both.halfWidth(), both.depth(), p, p, both.shoulder()),
        back.left(station.x()),
        where,
        rounds,
        back.provenance(),
        registry);
  }

  static QuarterRule of(
      NeckProfile profile,
      double margin,
      Text where,
      int rounds,
      Provenance provenance,
      ValueRegistry registry) {
    double a = profile.halfWidth();
    double b = profile.depth();
    List<Point> flats =
        new ArrayList<>(
            List.of(
                new Point(0, b), new Point(a / 2, b), new Point(a, b - a / 2), new Point(a, 0)));
    List<Round> found = new ArrayList<>();
    Value half =
        SearchedValue.of(
            "section.a",
            Text.joined(List.of(Text.of("Half the neck width"), where), ", "),
            a,
            FINE_LENGTH,
            Text.of("found at the station"),
            provenance);
    Value depth =
        SearchedValue.of(
            "section.B",
            Text.joined(List.of(Text.of("Depth below the glue line"), where), ", "),
            b,
            FINE_LENGTH,
            Text.of("found at the station"),
            provenance);
    Value p =
        SearchedValue.of(
            NeckKeys.SECTION_EXPONENT,
            profile.treble(),
            Text.of("found at the station"),
            provenance);
    double first = bite(profile, flats.get(1), flats.get(2));
    found.add(
        new Round(
            profile.shoulder() == 0
                ? registry.put(
                    NeckKeys.QUARTER_RULE_BITE,
                    "((a^(p / (p − 1)) + B^(p / (p − 1)))^((p − 1) / p) − a / 2 − B) / √(2)",
                    in("a", half),
                    in("B", depth),
                    in("p", p))
                : registry.find(
                    NeckKeys.QUARTER_RULE_BITE,
                    first,
                    Text.of("found from the reach of the profile at 45°"),
                    half,
                    depth,
                    p),
            first));
    for (int round = 2; round <= rounds; round++) {
      List<Point> middles = new ArrayList<>();
      for (int i = 1; i < flats.size(); i++) {
        middles.add(flats.get(i - 1).towards(flats.get(i), 0.5));
      }
      double worst = Double.NEGATIVE_INFINITY;
      for (int i = 1; i < middles.size(); i++) {
        worst = Math.max(worst, bite(profile, middles.get(i - 1), middles.get(i)));
      }
      found.add(
          new Round(
              registry.find(
                  "quarter-rule." + round + ".bite",
                  Text.of(
                      "Halving again in round {round} would cut in by, next to the back", round),
                  FINE_LENGTH,
                  bite(profile, middles.get(0), middles.get(1)),
                  Text.of("found from the reach of the profile square to the bevel"),
                  half,
                  depth,
                  p),
              worst));
      List<Point> next = new ArrayList<>();
      next.add(flats.get(0));
      next.addAll(middles);
      next.add(flats.get(flats.size() - 1));
      flats = next;
    }
    return new QuarterRule(found, margin, where);
  }

  /** How far the profile reaches beyond the line through two marks, square to it. */
  private static double bite(NeckProfile profile, Point from, Point to) {
    double ny = from.y() - to.y();
    double nz = to.x() - from.x();
    double length = Math.hypot(ny, nz);
    ny /= length;
    nz /= length;
    double line = ny * from.x() + nz * from.y();
    double reach = Math.max(profile.reach(ny, nz, 1), profile.reach(ny, nz, -1));
    return reach - line;
  }
}
