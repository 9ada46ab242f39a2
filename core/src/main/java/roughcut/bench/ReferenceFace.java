package roughcut.bench;

import roughcut.measure.Text;
import roughcut.part.PartId;

/**
 * Faces and lines that operations stand on, measure from, make and destroy (handbook page 8,
 * "Faces"). They bind the order of work more than habit does.
 */
public enum ReferenceFace {
  NECK_TOP(
      PartId.NECK,
      Text.of("top"),
      Text.of("the neck's true top"),
      Text.of("planing it true again by the least that it takes")),
  NECK_EDGE(
      PartId.NECK,
      Text.of("edge"),
      Text.of("the neck blank's square edge"),
      Text.of("a railed jig that is sighted on the centre line instead of a fence")),
  NECK_SIDES(
      PartId.NECK,
      Text.of("sides"),
      Text.of("straight sides for the neck to stand on"),
      Text.of("its offcuts taped back on, or support pieces of the same height")),
  NECK_BACK(
      PartId.NECK,
      Text.of("flat back"),
      Text.of("the neck's flat back"),
      Text.of("a cradle cut to the carved back, lined with leather")),
  NECK_LINES(
      PartId.NECK,
      Text.of("lines"),
      Text.of("the neck's centre and nut lines"),
      Text.of("drawing them anew from the channel")),
  NECK_OPEN(
      PartId.NECK,
      Text.of("open channels"),
      Text.of("the neck's open top"),
      Text.of("taking the fretboard off again with heat")),
  HEEL_FLAT(
      PartId.NECK,
      Text.of("heel"),
      Text.of("the heel's flat"),
      Text.of("a block cut to the heel that holds the drill square")),
  HEAD_FACE(
      PartId.HEAD,
      Text.of("face"),
      Text.of("the headstock's true face"),
      Text.of("planing it true again")),
  BOARD_EDGE(
      PartId.FRETBOARD,
      Text.of("edge"),
      Text.of("the fretboard's straight edge"),
      Text.of("a straight strip taped on along its centre line")),
  BOARD_TOP(
      PartId.FRETBOARD,
      Text.of("flat top"),
      Text.of("the fretboard's flat top"),
      Text.of("a caul hollowed to the fretboard's radius")),
  BODY_INSIDE(
      PartId.BODY,
      Text.of("glue face"),
      Text.of("the body's open glue face"),
      Text.of("a bore from another rout or the edge")),
  BODY_TOP(
      PartId.BODY,
      Text.of("flat top"),
      Text.of("the body's flat top"),
      Text.of("a bridge over the carved top that carries router or drill")),
  BODY_BACK(
      PartId.BODY,
      Text.of("flat back"),
      Text.of("the body's flat back"),
      Text.of("a bed cut to the contoured back")),
  BODY_EDGE(
      PartId.BODY,
      Text.of("edge"),
      Text.of("the body blank's straight edge"),
      Text.of("the centre line and a railed jig")),
  BODY_LINES(
      PartId.BODY,
      Text.of("centre line"),
      Text.of("the body's centre line"),
      Text.of("drawing it anew from the pocket"));

  private final PartId part;
  private final Text brief;
  private final Text words;
  private final Text instead;

  ReferenceFace(PartId part, Text brief, Text words, Text instead) {
    this.part = part;
    this.brief = brief;
    this.words = words;
    this.instead = instead;
  }

  public PartId part() {
    return part;
  }

  /** In a word or two, beside its part. */
  public Text brief() {
    return brief;
  }

  /** With its article, to go on in a sentence. */
  public Text words() {
    return words;
  }

  /** What would make it possible without it. */
  public Text instead() {
    return instead;
  }
}
