package roughcut.drawing;

import java.util.function.BiFunction;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** The sheets that can be printed; each at full size over as many pages as it takes. */
public enum Sheet {
  PLAN(Text.of("Neck, full size"), "plan", SheetDrawing::of),
  GLUE_UP(Text.of("Glue-up of the neck blank"), "glue-up", GlueUpSheet::of),
  FRETBOARD(Text.of("Fretboard, full size"), "fretboard", FretboardDrawing::sheet),
  HEAD(Text.of("Headstock with tuners"), "head", HeadDrawing::of),
  BODY_TOP(Text.of("Body from the top, full size"), "body-top", BodyDrawing::top),
  BODY_BACK(Text.of("Body from the back, full size"), "body-back", BodyDrawing::back),
  TEMPLATES(Text.of("Templates for the routs"), "templates", TemplateSheet::of),
  SECTIONS(Text.of("Sections for templates"), "sections", SectionsSheet::of),
  CARDS(Text.of("Shop cards, one operation each"), "cards", ShopCards::of),
  CERTIFICATE(Text.of("Certificate"), "certificate", Certificate::of);

  private final Text title;
  private final String file;
  private final BiFunction<Plan, Units, Drawing> drawing;

  Sheet(Text title, String file, BiFunction<Plan, Units, Drawing> drawing) {
    this.title = title;
    this.file = file;
    this.drawing = drawing;
  }

  /** What it is called on the screen. */
  public Text title() {
    return title;
  }

  /** The name of its file, without an ending. */
  public String file() {
    return file;
  }

  /** In lines, as sheets are printed unless the maker chose otherwise. */
  public Drawing of(Plan plan, Units units) {
    return of(plan, units, Shading.LINES);
  }

  public Drawing of(Plan plan, Units units, Shading shading) {
    return shading.of(drawing.apply(plan, units));
  }
}
