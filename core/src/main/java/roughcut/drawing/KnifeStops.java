package roughcut.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roughcut.layout.FretLayout;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.rout.CutKind;

/** Places along the neck that the section knife steps to: nut, seam, channel ends, heel. */
public final class KnifeStops {
  /** A place with its name. */
  public record Stop(Text name, double x) {}

  /** Further behind the last fret than this a place isn't told by it, mm. */
  private static final double BEHIND = 8;

  private KnifeStops() {}

  /**
   * What a place is called: the stop that is there; else the nearest fret, or behind the last one
   * the nearest stop.
   */
  public static Text near(List<Stop> stops, FretLayout frets, double x) {
    Optional<Stop> nearest = nearest(stops, x);
    if (nearest.filter(s -> at(s, x)).isPresent()) {
      return nearest.get().name();
    }
    return nearest.isEmpty() || onFretboard(frets, x)
        ? frets.near(x)
        : Text.of("near the {nearest}", nearest.get().name());
  }

  /** The title of a section there. */
  public static Text section(List<Stop> stops, FretLayout frets, double x) {
    Optional<Stop> nearest = nearest(stops, x);
    if (nearest.filter(s -> at(s, x)).isPresent()) {
      return Text.of("Section at {place}", nearest.get().name());
    }
    if (nearest.isPresent() && !onFretboard(frets, x)) {
      return Text.of("Section near the {place}", nearest.get().name());
    }
    return frets.isAtFret(x)
        ? Text.of("Section at {place}", frets.near(x))
        : Text.of("Section {place}", frets.across(x));
  }

  private static Optional<Stop> nearest(List<Stop> stops, double x) {
    return stops.stream().min(Comparator.comparingDouble(s -> Math.abs(s.x() - x)));
  }

  private static boolean at(Stop stop, double x) {
    return Math.abs(stop.x() - x) < Precision.SHOWN;
  }

  private static boolean onFretboard(FretLayout frets, double x) {
    return x < frets.last().x() + BEHIND;
  }

  /**
   * Stops along the body: its ends, the pocket, and the middle of everything cut into it but small
   * screws.
   */
  public static List<Stop> ofBody(Plan plan) {
    List<Stop> stops = new ArrayList<>();
    stops.add(new Stop(Text.of("front of the horn"), plan.body().outline().front() + 1));
    stops.add(new Stop(Text.of("body edge"), plan.neck().joint().value()));
    stops.add(new Stop(Text.of("saddle line"), plan.frets().saddle().value()));
    stops.add(new Stop(Text.of("body ends"), plan.body().outline().end() - 1));
    plan.cuts().cuts().stream()
        .filter(c -> c.kind() != CutKind.SCREW)
        .forEach(c -> stops.add(new Stop(c.words(), c.middleX())));
    stops.sort(Comparator.comparingDouble(Stop::x));
    return List.copyOf(stops);
  }

  /** All stops from the nut line to the heel's end, in order. */
  public static List<Stop> of(Plan plan) {
    List<Stop> stops = new ArrayList<>();
    stops.add(new Stop(Text.of("nut line"), 0));
    stops.add(new Stop(Text.of("start of the rod channel"), plan.rod().channel().from()));
    stops.add(new Stop(Text.of("end of the rod channel"), plan.rod().channel().to()));
    stops.add(new Stop(Text.of("thinnest under the rod"), plan.rod().leastX().value()));
    plan.details()
        .stiffeners()
        .ifPresent(
            s -> {
              stops.add(new Stop(Text.of("start of the stiffeners"), s.bass().from()));
              stops.add(new Stop(Text.of("end of the stiffeners"), s.bass().to()));
            });
    plan.scarf()
        .ifPresent(
            s -> s.seam().forEach(p -> stops.add(new Stop(Text.of("end of the joint"), p.x()))));
    stops.add(new Stop(Text.of("octave fret"), plan.frets().octave()));
    stops.add(new Stop(Text.of("curve into the heel"), plan.neck().back().straightTo()));
    stops.add(new Stop(Text.of("body edge"), plan.neck().joint().value()));
    stops.add(new Stop(Text.of("heel ends"), plan.neck().heelEnd().value()));
    stops.removeIf(s -> s.x() < 0 || s.x() > plan.neck().heelEnd().value());
    stops.sort(Comparator.comparingDouble(Stop::x));
    return List.copyOf(stops);
  }
}
