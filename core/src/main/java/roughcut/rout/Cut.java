package roughcut.rout;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roughcut.design.CutName;
import roughcut.geometry.Box;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Shapes;
import roughcut.geometry.Solid;
import roughcut.measure.Text;

/** Something cut into the body: a rout with its steps, the widest first, or bores. */
public final class Cut {
  private final String name;
  private final String row;
  private final Text words;
  private final CutKind kind;
  private final CutFrom from;
  private final List<RoutStep> steps;
  private final List<Cylinder> bores;
  private final Set<String> joins;
  private final List<String> changedBy;
  private final boolean listed;
  private final List<Solid> solids;
  private final Box box;
  private List<Outline> outlines;
  private List<Outline> shapes;
  private double volume = Double.NaN;

  /** Whether it is made in the back and closed by a top, where there is one. */
  public boolean covered() {
    return switch (kind) {
      case CHANNEL, CHAMBER -> true;
      case RELIEF -> from == CutFrom.TOP;
      case POCKET,
              PICKUP,
              CAVITY,
              BRIDGE,
              BLOCK,
              SPRINGS,
              SLOT,
              WIRE,
              JACK,
              SHAFT,
              BOLT,
              POST,
              STRING,
              STRAP,
              SCREW,
              BORE ->
          false;
    };
  }

  /**
   * Makes a cut.
   *
   * @param name its own among all cuts
   * @param words what the maker calls it
   * @param steps of a rout; none of a bore
   * @param bores of a bore; none of a rout
   * @param joins names of other cuts that it meets on purpose
   * @param changedBy ids of decisions that would change it, the likeliest first
   * @param listed whether it is sized by hardware that nobody measured yet
   */
  public Cut(
      String name,
      Text words,
      CutKind kind,
      CutFrom from,
      List<RoutStep> steps,
      List<Cylinder> bores,
      Set<String> joins,
      List<String> changedBy,
      boolean listed) {
    this.name = name;
    this.row = CutName.row(name);
    this.words = words;
    this.kind = kind;
    this.from = from;
    this.steps = List.copyOf(steps);
    this.bores = List.copyOf(bores);
    this.joins = Set.copyOf(joins);
    this.changedBy = List.copyOf(changedBy);
    this.listed = listed;
    List<Solid> all = new ArrayList<>(bores);
    steps.forEach(s -> all.addAll(s.solids()));
    this.solids = List.copyOf(all);
    this.box = all.stream().map(Solid::box).reduce(Box::and).orElseThrow();
  }

  /** The same with another step in the place of one of its own. */
  Cut with(int index, RoutStep step) {
    List<RoutStep> next = new ArrayList<>(steps);
    next.set(index, step);
    return as(next, bores);
  }

  /** The same with other steps and bores. */
  Cut as(List<RoutStep> nextSteps, List<Cylinder> nextBores) {
    return new Cut(name, words, kind, from, nextSteps, nextBores, joins, changedBy, listed);
  }

  public String name() {
    return name;
  }

  /** Whether nothing that is worked out of this would come out otherwise of the other. */
  boolean alike(Cut other) {
    boolean told =
        name.equals(other.name)
            && words.equals(other.words)
            && kind == other.kind
            && from == other.from
            && listed == other.listed
            && joins.equals(other.joins)
            && changedBy.equals(other.changedBy);
    boolean shaped = bores.equals(other.bores) && steps.size() == other.steps.size();
    for (int i = 0; told && shaped && i < steps.size(); i++) {
      shaped = steps.get(i).alike(other.steps.get(i));
    }
    return told && shaped;
  }

  /** The name of the row of like cuts that it belongs to: bolts, a cover's screws, strings. */
  public String row() {
    return row;
  }

  public Text words() {
    return words;
  }

  /** The same, to begin a line with. */
  public Text title() {
    return words.capital();
  }

  public CutKind kind() {
    return kind;
  }

  public CutFrom from() {
    return from;
  }

  public List<RoutStep> steps() {
    return steps;
  }

  public List<Cylinder> bores() {
    return bores;
  }

  public List<String> changedBy() {
    return changedBy;
  }

  public boolean listed() {
    return listed;
  }

  /** Everything that it takes away. */
  public List<Solid> solids() {
    return solids;
  }

  /** The box around all of it. */
  public Box box() {
    return box;
  }

  /** What is seen of it from above, piece by piece. */
  public List<Outline> outlines() {
    if (outlines == null) {
      List<Outline> all = new ArrayList<>();
      steps.forEach(s -> all.add(s.outline()));
      bores.forEach(b -> all.add(shadow(b)));
      outlines = List.copyOf(all);
    }
    return outlines;
  }

  /** What is seen of it from above in shapes without hollows, for measuring. */
  public List<Outline> shapes() {
    if (shapes == null) {
      List<Outline> all = new ArrayList<>();
      steps.forEach(s -> all.addAll(s.shapes()));
      bores.forEach(b -> all.add(shadow(b)));
      shapes = List.copyOf(all);
    }
    return shapes;
  }

  /** A bore seen from above. */
  public static Outline shadow(Cylinder bore) {
    return bore.upright()
        ? Shapes.circle(bore.from().flat(), bore.radius())
        : Shapes.slot(bore.from().flat(), bore.to().flat(), bore.radius());
  }

  /** Whether it and the other are meant to meet. */
  public boolean joins(Cut other) {
    return joins.contains(other.name) || other.joins.contains(name);
  }

  /** How deep it goes from its face; the length of a bore, mm. */
  public double depth() {
    return steps.isEmpty()
        ? bores.stream().mapToDouble(Cylinder::length).max().orElse(0)
        : steps.stream().mapToDouble(s -> s.depth().value()).max().orElse(0);
  }

  /** Wood that it takes away, mm³; where steps overlap the deeper one counts. */
  public double volume() {
    if (Double.isNaN(volume)) {
      volume = measured();
    }
    return volume;
  }

  private double measured() {
    double sum = 0;
    for (Cylinder bore : bores) {
      sum += Math.PI * bore.radius() * bore.radius() * bore.length();
    }
    for (int i = 0; i < steps.size(); i++) {
      RoutStep step = steps.get(i);
      double shared = 0;
      for (int j = 0; j < i; j++) {
        RoutStep before = steps.get(j);
        double both = Math.min(step.depth().value(), before.depth().value());
        shared = Math.max(shared, step.common(before) * both);
      }
      sum += step.area() * step.depth().value() - shared;
    }
    return sum;
  }

  /** Where its weight would lie, along. */
  public double middleX() {
    return (box.x0() + box.x1()) / 2;
  }
}
