package roughcut.measure;

/** Of which kind a {@link Value} is: where its number comes from. */
public enum Origin {
  DECIDED("decided"),
  MEASURED("measured"),
  KNOWN("known"),
  WORKED("worked"),
  FOUND("found");

  private final String word;

  Origin(String word) {
    this.word = word;
  }

  /** For reports. */
  public String word() {
    return word;
  }
}
