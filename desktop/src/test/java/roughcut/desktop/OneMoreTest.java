package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javax.tools.Diagnostic;
import javax.tools.JavaFileObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * One more of something is added to a copy of the sources, and nothing else is done: every place
 * that has to know of it doesn't compile.
 */
class OneMoreTest {
  @TempDir Path copies;

  /** The classes that don't compile once a source has one more of something. */
  private Set<String> broken(String file, String before, String more) throws IOException {

    String type = "roughcut/" + file.replace(".java", "");
    List<Path> sources = Compiling.naming(type);
    Path changed =
        sources.stream()
            .filter(p -> p.toString().replace('\\', '/').endsWith(file))
            .findFirst()
            .orElseThrow();
    String text = Files.readString(changed);
    assertThat(text).as("the place for one more").containsOnlyOnce(before);
    Path copy = copies.resolve(changed.getFileName());
    Files.writeString(copy, text.replace(before, more + before));
    List<Path> all =
        Stream.concat(sources.stream().filter(p -> !p.equals(changed)), Stream.of(copy)).toList();
    Set<String> errors = new TreeSet<>();
    Compiling.task(
            all,
            d -> {
              if (d.getKind() == Diagnostic.Kind.ERROR) {
                errors.add(room(d.getSource()));
              }
            })
        .analyze();
    return errors;
  }

  private static String room(JavaFileObject source) {
    String name = source.getName().replace('\\', '/');
    int at = name.indexOf("/roughcut/");
    return name.substring(at < 0 ? name.lastIndexOf('/') + 1 : at + 10).replace(".java", "");
  }

  @Test
  void theSourcesThemselvesCompile() throws IOException {
    assertThat(broken("design/NeckJoint.java", "  THROUGH(", "")).isEmpty();
  }

  @Test
  void aFourthNeckJoint() throws IOException {
    assertThat(
            broken(
                "design/NeckJoint.java",
                "  THROUGH(",
                "DOVETAIL(\"dovetail\", Text.of(\"dovetail, dry\")),"))
        .containsExactlyInAnyOrder(
            "bench/FinishOrder",
            "blank/BlankTree",
            "blank/BodyBlank",
            "command/NewCommand",
            "design/Applicability",
            "neck/NeckShape",
            "neck/Tenon",
            "neck/ThroughCore",
            "plan/BlankPlan",
            "rout/BodyCuts",
            "schedule/BriefCheck",
            "start/NewInstrument",
            "strings/Bridge",
            "strings/HeelSeat",
            "strings/HeightsBuilder");
  }

  @Test
  void aFifthHead() throws IOException {
    assertThat(
            broken(
                "design/HeadMaking.java",
                "  FLAT(",
                "HINGED(Text.of(\"hinged\"), \"head.hinge\"),"))
        .containsExactlyInAnyOrder(
            "bench/HeadOrder",
            "command/NewCommand",
            "design/Applicability",
            "neck/HeadComparison",
            "neck/HeadLine",
            "neck/Headless",
            "neck/RoutedBlank",
            "plan/HeadPlan",
            "start/NewInstrument");
  }

  @Test
  void aSixthNut() throws IOException {
    assertThat(
            broken(
                "design/NutKind.java",
                "  LOCKING(",
                "ROLLER(Text.of(\"roller\"), Text.of(\"rolls\")),"))
        .containsExactlyInAnyOrder(
            "design/Applicability",
            "fretboard/NutSeat",
            "fretboard/Slots",
            "neck/HeadLine",
            "plan/NeckProblems",
            "strings/NutAction");
  }

  @Test
  void aFourthChannelMachine() throws IOException {
    assertThat(
            broken("design/ChannelMachine.java", "  EDGE_GUIDE(", "SLOTTER(Text.of(\"slotter\")),"))
        .containsExactlyInAnyOrder("bench/NeckOrder", "neck/ChannelRouting", "neck/MachineStops");
  }

  @Test
  void aFourthBack() throws IOException {
    assertThat(broken("design/BodyBack.java", "  STRIPS(", "FRAME(Text.of(\"frame\")),"))
        .containsExactlyInAnyOrder(
            "blank/BodyBlank",
            "blank/WoodParts",
            "design/Applicability",
            "drawing/BodyBlankDrawing");
  }

  @Test
  void aFourthWayToTheAngle() throws IOException {
    assertThat(broken("design/AngleMade.java", "  WEDGE(", "HINGE(Text.of(\"hinge\")),"))
        .containsExactlyInAnyOrder("bench/HeelOrder", "design/Applicability", "strings/HeelSeat");
  }

  @Test
  void aFifthReachOfTheRod() throws IOException {
    assertThat(broken("design/RodReach.java", "  HEEL(", "MIDDLE(Text.of(\"middle\"), false),"))
        .containsExactlyInAnyOrder("design/Applicability", "plan/NeckPlan", "plan/NeckProblems");
  }

  @Test
  void aTenthFitting() throws IOException {
    assertThat(
            broken(
                "design/FittingType.java", "  BORE(", "BADGE(Text.of(\"badge\"), Takes.NOTHING),"))
        .containsExactlyInAnyOrder(
            "design/FittingDecisions",
            "design/FittingTraits",
            "design/DrawnPart",
            "desktop/control/JoinsEditor",
            "plan/BodyDrag",
            "plan/StartingFitting",
            "rout/FittingCuts",
            "clearance/FittingClearances");
  }

  @Test
  void aSixthStepOfABlank() throws IOException {
    assertThat(broken("design/BlankStep.java", "    CAPPED(", "BENT(Text.of(\"bent\")),"))
        .containsExactlyInAnyOrder(
            "blank/BlankTree",
            "blank/GlueUp",
            "blank/StackLayers",
            "blank/WoodParts",
            "design/Design",
            "desktop/control/StepEditor");
  }

  @Test
  void aNewMark() throws IOException {
    assertThat(
            broken(
                "drawing/Mark.java",
                "    T handle(Handle handle) throws E;",
                "    T arc(Handle handle) throws E;\n"))
        .containsExactlyInAnyOrder(
            "desktop/draw/MarkPainter",
            "drawing/CompoundMarks",
            "file/DxfWriter",
            "file/PdfWriter",
            "file/SvgWriter");
  }

  @Test
  void aNewKindOfSegment() throws IOException {
    assertThat(
            broken(
                "geometry/Segment.java",
                "    T cubic(Cubic cubic) throws E;",
                "    T conic(Cubic cubic) throws E;\n"))
        .containsExactlyInAnyOrder(
            "file/CurveJson",
            "file/DxfLine",
            "file/DxfWriter",
            "file/PdfTrace",
            "file/SvgData",
            "geometry/ArcFinder",
            "geometry/Chain",
            "geometry/Curvature",
            "geometry/Offset",
            "geometry/Path",
            "machining/Ring",
            "neck/DrawnHead");
  }

  @Test
  void aNewKindOfNumber() throws IOException {
    assertThat(broken("measure/Origin.java", "  FOUND(", "GUESSED(\"guessed\"),"))
        .containsExactlyInAnyOrder(
            "bench/OutdatedCut",
            "desktop/control/SumCard",
            "plan/DependencyTracer",
            "whatif/RecoveryOptions");
  }
}
