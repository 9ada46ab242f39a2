package roughcut.rout;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Given;

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
  public Cover {
    screws = List.copyOf(screws);
  }

  /** Of the cover itself, the gap round it taken off. */
  public Outline outline() {
    List<Outline> inner = ledge.outline().inset(gap);
    return inner.isEmpty() ? ledge.outline() : inner.get(0);
  }

  /** Whether a cavity has a ledge with a cover in it. */
  static boolean there(Slab slab, Fitting cavity) {
    return slab.value(cavity, "ledge") > 0 && slab.value(cavity, "cover") > 0;
  }

  /**
   * Where screws stand so far off a cavity's wall: the first at the place furthest from its middle,
   * each next one as far as can be from those before, so that ends and corners come first.
   *
   * @param around the cavity's shapes without hollows, grown by that distance
   */
  static List<Point> places(List<Outline> around, int count) {
    List<Point> line = new ArrayList<>();
    for (Outline shape : around) {
      for (Point p : shape.corners()) {
        if (around.stream().noneMatch(o -> o != shape && o.holds(p))) {
          line.add(p);
        }
      }
    }
    List<Point> chosen = new ArrayList<>();
    Point middle = around.get(around.size() / 2).centre();
    while (chosen.size() < count && !line.isEmpty()) {
      Point next =
          line.stream()
              .max(
                  Comparator.comparingDouble(
                      p ->
                          chosen.isEmpty()
                              ? p.distance(middle)
                              : chosen.stream().mapToDouble(p::distance).min().orElse(0)))
              .orElseThrow();
      line.remove(next);
      chosen.add(next);
    }
    return chosen;
  }

  /** The round lugs by which a ledge is widened; none where it is wide enough for its screws. */
  static List<Outline> lugs(List<Point> screws, double lug, double ledge) {
    return 2 * lug > ledge ? screws.stream().map(p -> Shapes.circle(p, lug)).toList() : List.of();
  }

  /** Makes the cover of a cavity that is in the slab already, with its pilots. */
  static Cover of(Slab slab, Fitting cavity, BodyFace face, Step ledge, List<Point> screws) {
    double gap = slab.value(cavity, "cover-gap");
    Given lug = slab.get(cavity, "lug");
    Given cover = slab.get(cavity, "cover");
    size(slab, cavity, ledge.bounds());
    if (!screws.isEmpty()) {
      Given pilot =
          Given.decided(cavity.id("cover-pilot"), "Pilot of its screws", PlateScrews.PILOT, LENGTH);
      slab.ledger.put(
          cavity.id("screw-wall"),
          cavity.title() + ", wood between its cover's screws and the wall",
          FINE_LENGTH,
          lug.value() - pilot.value() / 2,
          "l − p / 2",
          in("l", lug),
          in("p", pilot));
      Given deep =
          Given.decided(cavity.id("cover-screw"), "Screw in the wood", PlateScrews.DEPTH, LENGTH);
      slab.ledger.put(
          cavity.id("screw-stop"),
          cavity.title() + ", drill's stop for its cover's screws, through the cover",
          LENGTH,
          cover.value() + deep.value(),
          "c + s",
          in("c", cover),
          in("s", deep));
    }
    double z =
        face == BodyFace.TOP
            ? slab.surface.topPlane(ledge.bounds().left()) + cover.value()
            : slab.thickness.value() - cover.value();
    PlateScrews.add(
        slab,
        cavity,
        cavity.words() + " cover",
        face,
        z,
        screws,
        Set.of(cavity.name()),
        cavity.id("lug"),
        cavity.id("screws"));
    return new Cover(cavity, ledge, gap, screws, face);
  }

  private static void size(Slab slab, Fitting cavity, Bounds ledge) {
    Given gap = slab.get(cavity, "cover-gap");
    side(slab, cavity, "length", ledge.width(), gap);
    side(slab, cavity, "width", ledge.height(), gap);
  }

  private static void side(Slab slab, Fitting cavity, String which, double ledge, Given gap) {
    Given whole =
        Given.decided(cavity.id("ledge-" + which), "Ledge's " + which, ledge, FINE_LENGTH);
    slab.ledger.put(
        cavity.id("cover-" + which),
        cavity.title() + ", its cover's " + which,
        FINE_LENGTH,
        ledge - 2 * gap.value(),
        "l − 2 · g",
        in("l", whole),
        in("g", gap));
  }
}
