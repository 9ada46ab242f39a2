package roughcut.clearance;

import java.util.List;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.record.EffectiveInputs;
import roughcut.rout.BodyCuts;
import roughcut.rout.Bolts;
import roughcut.shop.Limit;

/** What remains under the neck pocket and round its bolts (handbook page 6, "What remains"). */
public final class PocketClearances {
  private final ClearanceCollector clearances;
  private final EffectiveInputs inputs;
  private final BodyCuts body;
  private final CurrentBody now;

  PocketClearances(
      ClearanceCollector clearances, EffectiveInputs inputs, BodyCuts body, CurrentBody now) {
    this.clearances = clearances;
    this.inputs = inputs;
    this.body = body;
    this.now = now;
  }

  void find() {
    pocket();
    body.bolts().ifPresent(this::bolts);
  }

  private void pocket() {
    body.pocket()
        .ifPresent(
            pocket -> {
              clearances.add(
                  floorKind(body),
                  floorLimit(inputs, body),
                  Text.of("floor under the pocket"),
                  pocket.floor(),
                  now.floor(pocket.floor(), pocket.cut()),
                  inputs.get(Decisions.JOINT_X).value(),
                  0,
                  List.of(
                      BodyDecisions.BODY_THICKNESS.id(),
                      pocket.by().id(),
                      StringDecisions.EXPOSED.id()));
            });
  }

  /** What the pocket's floor is judged as, by what holds the neck. */
  public static ClearanceKind floorKind(BodyCuts body) {
    return body.bolts().isPresent()
        ? ClearanceKind.POCKET_FLOOR_BOLTED
        : ClearanceKind.POCKET_FLOOR_GLUED;
  }

  /** The floor's usual limits. */
  public static Limit floorLimit(EffectiveInputs inputs, BodyCuts body) {
    return body.bolts().isPresent()
        ? ClearanceKind.POCKET_FLOOR_BOLTED.limit(inputs.get(RoutDecisions.BOLT_DIAMETER).value())
        : ClearanceKind.POCKET_FLOOR_GLUED.limit();
  }

  private void bolts(Bolts bolts) {
    double d = inputs.get(RoutDecisions.BOLT_DIAMETER).value();
    Point first = bolts.places().get(0);
    clearances.tell(
        ClearanceKind.BOLT_TIP,
        Text.of("bolt tip to the {stops}", Text.of(inputs.get(RoutDecisions.BOLT_REACH).stops())),
        bolts.tip(),
        first.x(),
        first.y(),
        List.of(
            RoutDecisions.BOLT_BITE.id(),
            RoutDecisions.BOLT_REACH.id(),
            Decisions.HEEL_THICKNESS.id()));
    clearances.tell(
        ClearanceKind.BOLT_EDGE,
        ClearanceKind.BOLT_EDGE.limit(d),
        Text.of("bolt to heel edge"),
        bolts.edge(),
        first.x(),
        first.y(),
        List.of(
            RoutDecisions.BOLT_ACROSS.id(),
            RoutDecisions.BOLT_FIRST.id(),
            RoutDecisions.BOLT_ALONG.id()));
    bolts
        .seat()
        .ifPresent(
            s ->
                clearances.tell(
                    ClearanceKind.BOLT_SEAT,
                    s.value() <= 0
                        ? Text.of("counterbores break into the pocket")
                        : Text.of("wood under the bolt heads"),
                    s,
                    first.x(),
                    first.y(),
                    List.of(
                        RoutDecisions.BOLT_COUNTERBORE.id(),
                        BodyDecisions.BODY_THICKNESS.id(),
                        Decisions.HEEL_THICKNESS.id())));
    bolts
        .channel()
        .ifPresent(
            c ->
                clearances.tell(
                    ClearanceKind.BOLT_CHANNEL,
                    Text.of("bolt to a channel in the neck"),
                    c,
                    first.x(),
                    first.y(),
                    List.of(
                        RoutDecisions.BOLT_FIRST.id(),
                        RoutDecisions.BOLT_ACROSS.id(),
                        Decisions.ROD_LENGTH.id(),
                        RoutDecisions.BOLT_BITE.id())));
  }
}
