package roughcut.shop;

/**
 * Something that is fitted into or on to a body, in the sizes that a list gives; the one in hand is
 * measured. Lengths in mm.
 *
 * @param type pickup, control, jack, cavity, plate, channel, strap, relief or bore
 * @param length of the body inside, across the strings
 * @param width of it, along the strings
 * @param height of it, inside the wood
 * @param tabLength how far ears or legs reach beyond the body at each end
 * @param tabWidth of an ear
 * @param tabDeeper how much deeper legs go than the body
 * @param spread between the outer poles
 * @param shaft hole that is bored for it
 * @param bushing threaded length that has to reach through the wood
 * @param plateLength of what is seen: ring, knob, plate
 * @param mass g
 * @param does what sets it apart from others of its type: {@code registers}, {@code open}, {@code
 *     covered} or nothing
 */
public record FittingKind(
    String type,
    String id,
    String name,
    double length,
    double width,
    double height,
    double tabLength,
    double tabWidth,
    double tabDeeper,
    double spread,
    double shaft,
    double bushing,
    double plateLength,
    double plateWidth,
    double mass,
    String does,
    String note) {
  /** Whether templates and body are pinned on it (handbook page 8, "Registration"). */
  public boolean registers() {
    return does.equals("registers");
  }

  /** Whether it is hollowed out of the back before the top closes it. */
  public boolean covered() {
    return does.equals("covered");
  }

  /** Whether it is routed from the face, and open until a top covers it. */
  public boolean routedOpen() {
    return does.equals("open");
  }
}
