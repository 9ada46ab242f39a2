package roughcut.bench;

import java.util.List;
import roughcut.plan.Plan;

/**
 * The operations of an instrument, written down from its construction and schools in one sound
 * order of work (handbook page 1, "The order of work").
 */
public final class Operations {
  private Operations() {}

  /** All of them, in the usual order. */
  public static List<Operation> of(Plan plan) {
    return write(plan).complete();
  }

  static OperationListBuilder write(Plan plan) {
    OperationListBuilder list = new OperationListBuilder(plan);
    NeckOrder neck = new NeckOrder(list);
    HeelOrder heel = new HeelOrder(list);
    FretboardOrder fretboard = new FretboardOrder(list);
    BodyOrder body = new BodyOrder(list);
    CutOrder cuts = new CutOrder(list, body.topped());
    FinishOrder finish = new FinishOrder(list);
    new NeckBlankOrder(list).all();
    new HeadOrder(list).all();
    neck.channels();
    neck.outline();
    fretboard.board();
    fretboard.glue();
    neck.sideProfile();
    heel.faces();
    fretboard.frets();
    heel.pilots();
    neck.carve();
    body.blank();
    cuts.beforeTheTop();
    body.top();
    body.shape();
    cuts.indexBores();
    cuts.pocket();
    cuts.others();
    body.surfaces();
    finish.joining();
    finish.finish();
    finish.assembly();
    finish.playing();
    return list;
  }
}
