package roughcut.desktop.session;

import roughcut.measure.Value;

/**
 * What stations and pages work at: what is worked on, and what they may ask of the window that they
 * stand in. One for a window.
 */
public interface StationContext {
  Session session();

  BenchState bench();

  /** The days of the shop. */
  ShopDays days();

  /** Shows the sum of a number. */
  void ask(Value value);

  /** Puts a station's parts in their places again, after it turned to another page. */
  void reopen();

  /** Draws and shows again: the same plan is looked at otherwise. */
  void refresh();

  /** Puts the section knife somewhere, mm from the nut line. */
  void knife(double x);

  /** Takes in what another window or program did to the same files, before something is written. */
  void follow();

  /** Says in the window what couldn't be done. */
  void refused(String words);

  /** Opens what prints the sheet that is shown. */
  void print();

  /** The computer that the program runs on. */
  Computer computer();

  /** Opens the screen that is read at the machine. */
  void machine();
}
