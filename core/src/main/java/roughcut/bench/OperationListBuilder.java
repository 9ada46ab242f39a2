package roughcut.bench;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import roughcut.blank.BlankReadiness;
import roughcut.blank.BoardLayout;
import roughcut.blank.RipPlan;
import roughcut.blank.WoodPart;
import roughcut.design.BodyDecisions;
import roughcut.design.Choice;
import roughcut.design.ChoiceDecision;
import roughcut.design.NumberDecision;
import roughcut.design.OperationId;
import roughcut.finding.Chapter;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurable;
import roughcut.record.Measurables;

/** Where the operations of one plan are written down, in a sound order of work. */
final class OperationListBuilder {
  final Plan plan;
  private final EffectiveInputs drawn;
  private final List<Operation> operations = new ArrayList<>();
  private final Set<String> optional = new HashSet<>();
  private final Map<String, List<OperationId>> bound = new LinkedHashMap<>();

  OperationListBuilder(Plan plan) {
    this.plan = plan;
    this.drawn = new EffectiveInputs(plan.build().asDesigned());
  }

  /** Ids of all numbers that were set where they are told; of a misspelt one none ever is. */
  Set<String> optional() {
    return Set.copyOf(optional);
  }

  /** So far. */
  List<Operation> operations() {
    return operations;
  }

  /**
   * All of them, once they are written.
   *
   * @throws IllegalStateException when one is bound behind another, or sets a number, that there
   *     isn't: an order with a hole in it would call a cut ready that isn't
   */
  List<Operation> complete() {
    Set<String> there = operations.stream().map(Operation::id).collect(Collectors.toSet());
    bound.forEach(
        (op, behind) ->
            behind.stream()
                .filter(b -> !there.contains(b.text()))
                .findFirst()
                .ifPresent(
                    b -> {
                      throw new IllegalStateException(op + " comes after " + b + ": there is none");
                    }));
    for (Operation op : operations) {
      for (String setting : op.settings()) {
        if (!there(setting)) {
          throw new IllegalStateException(op.id() + " sets " + setting + ": it isn't told");
        }
      }
    }
    return List.copyOf(operations);
  }

  void add(OperationDraft draft) {
    if (draft.dusty()) {
      draft.hazards(dust(draft.part()));
    }
    optional.addAll(draft.optional());
    draft.leaveOut(this::there);
    Operation done = draft.done();
    bound.put(done.id(), draft.bound());
    operations.add(done);
  }

  /** What is known of the dust of the woods that a part is made of. */
  private List<Text> dust(PartId part) {
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
                Text.of(
                    "Dust of {wood} is {what}: see its safety data sheet.",
                    s.name(),
                    s.dust().equals("irritant")
                        ? Text.of("an irritant")
                        : s.dust().equals("sensitiser")
                            ? Text.of("a sensitiser")
                            : Text.word(s.dust())))
        .toList();
  }

  OperationDraft neck(OperationId id, Chapter chapter, Text title, int minutes) {
    return Operation.of(id, PartId.NECK, chapter, title, minutes);
  }

  boolean has(OperationId operation) {
    return operations.stream().anyMatch(o -> o.id().equals(operation.text()));
  }

  /**
   * The last operation written so far of which that holds; for what stands on whatever was last.
   */
  Optional<OperationId> last(String prefix) {
    return operations.stream()
        .map(Operation::id)
        .filter(i -> i.startsWith(prefix))
        .reduce((a, b) -> b)
        .map(OperationId::new);
  }

  /** A decision as it was drawn, for what a reading is held against. */
  Value drawn(NumberDecision decision) {
    return drawn.get(decision);
  }

  /** A hold point of what can be measured in a decision's place. */
  HoldPoint measured(NumberDecision decision, double tolerance, Text how, Text reason) {
    return measured(decision, Optional.of(drawn(decision)), tolerance, how, reason);
  }

  /** The same where something else than the decision says what it should be. */
  HoldPoint measured(
      NumberDecision decision, Optional<Value> nominal, double tolerance, Text how, Text reason) {
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
  List<Text> woodTrouble(Predicate<WoodPart> parts) {
    List<Text> all = new ArrayList<>();
    plan.boards().wanting(parts).forEach(r -> all.add(r.message().text()));
    for (BoardLayout.Laid laid : plan.boards().laid()) {
      if (!laid.trouble().isEmpty() && parts.test(laid.part())) {
        all.add(Text.of("{part}: {problem}", laid.part().label(), laid.trouble()));
      }
    }
    return all;
  }

  /** Why the neck's strips can't be sawn as planned. */
  List<Text> stripTrouble() {
    List<Text> all = new ArrayList<>();
    for (RipPlan rip : plan.rips().plans()) {
      BlankReadiness.boardProblem(rip, plan.rips()).ifPresent(p -> all.add(p.text()));
      BlankReadiness.widthMissing(rip).ifPresent(p -> all.add(p.text()));
    }
    return all;
  }

  boolean there(SettingRef value) {
    return there(value.id());
  }

  private boolean there(String value) {
    return plan.value(value).isPresent();
  }
}
