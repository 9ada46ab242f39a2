package roughcut.design;

import java.util.regex.Pattern;

/**
 * Names of what is cut into the body, and of the operations by which rows of like cuts are made.
 */
public final class CutName {
  private static final Pattern NUMBER = Pattern.compile("-\\d+$");

  /** Begins the id of every operation that makes a row of cuts. */
  public static final String OPERATION = "body.cut.";

  private CutName() {}

  /** The row of like cuts that a cut belongs to: bolts, a cover's screws, strings. */
  public static String row(String cut) {
    return NUMBER.matcher(cut).replaceFirst("");
  }

  /** The row of screws of a plate, cover or control. */
  public static String screws(String of) {
    return of + "-screw";
  }

  /** Id of the operation by which a cut is made. */
  public static String operation(String cut) {
    return OPERATION + row(cut);
  }
}
