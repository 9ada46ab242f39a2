package roughcut.measure;

/** A value that can't be: a strip thicker than a strip is, a board without a name. */
public final class InvalidValue extends IllegalArgumentException implements Refused {
  private static final long serialVersionUID = 1L;

  private final transient Text told;

  public InvalidValue(Text told) {
    this(told, null);
  }

  public InvalidValue(Text told, Throwable cause) {
    super(told.toString(), cause);
    this.told = told;
  }

  @Override
  public Text told() {
    return told;
  }
}
