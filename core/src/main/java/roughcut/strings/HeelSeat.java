package roughcut.strings;

import static roughcut.measure.ComputedValue.in;

import java.util.Optional;
import roughcut.design.AngleMade;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.Quantity;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurables;

/**
 * What of the neck's angle lies between fretboard and pocket floor: a heel planed to a taper, or
 * packed by a full-face wedge, or neither where the floor is tilted (handbook page 2, "Made and
 * proved"). All along the heel, so that pocket, bolts, thin spots and drawings go by the same wood.
 *
 * @param by the decision on what lies on the floor: heel or tenon
 * @param heel the thickness of that before it is planed
 * @param taper planed off the heel or put under it at the thick end; empty where the floor is
 *     tilted
 * @param edge heel, wedge and a film on the floor together at the body's edge
 * @param end the same at the heel's end
 * @param film of finish on the pocket's floor; empty where it is kept out
 * @param woodAtEdge the heel's own wood at the body's edge
 * @param woodAtEnd the same at its end
 * @param edgeDepth how deep the pocket is to be at the body's edge
 * @param endDepth the same at the heel's end
 * @param joint where the body's edge is
 * @param heelEnd where the heel ends
 */
public record HeelSeat(
    AngleMade made,
    NumberDecision by,
    Value heel,
    Optional<Value> taper,
    Value edge,
    Value end,
    Optional<Value> film,
    Value woodAtEdge,
    Value woodAtEnd,
    Value edgeDepth,
    Value endDepth,
    Value joint,
    Value heelEnd) {
  private static final Text THE_EDGE = Text.of("at the body edge");
  private static final Text THE_END = Text.of("at the heel end");

  /**
   * The seat.
   *
   * @param exposed how far the fretboard is to stand out of the body
   * @param lean what the angle takes over the pocket's length; less than 0 where it leans forward
   */
  static HeelSeat of(
      EffectiveInputs inputs,
      Value exposed,
      Value lean,
      Value joint,
      Value heelEnd,
      ValueRegistry registry) {
    AngleMade made = inputs.get(StringDecisions.ANGLE_MADE);
    Optional<Value> film =
        switch (inputs.get(RoutDecisions.POCKET_FINISH)) {
          case GOES_IN -> Optional.of(inputs.get(RoutDecisions.FILM));
          case KEPT_OUT -> Optional.empty();
        };
    NumberDecision by = by(inputs);
    Value heel = inputs.get(by);
    boolean forward = lean.value() < 0;
    if (tiltsFloor(made)) {
      return of(made, by, heel, Optional.empty(), heel, heel, film, exposed, lean, joint, heelEnd);
    }
    Text thick = planed(made) == forward ? THE_END : THE_EDGE;
    ValueKey key =
        planed(made)
            ? StringKeys.HEEL_TAPER.called(
                tenoned(by)
                    ? Text.of("Planed off the underside of the tenon {thick}", thick)
                    : Text.of("Planed off the underside of the heel {thick}", thick))
            : StringKeys.HEEL_TAPER.called(
                tenoned(by)
                    ? Text.of("Wedge under the tenon, thick {thick}", thick)
                    : Text.of("Wedge under the heel, thick {thick}", thick));
    Value nominal = registry.put(key, "abs(k)", in("k", lean));
    Value taper = inputs.read(Measurables.HEEL_TAPER, nominal).orElse(nominal);
    boolean atEdge = planed(made) != forward;
    Value edge = there(StringKeys.HEEL_AT_EDGE, made, heel, taper, atEdge, lean, registry);
    Value end = there(StringKeys.HEEL_AT_END, made, heel, taper, !atEdge, lean, registry);
    return of(made, by, heel, Optional.of(taper), edge, end, film, exposed, lean, joint, heelEnd);
  }

  /** A tenon of its own depth lies on the floor in the heel's place. */
  private static NumberDecision by(EffectiveInputs inputs) {
    return switch (inputs.get(BodyDecisions.NECK_JOINT)) {
      case SET_NECK ->
          inputs.get(BodyDecisions.TENON_DEPTH).value() > 0
              ? BodyDecisions.TENON_DEPTH
              : Decisions.HEEL_THICKNESS;
      case BOLT_ON, THROUGH -> Decisions.HEEL_THICKNESS;
    };
  }

  /** Whether a tenon of its own depth lies on the floor. */
  public boolean tenoned() {
    return tenoned(by);
  }

  private static boolean tenoned(NumberDecision by) {
    return by != Decisions.HEEL_THICKNESS;
  }

  private static HeelSeat of(
      AngleMade made,
      NumberDecision by,
      Value heel,
      Optional<Value> taper,
      Value woodEdge,
      Value woodEnd,
      Optional<Value> film,
      Value exposed,
      Value lean,
      Value joint,
      Value heelEnd) {
    Value edge = onFilm(StringKeys.HEEL_ON_FILM_EDGE, woodEdge, film);
    Value end = onFilm(StringKeys.HEEL_ON_FILM_END, woodEnd, film);
    Value edgeDepth =
        ComputedValue.of(Measurables.POCKET_EDGE.key(), "h − e", in("h", edge), in("e", exposed));
    Value endDepth =
        ComputedValue.of(
            Measurables.POCKET_END.key(),
            "h − e − k",
            in("h", end),
            in("e", exposed),
            in("k", lean));
    return new HeelSeat(
        made,
        by,
        heel,
        taper,
        edge,
        end,
        film,
        planed(made) ? woodEdge : heel,
        planed(made) ? woodEnd : heel,
        edgeDepth,
        endDepth,
        joint,
        heelEnd);
  }

  private static Value onFilm(ValueKey key, Value stands, Optional<Value> film) {
    return film.map(f -> (Value) ComputedValue.of(key, "h + f", in("h", stands), in("f", f)))
        .orElse(stands);
  }

  private static Text other(Text thick) {
    return thick.equals(THE_EDGE) ? THE_END : THE_EDGE;
  }

  private static Value there(
      ValueKey key,
      AngleMade made,
      Value heel,
      Value taper,
      boolean here,
      Value lean,
      ValueRegistry registry) {
    Value share =
        SearchedValue.of(
            key.id() + ".share",
            Text.of("Share of the taper there"),
            here ? planed(made) ? -1 : 1 : 0,
            Quantity.RATIO,
            Text.of("found by which way the neck leans"),
            Provenance.of(lean));
    return registry.put(key, "h + s · k", in("h", heel), in("s", share), in("k", taper));
  }

  /** Heel, wedge and film together at x, mm. */
  public double at(double x) {
    double run = heelEnd.value() - joint.value();
    double share = run <= 0 ? 0 : Math.max(0, Math.min(1, (x - joint.value()) / run));
    return edge.value() + (end.value() - edge.value()) * share;
  }

  /** The heel's own wood at x, mm. */
  public double wood(double x) {
    return Math.min(heel.value(), at(x) - film.map(Value::value).orElse(0.0));
  }

  /** Whether the pocket's floor makes the angle. */
  public boolean tiltsFloor() {
    return tiltsFloor(made);
  }

  private static boolean tiltsFloor(AngleMade made) {
    return switch (made) {
      case TILTED_FLOOR -> true;
      case PLANED_HEEL, WEDGE -> false;
    };
  }

  /** Whether the heel's underside makes it. */
  public boolean planed() {
    return planed(made);
  }

  private static boolean planed(AngleMade made) {
    return switch (made) {
      case PLANED_HEEL -> true;
      case TILTED_FLOOR, WEDGE -> false;
    };
  }

  /** Whether a wedge between the two makes it. */
  public boolean wedged() {
    return switch (made) {
      case WEDGE -> true;
      case TILTED_FLOOR, PLANED_HEEL -> false;
    };
  }

  /** Whether anything lies between heel and floor. */
  public boolean packed() {
    return wedged() || film.isPresent();
  }

  /** Wedge and film at x, mm; 0 where there is none. */
  public double packing(double x) {
    return at(x) - wood(x);
  }

  /**
   * How the angle is made, in words with millimetres.
   *
   * @param lean what the angle takes over the pocket's length
   */
  public Text words(Value lean) {
    boolean forward = lean.value() < 0;
    Text thin = forward ? THE_END : THE_EDGE;
    Text.Arg by =
        Text.length(taper.orElse(lean).value() * (taper.isEmpty() && forward ? -1 : 1), 2);
    return switch (made) {
      case TILTED_FLOOR -> Text.of("floor {by} deeper {thin}", by, thin);
      case PLANED_HEEL ->
          tenoned()
              ? Text.of(
                  "{by} off the tenon {thin}, tapering to nothing {other}", by, thin, other(thin))
              : Text.of(
                  "{by} off the heel {thin}, tapering to nothing {other}", by, thin, other(thin));
      case WEDGE ->
          Text.of("{by} thick {other}, tapering to nothing {thin}", by, other(thin), thin);
    };
  }

  /** All that {@link #at} goes by. */
  public Provenance provenance() {
    return Provenance.of(heel, edge, end, joint, heelEnd);
  }
}
