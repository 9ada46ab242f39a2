package roughcut.measure;

/**
 * What is told of everything but lengths: weights, forces, areas, temperatures. Makers who work in
 * inches don't all weigh in ounces, so that it is chosen apart from {@link Units.System}.
 */
public enum Measures {
  /** Grams, newtons, square centimetres, degrees Celsius: the program's own. */
  METRIC(Text.of("metric: g, N, °C")),
  /** Ounces, pounds, square inches, degrees Fahrenheit. */
  CUSTOMARY(Text.of("US: oz, lb, °F"));

  private final Text words;

  Measures(Text words) {
    this.words = words;
  }

  public Text words() {
    return words;
  }
}
