package roughcut.strings;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.RoutDecisions;
import roughcut.design.SolveFor;
import roughcut.design.StringDecisions;
import roughcut.fretboard.FretboardRadius;
import roughcut.layout.FretLayout;
import roughcut.layout.StringSpread;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.Quantity;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.BridgeKind;

/** Works out {@link Heights} from what is decided of two of angle, exposed fretboard and saddle. */
final class HeightsBuilder {
  private final EffectiveInputs inputs;
  private final StringSpread strings;
  private final FretboardRadius radius;
  private final BridgeKind bridge;
  private final ValueRegistry registry;
  private final Value scale;
  private final Value jointX;
  private final Value board;
  private final Value fret;
  private final Value action;
  private final Value nut;
  private final Value rise;

  HeightsBuilder(
      EffectiveInputs inputs,
      FretLayout frets,
      StringSpread strings,
      FretboardRadius radius,
      BridgeKind bridge,
      ValueRegistry registry) {
    this.inputs = inputs;
    this.strings = strings;
    this.radius = radius;
    this.bridge = bridge;
    this.registry = registry;
    this.scale = frets.scale();
    this.jointX = inputs.get(Decisions.JOINT_X);
    this.board = inputs.get(Decisions.FRETBOARD_THICKNESS);
    this.fret = inputs.get(FretboardDecisions.WIRE_HEIGHT);
    this.action = inputs.get(StringDecisions.ACTION_12);
    this.nut = NutAction.of(inputs);
    this.rise = inputs.get(StringDecisions.CARVE_RISE);
  }

  private Value along() {
    return ComputedValue.of(
        StringKeys.HEIGHTS_RUN, "max(1, L − x_j)", in("L", scale), in("x_j", jointX));
  }

