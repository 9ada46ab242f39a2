package roughcut.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roughcut.blank.PlacedStrip;
import roughcut.design.BodyFace;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Prism;
import roughcut.geometry.Region;
import roughcut.geometry.Solid;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.neck.NeckShape;
import roughcut.plan.Plan;
import roughcut.rout.Cut;
import roughcut.rout.CutKind;
import roughcut.rout.HardwareSolid;
import roughcut.rout.Pocket;
import roughcut.shop.Species;

/**
 * The body cut open, with every rout and bore in it, the neck in its pocket, the hardware that is
 * in the way, and what wood is left over each floor. Across the strings it is seen looking to the
 * bridge, bass side at the right; along them with the head at the left. z up from the top's plane.
 */
public final class BodySection {

  /** Less between two openings is broken out: how thin it is is told by the clearances, mm. */
  private static final double SLIVER = 0.2;

  /** Wood left of more than so much isn't worth a number here, mm. */
  private static final double PLENTY = 0.8;

  /** Places of a floor at which wood beyond it is looked for. */
  private static final int PLACES = 9;

  /** Colour of a bore that is cut through all round: the sheet's. */
  private static final String EMPTY = "#FBF9F4";

  /** Less wood than this is none, mm. */
  private static final double NO_WOOD = 0.1;

  private final Plan plan;
  private final BodySlice slice;
  private final Sketch sketch;

  private BodySection(Plan plan, boolean across, double at, Sketch sketch) {
    this.plan = plan;
    this.slice = new BodySlice(plan.cuts().surface(), across, at);
    this.sketch = sketch;
  }

  /** Where the body can be cut across: from the tip of its longer horn to its end. */
  public static double within(Plan plan, double x) {
    Bounds b = plan.body().outline().bounds();
    return Math.max(b.left() + 1, Math.min(b.right() - 1, x));
  }

  /** Across the strings at x. */
  public static Drawing across(Plan plan, double x, Units units) {
    Sketch sketch = new Sketch(plan, units);
    double at = within(plan, x);
    sketch.seen(View.ACROSS);
    new BodySection(plan, true, at, sketch).draw();
    double half = 40;
    for (double[] span : plan.body().outline().shape().spans(at, true)) {
      half = Math.max(half, Math.max(Math.abs(span[0]), Math.abs(span[1])));
    }
    double t = plan.body().thickness().value();
    return sketch.drawing(
        Text.of("Section of the body"), new Bounds(-half - 8, -t - 12, half + 8, 22));
  }

  /** Along the strings at y, into a drawing whose origin is the top's plane. */
  static void along(Plan plan, double y, Sketch sketch) {
    new BodySection(plan, false, y, sketch).draw();
  }

  private Point place(Point p) {
    return new Point(p.x(), -p.y());
  }

  private Outline place(Outline shape) {
    return new Outline(shape.corners().stream().map(this::place).toList());
  }

  private void draw() {
    double t = plan.body().thickness().value();
    double cap = plan.body().top().value() + plan.body().accent().value();
    List<Outline> openings = new ArrayList<>();
    for (Cut cut : plan.cuts().cuts()) {
      for (Solid solid : cut.solids()) {
        openings.addAll(slice.opening(solid));
      }
    }
    if (cap > 0) {
      wood(slice.layer(-100, cap), openings, plan.body().topWood());
    }
    wood(slice.layer(cap > 0 ? cap : -100, t), openings, inside());
    core(openings);
    neck();
    parts();
    left(openings);
  }

  private void wood(List<Outline> shapes, List<Outline> openings, Species species) {
    for (Region.Piece piece : Region.of(shapes).difference(Region.of(openings)).pieces()) {
      Outline placed = place(piece.outline());
      if (slice.across()) {
        sketch.endGrain(placed, species);
      } else {
        sketch.wood(placed, species);
      }
      sketch.outline(Role.EDGE, placed);
      for (Outline hole : piece.holes()) {
        sketch.fill(Role.CHANNEL, place(hole), EMPTY);
        sketch.outline(Role.EDGE, place(hole));
      }
    }
  }

