package roughcut.file;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import roughcut.fretboard.Slots;
import roughcut.geometry.Point;
import roughcut.plan.Plan;

/**
 * Everything that is cut for each fret as CSV, in millimetres with a decimal point: slot depths,
 * wire, and where the slot meets both edges, which a fanned board needs.
 */
public final class FretboardTable {
  private FretboardTable() {}

  public static byte[] csv(Plan plan) {
    StringBuilder csv =
        new StringBuilder(
            "fret,from_nut_mm,depth_flat_mm,depth_final_mm,under_mm,wire_mm,"
                + "bass_x_mm,bass_y_mm,treble_x_mm,treble_y_mm\n");
    for (Slots.Slot slot : plan.fretboard().slots().slots()) {
      Point bass = plan.taper().edge(slot.x(), slot.slant(), -1);
      Point treble = plan.taper().edge(slot.x(), slot.slant(), 1);
      csv.append(
          String.format(
              Locale.ROOT,
              "%d,%.4f,%.4f,%.4f,%.4f,%.4f,%.4f,%.4f,%.4f,%.4f\n",
              slot.number(),
              slot.x(),
              slot.flat().value(),
              slot.done().value(),
              slot.under().value(),
              slot.wire().value(),
              bass.x(),
              bass.y(),
              treble.x(),
              treble.y()));
    }
    return csv.toString().getBytes(StandardCharsets.UTF_8);
  }
}
