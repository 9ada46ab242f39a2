package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.geometry.Edge;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRow;

/**
 * The cover of a cavity: sawn from the offcut to lie in the ledge, its screws in lugs that stand
 * out from the ledge where it is too narrow for them (handbook page 6, "Controls and plates").
 *
 * @param of the cavity that it closes
 * @param ledge that it lies in
 * @param gap round it, mm
 * @param screws where they stand
 * @param face that it lies in
 */
public record CavityCover(
    Fitting of, RoutStep ledge, double gap, List<Point> screws, BodyFace face) {
  /** Places for screws are looked at so far from one another, mm. */
  private static final double APART = 2;

  public CavityCover {
    screws = List.copyOf(screws);
  }

  /** Of the cover itself, the gap round it taken off. */
  public Outline outline() {
    List<Outline> inner = ledge.outline().shrink(gap);
    return inner.isEmpty() ? ledge.outline() : inner.get(0);
  }

  /** Whether a cavity has a ledge with a cover in it. */
  static boolean there(CutBuilder builder, Fitting cavity) {
    return !cavity.listed().covered()
        && builder.value(cavity, "ledge") > 0
        && builder.value(cavity, "cover") > 0;
  }

  /**
   * Makes the cover of a cavity that is in the slab already: its screws where they are clear of
   * everything else, the ledge widened round them, their pilots.
   *
   * @param around the cavity, grown by as much as screws stand off the wall
   */
  static CavityCover of(CutBuilder builder, Fitting cavity, RoutArea around) {
    Cut cut = builder.cut(cavity.name()).orElseThrow();
    BodyFace face = FittingDecisions.face(builder.inputs.design(), cavity);
    Value cover = builder.get(cavity, "cover");
    double lies =
        face == BodyFace.TOP
            ? builder.surface.topPlane(cut.middleX()) + cover.value()
            : builder.thickness().value() - cover.value();
    List<Point> screws =
        PlateScrews.places(
            builder,
            builder.memo.block("line round " + cavity.name(), List.of(around), () -> line(around)),
            around.middle(),
            (int) builder.value(cavity, "screws"),
            face,
            lies,
            cavity.name());
    RoutStep ledge = widened(builder, cavity, face, cut.steps().get(0), screws);
    builder.replace(cut, cut.with(0, ledge));
    side(builder, cavity, RoutKeys.COVER_LENGTH, "length", ledge.bounds().width());
    side(builder, cavity, RoutKeys.COVER_WIDTH, "width", ledge.bounds().height());
    if (!screws.isEmpty()) {
      screws(builder, cavity, cover);
      PlateScrews.add(
          builder,
          cavity,
          Text.of("{cavity} cover", cavity.words()),
          face,
          lies,
          screws,
          Set.of(cavity.name()),
          cavity.id("lug"),
          cavity.id("screws"));
    }
    return new CavityCover(cavity, ledge, builder.value(cavity, "cover-gap"), screws, face);
  }

  /**
   * Places round a drawn outline; else corners of shapes that lie on the outside of all of them.
   */
  private static List<Point> line(RoutArea around) {
    if (around.whole().isPresent()) {
      Edge edge = new Edge(around.whole().get());
      int places = Math.max(1, (int) (edge.length() / APART));
      return IntStream.range(0, places).mapToObj(i -> edge.at((double) i / places).at()).toList();
    }
    List<Point> line = new ArrayList<>();
    for (Outline shape : around.shapes()) {
      for (Point p : shape.corners()) {
        boolean apart = line.isEmpty() || line.get(line.size() - 1).distance(p) >= APART;
        if (apart && around.shapes().stream().noneMatch(o -> o != shape && o.contains(p))) {
          line.add(p);
        }
      }
    }
    return line;
  }

  /** The ledge with a round lug for each screw, where it is too narrow for them. */
  private static RoutStep widened(
      CutBuilder builder, Fitting cavity, BodyFace face, RoutStep ledge, List<Point> screws) {
    double lug = builder.value(cavity, "lug");
    if (2 * lug <= builder.value(cavity, "ledge") || screws.isEmpty()) {
      return ledge;
    }
    RoutArea lugs = ledge.made().and(screws.stream().map(p -> Shapes.circle(p, lug)).toList());
    return builder.step(ledge.name(), face, lugs, ledge.depth(), Math.min(ledge.corner(), lug));
  }

  private static void screws(CutBuilder builder, Fitting cavity, Value cover) {
    Value lug = builder.get(cavity, "lug");
    Value pilot =
        TableValue.of(
            cavity.id("cover-pilot"),
            Text.of("Pilot hole of its screws"),
            PlateScrews.PILOT,
            LENGTH,
            Text.of("usual for small screws"));
    builder.registry.put(
        cavity.id("screw-wall"),
        Text.of("{title}, wood between its cover screws and the wall", cavity.title()),
        FINE_LENGTH,
        "l − p / 2",
        in("l", lug),
        in("p", pilot));
    Value deep =
        TableValue.of(
            cavity.id("cover-screw"),
            Text.of("Screw in the wood"),
            PlateScrews.DEPTH,
            LENGTH,
            Text.of("usual for small screws"));
    builder.registry.put(
        cavity.id("screw-stop"),
        Text.of("{title}, drilling depth for its cover screws, through the cover", cavity.title()),
        LENGTH,
        "c + s",
        in("c", cover),
        in("s", deep));
  }

  private static void side(
      CutBuilder builder, Fitting cavity, ValueRow row, String which, double ledge) {
    Value gap = builder.get(cavity, "cover-gap");
    Value whole =
        SearchedValue.of(
            cavity.id("ledge-" + which),
            Text.of("Ledge {which}", which),
            ledge,
            FINE_LENGTH,
            Text.of("found by measuring the ledge"),
            builder.trackedSoFar());
    builder.registry.put(
        row.id(cavity.name()),
        Text.of("{title}, cover {which}", cavity.title(), Text.of(which)),
        FINE_LENGTH,
        "l − 2 · g",
        in("l", whole),
        in("g", gap));
  }
}
