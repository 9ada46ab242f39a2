package roughcut.design;

import roughcut.measure.Worded;

/**
 * One of the ways that makers disagree about: an enum constant with a stable word for files and a
 * label for people.
 */
public interface Choice extends Worded {

  String label();
}
