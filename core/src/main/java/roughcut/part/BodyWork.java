package roughcut.part;

import roughcut.design.OperationId;
import roughcut.measure.Text;

/** What gives the body its shape, apart from what is cut into it; in the usual order. */
public enum BodyWork {
  THICKNESS(OperationId.BODY_TO_THICKNESS, Text.of("planed to its thickness")),
  OUTLINE(OperationId.BODY_TO_OUTLINE, Text.of("sawn and trimmed to its outline")),
  CARVE(OperationId.BODY_CARVE, Text.of("top carved")),
  ARM(OperationId.BODY_ARM, Text.of("arm contour cut")),
  BELLY(OperationId.BODY_BELLY, Text.of("belly contour cut")),
  HEEL(OperationId.BODY_HEEL_CARVE, Text.of("heel carve cut")),
  EDGES(OperationId.BODY_EDGES, Text.of("binding fitted, edges rounded over"));

  private final OperationId operation;
  private final Text words;

  BodyWork(OperationId operation, Text words) {
    this.operation = operation;
    this.words = words;
  }

  /** The operation that does it. */
  public OperationId operation() {
    return operation;
  }

  /** What was done, to go on with after “body”. */
  public Text words() {
    return words;
  }
}
