package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.function.DoubleSupplier;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.measure.Units;
import roughcut.record.Build;

/** What is typed is kept, exactly, however fast or slowly it is typed. */
class FieldEntryTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private NumberDecision decision(String id) {
    return (NumberDecision) Decisions.find(design(), id).orElseThrow();
  }

  private double decided(String id) {
    return decision(id).in(design());
  }

  /** A way to be done with a field. */
  private enum Done {
    ENTER,
    TAB,
    CLICK,
    PAUSE
  }

  private void done(Done way) {
    switch (way) {
      case ENTER -> robot.push(KeyCode.ENTER);
      case TAB -> robot.push(KeyCode.TAB);
      case CLICK -> robot.clickOn(find(robot, "about", Node.class));
      case PAUSE -> robot.sleep(1700);
    }
    settle();
  }

  private void slowly(String text, Random random) {
    for (char c : text.toCharArray()) {
      robot.write(String.valueOf(c), 0);
      int wait = random.nextInt(12) == 0 ? random.nextInt(151) : random.nextInt(8);
      if (wait > 4) {
        robot.sleep(wait);
      }
    }
  }

  /** The fields of one page, and how many values each gets. */
  private void typeInto(Random random, int each, String... ids) {
    for (String id : ids) {
      show(() -> window.goTo(id));
      TextField field = find(robot, id, TextField.class);
      NumberDecision decision = decision(id);
      boolean whole = decision.quantity() == roughcut.measure.Quantity.COUNT;
      for (int i = 0; i < each; i++) {
        double span = Math.min(decision.most(), 150) - Math.max(decision.least(), -30);
        double value = Math.max(decision.least(), -30) + random.nextDouble() * span;
        String text = String.format(Locale.ROOT, whole ? "%.0f" : "%.1f", value);
        double wanted = Math.max(decision.least(), Double.parseDouble(text));
        String typed = String.format(Locale.ROOT, whole ? "%.0f" : "%.1f", wanted);
        show(() -> field.requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.A);
        slowly(random.nextBoolean() ? typed : typed.replace('.', ','), random);
        done(random.nextInt(40) == 0 ? Done.PAUSE : Done.values()[random.nextInt(3)]);
        assertThat(decided(id)).as(id + " typed " + typed).isEqualTo(Double.parseDouble(typed));
      }
    }
  }

  @Test
  void whatIsTypedUnderLoadArrivesExactly() throws Exception {
    AtomicBoolean busy = new AtomicBoolean(true);
    Thread load = new Thread(() -> bursts(busy));
    load.setDaemon(true);
    load.start();
    Random random = new Random(614);
    page(0, "");
    typeInto(random, 3, "nut.width", "bridge.spread", "scale.frets");
    page(3, "Side");
    typeInto(random, 3, "head.angle", "head.length", "neck.thickness-12");
    page(3, "Access");
    typeInto(random, 3, "access.tilt");
    page(1, "Stack");
    typeInto(random, 3, "neck.strip.1.thickness");
    page(5, "Cuts");
    show(() -> pick("cut.which", "volume"));
    typeInto(random, 3, "control.volume.x", "control.volume.y", "control.volume.shaft");
    page(6, "Bridge");
    typeInto(random, 3, "bridge.posts");
    busy.set(false);
    load.join();
  }

  /** Other work in bursts, so that some keys come while it goes on and some just as it ends. */
  private static void bursts(AtomicBoolean busy) {
    double x = 1;
    while (busy.get() && x > 0) {
      long end = System.nanoTime() + 25_000_000;
      while (System.nanoTime() < end) {
        x = Math.sqrt(x + 1);
      }
      LockSupport.parkNanos(50_000_000);
    }
  }

  @Test
  void aNumberIsTriedWhileItIsTypedAndEscapeBringsBackWhatWasThere() {
    Build before = session().build().get();
    keys(robot, "head.length", "200");
    assertThat(plan().neck().head().length().value()).isEqualTo(200);
    assertThat(session().trying()).isTrue();
    assertThat(session().build().get()).isSameAs(before);
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(session().trying()).isFalse();
    assertThat(plan().neck().head().length().value()).isEqualTo(185);
    assertThat(find(robot, "head.length", TextField.class).getText()).isEqualTo("185");
    assertThat(session().history().undoName()).isEmpty();
  }

  @Test
  void aPrefixOfARefusedEntryIsNeverStored() {
    for (String typed : List.of("5000", "18x", "12°", "12 g", "--3")) {
      keys(robot, "head.length", typed);
      done(Done.CLICK);
      assertThat(decided("head.length")).as(typed).isEqualTo(185);
      assertThat(find(robot, "head.length", TextField.class).getText()).isEqualTo(typed);
      assertThat(words(robot, "head.length.message")).isNotBlank();
      robot.sleep(1700);
      assertThat(decided("head.length")).as(typed + " after a pause").isEqualTo(185);
    }
    for (String typed : List.of("12mm", "12 in", "0.5\"")) {
      keys(robot, "head.angle", typed);
      done(Done.TAB);
      assertThat(decided("head.angle")).as(typed).isEqualTo(12.5);
    }
  }

  @Test
  void nothingLateOverwritesWhatCameSince() {
    keys(robot, "head.length", "999");
    done(Done.CLICK);
    type("head.thickness", "13");
    show(
        () ->
            session()
                .edit(
                    "elsewhere",
                    "head.length",
                    b -> b.withDesign(decision("head.length").with(b.design(), 190))));
    robot.sleep(1700);
    type("neck.thickness-1", "20.5");
    assertThat(decided("head.length")).isEqualTo(190);
    assertThat(find(robot, "head.length", TextField.class).getText())
        .as("what was refused still stands as it was typed")
        .isEqualTo("999");
  }

  @Test
  void whatIsTypedIsEnteredBeforeAnythingElseHappens() {
    keys(robot, "head.length", "191");
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    settle();
    assertThat(decided("head.length")).as("another station").isEqualTo(191);
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT4);
    keys(robot, "head.length", "192");
    robot.push(KeyCode.CONTROL, KeyCode.S);
    settle();
    assertThat(decided("head.length")).as("saving").isEqualTo(192);
    keys(robot, "head.length", "193");
    robot.clickOn("As designed");
    settle();
    assertThat(decided("head.length")).as("a click elsewhere").isEqualTo(193);
    keys(robot, "head.length", "194");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(decided("head.length")).as("undo gives up what is typed").isEqualTo(193);
  }

  @Test
  void aReadingIsTypedAsSafely() {
    TextField field = find(robot, "neck.thickness-12", TextField.class);
    robot.clickOn(field).push(KeyCode.F2);
    robot.write("20.6", 0);
    done(Done.CLICK);
    DoubleSupplier read = () -> session().build().get().measured().get("neck.thickness-12").value();
    assertThat(read.getAsDouble()).isEqualTo(20.6);
    robot.clickOn(field).push(KeyCode.F2);
    robot.write("206", 0).push(KeyCode.ENTER);
    assertThat(read.getAsDouble()).as("a slip is refused").isEqualTo(20.6);
    assertThat(field.getText()).isEqualTo("206");
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(field.getText()).as("the decision is in sight again").isEqualTo("21");
  }

  @Test
  void inchesArriveExactlyToo() {
    show(() -> session().units().set(Units.FRACTION_64));
    for (String typed : List.of("7 1/4", "7.25in", "184.15 mm", "7 1/4\"")) {
      type("head.length", "7");
      type("head.length", typed);
      assertThat(decided("head.length")).as(typed).isCloseTo(184.15, within(1e-9));
    }
  }
}
