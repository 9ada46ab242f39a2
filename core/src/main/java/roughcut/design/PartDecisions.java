package roughcut.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.measure.Quantity;

/**
 * Decisions about the parts that a design has several of. Numbered from 1: strings from the treble
 * side, strips from the bass side.
 */
public final class PartDecisions {
  private static final Pattern GAUGE = Pattern.compile("string\\.(\\d{1,2})\\.gauge");
  private static final Pattern STRIP = Pattern.compile("neck\\.strip\\.(\\d{1,2})\\.thickness");

  private static final Pattern LEFT = Pattern.compile("rip\\.([a-z][a-z-]{0,30})\\.left");

  private PartDecisions() {}

  static Optional<Decision> find(Design design, String id) {
    Matcher gauge = GAUGE.matcher(id);
    if (gauge.matches()) {
      int number = Integer.parseInt(gauge.group(1));
      return number >= 1 && number <= design.strings().size()
          ? Optional.of(gauge(number))
          : Optional.empty();
    }
    Matcher strip = STRIP.matcher(id);
    if (strip.matches()) {
      int number = Integer.parseInt(strip.group(1));
      return number >= 1 && number <= design.neckStack().size()
          ? Optional.of(stripThickness(number))
          : Optional.empty();
    }
    Matcher left = LEFT.matcher(id);
    return left.matches() ? Optional.of(widthLeft(left.group(1))) : Optional.empty();
  }

  /** Every decision about a part of this design. */
  public static List<Decision> of(Design design) {
    List<Decision> all = new ArrayList<>();
    for (int i = 1; i <= design.strings().size(); i++) {
      all.add(gauge(i));
    }
    for (int i = 1; i <= design.neckStack().size(); i++) {
      all.add(stripThickness(i));
    }
    return all;
  }

  /**
   * Width of a species' board that is there to be ripped; 0 for the board's own. Measured when
   * ripping is taken up in the middle.
   */
  public static NumberDecision widthLeft(String species) {
    String id = "rip." + species + ".left";
    return new NumberDecision(
        id,
        "Width of " + species + " to rip from",
        "0 takes the board's own width; measure what is left when some strips are cut already.",
        Quantity.LENGTH,
        0,
        2000,
        1,
        true,
        design -> design.numbers().getOrDefault(id, 0.0),
        (design, mm) -> design.withNumber(id, mm));
  }

  /** Gauge of a string, counted from 1 at the treble side. */
  public static NumberDecision gauge(int number) {
    return new NumberDecision(
        "string." + number + ".gauge",
        "String " + number + " gauge",
        "Outer diameter.",
        Quantity.FINE_LENGTH,
        0.1,
        5,
        0.01,
        true,
        design -> design.strings().get(number - 1).gauge(),
        (design, gauge) -> {
          List<StringSpec> next = new ArrayList<>(design.strings());
          next.set(number - 1, new StringSpec(gauge, next.get(number - 1).wound()));
          return design.withStrings(next);
        });
  }

  /**
   * Finished thickness of a strip of the neck blank, counted from 1 at the bass side; its mirror
   * image follows.
   */
  public static NumberDecision stripThickness(int number) {
    return new NumberDecision(
        "neck.strip." + number + ".thickness",
        "Strip " + number + " thickness",
        "Finished, across the stack.",
        Quantity.LENGTH,
        Strip.LEAST,
        Strip.MOST,
        0.1,
        true,
        design -> design.neckStack().strips().get(number - 1).thickness(),
        (design, mm) ->
            design.withNeckStack(design.neckStack().change(number - 1, s -> s.withThickness(mm))));
  }
}
