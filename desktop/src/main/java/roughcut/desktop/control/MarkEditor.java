package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.drawing.BoardFace;
import roughcut.measure.Quantity;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;

/** The marks on a board's face: each with what it is, what is wanted of it, and its place. */
final class MarkEditor extends VBox {
  private final Session session;
  private final Supplier<String> board;
  private final PickField<Integer> which;
  private final PickField<BoardMark.Kind> kind;
  private final PickField<BoardMark.Intent> intent;
  private final List<EntryField> numbers = new ArrayList<>();
  private final VBox one = new VBox(4);
  private Board shown;
  private int index;

  MarkEditor(Session session, Supplier<String> board) {
    super(4);
    this.session = session;
    this.board = board;
    Label heading = new Label(say("Marks on its face"));
    heading.getStyleClass().add("panel-heading");
    which = new PickField<>("mark.which", say("Mark"), this::called, this::choose);
    kind =
        new PickField<>(
            "mark.kind",
            say("Kind"),
            k -> say(k.name().toLowerCase(Locale.ROOT)),
            k -> change(m -> with(m, k, m.intent(), m.x(), m.y(), m.length(), m.width())));
    intent =
        new PickField<>(
            "mark.intent",
            say("Intent"),
            i ->
                switch (i) {
                  case HIDE -> say("hidden");
                  case SHOW -> say("shown");
                  case AVOID -> say("avoided");
                  case ANY -> say("anywhere");
                },
            i -> change(m -> with(m, m.kind(), i, m.x(), m.y(), m.length(), m.width())));
    number("mark.x", say("From the end"), BoardMark::x, (m, v) -> m.at(v, m.y()));
    number("mark.y", say("From the edge"), BoardMark::y, (m, v) -> m.at(m.x(), v));
    number(
        "mark.length",
        say("Length"),
        BoardMark::length,
        (m, v) -> with(m, m.kind(), m.intent(), m.x(), m.y(), v, m.width()));
    number(
        "mark.width",
        say("Width"),
        BoardMark::width,
        (m, v) -> with(m, m.kind(), m.intent(), m.x(), m.y(), m.length(), v));
    Button add = new Button(say("Add mark"));
    ControlNames.set(add, "mark.add");
    add.getStyleClass().add("text-button");
    add.setOnAction(e -> add());
    Button remove = new Button(say("Remove"));
    remove.getStyleClass().add("text-button");
    remove.setOnAction(e -> remove());
    one.getChildren().addAll(which, kind, intent);
    one.getChildren().addAll(numbers);
    one.getChildren().add(remove);
    getChildren().addAll(heading, one, new HBox(add));
  }

  private static BoardMark with(
      BoardMark m,
      BoardMark.Kind kind,
      BoardMark.Intent intent,
      double x,
      double y,
      double length,
      double width) {
    return new BoardMark(kind, x, y, length, width, intent, m.note());
  }

  private void number(
      String id,
      String called,
      ToDoubleFunction<BoardMark> get,
      BiFunction<BoardMark, Double, BoardMark> set) {
    numbers.add(
        new EntryField(
            id,
            called,
            Quantity.ROUGH_LENGTH,
            false,
            session,
            () ->
                mark()
                    .map(m -> OptionalDouble.of(get.applyAsDouble(m)))
                    .orElse(OptionalDouble.empty()),
            value -> edit(id, m -> set.apply(m, value.getAsDouble()))));
  }

  private Optional<BoardMark> mark() {
    return shown == null || index >= shown.marks().size()
        ? Optional.empty()
        : Optional.of(shown.marks().get(index));
  }

  private String called(Integer i) {
    return shown == null || i >= shown.marks().size()
        ? ""
        : (i + 1)
            + "  "
            + shown.marks().get(i).words()
            + ", "
            + BoardFace.intent(shown.marks().get(i)).in(session.units().get());
  }

  private void choose(int next) {
    index = next;
    show(shown, true);
  }

  private Optional<String> edit(String key, UnaryOperator<BoardMark> change) {
    String id = board.get();
    int at = index;
    return session.editShop(
        say("mark"),
        key + "." + id + "." + at,
        shop ->
            shop.changeBoard(
                id,
                b -> {
                  List<BoardMark> next = new ArrayList<>(b.marks());
                  next.set(at, change.apply(next.get(at)));
                  return b.withMarks(next);
                }));
  }

  private void change(UnaryOperator<BoardMark> change) {
    edit(say("mark"), change);
    session.history().settle();
  }

  private void add() {
    double length = shown.length().orElse(300);
    double width = shown.width().orElse(60);
    BoardMark fresh =
        new BoardMark(
            BoardMark.Kind.KNOT,
            Math.max(0, length / 2 - 15),
            Math.max(0, width / 2 - 10),
            Math.min(30, length),
            Math.min(20, width),
            BoardMark.Intent.AVOID,
            "");
    marks(say("adding a mark"), list -> list.add(fresh));
    index = session.shop().get().board(board.get()).map(b -> b.marks().size() - 1).orElse(0);
    session.shop().get().board(board.get()).ifPresent(b -> show(b, true));
  }

  private void remove() {
    int at = index;
    marks(say("removing a mark"), list -> list.remove(at));
  }

  private void marks(String what, java.util.function.Consumer<List<BoardMark>> change) {
    String id = board.get();
    session.makeShop(
        what,
        "marks." + id,
        shop ->
            shop.changeBoard(
                id,
                b -> {
                  List<BoardMark> next = new ArrayList<>(b.marks());
                  change.accept(next);
                  return b.withMarks(next);
                }));
    session.history().settle();
  }

  void show(Board next, boolean another) {
    shown = next;
    index = Math.max(0, Math.min(index, next.marks().size() - 1));
    boolean any = !next.marks().isEmpty();
    one.setVisible(any);
    one.setManaged(any);
    if (!any) {
      return;
    }
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < next.marks().size(); i++) {
      all.add(i);
    }
    which.show(all, index);
    kind.show(Arrays.asList(BoardMark.Kind.values()), next.marks().get(index).kind());
    intent.show(Arrays.asList(BoardMark.Intent.values()), next.marks().get(index).intent());
    numbers.forEach(another ? EntryField::another : EntryField::show);
  }
}
