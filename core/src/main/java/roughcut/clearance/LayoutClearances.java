package roughcut.clearance;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.List;
import roughcut.design.Decisions;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.shop.Shop;

/** What remains beside the outer strings. */
public final class LayoutClearances {

  private LayoutClearances() {}

  public static List<Clearance> of(
      Shop shop,
      FretLayout frets,
      StringSpread strings,
      FretboardTaper taper,
      ValueRegistry registry) {
    ClearanceCollector clearances = new ClearanceCollector(shop);
    strings(clearances, frets, registry, strings, taper);
    return clearances.list();
  }

  private static void strings(
      ClearanceCollector clearances,
      FretLayout frets,
      ValueRegistry registry,
      StringSpread strings,
      FretboardTaper taper) {
    FretLayout.Fret last = frets.last();
    Value width = taper.fretWidths().get(last.number() - 1);
    Value worst = null;
    for (int number = 1; number <= strings.count(); number += Math.max(1, strings.count() - 1)) {
      Value nut = strings.atNut().get(number - 1);
      Value saddle = strings.atSaddle().get(number - 1);
      Value margin =
          registry.put(
              "string." + number + ".margin-at-last-fret",
              Text.of("Fretboard edge to string {number} at the last fret", number),
              FINE_LENGTH,
              "w / 2 − abs(y_n + (y_s − y_n) · (d − x_n) / l)",
              in("w", width),
              in("y_n", nut),
              in("y_s", saddle),
              in("d", last.fromNut()),
              in(
                  "x_n",
                  SearchedValue.of(
                      "string." + number + ".nut-line",
                      Text.of("Nut at string {number}", number),
                      strings.nutX(number),
                      FINE_LENGTH,
                      Text.of("found along the string"),
                      strings.lengthwise(number))),
              in(
                  "l",
                  SearchedValue.of(
                      "string." + number + ".scale",
                      Text.of("Scale of string {number}", number),
                      strings.scale(number),
                      LENGTH,
                      Text.of("found along the string"),
                      strings.lengthwise(number))));
      worst = worst == null || margin.value() < worst.value() ? margin : worst;
    }
    clearances.add(
        ClearanceKind.STRING_MARGIN,
        Text.of("string to edge, fret {last}", last.number()),
        worst,
        last.x(),
        Decisions.FRETBOARD_END_WIDTH.id(),
        Decisions.BRIDGE_SPREAD.id(),
        Decisions.NUT_EDGE_MARGIN.id());
  }
}
