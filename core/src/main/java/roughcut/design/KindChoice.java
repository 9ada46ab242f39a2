package roughcut.design;

/** A kind of the book, to be decided on. */
public record KindChoice(String name, String label) implements Choice {}
