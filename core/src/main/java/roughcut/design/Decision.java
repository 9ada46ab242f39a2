package roughcut.design;

import java.util.Optional;
import java.util.function.Function;
import roughcut.measure.InvalidInput;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * Something that the maker decides: its stable id, what it is called, and how it is read from and
 * put into a {@link Design}. The registry is {@link Decisions}; fields, {@code --set}, undo names
 * and the reference pages are all made from it.
 */
public sealed interface Decision permits NumberDecision, ChoiceDecision {
  /** An answer for each kind of decision; whoever asks has to know them all. */
  <T> T fold(Function<NumberDecision, T> number, Function<ChoiceDecision<?>, T> choice);

  /** It, where it is a number. */
  default Optional<NumberDecision> number() {
    return fold(Optional::of, c -> Optional.empty());
  }

  /** It, where it is one of several ways. */
  default Optional<ChoiceDecision<?>> choice() {
    return fold(n -> Optional.empty(), Optional::of);
  }

  String id();

  Text label();

  /** One sentence for the person who hovers over it or reads the reference. */
  Text hint();

  /**
   * The design with this decision as typed.
   *
   * @throws Unreadable when the text can't be read or lies outside the limits; the message is for
   *     the maker
   */
  Design typed(Design design, String text, Units units) throws InvalidInput;

  /** What a field shows for the maker to edit. */
  String editable(Design design, Units units);

  /** What is decided, to be read. */
  Text decided(Design design);
}
