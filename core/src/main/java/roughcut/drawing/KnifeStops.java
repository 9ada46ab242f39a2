package roughcut.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import roughcut.plan.Plan;

/** Places along the neck that the section knife steps to: nut, seam, channel ends, heel. */
public final class KnifeStops {
  /** A place with its name. */
  public record Stop(String name, double x) {}

  private KnifeStops() {}

  /** All stops from the nut line to the heel's end, in order. */
  public static List<Stop> of(Plan plan) {
    List<Stop> stops = new ArrayList<>();
    stops.add(new Stop("nut line", 0));
    stops.add(new Stop("rod channel begins", plan.rod().channel().from()));
    stops.add(new Stop("rod channel ends", plan.rod().channel().to()));
    stops.add(new Stop("thinnest under the rod", plan.rod().leastX().value()));
    plan.details()
        .stiffeners()
        .ifPresent(
            s -> {
              stops.add(new Stop("stiffener begins", s.bass().from()));
              stops.add(new Stop("stiffener ends", s.bass().to()));
            });
    plan.scarf()
        .ifPresent(s -> s.seam().forEach(p -> stops.add(new Stop("end of the seam", p.x()))));
    stops.add(new Stop("octave fret", plan.frets().octave()));
    stops.add(new Stop("curve into the heel", plan.neck().back().straightTo()));
    stops.add(new Stop("body begins", plan.neck().joint().value()));
    stops.add(new Stop("heel ends", plan.neck().heelEnd().value()));
    stops.removeIf(s -> s.x() < 0 || s.x() > plan.neck().heelEnd().value());
    stops.sort(Comparator.comparingDouble(Stop::x));
    return List.copyOf(stops);
  }
}
