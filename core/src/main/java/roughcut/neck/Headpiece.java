package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.geometry.Point;
import roughcut.layout.StringSpread;
import roughcut.measure.Provenance;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.strings.NutAction;

/**
 * What holds the strings behind the nut of a headless neck: a piece screwed on the neck's end.
 * Places are on that end as on a headstock's face: x from the break line towards the tip, y across,
 * treble positive.
 *
 * @param along from the break line to the row of screws
 * @param screws each from the centre line, from bass to treble
 * @param edge wood beside the outer screw's thread
 * @param end wood behind the screws, to the neck's end
 * @param under the shortest way from a screw to the carved back
 * @param held from the break line to where the strings are held
 * @param breakAngles by which each string turns down over the nut, string 1 first
 * @param ways each string's, from the nut to where it is held
 */
public record Headpiece(
    Value along,
    List<Value> screws,
    Value edge,
    Value end,
    Value under,
    Value held,
    List<Value> breakAngles,
    List<Way> ways) {
  /** A string's way behind the nut. */
  public record Way(int string, Point nut, Point held) {}

  public Headpiece {
    screws = List.copyOf(screws);
    breakAngles = List.copyOf(breakAngles);
    ways = List.copyOf(ways);
  }

  /** Where each screw stands. */
  public List<Point> places() {
    return screws.stream().map(y -> new Point(along.value(), y.value())).toList();
  }

  /** The headpiece of a headless neck; empty on any other. */
  public static Optional<Headpiece> of(
      EffectiveInputs inputs,
      NeckShape neck,
      StringSpread strings,
      HeadFace face,
      Provenance shape,
      ValueRegistry registry) {
    if (!Headless.is(inputs)) {
      return Optional.empty();
    }
    HeadLine head = neck.head();
    Value along = inputs.get(NeckDecisions.HEADPIECE_SCREWS_AT);
    Value screw = inputs.get(NeckDecisions.HEADPIECE_SCREW);
    Value held = inputs.get(NeckDecisions.HEADPIECE_STRINGS);
    List<Value> screws = screws(inputs, registry);
    registry.put(
        NeckKeys.HEADPIECE_ALONG, "nut + x", in("nut", head.nutThickness()), in("x", along));
    registry.put(
        NeckKeys.HEADLESS_END, "nut + ℓ", in("nut", head.nutThickness()), in("ℓ", head.length()));
    List<Value> angles = new ArrayList<>();
    List<Way> ways = new ArrayList<>();
    for (int i = 1; i <= strings.count(); i++) {
      angles.add(breakAngle(inputs, i, held, registry));
      ways.add(
          new Way(
              i,
              new Point(0, strings.offset(i, head.breakX())),
              new Point(held.value(), strings.offset(i, head.breakX() - held.value()))));
    }
    double least =
        screws.stream()
            .mapToDouble(
                y -> face.reach(y.value() < 0 ? -1 : 1, along.value()) - Math.abs(y.value()))
            .min()
            .orElse(0);
    return Optional.of(
        new Headpiece(
            along,
            screws,
            registry.find(
                NeckKeys.HEADPIECE_EDGE,
                least - screw.value() / 2,
                Text.of("least from a screw to the side of the neck"),
                shape.and(Provenance.of(screws)).with(along, screw)),
            registry.put(
                NeckKeys.HEADPIECE_END,
                "ℓ − x − d / 2",
                in("ℓ", head.length()),
                in("x", along),
                in("d", screw)),
            under(inputs, neck, along, screws, screw, registry),
            held,
            angles,
            ways));
  }

  /** The neck is carved round up to its end: beside the middle there is less wood under a screw. */
  private static Value under(
      EffectiveInputs inputs,
      NeckShape neck,
      Value along,
      List<Value> screws,
      Value screw,
      ValueRegistry registry) {
    Value bite = inputs.get(NeckDecisions.HEADPIECE_BITE);
    NeckProfile back = neck.profile(neck.head().breakX() - along.value());
    return registry.find(
        NeckKeys.HEADPIECE_UNDER,
        screws.stream()
            .mapToDouble(y -> back.distanceToChannel(y.value(), screw.value(), bite.value()))
            .min()
            .orElse(Double.NaN),
        Text.of("least from a screw to |y / a|^p + |z / B|^p = 1"),
        neck.provenance().and(Provenance.of(screws)).with(along, screw, bite));
  }

  private static List<Value> screws(EffectiveInputs inputs, ValueRegistry registry) {
    Value count = inputs.get(NeckDecisions.HEADPIECE_SCREWS);
    Value spread = inputs.get(NeckDecisions.HEADPIECE_SPREAD);
    List<Value> screws = new ArrayList<>();
    for (int k = 1; k <= (int) count.value(); k++) {
      screws.add(
          registry.put(
              NeckKeys.HEADPIECE_ACROSS.id(k),
              Text.of("Headpiece screw {k} from the centre line", k),
              FINE_LENGTH,
              "s · ((k − 1) / max(1, n − 1) − min(1, n − 1) / 2)",
              in("s", spread),
              in("k", TableValue.of(NeckKeys.HEADPIECE_PLACE, k, Text.of("counted"))),
              in("n", count)));
    }
    registry.put(NeckKeys.HEADPIECE_DEPTH, "b", in("b", inputs.get(NeckDecisions.HEADPIECE_BITE)));
    registry.put(
        NeckKeys.HEADPIECE_PILOT, "0.7 · d", in("d", inputs.get(NeckDecisions.HEADPIECE_SCREW)));
    return screws;
  }

  /** Handbook page 2, "Break angles", over a face that is level with the neck's top. */
  private static Value breakAngle(
      EffectiveInputs inputs, int string, Value held, ValueRegistry registry) {
    return registry.put(
        NeckKeys.HEADPIECE_BREAK.id(string),
        Text.of("String {string}, break angle over the nut", string),
        ANGLE,
        "atan((t_b + t_f + a − h) / ℓ)",
        in("t_b", inputs.get(Decisions.FRETBOARD_THICKNESS)),
        in("t_f", inputs.get(FretboardDecisions.WIRE_HEIGHT)),
        in("a", NutAction.of(inputs)),
        in("h", inputs.get(NeckDecisions.HEADPIECE_HEIGHT)),
        in("ℓ", held));
  }
}
