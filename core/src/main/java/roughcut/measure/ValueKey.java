package roughcut.measure;

/**
 * What a number is, whatever it comes to.
 *
 * @param id stable name, for reports, fields and links
 * @param label what the maker calls it
 * @param quantity its unit, and how finely it is shown
 */
public record ValueKey(String id, String label, Quantity quantity) {
  /** The same number called otherwise, where the way it is made says more exactly what it is. */
  public ValueKey called(String label) {
    return new ValueKey(id, label, quantity);
  }
}
