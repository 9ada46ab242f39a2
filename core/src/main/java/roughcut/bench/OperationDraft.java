package roughcut.bench;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import roughcut.blank.GlueJob;
import roughcut.design.OperationId;
import roughcut.finding.Chapter;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.part.PartId;
import roughcut.shop.Glue;

/** An operation while it is written down. */
final class OperationDraft {
  final OperationId id;
  final PartId part;
  final Chapter chapter;
  final Text title;
  final int minutes;
  final Set<ReferenceFace> stands = EnumSet.noneOf(ReferenceFace.class);
  final Set<ReferenceFace> measures = EnumSet.noneOf(ReferenceFace.class);
  final Set<ReferenceFace> makes = EnumSet.noneOf(ReferenceFace.class);
  final Set<ReferenceFace> destroys = EnumSet.noneOf(ReferenceFace.class);
  final Map<String, Text> after = new LinkedHashMap<>();
  final List<OperationId> bound = new ArrayList<>();
  final List<String> settings = new ArrayList<>();
  final Set<String> optional = new HashSet<>();
  final List<Text> tools = new ArrayList<>();
  final List<HoldPoint> holds = new ArrayList<>();
  final Set<Caution> cautions = EnumSet.noneOf(Caution.class);
  WaitingTime wait;
  boolean undoable;
  Text wrong = Text.NONE;
  final List<Text> problems = new ArrayList<>();
  final List<Text> hazards = new ArrayList<>();
  final Set<PartId> clamped = EnumSet.noneOf(PartId.class);
  final Set<Repair> repairs = EnumSet.noneOf(Repair.class);
  final Set<String> depths = new HashSet<>();
  final Set<String> openings = new HashSet<>();
  final List<String> places = new ArrayList<>();
  final Set<String> passes = new HashSet<>();
  final Set<String> poured = new LinkedHashSet<>();
  boolean movesWood;
  final Map<String, Operation.Heard> sounding = new HashMap<>();

  OperationDraft(OperationId id, PartId part, Chapter chapter, Text title, int minutes) {
    this.id = id;
    this.part = part;
    this.chapter = chapter;
    this.title = title;
    this.minutes = minutes;
  }

  OperationDraft needsFaces(ReferenceFace... faces) {
    stands.addAll(List.of(faces));
    return this;
  }

  OperationDraft measures(ReferenceFace... faces) {
    measures.addAll(List.of(faces));
    return this;
  }

  OperationDraft makes(ReferenceFace... faces) {
    makes.addAll(List.of(faces));
    return this;
  }

  OperationDraft destroys(ReferenceFace... faces) {
    destroys.addAll(List.of(faces));
    return this;
  }

  /**
   * Binds it behind another, for a reason that wood gives rather than habit. The other has to be
   * there: a route in which it isn't isn't made.
   */
  OperationDraft after(OperationId operation, Text reason) {
    after.put(operation.text(), reason);
    bound.add(operation);
    return this;
  }

  /** The same behind one that not every such instrument has. */
  OperationDraft afterIfThere(OperationId operation, Text reason) {
    after.put(operation.text(), reason);
    return this;
  }

  /** What is set; each number has to be told by the plan, or the route isn't made. */
  OperationDraft set(SettingRef... values) {
    settings.addAll(ids(values));
    return this;
  }

  private static List<String> ids(SettingRef... values) {
    return Stream.of(values).map(SettingRef::id).toList();
  }

  /** Numbers that not every such instrument has: left out where the plan doesn't tell them. */
  OperationDraft setIfThere(SettingRef... values) {
    optional.addAll(ids(values));
    return set(values);
  }

  /** Leaves out what may be missing and is. */
  void leaveOut(Predicate<String> there) {
    settings.removeIf(s -> optional.contains(s) && !there.test(s));
  }

  /** Ids of numbers that may be missing. */
  Set<String> optional() {
    return Set.copyOf(optional);
  }

  /** What it was bound behind that there has to be. */
  List<OperationId> bound() {
    return List.copyOf(bound);
  }

  /** Settings that are depths: they grow with what is taken away. */
  OperationDraft deep(SettingRef... values) {
    depths.addAll(ids(values));
    return set(values);
  }

  /** Settings that are an opening's widths. */
  OperationDraft wide(SettingRef... values) {
    openings.addAll(ids(values));
    return set(values);
  }

  /** Depths that a machine is set to on the way: what came out is read elsewhere. */
  OperationDraft passing(SettingRef... values) {
    passes.addAll(ids(values));
    return deep(values);
  }

  /** Settings that are places on the part, from an edge or a line that can be touched. */
  OperationDraft placed(SettingRef... values) {
    places.addAll(ids(values));
    return set(values);
  }

  /** Settings that are places along the strings, where a fault is heard. */
  OperationDraft heardAs(Operation.Heard how, SettingRef... values) {
    ids(values).forEach(v -> sounding.put(v, how));
    return set(values);
  }

  OperationDraft tools(Text... words) {
    tools.addAll(List.of(words));
    return this;
  }

  OperationDraft hold(HoldPoint hold) {
    holds.add(hold);
    return this;
  }

  OperationDraft waits(double hours, Text reason) {
    wait = WaitingTime.of(hours, reason);
    return this;
  }

  /** A glue-up: until it is cured nothing is done on the parts that lie in clamps. */
  OperationDraft cures(Glue glue, PartId... parts) {
    clamped.addAll(List.of(parts));
    wait = WaitingTime.cure(glue);
    return this;
  }

  PartId part() {
    return part;
  }

  boolean dusty() {
    return cautions.contains(Caution.DUST);
  }

  OperationDraft hazards(List<Text> sentences) {
    hazards.addAll(sentences);
    return this;
  }

  OperationDraft problems(List<Text> words) {
    problems.addAll(words);
    return this;
  }

  OperationDraft repaired(Repair... ways) {
    repairs.addAll(List.of(ways));
    return this;
  }

  /** So much wood comes off that what was flat before may not be flat after. */
  OperationDraft movesWood() {
    movesWood = true;
    return this;
  }

  /** What a glue-up is done by: its times, its glue, its clamps. */
  OperationDraft glues(GlueJob job) {
    poured.add(job.mass().id());
    return set(job.open(), job.time(), job.mass(), job.clamps());
  }

  OperationDraft undoable() {
    undoable = true;
    return this;
  }

  OperationDraft cautions(Caution... all) {
    cautions.addAll(List.of(all));
    return this;
  }

  OperationDraft unsafeAction(Text words) {
    wrong = words;
    return this;
  }

  Operation done() {
    return new Operation(this);
  }
}
