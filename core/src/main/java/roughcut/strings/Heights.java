package roughcut.strings;

import java.util.List;
import java.util.Optional;
import roughcut.design.SolveFor;
import roughcut.finding.Message;
import roughcut.fretboard.FretboardRadius;
import roughcut.layout.FretLayout;
import roughcut.layout.StringSpread;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.BridgeKind;

/**
 * Side elevation of the strings: neck angle, how far the fretboard stands out of the body, and the
 * saddle's height over it; any one of them follows from the other two (handbook page 2, "Heights").
 * With z_j the plane of the fret tops at the joint, tan α = (H − z_j − 2·a12 + a_nut) / (L − x_j).
 * Heights count from the body's top at the neck end.
 *
 * @param angle α, degrees
 * @param exposed e, the fretboard's underside over the top
 * @param saddle H, over the top at the neck end
 * @param joint z_j
 * @param shortening how much nearer the nut the saddle line lies seen in plan
 * @param flatExposed the e that would need no angle
 * @param saddles height of each string's saddle, string 1 first
 * @param breakSaddle angle of the string over the saddle
 * @param seat what the heel makes of it; none on a through-neck
 * @param overBase the saddle over what the bridge stands on: the finished top under it
 * @param there string over the body where the maker looks
 * @param taper what a tilted pocket floor or a planed heel takes over its length; none on a
 *     through-neck
 */
public record Heights(
    SolveFor solvedFor,
    Value angle,
    Value exposed,
    Value saddle,
    Value joint,
    Value shortening,
    Value flatExposed,
    List<Value> saddles,
    Value breakSaddle,
    Optional<Value> taper,
    Optional<HeelSeat> seat,
    Value overBase,
    Value there,
    Optional<NeckProof> proof,
    Frame frame,
    Provenance provenance) {

  /**
   * The numbers that heights along the string are read from: of the seated neck once it was proved,
   * as designed before.
   *
   * @param plane of the fret tops over the body's top at the joint, mm
   * @param tan of the neck's lean
   */
  public record Frame(
      double scale,
      double jointX,
      double actionNut,
      double actionOctave,
      double rise,
      double plane,
      double tan,
      boolean pocketed) {
    /** What is cut deeper or shallower to bring the strings down or up, in words. */
    Text sunk(boolean deeper) {
      if (pocketed) {
        return deeper ? Text.of("a deeper pocket") : Text.of("a shallower pocket");
      }
      return deeper
          ? Text.of("less fretboard height above the body")
          : Text.of("more fretboard height above the body");
    }
  }

  public Heights {
    saddles = List.copyOf(saddles);
  }

  public static Heights of(
      EffectiveInputs inputs,
      FretLayout frets,
      StringSpread strings,
      FretboardRadius radius,
      BridgeKind bridge,
      ValueRegistry registry) {
    return new HeightsBuilder(inputs, frets, strings, radius, bridge, registry).build();
  }

  /** The plane of the fret tops over the body's top at x. */
  public double fretPlane(double x) {
    return frame.plane + frame.tan * (x - frame.jointX);
  }

  /** A crown string's underside over the body's top at the neck end, at x. */
  public double string(double x) {
    return fretPlane(x)
        + frame.actionNut
        + (frame.actionOctave - frame.actionNut) * 2 * x / frame.scale;
  }

  /** Where the saddle stands, or by the seated neck would have to. */
  public Value needed() {
    return proof.map(NeckProof::saddle).orElse(saddle);
  }

  /** How the neck leans, by the seated one once it was proved. */
  public Value leans() {
    return proof.map(NeckProof::angle).orElse(angle);
  }

  /** How far the fretboard stands out, by the seated neck once it was proved. */
  public Value fretboardAboveBody() {
    return proof.map(NeckProof::exposed).orElse(exposed);
  }

  /** What the bridge stands on, over the top at the neck end: its rise there, with its film, mm. */
  public double footing() {
    return needed().value() - overBase.value();
  }

  /** Whether the saddle height lies in the bridge's range over the body under it. */
  public boolean reaches(BridgeKind bridge) {
    double over = overBase.value();
    return over >= bridge.heightLeast() - Precision.SAME
        && over <= bridge.heightMost() + Precision.SAME;
  }

  /** What to change where the bridge doesn't reach the saddle height. */
  public Message outOfReach(BridgeKind bridge) {
    double over = overBase.value();
    boolean high = over > bridge.heightMost();
    double by = high ? over - bridge.heightMost() : bridge.heightLeast() - over;
    double less = Math.toDegrees(Math.atan(by / (frame.scale - frame.jointX)));
    return Message.of(
            Text.of(
                high
                    ? "The saddles would have to be {by} higher than this bridge goes."
                    : "The saddles would have to be {by} lower than this bridge goes.",
                Text.length(by, 1)))
        .why(Text.of("The action can't be set."))
        .fix(
            Text.of(
                high
                    ? "Use {number}° less neck angle, or {sunk} by {same}."
                    : "Use {number}° more neck angle, or {sunk} by {same}.",
                Text.fixed(less, 2),
                frame.sunk(high),
                Text.length(by, 1)));
  }

  /** Where in the bridge's range the saddles are, or what to change when they are beyond it. */
  public Text reach(BridgeKind bridge) {
    if (!reaches(bridge)) {
      return outOfReach(bridge).text();
    }
    double third = bridge.heightLeast() + (bridge.heightMost() - bridge.heightLeast()) / 3;
    return overBase.value() <= third
        ? Text.of("The saddles are in the bridge's lower third, with room to raise.")
        : Text.of(
            "The saddles are within the bridge's range, whose lower third ends at {third}.",
            Text.length(third, 1));
  }
}
