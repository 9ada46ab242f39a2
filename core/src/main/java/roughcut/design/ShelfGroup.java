package roughcut.design;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import roughcut.measure.Quantity;
import roughcut.measure.Text;

/** What hardware stands on a shelf in groups: which decisions a piece of it answers. */
public final class ShelfGroup {
  public static final ShelfGroup ROD =
      new ShelfGroup(
          "rod",
          List.of(NeckDecisions.ROD_ACTING, NeckDecisions.ROD_BOTTOM),
          List.of(
              Decisions.ROD_LENGTH,
              Decisions.ROD_WIDTH,
              Decisions.ROD_DEPTH,
              NeckDecisions.ROD_DEPTH_MIDDLE,
              NeckDecisions.ROD_ADJUSTER_LENGTH,
              NeckDecisions.ROD_ADJUSTER_WIDTH,
              NeckDecisions.ROD_ADJUSTER_DEPTH));
  public static final ShelfGroup TUNERS =
      new ShelfGroup(
          "tuners",
          List.of(),
          List.of(
              NeckDecisions.TUNER_POST,
              NeckDecisions.TUNER_BUSHING,
              NeckDecisions.TUNER_BUSHING_DEPTH,
              NeckDecisions.TUNER_BODY,
              NeckDecisions.TUNER_GRIP_LEAST,
              NeckDecisions.TUNER_GRIP_MOST,
              NeckDecisions.TUNER_WRAP));
  public static final ShelfGroup BRIDGE =
      new ShelfGroup(
          "bridge",
          List.of(StringDecisions.BRIDGE),
          List.of(
              StringDecisions.BRIDGE_FORWARD,
              StringDecisions.BRIDGE_REAR,
              StringDecisions.BRIDGE_POSTS,
              StringDecisions.BRIDGE_LOW,
              StringDecisions.BRIDGE_HIGH,
              StringDecisions.BRIDGE_ANCHOR,
              RoutDecisions.POST_BORE,
              RoutDecisions.POST_DEPTH));

  private final String id;
  private final List<ChoiceDecision<?>> choices;
  private final List<NumberDecision> sizes;

  private ShelfGroup(String id, List<ChoiceDecision<?>> choices, List<NumberDecision> sizes) {
    this.id = id;
    this.choices = choices;
    this.sizes = sizes;
  }

  /** Those of a fitting: its type is the group, its hardware's dimensions are the sizes. */
  public static ShelfGroup of(Design design, Fitting fitting) {
    List<NumberDecision> sizes = new ArrayList<>();
    for (FittingTraits.Trait trait : fitting.type().traits()) {
      if (trait.hardware()) {
        Decisions.find(design, fitting.id(trait.key()))
            .map(NumberDecision.class::cast)
            .ifPresent(sizes::add);
      }
    }
    return new ShelfGroup(fitting.type().word(), List.of(), sizes);
  }

  /**
   * One size of a piece on a shelf.
   *
   * @param key under which the piece has it
   */
  public record Size(String key, Text label, Quantity quantity, double least, double most) {}

  /** The sizes that pieces of a group have; none for a group that there isn't. */
  public static List<Size> sizes(String group) {
    Optional<ShelfGroup> own = find(group);
    if (own.isPresent()) {
      return own.get().sizes.stream()
          .map(d -> new Size(d.id(), d.label(), d.quantity(), d.least(), d.most()))
          .toList();
    }
    return Arrays.stream(FittingType.values())
        .filter(t -> t.word().equals(group))
        .flatMap(t -> t.traits().stream())
        .filter(FittingTraits.Trait::hardware)
        .map(t -> new Size(t.key(), t.label(), t.quantity(), t.least(), t.most()))
        .toList();
  }

  /** What a group is called: truss rod, tuners, bridge, or what is fitted. */
  public static Text called(String group) {
    return switch (group) {
      case "rod" -> Text.of("truss rod");
      case "tuners", "bridge" -> Text.raw(group);
      default ->
          Arrays.stream(FittingType.values())
              .filter(t -> t.word().equals(group))
              .map(FittingType::label)
              .findFirst()
              .orElse(Text.raw(group));
    };
  }

  /** The group that isn't a fitting's, of that id. */
  public static Optional<ShelfGroup> find(String id) {
    return List.of(ROD, TUNERS, BRIDGE).stream().filter(g -> g.id.equals(id)).findFirst();
  }

  /** Names it in files: rod, tuners, bridge, or a fitting's type. */
  public String id() {
    return id;
  }

  public List<ChoiceDecision<?>> choices() {
    return choices;
  }

  public List<NumberDecision> sizes() {
    return sizes;
  }
}
