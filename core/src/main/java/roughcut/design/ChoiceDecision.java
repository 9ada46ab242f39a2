package roughcut.design;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import roughcut.measure.Units;
import roughcut.measure.Unreadable;

/** A decision between named ways of doing it. */
public record ChoiceDecision(
    String id,
    String label,
    String hint,
    List<Choice> choices,
    Function<Design, Choice> getter,
    BiFunction<Design, Choice, Design> setter)
    implements Decision {

  public Choice in(Design design) {
    return getter.apply(design);
  }

  public Design with(Design design, Choice choice) {
    return setter.apply(design, choice);
  }

  /**
   * The choice of that word.
   *
   * @throws Unreadable naming the words there are
   */
  public Choice read(String text) throws Unreadable {
    for (Choice choice : choices) {
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
