package roughcut.drawing;

import java.util.function.BiFunction;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** The sheets that can be printed; each at full size over as many pages as it takes. */
public enum Sheet {
  PLAN("Neck, full size", "plan", SheetDrawing::of),
  GLUE_UP("Glue-up of the neck blank", "glue-up", GlueUpSheet::of),
  FRETBOARD("Fretboard, full size", "fretboard", FretboardDrawing::sheet),
  HEAD("Head with its tuners", "head", HeadDrawing::of),
  BODY_TOP("Body from the top, full size", "body-top", BodyDrawing::top),
  BODY_BACK("Body turned over, full size", "body-back", BodyDrawing::back),
  TEMPLATES("Templates for the routs", "templates", TemplateSheet::of),
  SECTIONS("Sections for templates", "sections", SectionsSheet::of),
  CARDS("Cards for the shop, one operation each", "cards", ShopCards::of),
  CERTIFICATE("Certificate of the instrument", "certificate", Certificate::of);

  private final String title;
  private final String file;
  private final BiFunction<Plan, Units, Drawing> drawing;

  Sheet(String title, String file, BiFunction<Plan, Units, Drawing> drawing) {
    this.title = title;
    this.file = file;
    this.drawing = drawing;
  }

  /** What it is called on the screen. */
  public String title() {
    return title;
  }

  /** The name of its file, without an ending. */
  public String file() {
    return file;
  }

  public Drawing of(Plan plan, Units units) {
    return drawing.apply(plan, units);
  }
}
