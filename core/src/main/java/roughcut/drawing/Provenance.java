package roughcut.drawing;

import roughcut.measure.Given;
import roughcut.measure.Value;
import roughcut.measure.Worked;

/** Whether a number shown rests on a measurement. */
final class Provenance {
  private Provenance() {}

  static boolean measured(Value value) {
    return value instanceof Given given ? given.measured() : ((Worked) value).fromMeasured();
  }
}
