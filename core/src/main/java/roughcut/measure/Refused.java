package roughcut.measure;

/**
 * Something that was refused: a typed text, a value, a file. It says what is wrong and what would
 * be taken, as a sentence that is put into the maker's units and language where it is read.
 */
public interface Refused {
  /** What is wrong. */
  Text told();

  /**
   * Why something failed: as told, or in the words of the library that gave up.
   *
   * @param trouble what was caught
   */
  static Text why(Throwable trouble) {
    return trouble instanceof Refused refused
        ? refused.told()
        : Text.raw(trouble.getMessage() == null ? "" : trouble.getMessage());
  }
}
