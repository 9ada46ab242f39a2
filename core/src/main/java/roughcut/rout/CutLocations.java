package roughcut.rout;

import static roughcut.measure.Quantity.ANGLE;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import roughcut.design.Decisions;
import roughcut.geometry.Bounds;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.measure.ValueRow;
import roughcut.record.DoneOperation;
import roughcut.record.Measurable;
import roughcut.record.Measurables;

/**
 * Where everything is cut into the body, from what can be touched there: the body's edge at the
 * neck and the centre line. What was cut stays where it was cut, or where it was read to be,
 * whatever is drawn since; all that is worked out from it is worked out from there.
 */
public final class CutLocations {
  private static final ValueRow LEAN = new ValueRow("place.{}.lean");

  private CutLocations() {}

  /** The numbers that place a cut and lean it, of which it may have some. */
  public static List<SettingRef> of(String cut) {
    return List.of(
        Measurables.CUT_PLACE.of(cut, "along"),
        Measurables.CUT_PLACE.of(cut, "aside"),
        LEAN.of(cut));
  }

  /** Id of its place from the body's edge at the neck. */
  public static String along(String cut) {
    return Measurables.CUT_PLACE.id(cut, "along");
  }

  /** Id of its place from the centre line; less than 0 towards the bass side. */
  public static String offsetFromCentre(String cut) {
    return Measurables.CUT_PLACE.id(cut, "aside");
  }

  /** Id of how far a bore leans from square to the face. */
  public static String angle(String cut) {
    return LEAN.id(cut);
  }

  private static final Pattern SIDED =
      Pattern.compile("place\\..+\\.aside|tuner\\.\\d+\\.y|pin\\..+\\.y");

  /** Whether a number is the place of something that is cut into the body. */
  public static boolean places(String id) {
    return id.startsWith("place.");
  }

  /** Whether a number lies towards a side of the centre line: less than 0 is the bass side. */
  public static boolean signed(String id) {
    return SIDED.matcher(id).matches();
  }

  /** Relief bores are many, and where each is doesn't matter. */
  private static boolean counts(Cut cut) {
    return cut.kind() != CutKind.RELIEF;
  }

  /** Tells where a cut is drawn, and gives it as it really is. */
  static Cut real(CutBuilder builder, Cut cut) {
    if (!counts(cut)) {
      return cut;
    }
    Value joint = builder.inputs.get(Decisions.JOINT_X);
    Provenance shaped = builder.trackedSoFar().with(joint);
    Point drawn = middle(cut);
    double dx = displacement(builder, cut, "along", drawn.x() - joint.value(), shaped);
    double dy = displacement(builder, cut, "aside", drawn.y(), shaped);
    tilted(cut)
        .ifPresent(
            b ->
                builder.registry.find(
                    angle(cut.name()),
                    Text.of("{title}, tilt from square", cut.title()),
                    ANGLE,
                    Math.toDegrees(
                        Math.atan2(
                            b.to().flat().distance(b.from().flat()),
                            Math.abs(b.to().z() - b.from().z()))),
                    Text.of("found along the hole"),
                    shaped));
    return dx == 0 && dy == 0 ? cut : displacement(cut, dx, dy);
  }

  private static Optional<Cylinder> tilted(Cut cut) {
    return cut.bores().stream().filter(b -> !b.upright()).findFirst();
  }

  /** The middle of a rout, or where the first bore goes in. */
  private static Point middle(Cut cut) {
    if (cut.steps().isEmpty()) {
      return cut.bores().get(0).from().flat();
    }
    Bounds b = cut.steps().get(0).drawn();
    return new Point((b.left() + b.right()) / 2, (b.low() + b.high()) / 2);
  }

  /** How far it really is from where it is drawn, one way. */
  private static double displacement(
      CutBuilder builder, Cut cut, String way, double drawn, Provenance shaped) {
    Measurable place = Measurables.place(builder.inputs.design(), cut.name(), way);
    boolean along = way.equals("along");
    ValueKey key =
        new ValueKey(
            place.id(),
            Text.of(
                along ? "{title}, from the body edge" : "{title}, from the centre line",
                cut.title()),
            place.quantity());
    Value found = SearchedValue.of(key, drawn, Text.of("found on the drawing"), shaped);
    Optional<Value> read = builder.inputs.read(place, found);
    builder.registry.put(read.map(r -> r.as(key)).orElse(found));
    double is = read.map(Value::value).or(() -> cutAt(builder, cut, place.id())).orElse(drawn);
    return Math.abs(is - drawn) < Precision.NEAR ? 0 : is - drawn;
  }

  /** Where it was cut, by what was noted then. */
  private static Optional<Double> cutAt(CutBuilder builder, Cut cut, String id) {
    return builder
        .inputs
        .cutAt(DoneOperation.cut(cut.row()))
        .map((Map<String, Double> at) -> at.get(id));
  }

  private static Cut displacement(Cut cut, double dx, double dy) {
    List<RoutStep> steps = new ArrayList<>();
    for (RoutStep step : cut.steps()) {
      steps.add(
          new RoutStep(
              step.name(),
              step.made().translate(dx, dy),
              step.depth(),
              step.solids().stream().map(s -> displacement(s, dx, dy)).toList(),
              step.corner(),
              step.wanted().translate(dx, dy)));
    }
    return cut.as(
        steps,
        cut.bores().stream()
            .map(
                b ->
                    new Cylinder(
                        displacement(b.from(), dx, dy), displacement(b.to(), dx, dy), b.radius()))
            .toList());
  }

  private static Point3 displacement(Point3 p, double dx, double dy) {
    return p.plus(dx, dy, 0);
  }

  /** A floor that leans goes along with its rout. */
  private static Prism displacement(Prism prism, double dx, double dy) {
    List<Point> corners = new Outline(prism.corners()).translate(dx, dy).corners();
    return new Prism(corners, prism.open(), prism.floor() - prism.lean() * dx, prism.lean());
  }
}
