package roughcut.plan;

import roughcut.fretboard.FretboardWork;
import roughcut.fretboard.Markers;
import roughcut.fretboard.Slots;
import roughcut.measure.Worked;

/**
 * What is worked out for the fretboard.
 *
 * @param sideDots from a side dot to the nearest slot
 */
public record FretboardPlan(Slots slots, Markers markers, Worked sideDots, FretboardWork work) {}
