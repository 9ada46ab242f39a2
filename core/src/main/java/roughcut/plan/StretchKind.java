package roughcut.plan;

import java.util.List;
import roughcut.design.DrawnPart;
import roughcut.geometry.Chain;
import roughcut.geometry.Segment;
import roughcut.measure.Text;

/** What an outline is from one of its points to the next. */
public enum StretchKind {
  STRAIGHT(Text.of("straight")),
  CURVE(Text.of("curve")),
  ARC(Text.of("arc"));

  private final Text label;

  StretchKind(Text label) {
    this.label = label;
  }

  public Text label() {
    return label;
  }

  public static StretchKind of(Segment segment) {
    return segment.straight() ? STRAIGHT : segment.round().isPresent() ? ARC : CURVE;
  }

  /** Those that a part can have: a headstock is stretched by its length and width, no arc stays. */
  public static List<StretchKind> of(DrawnPart part) {
    return switch (part.kind()) {
      case BODY, CAVITY -> List.of(values());
      case HEAD -> List.of(STRAIGHT, CURVE);
    };
  }

  /** The chain with a stretch of this kind. */
  public Chain in(Chain chain, int stretch) {
    return switch (this) {
      case STRAIGHT -> chain.straightened(stretch);
      case CURVE -> chain.curved(stretch);
      case ARC -> chain.rounded(stretch);
    };
  }
}
