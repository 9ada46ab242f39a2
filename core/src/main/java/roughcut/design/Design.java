package roughcut.design;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What the maker decided about one instrument. Plain decisions are held by their id; what has parts
 * (strings, strips) has a record of its own. Read and changed through {@link Decisions}; a decision
 * that the file doesn't have stands at its usual value.
 *
 * @param numbers decided numbers by id, in mm, degrees or counts
 * @param choices words of decided choices by id
 * @param strings from the treble side: string 1 first
 * @param neckStack strips of the neck blank
 */
public record Design(
    Map<String, Double> numbers,
    Map<String, String> choices,
    List<StringSpec> strings,
    Stack neckStack) {
  public static final int MOST_STRINGS = 18;

  public Design {
    numbers = Collections.unmodifiableMap(new TreeMap<>(numbers));
    choices = Collections.unmodifiableMap(new TreeMap<>(choices));
    strings = List.copyOf(strings);
    if (strings.isEmpty() || strings.size() > MOST_STRINGS) {
      throw new IllegalArgumentException(
          "an instrument has 1 to " + MOST_STRINGS + " strings, not " + strings.size());
    }
  }

  Design withNumber(String id, double value) {
    Map<String, Double> next = new TreeMap<>(numbers);
    next.put(id, value);
    return new Design(next, choices, strings, neckStack);
  }

  Design withChoice(String id, String word) {
    Map<String, String> next = new TreeMap<>(choices);
    next.put(id, word);
    return new Design(numbers, next, strings, neckStack);
  }

  /** The rack's board that a part is to come from, chosen by the maker; none until then. */
  public Optional<String> boardFor(String part) {
    return Optional.ofNullable(choices.get("board." + part));
  }

  public Design withBoard(String part, String boardId) {
    return withChoice("board." + part, boardId);
  }

  public Design withStrings(List<StringSpec> next) {
    return new Design(numbers, choices, next, neckStack);
  }

  public Design withNeckStack(Stack next) {
    return new Design(numbers, choices, strings, next);
  }
}
