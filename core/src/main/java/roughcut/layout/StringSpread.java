package roughcut.layout;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.PartDecisions;
import roughcut.measure.Basis;
import roughcut.measure.Known;
import roughcut.measure.Ledger;
import roughcut.measure.Quantity;
import roughcut.measure.Value;
import roughcut.measure.Worked;
import roughcut.record.Givens;

/**
 * Where the strings run: offsets from the centre line at the nut and at the saddle line, straight
 * in between (handbook page 2). String 1 is the first at the treble side; offsets are positive
 * towards the treble side.
 *
 * @param spread between the outer strings' centres at the nut
 * @param gap between neighbouring strings at the nut: edge to edge or centre to centre, as chosen;
 *     null for a single string
 * @param atNut offset of each string at the nut line
 * @param atSaddle offset of each string at the saddle line, equally spaced
 */
public record StringSpread(
    Value spread, Value gap, List<Value> atNut, List<Value> atSaddle, FretLayout frets) {
  public StringSpread {
    atNut = List.copyOf(atNut);
    atSaddle = List.copyOf(atSaddle);
  }

  private double scale() {
    return frets.scale().value();
  }

  private Fan fan() {
    return frets.fan();
  }

  /** What places one string anywhere along its way. */
  public Basis basis(int string) {
    return frets.basis().with(atNut.get(string - 1), atSaddle.get(string - 1));
  }

  /** What places the outer strings. */
  public Basis outer() {
    return basis(1).and(basis(count()));
  }

  /** What gives a string its own scale and its place along the fan. */
  public Basis lengthwise(int string) {
    return fan().fanned() ? basis(string) : frets.basis();
  }

  public static StringSpread of(Givens givens, FretLayout frets, Ledger ledger) {
    Value width = givens.get(Decisions.NUT_WIDTH);
    Value margin = givens.get(Decisions.NUT_EDGE_MARGIN);
    int count = givens.design().strings().size();
    Value spread =
        ledger.put(LayoutKeys.NUT_SPREAD, "w_nut − 2 · m", in("w_nut", width), in("m", margin));
    Value bridge = givens.get(Decisions.BRIDGE_SPREAD);
    List<Value> atSaddle =
        equalCentres("saddle.string.", " at the saddle line", bridge, count, ledger);
    if (count == 1) {
      return new StringSpread(
          spread,
          null,
          equalCentres("nut.string.", " at the nut", spread, 1, ledger),
          atSaddle,
          frets);
    }
    boolean gaps =
        switch (givens.get(Decisions.NUT_SPACING)) {
          case EQUAL_GAPS -> true;
          case EQUAL_CENTRES -> false;
        };
    Value gap = gaps ? edgeGap(givens, spread, count, ledger) : centreGap(spread, count, ledger);
    List<Value> atNut =
        gaps
            ? equalGaps(givens, spread, gap, count, ledger)
            : equalCentres("nut.string.", " at the nut", spread, count, ledger);
    return new StringSpread(spread, gap, atNut, atSaddle, frets);
  }

  private static Value gauge(Givens givens, int number) {
    return givens.get(PartDecisions.gauge(number));
  }

  private static Value edgeGap(Givens givens, Value spread, int count, Ledger ledger) {
    List<Worked.Input> inputs = new ArrayList<>();
    inputs.add(in("S", spread));
    Value strings = Known.of(LayoutKeys.STRINGS_COUNT, count, "counted");
    inputs.add(in("n", strings));
    StringBuilder sum = new StringBuilder();
    for (int i = 1; i <= count; i++) {
      Value gauge = gauge(givens, i);
      boolean outer = i == 1 || i == count;
      sum.append(" − g_").append(i).append(outer ? " / 2" : "");
      inputs.add(in("g_" + i, gauge));
    }
    return ledger.put(
        LayoutKeys.NUT_GAP, "(S" + sum + ") / (n − 1)", inputs.toArray(Worked.Input[]::new));
  }

  private static Value centreGap(Value spread, int count, Ledger ledger) {
    return ledger.put(
        LayoutKeys.NUT_GAP.called("Between neighbouring strings' centres at the nut"),
        "S / (n − 1)",
        in("S", spread),
        in("n", Known.of(LayoutKeys.STRINGS_COUNT, count, "counted")));
  }

  private static List<Value> equalGaps(
      Givens givens, Value spread, Value gap, int count, Ledger ledger) {
    List<Value> offsets = new ArrayList<>(count);
    offsets.add(put(ledger, "nut.string.", 1, " at the nut", "S / 2", in("S", spread)));
    for (int i = 2; i <= count; i++) {
      Value before = offsets.get(i - 2);
      Value gBefore = gauge(givens, i - 1);
      Value g = gauge(givens, i);
      offsets.add(
          put(
              ledger,
              "nut.string.",
              i,
              " at the nut",
              "y_before − g_before / 2 − gap − g / 2",
              in("y_before", before),
              in("g_before", gBefore),
              in("gap", gap),
              in("g", g)));
    }
    return offsets;
  }

  private static List<Value> equalCentres(
      String prefix, String where, Value spread, int count, Ledger ledger) {
    List<Value> offsets = new ArrayList<>(count);
    Value strings = Known.of(LayoutKeys.STRINGS_COUNT, count, "counted");
    for (int i = 1; i <= count; i++) {
      Value number = Known.of("string." + i, "String", i, Quantity.COUNT, "counted");
      offsets.add(
          count == 1
              ? put(ledger, prefix, 1, where, "0")
              : put(
                  ledger,
                  prefix,
                  i,
                  where,
                  "S / 2 − (i − 1) · S / (n − 1)",
                  in("S", spread),
                  in("i", number),
                  in("n", strings)));
    }
    return offsets;
  }

  private static Value put(
      Ledger ledger,
      String prefix,
      int number,
      String where,
      String formula,
      Worked.Input... inputs) {
    return ledger.put(
        prefix + number + ".offset",
        "String " + number + " from the centre line" + where,
        FINE_LENGTH,
        formula,
        inputs);
  }

  /** Offset of string {@code number} (1 first) from the centre line at x. */
  public double offset(int number, double x) {
    double nut = atNut.get(number - 1).value();
    double saddle = atSaddle.get(number - 1).value();
    double from = nutX(number);
    return nut + (saddle - nut) * (x - from) / (saddleX(number) - from);
  }

  /** Where a string leaves the nut, from the nut line. */
  public double nutX(int number) {
    return fan().slant(0) * atNut.get(number - 1).value();
  }

  /** Where a string would stand on its saddle before compensation, from the nut line. */
  public double saddleX(int number) {
    return scale() + fan().slant(1) * atSaddle.get(number - 1).value();
  }

  /** A string's own scale, nut to saddle along the neck. */
  public double scale(int number) {
    return saddleX(number) - nutX(number);
  }

  public int count() {
    return atNut.size();
  }
}
