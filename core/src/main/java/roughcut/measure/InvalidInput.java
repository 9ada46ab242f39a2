package roughcut.measure;

/**
 * A typed text that is not the number it should be; the message is in the maker's words and says
 * what would be read.
 */
public final class InvalidInput extends Exception {
  private static final long serialVersionUID = 1L;

  public InvalidInput(String message) {
    super(message);
  }
}
