package roughcut.design;

import roughcut.geometry.Frame;
import roughcut.measure.Text;

/**
 * Which hand the instrument is played with. A left-handed one is the mirror image: it is planned in
 * bass and treble like any other, and whatever is drawn, printed or cut is turned round on its way
 * out.
 */
public enum Handedness implements Choice {
  RIGHT(Text.of("right-handed"), Frame.PLAIN),
  LEFT(Text.of("left-handed"), new Frame(false, true));

  private final Text label;
  private final Frame frame;

  Handedness(Text label, Frame frame) {
    this.label = label;
    this.frame = frame;
  }

  @Override
  public Text label() {
    return label;
  }

  /**
   * From the plan, treble side up, to the instrument as it lies, its top up and head at the left.
   */
  public Frame frame() {
    return frame;
  }
}
