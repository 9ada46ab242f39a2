package roughcut.part;

import roughcut.design.OperationId;

/** What gives the body its shape, apart from what is cut into it; in the usual order. */
public enum BodyWork {
  THICKNESS(OperationId.BODY_TO_THICKNESS, "planed to its thickness"),
  OUTLINE(OperationId.BODY_TO_OUTLINE, "sawn and trimmed to its outline"),
  CARVE(OperationId.BODY_CARVE, "top carved"),
  ARM(OperationId.BODY_ARM, "arm contour cut"),
  BELLY(OperationId.BODY_BELLY, "belly contour cut"),
  HEEL(OperationId.BODY_HEEL_CARVE, "heel carve cut"),
  EDGES(OperationId.BODY_EDGES, "binding let in, edges rounded");

  private final OperationId operation;
  private final String words;

  BodyWork(OperationId operation, String words) {
    this.operation = operation;
    this.words = words;
  }

  /** The operation that does it. */
  public OperationId operation() {
    return operation;
  }

  /** What was done, to go on with after “body”. */
  public String words() {
    return words;
  }
}
