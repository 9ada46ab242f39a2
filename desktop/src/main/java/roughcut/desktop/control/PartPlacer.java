package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import roughcut.blank.BoardLayout;
import roughcut.blank.WoodPart;
import roughcut.design.Placement;
import roughcut.desktop.session.Session;
import roughcut.measure.Quantity;
import roughcut.plan.Plan;

/** Where one part lies on the rack's boards: by the program, or by hand with its numbers. */
public final class PartPlacer extends VBox {
  private final Session session;
  private final PickField<String> part;
  private final PickField<String> board;
  private final EntryField x;
  private final EntryField y;
  private final Button turn = new Button(say("Turn end for end"));
  private final Button byItself = new Button(say("Place automatically"));
  private final Label state = new Label();
  private Plan plan;
  private String chosen = "";

  public PartPlacer(Session session) {
    super(4);
    this.session = session;
    Label heading = new Label(say("Place a part by hand"));
    heading.getStyleClass().add("panel-heading");
    part = new PickField<>("part.which", say("Part"), this::label, this::choose);
    board =
        new PickField<>(
            "part.board",
            say("On board"),
            b -> b,
            b ->
                place(
                    now()
                        .map(p -> new Placement(b, p.x(), p.y(), p.turned()))
                        .orElse(new Placement(b, 0, 0, false))));
    x = number("part.x", say("From its end"), true);
    y = number("part.y", say("From its edge"), false);
    ControlNames.set(turn, "part.turn");
    turn.getStyleClass().add("text-button");
    turn.setOnAction(
        e -> now().ifPresent(p -> place(new Placement(p.board(), p.x(), p.y(), !p.turned()))));
    ControlNames.set(byItself, "part.by-itself");
    byItself.getStyleClass().add("text-button");
    byItself.setOnAction(
        e -> {
          session.make(
              say("placing a part"),
              "part." + chosen,
              b -> b.withDesign(b.design().withPlacement(chosen, null)));
          session.history().settle();
        });
    state.getStyleClass().add("panel-text");
    state.setWrapText(true);
    getChildren().addAll(heading, part, board, x, y, new HBox(6, turn, byItself), state);
  }

  private EntryField number(String id, String called, boolean along) {
    return new EntryField(
        id,
        called,
        Quantity.LENGTH,
        false,
        session,
        () ->
            now().map(p -> OptionalDouble.of(along ? p.x() : p.y())).orElse(OptionalDouble.empty()),
        value ->
            now()
                .map(
                    p ->
                        enter(
                            new Placement(
                                p.board(),
                                along ? value.getAsDouble() : p.x(),
                                along ? p.y() : value.getAsDouble(),
                                p.turned())))
                .orElse(Optional.of(say("Choose a board first"))));
  }

  /** Where the chosen part lies now. */
  private Optional<Placement> now() {
    return plan == null
        ? Optional.empty()
        : plan.boards().of(chosen).map(l -> new Placement(l.board(), l.x(), l.y(), l.turned()));
  }

  private Optional<String> enter(Placement placement) {
    return session.edit(
        say("placing {chosen}", label(chosen)),
        "part." + chosen,
        b -> b.withDesign(b.design().withPlacement(chosen, placement)));
  }

  private void place(Placement placement) {
    enter(placement);
    session.history().settle();
  }

  private String label(String id) {
    return plan == null
        ? id
        : plan.parts().stream()
            .filter(p -> p.id().equals(id))
            .map(p -> say(p.label()))
            .findFirst()
            .orElse(id);
  }

  /** Chooses a part, as after a click on it. */
  public void choose(String id) {
    chosen = id;
    if (plan != null) {
      x.another();
      y.another();
      show(plan);
    }
  }

  /** Moves a part that was dragged. */
  public void move(String id, double dx, double dy) {
    chosen = id;
    now()
        .ifPresent(
            p ->
                place(
                    new Placement(
                        p.board(),
                        Math.round((p.x() + dx) * 2) / 2.0,
                        Math.round((p.y() + dy) * 2) / 2.0,
                        p.turned())));
  }

  /** Where a dragged part would lie. */
  public String words(String id, double dx, double dy) {
    return plan.boards()
        .of(id)
        .map(
            l ->
                say(
                    "{x} from the end, {y} from the edge",
                    Math.round(l.x() + dx),
                    Math.round(l.y() + dy)))
        .orElse("");
  }

  public void show(Plan next) {
    plan = next;
    List<String> parts = new ArrayList<>(next.parts().stream().map(WoodPart::id).toList());
    if (!parts.contains(chosen)) {
      chosen = parts.isEmpty() ? "" : parts.get(0);
    }
    part.show(parts, chosen);
    String wood =
        next.parts().stream()
            .filter(p -> p.id().equals(chosen))
            .map(WoodPart::species)
            .findFirst()
            .orElse("");
    List<String> boards =
        next.shop().boards().stream()
            .filter(b -> b.species().equals(wood))
            .map(b -> b.id())
            .toList();
    Optional<BoardLayout.Laid> laid = next.boards().of(chosen);
    board.show(boards, laid.map(BoardLayout.Laid::board).orElse(null));
    x.show();
    y.show();
    turn.setDisable(laid.isEmpty());
    byItself.setDisable(laid.map(l -> !l.byHand()).orElse(true));
    state.setText(
        laid.map(
                l ->
                    l.byHand()
                        ? l.trouble().isEmpty()
                            ? say("Placed by hand")
                            : say("by hand: {trouble}", l.trouble().in(session.units().get()))
                        : say("placed automatically"))
            .orElseGet(
                () ->
                    next.boards().homeless().stream()
                        .filter(h -> h.part().id().equals(chosen))
                        .map(h -> h.why().message().text().in(session.units().get()))
                        .findFirst()
                        .orElse("")));
  }
}
