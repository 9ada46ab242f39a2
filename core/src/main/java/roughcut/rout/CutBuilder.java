package roughcut.rout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import roughcut.finding.Finding;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.geometry.Point;
import roughcut.measure.Provenance;
import roughcut.measure.Value;
import roughcut.memo.IdentityList;

/**
 * The slab while cuts are worked out, each where it keeps clear of those before it: the one place
 * where they are gathered. Once all are there, {@link #done} tells them.
 */
final class CutBuilder extends BodyStock {
  private final List<Cut> cuts = new ArrayList<>();
  private final List<HardwareSolid> parts = new ArrayList<>();
  private final List<CutProblem> problems = new ArrayList<>();

  /** Controls over which all of the top is left. */
  final Set<String> levelTops = new LinkedHashSet<>();

  private final Map<String, Provenance> shaped = new LinkedHashMap<>();
  private Map<Integer, Cut> replaced = new LinkedHashMap<>();

  CutBuilder(BodyStock stock) {
    super(stock);
  }

  /**
   * What came of making something, so that it can come of it again.
   *
   * @param replaced cuts in the places of others, by their places
   * @param shaped what shapes them, by their names, in the order of making
   */
  private record Made<T>(
      T made,
      List<Cut> cuts,
      List<HardwareSolid> parts,
      List<CutProblem> problems,
      List<Value> values,
      List<String> levelTops,
      Map<Integer, Cut> replaced,
      Map<String, Provenance> shaped,
      Provenance asked) {}

  /**
   * Makes what one fitting asks for, or takes what came of it in the plan before; whatever is asked
   * for meanwhile shapes the cuts and parts that come of it.
   *
   * @param what its name among all that is made
   * @param from what it is made of besides the body and the maker's decisions
   * @param upstream what it hangs on besides: the neck, the strings
   */
  <T> T making(String what, List<?> from, Supplier<Provenance> upstream, Supplier<T> work) {
    List<Object> all = new ArrayList<>(from);
    all.add(surface);
    all.add(state);
    boolean[] fresh = new boolean[1];
    Made<T> made =
        memo.block(
            "making " + what,
            all,
            this::now,
            () -> {
              fresh[0] = true;
              return made(upstream, work);
            });
    if (!fresh[0]) {
      again(made);
    }
    return made.made;
  }

  private <T> Made<T> made(Supplier<Provenance> upstream, Supplier<T> work) {
    int cutsBefore = cuts.size();
    int partsBefore = parts.size();
    int troublesBefore = problems.size();
    int valuesBefore = registry.values().size();
    int levelBefore = levelTops.size();
    Map<String, Provenance> shapedBefore = new HashMap<>(shaped);
    Map<Integer, Cut> outer = replaced;
    replaced = new LinkedHashMap<>();
    var watched =
        inputs.tracked(
            () -> {
              inputs.note(upstream.get());
              return work.get();
            });
    cuts.stream()
        .map(Cut::name)
        .filter(n -> !shapedBefore.containsKey(n))
        .forEach(n -> shaped.putIfAbsent(n, watched.asked()));
    parts.stream()
        .map(HardwareSolid::id)
        .filter(n -> !shapedBefore.containsKey(CutBody.PART + n))
        .forEach(n -> shaped.putIfAbsent(CutBody.PART + n, watched.asked()));
    Map<String, Provenance> own = new LinkedHashMap<>();
    shaped.forEach(
        (name, provenance) -> {
          if (shapedBefore.get(name) != provenance) {
            own.put(name, provenance);
          }
        });
    Made<T> made =
        new Made<>(
            watched.made(),
            List.copyOf(cuts.subList(cutsBefore, cuts.size())),
            List.copyOf(parts.subList(partsBefore, parts.size())),
            List.copyOf(problems.subList(troublesBefore, problems.size())),
            registry.since(valuesBefore),
            levelTops.stream().skip(levelBefore).toList(),
            replaced,
            own,
            watched.asked());
    replaced = outer;
    return made;
  }

