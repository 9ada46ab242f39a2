package roughcut.design;

import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.shop.FittingBook;
import roughcut.shop.FittingKind;

/** Decisions about what is fitted into the body, under the fitting's type and name. */
public final class FittingDecisions {
  private static final Pattern DEPTH = Pattern.compile("rout\\.(" + Fitting.NAME + ")\\.depth");

  /** The keys of what is chosen about fittings. */
  private static final Set<String> CHOICES =
      Set.of("kind", "face", "located-from", "centred-on", "fixing");

  private FittingDecisions() {}

  static Optional<Decision> find(Design design, String id) {
    Matcher depth = DEPTH.matcher(id);
    if (depth.matches()) {
      String name = depth.group(1);
      return Fitting.givenByTheProgram(name) || design.fitting(name).isPresent()
          ? Optional.of(depth(design, name))
          : Optional.empty();
    }
    String[] parts = id.split("\\.", 3);
    if (parts.length < 3) {
      return Optional.empty();
    }
    return design.fittings().stream()
        .filter(f -> f.type().word().equals(parts[0]) && f.name().equals(parts[1]))
        .findFirst()
        .flatMap(f -> of(f).stream().filter(d -> d.id().equals(id)).findFirst());
  }

  /** Whether a fitting of any name may have such a decision. */
  static boolean knows(String id) {
    if (DEPTH.matcher(id).matches()) {
      return true;
    }
    String[] parts = id.split("\\.", 3);
    if (parts.length < 3 || !parts[1].matches(Fitting.NAME)) {
      return false;
    }
    for (FittingType type : List.of(FittingType.values())) {
      if (type.word().equals(parts[0])) {
        return type.traits().stream().anyMatch(t -> t.key().equals(parts[2]))
            || CHOICES.contains(parts[2]);
      }
    }
    return false;
  }

  /** Every decision about one fitting, choices first. */
  public static List<Decision> of(Fitting fitting) {
    List<Decision> all = new ArrayList<>(choices(fitting));
    fitting.type().traits().forEach(t -> all.add(number(fitting, t)));
    return all;
  }

  /** A number of a fitting. */
  public static NumberDecision number(Fitting fitting, FittingTraits.Trait trait) {
    String id = fitting.id(trait.key());
    double usual = trait.usual().applyAsDouble(fitting.listed());
    return new NumberDecision(
        id,
        Text.of("{title}, {small}", fitting.title(), trait.label().small()),
        trait.hint(),
        trait.quantity(),
        trait.least(),
        trait.most(),
        trait.step(),
        trait.hardware() ? new ReadingKind.PartInHand(trait.hint()) : null,
        design -> design.numbers().getOrDefault(id, usual),
        (design, value) -> design.withNumber(id, value));
  }

  /** What a chamber hasn't, which its top closes. */
  private static final List<String> COVER =
      List.of("ledge", "cover", "cover-gap", "screws", "lug", "wall");

  /** Whether a cavity has controls in it, which it follows unless its outline is drawn. */
  public static boolean holds(Design design, Fitting cavity) {
    return !cavity.listed().covered()
        && cavity.with().stream().anyMatch(w -> design.fitting(w).isPresent());
  }

  /**
   * Whether a number of a fitting counts for nothing in a design: a cavity round its controls has
   * no place and size of its own, one that is drawn no sizes.
   */
  public static boolean idle(Design design, Fitting fitting, String key) {
    if (fitting.listed().covered() && COVER.contains(key)) {
      return true;
    }
    return switch (fitting.type()) {
      case CAVITY ->
          DrawnPart.of(fitting).flatMap(design::drawn).isPresent()
              ? List.of("length", "width", "wall").contains(key)
              : holds(design, fitting)
                  ? List.of("x", "y", "length", "width").contains(key)
                  : key.equals("wall");
      case PICKUP, CONTROL, JACK, PLATE, CHANNEL, STRAP, RELIEF, BORE -> false;
    };
  }

  /**
   * A number of a fitting by its key.
   *
   * @throws IllegalArgumentException when its type has none of that key
   */
  public static NumberDecision number(Fitting fitting, String key) {
    return fitting.type().traits().stream()
        .filter(t -> t.key().equals(key))
        .findFirst()
        .map(t -> number(fitting, t))
        .orElseThrow(() -> new InvalidValue(Text.of("there is no {id}", fitting.id(key))));
  }

  /** The id of a cut's own depth. */
  public static String depthId(String name) {
    return "rout." + name + ".depth";
  }

