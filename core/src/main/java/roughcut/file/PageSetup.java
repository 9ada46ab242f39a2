package roughcut.file;

import roughcut.drawing.Drawing;
import roughcut.drawing.Shading;
import roughcut.drawing.Sheet;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** How sheets are put on paper. */
public record PageSetup(Paper paper, Shading shading, Units units) {
  /** A sheet of a plan, as it is printed. */
  public Drawing drawing(Sheet sheet, Plan plan) {
    return sheet.of(plan, units, shading);
  }

  /** The same as a PDF. */
  public byte[] pdf(Sheet sheet, Plan plan) {
    return PdfWriter.write(drawing(sheet, plan), paper, units);
  }
}
