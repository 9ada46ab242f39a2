package roughcut.design;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import roughcut.measure.InvalidInput;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.shop.Woods;

/**
 * A decision between named ways of doing it.
 *
 * @param choices those that everybody has
 * @param own the one of a word that isn't among them, where somebody may have it; empty for others
 * @param <C> what kind of thing is chosen
 */
public record ChoiceDecision<C extends Choice>(
    String id,
    Text label,
    Text hint,
    List<C> choices,
    Function<String, Optional<C>> own,
    Function<Design, C> getter,
    BiFunction<Design, C, Design> setter)
    implements Decision {

  /** One of which everybody has the same choices. */
  ChoiceDecision(
      String id,
      Text label,
      Text hint,
      List<C> choices,
      Function<Design, C> getter,
      BiFunction<Design, C, Design> setter) {
    this(id, label, hint, choices, word -> Optional.empty(), getter, setter);
  }

  /** What is offered in a shop of those woods: woods by the names that they have there. */
  public List<Choice> offered(Woods woods) {
    return choices.stream().allMatch(WoodChoice.class::isInstance)
        ? woods.all().stream().<Choice>map(WoodChoice::of).toList()
        : List.copyOf(choices);
  }

  public C in(Design design) {
    return getter.apply(design);
  }

  public Design with(Design design, C choice) {
    return setter.apply(design, choice);
  }

  /**
   * The design with one of the choices, whichever kind they are of.
   *
   * @throws IllegalArgumentException for one that isn't among them
   */
  public Design choosing(Design design, Choice choice) {
    return find(choice.word())
        .map(c -> setter.apply(design, c))
        .orElseThrow(() -> new InvalidValue(Text.of("{label}: no {choice}", label, choice.word())));
  }

  /** The same decision under another label. */
  public ChoiceDecision<C> called(Text words) {
    return new ChoiceDecision<>(id, words, hint, choices, own, getter, setter);
  }

  /** The choice of that word; empty where there is none. */
  public Optional<C> find(String word) {
    return choices.stream()
        .filter(c -> c.word().equals(word))
        .findFirst()
        .or(() -> own.apply(word));
  }

  /**
   * The choice of that word.
   *
   * @throws Unreadable naming the words there are
   */
  public C read(String text) throws InvalidInput {
    Optional<C> found = find(text.strip());
    if (found.isPresent()) {
      return found.get();
    }
    throw new InvalidInput(
        Text.of(
            "“{typed}” is none of {choices}",
            text.strip(),
            choices.stream().map(Choice::word).collect(Collectors.joining(", "))));
  }

  @Override
  public <T> T fold(Function<NumberDecision, T> number, Function<ChoiceDecision<?>, T> choice) {
    return choice.apply(this);
  }

  @Override
  public Design typed(Design design, String text, Units units) throws InvalidInput {
    return setter.apply(design, read(text));
  }

  @Override
  public String editable(Design design, Units units) {
    return in(design).word();
  }

  @Override
  public Text decided(Design design) {
    return in(design).label();
  }
}
