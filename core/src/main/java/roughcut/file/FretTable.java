package roughcut.file;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import roughcut.layout.FretLayout;
import roughcut.plan.Plan;

/** The fret table as CSV, in millimetres with a decimal point. */
public final class FretTable {
  private FretTable() {}

  public static byte[] csv(Plan plan) {
    StringBuilder csv = new StringBuilder("fret,from_nut_mm,from_previous_mm,fretboard_width_mm\n");
    for (FretLayout.Fret fret : plan.frets().frets()) {
      csv.append(
          String.format(
              Locale.ROOT,
              "%d,%.4f,%.4f,%.4f%n",
              fret.number(),
              fret.x(),
              fret.fromPrevious().value(),
              plan.taper().fretWidths().get(fret.number() - 1).value()));
    }
    return csv.toString().replace("\r\n", "\n").getBytes(StandardCharsets.UTF_8);
  }
}
