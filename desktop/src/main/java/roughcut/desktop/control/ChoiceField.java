package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Locale;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.WeakChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.StringConverter;
import roughcut.design.Choice;
import roughcut.design.ChoiceDecision;
import roughcut.desktop.session.Session;
import roughcut.plan.Plan;

/** A decision between named ways. */
public final class ChoiceField extends HBox {
  private final ChoiceDecision<?> decision;
  private final Session session;
  private final ComboBox<Choice> box = new Box();
  private final ChangeListener<Plan> follower = (p, was, is) -> show();

  /** Before a long choice the label goes over two lines rather than the choice be cut off, px. */
  private static final double LEAST_LABEL = 90;

  private static final double LEAST_BOX = 120;
  private static final double USUAL_BOX = 146;
  private static final double WIDEST_BOX = 230;

  /** The arrow and what is around it, px. */
  private static final double ARROW = 36;

  /**
   * As wide as most are, so that boxes share their left edge; wider only for what is chosen and
   * wouldn't be read otherwise.
   */
  private static final class Box extends ComboBox<Choice> {
    private double wanted() {
      // Its cell takes the words over only when it is laid out itself.
      double words =
          getValue() != null && lookup(".list-cell") instanceof ListCell<?> cell
              ? TextWidth.of(say(getValue().label()), cell.getFont())
              : 0;
      return Math.max(USUAL_BOX, Math.min(WIDEST_BOX, words + ARROW));
    }

    @Override
    protected double computePrefWidth(double height) {
      return wanted();
    }

    @Override
    protected double computeMinWidth(double height) {
      return LEAST_BOX;
    }
  }

  /** Asks for little, so that what is chosen is read first, and takes what is left. */
  private static final class Called extends Label {
    Called(String words) {
      super(words);
    }

    @Override
    protected double computePrefWidth(double height) {
      return Math.min(LEAST_LABEL, super.computePrefWidth(height));
    }

    @Override
    protected double computeMinWidth(double height) {
      return computePrefWidth(height);
    }
  }

  private boolean showing;

  public ChoiceField(ChoiceDecision<?> decision, Session session) {
    super(8);
    this.decision = decision;
    this.session = session;
    getStyleClass().add("decision");
    setAlignment(Pos.CENTER_LEFT);
    Label label = new Called(decision.label().in(session.units().get()));
    label.getStyleClass().add("decision-label");
    LazyTooltip.on(label, decision.hint().in(session.units().get()));
    label.setLabelFor(box);
    label.setMaxWidth(Double.MAX_VALUE);
    setHgrow(label, Priority.ALWAYS);
    label.setWrapText(true);
    // The chosen one's words, where they are cut off all the same.
    LazyTooltip.on(box, decision.label().in(session.units().get()));

    ControlNames.set(box, decision.id());
    box.getStyleClass().add("choice-box");
    box.setAccessibleText(decision.label().in(session.units().get()));
    SearchAsYouType.on(box);
    box.setConverter(
        new StringConverter<>() {
          @Override
          public String toString(Choice choice) {
            return choice == null ? "" : say(choice.label());
          }

          @Override
          public Choice fromString(String text) {
            throw new UnsupportedOperationException("not editable");
          }
        });
    box.valueProperty()
        .addListener(
            (p, was, is) -> {
              box.requestLayout();
              LazyTooltip.on(
                  box, is == null ? decision.label().in(session.units().get()) : say(is.label()));
              chosen(is);
            });
    getChildren().addAll(label, box);
    // Weak, because a card of fields is made anew for each thing that it shows.
    session.plan().addListener(new WeakChangeListener<>(follower));
    show();
  }

  public ChoiceDecision<?> decision() {
    return decision;
  }

  /** Moves the keyboard here. */
  public void take() {
    box.requestFocus();
  }

  private void show() {
    showing = true;
    Choice chosen = decision.in(session.build().get().design());
    List<Choice> offered = decision.offered(session.shop().get().woods());
    if (!box.getItems().equals(offered)) {
      box.getItems().setAll(offered);
    }
    box.setValue(
        offered.stream().filter(c -> c.word().equals(chosen.word())).findFirst().orElse(chosen));
    showing = false;
  }

  private void chosen(Choice choice) {
    if (showing || choice == null) {
      return;
    }
    session
        .edit(
            decision.label().in(session.units().get()).toLowerCase(Locale.ROOT),
            decision.id(),
            build -> build.withDesign(decision.choosing(build.design(), choice)))
        .ifPresent(refusal -> Platform.runLater(() -> refused(refusal)));
    session.history().settle();
  }

  private void refused(String words) {
    show();
    Tooltip why = new Tooltip(words);
    why.setAutoHide(true);
    why.getStyleClass().add("decision-message");
    var at = box.localToScreen(0, box.getHeight() + 4);
    why.show(box, at.getX(), at.getY());
  }
}
