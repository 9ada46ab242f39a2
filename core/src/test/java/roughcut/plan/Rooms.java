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
  private final LazyPlan chapters;

  private Rooms(LazyPlan chapters) {
    this.chapters = chapters;
  }

  /** Of a build, in the demo's shop. */
  public static Rooms of(Build build) {
    return new Rooms(new LazyPlan(build, Demo.shop()));
  }

  public Build build() {
    return chapters.build();
  }

  public LayoutPlan layout() {
    return chapters.layout();
  }

  public FretboardPlan fretboard() {
    return chapters.fretboard();
  }

  public StringPlan stringPlan() {
    return chapters.strings();
  }

  public NeckPlan neckPlan() {
    return chapters.neck();
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

  /** A number; chapters after the one that tells it aren't made. */
  public Optional<Value> value(String id) {
    return chapters.value(id);
  }

  /** What can't be, in layout, fretboard and strings. */
  public List<Finding> problems() {
    return Stream.of(layout().told(), fretboard().told(), stringPlan().told())
        .flatMap(t -> t.findings().stream())
        .filter(f -> f.severity() == Finding.Severity.IMPOSSIBLE)
        .toList();
  }
}
