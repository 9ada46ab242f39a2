package roughcut.start;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import roughcut.design.Choice;
import roughcut.design.ChoiceDecision;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.ShelfGroup;
import roughcut.measure.InvalidInput;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.shop.ShelfItem;
import roughcut.shop.StringSet;

/**
 * From the shelf into a build and back: hardware that was measured once is measured in every build
 * that it is taken into, on the day when it was.
 */
public final class ShelfTransfer {
  private ShelfTransfer() {}

  /** A build with that set of strings. */
  public static Build take(Build build, StringSet set) {
    return build.withDesign(build.design().withStrings(set.strings()));
  }

  /** The strings of a build as a set under a name. */
  public static StringSet keep(Build build, String name) {
    return new StringSet(name.strip(), build.design().strings());
  }

  /**
   * A build with a rod, tuners or a bridge from the shelf.
   *
   * @throws IllegalArgumentException when the piece is of no such group
   */
  public static Build take(Build build, ShelfItem item) {
    ShelfGroup group =
        ShelfGroup.find(item.group())
            .orElseThrow(
                () -> new InvalidValue(Text.of("{name} is fitted into the body", item.name())));
    return take(build, item, group, "");
  }

  /** A build in which a fitting is that piece. */
  public static Build take(Build build, ShelfItem item, Fitting fitting) {
    Design design = chosen(build.design(), FittingDecisions.kind(fitting), item.kind());
    return take(build.withDesign(design), item, ShelfGroup.of(design, fitting), fitting.id(""));
  }

  private static Build take(Build build, ShelfItem item, ShelfGroup group, String before) {
    Build next = build;
    for (ChoiceDecision<?> choice : group.choices()) {
      String word = item.choices().getOrDefault(choice.id(), "");
      next = next.withDesign(chosen(next.design(), choice, word));
    }
    for (NumberDecision size : group.sizes()) {
      String key = size.id().substring(before.length());
      Double listed = item.listed().get(key);
      if (listed != null && size.allows(listed)) {
        next = next.withDesign(size.with(next.design(), listed));
      }
      // What was measured of the one before isn't true of this one.
      next = next.withoutMeasured(size.id());
      Double measured = item.measured().get(key);
      if (measured != null && size.allows(measured)) {
        next = next.withReading(Reading.of(size.id(), measured, item.on()));
      }
    }
    return next;
  }

  /**
   * What a build uses a piece as, in words: the fitting that is of its kind, or the group's own,
   * with every size measured as the piece's was. Empty where it isn't used, or where nothing was
   * measured of it to know it again by.
   */
  public static Optional<Text> use(Build build, ShelfItem item) {
    if (item.measured().isEmpty()) {
      return Optional.empty();
    }
    if (ShelfGroup.find(item.group()).isPresent()) {
      return Optional.of(ShelfGroup.called(item.group())).filter(w -> is(build, item, ""));
    }
    return build.design().fittings().stream()
        .filter(f -> f.type().word().equals(item.group()) && f.kind().equals(item.kind()))
        .filter(f -> is(build, item, f.id("")))
        .map(Fitting::words)
        .findFirst();
  }

  private static boolean is(Build build, ShelfItem item, String before) {
    Map<String, Reading> read = build.measured();
    return item.measured().entrySet().stream()
        .allMatch(
            size ->
                read.containsKey(before + size.getKey())
                    && read.get(before + size.getKey()).value() == size.getValue());
  }

  /** A rod, tuners or a bridge as a build has them, to be put on the shelf under a name. */
  public static ShelfItem keep(Build build, ShelfGroup group, String name, LocalDate today) {
    return keep(build, group, "", "", name, today);
  }

  /** What a fitting of a build is, to be put on the shelf under a name. */
  public static ShelfItem keep(Build build, Fitting fitting, String name, LocalDate today) {
    String kind = build.design().fitting(fitting.name()).orElse(fitting).kind();
    return keep(build, ShelfGroup.of(build.design(), fitting), fitting.id(""), kind, name, today);
  }

  private static ShelfItem keep(
      Build build, ShelfGroup group, String before, String kind, String name, LocalDate today) {
    Map<String, String> choices = new LinkedHashMap<>();
    group.choices().forEach(c -> choices.put(c.id(), word(c, build.design())));
    Map<String, Double> listed = new LinkedHashMap<>();
    Map<String, Double> measured = new LinkedHashMap<>();
    LocalDate on = LocalDate.MIN;
    for (NumberDecision size : group.sizes()) {
      String key = size.id().substring(before.length());
      listed.put(key, size.in(build.design()));
      Optional<Reading> reading = Optional.ofNullable(build.measured().get(size.id()));
      if (reading.isPresent()) {
        measured.put(key, reading.get().value());
        on = reading.get().on().isAfter(on) ? reading.get().on() : on;
      }
    }
    return new ShelfItem(
        name.strip(), group.id(), kind, choices, listed, measured, measured.isEmpty() ? today : on);
  }

  /** A design with a way chosen by its word; as it is where there is no such way any more. */
  private static Design chosen(Design design, ChoiceDecision<?> choice, String word) {
    try {
      return word.isEmpty() ? design : choice.typed(design, word, Units.MM);
    } catch (InvalidInput e) {
      return design;
    }
  }

  private static <C extends Choice> String word(ChoiceDecision<C> choice, Design design) {
    return choice.in(design).word();
  }
}
