package roughcut.rout;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Found;
import roughcut.measure.Known;
import roughcut.measure.Value;

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
public record Cover(Fitting of, Step ledge, double gap, List<Point> screws, BodyFace face) {
  /** Places for screws are looked at so far from one another, mm. */
  private static final double APART = 2;

  public Cover {
    screws = List.copyOf(screws);
  }

  /** Of the cover itself, the gap round it taken off. */
  public Outline outline() {
    List<Outline> inner = ledge.outline().inset(gap);
    return inner.isEmpty() ? ledge.outline() : inner.get(0);
  }

  /** Whether a cavity has a ledge with a cover in it. */
  static boolean there(Cutting slab, Fitting cavity) {
    return slab.value(cavity, "ledge") > 0 && slab.value(cavity, "cover") > 0;
  }

  /**
   * Makes the cover of a cavity that is in the slab already: its screws where they are clear of
   * everything else, the ledge widened round them, their pilots.
   *
   * @param around the cavity's shapes without hollows, grown by as much as screws stand off the
   *     wall
   */
  static Cover of(Cutting slab, Fitting cavity, List<Outline> around) {
    Cut cut = slab.cut(cavity.name()).orElseThrow();
    BodyFace face = FittingDecisions.face(slab.givens.design(), cavity);
    Value cover = slab.get(cavity, "cover");
    double lies =
        face == BodyFace.TOP
            ? slab.surface.topPlane(cut.middleX()) + cover.value()
            : slab.thickness().value() - cover.value();
    List<Point> screws =
        PlateScrews.places(
            slab,
            slab.memo.block("line round " + cavity.name(), List.of(around), () -> line(around)),
            around.get(around.size() / 2).centre(),
            (int) slab.value(cavity, "screws"),
            face,
            lies,
            cavity.name());
    Step ledge = widened(slab, cavity, face, cut.steps().get(0), screws);
    slab.replace(cut, cut.with(0, ledge));
    side(slab, cavity, "length", ledge.bounds().width());
    side(slab, cavity, "width", ledge.bounds().height());
    if (!screws.isEmpty()) {
      screws(slab, cavity, cover);
      PlateScrews.add(
          slab,
          cavity,
          cavity.words() + " cover",
          face,
          lies,
          screws,
          Set.of(cavity.name()),
          cavity.id("lug"),
          cavity.id("screws"));
    }
    return new Cover(cavity, ledge, slab.value(cavity, "cover-gap"), screws, face);
  }

  /** Corners of shapes that lie on the outside of all of them. */
  private static List<Point> line(List<Outline> around) {
    List<Point> line = new ArrayList<>();
    for (Outline shape : around) {
      for (Point p : shape.corners()) {
        boolean apart = line.isEmpty() || line.get(line.size() - 1).distance(p) >= APART;
        if (apart && around.stream().noneMatch(o -> o != shape && o.holds(p))) {
          line.add(p);
        }
      }
    }
    return line;
  }

  /** The ledge with a round lug for each screw, where it is too narrow for them. */
  private static Step widened(
      Cutting slab, Fitting cavity, BodyFace face, Step ledge, List<Point> screws) {
    double lug = slab.value(cavity, "lug");
    if (2 * lug <= slab.value(cavity, "ledge") || screws.isEmpty()) {
      return ledge;
    }
    List<Outline> shapes = new ArrayList<>(ledge.shapes());
    screws.forEach(p -> shapes.add(Shapes.circle(p, lug)));
    return slab.step(ledge.name(), face, shapes, ledge.depth(), Math.min(ledge.corner(), lug));
  }

  private static void screws(Cutting slab, Fitting cavity, Value cover) {
    Value lug = slab.get(cavity, "lug");
    Value pilot =
        Known.of(
            cavity.id("cover-pilot"),
            "Pilot of its screws",
            PlateScrews.PILOT,
            LENGTH,
            "usual for small screws");
    slab.ledger.put(
        cavity.id("screw-wall"),
        cavity.title() + ", wood between its cover's screws and the wall",
        FINE_LENGTH,
        "l − p / 2",
        in("l", lug),
        in("p", pilot));
    Value deep =
        Known.of(
            cavity.id("cover-screw"),
            "Screw in the wood",
            PlateScrews.DEPTH,
            LENGTH,
            "usual for small screws");
    slab.ledger.put(
        cavity.id("screw-stop"),
        cavity.title() + ", drill's stop for its cover's screws, through the cover",
        LENGTH,
        "c + s",
        in("c", cover),
        in("s", deep));
  }

  private static void side(Cutting slab, Fitting cavity, String which, double ledge) {
    Value gap = slab.get(cavity, "cover-gap");
    Value whole =
        Found.of(
            cavity.id("ledge-" + which),
            "Ledge's " + which,
            ledge,
            FINE_LENGTH,
            "found by measuring the ledge",
            slab.soFar());
    slab.ledger.put(
        cavity.id("cover-" + which),
        cavity.title() + ", its cover's " + which,
        FINE_LENGTH,
        "l − 2 · g",
        in("l", whole),
        in("g", gap));
  }
}
