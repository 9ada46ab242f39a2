package roughcut.rout;

/** What a cut is for; limits go by it. */
public enum CutKind {
  POCKET,
  PICKUP,
  CAVITY,
  /** Routs for the bridge, right through or stepped. */
  BRIDGE,
  SPRINGS,
  /** A routed channel that a top will cover. */
  CHANNEL,
  /** For the lever of a switch. */
  SLOT,

  /** A bored channel or ground wire. */
  WIRE,
  JACK,
  SHAFT,
  BOLT,
  POST,
  STRING,
  STRAP,
  SCREW,
  RELIEF,
  BORE;

  /** Whether it is bored rather than routed. */
  public boolean bored() {
    return ordinal() >= WIRE.ordinal();
  }
}
