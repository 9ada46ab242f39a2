package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.geometry.Insets;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Font;

/**
 * A table that is read: a row chosen tells somebody, Ctrl+C copies the chosen rows, tab-separated
 * under their titles, or all of them while no more than one is chosen.
 *
 * @param <T> what a row is of
 */
public class NumberTable<T> extends TableView<T> {
  private static final double SCROLL_BAR = 16;

  /** A table's type, as its style says. */
  private static final Font TYPE = Font.font("B612", 12);

  private static final double BESIDE = 15;
  private static final double WIDEST = 220;

  private final List<TableColumn<T, String>> fitted = new ArrayList<>();
  private boolean quiet;

  /**
   * Makes an empty table.
   *
   * @param called what a reader of the screen says it is
   * @param onChosen gets what is chosen by the maker, not what is chosen by the program
   */
  public NumberTable(String id, String called, Consumer<T> onChosen) {
    ControlNames.set(this, id);
    getStyleClass().addAll("number-table", "tight-table");
    setAccessibleText(called);
    setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
    getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
    getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (p, was, is) -> {
              if (is != null && !quiet) {
                onChosen.accept(is);
              }
            });
    Menus.on(this, this::menu);
    setOnKeyPressed(
        e -> {
          if (e.isShortcutDown() && e.getCode() == KeyCode.C) {
            NumberClipboard.copy(copied(chosen()));
            e.consume();
          }
        });
  }

  private ContextMenu menu() {
    return new ContextMenu(
        Menus.item(
            chosen().size() == getItems().size() ? say("Copy table") : say("Copy rows"),
            () -> NumberClipboard.copy(copied(chosen()))));
  }

  /** A column of numbers, which stand at the right. */
  public final TableColumn<T, String> column(String title, Function<T, String> text) {
    TableColumn<T, String> column = new TableColumn<>(title);
    column.setCellValueFactory(cell -> new ReadOnlyStringWrapper(text.apply(cell.getValue())));
    column.setSortable(false);
    column.setReorderable(false);
    getColumns().add(column);
    return column;
  }

  /** A column of words, which stand at the left; where they are cut off the mouse shows them. */
  public final TableColumn<T, String> words(String title, Function<T, String> text) {
    TableColumn<T, String> column = column(title, text);
    column.getStyleClass().add("words-column");
    column.setCellFactory(c -> new Words<>());
    return column;
  }

  /** A column as wide as the longest that stands in it, and no wider: others take what is left. */
  public final void fitted(TableColumn<T, String> column) {
    fitted.add(column);
  }

  private void fit(List<T> rows) {
    for (TableColumn<T, String> column : fitted) {
      double most =
          Stream.concat(
                  Stream.of(column.getText()),
                  rows.stream().map(r -> column.getCellObservableValue(r).getValue()))
              .distinct()
              .mapToDouble(words -> TextWidth.of(words, TYPE))
              .max()
              .orElse(0);
      double width = Math.min(WIDEST, most + BESIDE);
      column.setMinWidth(0); // the one must never be over the other meanwhile
      column.setMaxWidth(width);
      column.setMinWidth(width);
    }
  }

  private static final class Words<T> extends TableCell<T, String> {
    @Override
    protected void updateItem(String words, boolean empty) {
      super.updateItem(words, empty);
      setText(empty ? null : words);
      LazyTooltip.on(this, empty || words == null ? "" : words);
    }
  }

  /** No narrower than its columns need: what has no room for that is scrolled. */
  @Override
  protected double computeMinWidth(double height) {
    return getVisibleLeafColumns().stream().mapToDouble(TableColumn::getMinWidth).sum()
        + SCROLL_BAR;
  }

  /** Shows whole rows only: what is left of its height below the last whole one stays empty. */
  @Override
  protected void layoutChildren() {
    super.layoutChildren();
    Node head = lookup(".column-header-background");
    Node row = lookup(".table-row-cell");
    if (head == null || row == null) {
      return;
    }
    double each = row.getLayoutBounds().getHeight();
    double room = getHeight() - snappedTopInset() - head.getLayoutBounds().getHeight();
    for (Node bar : lookupAll(".scroll-bar")) {
      if (bar.isVisible()
          && bar instanceof ScrollBar b
          && b.getOrientation() == Orientation.HORIZONTAL) {
        room -= bar.getLayoutBounds().getHeight();
      }
    }
    if (each <= 0 || room < each) {
      return;
    }
    // A room that lacks a hair of a row has that row.
    double left = Math.floor(room - each * Math.floor((room + 0.25) / each));
    if (Math.abs(left - getPadding().getBottom()) > 0.5) {
      setPadding(new Insets(0, 0, left, 0));
    }
  }

  /** Changes rows or choice without telling anybody. */
  protected final void quietly(Runnable change) {
    boolean before = quiet;
    quiet = true;
    try {
      change.run();
    } finally {
      quiet = before;
    }
  }

  /** Puts other rows in the place of these; the same place stays chosen. */
  public final void rows(List<T> next) {
    quietly(
        () -> {
          int chosen = getSelectionModel().getSelectedIndex();
          fit(next);
          getItems().setAll(next);
          if (chosen >= 0 && chosen < next.size()) {
            getSelectionModel().select(chosen);
          }
        });
  }

  /** Chooses a row without telling anybody; none for less than 0. */
  protected final void choose(int row) {
    quietly(
        () -> {
          getSelectionModel().clearSelection();
          if (row >= 0 && row < getItems().size()) {
            getSelectionModel().select(row);
          }
        });
  }

  private List<T> chosen() {
    List<T> rows = getSelectionModel().getSelectedItems();
    return rows.size() > 1 ? List.copyOf(rows) : List.copyOf(getItems());
  }

  /** Rows as they are copied: their titles, then a line each, tab-separated. */
  protected String copied(List<T> rows) {
    List<TableColumn<T, ?>> shown = getVisibleLeafColumns().stream().toList();
    StringBuilder text =
        new StringBuilder(
            shown.stream().map(TableColumn::getText).collect(Collectors.joining("\t")));
    text.append('\n');
    for (T row : rows) {
      text.append(
              shown.stream()
                  .map(c -> String.valueOf(c.getCellObservableValue(row).getValue()))
                  .collect(Collectors.joining("\t")))
          .append('\n');
    }
    return text.toString();
  }
}
