package roughcut.demo;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Reading;

/** What was done to the demo's six-string so far: its neck is carved, its body glued and sawn. */
final class DemoWork {
  private static final List<String> NECK =
      List.of(
          "neck.mill",
          DoneOperation.stripSawn(1),
          DoneOperation.stripSawn(2),
          DoneOperation.stripSawn(3),
          DoneOperation.stripSawn(4),
          DoneOperation.stripSawn(5),
          "neck.strips.plane",
          "neck.dry-fit",
          "neck.glue",
          "neck.flatten",
          "neck.step.1",
          "neck.lines",
          "head.scarf.saw",
          "head.scarf.plane",
          "head.scarf.glue",
          "head.thickness",
          "head.outline",
          "head.tuners",
          "rod.access",
          "rod.channel",
          "stiffener.channels",
          "neck.outline",
          "neck.supports",
          "board.plane",
          "board.slots",
          "board.nut-end",
          "board.taper",
          "board.pins",
          "board.glue",
          "board.flush",
          "neck.back.saw",
          "heel.faces",
          "board.dots",
          "board.radius",
          "frets.press",
          "frets.ends",
          "bolt.pilots",
          "neck.carve",
          "neck.straightedge");
  private static final List<String> BODY =
      List.of(
          "body.mill",
          "body.glue",
          "body.flatten",
          "body.lines",
          "body.cut.neck-wire",
          "top.resaw",
          "top.joint",
          "top.glue",
          "body.to-thickness",
          "body.to-outline");

  /** What the scarf was set to when it was sawn, as drawn then. */
  private static final Map<String, Double> SCARF =
      Map.of("scarf.mark-top", 440.1, "scarf.mark-back", 512.2, "scarf.run", 72.2);

  private DemoWork() {}

  /** The log with the neck's and the body's operations, an evening's work a day. */
  static Log heron(Log log, LocalDate today) {
    Log next = look(log, today);
    LocalDateTime first = today.minusDays(42).atTime(18, 0);
    next = done(next, NECK, first, 0.8);
    return done(next, BODY, today.minusDays(20).atTime(18, 30), 1.6);
  }

  private static Log look(Log log, LocalDate today) {
    Log next = log;
    for (String what : List.of("look.stack.closed", "look.scarf.tight", "look.body.joint")) {
      next = next.with(new Reading(what, 1, today.minusDays(38).atTime(19, 0), "", "light", true));
    }
    return next;
  }

  private static Log done(Log log, List<String> ids, LocalDateTime first, double everyDays) {
    Log next = log;
    for (int i = 0; i < ids.size(); i++) {
      String id = ids.get(i);
      LocalDateTime at = first.plusDays(Math.round(i * everyDays)).plusMinutes(7L * (i % 9));
      next =
          next.with(
              new DoneOperation(
                  id,
                  at,
                  Duration.ofMinutes(20 + 5L * (i % 7)),
                  "",
                  id.equals("head.scarf.saw") ? SCARF : Map.of()));
    }
    return next;
  }
}
