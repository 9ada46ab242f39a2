package roughcut.desktop.control;

import javafx.css.PseudoClass;

/** Conditions of our controls that the style sheet knows. */
public final class States {
  static final PseudoClass SLIM = PseudoClass.getPseudoClass("slim");
  public static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

  /** Typed and not entered yet. */
  public static final PseudoClass TRIED = PseudoClass.getPseudoClass("tried");

  public static final PseudoClass MEASURING = PseudoClass.getPseudoClass("measuring");

  /** Shows what follows from other decisions. */
  public static final PseudoClass FOLLOWS = PseudoClass.getPseudoClass("follows");

  public static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

  private States() {}
}
