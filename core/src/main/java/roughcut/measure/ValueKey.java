package roughcut.measure;

/**
 * What a number is, whatever it comes to.
 *
 * @param id stable name, for reports, fields and links
 * @param label what the maker calls it
 * @param quantity its unit, and how finely it is shown
 */
public record ValueKey(String id, Text label, Quantity quantity) implements SettingRef {
  /** Called by words without numbers in them. */
  public ValueKey(String id, String label, Quantity quantity) {
    this(id, Text.of(label), quantity);
  }

  /** The same by words without numbers in them. */
  public ValueKey called(String label) {
    return called(Text.of(label));
  }

  /** The same number called otherwise, where the way it is made says more exactly what it is. */
  public ValueKey called(Text label) {
    return new ValueKey(id, label, quantity);
  }
}
