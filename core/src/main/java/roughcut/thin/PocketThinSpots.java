package roughcut.thin;

import java.util.List;
import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.geometry.Point;
import roughcut.record.Givens;
import roughcut.rout.BodyCuts;
import roughcut.rout.Bolts;
import roughcut.shop.Limit;
import roughcut.strings.NeckProof;

/** What remains under the neck pocket and round its bolts (handbook page 6, "What remains"). */
final class PocketThinSpots {
  /** Less than this nobody deepens a pocket by, mm. */
  private static final double PROVED = 0.1;

  private final Spots spots;
  private final Givens givens;
  private final BodyCuts body;
  private final BodyNow now;

  PocketThinSpots(Spots spots, Givens givens, BodyCuts body, BodyNow now) {
    this.spots = spots;
    this.givens = givens;
    this.body = body;
    this.now = now;
  }

  void find(Optional<NeckProof> proof) {
    pocket();
    proof.ifPresent(this::proof);
    body.bolts().ifPresent(this::bolts);
  }

  private void pocket() {
    body.pocket()
        .ifPresent(
            pocket -> {
              spots.add(
                  floorKind(body),
                  floorLimit(givens, body),
                  "floor under the pocket",
                  pocket.floor(),
                  now.floor(pocket.floor(), pocket.cut()),
                  givens.get(Decisions.JOINT_X).value(),
                  0,
                  List.of(
                      BodyDecisions.BODY_THICKNESS.id(),
                      Decisions.HEEL_THICKNESS.id(),
                      StringDecisions.EXPOSED.id()));
            });
  }

  /** The floor that deepening would leave, where the seated neck asks for it. */
  private void proof(NeckProof proof) {
    if (body.pocket().isEmpty() || proof.deepen().value() < PROVED) {
      return;
    }
    spots.add(
        floorKind(body),
        floorLimit(givens, body),
        "floor if deepened for the saddle",
        proof.floor(),
        givens.get(Decisions.JOINT_X).value(),
        0,
        StringDecisions.SADDLE_HEIGHT.id(),
        StringDecisions.ANGLE_DECIDED.id(),
        Decisions.FRETBOARD_THICKNESS.id(),
        BodyDecisions.BODY_THICKNESS.id());
  }

  /** What the pocket's floor is judged as, by what holds the neck. */
  static ThinKind floorKind(BodyCuts body) {
    return body.bolts().isPresent() ? ThinKind.POCKET_FLOOR_BOLTED : ThinKind.POCKET_FLOOR_GLUED;
  }

  /** The floor's usual limits. */
  static Limit floorLimit(Givens givens, BodyCuts body) {
    return body.bolts().isPresent()
        ? ThinKind.POCKET_FLOOR_BOLTED.limit(givens.get(RoutDecisions.BOLT_DIAMETER).value())
        : ThinKind.POCKET_FLOOR_GLUED.limit();
  }

  private void bolts(Bolts bolts) {
    double d = givens.get(RoutDecisions.BOLT_DIAMETER).value();
    Point first = bolts.places().get(0);
    spots.tell(
        ThinKind.BOLT_TIP,
        "bolt's tip to the " + givens.get(RoutDecisions.BOLT_REACH).stops(),
        bolts.tip(),
        first.x(),
        first.y(),
        List.of(
            RoutDecisions.BOLT_BITE.id(),
            RoutDecisions.BOLT_REACH.id(),
            Decisions.HEEL_THICKNESS.id()));
    spots.tell(
        ThinKind.BOLT_EDGE,
        ThinKind.BOLT_EDGE.limit(d),
        "bolt to the heel's edge",
        bolts.edge(),
        first.x(),
        first.y(),
        List.of(
            RoutDecisions.BOLT_ACROSS.id(),
            RoutDecisions.BOLT_FIRST.id(),
            RoutDecisions.BOLT_ALONG.id()));
    bolts
        .channel()
        .ifPresent(
            c ->
                spots.tell(
                    ThinKind.BOLT_CHANNEL,
                    "bolt to a channel of the neck",
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