  /** The body's wood there: a through-neck's strip where the section runs along it. */
  private Species inside() {
    if (plan.neck().through() && !slice.across()) {
      double x = plan.neck().joint().value();
      return plan.blank().strips().stream()
          .filter(s -> slice.at() >= s.from(x) && slice.at() < s.to(x))
          .findFirst()
          .map(s -> plan.wood(s.strip().species()))
          .orElse(plan.body().backWood());
    }
    return plan.body().backWood();
  }

  /** A through-neck's strips in the body. */
  private void core(List<Outline> openings) {
    NeckShape neck = plan.neck();
    if (!neck.through() || !slice.across() || slice.at() < neck.joint().value()) {
      return;
    }
    double t = plan.body().thickness().value();
    for (Outline layer : slice.layer(-100, t)) {
      plan.blank()
          .strips()
          .forEach(
              strip -> {
                double from = strip.from(slice.at());
                double to = strip.to(slice.at());
                for (Outline band : layer.intersection(Outline.rectangle(from, -50, to, t + 50))) {
                  wood(List.of(band), openings, plan.wood(strip.strip().species()));
                }
              });
    }
  }

  /** The neck in its pocket and the fretboard over the body. */
  private void neck() {
    NeckShape neck = plan.neck();
    double e = plan.stringPlan().heights().fretboardAboveBody().value();
    double board = neck.thickness().fretboard().value();
    double joint = neck.joint().value();
    double tan = Math.tan(Math.toRadians(plan.stringPlan().heights().leans().value()));
    Optional<Pocket> pocket = plan.cuts().pocket();
    double boardEnd = plan.taper().end().value();
    if (slice.across()) {
      double x = slice.at();
      double under = -e - (x - joint) * tan;
      if (pocket.isPresent() && x >= joint && x <= neck.heelEnd().value()) {
        double half = neck.halfWidth(x);
        double heel = heelUnder(x);
        String wood = plan.blank().strips().get(0).strip().species();
        for (PlacedStrip strip : plan.blank().strips()) {
          double left = Math.max(-half, strip.from(x));
          double right = Math.min(half, strip.to(x));
          if (right - left > NO_WOOD) {
            shape(Outline.rectangle(left, under, right, heel), strip.strip().species());
          }
        }
        double floor = pocket.get().depthAt(x);
        if (floor - heel > NO_WOOD) {
          shape(Outline.rectangle(-half, heel, half, floor), wood);
        }
      }
      if (x >= joint && x <= boardEnd) {
        double half = plan.taper().halfWidth(x);
        shape(Outline.rectangle(-half, under - board, half, under), null);
      }
      return;
    }
    if (Math.abs(slice.at()) > 12) {
      return;
    }
    double from = joint - 60;
    double to = neck.heelEnd().value();
    if (pocket.isPresent()) {
      String wood = plan.blank().at(joint, slice.at()).strip().species();
      shape(
          Outline.of(
              new Point(joint, -e),
              new Point(to, -e - (to - joint) * tan),
              new Point(to, heelUnder(to)),
              new Point(joint, heelUnder(joint))),
          wood);
      if (plan.stringPlan().heights().seat().orElseThrow().wedged()) {
        shape(
            Outline.of(
                new Point(joint, heelUnder(joint)),
                new Point(to, heelUnder(to)),
                new Point(to, pocket.get().depthAt(to)),
                new Point(joint, pocket.get().depthAt(joint))),
            wood);
      }
    }
    shape(
        Outline.of(
            new Point(from, -e - board + 60 * tan),
            new Point(boardEnd, -e - board - (boardEnd - joint) * tan),
            new Point(boardEnd, -e - (boardEnd - joint) * tan),
            new Point(from, -e + 60 * tan)),
        null);
    double saddle = plan.frets().saddle().value();
    sketch.line(
        Role.STRING,
        from,
        plan.stringPlan().heights().string(from),
        saddle,
        plan.stringPlan().heights().string(saddle));
  }

  /** The heel's underside at x, below the top: on the floor, or on the wedge that lies there. */
  private double heelUnder(double x) {
    return plan.cuts().pocket().orElseThrow().depthAt(x)
        - plan.stringPlan().heights().seat().orElseThrow().packing(x);
  }

