package roughcut.memo;

/** Hears what is asked for while something is made. */
public interface QuestionListener {
  /** Something was looked up by its id. */
  void asked(String id);

  /** All that there is was looked through. */
  void everything();
}
