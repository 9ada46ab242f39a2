package roughcut.drawing;

import java.util.function.UnaryOperator;
import roughcut.design.BodyFace;
import roughcut.design.Handedness;
import roughcut.geometry.Frame;

/** From where something is looked at that is drawn in the plan's own sides. */
public enum View {
  /** As it is drawn: elevations, boards, diagrams, words beside a view. */
  PLAIN(Frame.PLAIN, hand -> Frame.PLAIN),
  /** From above, head at the left: treble side up, unless it is left-handed. */
  ABOVE(Frame.PLAIN, hand -> hand),
  /** From behind, turned over about its length, head at the left. */
  BEHIND(new Frame(false, true), hand -> hand),
  /** Cut across and looked at towards the bridge; across is x, up is y. */
  ACROSS(new Frame(true, false), hand -> new Frame(hand.over(), false));

  private final Frame right;
  private final UnaryOperator<Frame> hand;

  View(Frame right, UnaryOperator<Frame> hand) {
    this.right = right;
    this.hand = hand;
  }

  /** From that face. */
  public static View of(BodyFace face) {
    return switch (face) {
      case TOP -> ABOVE;
      case BACK -> BEHIND;
    };
  }

  /** How it is seen of an instrument for that hand. */
  public Frame frame(Handedness handedness) {
    return right.then(hand.apply(handedness.frame()));
  }
}
