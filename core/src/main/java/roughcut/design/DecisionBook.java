package roughcut.design;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import roughcut.measure.Quantity;

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
    return new Draft(this, id, label, quantity, usual, least, most, step);
  }

  /** A choice whose usual one is the first. */
  ChoiceDecision choice(String id, String label, Choice[] choices, String hint) {
    return choice(id, label, Arrays.asList(choices), hint, choices[0]);
  }

  ChoiceDecision choice(String id, String label, List<Choice> all, String hint, Choice usual) {
    Map<String, Choice> byWord = new HashMap<>();
    all.forEach(c -> byWord.put(c.word(), c));
    ChoiceDecision decision =
        new ChoiceDecision(
            id,
            label,
            hint,
            all,
            design -> byWord.getOrDefault(design.choices().get(id), usual),
            (design, chosen) -> design.withChoice(id, chosen.word()));
    decisions.add(decision);
    return decision;
  }

  record Draft(
      DecisionBook book,
      String id,
      String label,
      Quantity quantity,
      double usual,
      double least,
      double most,
      double step) {
    /** A number that is decided only. */
    NumberDecision hint(String hint) {
      return enter(hint, false);
    }

    /** A number that may be measured on the wood, too. */
    NumberDecision measured(String hint) {
      return enter(hint, true);
    }

    private NumberDecision enter(String hint, boolean measurable) {
      NumberDecision decision =
          new NumberDecision(
              id,
              label,
              hint,
              quantity,
              least,
              most,
              step,
              measurable,
              design -> design.numbers().getOrDefault(id, usual),
              (design, value) -> design.withNumber(id, value));
      book.decisions.add(decision);
      return decision;
    }
  }
}
