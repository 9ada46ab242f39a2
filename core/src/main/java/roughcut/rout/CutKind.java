package roughcut.rout;

/** What a cut is for; limits go by it. */
public enum CutKind {
  /** Its floor has a limit of its own. */
  POCKET(false, Ends.ELSEWHERE),
  PICKUP(false, Ends.IN_WOOD),
  CAVITY(false, Ends.IN_WOOD),
  /** Hollowed out before a top closes it. */
  CHAMBER(false, Ends.IN_WOOD),
  /** Routs for the bridge with a floor. */
  BRIDGE(false, Ends.IN_WOOD),
  /** For a bridge's block, right through. */
  BLOCK(false, Ends.THROUGH),
  SPRINGS(false, Ends.IN_WOOD),
  /** A routed channel that a top will cover. */
  CHANNEL(false, Ends.IN_WOOD),
  /** For the lever of a switch, into the cavity below. */
  SLOT(false, Ends.ELSEWHERE),

  /** A bored channel or ground wire, from cut to cut. */
  WIRE(true, Ends.ELSEWHERE),
  JACK(true, Ends.ELSEWHERE),
  /** Through what a cavity leaves. */
  SHAFT(true, Ends.ELSEWHERE),
  /** Through the pocket's floor. */
  BOLT(true, Ends.THROUGH),
  POST(true, Ends.IN_WOOD),
  STRING(true, Ends.THROUGH),
  STRAP(true, Ends.ELSEWHERE),
  SCREW(true, Ends.IN_WOOD),
  RELIEF(true, Ends.IN_WOOD),
  BORE(true, Ends.IN_WOOD);

  /** Where it ends. */
  public enum Ends {
    /** In the body's wood, before the face across from where it was begun. */
    IN_WOOD,
    /** At the other face. */
    THROUGH,
    /** In another cut, between the faces, or by a limit of its own. */
    ELSEWHERE
  }

  private final boolean bored;
  private final Ends ends;

  CutKind(boolean bored, Ends ends) {
    this.bored = bored;
    this.ends = ends;
  }

  /** Where it ends. */
  public Ends ends() {
    return ends;
  }

  /** Whether it is bored rather than routed. */
  public boolean bored() {
    return bored;
  }
}
