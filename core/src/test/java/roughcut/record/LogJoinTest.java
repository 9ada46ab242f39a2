package roughcut.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import roughcut.Heron;

/** Two windows on one instrument: what either wrote down is there afterwards. */
class LogJoinTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 5, 4, 12, 0);
  private static final String[] OPERATIONS = {"head.outline", "body.saw", "frets.press"};

  /** A small thing that a maker writes down. */
  private static Log step(Log log, int what, int which, int minute) {
    LocalDateTime at = NOON.plusMinutes(minute);
    return switch (what) {
      case 0 -> log.with(Reading.of("heel.thickness", 20 + which, at));
      case 1 -> log.with(Reading.of("nut.width", 42 + which, at));
      case 2 -> log.with(DoneOperation.of(OPERATIONS[which], at));
      case 3 ->
          log.isDone(OPERATIONS[which])
              ? log.without(DoneOperation.of(OPERATIONS[which], at))
              : log;
      case 4 -> log.withdrawn("nut.width");
      case 5 ->
          log.with(new ChangedDecision(at, "head.length", "185", Integer.toString(190 + which)));
      default -> log.with(log.frets().all(which + 1, FretStage.SEATED, LocalDate.of(2026, 5, 4)));
    };
  }

  private static Log walked(Log from, List<Integer> steps, int minute) {
    Log log = from;
    for (int i = 0; i < steps.size(); i++) {
      log = step(log, steps.get(i) % 7, steps.get(i) / 7 % 3, minute + 2 * i);
    }
    return log;
  }

  private static Build build(Log log) {
    return Heron.build().asDesigned().withLog(log);
  }

  @Property
  void nothingThatEitherWroteDownIsLost(
      @ForAll @Size(max = 5) List<@IntRange(max = 20) Integer> before,
      @ForAll @Size(max = 5) List<@IntRange(max = 20) Integer> here,
      @ForAll @Size(max = 5) List<@IntRange(max = 20) Integer> there) {
    Log base = walked(Log.NONE, before, 0);
    Log mine = walked(base, here, 100);
    Log theirs = walked(base, there, 101);
    Log both = build(mine).joined(build(base), build(theirs)).orElseThrow().log();
    for (Log side : List.of(mine, theirs)) {
      for (Reading reading : side.readings()) {
        assertThat(both.readings())
            .anyMatch(
                r ->
                    r.of().equals(reading.of())
                        && r.at().equals(reading.at())
                        && r.value() == reading.value());
      }
      assertThat(both.decided()).containsAll(side.decided());
      side.frets()
          .done()
          .forEach((fret, stages) -> assertThat(both.frets().done()).containsKey(fret));
    }
    for (String operation : OPERATIONS) {
      boolean was = base.isDone(operation);
      boolean changedHere = !mine.done(operation).equals(base.done(operation));
      boolean changedThere = !theirs.done(operation).equals(base.done(operation));
      if (changedHere && !changedThere) {
        assertThat(both.done(operation)).isEqualTo(mine.done(operation));
      } else if (changedThere && !changedHere) {
        assertThat(both.done(operation)).isEqualTo(theirs.done(operation));
      } else if (!changedHere) {
        assertThat(both.isDone(operation)).isEqualTo(was);
      } else if (mine.isDone(operation) || theirs.isDone(operation)) {
        assertThat(both.isDone(operation))
            .as("done in one, never forgotten by the other")
            .isEqualTo(mine.isDone(operation));
      }
    }
    assertThat(both.done().stream().map(DoneOperation::operation)).doesNotHaveDuplicates();
    // Joined once more with either, nothing is added: it is all there.
    assertThat(build(both).joined(build(base), build(theirs)).orElseThrow().log().readings())
        .hasSameSizeAs(both.readings());
  }

  /** One that nobody else touched is the one's own. */
  @Property
  void whereTheOtherDidNothingItIsMine(
      @ForAll @Size(max = 5) List<@IntRange(max = 20) Integer> before,
      @ForAll @Size(max = 5) List<@IntRange(max = 20) Integer> here) {
    Log base = walked(Log.NONE, before, 0);
    Log mine = walked(base, here, 100);
    Log both = build(mine).joined(build(base), build(base)).orElseThrow().log();
    assertThat(both.current()).isEqualTo(mine.current());
    assertThat(both.done()).containsExactlyInAnyOrderElementsOf(mine.done());
    assertThat(build(base).joined(build(base), build(mine)).orElseThrow().log().current())
        .isEqualTo(mine.current());
  }

  /** Each window's own order stands, whatever its clock said; the two are joined by time. */
  @Test
  void joiningKeepsTheOrderOfEntering() {
    Log base =
        Log.NONE
            .with(Reading.of("nut.width", 43, NOON.plusHours(3)))
            .with(Reading.of("nut.width", 42.9, NOON));
    Log mine =
        base.with(Reading.of("heel.end", 500, NOON.plusHours(2)))
            .with(Reading.of("heel.end", 501, NOON.plusHours(1)));
    Log theirs = base.with(Reading.of("body.length", 400, NOON.plusMinutes(90)));
    Log both = build(mine).joined(build(base), build(theirs)).orElseThrow().log();
    assertThat(both.current().get("nut.width").value()).isEqualTo(42.9);
    assertThat(both.current().get("heel.end").value()).isEqualTo(501);
    assertThat(both.readings()).hasSize(5);
    assertThat(both.readings().get(2).value()).isEqualTo(400);
  }

  @Test
  void aReadingWithdrawnInOneWindowIsWithdrawn() {
    Log base = Log.NONE.with(Reading.of("nut.width", 42.6, NOON));
    Log mine = base.with(DoneOperation.of("body.saw", NOON));
    Log theirs = base.withdrawn("nut.width");
    Log both = build(mine).joined(build(base), build(theirs)).orElseThrow().log();
    assertThat(both.current()).doesNotContainKey("nut.width");
    assertThat(both.isDone("body.saw")).isTrue();
  }

  /** A design changed in one of them goes along; changed in both, somebody has to choose. */
  @Test
  void aDesignThatBothChangedIsNotJoined() {
    Build base = build(Log.NONE);
    Build drawn = base.withDesign(Heron.set(base.design(), "head.length=190"));
    Build cut = base.withLog(Log.NONE.with(DoneOperation.of("body.saw", NOON)));
    assertThat(cut.joined(base, drawn)).contains(drawn.withLog(cut.log()));
    assertThat(drawn.joined(base, cut)).contains(drawn.withLog(cut.log()));
    Build other = base.withDesign(Heron.set(base.design(), "head.angle=13"));
    assertThat(drawn.joined(base, other)).isEmpty();
    assertThat(drawn.joined(base, base.withName("Curlew"))).isEmpty();
  }
}
