package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.measure.Quantity;
import roughcut.shop.ShopHours;

/** When the shop is open, a line for each day of the week; days off, warmth and clamps. */
public final class HoursEditor extends VBox {
  private static final Pattern SPAN =
      Pattern.compile("(\\d{1,2})(?::(\\d{2}))?\\s*[–-]\\s*(\\d{1,2})(?::(\\d{2}))?");

  private final Session session;
  private final Map<DayOfWeek, TextField> days = new EnumMap<>(DayOfWeek.class);
  private final TextField closed = new TextField();
  private final Label wrong = new Label();
  private final EntryField warmth;
  private final EntryField clamps;

  public HoursEditor(Session session) {
    super(4);
    this.session = session;
    for (DayOfWeek day : DayOfWeek.values()) {
      String called = day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
      TextField field = new TextField();
      ControlNames.set(field, "hours." + day.name().toLowerCase(Locale.ROOT));
      field.setPromptText(say("closed"));
      field.setAccessibleText(say("{called}, opens and closes", called));
      days.put(day, field);
      getChildren().add(new NamedField(called, field, 140));
      onEntered(field, () -> enter(day));
    }
    ControlNames.set(closed, "hours.closed");
    closed.setPromptText("2026-12-24, …");
    closed.setAccessibleText(say("Days off, as year-month-day"));
    onEntered(closed, this::enterClosed);
    warmth =
        new EntryField(
            "hours.warmth",
            say("Temperature while glue cures"),
            Quantity.CELSIUS,
            false,
            session,
            () -> OptionalDouble.of(hours().warmth()),
            v -> edit(h -> h.withWarmth(v.getAsDouble())));
    clamps =
        new EntryField(
            "hours.clamps",
            say("Clamp-ups at the same time"),
            Quantity.COUNT,
            false,
            session,
            () -> OptionalDouble.of(hours().clampSets()),
            v -> edit(h -> h.withClampSets((int) v.getAsDouble())));
    ControlNames.set(wrong, "hours.wrong");
    wrong.getStyleClass().add("decision-message");
    wrong.setWrapText(true);
    getChildren().addAll(new NamedField(say("Days off"), closed, 140), warmth, clamps, wrong);
    show();
  }

  private static void onEntered(TextField field, Runnable enter) {
    field.setOnAction(e -> enter.run());
    field
        .focusedProperty()
        .addListener(
            (p, was, is) -> {
              if (!is) {
                enter.run();
              }
            });
  }

  private ShopHours hours() {
    return session.shop().get().hours();
  }

  private Optional<String> edit(Function<ShopHours, ShopHours> change) {
    Optional<String> refusal =
        session.editShop(say("shop hours"), "hours", s -> s.withHours(change.apply(s.hours())));
    session.history().settle();
    wrong.setText(refusal.orElse(""));
    return refusal;
  }

  private void enter(DayOfWeek day) {
    String text = days.get(day).getText().strip();
    if (text.equals(words(day))) {
      return;
    }
    List<ShopHours.Opening> open = new ArrayList<>();
    try {
      for (String one :
          text.isEmpty() || text.equalsIgnoreCase("closed") ? new String[0] : text.split(",")) {
        Matcher m = SPAN.matcher(one.strip());
        if (!m.matches()) {
          throw new IllegalArgumentException(
              "“" + one.strip() + "” is not a time range; write it as 18:00–21:00");
        }
        open.add(
            new ShopHours.Opening(day, time(m.group(1), m.group(2)), time(m.group(3), m.group(4))));
      }
      edit(h -> h.with(day, open));
    } catch (IllegalArgumentException e) {
      wrong.setText(Words.why(e) + ".");
    }
  }

  private static LocalTime time(String hour, String minute) {
    int h = Integer.parseInt(hour);
    int m = minute == null ? 0 : Integer.parseInt(minute);
    if (h == 24 && m == 0) {
      return LocalTime.of(23, 59);
    }
    if (h > 23 || m > 59) {
      throw new IllegalArgumentException(
          "There is no " + hour + ":" + (minute == null ? "00" : minute));
    }
    return LocalTime.of(h, m);
  }

  private void enterClosed() {
    String text = closed.getText().strip();
    if (text.equals(closedWords())) {
      return;
    }
    List<LocalDate> off = new ArrayList<>();
    try {
      for (String one : text.isEmpty() ? new String[0] : text.split("[,;\\s]+")) {
        off.add(LocalDate.parse(one));
      }
      edit(h -> h.withClosed(off));
    } catch (DateTimeParseException e) {
      wrong.setText(say("“{typed}” is not a day; write it as 2026-12-24.", e.getParsedString()));
    }
  }

  private String words(DayOfWeek day) {
    return hours().on(day).stream()
        .map(o -> o.from() + "–" + o.to())
        .collect(Collectors.joining(", "));
  }

  private String closedWords() {
    return hours().closed().stream().map(LocalDate::toString).collect(Collectors.joining(", "));
  }

  /** Shows the shop's hours; what is being typed stays. */
  public void show() {
    days.forEach(
        (day, field) -> {
          if (!field.isFocused()) {
            field.setText(words(day));
          }
        });
    if (!closed.isFocused()) {
      closed.setText(closedWords());
    }
    warmth.show();
    clamps.show();
  }
}
