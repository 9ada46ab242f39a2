package roughcut.neck;

import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import roughcut.design.ChannelMachine;
import roughcut.design.Givens;
import roughcut.design.NeckDecisions;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.measure.Worked;
import roughcut.shop.PassRule;

/**
 * What fence, rails and stops are set to for a channel, and its passes (handbook page 4, "stops for
 * the machine").
 *
 * @param fence reference edge of the blank to the cutter's edge
 * @param startStop the blank's head end to the channel's beginning
 * @param endStop the blank's heel end to the channel's end
 * @param nearRail rail to the channel's near wall, and end stop beyond the channel's end
 * @param farRail rail to the channel's far wall
 */
public record MachineStops(
    ChannelMachine machine,
    Worked fence,
    Worked startStop,
    Worked endStop,
    Worked nearRail,
    Worked farRail,
    Worked passes,
    Worked passDepth) {

  /**
   * Works them out for a channel.
   *
   * @param prefix of the values' ids: rod or stiffener
   * @param offset of the channel's middle from the centre line, to the reference edge's side
   * @param start its head end, from the nut line
   * @param end its heel end, from the nut line
   * @param headEnd the blank's head end to the nut line
   * @param heelEnd the blank's heel end, from the nut line
   */
  public static MachineStops of(
      Givens givens,
      String prefix,
      Value blankWidth,
      Value width,
      Value depth,
      double offset,
      double start,
      double end,
      double headEnd,
      double heelEnd,
      double density,
      Ledger ledger) {
    Given base = givens.get(NeckDecisions.JIG_BASE);
    Given cutter = givens.get(NeckDecisions.CHANNEL_CUTTER);
    Given aside =
        Given.decided(prefix + ".offset", "Channel's middle from the centre line", offset, LENGTH);
    double most = PassRule.deepest(cutter.value(), density);
    Given deepest =
        Given.decided(prefix + ".deepest-pass", "Deepest pass of this cutter", most, LENGTH);
    Worked passes =
        ledger.put(
            prefix + ".passes",
            "Passes",
            COUNT,
            PassRule.passes(depth.value(), most),
            "max(1, ceil(d / m − 0.000000001))",
            in("d", depth),
            in("m", deepest));
    return new MachineStops(
        (ChannelMachine) givens.get(NeckDecisions.CHANNEL_MACHINE),
        ledger.put(
            prefix + ".fence",
            "Fence to the cutter's edge",
            LENGTH,
            blankWidth.value() / 2 - offset - width.value() / 2,
            "W / 2 − y − w / 2",
            in("W", blankWidth),
            in("y", aside),
            in("w", width)),
        stop(
            ledger,
            prefix + ".start-stop",
            "Blank's head end to the channel's beginning",
            headEnd + start,
            "x_0 + x_s",
            in("x_0", Given.decided("blank.head-end", "Head end to nut line", headEnd, LENGTH)),
            in("x_s", Given.decided(prefix + ".start", "Channel begins", start, LENGTH))),
        stop(
            ledger,
            prefix + ".end-stop",
            "Blank's heel end to the channel's end",
            heelEnd - end,
            "x_1 − x_e",
            in("x_1", Given.decided("blank.heel-end", "Heel end of the blank", heelEnd, LENGTH)),
            in("x_e", Given.decided(prefix + ".end", "Channel ends", end, LENGTH))),
        stop(
            ledger,
            prefix + ".near-rail",
            "Rail to the channel's near wall, end stop beyond its end",
            base.value() - cutter.value() / 2,
            "b − D / 2",
            in("b", base),
            in("D", cutter)),
        stop(
            ledger,
            prefix + ".far-rail",
            "Rail to the channel's far wall",
            base.value() + cutter.value() / 2,
            "b + D / 2",
            in("b", base),
            in("D", cutter)),
        passes,
        ledger.put(
            prefix + ".pass-depth",
            "Each pass",
            FINE_LENGTH,
            depth.value() / passes.value(),
            "d / n",
            in("d", depth),
            in("n", passes)));
  }

  private static Worked stop(
      Ledger ledger,
      String id,
      String label,
      double value,
      String formula,
      Worked.Input... inputs) {
    return ledger.put(id, label, LENGTH, value, formula, inputs);
  }
}
