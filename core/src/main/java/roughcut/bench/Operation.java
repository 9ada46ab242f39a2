package roughcut.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roughcut.design.OperationId;
import roughcut.finding.Chapter;
import roughcut.measure.Text;
import roughcut.part.PartId;

/**
 * One operation of an instrument's making: what, on which part and faces, with what, set to what,
 * what has to be done and known before, how long it takes, and what goes wrong there (handbook page
 * 7, "Work order").
 */
public final class Operation {
  private final String id;
  private final PartId part;
  private final Chapter chapter;
  private final Text title;
  private final int minutes;
  private final Set<ReferenceFace> stands;
  private final Set<ReferenceFace> measures;
  private final Set<ReferenceFace> makes;
  private final Set<ReferenceFace> destroys;
  private final Map<String, Text> after;
  private final List<String> settings;
  private final List<Text> tools;
  private final List<HoldPoint> holds;
  private final Optional<WaitingTime> wait;
  private final boolean undoable;
  private final Set<Caution> cautions;
  private final Text wrong;
  private final List<Text> problems;
  private final List<Text> hazards;
  private final Set<PartId> clamped;
  private final Set<Repair> repairs;
  private final Set<String> depths;
  private final Set<String> openings;
  private final List<String> places;
  private final Set<String> passes;
  private final Set<String> poured;
  private final boolean movesWood;
  private final Map<String, Heard> sounding;

  Operation(OperationDraft draft) {
    id = draft.id.text();
    part = draft.part;
    chapter = draft.chapter;
    title = draft.title;
    minutes = draft.minutes;
    stands = Collections.unmodifiableSet(draft.stands);
    measures = Collections.unmodifiableSet(draft.measures);
    makes = Collections.unmodifiableSet(draft.makes);
    destroys = Collections.unmodifiableSet(draft.destroys);
    after = Collections.unmodifiableMap(draft.after);
    settings = List.copyOf(draft.settings);
    tools = List.copyOf(draft.tools);
    holds = List.copyOf(draft.holds);
    wait = Optional.ofNullable(draft.wait);
    undoable = draft.undoable;
    cautions = Collections.unmodifiableSet(draft.cautions);
    wrong = draft.wrong;
    problems = List.copyOf(draft.problems);
    hazards = List.copyOf(draft.hazards);
    clamped = Collections.unmodifiableSet(draft.clamped);
    repairs = Collections.unmodifiableSet(draft.repairs);
    depths = Set.copyOf(draft.depths);
    openings = Set.copyOf(draft.openings);
    places = List.copyOf(draft.places);
    passes = Set.copyOf(draft.passes);
    poured = Set.copyOf(draft.poured);
    movesWood = draft.movesWood;
    sounding = Map.copyOf(draft.sounding);
  }

  /** Begins one: id, part, the station that shows it, what is done, hands-on minutes. */
  static OperationDraft of(OperationId id, PartId part, Chapter chapter, Text title, int minutes) {
    return new OperationDraft(id, part, chapter, title, minutes);
  }

  public String id() {
    return id;
  }

  public PartId part() {
    return part;
  }

  /** The chapter on whose station it stands. */
  public Chapter chapter() {
    return chapter;
  }

  /** What is done, as one would tell a helper. */
  public Text title() {
    return title;
  }

  /** Hands-on minutes, by rule of thumb until the log knows better. */
  public int minutes() {
    return minutes;
  }

  /** Faces that it is supported or clamped on. */
  public Set<ReferenceFace> neededFaces() {
    return stands;
  }

  /** Faces and lines that it measures from. */
  public Set<ReferenceFace> measuresFrom() {
    return measures;
  }

  /** All faces that have to be there. */
  public Set<ReferenceFace> needs() {
    Set<ReferenceFace> all = EnumSet.noneOf(ReferenceFace.class);
    all.addAll(stands);
    all.addAll(measures);
    return all;
  }

  /** Faces that are there from then on. */
  public Set<ReferenceFace> makes() {
    return makes;
  }

  /** Faces that are gone from then on. */
  public Set<ReferenceFace> destroys() {
    return destroys;
  }

  /** Ids of how much glue is mixed or poured. */
  public Set<String> poured() {
    return poured;
  }

  /** Whether wood comes off that may have held the rest straight. */
  public boolean movesWood() {
    return movesWood;
  }

  /** What has to be done before, by id, each with its physical reason. */
  public Map<String, Text> after() {
    return after;
  }

  /** Ids of the values that machine and ruler are set to. */
  public List<String> settings() {
    return settings;
  }

  public List<Text> tools() {
    return tools;
  }

  /** What has to be known before it. */
  public List<HoldPoint> holds() {
    return holds;
  }

  /** What has to pass after it. */
  public Optional<WaitingTime> waiting() {
    return wait;
  }

  /** Whether it can be undone without harm. */
  public boolean undoable() {
    return undoable;
  }

  public Set<Caution> cautions() {
    return cautions;
  }

  /** Parts on which nothing else is done until its wait is over: they lie in clamps together. */
  public Set<PartId> clamped() {
    return clamped;
  }

  /** Whether another can't be worked on until this one's wait is over: its part lies in clamps. */
  public boolean blocks(Operation other) {
    return clamped.contains(other.part);
  }

  /**
   * What can be done about one of its settings that came out other than wanted.
   *
   * @param setting id of the value
   * @param by what is wanted less what was set
   */
  public List<Repair> repairs(String setting, double by) {
    Sizing sizing = sizing(setting);
    return repairs.stream().filter(r -> r.fixes(sizing, by)).toList();
  }

  /** How a fault of one of its settings is heard; empty for one that is only seen. */
  public Optional<Heard> heard(String setting) {
    return Optional.ofNullable(sounding.get(setting));
  }

  /** Whether a setting is only a machine's on the way, and no size of what came out. */
  public boolean onTheWay(String setting) {
    return passes.contains(setting);
  }

  /** What a setting is a size of. */
  public Sizing sizing(String setting) {
    if (depths.contains(setting)) {
      return Sizing.DEPTH;
    }
    if (openings.contains(setting)) {
      return Sizing.OPENING;
    }
    return places.contains(setting) || sounding.containsKey(setting) ? Sizing.PLACE : Sizing.OTHER;
  }

  /** Whose pitch a place along the strings is: a fret's, or that of every open string. */
  public enum Heard {
    AT_A_FRET,
    AT_THE_SADDLES
  }

  /** What of the woods or stuffs in hand can harm, each a sentence. */
  public List<Text> hazards() {
    return hazards;
  }

  /** Everything to take care of, in sentences; the standing one last. */
  public List<Text> care() {
    List<Text> all = new ArrayList<>();
    cautions.forEach(c -> all.add(c.words()));
    all.addAll(hazards);
    all.add(Caution.STANDING);
    return all;
  }

  /** What goes wrong there; empty for nothing that makers tell of. */
  public Text wrong() {
    return wrong;
  }

  /** What in the plan keeps it from being begun, in words; lengths in mm, written out. */
  public List<Text> problems() {
    return problems;
  }

  /** Whether it is that one. */
  public boolean is(OperationId operation) {
    return id.equals(operation.text());
  }

  @Override
  public String toString() {
    return id;
  }
}
