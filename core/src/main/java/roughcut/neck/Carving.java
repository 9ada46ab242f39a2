package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.fretboard.FaceStraightening;
import roughcut.layout.FretLayout;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * Carving the neck's back from computed lines: facets at fret 1, at the octave fret and at one more
 * station, for the back as it really is; readings taken meanwhile; the rule of thumb held against
 * it; and the bow after resting (handbook page 4, "Carving").
 *
 * @param back what the saw left, on which the lines are drawn
 * @param facets by station, from the nut; of an unsymmetrical profile the bass side's after the
 *     treble side's
 * @param readings what the caliper says at fret 1, at the octave fret and wherever else it was read
 */
public record Carving(
    SawnBack back,
    List<Facets> facets,
    QuarterRule rule,
    List<Check> readings,
    Bow bow,
    int restDays) {
  /**
   * A thickness read while carving.
   *
   * @param where in words
   * @param left still to come off; null while nothing was measured
   */
  public record Check(Text where, Value left) {
    /** What to do there. */
    public Text advice() {
      if (left == null) {
        return Text.of("not measured yet");
      }
      double mm = left.value();
      return mm < -0.05
          ? Text.of("{value} below the line: leave it", Text.length(-mm, 1))
          : mm <= 0.05 ? Text.of("at the line") : Text.of("{length} to remove", Text.length(mm, 1));
    }
  }

  /**
   * What the bow leaves.
   *
   * @param sanded what would have to be sanded out after the rod took its share
   * @param crown of the fretboard that would be left
   * @param edge of the fretboard at its end that would be left
   */
  public record Bow(Value sanded, Value crown, Value edge) {}

  public Carving {
    facets = List.copyOf(facets);
    readings = List.copyOf(readings);
  }

  /**
   * Works the carving out.
   *
   * @param stock depth of the shaft's wood below the glue line before the back is sawn
   * @param edge of the fretboard at its end
   */
  public static Carving of(
      EffectiveInputs inputs,
      FretLayout frets,
      NeckShape neck,
      Value stock,
      Value edge,
      ValueRegistry registry) {
    int rounds = (int) inputs.get(NeckDecisions.CARVE_ROUNDS).value();
    Value margin = inputs.get(Decisions.ROUGHING_MARGIN);
    String octave = Integer.toString((int) frets.divisions().value());
    List<Facets> facets = new ArrayList<>();
    List<Check> readings = new ArrayList<>();
    List<ThicknessLine.Station> read = neck.thickness().read();
    SawnBack back =
        new SawnBack(
            neck,
            margin.value(),
            stock.value(),
            neck.provenance()
                .with(margin, stock)
                .with(read.stream().map(ThicknessLine.Station::now).toArray(Value[]::new)));
    facets("1", frets.at(1), back, rounds, facets, registry);
    facets(octave, frets.octave(), back, rounds, facets, registry);
    for (int fret : frets(read, (int) frets.divisions().value())) {
      readings.add(
          reading(fret, read.stream().filter(s -> s.fret() == fret).findFirst(), registry));
    }
    double station = inputs.get(NeckDecisions.CARVE_STATION).value();
    if (station > 0) {
      facets("at", Math.min(station, neck.heelEnd().value()), back, rounds, facets, registry);
    }
    QuarterRule rule = QuarterRule.worst(facets, back, frets, Math.min(3, rounds), registry);
    return new Carving(
        back,
        facets,
        rule,
        readings,
        bow(inputs, neck, edge, registry),
        (int) inputs.get(NeckDecisions.REST_DAYS).value());
  }

  /** The facets of a station, of both sides where they differ. */
  private static void facets(
      String station,
      double x,
      SawnBack back,
      int rounds,
      List<Facets> facets,
      ValueRegistry registry) {
    NeckProfile profile = back.neck().profile(x);
    facets.add(Facets.of(station, x, profile, back.depth(x), rounds, back.provenance(), registry));
    if (!back.neck().symmetrical()) {
      facets.add(
          Facets.of(station, x, profile, back.depth(x), rounds, true, back.provenance(), registry));
    }
  }

  /** The frets that are told of: the first, the octave's, and where else it was read. */
  private static List<Integer> frets(List<ThicknessLine.Station> read, int octave) {
    Set<Integer> all = new TreeSet<>(List.of(1, octave));
    read.forEach(s -> all.add(s.fret()));
    return List.copyOf(all);
  }

  private static Check reading(
      int fret, Optional<ThicknessLine.Station> station, ValueRegistry registry) {
    return new Check(
        Text.of("fret {fret}", fret),
        station
            .map(
                s ->
                    registry.put(
                        "carve." + fret + ".left",
                        Text.of("Still to remove at fret {fret}", fret),
                        FINE_LENGTH,
                        "T_now − T",
                        in("T_now", s.now()),
                        in("T", s.wanted())))
            .orElse(null));
  }

  private static Bow bow(
      EffectiveInputs inputs, NeckShape neck, Value edge, ValueRegistry registry) {
    Value crown = neck.thickness().fretboard();
    Value sanded = registry.put(FaceStraightening.bow(inputs));
    return new Bow(
        sanded,
        registry.put(NeckKeys.BOW_CROWN_LEFT, "t_b − s", in("t_b", crown), in("s", sanded)),
        registry.put(NeckKeys.BOW_EDGE_LEFT, "e − s", in("e", edge), in("s", sanded)));
  }
}
