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
      Text.of("the true top of the neck"),
      Text.of("planing it true again, removing as little as possible")),
  NECK_EDGE(
      PartId.NECK,
      Text.of("edge"),
      Text.of("the square edge of the neck blank"),
      Text.of("a railed jig sighted on the centre line instead of a fence")),
  NECK_SIDES(
      PartId.NECK,
      Text.of("sides"),
      Text.of("straight sides for the neck to stand on"),
      Text.of("its offcuts taped back on, or support pieces of the same height")),
  NECK_BACK(
      PartId.NECK,
      Text.of("flat back"),
      Text.of("the flat back of the neck"),
      Text.of("a cradle cut to the carved back and lined with leather")),
  NECK_LINES(
      PartId.NECK,
      Text.of("lines"),
      Text.of("the centre line and nut line of the neck"),
      Text.of("drawing them again from the channel")),
  NECK_OPEN(
      PartId.NECK,
      Text.of("open channels"),
      Text.of("the open top of the neck"),
      Text.of("taking the fretboard off again with heat")),
  HEEL_FLAT(
      PartId.NECK,
      Text.of("heel"),
      Text.of("the flat of the heel"),
      Text.of("a block cut to the heel that holds the drill square")),
  HEAD_FACE(
      PartId.HEAD,
      Text.of("face"),
      Text.of("the true face of the headstock"),
      Text.of("planing it true again")),
  BOARD_EDGE(
      PartId.FRETBOARD,
      Text.of("edge"),
      Text.of("the straight edge of the fretboard"),
      Text.of("a straight strip taped along its centre line")),
  BOARD_TOP(
      PartId.FRETBOARD,
      Text.of("flat top"),
      Text.of("the flat top of the fretboard"),
      Text.of("a caul hollowed to the fretboard radius")),
  BODY_INSIDE(
      PartId.BODY,
      Text.of("glue face"),
      Text.of("the open glue face of the body"),
      Text.of("a hole from another rout or the edge")),
  BODY_TOP(
      PartId.BODY,
      Text.of("flat top"),
      Text.of("the flat top of the body"),
      Text.of("a bridge over the carved top that carries router or drill")),
  BODY_BACK(
      PartId.BODY,
      Text.of("flat back"),
      Text.of("the flat back of the body"),
      Text.of("a bed cut to the contoured back")),
  BODY_EDGE(
      PartId.BODY,
      Text.of("edge"),
      Text.of("the straight edge of the body blank"),
      Text.of("the centre line and a railed jig")),
  BODY_LINES(
      PartId.BODY,
      Text.of("centre line"),
      Text.of("the centre line of the body"),
      Text.of("drawing it again from the pocket"));

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
