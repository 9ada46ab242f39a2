package roughcut.bench;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import roughcut.blank.BlankReadiness;
import roughcut.blank.BoardLayout;
import roughcut.blank.RipPlan;
import roughcut.blank.WoodPart;
import roughcut.design.BodyDecisions;
import roughcut.design.Choice;
import roughcut.design.ChoiceDecision;
import roughcut.design.NumberDecision;
import roughcut.finding.Chapter;
import roughcut.measure.Sentence;
import roughcut.measure.Value;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.record.Givens;
import roughcut.record.Measurable;
import roughcut.record.Measurables;

/** Where the operations of one plan are written down, in a sound order of work. */
final class Writing {
  final Plan plan;
  private final Givens drawn;
  private final List<Operation> operations = new ArrayList<>();

  Writing(Plan plan) {
    this.plan = plan;
    this.drawn = new Givens(plan.build().asDesigned());
  }

  List<Operation> operations() {
    return operations;
  }

  void add(Operation.Draft draft) {
    if (draft.dusty()) {
      draft.hazards(dust(draft.part()));
    }
    operations.add(draft.done());
  }

  /** What is known of the dust of the woods that a part is made of. */
  private List<String> dust(PartId part) {
    Set<String> woods = new LinkedHashSet<>();
    boolean all = part == PartId.INSTRUMENT;
    if (all || part == PartId.NECK || part == PartId.HEAD) {
      plan.neckStrips().forEach(s -> woods.add(s.species()));
    }
    if (all || part == PartId.FRETBOARD) {
      woods.add(plan.fretboardWood().id());
    }
    if (all || part == PartId.BODY) {
      woods.add(plan.body().backWood().id());
    }
    if (all || part == PartId.TOP || part == PartId.BODY) {
      if (value(BodyDecisions.BODY_TOP) > 0) {
        woods.add(plan.body().topWood().id());
      }
    }
    return woods.stream()
        .map(plan::wood)
        .filter(s -> !s.dust().isEmpty())
        .map(
            s ->
                "Dust of "
                    + s.name()
                    + " is known as "
                    + (s.dust().equals("irritant")
                        ? "an "
                        : s.dust().equals("sensitiser") ? "a " : "")
                    + s.dust()
                    + ": see the wood's safety sheet.")
        .toList();
  }

  Operation.Draft neck(String id, Chapter chapter, String title, int minutes) {
    return Operation.of(id, PartId.NECK, chapter, title, minutes);
  }

  boolean has(String operation) {
    return operations.stream().anyMatch(o -> o.id().equals(operation));
  }

  /**
   * The last operation written so far of which that holds; for what stands on whatever was last.
   */
  Optional<String> last(String prefix) {
    return operations.stream()
        .map(Operation::id)
        .filter(i -> i.startsWith(prefix))
        .reduce((a, b) -> b);
  }

  /** A decision as it was drawn, for what a reading is held against. */
  Value drawn(NumberDecision decision) {
    return drawn.get(decision);
  }

  /** A hold point of what can be measured in a decision's place. */
  HoldPoint measured(NumberDecision decision, double tolerance, String how, String reason) {
    return measured(decision, Optional.of(drawn(decision)), tolerance, how, reason);
  }

  /** The same where something else than the decision says what it should be. */
  HoldPoint measured(
      NumberDecision decision,
      Optional<Value> nominal,
      double tolerance,
      String how,
      String reason) {
    Measurable measurable = Measurables.find(plan.build().design(), decision.id()).orElseThrow();
    return HoldPoint.measured(measurable, nominal, tolerance, how, reason);
  }

  double value(NumberDecision decision) {
    return plan.given(decision);
  }

  <C extends Choice> C choice(ChoiceDecision<C> decision) {
    return plan.given(decision);
  }

  /** Why parts can't be had from the boards that they are laid on. */
  List<String> woodTrouble(Predicate<WoodPart> parts) {
    List<String> all = new ArrayList<>(plan.boards().wanting(parts));
    for (BoardLayout.Laid laid : plan.boards().laid()) {
      if (!laid.trouble().isEmpty() && parts.test(laid.part())) {
        all.add(laid.part().label() + ": " + laid.trouble());
      }
    }
    return all;
  }

  /** Why the neck's strips can't be sawn as planned. */
  List<String> stripTrouble() {
    List<String> all = new ArrayList<>();
    for (RipPlan rip : plan.rips().plans()) {
      BlankReadiness.boardTrouble(rip, plan.rips()).ifPresent(all::add);
      if (rip.missing() != null && !rip.fits()) {
        all.add(
            rip.wood().name() + ": " + Sentence.mm(rip.missing().value(), 1) + " of width missing");
      }
    }
    return all;
  }

  boolean there(String value) {
    return plan.value(value).isPresent();
  }
}
