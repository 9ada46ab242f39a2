package roughcut.measure;

/**
 * A language that sentences are read in. English is the language of the source: a sentence's
 * English template is the key by which its translation is looked up, as translators know it.
 */
@FunctionalInterface
public interface Language {
  /** As written. */
  Language ENGLISH = template -> template;

  /**
   * A sentence's template in this language, with the same holes in any order.
   *
   * @param english as it stands in the source
   * @return the English one where there is no translation
   */
  String template(String english);

  /** Figures as this language writes them. */
  default String figures(String figures) {
    return figures;
  }
}
