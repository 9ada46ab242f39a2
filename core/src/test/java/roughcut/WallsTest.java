package roughcut;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * The walls of the house: rooms import only those before them in the data's direction, and core
 * knows no windows.
 */
class WallsTest {
  /** In the data's direction: each may import those before it. */
  private static final List<String> ROOMS =
      List.of(
          "memo",
          "measure",
          "finding",
          "caliper",
          "geometry",
          "shop",
          "gcode",
          "stock",
          "design",
          "record",
          "start",
          "part",
          "layout",
          "blank",
          "fretboard",
          "strings",
          "neck",
          "body",
          "rout",
          "clearance",
          "plan",
          "bench",
          "machining",
          "whatif",
          "schedule",
          "drawing",
          "demo",
          "file",
          "command");

  private final JavaClasses core =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("roughcut");

  @Test
  void everyRoomHasItsPlaceAndImportsOnlyThoseBeforeIt() {
    Set<String> rooms = new TreeSet<>();
    for (JavaClass from : core) {
      String room = room(from);
      rooms.add(room);
      assertThat(ROOMS).as("a room of its own place: " + from.getName()).contains(room);
      from.getDirectDependenciesFromSelf()
          .forEach(
              d -> {
                if (d.getTargetClass().getPackageName().startsWith("roughcut.")) {
                  assertThat(ROOMS.indexOf(room(d.getTargetClass())))
                      .as(d.getDescription())
                      .isLessThanOrEqualTo(ROOMS.indexOf(room));
                }
              });
    }
    assertThat(rooms).hasSameElementsAs(ROOMS);
  }

  private static String room(JavaClass type) {
    return type.getPackageName().replaceFirst("^roughcut\\.", "").replaceFirst("\\..*", "");
  }

  /** What was measured stands in a decision's place in the plan only; who asks the design, lies. */
  @Test
  void drawingsTakeTheirNumbersFromThePlan() {
    noClasses()
        .that()
        .resideInAPackage("roughcut.drawing..")
        .should()
        .dependOnClassesThat()
        .haveFullyQualifiedName("roughcut.design.Design")
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName("roughcut.record.Build")
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName("roughcut.record.EffectiveInputs")
        .check(core);
  }

  /**
   * What is decided is asked where it is changed, told or compared; what counts is a given,
   * measured where it was.
   */
  @Test
  void whatIsOnlyDecidedIsNotTakenForWhatCounts() {
    Set<String> changing =
        Set.of(
            "roughcut.plan.BodyDrag",
            "roughcut.bench.HoldPoints",
            "roughcut.bench.OutdatedCut",
            "roughcut.whatif.RecoveryOptions",
            "roughcut.whatif.ChangeSummary",
            "roughcut.whatif.LogBook",
            "roughcut.whatif.ClearanceFixes");
    Set<String> others = new TreeSet<>();
    for (JavaClass from : core) {
      if (!Set.of("design", "record", "start", "file", "demo", "command").contains(room(from))) {
        from.getMethodCallsFromSelf().stream()
            .filter(c -> c.getTargetOwner().getSimpleName().equals("NumberDecision"))
            .filter(c -> c.getName().equals("in"))
            .forEach(c -> others.add(from.getName().replaceFirst("\\$.*", "")));
      }
    }
    assertThat(others).isSubsetOf(changing);
    assertThat(changing).isSubsetOf(others);
  }

  @Test
  void coreKnowsNoWindows() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("javafx..", "javax.swing..", "roughcut.desktop..")
        .check(core);
    noClasses()
        .that()
        .resideOutsideOfPackage("roughcut.file..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("java.awt..", "javax.imageio..", "org.apache.pdfbox..")
        .check(core);
    // The tables that ship with the program are bound to their records where those are.
    noClasses()
        .that()
        .resideOutsideOfPackages("roughcut.file..", "roughcut.shop..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("com.fasterxml..")
        .check(core);
  }
}
