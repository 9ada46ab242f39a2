package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import roughcut.clearance.Clearance;
import roughcut.clearance.ClearanceKind;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.measure.InvalidInput;
import roughcut.measure.NumberReader;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.shop.Limit;

/**
 * The limits that a thin spot is held against: the usual ones, or the shop's own in their place.
 */
public final class LimitFields extends HBox {
  private final Session session;
  private final TextField better = new TextField();
  private final TextField least = new TextField();
  private final Label unit = new Label();
  private final Label message = new Label();
  private final Label whose = new Label();
  private final Button usual = new Button(say("Use default"));
  private final FieldEntry betterTyping;
  private final FieldEntry leastTyping;
  private ClearanceKind kind;
  private Limit now;

  /** Fields that show nothing yet. */
  public LimitFields(Session session) {
    super(6);
    this.session = session;
    setAlignment(Pos.CENTER_LEFT);
    betterTyping = typing(better, "limit.better", say("Target"), true);
    leastTyping = typing(least, "limit.least", say("Minimum"), false);
    ControlNames.set(usual, "limit.usual");
    usual.getStyleClass().add("text-button");
    usual.setOnAction(
        e -> {
          String id = kind.id();
          session.makeShop(say("default limit"), "limit " + id, s -> s.withoutLimit(id));
          session.history().settle();
        });
    for (Label label : new Label[] {unit, whose}) {
      label.getStyleClass().add("decision-unit");
      label.setMinWidth(Region.USE_PREF_SIZE);
    }
    message.getStyleClass().add("decision-message");
    getChildren()
        .addAll(
            word(say("target")), better, word(say("minimum")), least, unit, whose, usual, message);
  }

  private static Label word(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("decision-label");
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }

  private FieldEntry typing(TextField field, String id, String words, boolean warns) {
    ControlNames.set(field, id);
    field.setPrefWidth(90);
    field.setMinWidth(80);
    field.setAccessibleText(say("{words}, limit of this kind of clearance", words));
    return new FieldEntry(
        field,
        session,
        new FieldEntry.Into() {
          @Override
          public Optional<String> attempt(String text) {
            return limit(text, warns).refusal;
          }

          @Override
          public Optional<String> enter(String text) {
            Entered entered = limit(text, warns);
            if (entered.refusal.isPresent()) {
              return entered.refusal;
            }
            String id = kind.id();
            return session.editShop(
                say("limit"), "limit " + id, s -> s.withLimit(id, entered.limit));
          }

          @Override
          public String shown() {
            double mm = now == null ? 0 : warns ? now.warn() : now.fail();
            return Double.isNaN(mm)
                ? ""
                : NumberWriter.editable(mm, Quantity.LENGTH, session.units().get());
          }

          @Override
          public boolean says(String text) {
            return text.equals(shown());
          }

          @Override
          public void tell(String said) {
            message.setText(said == null ? "" : said);
          }
        });
  }

  /** A limit as typed, or why it can't be. */
  private record Entered(Limit limit, Optional<String> refusal) {}

  private Entered limit(String text, boolean warns) {
    try {
      boolean none = !warns && text.isBlank();
      double typed = none ? Limit.NO_STOP : NumberReader.length(text, session.units().get());
      return new Entered(
          warns ? new Limit(typed, now.fail()) : new Limit(now.warn(), typed), Optional.empty());
    } catch (InvalidInput | IllegalArgumentException e) {
      return new Entered(null, Optional.of(Words.why(e, session.units().get())));
    }
  }

  /** Shows the limits of a spot. */
  void show(Clearance clearance) {
    show(clearance.kind(), clearance.limit());
  }

  /**
   * Shows the limits of a kind of thin spot.
   *
   * @param next as they are now, the usual ones or the shop's own
   */
  public void show(ClearanceKind of, Limit next) {
    boolean another = kind != of;
    kind = of;
    now = next;
    if (another) {
      betterTyping.another();
      leastTyping.another();
    }
    boolean own = session.shop().get().limits().containsKey(of.id());
    betterTyping.refresh();
    leastTyping.refresh();
    unit.setText(NumberWriter.sign(Quantity.LENGTH, session.units().get()));
    whose.setText(own ? say("your own") : say("Default"));
    usual.setVisible(own);
    usual.setManaged(own);
    ControlNames.set(this, "limit." + of.id());
  }
}
