package roughcut.record;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import roughcut.design.BodyDecisions;
import roughcut.design.Choice;
import roughcut.design.ChoiceDecision;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.NumberDecision;
import roughcut.design.OperationId;
import roughcut.design.PartDecisions;
import roughcut.design.Strip;
import roughcut.measure.DecidedValue;
import roughcut.measure.MeasuredValue;
import roughcut.measure.Provenance;
import roughcut.measure.Quantity;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;

/**
 * What computation starts from: each decision, with the measured value in its place where the wood
 * was measured. This is the one place where that happens; nothing further down knows the
 * difference, but every number can tell.
 */
public final class EffectiveInputs {
  private static final String TOPPED = OperationId.TOP_GLUE.text();
  private static final Text FOLLOWS = Text.of("found from what it follows, until you decide it");

  private final Build build;
  private final Map<String, Reading> readings;
  private final Map<String, Value> following;
  private Set<String> done;
  private Design real;
  private Asked asked;

  public EffectiveInputs(Build build) {
    this(build, Map.of());
  }

  private EffectiveInputs(Build build, Map<String, Value> following) {
    this.build = build;
    this.readings = build.measured();
    this.following = Map.copyOf(following);
  }

  /**
   * The same with values that follow from what was worked out already standing in some decisions'
   * places, by id: a through-neck's core ends where its body does, whatever was decided before.
   */
  public EffectiveInputs following(Map<String, Value> values) {
    return new EffectiveInputs(build, values);
  }

  /** Whether the maker decided or measured it, so that it follows from nothing else. */
  public boolean own(NumberDecision decision) {
    return !decision.undecided(build.design()) || readings.containsKey(decision.id());
  }

  /** Something made, and the values that were asked for while it was made. */
  public record Watched<T>(T made, Provenance asked) {}

  /**
   * What was asked for while something is made. Each once, however often a search asks: by its name
   * a value, by itself what shapes another thing.
   */
  private static final class Asked {
    private final Map<String, Value> values = new LinkedHashMap<>();
    private final List<Provenance> others = new ArrayList<>();
    private final Set<Provenance> met = Collections.newSetFromMap(new IdentityHashMap<>());

    Provenance provenance() {
      return Provenance.all(others).with(values.values().toArray(Value[]::new));
    }

    /** In the order of asking, so that the same plan tells the same twice. */
    void add(Provenance provenance) {
      if (met.add(provenance)) {
        others.add(provenance);
      }
    }

    void more(Asked inner) {
      inner.values.forEach(values::putIfAbsent);
      inner.others.forEach(this::add);
    }
  }

  /**
   * Makes something and tells what was asked for meanwhile, so that what is found by searching
   * along it can name all that shapes it, without anyone having to list it.
   */
  public <T> Watched<T> tracked(Supplier<T> making) {
    Asked outer = asked;
    Asked own = new Asked();
    asked = own;
    try {
      T made = making.get();
      return new Watched<>(made, own.provenance());
    } finally {
      asked = outer;
      if (outer != null) {
        outer.more(own);
      }
    }
  }

  /** Looks something up for which nothing that is being made hangs on it. */
  public <T> T untracked(Supplier<T> looking) {
    Asked outer = asked;
    asked = null;
    try {
      return looking.get();
    } finally {
      asked = outer;
    }
  }

  private Value record(Value value) {
    note(value);
    return value;
  }

  /** Says that what is being made hangs on a value. */
  public void note(Value value) {
    if (asked != null) {
      asked.values.putIfAbsent(value.id(), value);
    }
  }

  /** Says that what is being made hangs on all that shapes something else. */
  public void note(Provenance more) {
    if (asked != null) {
      asked.add(more);
    }
  }

  /** What was asked for so far while something is made. */
  public Provenance trackedSoFar() {
    return asked == null ? Provenance.NONE : asked.provenance();
  }

  public Design design() {
    return build.design();
  }

  /**
   * A number by its id alone.
   *
   * @param usual what it is while the design doesn't say
   */
  public Value get(String id, Text label, Quantity quantity, double usual) {
    double nominal = build.design().numbers().getOrDefault(id, usual);
    return record(real(new DecidedValue(new ValueKey(id, label, quantity), nominal)));
  }

  public Value get(NumberDecision decision) {
    Value stands = following.get(decision.id());
    if (stands != null) {
      decision.undecided(build.design()); // asked for by its own name, whatever stands there
      return record(stands);
    }
    ValueKey key = decision.key();
    if (!decision.follows() || !decision.undecided(build.design())) {
      return record(real(new DecidedValue(key, decision.in(build.design()))));
    }
    // What follows from others follows from them as they really are.
    List<Value> others = new ArrayList<>();
    for (String id : decision.followed()) {
      others.add(get((NumberDecision) Decisions.find(build.design(), id).orElseThrow()));
    }
    return record(
        real(new SearchedValue(key, decision.in(real()), FOLLOWS, Provenance.of(others))));
  }

