package roughcut.clearance;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.geometry.Box;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Edge;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.measure.DecidedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.record.EffectiveInputs;
import roughcut.rout.BodyCuts;
import roughcut.rout.Cut;
import roughcut.rout.CutFrom;
import roughcut.rout.CutKind;
import roughcut.rout.RoutStep;
import roughcut.shop.Shop;

/**
 * What remains between everything that is cut into the body, its faces and its edge (handbook page
 * 6, "What remains"). Cuts that meet on purpose are told so by themselves and left out.
 */
public final class BodyClearances {
  /** Pairs further apart than this aren't told under the usual limits, mm. */
  static final double NEAR = 20;

  private final ClearanceCollector clearances;
  private final EffectiveInputs inputs;
  private final ValueRegistry registry;
  private final BodyCuts body;
  private final Value thickness;
  private final CurrentBody now;
  private final Memo memo;

  private BodyClearances(
      ClearanceCollector clearances,
      EffectiveInputs inputs,
      ValueRegistry registry,
      BodyCuts body,
      Memo memo) {
    this.memo = memo;
    this.clearances = clearances;
    this.inputs = inputs;
    this.registry = registry;
    this.body = body;
    this.thickness = inputs.get(BodyDecisions.BODY_THICKNESS);
    this.now = new CurrentBody(body, registry, memo);
  }

  /**
   * Looks the body through; {@code registry} has what its cuts entered.
   *
   * @param memo of distances that may be as they were
   */
  public static List<Clearance> of(
      Shop shop, EffectiveInputs inputs, BodyCuts body, ValueRegistry registry, Memo memo) {
    ClearanceCollector clearances = new ClearanceCollector(shop);
    new BodyClearances(clearances, inputs, registry, body, memo).find();
    return clearances.list();
  }

  private void find() {
    new PocketClearances(clearances, inputs, body, now).find();
    floors();
    for (Cut cut : body.cuts()) {
      Edge.Nearest toEdge =
          memo.block(
              "edge of " + cut.name(), List.of(cut, body.surface().edge()), () -> nearest(cut));
      edge(cut, toEdge);
      faces(cut);
      surface(cut, toEdge);
    }
    webs();
    new FittingClearances(clearances, inputs, registry, body, now, memo).find();
  }

  private void tell(
      ClearanceKind kind,
      Text what,
      Value left,
      Value leftNow,
      double x,
      double y,
      List<String> by) {
    clearances.tell(kind, kind.limit(), what, left, leftNow, x, y, by);
  }

  private Value value(String id) {
    return registry.values().get(id);
  }

  /**
   * Wood beyond the floor of everything that ends in the body's wood, whether it told a floor of
   * its own or not; of a row of like cuts only the least is told.
   */
  private void floors() {
    Map<String, Cut> least = new LinkedHashMap<>();
    for (Cut cut : body.cuts()) {
      if (cut.kind().ends() == CutKind.Ends.IN_WOOD) {
        Value floor = beyond(cut);
        least.merge(cut.row(), cut, (a, b) -> floor.value() < beyond(a).value() ? b : a);
      }
    }
    least.values().forEach(this::floor);
  }

  /** How far a cut's floor is from the face across, straight on; less than 0 through it, mm. */
  private Value beyond(Cut cut) {
    String id = "rout." + cut.name() + ".floor";
    Value told = value(id);
    if (told != null) {
      return told;
    }
    Box box = cut.box();
    double left =
        cut.from().opens(BodyFace.BACK)
            ? box.z0() - body.surface().topPlane((box.x0() + box.x1()) / 2)
            : thickness.value() - box.z1();
    return registry.find(
        id,
        Text.of("Left below the {cut}", cut.words()),
        LENGTH,
        left,
        Text.of("found straight across to the opposite face"),
        body.provenance(cut).and(body.surface().provenance()).with(thickness));
  }

