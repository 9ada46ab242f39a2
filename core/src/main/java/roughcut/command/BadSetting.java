package roughcut.command;

/** A {@code --set} that can't be done; the message says why. */
final class BadSetting extends Exception {
  private static final long serialVersionUID = 1L;

  BadSetting(String message) {
    super(message);
  }
}
