package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TitledPane;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.desktop.control.ControlNames;
import roughcut.record.Note;
import roughcut.record.Reading;
import roughcut.schedule.Schedule;
import roughcut.shop.ShopHours;

/** Days, brief, set-up and log, as the maker goes through them. */
class DaysTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private void typed(String id, String text) {
    TextField field = find(robot, id, TextField.class);
    // What is worked out meanwhile may move the page under the mouse: then it is aimed anew.
    for (int i = 0; i < 5 && !field.isFocused(); i++) {
      robot.clickOn(scrolledTo(field));
      settle();
    }
    until(field::isFocused);
    robot.push(KeyCode.CONTROL, KeyCode.A).write(text, 0);
    until(() -> field.getText().equals(text));
    robot.push(KeyCode.ENTER);
    settle();
  }

  /** At once: what moves can't be aimed at. */
  private void unfold(String fold) {
    show(
        () -> {
          TitledPane pane = find(robot, fold, TitledPane.class);
          pane.setAnimated(false);
          pane.setExpanded(true);
        });
  }

  @SuppressWarnings("unchecked")
  private List<Schedule.Block> blocks() {
    return List.copyOf(find(robot, "days.table", TableView.class).getItems());
  }

  /** Heron is the last by name; alone it is the first. */
  private int own() {
    return (int) blocks().stream().map(b -> b.task().build()).distinct().count() - 1;
  }

  /**
   * All of the shop's builds share the days; a day too near is late, and what buys days is taken.
   */
  @Test
  void aDayThatCantHoldIsBroughtNearer() {
    page(8, "Days");
    until(() -> blocks().stream().map(b -> b.task().build()).distinct().count() == 5);
    typed("brief.due", "soon");
    assertThat(text("brief.wrong")).contains("is not a day");
    typed("brief.due", clock().today().minusDays(3).toString());
    assertThat(text("brief.wrong")).contains("has passed");
    assertThat(session().build().get().brief().due()).isEmpty();
    typed("brief.due", clock().today().plusDays(9).toString());
    assertThat(text("days.own")).startsWith("Heron:").contains("late by");
    assertThat(text("brief.0.state")).contains("not met");
    double before = late();
    until(() -> !buys().isEmpty());
    List<Button> buys = buys();
    assertThat(buys).isNotEmpty().hasSizeLessThanOrEqualTo(3);
    double promised = Double.parseDouble(buys.get(0).getText().split(" ")[0]);
    show(buys.get(0)::fire);
    // The days are worked out beside the window: what they come to is waited for.
    until(() -> Math.abs(before - late() - promised) < 0.11);
    undo();
    until(() -> Math.abs(late() - before) < 0.11);
  }

  private List<Button> buys() {
    return seen(robot, n -> ControlNames.is(n, "days.buy")).stream()
        .map(Button.class::cast)
        .toList();
  }

  private double late() {
    try {
      until(() -> text("days.own").matches("(?s).*(late by|days to spare).*"));
    } catch (AssertionError e) {
      String due = session().build().get().brief().due().toString();
      throw new AssertionError("“" + text("days.own") + "” with a due date of " + due, e);
    }
    String words = text("days.own");
    return words.contains("late by")
        ? Double.parseDouble(words.replaceAll(".*late by ([\\d.]+) days.*", "$1"))
        : -Double.parseDouble(words.replaceAll(".*, ([\\d.]+) days to spare.*", "$1"));
  }

  @Test
  void whatMustHoldIsSaidAfterEveryEdit() {
    page(8, "Days");
    assertThat(text("brief.1.state")).contains("close");
    typed("brief.limit", "3000");
    assertThat(session().build().get().brief().wishes()).hasSize(4);
    assertThat(text("brief.4.state")).contains("not met");
    typed("brief.limit", "heavy");
    assertThat(text("brief.wrong")).isNotBlank();
    click("brief.4.remove");
    assertThat(session().build().get().brief().wishes()).hasSize(3);
    type("body.thickness", "60");
    page(8, "Days");
    assertThat(text("brief.1.state")).as("thicker is heavier").contains("not met");
  }

  @Test
  void theShopsHoursAreTypedAndASlipIsSaidInItsPlace() {
    page(8, "Days");
    unfold("days.hours");
    typed("hours.sunday", "10-13, 14:30–18");
    assertThat(session().shop().get().hours().on(DayOfWeek.SUNDAY)).hasSize(2);
    assertThat(blocks()).anyMatch(b -> b.start().getDayOfWeek() == DayOfWeek.SUNDAY);
    typed("hours.monday", "21-18");
    assertThat(text("hours.wrong")).contains("closes before it opens");
    typed("hours.monday", "all day");
    assertThat(text("hours.wrong")).contains("is not a time range");
    assertThat(session().shop().get().hours().on(DayOfWeek.MONDAY)).hasSize(1);
    for (DayOfWeek day : DayOfWeek.values()) {
      show(() -> session().editShop("", "hours", s -> s.withHours(s.hours().with(day, List.of()))));
    }
    assertThat(blocks()).isEmpty();
    assertThat(
            robot
                .lookup(
                    (Node n) ->
                        n instanceof Label l
                            && l.getText() != null
                            && l.getText().startsWith("the shop is never open"))
                .queryAll())
        .isNotEmpty();
  }

  /** A block dragged to a later day isn't begun before it; dragged back it is free again. */
  @Test
  void aBlockIsDraggedToItsDay() {
    page(8, "Days");
    until(() -> own() == 4);
    // Open all day every day, so that whatever day it is the build's work comes within sight.
    show(() -> session().editShop("", "hours", s -> s.withHours(allDay(s.hours()))));
    // The longest that is done at a stretch in the days that are in sight: room to take hold of it.
    String id =
        blocks().stream()
            .filter(b -> b.task().build() == own() && b.pieces().size() == 1)
            .filter(b -> b.start().isBefore(clock().today().plusDays(16).atStartOfDay()))
            .max(Comparator.comparingLong(b -> b.task().hands()))
            .orElseThrow()
            .task()
            .id();
    dragHandle(id, 150, 0);
    assertThat(session().build().get().brief().notBefore()).as("dragged " + id).hasSize(1);
    assertThat(session().build().get().brief().notBefore()).containsKey(id);
    LocalDate fixed = session().build().get().brief().notBefore().get(id).toLocalDate();
    assertThat(fixed).isAfterOrEqualTo(clock().today().plusDays(4));
    assertThat(blocks().stream().filter(b -> b.task().id().equals(id)).findFirst().orElseThrow())
        .matches(b -> !b.start().toLocalDate().isBefore(fixed));
    undo();
    assertThat(session().build().get().brief().notBefore()).isEmpty();
  }

  private static ShopHours allDay(ShopHours hours) {
    ShopHours next = hours;
    for (DayOfWeek day : DayOfWeek.values()) {
      next =
          next.with(
              day, List.of(new ShopHours.Opening(day, LocalTime.of(7, 0), LocalTime.of(22, 0))));
    }
    return next;
  }

  @Test
  void setUpTellsWhatToTurnFromWhatIsRead() {
    page(8, "Set-up");
    typed("setup.action-12", "2.3");
    assertThat(plan().value("setup.action-12.turns").orElseThrow().value())
        .isCloseTo(-1, within(1e-9));
    typed("intonation.string.1.cents", "6");
    double move = plan().value("intonation.string.1.move").orElseThrow().value();
    assertThat(move).isCloseTo(2.23, within(0.03));
    typed("intonation.string.2.cents", "260");
    assertThat(session().build().get().measured()).doesNotContainKey("intonation.string.2.cents");
    undo();
    assertThat(plan().value("intonation.string.1.move")).isEmpty();
  }

  /**
   * Gap read, needle and compass seen: what to turn and what to swap stands there, and goes away.
   */
  @Test
  void pickupsAreTurnedAndSwapped() {
    page(8, "Pickups");
    typed("pickup.neck.gap-bass", "3.5");
    assertThat(plan().value("pickup.neck.turns-bass").orElseThrow().value())
        .isCloseTo(2, within(1e-9));
    assertThat(said(robot, "2.00 turns up")).isTrue();
    pick("pickup.neck.swing", "up");
    pick("pickup.bridge.swing", "down");
    pick("pickup.neck.magnet", "north end");
    assertThat(said(robot, "needle and compass readings of two"))
        .as("one compass is missing")
        .isTrue();
    pick("pickup.bridge.magnet", "south end");
    assertThat(
            said(
                robot,
                "Out of phase. Swap the leads of one: then they are in phase and cancel hum."))
        .isTrue();
    pick("pickup.bridge.swing", "up");
    assertThat(said(robot, "in phase, and hum-cancelling")).isTrue();
    assertThat(session().build().get().log().readings())
        .as("all of them are kept")
        .filteredOn(r -> r.of().equals("pickup.bridge.swing"))
        .hasSize(2);
    pick("pickup.bridge.magnet", "not measured");
    assertThat(plan().bodyPlan().pickups().pairs()).isEmpty();
    undo();
    assertThat(plan().bodyPlan().pickups().pairs()).hasSize(1);
    type("scale.length", "620");
    page(8, "Log");
    assertThat(find(robot, "log.table", TableView.class).getItems().toString())
        .as("decided when work had begun")
        .contains("Scale length")
        .contains("→ 620.0 mm")
        .contains("Neck pickup, phase up");
  }

  /** What is laid out and what is to be had are lists that follow the plan. */
  @Test
  void listsForSessionAndShop() {
    page(8, "Days");
    unfold("days.shopping");
    unfold("days.session");
    Predicate<String> told =
        words ->
            robot
                .lookup(
                    (Node n) ->
                        n instanceof Label l
                            && l.getText() != null
                            && l.getText().startsWith(words))
                .tryQuery()
                .isPresent();
    assertThat(told.test("○ neck pickup")).isTrue();
    assertThat(told.test("Heron: ")).isTrue();
    type("pickup.neck.length", "83.5");
    show(
        () ->
            session()
                .edit(
                    "read",
                    "r",
                    b -> b.withReading(Reading.of("pickup.neck.length", 83.5, clock().today()))));
    page(8, "Days");
    assertThat(told.test("○ neck pickup")).as("in hand").isFalse();
  }

  @Test
  void notesAreWrittenAndFound() {
    page(8, "Log");
    TableView<?> table = find(robot, "log.table", TableView.class);
    int before = table.getItems().size();
    assertThat(before).as("kept without being written by hand").isGreaterThan(30);
    TextArea words = find(robot, "log.words", TextArea.class);
    robot.clickOn(words).write("tear-out behind the nut; next time a scraper", 0);
    settle();
    assertThat(words.getText()).startsWith("tear-out");
    click("log.add");
    assertThat(text("log.told")).isEmpty();
    assertThat(session().build().get().log().notes())
        .extracting(Note::words)
        .containsExactly("tear-out behind the nut; next time a scraper");
    assertThat(table.getItems()).hasSize(before + 1);
    TextField search = find(robot, "log.search", TextField.class);
    robot.clickOn(search).write("scraper TEAR", 0);
    settle();
    assertThat(table.getItems()).hasSize(1);
    click("log.add");
    assertThat(text("log.told")).contains("needs some words");
  }
}
