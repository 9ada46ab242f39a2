package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.function.DoubleConsumer;
import javafx.scene.control.TableColumn;
import roughcut.layout.FretLayout.Fret;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.plan.StraightedgeCheck;

/**
 * The frets as a table: a row chosen puts the knife there; Ctrl+C copies the chosen rows,
 * tab-separated.
 */
public final class FretList extends NumberTable<Fret> {
  private Plan plan;
  private Units units = Units.MM;
  private StraightedgeCheck rule = StraightedgeCheck.USUAL;
  private final TableColumn<Fret, String> along;

  /**
   * Makes an empty table.
   *
   * @param onChosen gets the chosen fret's place, mm from the nut line
   */
  public FretList(DoubleConsumer onChosen) {
    super("fret-list", say("Frets"), f -> onChosen.accept(f.x()));
    column(say("fret"), f -> Integer.toString(f.number())).setMaxWidth(44);
    along = column(say("from nut line"), f -> at(f.fromNut()));
    column(say("from last fret"), f -> text(f.fromPrevious()));
    column(say("fretboard width"), f -> text(width(f)));
  }

  private Value width(Fret fret) {
    return plan.taper().fretWidths().get(fret.number() - 1);
  }

  /** By the rule that is laid. */
  private String at(Value fromNut) {
    double shown = rule.at(plan, fromNut.value());
    String error = NumberWriter.roundingError(shown, fromNut.quantity(), units);
    String number = NumberWriter.number(shown, fromNut.quantity(), units);
    return error.isEmpty() ? number : number + "  " + error.replace(" in", "");
  }

  /** Measures from another line, or with a rule whose zero stands elsewhere. */
  public void measure(StraightedgeCheck next) {
    rule = next;
    title();
    if (plan != null) {
      show(plan, units);
    }
  }

  /**
   * What the numbers are measured from, and where a fan's lie: its frets differ along each string.
   */
  private void title() {
    boolean fanned = plan != null && plan.frets().fan().fanned();
    along.setText(
        rule.shows() != 0
            ? say("ruler reading")
            : fanned
                ? say("on the centre line")
                : say("from {from}", rule.from().words().in(units)));
  }

  /** A number, and when it is rounded to a fraction by more than a little, by how much. */
  private String text(Value value) {
    String error = NumberWriter.roundingError(value.value(), value.quantity(), units);
    String number = NumberWriter.number(value.value(), value.quantity(), units);
    return error.isEmpty() ? number : number + "  " + error.replace(" in", "");
  }

  public void show(Plan next, Units in) {
    plan = next;
    units = in;
    title();
    rows(next.frets().frets());
  }

  /** Lights up the fret that the knife stands at, without moving the knife. */
  public void follow(int fret) {
    choose(fret - 1);
  }
}
