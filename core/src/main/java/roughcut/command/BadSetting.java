package roughcut.command;

import roughcut.measure.Text;
import roughcut.measure.Units;

/** An option that can't be done as it was typed; the message says why. */
final class BadSetting extends Exception {
  private static final long serialVersionUID = 1L;

  BadSetting(Text message) {
    super(message.in(Units.MM));
  }

  /**
   * What was typed after an option, and why it can't be done.
   *
   * @param option with its dashes
   */
  BadSetting(String option, Object typed, Text why) {
    this(Text.of("{option} {typed}: {why}", option, typed.toString(), why));
  }
}
