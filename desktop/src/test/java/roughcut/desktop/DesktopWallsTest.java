package roughcut.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures;
import org.junit.jupiter.api.Test;

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
        .whereLayer("app")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("shell")
        .mayOnlyBeAccessedByLayers("app")
        .whereLayer("station")
        .mayOnlyBeAccessedByLayers("app", "shell")
        .whereLayer("control")
        .mayOnlyBeAccessedByLayers("app", "shell", "station")
        .whereLayer("draw")
        .mayOnlyBeAccessedByLayers("app", "shell", "station")
        .check(desktop);
  }

  @Test
  void stationsUseNoFileFormatsOfTheirOwn() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("com.fasterxml..", "org.apache.pdfbox..", "org.locationtech..")
        .check(desktop);
  }
}
