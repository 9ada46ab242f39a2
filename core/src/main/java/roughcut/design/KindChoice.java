package roughcut.design;

import roughcut.measure.Text;

/** A kind of the book, to be decided on. */
public record KindChoice(String name, Text label) implements Choice {}
