package roughcut.rout;

/** What a cut is for; limits go by it. */
public enum CutKind {
  POCKET(false),
  PICKUP(false),
  CAVITY(false),
  /** Routs for the bridge, right through or stepped. */
  BRIDGE(false),
  SPRINGS(false),
  /** A routed channel that a top will cover. */
  CHANNEL(false),
  /** For the lever of a switch. */
  SLOT(false),

  /** A bored channel or ground wire. */
  WIRE(true),
  JACK(true),
  SHAFT(true),
  BOLT(true),
  POST(true),
  STRING(true),
  STRAP(true),
  SCREW(true),
  RELIEF(true),
  BORE(true);

  private final boolean bored;

  CutKind(boolean bored) {
    this.bored = bored;
  }

  /** Whether it is bored rather than routed. */
  public boolean bored() {
    return bored;
  }
}