  private void floor(Cut cut) {
    Value floor = beyond(cut);
    Point at = cut.shapes().get(0).centre();
    boolean cavity = cut.kind() == CutKind.CAVITY && cut.from() == CutFrom.BACK;
    tell(
        cavity ? ClearanceKind.CONTROL_TOP : ClearanceKind.FLOOR,
        floor.value() <= 0
            ? Text.of(
                cut.from() == CutFrom.BACK
                    ? "{cut} comes out through the top"
                    : "{cut} comes out through the back",
                cut.words())
            : Text.of(cavity ? "top over the {cut}" : "under the {cut}", cut.words()),
        floor,
        now.floor(floor, cut),
        at.x(),
        at.y(),
        cut.changedBy());
  }

  /** The cut's nearest way to the edge. */
  private Edge.Nearest nearest(Cut cut) {
    Edge.Nearest least = null;
    Edge edge = body.surface().edge();
    for (RoutStep step : cut.steps()) {
      for (Outline outline : step.shapes()) {
        least = nearer(least, edge.nearest(outline));
      }
    }
    for (Cylinder bore : cut.bores()) {
      least =
          nearer(
              least,
              bore.upright()
                  ? edge.nearestOfRound(bore.from().flat(), bore.radius())
                  : edge.nearest(Cut.shadow(bore)));
    }
    return least;
  }

  private static Edge.Nearest nearer(Edge.Nearest one, Edge.Nearest other) {
    return one == null || other.distance() < one.distance() ? other : one;
  }

  /** One that is meant to come out at the edge has nothing to keep there. */
  private void edge(Cut cut, Edge.Nearest least) {
    if (cut.kind() == CutKind.POCKET || cut.from() == CutFrom.EDGE || cut.kind() == CutKind.WIRE) {
      return;
    }
    Value left =
        registry.find(
            "rout." + cut.name() + ".edge",
            Text.of("From the {cut} to the body edge", cut.words()),
            FINE_LENGTH,
            least.distance(),
            Text.of("found as the least distance to the outline, seen from above"),
            body.provenance(cut).and(body.surface().provenance()));
    boolean bore = cut.kind().bored() && cut.kind() != CutKind.RELIEF;
    Value edgeNow = now.edge(left);
    binding(cut, left, edgeNow, least);
    tell(
        bore ? ClearanceKind.BORE : ClearanceKind.EDGE,
        Text.of("{cut} to edge", cut.words()),
        left,
        edgeNow,
        least.from().x(),
        least.from().y(),
        cut.changedBy());
  }

  /** Binding is let into the edge, so that less is left before it. */
  private void binding(Cut cut, Value toEdge, Value edgeNow, Edge.Nearest least) {
    if (body.binding() == 0
        || toEdge.value() - body.binding()
            > clearances.farthest(2 * ClearanceKind.EDGE.limit().warn(), ClearanceKind.SURFACE)) {
      return;
    }
    Value width =
        DecidedValue.of(
            "binding.let-in", Text.of("Depth of the binding channel"), body.binding(), FINE_LENGTH);
    Value left =
        registry.put(
            "rout." + cut.name() + ".binding",
            Text.of("From the {cut} to the binding", cut.words()),
            FINE_LENGTH,
            "e − b",
            in("e", toEdge),
            in("b", width));
    tell(
        ClearanceKind.SURFACE,
        Text.of("{cut} to binding", cut.words()),
        left,
        now.binding(left, edgeNow),
        least.from().x(),
        least.from().y(),
        cut.changedBy());
  }

  /** Bores that run between the faces, and how near they come to either. */
  private void faces(Cut cut) {
    if (cut.kind() == CutKind.JACK) {
      return;
    }
    if (cut.from() != CutFrom.EDGE && cut.from() != CutFrom.INSIDE) {
      return;
    }
    Box box = cut.box();
    double top = box.z0() - body.surface().topPlane(box.x0());
    double back = thickness.value() - box.z1();
    Value left =
        registry.find(
            "rout." + cut.name() + ".faces",
            Text.of("From the {cut} to the nearer face", cut.words()),
            FINE_LENGTH,
            Math.min(top, back),
            Text.of("found as the shorter of the ways up and down"),
            body.provenance(cut).with(thickness));
    tell(
        ClearanceKind.BORE,
        Text.of(top < back ? "{cut} to top" : "{cut} to back", cut.words()),
        left,
        now.faces(left, cut),
        (box.x0() + box.x1()) / 2,
        (box.y0() + box.y1()) / 2,
        cut.changedBy());
  }

