package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.demo.Demo;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.words.Words;
import roughcut.measure.Language;
import roughcut.measure.Pseudo;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.shop.BodyShapeBook;
import roughcut.shop.BridgeBook;
import roughcut.shop.FinishBook;
import roughcut.shop.FittingBook;
import roughcut.shop.GlueBook;
import roughcut.shop.RodBook;
import roughcut.shop.Shop;

/** Whatever a page says is said in another language, too: no word stays English but names. */
class PseudoLanguageTest extends PageWalk {
  private static final Pattern ENGLISH = Pattern.compile("[A-Za-z]{3,}");

  /** Days are written by the calendar of the place, not by a sentence. */
  private static final Pattern DATE =
      Pattern.compile(
          "\\b(Mon|Tue|Wed|Thu|Fri|Sat|Sun|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)\\b");

  @Start
  void start(Stage stage) throws IOException {
    Words.speak(new Pseudo());
    open(stage);
  }

  @Stop
  void stop() {
    close();
    Words.speak(Language.ENGLISH);
  }

  /** What the maker or a table calls a thing, the longest first: one may be part of another. */
  private Set<String> names() {
    Set<String> names =
        new TreeSet<>(Comparator.comparing(String::length).reversed().thenComparing(n -> n));
    Shop shop = session().plan().get().shop();
    shop.boards().forEach(b -> names.addAll(List.of(b.id(), b.note())));
    shop.boards().forEach(b -> b.marks().forEach(m -> names.add(m.words())));
    shop.cutters().forEach(c -> names.add(c.name()));
    shop.saws().forEach(s -> names.add(s.name()));
    shop.woods().all().forEach(w -> names.addAll(List.of(w.name(), w.machines(), w.dust())));
    names.add(data.toString());
    names.add("shop");
    shop.templates().forEach(t -> names.add(t.registered()));
    GlueBook.all().forEach(g -> names.add(g.name()));
    FinishBook.all().forEach(f -> names.add(f.name()));
    BridgeBook.all().forEach(b -> names.addAll(List.of(b.name(), b.datum(), b.note())));
    RodBook.all().forEach(r -> names.add(r.name()));
    BodyShapeBook.all().forEach(b -> names.add(b.name()));
    FittingBook.all().forEach(f -> names.addAll(List.of(f.name(), f.note())));
    Demo.builds(LocalDate.of(2026, 5, 4)).forEach(b -> names.add(b.name()));
    session().build().get().brief().wishes().forEach(w -> names.add(w.words()));
    names.add(Quantity.CENTS.unit());
    names.add(Quantity.PRESSURE.unit());
    names.remove("");
    return names;
  }

  @Test
  void noWordStaysEnglishOnAnyPage() throws Exception {
    Map<String, String> left = new TreeMap<>();
    for (String build : List.of("Heron", "Dunlin")) {
      everyPage(
          build,
          Units.MM.in(new Pseudo()),
          where -> {
            english(where, left);
          });
    }
    assertThat(left).isEmpty();
  }

  @Test
  void noWordStaysEnglishOnAnyCard() {
    Map<String, String> left = new TreeMap<>();
    for (String command :
        List.of(
            "All builds …",
            "New instrument …",
            "Preferences …",
            "Help: stations, keys, safety",
            "Inventory: strings and hardware …",
            "Woods: names, weight, movement …",
            "Earlier versions of this build …",
            "What if: try changes first",
            ShopWindow.MACHINE)) {
      show(() -> window.command(Words.say(command)));
      show(() -> english(command, left));
      robot.push(KeyCode.ESCAPE);
      settle();
    }
    assertThat(left).isEmpty();
  }

  /** Adds what is shown in English. */
  private void english(String where, Map<String, String> left) {
    Set<String> names = names();
    for (Node node : all(stage.getScene().getRoot())) {
      if (node instanceof Labeled l && l.getText() != null) {
        String words = DATE.matcher(l.getText()).replaceAll("");
        for (String name : names) {
          words = words.replace(name, "");
        }
        if (ENGLISH.matcher(words).find()) {
          left.putIfAbsent(l.getText(), where);
        }
      }
    }
  }
}
