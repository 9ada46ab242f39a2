package roughcut.design;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * One change of the usual order of work.
 *
 * @param operation id of what is moved
 * @param before id of what it comes right before; empty for the end
 */
public record OrderChange(String operation, String before) {
  public OrderChange {
    if (operation.isBlank() || operation.equals(before)) {
      throw new InvalidValue(Text.of("a moved operation needs a name and a different place"));
    }
  }
}
