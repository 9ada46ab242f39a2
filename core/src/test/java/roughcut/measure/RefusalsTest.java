package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.bench.PlausibilityCheck;
import roughcut.demo.Demo;
import roughcut.design.BlankStep;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.DrawnPart;
import roughcut.design.Strip;
import roughcut.file.BoardsCsv;
import roughcut.file.BuildFile;
import roughcut.file.OutlineFile;
import roughcut.shop.Board;
import roughcut.shop.StringSpec;
import roughcut.shop.Woods;

/**
 * What is refused is told as a sentence that waits for the maker's units and language: a limit in
 * millimetres is no help to somebody who works in inches.
 */
class RefusalsTest {
  private static final Pattern ENGLISH = Pattern.compile("[a-z]{3,}");

  private static final LocalDate DAY = LocalDate.of(2026, 5, 20);

  @TempDir Path folder;

  private Map<String, ThrowingCallable> refused() throws IOException {
    Map<String, ThrowingCallable> all = new LinkedHashMap<>();
    all.put("a word", () -> NumberReader.length("wide", Units.MM));
    all.put("nothing", () -> NumberReader.angle(" "));
    all.put("no whole number", () -> NumberReader.count("7.5"));
    all.put("no number of things", () -> NumberReader.count("two"));
    all.put("no angle", () -> NumberReader.angle("steep"));
    all.put("no ratio", () -> NumberReader.ratio("half"));
    all.put("too long", () -> NumberReader.ratio("1".repeat(60)));
    all.put("a fraction", () -> NumberReader.length("3/8", Units.MM));
    all.put("a note", () -> Pitch.read("H9"));
    all.put("too short", () -> Decisions.SCALE_LENGTH.range().read("2", Units.MM));
    all.put("a size", () -> Decisions.SCALE_LENGTH.with(Demo.heron(DAY).design(), 2));
    all.put("a choice", () -> BodyDecisions.NECK_JOINT.read("nailed"));
    all.put(
        "an inch",
        () ->
            PlausibilityCheck.read(
                PlausibilityCheck.expected(Decisions.NUT_WIDTH, 43),
                Decisions.NUT_WIDTH.range(),
                "1.69",
                Units.MM,
                ""));
    all.put("a strip", () -> new Strip("maple", 900, 900, 0, Strip.Grain.TO_HEEL));
    all.put("a step", () -> new BlankStep(BlankStep.Kind.OPENED, "maple", 900, 1));
    all.put("a string", () -> new StringSpec(9, true));
    all.put("a board", () -> board(20_000));
    all.put("nowhere", () -> BuildFile.open(folder.resolve("none.roughcut.json")));
    all.put("half", () -> BuildFile.open(file("half.roughcut.json", "{\"format\": 1, ")));
    all.put("a list", () -> BuildFile.open(file("list.roughcut.json", "[]")));
    all.put("newer", () -> BuildFile.open(file("newer.roughcut.json", newer())));
    all.put(
        "svg",
        () -> OutlineFile.read(file("a.svg", "<svg><path d='M 0 0 Q'/></svg>"), DrawnPart.BODY));
    all.put("no svg", () -> OutlineFile.read(file("b.svg", "<svg><"), DrawnPart.BODY));
    all.put("dxf", () -> OutlineFile.read(file("a.dxf", "zero\nSECTION\n"), DrawnPart.BODY));
    all.put("no drawing", () -> OutlineFile.read(file("a.png", "x"), DrawnPart.BODY));
    all.put("boards", () -> BoardsCsv.read(file("a.csv", "name,wood\n"), Woods.BOOK));
    return all;
  }

  private static Board board(double length) {
    return new Board(
        "B",
        "maple",
        OptionalDouble.of(length),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        Board.Grain.FLAT,
        0,
        List.of(),
        false,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        "");
  }

  private static String newer() {
    return "{\"program\": \"Rough Cut\", \"format\": 9999, \"name\": \"x\"}";
  }

  private Path file(String name, String content) throws IOException {
    return Files.writeString(folder.resolve(name), content);
  }

  @Test
  void everyRefusalWaitsForItsLanguage() throws IOException {
    refused()
        .forEach(
            (name, act) -> {
              Throwable trouble = catchThrowable(act);
              assertThat(trouble).as(name).isInstanceOf(Refused.class);
              Text told = ((Refused) trouble).told();
              assertThat(told.toString()).as(name).isEqualTo(trouble.getMessage());
              String said = told.in(Units.MM.in(new Nobodys()));
              List<String> left = new ArrayList<>();
              List<String> typedOnes = names(told);
              typedOnes.sort(Comparator.comparingInt(String::length).reversed());
              for (String typed : typedOnes) {
                said = said.replace(typed, "");
              }
              ENGLISH.matcher(said).results().forEach(m -> left.add(m.group()));
              assertThat(left).as(name + ": " + said).isEmpty();
            });
  }

  /** What the maker typed, files, examples of what is read: they stay as they are. */
  private static List<String> names(Text text) {
    List<String> all = new ArrayList<>();
    for (Text.Arg arg : text.args()) {
      if (arg instanceof Text.Name name) {
        all.add(name.name());
      } else if (arg instanceof Text.Phrase phrase) {
        all.addAll(names(phrase.text()));
      }
    }
    return all;
  }

  /** Says nothing but what stands in the holes. */
  private static final class Nobodys implements Language {
    @Override
    public String template(String english) {
      StringBuilder holes = new StringBuilder();
      Pattern.compile("\\{[^}]*}")
          .matcher(english)
          .results()
          .forEach(hole -> holes.append(' ').append(hole.group()));
      return holes.toString();
    }
  }

  @Test
  void limitsAreToldInInches() {
    Map<String, ThrowingCallable> lengths = new LinkedHashMap<>();
    lengths.put("strip", () -> new Strip("maple", 900, 900, 0, Strip.Grain.TO_HEEL));
    lengths.put("step", () -> new BlankStep(BlankStep.Kind.OPENED, "maple", 900, 1));
    lengths.put("string", () -> new StringSpec(9, true));
    lengths.put("board", () -> board(20_000));
    lengths.put("scale", () -> Decisions.SCALE_LENGTH.with(Demo.heron(DAY).design(), 2));
    lengths.forEach(
        (name, act) -> {
          Text told = ((Refused) catchThrowable(act)).told();
          assertThat(told.in(Units.MM)).as(name).contains(" mm").doesNotContain(" in");
          assertThat(told.in(Units.DECIMAL_INCH)).as(name).contains(" in").doesNotContain(" mm");
          assertThat(told.numbers()).as(name).isNotEmpty();
        });
  }

  /** What reaches a maker from these rooms is a refusal, not words that are finished already. */
  @Test
  void noRoomOfTheMakersRefusesInFinishedWords() throws IOException {
    List<String> plain = new ArrayList<>();
    for (String room : List.of("design", "record", "shop", "start", "file", "plan")) {
      try (Stream<Path> all = Files.walk(Path.of("src/main/java/roughcut", room))) {
        for (Path path : all.filter(p -> p.toString().endsWith(".java")).toList()) {
          if (Files.readString(path).contains("new IllegalArgumentException(")) {
            plain.add(path.getFileName().toString());
          }
        }
      }
    }
    assertThat(plain).isEmpty();
  }
}
