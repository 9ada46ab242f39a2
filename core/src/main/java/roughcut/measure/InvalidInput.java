package roughcut.measure;

/**
 * A typed text that is not the number it should be; it says in the maker's words what would be
 * read.
 */
public final class InvalidInput extends Exception implements Refused {
  private static final long serialVersionUID = 1L;

  private final transient Text told;

  public InvalidInput(Text told) {
    super(told.toString());
    this.told = told;
  }

  @Override
  public Text told() {
    return told;
  }
}
