package roughcut.command;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Function;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.NeckJoint;
import roughcut.file.BuildFile;
import roughcut.measure.InvalidInput;
import roughcut.measure.NumberReader;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/** Begins an instrument by the questions of the New card, each with its usual answer. */
@Command(
    name = "new",
    description = "Starts a new instrument and saves it. Every answer left out is the usual one.",
    mixinStandardHelpOptions = true)
final class NewCommand implements Callable<Integer> {
  @Option(
      names = "--to",
      paramLabel = "FILE",
      required = true,
      description = "the file to save, which must not exist yet")
  private Path file;

  @Option(names = "--name", paramLabel = "NAME", description = "its name; the file's if left out")
  private String name;

  @Option(
      names = "--strings",
      paramLabel = "N",
      defaultValue = "6",
      description = "6 to 10 or 12 for a guitar, 4 to 6, 8 or 10 for a bass")
  private int strings;

  @Option(names = "--bass", description = "a bass, where a guitar has as many strings")
  private boolean bass;

  @Option(names = "--baritone", description = "a guitar tuned a fourth lower")
  private boolean baritone;

  @Option(names = "--tenor", description = "a guitar of four strings in fifths")
  private boolean tenor;

  @Option(names = "--scale", paramLabel = "LENGTH", description = "scale length, for example 635")
  private String scale;

  @Option(
      names = "--bass-scale",
      paramLabel = "LENGTH",
      description = "bass-side scale of fanned frets")
  private String bassScale;

  @Option(names = "--frets", paramLabel = "N", description = "number of frets")
  private Integer frets;

  @Option(
      names = "--joint",
      paramLabel = "JOINT",
      defaultValue = "bolt-on",
      description = "bolt-on, set-neck or neck-through")
  private String joint;

  @Option(
      names = "--headstock",
      paramLabel = "KIND",
      defaultValue = "scarf",
      description = "scarf, one-piece, flat or headless")
  private String head;

  @Option(names = "--left", description = "left-handed")
  private boolean left;

  @Option(names = "--neck-wood", paramLabel = "WOOD", description = "of neck and headstock")
  private String neck = NewInstrument.Timber.USUAL.neck();

  @Option(names = "--body-wood", paramLabel = "WOOD", description = "of the body")
  private String body = NewInstrument.Timber.USUAL.body();

  @Option(names = "--fretboard-wood", paramLabel = "WOOD", description = "of the fretboard")
  private String fretboard = NewInstrument.Timber.USUAL.fretboard();

  @Spec private CommandSpec spec;

  @Override
  public Integer call() throws Exception {
    Path path = file.resolveSibling(BuildFile.named(file.getFileName().toString()));
    if (Files.exists(path)) {
      throw new BadSetting("--to", path, Text.of("that file exists already"));
    }
    BuildFile.at(path).save(asked(path).build());
    spec.commandLine().getOut().println(path);
    return 0;
  }

  private NewInstrument asked(Path path) throws BadSetting {
    InstrumentKind kind =
        InstrumentKind.of(strings, bass, baritone, tenor)
            .orElseThrow(
                () ->
                    new BadSetting(
                        "--strings",
                        strings,
                        Text.of(
                            "6 to 10 or 12 for a guitar, 6 for a baritone, 4 for a tenor, "
                                + "4 to 6, 8 or 10 for a bass")));
    double treble = scale == null ? kind.scale() : length("--scale", scale);
    try {
      return new NewInstrument(
          name == null ? path.getFileName().toString().replace(BuildFile.ENDING, "") : name,
          kind,
          treble,
          bassScale == null ? treble : length("--bass-scale", bassScale),
          frets == null ? kind.frets() : frets,
          one("--joint", NeckJoint.values(), NewCommand::word, joint),
          one("--headstock", HeadMaking.values(), NewCommand::word, head),
          left ? Handedness.LEFT : Handedness.RIGHT,
          new NewInstrument.Timber(
              wood("--neck-wood", neck),
              wood("--body-wood", body),
              wood("--fretboard-wood", fretboard)));
    } catch (IllegalArgumentException e) {
      throw new BadSetting(Refused.why(e));
    }
  }

  private static double length(String option, String typed) throws BadSetting {
    try {
      return NumberReader.length(typed, Units.MM);
    } catch (InvalidInput e) {
      throw new BadSetting(option, typed, Refused.why(e));
    }
  }

  /** A wood by its name or its id. */
  private static String wood(String option, String typed) throws BadSetting {
    return SpeciesBook.all().stream()
        .filter(s -> s.id().equals(typed) || s.name().equalsIgnoreCase(typed.strip()))
        .findFirst()
        .map(Species::id)
        .orElseThrow(
            () ->
                new BadSetting(
                    option,
                    typed,
                    Text.of(
                        "it is one of {choices}",
                        String.join(
                            ", ", SpeciesBook.all().stream().map(Species::name).toList()))));
  }

  private static String word(NeckJoint joint) {
    return switch (joint) {
      case BOLT_ON -> "bolt-on";
      case SET_NECK -> "set-neck";
      case THROUGH -> "neck-through";
    };
  }

  private static String word(HeadMaking head) {
    return switch (head) {
      case SCARF -> "scarf";
      case ONE_PIECE -> "one-piece";
      case FLAT -> "flat";
      case HEADLESS -> "headless";
    };
  }

  private static <T> T one(String option, T[] all, Function<T, String> word, String typed)
      throws BadSetting {
    List<T> kinds = List.of(all);
    return kinds.stream()
        .filter(k -> word.apply(k).equals(typed))
        .findFirst()
        .orElseThrow(
            () ->
                new BadSetting(
                    option,
                    typed,
                    Text.of(
                        "it is one of {choices}",
                        String.join(", ", kinds.stream().map(word).toList()))));
  }
}
