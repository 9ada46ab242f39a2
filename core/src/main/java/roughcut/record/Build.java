package roughcut.record;

import java.util.Map;
import java.util.Optional;
import roughcut.design.Design;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * One instrument: what it is called, what was decided, what was read and done, and what it has to
 * hold to. Immutable; an edit is a function from build to build.
 */
public record Build(String name, Design design, Log log, Brief brief) {
  public static final int LONGEST_NAME = 80;

  public Build {
    if (name == null || name.isBlank() || name.length() > LONGEST_NAME) {
      throw new InvalidValue(
          Text.of("a build needs a name of at most {most} letters", LONGEST_NAME));
    }
  }

  /** A build of which nothing is made yet. */
  public Build(String name, Design design) {
    this(name, design, Log.NONE);
  }

  /** A build of which nothing has to hold. */
  public Build(String name, Design design, Log log) {
    this(name, design, log, Brief.NONE);
  }

  public Build withBrief(Brief next) {
    return new Build(name, design, log, next);
  }

  /** The readings that stand, by the id of the decision whose place they take. */
  public Map<String, Reading> measured() {
    return log.current();
  }

  /** What was done to each fret. */
  public FretRecords frets() {
    return log.frets();
  }

  public Build withDesign(Design next) {
    return new Build(name, next, log, brief);
  }

  public Build withLog(Log next) {
    return new Build(name, design, next, brief);
  }

  public Build withFrets(FretRecords next) {
    return withLog(log.with(next));
  }

  public Build withName(String next) {
    return new Build(next, design, log, brief);
  }

  public Build withReading(Reading reading) {
    return withLog(log.with(reading));
  }

  /** This build with what was read of one thing withdrawn. */
  public Build withoutMeasured(String decisionId) {
    return withLog(log.withdrawn(decisionId));
  }

  /** This build without a fitting, and without what was measured on it. */
  public Build withoutFitting(String fitting) {
    Log kept = design.fitting(fitting).map(f -> log.without(f::owns)).orElse(log);
    return new Build(name, design.withoutFitting(fitting), kept, brief);
  }

  /**
   * This build with what happened to it in another window since both were alike; empty where the
   * other changed more than what happened, and somebody has to choose.
   *
   * @param base as both were
   */
  public Optional<Build> joined(Build base, Build theirs) {
    boolean mineDrawn = drawnOtherwise(base);
    boolean theirsDrawn = theirs.drawnOtherwise(base);
    if (mineDrawn && theirsDrawn) {
      return Optional.empty();
    }
    Build drawn = theirsDrawn ? theirs : this;
    return Optional.of(
        new Build(drawn.name, drawn.design, LogJoin.of(base.log, log, theirs.log), drawn.brief));
  }

  private boolean drawnOtherwise(Build base) {
    return !design.equals(base.design) || !name.equals(base.name) || !brief.equals(base.brief);
  }

  /** This build as it was drawn, before anything was measured; what was done stays done. */
  public Build asDesigned() {
    Log unread = log.unread();
    return unread == log ? this : withLog(unread);
  }
}
