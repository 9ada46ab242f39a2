package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import roughcut.desktop.session.Background;
import roughcut.desktop.session.Session;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.shop.Board;
import roughcut.whatif.BoardsToGet;

/** Boards that would give the plan the wood it lacks; a press adds one to the wood rack. */
public final class BoardOffers extends FlowPane {
  private static final Background TRYING = new Background("boards to get");

  private final Session session;
  private volatile Plan shown;
  private Units in;

  public BoardOffers(Session session) {
    super(8, 4);
    this.session = session;
    ControlNames.set(this, "board-offers");
    tell(List.of(), null, null);
  }

  /** Shows what is missing from a plan; the tries run beside the window. */
  public void show(Plan plan, Units units) {
    if (plan == shown && units.equals(in)) {
      return;
    }
    shown = plan;
    in = units;
    TRYING.work(
        // While one types, what was asked for before is no longer wanted.
        () -> plan == shown ? BoardsToGet.of(plan) : List.<Board>of(),
        boards -> {
          if (plan == shown && units.equals(in)) {
            tell(boards, plan, units);
          }
        });
  }

  private void tell(List<Board> boards, Plan plan, Units units) {
    getChildren().setAll(boards.stream().map(b -> button(b, plan, units)).toList());
    setVisible(!boards.isEmpty());
    setManaged(!boards.isEmpty());
  }

  private Button button(Board board, Plan plan, Units units) {
    Button button = new Button(BoardsToGet.words(plan, board).in(units));
    ControlNames.set(button, "board-offer." + board.species());
    button.getStyleClass().add("text-button");
    button.setOnAction(
        e -> {
          tell(List.of(), plan, units); // others are offered once it is there
          session.makeShop(say("adding a board"), "board.add", s -> s.addBoard(board));
          session.history().settle();
        });
    return button;
  }
}
