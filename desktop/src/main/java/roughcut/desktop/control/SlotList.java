package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.function.DoubleConsumer;
import javafx.scene.control.TableColumn;
import roughcut.fretboard.Slots.Slot;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/** The slots as a table; a row and its line in the drawing light up each other. */
public final class SlotList extends NumberTable<Slot> {
  private static final double FRET = 40;
  private static final double PLACE = 66;
  private static final double DEPTH = 54;
  private static final double WIRE = 68;

  private final TableColumn<Slot, String> bass;
  private final TableColumn<Slot, String> flat;
  private final TableColumn<Slot, String> edge;
  private final TableColumn<Slot, String> now;
  private final TableColumn<Slot, String> treble;
  private Plan plan;
  private Units units = Units.MM;

  /**
   * Makes an empty table.
   *
   * @param onChosen gets the chosen slot's place, mm from the nut line
   */
  public SlotList(DoubleConsumer onChosen) {
    super("slot-list", say("Slots"), s -> onChosen.accept(s.x()));
    TableColumn<Slot, String> fret = column(say("fret"), s -> Integer.toString(s.number()));
    fret.setMinWidth(FRET);
    fret.setMaxWidth(FRET);
    TableColumn<Slot, String> nut =
        column(say("from nut"), s -> NumberWriter.number(s.x(), Quantity.FINE_LENGTH, units));
    bass = column(say("bass"), s -> edge(s, -1));
    treble = column(say("treble"), s -> edge(s, 1));
    List.of(nut, bass, treble).forEach(c -> c.setMinWidth(PLACE));
    flat = column(say("flat"), s -> text(s.flat()));
    column(say("final"), s -> text(s.done()));
    edge = column(say("edge left"), s -> s.later().map(l -> text(l.edgeNow())).orElse(""));
    now = column(say("saw to"), s -> s.later().map(l -> text(l.sawNow())).orElse(""));
    column(say("under"), s -> text(s.under()));
    column(say("wire"), s -> text(s.wire())).setMinWidth(WIRE);
    getColumns().stream().filter(c -> c.getMinWidth() < FRET).forEach(c -> c.setMinWidth(DEPTH));
  }

  /** Where a slot meets an edge of the fretboard, from the nut line. */
  private String edge(Slot slot, int side) {
    double x = plan.taper().edge(slot.x(), slot.slant(), side).x();
    return NumberWriter.number(x, Quantity.FINE_LENGTH, units);
  }

  private String text(Value value) {
    return NumberWriter.number(value.value(), value.quantity(), units);
  }

  public void show(Plan next, Units in) {
    plan = next;
    units = in;
    boolean later = next.fretboard().slots().deepened();
    flat.setVisible(!later);
    edge.setVisible(later);
    now.setVisible(later);
    bass.setVisible(next.frets().fan().fanned());
    treble.setVisible(next.frets().fan().fanned());
    rows(next.fretboard().slots().slots());
  }

  /** Lights up the slot that the knife stands at, without moving the knife. */
  public void follow(int fret) {
    int row = -1;
    for (int i = 0; fret >= 1 && i < getItems().size(); i++) {
      row = getItems().get(i).number() == fret ? i : row;
    }
    choose(row);
    if (row >= 0) {
      scrollTo(Math.max(0, row - 2));
    }
  }
}
