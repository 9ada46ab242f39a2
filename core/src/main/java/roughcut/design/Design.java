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
 * @param neckSteps what is done to the neck's stack after gluing, in order
 * @param bodyStack strips of a laminated body back
 * @param placements parts laid on boards by hand, by the part's id
 * @param smallParts what offcuts are kept for
 */
public record Design(
    Map<String, Double> numbers,
    Map<String, String> choices,
    List<StringSpec> strings,
    Stack neckStack,
    List<BlankStep> neckSteps,
    Stack bodyStack,
    Map<String, Placement> placements,
    List<SmallPart> smallParts) {
  public static final int MOST_STRINGS = 18;

  public Design {
    numbers = Collections.unmodifiableMap(new TreeMap<>(numbers));
    choices = Collections.unmodifiableMap(new TreeMap<>(choices));
    placements = Collections.unmodifiableMap(new TreeMap<>(placements));
    strings = List.copyOf(strings);
    neckSteps = List.copyOf(neckSteps);
    smallParts = List.copyOf(smallParts);
    if (strings.isEmpty() || strings.size() > MOST_STRINGS) {
      throw new IllegalArgumentException(
          "an instrument has 1 to " + MOST_STRINGS + " strings, not " + strings.size());
    }
    if (neckSteps.size() > BlankStep.MOST_STEPS) {
      throw new IllegalArgumentException(
          "a blank goes through at most " + BlankStep.MOST_STEPS + " steps after gluing");
    }
    if (smallParts.stream().map(SmallPart::name).distinct().count() < smallParts.size()) {
      throw new IllegalArgumentException("two small parts have the same name");
    }
  }

  /** A design of strings and a neck stack, with everything else as usual. */
  public static Design of(
      Map<String, Double> numbers,
      Map<String, String> choices,
      List<StringSpec> strings,
      Stack neckStack) {
    return new Design(
        numbers, choices, strings, neckStack, List.of(), USUAL_BODY, Map.of(), List.of());
  }

  private static final Stack USUAL_BODY =
      Stack.mirroredFromMiddle(
          new Strip("elm", 120, Strip.Grain.TO_HEEL), new Strip("elm", 115, Strip.Grain.TO_HEEL));

  Design withNumber(String id, double value) {
    Map<String, Double> next = new TreeMap<>(numbers);
    next.put(id, value);
    return withNumbers(next);
  }

  public Design withNumbers(Map<String, Double> next) {
    return new Design(
        next, choices, strings, neckStack, neckSteps, bodyStack, placements, smallParts);
  }

  public Design withChoices(Map<String, String> next) {
    return new Design(
        numbers, next, strings, neckStack, neckSteps, bodyStack, placements, smallParts);
  }

  Design withChoice(String id, String word) {
    Map<String, String> next = new TreeMap<>(choices);
    next.put(id, word);
    return withChoices(next);
  }

  /** The rack's board that a part is to come from, chosen by the maker; none until then. */
  public Optional<String> boardFor(String part) {
    return Optional.ofNullable(choices.get("board." + part));
  }

  public Design withBoard(String part, String boardId) {
    return withChoice("board." + part, boardId);
  }

  public Design withStrings(List<StringSpec> next) {
    return new Design(
        numbers, choices, next, neckStack, neckSteps, bodyStack, placements, smallParts);
  }

  public Design withNeckStack(Stack next) {
    return new Design(
        numbers, choices, strings, next, neckSteps, bodyStack, placements, smallParts);
  }

  public Design withNeckSteps(List<BlankStep> next) {
    return new Design(
        numbers, choices, strings, neckStack, next, bodyStack, placements, smallParts);
  }

  public Design withBodyStack(Stack next) {
    return new Design(
        numbers, choices, strings, neckStack, neckSteps, next, placements, smallParts);
  }

  public Design withSmallParts(List<SmallPart> next) {
    return new Design(numbers, choices, strings, neckStack, neckSteps, bodyStack, placements, next);
  }

  /** This design with a part laid by hand; null takes it back to where the program lays it. */
  public Design withPlacement(String part, Placement placement) {
    Map<String, Placement> next = new TreeMap<>(placements);
    if (placement == null) {
      next.remove(part);
    } else {
      next.put(part, placement);
    }
    return new Design(numbers, choices, strings, neckStack, neckSteps, bodyStack, next, smallParts);
  }
}