  /** A piece of the neck in its wood; the fretboard's when none is named. */
  private void shape(Outline shape, String species) {
    Outline placed = place(shape);
    Species wood = species == null ? plan.fretboardWood() : plan.wood(species);
    if (slice.across()) {
      sketch.endGrain(placed, wood);
    } else {
      sketch.wood(placed, wood);
    }
    sketch.outline(Role.EDGE, placed);
  }

  private void parts() {
    for (HardwareSolid part : plan.cuts().parts()) {
      if (part.of().equals("fretboard")) {
        continue;
      }
      for (Outline opening : flat(part)) {
        sketch.outline(Role.COVERED, place(opening));
      }
    }
  }

  /** A part in the plane, without the little that openings reach beyond a face. */
  private List<Outline> flat(HardwareSolid part) {
    return part.solid().fold(this::flat, slice::opening);
  }

  private List<Outline> flat(Prism prism) {
    List<Outline> all = new ArrayList<>();
    for (double[] span : new Outline(prism.corners()).spans(slice.at(), slice.across())) {
      if (span[1] - span[0] > Precision.TOUCHING) {
        all.add(Outline.rectangle(span[0], prism.open(), span[1], prism.floorAt(span[0])));
      }
    }
    return all;
  }

  /** What is left over or under each floor, the thinnest first, as long as there is room. */
  private void left(List<Outline> openings) {
    List<Left> all = new ArrayList<>();
    for (Cut cut : plan.cuts().cuts()) {
      boolean top = cut.from().opens(BodyFace.TOP);
      if (!top && !cut.from().opens(BodyFace.BACK) || cut.kind() == CutKind.BOLT) {
        continue;
      }
      for (Solid solid : cut.solids()) {
        for (Outline opening : slice.opening(solid)) {
          left(opening, openings, top).ifPresent(all::add);
        }
      }
    }
    all.sort(Comparator.comparingDouble(Left::rest));
    double t = plan.body().thickness().value();
    List<Left> told = new ArrayList<>();
    for (Left left : all) {
      boolean room =
          told.stream().allMatch(o -> Math.abs(o.s - left.s) > (slice.across() ? 22 : 26));
      if (room && left.rest() < t * PLENTY && told.size() < 7) {
        told.add(left);
        sketch.dimension(
            Role.DIMENSION,
            place(new Point(left.s, Math.max(left.floor, left.end))),
            place(new Point(left.s, Math.min(left.floor, left.end))),
            0,
            Text.only(Text.figure(left.rest(), Quantity.LENGTH)));
      }
    }
  }

  /** Wood beyond a floor at s: from the floor to the next opening or the face. */
  private record Left(double s, double floor, double end) {
    double rest() {
      return Math.abs(end - floor);
    }
  }

  /** The wood beyond an opening's floor, where there is some, as near to its middle as can be. */
  private Optional<Left> left(Outline opening, List<Outline> openings, boolean top) {
    Bounds b = opening.bounds();
    if (b.width() <= 3) {
      return Optional.empty();
    }
    double middle = (b.left() + b.right()) / 2;
    for (int i = 0; i < PLACES; i++) {
      // 0, 1, −1, 2, −2 … steps from the middle.
      double s = middle + (i % 2 == 0 ? -1 : 1) * ((i + 1) / 2) * b.width() / (PLACES + 1);
      Optional<Left> left = leftAt(s, opening, openings, top);
      if (left.isPresent()) {
        return left;
      }
    }
    return Optional.empty();
  }

  private Optional<Left> leftAt(double s, Outline opening, List<Outline> openings, boolean top) {
    double way = top ? 1 : -1;
    List<double[]> own = opening.spans(s, true);
    if (own.isEmpty()) {
      return Optional.empty();
    }
    double floor = top ? own.get(own.size() - 1)[1] : own.get(0)[0];
    double end = slice.face(top ? BodyFace.BACK : BodyFace.TOP, s);
    for (Outline other : openings) {
      for (double[] span : other.spans(s, true)) {
        double near = top ? span[0] : span[1];
        double far = top ? span[1] : span[0];
        if (way * far > way * floor + NO_WOOD && way * near <= way * floor + NO_WOOD) {
          return Optional.empty();
        }
        if (way * near > way * floor && way * near < way * end) {
          end = near;
        }
      }
    }
    return way * (end - floor) > SLIVER ? Optional.of(new Left(s, floor, end)) : Optional.empty();
  }
}
