package roughcut.desktop.control;

import javafx.css.PseudoClass;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;

/** Conditions of our controls that the style sheet knows. */
public final class StyleStates {
  static final PseudoClass SLIM = PseudoClass.getPseudoClass("slim");
  public static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

  /** Typed and not entered yet. */
  public static final PseudoClass TRIED = PseudoClass.getPseudoClass("tried");

  public static final PseudoClass MEASURING = PseudoClass.getPseudoClass("measuring");

  /** Shows what follows from other decisions. */
  public static final PseudoClass FOLLOWS = PseudoClass.getPseudoClass("follows");

  /** A figure that takes more room than most. */
  public static final PseudoClass LONG = PseudoClass.getPseudoClass("long");

  public static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

  /** A window so wide that its panel can be wider too. */
  public static final PseudoClass WIDE = PseudoClass.getPseudoClass("wide");

  public static final PseudoClass NARROW = PseudoClass.getPseudoClass("narrow");

  public static final PseudoClass WIDEST = PseudoClass.getPseudoClass("widest");

  private StyleStates() {}

  /** How bad a finding is, in the shapes and colours of thin spots. */
  static Clearance.State of(Finding finding) {
    return finding.stops() && !finding.missing() ? Clearance.State.STOP : Clearance.State.LOOK;
  }

  /** The outline that stands for a state beside its colour. */
  static String shape(Clearance.State state) {
    return switch (state) {
      case STOP -> "M0,0 h8 v8 h-8 z";
      case LOOK -> "M4.5,0 L9,8 L0,8 z";
      case CLEAR -> "M3,0 a3,3 0 1,0 0.01,0 z";
    };
  }
}
