package roughcut.bench;

import static roughcut.bench.ReferenceFace.BODY_BACK;
import static roughcut.bench.ReferenceFace.BODY_EDGE;
import static roughcut.bench.ReferenceFace.BODY_INSIDE;
import static roughcut.bench.ReferenceFace.BODY_LINES;
import static roughcut.bench.ReferenceFace.BODY_TOP;
import static roughcut.finding.Chapter.BLANKS;
import static roughcut.finding.Chapter.BODY;

import java.util.List;
import roughcut.blank.BlankKeys;
import roughcut.blank.BodyBlank;
import roughcut.blank.WoodPart;
import roughcut.design.BodyDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.OperationId;
import roughcut.design.SurfaceDecisions;
import roughcut.layout.LayoutKeys;
import roughcut.part.BodyWork;
import roughcut.part.PartId;
import roughcut.part.PartKeys;
import roughcut.rout.RoutKeys;

/** The body's own operations: its blank, top, thickness and outline, its edges and contours. */
final class BodyOrder {
  private static final double REST = 48;
  private static final PartId[] BODY_ALONE = {PartId.BODY};

  private final OperationListBuilder list;
  private final BodyBlank body;

  BodyOrder(OperationListBuilder list) {
    this.list = list;
    this.body = list.plan.body();
  }

  private static OperationDraft body(OperationId id, String title, int minutes) {
    return Operation.of(id, PartId.BODY, BODY, title, minutes);
  }

  void blank() {
    list.add(
        Operation.of(
                OperationId.BODY_MILL, PartId.BODY, BLANKS, "Joint and plane the body's boards", 75)
            .problems(list.woodTrouble(BodyOrder::ofBack))
            .tools("jointer", "planer", "winding sticks")
            .setIfThere(BodyDecisions.BODY_BLANK_LENGTH.id(), BodyDecisions.BODY_BLANK_WIDTH.id())
            .set(BlankKeys.BODY_BACK_THICKNESS.id())
            .waits(REST, "freshly milled wood has moved and shows it")
            .movesWood()
            .cautions(Caution.PLANER, Caution.DUST)
            .unsafeAction("one dimension of the board was never measured"));
    boolean joined = body.winged() || body.halved() || body.laminated();
    if (joined) {
      OperationDraft glue =
          Operation.of(OperationId.BODY_GLUE, PartId.BODY, BLANKS, joining(), 45)
              .after(OperationId.BODY_MILL, "its boards aren't milled yet")
              .tools(body.join().glue().name(), "clamps", "cauls")
              .glues(body.join())
              .cures(
                  body.join().glue(),
                  body.winged() ? new PartId[] {PartId.BODY, PartId.NECK} : BODY_ALONE)
              .hold(
                  HoldPoint.look(
                          "body.joint",
                          "The joint closes without clamps",
                          "light behind it, the halves standing on each other",
                          "a joint that is forced shut opens later")
                      .within(HoldPoint.FLAT_DAYS))
              .cautions(Caution.GLUE)
              .unsafeAction("the figure is wanted at the other side");
      if (body.winged()) {
        glue.after(OperationId.NECK_FLATTEN, "the neck's core has no true sides yet");
      }
      list.add(glue);
    }
    list.add(
        body(OperationId.BODY_FLATTEN, "Flatten the body's blank", 45)
            .after(joined ? OperationId.BODY_GLUE : OperationId.BODY_MILL, "there is no blank yet")
            .makes(BODY_TOP, BODY_BACK, BODY_EDGE, BODY_INSIDE)
            .tools("router sled or planer", "straightedge")
            .cautions(Caution.ROUTER, Caution.DUST));
    list.add(
        body(OperationId.BODY_LINES, "Draw the body's centre line, carried over both ends", 10)
            .needsFaces(BODY_TOP)
            .measures(BODY_EDGE)
            .makes(BODY_LINES)
            .tools("knife", "square")
            .undoable());
  }

  private static boolean ofBack(WoodPart part) {
    return part.use().ofBody() && part.use() != WoodPart.Use.TOP;
  }

  private String joining() {
    if (body.winged()) {
      return "Glue the body's wings to the neck's core";
    }
    return body.laminated() ? "Glue the body's strips" : "Glue the body's halves";
  }

  boolean topped() {
    return list.value(BodyDecisions.BODY_TOP) > 0;
  }

