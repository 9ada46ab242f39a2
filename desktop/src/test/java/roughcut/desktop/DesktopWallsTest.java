package roughcut.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.AccessTarget;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import roughcut.design.Design;
import roughcut.design.NumberDecision;

/** The rooms of the desktop, and what it may use of core. */
class DesktopWallsTest {
  private final JavaClasses desktop =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("roughcut.desktop");

  @Test
  void roomsImportInOneDirection() {
    Architectures.layeredArchitecture()
        .consideringOnlyDependenciesInAnyPackage("roughcut.desktop..")
        .layer("app")
        .definedBy("roughcut.desktop")
        .layer("shell")
        .definedBy("roughcut.desktop.shell..")
        .layer("station")
        .definedBy("roughcut.desktop.station..")
        .layer("control")
        .definedBy("roughcut.desktop.control..")
        .layer("draw")
        .definedBy("roughcut.desktop.draw..")
        .layer("session")
        .definedBy("roughcut.desktop.session..")
        .layer("words")
        .definedBy("roughcut.desktop.words..")
        .whereLayer("words")
        .mayNotAccessAnyLayer()
        .whereLayer("app")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("shell")
        .mayOnlyBeAccessedByLayers("app")
        .whereLayer("station")
        .mayOnlyBeAccessedByLayers("app", "shell")
        .whereLayer("control")
        .mayOnlyBeAccessedByLayers("app", "shell", "station", "draw")
        .whereLayer("draw")
        .mayOnlyBeAccessedByLayers("app", "shell", "station")
        .check(desktop);
  }

  /** Fields show what is decided; all else what counts, measured where it was. */
  @Test
  void whatIsOnlyDecidedIsShownInFieldsOnly() {
    noClasses()
        .that()
        .doNotHaveFullyQualifiedName("roughcut.desktop.session.Session")
        .should()
        .callMethod(NumberDecision.class, "in", Design.class)
        .check(desktop);
  }

  /** Where a program begins and takes the machine's clock; and the disk's own times. */
  private static final Set<String> BEGINNINGS =
      Set.of(
          "roughcut.record.CurrentTime",
          "roughcut.command.RoughCut",
          "roughcut.desktop.RoughCutApplication",
          "roughcut.desktop.shell.Windows",
          "roughcut.file.SafeFile");

  /** One clock is given to everything, core included; nobody else asks the machine for now. */
  @Test
  void nobodyAsksTheMachineForTheTime() {
    List<String> asking =
        new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("roughcut")
                .stream()
                .filter(c -> !BEGINNINGS.contains(c.getName()))
                .flatMap(c -> c.getCodeUnitCallsFromSelf().stream())
                .filter(c -> asksForNow(c.getTarget()))
                .map(c -> c.getDescription())
                .toList();
    assertThat(asking).isEmpty();
  }

  private static boolean asksForNow(AccessTarget.CodeUnitCallTarget target) {
    String owner = target.getOwner().getName();
    String name = target.getName();
    boolean bare = target.getRawParameterTypes().isEmpty();
    return owner.startsWith("java.time.")
            && (name.equals("now") && bare || name.startsWith("system"))
        || owner.equals("java.lang.System") && name.equals("currentTimeMillis")
        || owner.equals("java.util.Date") && name.equals("<init>") && bare
        || owner.equals("roughcut.record.CurrentTime") && name.equals("ofThisMachine");
  }

  @Test
  void stationsUseNoFileFormatsOfTheirOwn() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("com.fasterxml..", "org.apache.pdfbox..", "org.locationtech..")
        .check(desktop);
  }

  /** A style class that the sheet doesn't know is a word misspelt, or a control left plain. */
  @Test
  void everyStyleClassIsInTheSheet() throws IOException {
    Path main = Path.of("src/main");
    String sheet = Files.readString(main.resolve("resources/roughcut/desktop/rough-cut.css"));
    Set<String> known = new TreeSet<>();
    Matcher rule = Pattern.compile("\\.([a-z][a-z-]*)").matcher(sheet);
    while (rule.find()) {
      known.add(rule.group(1));
    }
    Pattern added =
        Pattern.compile("getStyleClass\\(\\)\\s*\\.(?:add|addAll|setAll)\\(([^;]*?)\\);");
    Pattern word = Pattern.compile("(?<!\\+ )\"([a-z][a-z-]*[a-z])\"");
    Set<String> unknown = new TreeSet<>();
    int seen = 0;
    try (Stream<Path> sources = Files.walk(main.resolve("java"))) {
      for (Path source : sources.filter(f -> f.toString().endsWith(".java")).toList()) {
        Matcher call = added.matcher(Files.readString(source));
        while (call.find()) {
          Matcher style = word.matcher(call.group(1));
          while (style.find()) {
            seen++;
            // What a state is called in the middle of a name, as in “is-clear”.
            if (!known.contains(style.group(1)) && !known.contains("is-" + style.group(1))) {
              unknown.add(style.group(1) + " in " + source.getFileName());
            }
          }
        }
      }
    }
    assertThat(seen).isGreaterThan(150);
    assertThat(unknown).isEmpty();
  }
}