  private void again(Made<?> made) {
    cuts.addAll(made.cuts);
    parts.addAll(made.parts);
    problems.addAll(made.problems);
    made.values.forEach(registry::put);
    levelTops.addAll(made.levelTops);
    made.replaced.forEach(cuts::set);
    shaped.putAll(made.shaped);
    inputs.note(made.asked);
  }

  /** What there is now of what something that is made has looked at. */
  Object now(Object question) {
    return ((Question) question).now(this);
  }

  /** What something that is made may look at besides cuts and numbers by their names. */
  private enum Look implements Question {
    CUTS,
    SHAPES;

    @Override
    public Object now(CutBuilder cutting) {
      return switch (this) {
        case CUTS -> new IdentityList(cutting.cuts);
        case SHAPES -> List.copyOf(cutting.shaped.values());
      };
    }
  }

  /** Asks for the cut of a name. */
  private record Named(String cut) implements Question {
    @Override
    public Object now(CutBuilder cutting) {
      return cutting.there(cut);
    }
  }

  /** Tells what is looked at. */
  private void look(Question question) {
    memo.used(question, question.now(this));
  }

  /** The same where nothing comes of it but cuts and parts. */
  void making(String what, List<?> from, Supplier<Provenance> upstream, Runnable work) {
    making(
        what,
        from,
        upstream,
        () -> {
          work.run();
          return true;
        });
  }

  /**
   * Adds a cut as it is drawn.
   *
   * @return the cut as it really is: where it was cut, or read to be
   */
  Cut add(Cut cut) {
    Cut real = memo.same("cut " + cut.name(), CutLocations.real(this, cut), Cut::alike);
    cuts.add(real);
    return real;
  }

  void add(HardwareSolid part) {
    parts.add(memo.same("part " + part.id(), part));
  }

  /** Puts a cut in another's place. */
  void replace(Cut before, Cut now) {
    int place = cuts.indexOf(before);
    Cut kept = memo.same("covered " + now.name(), now, Cut::alike);
    cuts.set(place, kept);
    replaced.put(place, kept);
    shaped.put(now.name(), provenance(before).and(trackedSoFar()));
  }

  void addProblem(String decisionId, Message message, Point at) {
    addProblem(Topic.ROUTS, decisionId, message, at);
  }

  void addProblem(Topic topic, String decisionId, Message message, Point at) {
    problems.add(
        new CutProblem(new Finding(Finding.Severity.IMPOSSIBLE, topic, decisionId, message), at));
  }

  /** Something that can be had and wants a look. */
  void look(String decisionId, Message message, Point at) {
    problems.add(
        new CutProblem(new Finding(Finding.Severity.LOOK, Topic.ROUTS, decisionId, message), at));
  }

  /** What shapes a cut. */
  Provenance provenance(Cut cut) {
    look(new Named(cut.name()));
    return shape(cut);
  }

  private Provenance shape(Cut cut) {
    return shaped.getOrDefault(cut.name(), Provenance.NONE);
  }

  /** What shapes all cuts so far, and the body that they are in. */
  Provenance everything() {
    look(Look.SHAPES);
    return Provenance.all(shaped.values()).and(surface.provenance());
  }

  /** The cut of that name; what is being made hangs on it from now on. */
  Optional<Cut> cut(String name) {
    Optional<Cut> cut = find(name);
    look(new Named(name));
    cut.ifPresent(c -> inputs.note(shape(c)));
    return cut;
  }

  /** A cut as others see it: itself, and what shapes it. */
  private record There(Optional<Cut> cut, Optional<Provenance> shape) {}

  private There there(String name) {
    Optional<Cut> cut = find(name);
    return new There(cut, cut.map(this::shape));
  }

  private Optional<Cut> find(String name) {
    return cuts.stream().filter(c -> c.name().equals(name)).findFirst();
  }

  /** The cuts so far. */
  List<Cut> cuts() {
    look(Look.CUTS);
    return List.copyOf(cuts);
  }

  /** The slab with all that is cut so far. */
  CutBody done() {
    return new CutBody(this, cuts, parts, problems, shaped);
  }
}