  /** The top closes what was cut inside. */
  void top() {
    if (!topped()) {
      return;
    }
    List<String> wood = list.woodTrouble(p -> p.use() == WoodPart.Use.TOP);
    if (list.there("resaw.leaves")) {
      list.add(
          top(OperationId.TOP_RESAW, "Resaw the top and open it like a book", 40)
              .problems(wood)
              .tools("bandsaw, tall fence")
              .set(
                  BlankKeys.RESAW_ROUGH.id(),
                  BlankKeys.RESAW_NEED.id(),
                  BlankKeys.RESAW_LEAVES.id())
              .waits(REST, "the leaves have moved and lie still")
              .movesWood()
              .cautions(Caution.BANDSAW, Caution.DUST)
              .unsafeAction("the blade wanders and a leaf comes out too thin"));
    }
    OperationDraft joint =
        top(OperationId.TOP_JOINT, "Joint and glue the top's leaves", 40)
            .problems(list.has(OperationId.TOP_RESAW) ? List.of() : wood)
            .tools(body.join().glue().name(), "plane", "clamps")
            .cures(body.join().glue(), PartId.TOP)
            .cautions(Caution.EDGES, Caution.GLUE);
    if (list.has(OperationId.TOP_RESAW)) {
      joint.after(OperationId.TOP_RESAW, "its leaves aren't sawn yet");
    }
    list.add(joint);
    OperationDraft glue =
        top(OperationId.TOP_GLUE, "Glue the top on", 45)
            .needsFaces(BODY_INSIDE)
            .after(OperationId.TOP_JOINT, "there is no top yet")
            .after(OperationId.BODY_FLATTEN, "its face isn't flat yet")
            .destroys(BODY_INSIDE)
            .tools("clamps or vacuum bag", "pins in the waste")
            .hold(
                HoldPoint.look(
                        "top.flat",
                        "Top and body lie flat on each other",
                        "straightedge, both ways",
                        "a hollow under the top is heard and never reached")
                    .within(HoldPoint.FLAT_DAYS))
            .cautions(Caution.GLUE)
            .unsafeAction("a channel or a bore under the top was forgotten");
    body.topping().ifPresent(t -> glue.glues(t).cures(t.glue(), PartId.TOP, PartId.BODY));
    list.add(glue);
  }

  private static OperationDraft top(OperationId id, String title, int minutes) {
    return Operation.of(id, PartId.TOP, BODY, title, minutes);
  }

  /** To thickness and outline. */
  void shape() {
    OperationDraft thick =
        body(BodyWork.THICKNESS.operation(), "Plane the body to its thickness", 40)
            .after(OperationId.BODY_FLATTEN, "there is no flat blank yet")
            .tools("router sled, planer or drum", "caliper")
            .set(RoutKeys.BODY_PLANED_TO.id())
            .setIfThere(PartKeys.BODY_STOCK_NOW.id())
            .movesWood()
            .cautions(Caution.PLANER, Caution.DUST);
    if (topped()) {
      thick.after(OperationId.TOP_GLUE, "the top isn't on yet");
    }
    list.add(thick);
    list.add(
        body(
                BodyWork.OUTLINE.operation(),
                "Saw outside the body's line, trim it to the template",
                90)
            .needsFaces(BODY_BACK)
            .measures(BODY_LINES)
            .destroys(BODY_EDGE)
            .tools("bandsaw", "template", "bearing cutter, downhill with the grain")
            .set(LayoutKeys.BODY_AROUND.id())
            .movesWood()
            .cautions(Caution.BANDSAW, Caution.ROUTER, Caution.DUST)
            .unsafeAction("the cutter tears out at a horn"));
  }

  /** What of its shape is cut last, each only where it is wanted. */
  void surfaces() {
    surface(BodyWork.CARVE, "Carve the top", 240, SurfaceDecisions.CARVE_DROP, BODY_TOP);
    surface(BodyWork.ARM, "Cut the arm contour", 60, SurfaceDecisions.ARM_DEPTH);
    surface(BodyWork.BELLY, "Cut the belly contour", 60, SurfaceDecisions.BELLY_DEPTH, BODY_BACK);
    surface(BodyWork.HEEL, "Carve the heel's corner", 45, SurfaceDecisions.HEEL_CARVE_DEPTH);
    list.add(
        body(BodyWork.EDGES.operation(), edges(), 60)
            .after(BodyWork.OUTLINE.operation(), "its edge isn't there yet")
            .tools("round-over cutter with a bearing", "scraper")
            .cautions(Caution.ROUTER, Caution.DUST)
            .unsafeAction("the bearing drops into a rout that is open at the edge"));
  }

  private void surface(
      BodyWork work, String title, int minutes, NumberDecision depth, ReferenceFace... destroys) {
    if (list.value(depth) > 0) {
      list.add(
          body(work.operation(), title, minutes)
              .after(BodyWork.OUTLINE.operation(), "its edge isn't there yet")
              .tools("rasp, spokeshave or sanding disc", "lines as the Edges page draws them")
              .destroys(destroys)
              .cautions(Caution.EDGES, Caution.DUST));
    }
  }

  private String edges() {
    return body.binding().isPresent()
        ? "Let the binding in and round the edges"
        : "Round the body's edges";
  }
}
