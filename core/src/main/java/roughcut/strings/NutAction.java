package roughcut.strings;

import roughcut.design.FretboardDecisions;
import roughcut.design.StringDecisions;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;

/**
 * How high the strings stand over the plane of the fret tops where they begin: a_nut, the action
 * over fret 1 that the nut's slots give; nothing on a zero fret, on which they lie (handbook page
 * 2, "Zero fret").
 */
public final class NutAction {
  /** A nut behind a zero fret only guides: its slots lie so much under the fret's top, mm. */
  public static final double GUIDE_LOWER = 0.5;

  private NutAction() {}

  /** Whether the strings lie on a zero fret. */
  public static boolean onZeroFret(EffectiveInputs inputs) {
    return switch (inputs.get(FretboardDecisions.NUT_KIND)) {
      case ZERO_FRET -> true;
      case END, SLOT, SHELF, LOCKING -> false;
    };
  }

  /** The strings' height over the fret tops' plane at the nut line, mm. */
  public static Value of(EffectiveInputs inputs) {
    return onZeroFret(inputs)
        ? TableValue.of(
            StringKeys.ACTION_ZERO_FRET, 0, Text.of("the strings rest on the zero fret"))
        : inputs.get(StringDecisions.ACTION_NUT);
  }
}
