package roughcut.fretboard;

import static roughcut.measure.ComputedValue.in;

import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NutKind;
import roughcut.design.StringDecisions;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * What the nut's kind asks of fretboard and blank (handbook page 2, "Nut"). Places from the nut
 * line, negative towards the head.
 *
 * @param front the nut's front edge
 * @param cut where the fretboard is cut off at the head
 * @param blankLength of the nut's blank, across the neck, a millimetre to spare at each side
 * @param blankHeight of the nut's blank from its seat to over the highest string
 * @param keepClear pins and stiffeners begin behind this
 */
public record NutSeat(
    NutKind kind, Value front, Value cut, Value blankLength, Value blankHeight, Value keepClear) {

  public static NutSeat of(EffectiveInputs inputs, FretboardTaper taper, ValueRegistry registry) {
    NutKind kind = inputs.get(FretboardDecisions.NUT_KIND);
    Value gap = inputs.get(FretboardDecisions.NUT_GAP);
    Value lip = inputs.get(FretboardDecisions.NUT_LIP);
    Value thickness = inputs.get(Decisions.NUT_THICKNESS);
    Value floor = inputs.get(FretboardDecisions.NUT_FLOOR);
    Value board = inputs.get(Decisions.FRETBOARD_THICKNESS);
    Value fret = inputs.get(FretboardDecisions.WIRE_HEIGHT);
    Value action = inputs.get(StringDecisions.ACTION_NUT);
    Value screws = inputs.get(FretboardDecisions.NUT_SCREWS);
    Value width = taper.nutWidth();
    String behind =
        switch (kind) {
          case ZERO_FRET -> "−g";
          case END, SLOT, SHELF, LOCKING -> "0";
        };
    Value front = registry.put(FretboardKeys.NUT_FRONT, behind, in("g", gap));
    Value cut =
        registry.put(
            FretboardKeys.NUT_FRETBOARD_CUT,
            switch (kind) {
              case SLOT -> "x − t − l";
              case ZERO_FRET -> "x";
              case END, SHELF, LOCKING -> "0";
            },
            in("x", front),
            in("t", thickness),
            in("l", lip));
    return new NutSeat(
        kind,
        front,
        cut,
        registry.put(
            FretboardKeys.NUT_BLANK_LENGTH,
            "w + 2 · e",
            in("w", width),
            in("e", inputs.get(FretboardDecisions.NUT_LONGER))),
        registry.put(
            FretboardKeys.NUT_BLANK_HEIGHT,
            "t_b − z + t_f + a + h",
            in("t_b", board),
            in("z", floor),
            in("t_f", fret),
            in("a", action),
            in("h", inputs.get(FretboardDecisions.NUT_HIGHER))),
        registry.put(
            FretboardKeys.NUT_KEEP_CLEAR,
            switch (kind) {
              case LOCKING -> "s";
              case END, SLOT, SHELF, ZERO_FRET -> "max(0, x)";
            },
            in("s", screws),
            in("x", front)));
  }
}
