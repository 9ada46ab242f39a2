package roughcut.design;

import java.util.Arrays;
import java.util.List;
import roughcut.measure.Text;

/** How the head is made (handbook page 1, "Where makers disagree"). */
public enum HeadMaking implements Choice {
  /** Sawn off, turned over and glued back at an angle. */
  SCARF(Text.of("scarf joint"), "scarf."),
  /** Sawn at its angle from a deep blank. */
  ONE_PIECE(Text.of("one piece"), "head.one-piece", "head.grain-through"),
  /** In line with the neck, its face a step lower. */
  FLAT(Text.of("flat, stepped down"), "head.flat-", "head.step"),
  /** None: the strings end in a piece behind the nut and are tuned at the bridge. */
  HEADLESS(Text.of("headless"), "head.stub", "head.headless-", "headpiece.");

  private final Text label;

  private final List<String> own;

  HeadMaking(Text label, String... own) {
    this.label = label;
    this.own = List.of(own);
  }

  /**
   * Whether a value or decision of that id is of another way of making; it is worked out for
   * comparing, but isn't what is set at the machine.
   */
  public boolean foreign(String id) {
    return own.stream().noneMatch(id::startsWith)
        && Arrays.stream(values()).anyMatch(m -> m.own.stream().anyMatch(id::startsWith));
  }

  @Override
  public Text label() {
    return label;
  }
}