  /**
   * A number as it was decided, whatever was read since: what something was to become, for whatever
   * asks how it came out.
   */
  public Value decided(NumberDecision decision) {
    Value value = untracked(() -> get(decision));
    return record(value.reading().map(MeasuredValue::instead).orElse(value));
  }

  /**
   * What was read of something that nobody decides; empty while nothing was.
   *
   * @param nominal what it stands for
   */
  public Optional<Value> read(Measurable measurable, Value nominal) {
    Reading reading = readings.get(measurable.id());
    ValueKey key = measurable.key();
    return reading == null
        ? Optional.empty()
        : Optional.of(record(new MeasuredValue(nominal.as(key), reading.value(), reading.on())));
  }

  /** Whether something that nobody decides was read; asked before it is worked out what for. */
  public boolean wasRead(Measurable measurable) {
    return readings.containsKey(measurable.id());
  }

  /** What was read in the place of what was decided, where something was. */
  private Value real(Value decided) {
    Reading measured = readings.get(decided.id());
    if (measured != null) {
      return new MeasuredValue(decided, measured.value(), measured.on());
    }
    List<String> limits = Measurables.limits(decided.id());
    return limits.isEmpty() ? decided : limited(decided, limits);
  }

  /** What a part on its way measures less already is what there is. */
  private Value limited(Value decided, List<String> limits) {
    return limits.stream()
        .map(readings::get)
        .filter(r -> r != null && r.value() > 0 && r.value() < decided.value())
        .filter(this::countsForThickness)
        .min(Comparator.comparingDouble(Reading::value))
        .<Value>map(r -> new MeasuredValue(decided, r.value(), r.on()))
        .orElseGet(() -> atMost(decided, limits));
  }

  /** A body that was read before its top was on says nothing of how thick it becomes. */
  private boolean countsForThickness(Reading reading) {
    return !reading.of().equals(Measurables.BODY_THICKNESS.id())
        || BodyDecisions.BODY_TOP.in(build.design()) == 0
        || build.log().when(TOPPED).filter(t -> !reading.at().isBefore(t)).isPresent();
  }

  /** The same of what was typed as decided, as files of old have it. */
  private Value atMost(Value decided, List<String> limits) {
    return limits.stream()
        .flatMap(id -> Decisions.find(build.design(), id).flatMap(Decision::number).stream())
        .map(limit -> untracked(() -> get(limit)))
        .filter(v -> !v.measured() && v.value() > 0 && v.value() < decided.value())
        .min(Comparator.comparingDouble(Value::value))
        .<Value>map(
            v ->
                new SearchedValue(
                    decided.key(),
                    v.value(),
                    Text.of("found no thicker than its part as sawn"),
                    Provenance.of(decided, v)))
        .orElse(decided);
  }

  /** The design with what was measured in its place. */
  private Design real() {
    if (real == null) {
      Map<String, Double> read = new HashMap<>();
      readings.forEach((id, reading) -> read.put(id, reading.value()));
      real = readings.isEmpty() ? build.design() : build.design().read(read);
    }
    return real;
  }

  /** Made when first asked for: most look one number up and are let go. */
  private Set<String> done() {
    if (done == null) {
      done = build.log().done().stream().map(DoneOperation::operation).collect(Collectors.toSet());
    }
    return done;
  }

  /** Whether an operation was done. */
  public boolean done(OperationId operation) {
    return done().contains(operation.text());
  }

  /** What machine and ruler were set to when an operation was done last; empty while it wasn't. */
  public Optional<Map<String, Double>> cutAt(String operation) {
    return done().contains(operation)
        ? build.log().done(operation).map(DoneOperation::cutAt)
        : Optional.empty();
  }

  /** Whether any operation was done whose id begins so. */
  public boolean anyDone(String prefix) {
    return done().stream().anyMatch(o -> o.startsWith(prefix));
  }

  /** The neck's strips from the bass side, as thick as they really are. */
  public List<Strip> neckStrips() {
    List<Strip> strips = new ArrayList<>();
    List<Strip> decided = build.design().neckStack().strips();
    for (int i = 1; i <= decided.size(); i++) {
      Strip strip = decided.get(i - 1);
      double thick = get(PartDecisions.stripThickness(i)).value();
      strips.add(
          strip.tapered() || strip.bow() > 0
              ? new Strip(
                  strip.species(),
                  thick,
                  strip.tapered() ? get(PartDecisions.stripHeelThickness(i)).value() : thick,
                  get(PartDecisions.stripBow(i)).value(),
                  strip.grain())
              : strip.withThickness(thick));
    }
    return strips;
  }

  /** The strips of a laminated body back from the bass side, as wide as they really are. */
  public List<Strip> bodyStrips() {
    List<Strip> strips = new ArrayList<>();
    List<Strip> decided = build.design().bodyStack().strips();
    for (int i = 1; i <= decided.size(); i++) {
      strips.add(
          decided.get(i - 1).withThickness(get(PartDecisions.bodyStripThickness(i)).value()));
    }
    return strips;
  }

  public <C extends Choice> C get(ChoiceDecision<C> decision) {
    return decision.in(build.design());
  }
}
