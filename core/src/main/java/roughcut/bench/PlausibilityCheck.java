package roughcut.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.design.NumberDecision;
import roughcut.measure.DecidedValue;
import roughcut.measure.InvalidInput;
import roughcut.measure.Precision;
import roughcut.measure.Range;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.record.Measurable;

/** Readings as they are typed: what can't be what was meant is asked about. */
public final class PlausibilityCheck {
  /**
   * How near a reading lies to 25.4 times what is drawn, or to a 25.4th, to be taken for a slip.
   */
  private static final double NEAR = 0.12;

  /** A reading off by less than so many tolerances is what wood comes out as. */
  private static final double WOOD = 5;

  /** Off by more than this share of what is drawn it is asked about, whatever it looks like. */
  private static final double FAR = 0.25;

  private PlausibilityCheck() {}

  /**
   * What a reading should be.
   *
   * @param nominal empty where nothing says
   * @param tolerance how far from that is still as drawn, in its unit
   * @param others what would be read from another place by mistake, by the words for that place
   */
  public record Expected(Optional<Value> nominal, double tolerance, Map<String, Double> others) {
    public Expected {
      others = Map.copyOf(others);
    }

    /** Nothing is expected of it. */
    public static final Expected NOTHING = new Expected(Optional.empty(), 0, Map.of());

    /** What is expected of a number of which only that is known. */
    public static Expected of(Value nominal, double tolerance) {
      return new Expected(Optional.of(nominal), tolerance, Map.of());
    }
  }

  /**
   * What a hold point of a part expects, and what its neighbours in the same place would read.
   *
   * @param board the fretboard's thickness, mm
   * @param fret a fret's height, mm
   */
  static Expected of(HoldPoint hold, double board, double fret) {
    Map<String, Double> others = new LinkedHashMap<>();
    if (hold.nominal().isPresent() && hold.nominal().get().quantity().isLength()) {
      double n = hold.nominal().get().value();
      others.put("with the fretboard included", n + board);
      others.put("without the fretboard", n - board);
      others.put("over the frets", n + fret);
      others.put("from the centre line only", n / 2);
      others.put("over both halves", n * 2);
    }
    return new Expected(hold.nominal(), hold.tolerance(), others);
  }

  /** What is expected of a reading in a decision's place; nothing where nothing was decided. */
  public static Expected expected(NumberDecision decision, double decided) {
    double tolerance = Measurable.of(decision).map(Measurable::tolerance).orElse(0.0);
    return tolerance == 0 || decided == 0 || decision.none(decided)
        ? Expected.NOTHING
        : Expected.of(new DecidedValue(decision.key(), decided), tolerance);
  }

  /**
   * Reads a typed reading: an inch taken for a millimetre, or the other way, is asked about before
   * anything else is said, unless its unit was typed with it. What is otherwise unlikely is asked
   * about once.
   *
   * @param asked what was asked about before, as it was typed; typed again it is taken
   * @return the value in the quantity's unit
   * @throws Unreadable in words for the maker
   */
  public static double read(Expected expected, Range range, String text, Units units, String asked)
      throws InvalidInput {
    double value = range.number(text, units);
    Optional<Text> slip =
        unitTyped(text) ? Optional.empty() : expected.nominal().flatMap(n -> slip(n, value));
    if (slip.isPresent()) {
      throw new InvalidInput(slip.get());
    }
    if (!range.allows(value)) {
      throw new InvalidInput(range.refusal(value));
    }
    if (!text.strip().equals(asked)) {
      Optional<Text> doubt = suspicion(expected, value, text, units);
      if (doubt.isPresent()) {
        throw new InvalidInput(doubt.get());
      }
    }
    return value;
  }

  private static boolean unitTyped(String text) {
    return text.matches("(?i).*(mm|cm|in|inch|\"|″)\\s*");
  }