  private void surface(Cut cut, Edge.Nearest toEdge) {
    if (cut.kind().ends() == CutKind.Ends.THROUGH) {
      return;
    }
    double far = clearances.farthest(SurfaceGap.FAR, ClearanceKind.SURFACE, ClearanceKind.BORE);
    SurfaceGap least = null;
    List<SurfaceGap> gaps =
        memo.block(
            "surface over " + cut.name(),
            List.of(cut, body.surface(), toEdge),
            () -> SurfaceGap.of(cut, body.surface(), toEdge, far));
    for (SurfaceGap gap : gaps) {
      least = least == null || gap.distance() < least.distance() ? gap : least;
    }
    if (least == null) {
      return;
    }
    Value left =
        registry.find(
            "rout." + cut.name() + ".surface",
            Text.of("From the {cut} to the {what}", cut.words(), least.what()),
            FINE_LENGTH,
            least.distance(),
            Text.of("found as the least distance in space to that face"),
            body.provenance(cut).and(body.surface().provenance()));
    List<String> by =
        new ArrayList<>(cut.changedBy().subList(0, Math.min(3, cut.changedBy().size())));
    by.add(least.changedBy());
    boolean bore = cut.kind().bored();
    tell(
        bore ? ClearanceKind.BORE : ClearanceKind.SURFACE,
        Text.of("{cut} to {what}", cut.words(), least.what()),
        left,
        now.surface(left, cut, toEdge, far),
        least.at().x(),
        least.at().y(),
        by);
  }

  /** Every pair has its number; of a row of like bores only the nearest pair is told. */
  private void webs() {
    double near =
        clearances.farthest(
            NEAR, ClearanceKind.BORE, ClearanceKind.SAME_FACE, ClearanceKind.OPPOSITE);
    List<WallThickness> all = WallThickness.all(body.cuts(), near, memo);
    Map<String, WallThickness> least = new LinkedHashMap<>();
    for (WallThickness web : all) {
      least.merge(
          web.a().row() + "|" + web.b().row(),
          web,
          (x, y) -> y.closest().distance() < x.closest().distance() ? y : x);
    }
    Set<WallThickness> told = Collections.newSetFromMap(new IdentityHashMap<>());
    told.addAll(least.values());
    for (WallThickness web : all) {
      web(web, told.contains(web));
    }
  }

  private void web(WallThickness web, boolean told) {
    Cut a = web.a();
    Cut b = web.b();
    Value left =
        registry.find(
            "web." + a.name() + "." + b.name(),
            Text.of("Between the {a} and the {b}", a.words(), b.words()),
            FINE_LENGTH,
            web.closest().distance(),
            Text.of("least distance between their surfaces"),
            body.provenance(a).and(body.provenance(b)));
    if (!told) {
      return;
    }
    boolean bore = a.kind().bored() || b.kind().bored();
    boolean same = a.from() == b.from();
    Point3 at = web.closest().a().towards(web.closest().b(), 0.5);
    List<String> by = new ArrayList<>();
    for (int i = 0; i < 2; i++) {
      for (Cut cut : List.of(a, b)) {
        if (cut.changedBy().size() > i) {
          by.add(cut.changedBy().get(i));
        }
      }
    }
    Set<String> once = new HashSet<>();
    by.removeIf(id -> !once.add(id));
    clearances.tell(
        bore ? ClearanceKind.BORE : same ? ClearanceKind.SAME_FACE : ClearanceKind.OPPOSITE,
        Text.of("{a} to {b}", a.words(), b.words()),
        left,
        at.x(),
        at.y(),
        by);
  }
}
