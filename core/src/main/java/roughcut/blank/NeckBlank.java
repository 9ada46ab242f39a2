package roughcut.blank;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.design.PartDecisions;
import roughcut.design.Strip;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;

/**
 * The laminated neck blank: strips side by side with the centre line in the middle of the stack,
 * and where the tapering outline cuts through a glue line so that the outer strip is gone between
 * there and the nut (handbook page 3).
 *
 * @param width sum of the finished thicknesses
 * @param strips from the bass side to the treble side, each with the offsets of its two faces
 * @param crossings glue lines that the outline crosses, from the bass side
 */
public record NeckBlank(Worked width, List<Placed> strips, List<Crossing> crossings) {
  /**
   * A strip in its place: faces at offsets {@code from} &lt; {@code to} from the centre line,
   * treble positive.
   */
  public record Placed(Strip strip, double from, double to) {}

  /**
   * A glue line cut through by the outline.
   *
   * @param line counted from 1 at the bass side
   * @param offset of the glue line from the centre line, treble positive
   * @param x where half the neck's width equals the glue line's distance from the centre
   */
  public record Crossing(int line, double offset, Worked x) {}

  public NeckBlank {
    strips = List.copyOf(strips);
    crossings = List.copyOf(crossings);
  }

  public static NeckBlank of(Givens givens, FretboardTaper taper, Ledger ledger) {
    List<Strip> stack = givens.design().neckStack().strips();
    List<Worked.Input> inputs = new ArrayList<>();
    StringBuilder sum = new StringBuilder();
    double total = 0;
    for (int i = 1; i <= stack.size(); i++) {
      Given thickness = givens.get(PartDecisions.stripThickness(i));
      inputs.add(in("t_" + i, thickness));
      sum.append(i == 1 ? "t_" : " + t_").append(i);
      total += thickness.value();
    }
    Worked width =
        ledger.put(
            "blank.width",
            "Width of the neck blank",
            LENGTH,
            total,
            sum.toString(),
            inputs.toArray(Worked.Input[]::new));

    List<Placed> placed = new ArrayList<>();
    double from = -total / 2;
    for (int i = 0; i < stack.size(); i++) {
      double to = from + inputs.get(i).value().value();
      placed.add(new Placed(stack.get(i), from, to));
      from = to;
    }
    List<Crossing> crossings = new ArrayList<>();
    double heelEnd = givens.get(Decisions.HEEL_END).value();
    for (int line = 1; line < placed.size(); line++) {
      Worked distance = glueLine(line, placed.get(line).from(), width, inputs, ledger);
      crossing(line, placed.get(line).from(), distance, taper, heelEnd, ledger, crossings);
    }
    return new NeckBlank(width, placed, crossings);
  }

  private static Worked glueLine(
      int line, double offset, Worked width, List<Worked.Input> strips, Ledger ledger) {
    List<Worked.Input> inputs = new ArrayList<>(strips.subList(0, line));
    inputs.add(in("W", width));
    String sum =
        strips.subList(0, line).stream()
            .map(Worked.Input::symbol)
            .collect(Collectors.joining(" + "));
    return ledger.put(
        "blank.glue-line." + line + ".offset",
        "Glue line " + line + " from the centre line",
        LENGTH,
        Math.abs(offset),
        "abs(" + sum + " − W / 2)",
        inputs.toArray(Worked.Input[]::new));
  }

  private static void crossing(
      int line,
      double offset,
      Worked distance,
      FretboardTaper taper,
      double heelEnd,
      Ledger ledger,
      List<Crossing> crossings) {
    double b = distance.value();
    double atNut = taper.halfWidth(0);
    double atSecond = taper.secondWidth().value() / 2;
    double x = (b - atNut) / (atSecond - atNut) * taper.secondAt().value();
    if (atSecond == atNut || !(x > 0) || x >= heelEnd) {
      return;
    }
    Worked where =
        ledger.put(
            "blank.crossing." + line + ".x",
            "Outline crosses glue line " + line + ", from the nut line",
            LENGTH,
            x,
            "(b − w_nut / 2) / (w_2 / 2 − w_nut / 2) · x_2",
            in("b", distance),
            in("w_nut", taper.nutWidth()),
            in("w_2", taper.secondWidth()),
            in("x_2", taper.secondAt()));
    crossings.add(new Crossing(line, offset, where));
  }

  public double halfWidth() {
    return width.value() / 2;
  }
}
