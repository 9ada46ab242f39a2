package roughcut.design;

import roughcut.measure.NamedKind;
import roughcut.measure.Text;

/**
 * One of the ways that makers disagree about: an enum constant with a stable word for files and a
 * label for people.
 */
public interface Choice extends NamedKind {

  Text label();
}