  /**
   * What a reading was probably meant to be, in words; empty where it may be right.
   *
   * @param value as it was understood, in the nominal's unit
   */
  static Optional<Text> slip(Value nominal, double value) {
    if (!nominal.quantity().isLength() || nominal.value() <= 0 || value <= 0) {
      return Optional.empty();
    }
    double times = value / nominal.value();
    double meant =
        Math.abs(times * Units.INCH - 1) < NEAR
            ? value * Units.INCH
            : Math.abs(times / Units.INCH - 1) < NEAR ? value / Units.INCH : 0;
    return meant == 0
        ? Optional.empty()
        : Optional.of(
            Text.of(
                meant > value
                    ? "{read} is a 25th of the planned value: did you mean {meant}? Type it with "
                        + "its unit"
                    : "{read} is 25 times the planned value: did you mean {meant}? Type it with "
                        + "its unit",
                Text.shown(value, nominal.quantity()),
                Text.shown(meant, nominal.quantity())));
  }

  /**
   * Why a reading is unlikely, in words: ten times too much, a digit that slipped, two that changed
   * places, another datum, or just far off. Empty for what wood comes out as.
   *
   * @param text as it was typed
   */
  static Optional<Text> suspicion(Expected expected, double value, String text, Units units) {
    Value nominal = expected.nominal().orElse(null);
    if (nominal == null) {
      return Optional.empty();
    }
    double off = Math.abs(value - nominal.value());
    if (off <= WOOD * expected.tolerance() + Precision.SAME) {
      return Optional.empty();
    }
    Optional<Text> why =
        tenfold(nominal, value)
            .or(() -> digits(expected, text, units))
            .or(() -> datum(expected, value));
    boolean far = off > Math.max(FAR * Math.abs(nominal.value()), WOOD * expected.tolerance());
    if (why.isEmpty() && !far) {
      return Optional.empty();
    }
    Text is =
        Text.of(
            value > nominal.value()
                ? "{read} is {off} more than the planned {nominal}."
                : "{read} is {off} less than the planned {nominal}.",
            Text.shown(value, nominal.quantity()),
            Text.shown(off, nominal.quantity()),
            Text.shown(nominal));
    Text again = Text.of("Enter it again if it is right");
    return Optional.of(Text.joined(List.of(is, why.orElse(Text.NONE), again), " "));
  }

  private static Optional<Text> tenfold(Value nominal, double value) {
    for (double times : new double[] {10, 0.1}) {
      double meant = value * times;
      if (Math.abs(meant / nominal.value() - 1) < NEAR) {
        return Optional.of(likelyMeant(meant, nominal));
      }
    }
    return Optional.empty();
  }

  private static Text likelyMeant(double meant, Value nominal) {
    return Text.of("Did you mean {number}?", Text.shown(meant, nominal.quantity()));
  }

  /** One digit typed otherwise, or two neighbours the other way round, would be as drawn. */
  private static Optional<Text> digits(Expected expected, String text, Units units) {
    Value nominal = expected.nominal().orElseThrow();
    String number = text.strip().replace(',', '.');
    if (!number.matches("\\d+(\\.\\d+)?")) {
      return Optional.empty();
    }
    double unit = nominal.quantity().isLength() && !units.metric() ? Units.INCH : 1;
    return slipped(number).stream()
        .map(n -> Double.parseDouble(n) * unit)
        .filter(v -> Math.abs(v - nominal.value()) <= expected.tolerance() + Precision.SAME)
        .min(Comparator.comparingDouble(v -> Math.abs(v - nominal.value())))
        .map(v -> likelyMeant(v, nominal));
  }

  /** The number with one digit another, and with two neighbours the other way round. */
  private static List<String> slipped(String number) {
    List<String> all = new ArrayList<>();
    for (int i = 0; i < number.length(); i++) {
      if (!Character.isDigit(number.charAt(i))) {
        continue;
      }
      for (char c = '0'; c <= '9'; c++) {
        all.add(number.substring(0, i) + c + number.substring(i + 1));
      }
      int next = i + 1 < number.length() && number.charAt(i + 1) == '.' ? i + 2 : i + 1;
      if (next < number.length()) {
        char[] swapped = number.toCharArray();
        swapped[i] = number.charAt(next);
        swapped[next] = number.charAt(i);
        all.add(new String(swapped));
      }
    }
    return all;
  }

  private static Optional<Text> datum(Expected expected, double value) {
    return expected.others().entrySet().stream()
        .filter(e -> Math.abs(e.getValue() - value) <= expected.tolerance())
        .min(Map.Entry.comparingByKey())
        .map(e -> Text.of("Was it measured {how}?", e.getKey()));
  }
}
