package roughcut.drawing;

import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.neck.Facets;
import roughcut.plan.Plan;

/** Sections of the neck at the carving stations, full size, to make templates from. */
public final class SectionsSheet {
  private static final double APART = 86;

  private SectionsSheet() {}

  public static Drawing of(Plan plan, Units units) {
    Sketch sketch = new Sketch(plan, units);
    double x = 40;
    double deepest = 0;
    for (Facets facets : plan.details().carving().facets()) {
      if (facets.bass()) {
        continue; // the section is whole already
      }
      SectionView.place(plan, facets.x(), sketch, x, 0);
      deepest = Math.max(deepest, facets.profile().depth());
      x += APART;
    }
    sketch.text(
        Role.OUTLINE,
        0,
        26,
        Text.of("{plan}: sections, looking to the bridge", plan.name()),
        Anchor.START,
        Size.TITLE);
    return sketch.drawing(
        Text.of("{plan}: sections", plan.name()),
        new Bounds(-4, -deepest - 10, x - APART + 44, 36));
  }
}
