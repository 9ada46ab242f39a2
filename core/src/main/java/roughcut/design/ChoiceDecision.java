package roughcut.design;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import roughcut.measure.Units;
import roughcut.measure.Unreadable;

/**
 * A decision between named ways of doing it.
 *
 * @param <C> what kind of thing is chosen
 */
public record ChoiceDecision<C extends Choice>(
    String id,
    String label,
    String hint,
    List<C> choices,
    Function<Design, C> getter,
    BiFunction<Design, C, Design> setter)
    implements Decision {

  public C in(Design design) {
    return getter.apply(design);
  }

  public Design with(Design design, C choice) {
    return setter.apply(design, choice);
  }

  /**
   * The design with one of the {@link #choices}, whichever kind they are of.
   *
   * @throws IllegalArgumentException for one that isn't among them
   */
  public Design choosing(Design design, Choice choice) {
    return choices.stream()
        .filter(c -> c.word().equals(choice.word()))
        .findFirst()
        .map(c -> setter.apply(design, c))
        .orElseThrow(() -> new IllegalArgumentException(label + ": no " + choice.word()));
  }

  /** The same decision under another label. */
  public ChoiceDecision<C> called(String words) {
    return new ChoiceDecision<>(id, words, hint, choices, getter, setter);
  }

  /**
   * The choice of that word.
   *
   * @throws Unreadable naming the words there are
   */
  public C read(String text) throws Unreadable {
    for (C choice : choices) {
      if (choice.word().equals(text.strip())) {
        return choice;
      }
    }
    throw new Unreadable(
        "“"
            + text.strip()
            + "” is none of "
            + choices.stream().map(Choice::word).collect(Collectors.joining(", ")));
  }

  @Override
  public Design typed(Design design, String text, Units units) throws Unreadable {
    return setter.apply(design, read(text));
  }

  @Override
  public String editable(Design design, Units units) {
    return in(design).word();
  }
}