  Heights build() {
    SolveFor solve = inputs.get(StringDecisions.SOLVE_FOR);
    // What was read of the seated neck says how it was made, and is no wish for how to make it.
    Value e = inputs.decided(StringDecisions.EXPOSED);
    Value h = inputs.get(StringDecisions.SADDLE_HEIGHT);
    Value alpha = inputs.decided(StringDecisions.ANGLE_DECIDED);
    Value exposed =
        switch (solve) {
          case EXPOSED ->
              put(
                  StringDecisions.EXPOSED.id(),
                  Text.of("Fretboard height needed above the body"),
                  LENGTH,
                  "H − tan(α) · max(1, L − x_j) − 2 · a_12 + a_nut − t_b − t_f",
                  in("H", h),
                  in("α", alpha));
          case ANGLE, SADDLE ->
              put(
                  StringDecisions.EXPOSED.id(),
                  Text.of("Fretboard height above the body"),
                  LENGTH,
                  "e",
                  in("e", e));
        };
    Value joint =
        put(
            StringKeys.HEIGHT_AT_JOINT.id(),
            Text.of("Fret tops above the body at the joint"),
            FINE_LENGTH,
            "e + t_b + t_f",
            in("e", exposed));
    Value angle =
        switch (solve) {
          case ANGLE ->
              put(
                  StringDecisions.ANGLE_DECIDED.id(),
                  Text.of("Neck angle"),
                  ANGLE,
                  "atan((H − z_j − 2 · a_12 + a_nut) / max(1, L − x_j))",
                  in("H", h),
                  in("z_j", joint));
          case EXPOSED, SADDLE ->
              put(
                  StringDecisions.ANGLE_DECIDED.id(),
                  Text.of("Neck angle"),
                  ANGLE,
                  "α",
                  in("α", alpha));
        };
    Value saddle =
        switch (solve) {
          case SADDLE ->
              put(
                  StringDecisions.SADDLE_HEIGHT.id(),
                  Text.of("Saddle height needed above the body"),
                  LENGTH,
                  "z_j + tan(α) · max(1, L − x_j) + 2 · a_12 − a_nut",
                  in("z_j", joint),
                  in("α", alpha));
          case EXPOSED, ANGLE ->
              put(
                  StringDecisions.SADDLE_HEIGHT.id(),
                  Text.of("Saddle height above the body"),
                  LENGTH,
                  "H",
                  in("H", h));
        };
    Value heel = inputs.get(Decisions.HEEL_END);
    // A through-neck has its angle in the blank.
    boolean through =
        switch (inputs.get(BodyDecisions.NECK_JOINT)) {
          case THROUGH -> true;
          case BOLT_ON, SET_NECK -> false;
        };
    Optional<Value> taper =
        through
            ? Optional.empty()
            : Optional.of(
                put(
                    "heights.taper",
                    Text.of("Taper of a tilted floor or planed heel, over the pocket"),
                    FINE_LENGTH,
                    "(x_h − x_j) · tan(α)",
                    in("x_h", heel),
                    in("α", angle)));
    Value pocket =
        ComputedValue.of(
            StringKeys.HEIGHTS_POCKET_LENGTH,
            "k · (x_h − x_j)",
            in(
                "k",
                TableValue.of(
                    StringKeys.HEIGHTS_IN_POCKET, through ? 0 : 1, Text.of("the neck joint"))),
            in("x_h", heel),
            in("x_j", jointX));
    registry.put(StringKeys.RELIEF_AT_SADDLE, "2 · r", in("r", inputs.get(StringDecisions.RELIEF)));
    registry.put(StringKeys.PROOF_STANDING_WANTED, "z_j − t_f", in("z_j", joint), in("t_f", fret));
    registry.put(
        StringKeys.PROOF_STRAIGHTEDGE_WANTED,
        "z_j + tan(α) · l − r",
        in("z_j", joint),
        in("α", angle),
        in("l", along()),
        in("r", rise));
    Optional<HeelSeat> seat =
        taper.map(lean -> HeelSeat.of(inputs, exposed, lean, jointX, heel, registry));
    Optional<NeckProof> proof =
        NeckProof.of(
            inputs, new NeckProof.Wanted(joint, angle, saddle, along(), pocket, seat), registry);
    // What was seated and measured stands in the drawing's place for all that follows.
    Value seated = proof.map(NeckProof::joint).orElse(joint);
    Value lean = proof.map(NeckProof::angle).orElse(angle);
    return new Heights(
        solve,
        angle,
        exposed,
        saddle,
        joint,
        shortening(lean),
        put(
            "heights.flat-exposed",
            Text.of("Fretboard height above the body without an angle"),
            LENGTH,
            "H − 2 · a_12 + a_nut − t_b − t_f",
            in("H", saddle)),
        saddles(seated, lean),
        breakSaddle(saddle),
        taper,
        seat,
        registry.put(
            StringKeys.SADDLE_OVER_BASE,
            "H − r − f",
            in("H", proof.map(NeckProof::saddle).orElse(saddle)),
            in("r", rise),
            in("f", inputs.get(RoutDecisions.FILM))),
        there(seated, lean),
        proof,
        new Heights.Frame(
            scale.value(),
            jointX.value(),
            nut.value(),
            action.value(),
            rise.value(),
            seated.value(),
            Math.tan(Math.toRadians(lean.value())),
            seat.isPresent()),
        Provenance.of(scale, jointX, nut, action, rise, seated, lean));
  }

  /** Enters a value with the inputs that most of these formulas share. */
  private Value put(
      String id, Text label, Quantity quantity, String formula, ComputedValue.Input... own) {
    List<ComputedValue.Input> inputs = new ArrayList<>(List.of(own));
    inputs.add(in("L", scale));
    inputs.add(in("x_j", jointX));
    inputs.add(in("t_b", board));
    inputs.add(in("t_f", fret));
    inputs.add(in("a_12", action));
    inputs.add(in("a_nut", nut));
    inputs.removeIf(i -> !uses(formula, i.symbol()));
    return registry.put(id, label, quantity, formula, inputs.toArray(ComputedValue.Input[]::new));
  }

