package roughcut.plan;

import java.util.List;
import roughcut.fretboard.FretPins;
import roughcut.fretboard.FretboardWork;
import roughcut.fretboard.Markers;
import roughcut.fretboard.Slots;
import roughcut.measure.Value;

/**
 * What is worked out for the fretboard.
 *
 * @param sideDots from a side dot to the nearest slot
 * @param pins that keep it in place while it is glued
 */
public record FretboardPlan(
    Slots slots, Markers markers, Value sideDots, FretboardWork work, List<FretPins> pins) {}
