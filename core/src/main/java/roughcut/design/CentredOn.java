package roughcut.design;

/** What a pickup is centred on (handbook page 1, "Where makers disagree"). */
public enum CentredOn implements Choice {
  STRING_LINE("the strings"),
  CENTRE_LINE("the centre line");

  private final String label;

  CentredOn(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}
