package roughcut.layout;

import static roughcut.measure.Quantity.AREA;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import roughcut.measure.ValueKey;
import roughcut.measure.ValueRow;

/**
 * Ids, labels and quantities of the numbers of scale and frets that are told; each is named here
 * once.
 */
public final class LayoutKeys {
  public static final ValueKey COURSE_NUMBER = new ValueKey("course.number", "Course", COUNT);
  public static final ValueKey COURSE_STEPS =
      new ValueKey("course.steps", "Steps within courses up to there", COUNT);
  public static final ValueKey COURSES_COUNT =
      new ValueKey("courses.count", "Number of courses", COUNT);
  public static final ValueKey BODY_AREA =
      new ValueKey("body.area", "Area of the body from above", AREA);
  public static final ValueKey BODY_AROUND =
      new ValueKey("body.around", "Perimeter of the body", LENGTH);
  public static final ValueKey FRETBOARD_END_FROM_NUT =
      new ValueKey("fretboard.end.from-nut", "Fretboard end from the nut line", LENGTH);
  public static final ValueKey FRETBOARD_WIDTH_END =
      new ValueKey("fretboard.width-end", "Fretboard width at its end", FINE_LENGTH);
  public static final ValueKey NUT_GAP =
      new ValueKey("nut.gap", "Gap between the strings at the nut", FINE_LENGTH);
  public static final ValueKey NUT_LINE = new ValueKey("nut.line", "Nut line", FINE_LENGTH);
  public static final ValueKey NUT_SPREAD =
      new ValueKey("nut.spread", "Outer strings at the nut, centre to centre", FINE_LENGTH);
  public static final ValueKey SADDLE_FROM_NUT =
      new ValueKey(
          "saddle.from-nut", "Saddle line from the nut line, before compensation", FINE_LENGTH);
  public static final ValueKey SCALE_CENTRE =
      new ValueKey("scale.centre", "Scale on the centre line", FINE_LENGTH);
  public static final ValueKey SCALE_REAL =
      new ValueKey("scale.real", "Scale of the real neck, twice nut to octave", FINE_LENGTH);
  public static final ValueKey STRINGS_COUNT = new ValueKey("strings.count", "Strings", COUNT);
  public static final ValueKey STRINGS_SPREAD =
      new ValueKey("strings.spread", "Outer strings there", FINE_LENGTH);

  // Names of rows of numbers, by fret, string, rout or bar.
  public static final ValueRow FRET_FROM_NUT = new ValueRow("fret.{}.from-nut");
  public static final ValueRow FRET_WIDTH = new ValueRow("fret.{}.width");

  private LayoutKeys() {}
}
