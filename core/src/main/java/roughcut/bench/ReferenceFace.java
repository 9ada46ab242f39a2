package roughcut.bench;

import roughcut.part.PartId;

/**
 * Faces and lines that operations stand on, measure from, make and destroy (handbook page 8,
 * "Faces"). They bind the order of work more than habit does.
 */
public enum ReferenceFace {
  NECK_TOP(
      PartId.NECK,
      "top",
      "the neck's true top",
      "planing it true again by the least that it takes"),
  NECK_EDGE(
      PartId.NECK,
      "edge",
      "the neck blank's square edge",
      "a railed jig that is sighted on the centre line instead of a fence"),
  NECK_SIDES(
      PartId.NECK,
      "sides",
      "straight sides for the neck to stand on",
      "its offcuts taped back on, or support pieces of the same height"),
  NECK_BACK(
      PartId.NECK,
      "flat back",
      "the neck's flat back",
      "a cradle cut to the carved back, lined with leather"),
  NECK_LINES(
      PartId.NECK,
      "lines",
      "the neck's centre and nut lines",
      "drawing them anew from the channel"),
  NECK_OPEN(
      PartId.NECK,
      "open channels",
      "the neck's open top",
      "taking the fretboard off again with heat"),
  HEEL_FLAT(
      PartId.NECK,
      "heel",
      "the heel's flat",
      "a block cut to the heel that holds the drill square"),
  HEAD_FACE(PartId.HEAD, "face", "the headstock's true face", "planing it true again"),
  BOARD_EDGE(
      PartId.FRETBOARD,
      "edge",
      "the fretboard's straight edge",
      "a straight strip taped on along its centre line"),
  BOARD_TOP(
      PartId.FRETBOARD,
      "flat top",
      "the fretboard's flat top",
      "a caul hollowed to the fretboard's radius"),
  BODY_INSIDE(
      PartId.BODY,
      "glue face",
      "the body's open glue face",
      "a bore from another rout or the edge"),
  BODY_TOP(
      PartId.BODY,
      "flat top",
      "the body's flat top",
      "a bridge over the carved top that carries router or drill"),
  BODY_BACK(PartId.BODY, "flat back", "the body's flat back", "a bed cut to the contoured back"),
  BODY_EDGE(
      PartId.BODY, "edge", "the body blank's straight edge", "the centre line and a railed jig"),
  BODY_LINES(
      PartId.BODY, "centre line", "the body's centre line", "drawing it anew from the pocket");

  private final PartId part;
  private final String brief;
  private final String words;
  private final String instead;

  ReferenceFace(PartId part, String brief, String words, String instead) {
    this.part = part;
    this.brief = brief;
    this.words = words;
    this.instead = instead;
  }

  public PartId part() {
    return part;
  }

  /** In a word or two, beside its part. */
  public String brief() {
    return brief;
  }

  /** With its article, to go on in a sentence. */
  public String words() {
    return words;
  }

  /** What would make it possible without it. */
  public String instead() {
    return instead;
  }
}
