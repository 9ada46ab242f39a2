package roughcut.design;

import java.util.List;
import roughcut.measure.InvalidValue;
import roughcut.measure.NamedKind;
import roughcut.measure.Text;

/** What can be fitted into a body; each type has its own numbers ({@link FittingTraits}). */
public enum FittingType implements NamedKind {
  PICKUP(Text.of("pickup"), Takes.POCKET),
  CONTROL(Text.of("control"), Takes.NOTHING),
  JACK(Text.of("jack"), Takes.ONE),
  CAVITY(Text.of("cavity"), Takes.MANY),
  PLATE(Text.of("plate"), Takes.MANY),
  CHANNEL(Text.of("channel"), Takes.TWO),
  STRAP(Text.of("strap button"), Takes.NOTHING),
  RELIEF(Text.of("relief hole"), Takes.NOTHING),
  BORE(Text.of("hole"), Takes.NOTHING);

  /** How many other things a fitting of a type has to do with. */
  public enum Takes {
    NOTHING,
    /** The neck's pocket only, into which it may open. */
    POCKET,
    ONE,
    TWO,
    MANY
  }

  private final Text label;
  private final Takes takes;

  FittingType(Text label, Takes takes) {
    this.label = label;
    this.takes = takes;
  }

  /** What the maker calls it. */
  public Text label() {
    return label;
  }

  public Takes takes() {
    return takes;
  }

  /**
   * The trait of that key.
   *
   * @throws java.util.NoSuchElementException when it has none such
   */
  public FittingTraits.Trait trait(String key) {
    return traits().stream().filter(t -> t.key().equals(key)).findFirst().orElseThrow();
  }

  /** Its numbers. */
  public List<FittingTraits.Trait> traits() {
    return FittingTraits.of(this);
  }

  /**
   * The type of that word.
   *
   * @throws IllegalArgumentException when there is none
   */
  public static FittingType of(String word) {
    for (FittingType type : values()) {
      if (type.word().equals(word)) {
        return type;
      }
    }
    throw new InvalidValue(Text.of("there is no fitting called “{word}”", word));
  }
}
