package roughcut.design;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.memo.LayeredMap;
import roughcut.memo.QuestionListener;
import roughcut.memo.RecordingMap;
import roughcut.shop.StringSpec;

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
 * @param fittings what is fitted into the body
 * @param order what the maker does earlier or later than usual, in the order of deciding it
 * @param outlines those that were drawn, by the ids of what they are of; what has none is shaped
 *     here
 */
public record Design(
    Map<String, Double> numbers,
    Map<String, String> choices,
    List<StringSpec> strings,
    Stack neckStack,
    List<BlankStep> neckSteps,
    Stack bodyStack,
    Map<String, Placement> placements,
    List<SmallPart> smallParts,
    List<Fitting> fittings,
    List<OrderChange> order,
    Map<String, DrawnOutline> outlines) {
  public static final int MOST_STRINGS = 18;
  public static final int MOST_FITTINGS = 120;

  public Design {
    // In the order of their ids for files, and found by hash: they are asked for all the time.
    numbers = kept(numbers);
    choices = kept(choices);
    placements = Collections.unmodifiableMap(new TreeMap<>(placements));
    strings = List.copyOf(strings);
    neckSteps = List.copyOf(neckSteps);
    smallParts = List.copyOf(smallParts);
    fittings = List.copyOf(fittings);
    order = List.copyOf(order);
    outlines = kept(outlines);
    if (strings.isEmpty() || strings.size() > MOST_STRINGS) {
      throw new InvalidValue(
          Text.of(
              "an instrument has 1 to {most} strings, not {count}", MOST_STRINGS, strings.size()));
    }
    if (neckSteps.size() > BlankStep.MOST_STEPS) {
      throw new InvalidValue(
          Text.of("a blank takes at most {most} steps after gluing", BlankStep.MOST_STEPS));
    }
    if (fittings.size() > MOST_FITTINGS) {
      throw new InvalidValue(Text.of("a body takes at most {most} fittings", MOST_FITTINGS));
    }
    if (fittings.stream().map(Fitting::name).distinct().count() < fittings.size()) {
      throw new InvalidValue(Text.of("two fittings have the same name"));
    }
    if (smallParts.stream().map(SmallPart::name).distinct().count() < smallParts.size()) {
      throw new InvalidValue(Text.of("two small parts have the same name"));
    }
  }

  /** One that tells what it is asked for stays that one. */
  private static <V> Map<String, V> kept(Map<String, V> map) {
    return map instanceof RecordingMap || map instanceof LayeredMap
        ? map
        : Collections.unmodifiableMap(new LinkedHashMap<>(new TreeMap<>(map)));
  }

  /** The same that tells which numbers, choices and outlines it is asked for. */
  public Design asking(QuestionListener questions) {
    return with(
        c -> {
          c.numbers = new RecordingMap<>(numbers, questions);
          c.choices = new RecordingMap<>(choices, questions);
          c.outlines = new RecordingMap<>(outlines, questions);
        });
  }

  /** The same with what was read in some numbers' places. */
  public Design read(Map<String, Double> readings) {
    return withNumbers(new LayeredMap<>(readings, numbers));
  }

  /** A design of strings and a neck stack, with everything else as usual. */
  public static Design of(
      Map<String, Double> numbers,
      Map<String, String> choices,
      List<StringSpec> strings,
      Stack neckStack) {
    return new Design(
        numbers,
        choices,
        strings,
        neckStack,
        List.of(),
        USUAL_BODY,
        Map.of(),
        List.of(),
        List.of(),
        List.of(),
        Map.of());
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
    return with(c -> c.numbers = next);
  }

  public Design withChoices(Map<String, String> next) {
    return with(c -> c.choices = next);
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

  /** This design with a board of the rack under its new name, wherever it is chosen or laid on. */
  public Design withBoardRenamed(String from, String to) {
    Map<String, String> ways = new TreeMap<>(choices);
    ways.replaceAll((id, word) -> id.startsWith("board.") && word.equals(from) ? to : word);
    Map<String, Placement> laid = new TreeMap<>(placements);
    laid.replaceAll(
        (part, p) -> p.board().equals(from) ? new Placement(to, p.x(), p.y(), p.turned()) : p);
    return with(
        c -> {
          c.choices = ways;
          c.placements = laid;
        });
  }

  /** The saw of the shop that is used for something: rip, resaw, scarf; none until chosen. */
  public Optional<String> sawFor(String use) {
    return Optional.ofNullable(choices.get("saw." + use));
  }

  public Design withSaw(String use, String name) {
    return withChoice("saw." + use, name);
  }

  public Design withBoard(String part, String boardId) {
    return withChoice("board." + part, boardId);
  }

  /** This design with no board chosen for a part, so that any may do. */
  public Design withoutBoard(String part) {
    Map<String, String> next = new TreeMap<>(choices);
    next.remove("board." + part);
    return withChoices(next);
  }

  public Design withStrings(List<StringSpec> next) {
    return with(c -> c.strings = next);
  }

  public Design withNeckStack(Stack next) {
    return with(c -> c.neckStack = next);
  }

  /** The steps of that kind, in order. */
  public List<BlankStep> neckSteps(BlankStep.Kind kind) {
    return neckSteps.stream().filter(s -> s.kind() == kind).toList();
  }

  /** Whether the neck's strips lie otherwise after its steps than they were decided. */
  public boolean rearranged() {
    return neckSteps.stream()
        .anyMatch(
            s ->
                switch (s.kind()) {
                  case OPENED, TURNED -> true;
                  case CAPPED, WINGED, HEEL_BLOCK -> false;
                });
  }

  /** The fittings of that type, in the order in which they are listed. */
  public List<Fitting> fittings(FittingType type) {
    return fittings.stream().filter(f -> f.type() == type).toList();
  }

  /** The cavities that list a control; it hangs in the first, and in no chamber. */
  public List<Fitting> cavitiesOf(Fitting control) {
    return fittings(FittingType.CAVITY).stream()
        .filter(f -> f.with().contains(control.name()) && !f.listed().covered())
        .toList();
  }

  public Design withNeckSteps(List<BlankStep> next) {
    return with(c -> c.neckSteps = next);
  }

  public Design withBodyStack(Stack next) {
    return with(c -> c.bodyStack = next);
  }

  public Design withSmallParts(List<SmallPart> next) {
    return with(c -> c.smallParts = next);
  }

  /** This design with another order of work. */
  public Design withOrder(List<OrderChange> next) {
    return with(c -> c.order = next);
  }

  /** The fitting of that name. */
  public Optional<Fitting> fitting(String name) {
    return fittings.stream().filter(f -> f.name().equals(name)).findFirst();
  }

  public Design withFittings(List<Fitting> next) {
    return with(c -> c.fittings = next);
  }

  /** The outline of a part that was drawn; empty while it is shaped here. */
  public Optional<DrawnOutline> drawn(DrawnPart part) {
    return Optional.ofNullable(outlines.get(part.id()));
  }

  /** The body's outline that was drawn elsewhere. */
  public Optional<DrawnOutline> drawn() {
    return drawn(DrawnPart.BODY);
  }

  /** This design with a part's outline drawn, or with the one shaped here again. */
  public Design withDrawn(DrawnPart part, Optional<DrawnOutline> next) {
    Map<String, DrawnOutline> all = new TreeMap<>(outlines);
    all.remove(part.id());
    next.ifPresent(d -> all.put(part.id(), d));
    return with(c -> c.outlines = all);
  }

  /** This design with the body's outline drawn elsewhere, or with the one shaped here again. */
  public Design withDrawn(Optional<DrawnOutline> next) {
    return withDrawn(DrawnPart.BODY, next);
  }

  /** This design with a fitting of another kind, which brings its own listed sizes. */
  Design withFittingKind(String name, String kind) {
    Map<String, Double> left = new TreeMap<>(numbers);
    fitting(name)
        .ifPresent(
            f ->
                f.type().traits().stream()
                    .filter(FittingTraits.Trait::hardware)
                    .forEach(t -> left.remove(f.id(t.key()))));
    return withNumbers(left)
        .withFittings(
            fittings.stream().map(f -> f.name().equals(name) ? f.withKind(kind) : f).toList());
  }

  /** This design with one fitting more. */
  public Design addFitting(Fitting fitting) {
    List<Fitting> next = new java.util.ArrayList<>(fittings);
    next.add(fitting);
    return withFittings(next);
  }

  /** This design with another in a fitting's place, under the same name. */
  public Design changeFitting(Fitting next) {
    return withFittings(
        fittings.stream().map(f -> f.name().equals(next.name()) ? next : f).toList());
  }

  /** This design without a fitting and all that was decided about it; others let go of it. */
  public Design withoutFitting(String name) {
    Optional<Fitting> gone = fitting(name);
    if (gone.isEmpty()) {
      return this;
    }
    Map<String, Double> left = new TreeMap<>(numbers);
    left.keySet().removeIf(gone.get()::owns);
    Map<String, String> ways = new TreeMap<>(choices);
    ways.keySet().removeIf(gone.get()::owns);
    List<Fitting> next =
        fittings.stream()
            .filter(f -> !f.name().equals(name))
            .map(f -> f.withWith(f.with().stream().filter(w -> !w.equals(name)).toList()))
            .toList();
    Design without = withNumbers(left).withChoices(ways).withFittings(next);
    return DrawnPart.of(gone.get())
        .map(p -> without.withDrawn(p, Optional.empty()))
        .orElse(without);
  }

  /**
   * This design with a fitting as the maker calls it.
   *
   * @throws IllegalArgumentException in words, when it can't be called so, or another is
   */
  public Design withFittingCalled(String name, String label) {
    Optional<Fitting> called = fitting(name).map(f -> f.withLabel(label));
    for (Fitting other : fittings) {
      if (!other.name().equals(name)
          && called
              .filter(f -> f.words().toString().equalsIgnoreCase(other.words().toString()))
              .isPresent()) {
        throw new InvalidValue(Text.of("another is called “{name}” already", other.words()));
      }
    }
    return called.map(this::changeFitting).orElse(this);
  }

  /** What a cut is called, to begin a line with: one of a fitting by what the fitting is called. */
  public Text cutTitle(String cut) {
    for (Fitting fitting : fittings) {
      if (cut.equals(fitting.name())) {
        return fitting.title();
      }
      if (Fitting.cuts(fitting.name()).contains(cut)) {
        return Text.of(
            "{fitting}, {part}", fitting.title(), cut.substring(fitting.name().length() + 1));
      }
    }
    return Text.word(cut.replace('-', ' ')).capital();
  }

  /** A name for a new fitting that isn't taken: pickup-1, pickup-2 … */
  public String freeFittingName(String stem) {
    for (int i = 1; ; i++) {
      String name = stem + "-" + i;
      if (fitting(name).isEmpty()) {
        return name;
      }
    }
  }

  /** This design with a part laid by hand; null takes it back to where the program lays it. */
  public Design withPlacement(String part, Placement placement) {
    Map<String, Placement> next = new TreeMap<>(placements);
    if (placement == null) {
      next.remove(part);
    } else {
      next.put(part, placement);
    }
    return with(c -> c.placements = next);
  }

  private Design with(Consumer<Copy> change) {
    Copy copy = new Copy(this);
    change.accept(copy);
    return copy.design();
  }

  /** A design while one of its parts is exchanged. */
  private static final class Copy {
    private Map<String, Double> numbers;
    private Map<String, String> choices;
    private List<StringSpec> strings;
    private Stack neckStack;
    private List<BlankStep> neckSteps;
    private Stack bodyStack;
    private Map<String, Placement> placements;
    private List<SmallPart> smallParts;
    private List<Fitting> fittings;
    private List<OrderChange> order;
    private Map<String, DrawnOutline> outlines;

    Copy(Design of) {
      numbers = of.numbers;
      choices = of.choices;
      strings = of.strings;
      neckStack = of.neckStack;
      neckSteps = of.neckSteps;
      bodyStack = of.bodyStack;
      placements = of.placements;
      smallParts = of.smallParts;
      fittings = of.fittings;
      order = of.order;
      outlines = of.outlines;
    }

    Design design() {
      return new Design(
          numbers,
          choices,
          strings,
          neckStack,
          neckSteps,
          bodyStack,
          placements,
          smallParts,
          fittings,
          order,
          outlines);
    }
  }
}
