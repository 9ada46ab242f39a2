package roughcut.part;

/** What gives the body its shape, apart from what is cut into it; in the usual order. */
public enum BodyWork {
  THICKNESS("body.to-thickness", "planed to its thickness"),
  OUTLINE("body.to-outline", "sawn and trimmed to its outline"),
  CARVE("body.carve", "top carved"),
  ARM("body.arm", "arm contour cut"),
  BELLY("body.belly", "belly contour cut"),
  HEEL("body.heel-carve", "heel carve cut"),
  EDGES("body.edges", "binding let in, edges rounded");

  private final String operation;
  private final String words;

  BodyWork(String operation, String words) {
    this.operation = operation;
    this.words = words;
  }

  /** Id of the operation that does it. */
  public String operation() {
    return operation;
  }

  /** What was done, to go on with after “body”. */
  public String words() {
    return words;
  }
}
