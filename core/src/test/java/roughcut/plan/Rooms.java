package roughcut.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import roughcut.demo.Demo;
import roughcut.finding.Finding;
import roughcut.fretboard.FretboardRadius;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.Value;
import roughcut.neck.NeckShape;
import roughcut.record.Build;

/**
 * The first chapters of a plan, each made when it is asked for: a fret layout needs no body, and a
 * test of strings none of the routs.
 */
public final class Rooms {
  private final Ground ground;
  private LayoutPlan layout;
  private FretboardPlan fretboard;
  private StringPlan strings;
  private NeckPlan neck;

  private Rooms(Ground ground) {
    this.ground = ground;
  }

  /** Of a build, in the demo's shop. */
  public static Rooms of(Build build) {
    return new Rooms(new Ground(build, Demo.shop()));
  }

  public Build build() {
    return ground.build();
  }

  public LayoutPlan layout() {
    layout = layout == null ? LayoutPlan.of(ground) : layout;
    return layout;
  }

  public FretboardPlan fretboard() {
    fretboard = fretboard == null ? FretboardPlan.of(ground, layout()) : fretboard;
    return fretboard;
  }

  public StringPlan stringPlan() {
    strings = strings == null ? StringPlan.of(ground, layout(), fretboard()) : strings;
    return strings;
  }

  public NeckPlan neckPlan() {
    neck = neck == null ? NeckPlan.of(ground, layout(), fretboard(), stringPlan()) : neck;
    return neck;
  }

  public FretLayout frets() {
    return layout().frets();
  }

  public FretboardTaper taper() {
    return layout().taper();
  }

  public StringSpread strings() {
    return layout().strings();
  }

  public FretboardRadius radius() {
    return fretboard().radius();
  }

  public NeckShape neck() {
    return neckPlan().shape();
  }

  /** A number of the first chapter that has it. */
  public Optional<Value> value(String id) {
    return Stream.<java.util.function.Supplier<Told>>of(
            () -> layout().told(),
            () -> fretboard().told(),
            () -> stringPlan().told(),
            () -> neckPlan().told())
        .map(chapter -> chapter.get().values().get(id))
        .filter(v -> v != null)
        .findFirst();
  }

  /** What can't be, in layout, fretboard and strings. */
  public List<Finding> problems() {
    return Stream.of(layout().told(), fretboard().told(), stringPlan().told())
        .flatMap(t -> t.findings().stream())
        .filter(f -> f.severity() == Finding.Severity.IMPOSSIBLE)
        .toList();
  }
}
