package roughcut.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.record.CurrentTime;

/** A program is run before wood is clamped, and the exit status says whether it may be. */
class SimulateCommandTest {
  private static final CurrentTime NOW =
      CurrentTime.at(LocalDateTime.of(2026, 5, 4, 18, 30), ZoneId.of("Europe/London"));

  @TempDir Path folder;
  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();
  private Path file;

  @BeforeEach
  void program() throws IOException {
    file = folder.resolve("slot.nc");
    Files.writeString(
        file,
        "%\n(a slot)\nG21 G90 G17\nS18000 M3\nG0 Z5\nG0 X20 Y30\nG0 Z0.5\n"
            + "G1 X80 Z-3 F3000\nG1 X20\nG0 Z5\nM30\n%\n");
  }

  private int run(String... more) {
    List<String> args =
        new ArrayList<>(List.of("simulate", file.toString(), "--stock", "100x60x20"));
    args.addAll(List.of(more));
    return RoughCut.run(
        NOW, new PrintWriter(out, true), new PrintWriter(err, true), args.toArray(String[]::new));
  }

  @Test
  void whatIsWellEndsWithItsSums() {
    assertThat(run("--cutter", "spiral 8")).as(out + err.toString()).isZero();
    assertThat(out.toString())
        .isEqualToIgnoringNewLines(
            "Time 0.0 min, fed 120 mm, rapid 13 mm, removed 1.6 cm³, lowest −3.00 mm.");
    out.getBuffer().setLength(0);
    assertThat(run("--cutter", "spiral 8", "--stock-at", "0,0,-1")).isZero();
    assertThat(out.toString()).contains("removed 1.1 cm³");
  }

  @Test
  void whatWouldGoWrongIsToldByLineAndStops() {
    assertThat(run("--cutter", "spiral 8", "--stock-at", "0,0,4")).isEqualTo(1);
    assertThat(out.toString())
        .contains("stop  line     7  A rapid move goes 3.50 mm into wood. At X ")
        .contains("stop  line     8  The pass is 7.00 mm deep");
    out.getBuffer().setLength(0);
    assertThat(run("--cutter", "spiral 8", "--clamp", "left=-10,20,18,40,2")).isEqualTo(1);
    assertThat(out.toString()).contains("It hits left, 5.00 mm below its top.");
    out.getBuffer().setLength(0);
    assertThat(run("--cutter=spiral 8", "--travel=300,300,60", "--zero=250,100,-40")).isEqualTo(1);
    assertThat(out.toString()).contains("beyond the machine's travel");
    out.getBuffer().setLength(0);
    assertThat(run("--cutter=spiral 8", "--travel=300,300,60", "--zero=150,100,-40")).isZero();
  }

  @Test
  void woodMakesTheDifference() {
    assertThat(run("--cutter", "ball 6.4", "--wood", "basswood")).as(out.toString()).isZero();
    assertThat(run("--cutter", "straight 6.35", "--wood", "ebony")).isZero();
    assertThat(run("--cutter", "straight 6.35", "--wood", "ebony", "--stock-at", "0,0,0.4"))
        .isEqualTo(1);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "--cutter=whisk|--cutter whisk: it is one of",
        "--cutter=one=spiral 8|a whole number stands before =",
        "--cutter=spiral 8 --stock=100x60|it takes 3 numbers, not 2",
        "--cutter=spiral 8 --stock=100x60x-1|more than 0 mm long, wide and thick",
        "--cutter=spiral 8 --cell=0|can't be worked out",
        "--cutter=spiral 8 --cell=0.001|can't be worked out",
        "--cutter=spiral 8 --wood=cardboard|no wood of that name",
        "--cutter=spiral 8 --clamp=1,2,3|name=x,y,x,y,z",
        "--cutter=spiral 8 --feeds=1200,2000|give the machine's --travel too",
        "--cutter=spiral 8 --travel=0,1,1|travels more than 0 mm each way",
        "--cutter=spiral 8 --shop=nowhere|nowhere"
      })
  void slipsAreToldAtTheirOption(String args, String words) {
    List<String> more = new ArrayList<>(List.of(args.split(" (?=--)")));
    List<String> all = new ArrayList<>(List.of("simulate", file.toString()));
    if (more.stream().noneMatch(a -> a.startsWith("--stock="))) {
      all.add("--stock=100x60x20");
    }
    all.addAll(more);
    int status =
        RoughCut.run(
            NOW,
            new PrintWriter(out, true),
            new PrintWriter(err, true),
            all.toArray(String[]::new));
    assertThat(status).as(out + err.toString()).isEqualTo(2);
    assertThat(err.toString()).contains(words);
  }

  @Test
  void filesThatArentProgramsAreFaultsNotCrashes() throws IOException {
    Files.write(file, new byte[] {(byte) 0xff, 0, 7, 'G', '1', ' ', 'X', '\n', (byte) 0xfe});
    assertThat(run("--cutter", "spiral 8")).isEqualTo(1);
    assertThat(out.toString()).contains("isn't understood here");
    Files.writeString(file, "(nothing)\nM30\n", StandardCharsets.UTF_8);
    out.getBuffer().setLength(0);
    assertThat(run("--cutter", "spiral 8")).isZero();
    Files.delete(file);
    assertThat(run("--cutter", "spiral 8")).isEqualTo(2);
    assertThat(err.toString()).contains("slot.nc");
  }

  /** What was written for a face is simulated by hand with the same result. */
  @Test
  void programsOfABodyAreWrittenAndRun() throws IOException {
    assertThat(
            RoughCut.run(
                NOW,
                new PrintWriter(out, true),
                new PrintWriter(err, true),
                "mill",
                "--face=BACK",
                "--to=" + folder.resolve("nc")))
        .as(out + err.toString())
        .isZero();
    assertThat(out.toString())
        .contains("back-1-spiral-8.nc")
        .contains("spiral 8: controls, ledge; controls. ")
        .contains("By hand: neck bolt 1; neck bolt 2. ")
        .contains("Zero: centre line and body edge at the neck, on the face.");
    assertThat(err.toString()).contains("air or scrap").contains("local rules");
    file = folder.resolve("nc").resolve("back-1-spiral-8.nc");
    assertThat(Files.readString(file)).contains("(controls, ").doesNotContain("?");
    out.getBuffer().setLength(0);
    int status =
        RoughCut.run(
            NOW,
            new PrintWriter(out, true),
            new PrintWriter(err, true),
            "simulate",
            file.toString(),
            "--stock=500x350x45",
            "--stock-at=-60,-175,0",
            "--cutter=spiral 8",
            "--wood=alder");
    assertThat(status).as(out + err.toString()).isZero();
    assertThat(out.toString()).contains("lowest −39.00 mm");
    Files.writeString(folder.resolve("blocked"), "");
    assertThat(
            RoughCut.run(
                NOW,
                new PrintWriter(out, true),
                new PrintWriter(err, true),
                "mill",
                "--to=" + folder.resolve("blocked")))
        .isEqualTo(2);
  }

  /** The script hands on what the program knows: each command stands in both. */
  @Test
  void theScriptKnowsEachCommand() throws IOException {
    String script = Files.readString(Path.of("../roughcut"));
    String line = script.lines().filter(l -> l.contains("| --help |")).findFirst().orElseThrow();
    for (Class<?> command :
        RoughCut.class.getAnnotation(picocli.CommandLine.Command.class).subcommands()) {
      String name = command.getAnnotation(picocli.CommandLine.Command.class).name();
      assertThat(line).containsPattern("[ |]" + name + " ");
    }
  }
}
