package roughcut.design;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import roughcut.measure.Quantity;
import roughcut.measure.Text;

/** Where a group of plain decisions is written down, in the order in which a maker meets them. */
final class DecisionBook {
  private final List<Decision> decisions = new ArrayList<>();

  List<Decision> decisions() {
    return decisions;
  }

  /** The first half of a number decision's sentence; the second says what it is for. */
  Draft number(
      String id,
      String label,
      Quantity quantity,
      double usual,
      double least,
      double most,
      double step) {
    return new Draft(
        this, id, Text.of(label), quantity, d -> usual, false, List.of(), least, most, step);
  }

  /** A choice whose usual one is the first. */
  <C extends Choice> ChoiceDecision<C> choice(String id, String label, C[] choices, String hint) {
    return choice(id, label, Arrays.asList(choices), hint, choices[0]);
  }

  <C extends Choice> ChoiceDecision<C> choice(
      String id, String label, List<C> all, String hint, C usual) {
    return choice(id, label, all, word -> Optional.empty(), hint, usual);
  }

  /** A wood: of the book, or one that a shop has of its own. */
  ChoiceDecision<WoodChoice> wood(String id, String label, String hint, WoodChoice usual) {
    return choice(id, label, WoodChoice.all(), WoodChoice::own, hint, usual);
  }

  private <C extends Choice> ChoiceDecision<C> choice(
      String id,
      String label,
      List<C> all,
      Function<String, Optional<C>> own,
      String hint,
      C usual) {
    Map<String, C> byWord = new HashMap<>();
    all.forEach(c -> byWord.put(c.word(), c));
    ChoiceDecision<C> decision =
        new ChoiceDecision<>(
            id,
            Text.of(label),
            Text.of(hint),
            all,
            own,
            design -> {
              String word = design.choices().get(id);
              C chosen = byWord.get(word);
              return chosen != null || word == null
                  ? byWord.getOrDefault(word, usual)
                  : own.apply(word).orElse(usual);
            },
            (design, chosen) -> design.withChoice(id, chosen.word()));
    decisions.add(decision);
    return decision;
  }

  record Draft(
      DecisionBook book,
      String id,
      Text label,
      Quantity quantity,
      ToDoubleFunction<Design> usual,
      boolean following,
      List<String> followed,
      double least,
      double most,
      double step) {
    /**
     * A number that follows from others while it isn't decided; an empty entry lets it again.
     *
     * @param on the numbers that it follows from
     */
    Draft follows(ToDoubleFunction<Design> from, NumberDecision... on) {
      List<String> ids = Arrays.stream(on).map(NumberDecision::id).toList();
      return new Draft(book, id, label, quantity, from, true, ids, least, most, step);
    }

    /** One that follows from the plan while it isn't decided: from its value of the same id. */
    Draft followsPlan() {
      return new Draft(book, id, label, quantity, usual, true, List.of(), least, most, step);
    }

    /** A number that is decided only. */
    NumberDecision hint(String hint) {
      return hint(Text.of(hint));
    }

    /** The same, with amounts in what is said of it. */
    NumberDecision hint(Text hint) {
      return enter(hint, null);
    }

    /** A number of something bought or owned, listed until it is measured. */
    NumberDecision inHand(String where) {
      return enter(Text.of(where), new ReadingKind.PartInHand(Text.of(where)));
    }

    /** A number that says how far the work has come. */
    NumberDecision stage(String where) {
      return enter(Text.of(where), new ReadingKind.Stage(Text.of(where)));
    }

    /** A number that can be read off what those operations have made. */
    NumberDecision result(String where, OperationId... madeBy) {
      return enter(Text.of(where), new ReadingKind.Result(Text.of(where), List.of(madeBy)));
    }

    /** A number that can be read off the parts put together, as those operations left them. */
    NumberDecision assembly(String where, OperationId... madeBy) {
      return enter(Text.of(where), new ReadingKind.Assembly(Text.of(where), List.of(madeBy)));
    }

    private NumberDecision enter(Text hint, ReadingKind reading) {
      NumberDecision decision =
          new NumberDecision(
              id,
              label,
              hint,
              quantity,
              least,
              most,
              step,
              Optional.ofNullable(reading),
              following,
              followed,
              design -> {
                Double decided = design.numbers().get(id);
                return decided == null ? usual.applyAsDouble(design) : decided;
              },
              (design, value) -> design.withNumber(id, value));
      book.decisions.add(decision);
      return decision;
    }
  }
}