  private static boolean uses(String formula, String symbol) {
    int at = formula.indexOf(symbol);
    while (at >= 0) {
      int end = at + symbol.length();
      boolean starts = at == 0 || !part(formula.charAt(at - 1));
      boolean ends = end == formula.length() || !part(formula.charAt(end));
      if (starts && ends) {
        return true;
      }
      at = formula.indexOf(symbol, at + 1);
    }
    return false;
  }

  private static boolean part(char c) {
    return Character.isLetterOrDigit(c) || c == '_';
  }

  private Value shortening(Value angle) {
    return put(
        "heights.plan-shortening",
        Text.of("Saddle line moves towards the nut, in plan view"),
        FINE_LENGTH,
        "max(1, L − x_j) · (1 − cos(α)) + (t_b + t_f + 2 · a_12 − a_nut) · sin(α)",
        in("α", angle));
  }

  /**
   * Each real string lies over a fret that the radius has lowered, and on a fan its saddle stands
   * at its own place on the leaning plane, and its octave at its own half.
   */
  private List<Value> saddles(Value joint, Value angle) {
    List<Value> all = new ArrayList<>();
    for (int i = 1; i <= strings.count(); i++) {
      double nutX = strings.nutX(i);
      double half = nutX + strings.scale(i) / 2;
      Value octave =
          SearchedValue.of(
              "string." + i + ".drop-12",
              Text.of("Fret drop under the string at the octave"),
              FretboardRadius.drop(radius.radius(half), strings.offset(i, half)),
              FINE_LENGTH,
              Text.of("found from the radius there"),
              radius.provenance().and(strings.provenance(i)));
      Value first =
          SearchedValue.of(
              "string." + i + ".drop-nut",
              Text.of("Face drop under the string at the nut"),
              FretboardRadius.drop(radius.radius(nutX), strings.atNut().get(i - 1).value()),
              FINE_LENGTH,
              Text.of("found from the radius there"),
              radius.provenance().and(strings.lengthwise(i)).with(strings.atNut().get(i - 1)));
      Value saddle =
          SearchedValue.of(
              "string." + i + ".saddle-x",
              Text.of("Saddle of the string, from the nut line"),
              nutX + strings.scale(i),
              LENGTH,
              Text.of("found along the string"),
              strings.lengthwise(i));
      all.add(
          put(
              "string." + i + ".saddle-height",
              Text.of("Saddle height of string {i} above the body", i),
              FINE_LENGTH,
              "z_j + tan(α) · max(1, x_s − x_j) + 2 · (a_12 − s_12) − (a_nut − s_nut)",
              in("z_j", joint),
              in("α", angle),
              in("x_s", saddle),
              in("s_12", octave),
              in("s_nut", first)));
    }
    return all;
  }

  private Value breakSaddle(Value saddle) {
    Value own = inputs.get(StringDecisions.BRIDGE_ANCHOR);
    Value back =
        own.value() > 0
            ? own
            : TableValue.of(
                StringDecisions.BRIDGE_ANCHOR.key().called("String anchor behind it"),
                bridge.anchorBack(),
                Text.of("listed sizes of the bridge"));
    Value height =
        TableValue.of(
            StringKeys.BRIDGE_ANCHOR_HEIGHT,
            bridge.anchorHeight(),
            Text.of("listed sizes of the bridge"));
    return put(
        "break.saddle",
        Text.of("Break angle over the saddle"),
        ANGLE,
        "atan((H − r − z_a) / x_a)",
        in("H", saddle),
        in("r", rise),
        in("z_a", height),
        in("x_a", back));
  }

  /** A string over the body at the place looked at, for the pickups. */
  private Value there(Value joint, Value angle) {
    Value x = inputs.get(StringDecisions.SPREAD_X);
    return put(
        "string.height-there",
        Text.of("String height above the body at the chosen place"),
        FINE_LENGTH,
        "z_j + tan(α) · (x − x_j) + a_nut + (a_12 − a_nut) · 2 · x / L"
            + " − r · max(0, min(1, (x − x_j) / max(1, L − x_j)))",
        in("z_j", joint),
        in("α", angle),
        in("x", x),
        in("r", rise));
  }
}
