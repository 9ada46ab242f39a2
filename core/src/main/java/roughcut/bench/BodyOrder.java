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
import roughcut.measure.Text;
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

  private static OperationDraft body(OperationId id, Text title, int minutes) {
    return Operation.of(id, PartId.BODY, BODY, title, minutes);
  }

  void blank() {
    list.add(
        Operation.of(
                OperationId.BODY_MILL,
                PartId.BODY,
                BLANKS,
                Text.of("Joint and plane the body boards"),
                75)
            .problems(list.woodTrouble(BodyOrder::ofBack))
            .tools(Text.of("jointer"), Text.of("planer"), Text.of("winding sticks"))
            .setIfThere(BodyDecisions.BODY_BLANK_LENGTH, BodyDecisions.BODY_BLANK_WIDTH)
            .set(BlankKeys.BODY_BACK_THICKNESS)
            .waits(REST, Text.of("freshly milled wood has moved and settled"))
            .movesWood()
            .cautions(Caution.PLANER, Caution.DUST)
            .unsafeAction(Text.of("one dimension of the board was never measured")));
    boolean joined = body.winged() || body.halved() || body.laminated();
    if (joined) {
      OperationDraft glue =
          Operation.of(OperationId.BODY_GLUE, PartId.BODY, BLANKS, joining(), 45)
              .after(OperationId.BODY_MILL, Text.of("its boards aren't milled yet"))
              .tools(Text.raw(body.join().glue().name()), Text.of("clamps"), Text.of("cauls"))
              .glues(body.join())
              .cures(
                  body.join().glue(),
                  body.winged() ? new PartId[] {PartId.BODY, PartId.NECK} : BODY_ALONE)
              .hold(
                  HoldPoint.look(
                          "body.joint",
                          Text.of("The joint closes without clamps"),
                          Text.of("hold the halves together against a light"),
                          Text.of("a joint that is forced shut opens later"))
                      .within(HoldPoint.FLAT_DAYS))
              .cautions(Caution.GLUE)
              .unsafeAction(Text.of("the figure ends up on the wrong side"));
      if (body.winged()) {
        glue.after(OperationId.NECK_FLATTEN, Text.of("the neck core has no true sides yet"));
      }
      list.add(glue);
    }
    list.add(
        body(OperationId.BODY_FLATTEN, Text.of("Flatten the body blank"), 45)
            .after(
                joined ? OperationId.BODY_GLUE : OperationId.BODY_MILL,
                Text.of("there is no blank yet"))
            .makes(BODY_TOP, BODY_BACK, BODY_EDGE, BODY_INSIDE)
            .tools(Text.of("router sled or planer"), Text.of("straightedge"))
            .cautions(Caution.ROUTER, Caution.DUST));
    list.add(
        body(
                OperationId.BODY_LINES,
                Text.of("Draw the body centre line and carry it over both ends"),
                10)
            .needsFaces(BODY_TOP)
            .measures(BODY_EDGE)
            .makes(BODY_LINES)
            .tools(Text.of("knife"), Text.of("square"))
            .undoable());
  }

  private static boolean ofBack(WoodPart part) {
    return part.use().ofBody() && part.use() != WoodPart.Use.TOP;
  }

  private Text joining() {
    if (body.winged()) {
      return Text.of("Glue the body wings to the neck core");
    }
    return body.laminated() ? Text.of("Glue the body strips") : Text.of("Glue the body halves");
  }

  boolean topped() {
    return list.value(BodyDecisions.BODY_TOP) > 0;
  }

  /** The top closes what was cut inside. */
  void top() {
    if (!topped()) {
      return;
    }
    List<Text> wood = list.woodTrouble(p -> p.use() == WoodPart.Use.TOP);
    if (list.there(BlankKeys.RESAW_LEAVES)) {
      list.add(
          top(OperationId.TOP_RESAW, Text.of("Resaw the top and bookmatch it"), 40)
              .problems(wood)
              .tools(Text.of("bandsaw, tall fence"))
              .set(BlankKeys.RESAW_ROUGH, BlankKeys.RESAW_NEED, BlankKeys.RESAW_LEAVES)
              .waits(REST, Text.of("the leaves have moved and settled"))
              .movesWood()
              .cautions(Caution.BANDSAW, Caution.DUST)
              .unsafeAction(Text.of("the blade wanders and a leaf comes out too thin")));
    }
    OperationDraft joint =
        top(OperationId.TOP_JOINT, Text.of("Joint and glue the top leaves"), 40)
            .problems(list.has(OperationId.TOP_RESAW) ? List.of() : wood)
            .tools(Text.raw(body.join().glue().name()), Text.of("plane"), Text.of("clamps"))
            .cures(body.join().glue(), PartId.TOP)
            .cautions(Caution.EDGES, Caution.GLUE);
    if (list.has(OperationId.TOP_RESAW)) {
      joint.after(OperationId.TOP_RESAW, Text.of("its leaves aren't sawn yet"));
    }
    list.add(joint);
    OperationDraft glue =
        top(OperationId.TOP_GLUE, Text.of("Glue on the top"), 45)
            .needsFaces(BODY_INSIDE)
            .after(OperationId.TOP_JOINT, Text.of("there is no top yet"))
            .after(OperationId.BODY_FLATTEN, Text.of("its face isn't flat yet"))
            .destroys(BODY_INSIDE)
            .tools(Text.of("clamps or vacuum bag"), Text.of("pins in the waste"))
            .hold(
                HoldPoint.look(
                        "top.flat",
                        Text.of("Top and body lie flat on each other"),
                        Text.of("straightedge, both ways"),
                        Text.of("a hollow under the top can be heard and never reached"))
                    .within(HoldPoint.FLAT_DAYS))
            .cautions(Caution.GLUE)
            .unsafeAction(Text.of("a channel or hole under the top was forgotten"));
    body.topping().ifPresent(t -> glue.glues(t).cures(t.glue(), PartId.TOP, PartId.BODY));
    list.add(glue);
  }

  private static OperationDraft top(OperationId id, Text title, int minutes) {
    return Operation.of(id, PartId.TOP, BODY, title, minutes);
  }

  /** To thickness and outline. */
  void shape() {
    OperationDraft thick =
        body(BodyWork.THICKNESS.operation(), Text.of("Plane the body to its thickness"), 40)
            .after(OperationId.BODY_FLATTEN, Text.of("there is no flat blank yet"))
            .tools(Text.of("router sled, planer or drum"), Text.of("caliper"))
            .set(RoutKeys.BODY_PLANED_TO)
            .setIfThere(PartKeys.BODY_STOCK_NOW)
            .movesWood()
            .cautions(Caution.PLANER, Caution.DUST);
    if (topped()) {
      thick.after(OperationId.TOP_GLUE, Text.of("the top isn't on yet"));
    }
    list.add(thick);
    list.add(
        body(
                BodyWork.OUTLINE.operation(),
                Text.of("Saw outside the body outline, trim it to the template"),
                90)
            .needsFaces(BODY_BACK)
            .measures(BODY_LINES)
            .destroys(BODY_EDGE)
            .tools(
                Text.of("bandsaw"),
                Text.of("template"),
                Text.of("bearing cutter, downhill with the grain"))
            .set(LayoutKeys.BODY_AROUND)
            .movesWood()
            .cautions(Caution.BANDSAW, Caution.ROUTER, Caution.DUST)
            .unsafeAction(Text.of("the cutter tears out at a horn")));
  }

  /** What of its shape is cut last, each only where it is wanted. */
  void surfaces() {
    surface(BodyWork.CARVE, Text.of("Carve the top"), 240, SurfaceDecisions.CARVE_DROP, BODY_TOP);
    surface(BodyWork.ARM, Text.of("Cut the arm contour"), 60, SurfaceDecisions.ARM_DEPTH);
    surface(
        BodyWork.BELLY,
        Text.of("Cut the belly contour"),
        60,
        SurfaceDecisions.BELLY_DEPTH,
        BODY_BACK);
    surface(BodyWork.HEEL, Text.of("Carve the heel corner"), 45, SurfaceDecisions.HEEL_CARVE_DEPTH);
    list.add(
        body(BodyWork.EDGES.operation(), edges(), 60)
            .after(BodyWork.OUTLINE.operation(), Text.of("its edge isn't finished yet"))
            .tools(Text.of("round-over cutter with a bearing"), Text.of("scraper"))
            .cautions(Caution.ROUTER, Caution.DUST)
            .unsafeAction(Text.of("the bearing drops into a rout that opens at the edge")));
  }

  private void surface(
      BodyWork work, Text title, int minutes, NumberDecision depth, ReferenceFace... destroys) {
    if (list.value(depth) > 0) {
      list.add(
          body(work.operation(), title, minutes)
              .after(BodyWork.OUTLINE.operation(), Text.of("its edge isn't finished yet"))
              .tools(
                  Text.of("rasp, spokeshave or sanding disc"), Text.of("lines from the Edges page"))
              .destroys(destroys)
              .cautions(Caution.EDGES, Caution.DUST));
    }
  }

  private Text edges() {
    return body.binding().isPresent()
        ? Text.of("Fit the binding and round over the edges")
        : Text.of("Round over the body edges");
  }
}