  /**
   * How deep a cut goes instead of what is worked out; 0 leaves it as worked out.
   *
   * @param named the design by which it is called
   */
  public static NumberDecision depth(Design named, String name) {
    String id = depthId(name);
    return new NumberDecision(
        id,
        Text.of("{cut}, rout depth", named.cutTitle(name)),
        Text.of("From the face it is cut from. 0 uses the calculated depth."),
        LENGTH,
        0,
        120,
        0.5,
        new ReadingKind.Result(
            Text.of("From the face it is cut from, down to its floor."),
            List.of(OperationId.cut(CutName.row(name)))),
        design -> design.numbers().getOrDefault(id, 0.0),
        (design, mm) -> design.withNumber(id, mm));
  }

  private static List<ChoiceDecision<?>> choices(Fitting fitting) {
    List<ChoiceDecision<?>> all = new ArrayList<>();
    all.add(kind(fitting));
    all.addAll(
        switch (fitting.type()) {
          case PICKUP ->
              List.of(
                  choice(
                      fitting,
                      "located-from",
                      "Measured from",
                      "Where its distance along the strings is measured from.",
                      List.of(LocatedFrom.values())),
                  choice(
                      fitting,
                      "centred-on",
                      "Centred on",
                      "What its middle is centred on.",
                      List.of(CentredOn.values())),
                  choice(
                      fitting,
                      "fixing",
                      "Mounted by",
                      "What hides its rout, and where it is mounted.",
                      List.of(PickupFixing.values())));
          case CAVITY, BORE, RELIEF ->
              fitting.listed().covered() ? List.of() : List.of(face(fitting));
          case CONTROL, JACK, PLATE, CHANNEL, STRAP -> List.of();
        });
    return all;
  }

  /** Which kind of the book it is; another kind brings its own listed sizes. */
  public static ChoiceDecision<KindChoice> kind(Fitting fitting) {
    Map<String, KindChoice> kinds = new LinkedHashMap<>();
    for (FittingKind kind : FittingBook.of(fitting.type().word())) {
      kinds.put(kind.id(), new KindChoice(kind.id(), Text.word(kind.name())));
    }
    return new ChoiceDecision<>(
        fitting.id("kind"),
        fitting.title(),
        Text.of("Listed in general sizes. Measure the one in hand."),
        List.copyOf(kinds.values()),
        design ->
            kinds.get(
                design.fitting(fitting.name()).map(Fitting::listed).orElse(fitting.listed()).id()),
        (design, chosen) -> design.withFittingKind(fitting.name(), chosen.word()));
  }

  private static ChoiceDecision<BodyFace> face(Fitting fitting) {
    BodyFace usual =
        switch (fitting.type()) {
          case CAVITY -> BodyFace.BACK;
          case PICKUP, CONTROL, JACK, PLATE, CHANNEL, STRAP, RELIEF, BORE -> BodyFace.TOP;
        };
    return choice(
        fitting,
        "face",
        "Cut from",
        "The face of the body that it is cut from.",
        List.of(usual, usual == BodyFace.TOP ? BodyFace.BACK : BodyFace.TOP));
  }

  private static <C extends Choice> ChoiceDecision<C> choice(
      Fitting fitting, String key, String label, String hint, List<C> ways) {
    String id = fitting.id(key);
    Map<String, C> byWord = new LinkedHashMap<>();
    for (C way : ways) {
      byWord.put(way.word(), way);
    }
    return new ChoiceDecision<>(
        id,
        Text.of(label),
        Text.of(hint),
        ways,
        design -> byWord.getOrDefault(design.choices().get(id), ways.get(0)),
        (design, chosen) -> design.withChoice(id, chosen.word()));
  }

  /** The face that a fitting is cut from. */
  public static BodyFace face(Design design, Fitting fitting) {
    return fitting.listed().covered() ? BodyFace.TOP : face(fitting).in(design);
  }

  /** From where a pickup's place is measured. */
  public static LocatedFrom locatedFrom(Design design, Fitting fitting) {
    return choice(fitting, "located-from", "", "", List.of(LocatedFrom.values())).in(design);
  }

  /** What a pickup is centred on. */
  public static CentredOn centredOn(Design design, Fitting fitting) {
    return choice(fitting, "centred-on", "", "", List.of(CentredOn.values())).in(design);
  }

  /** What holds a pickup. */
  public static PickupFixing fixing(Design design, Fitting fitting) {
    return choice(fitting, "fixing", "", "", List.of(PickupFixing.values())).in(design);
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
  }
}
