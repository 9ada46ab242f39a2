package roughcut.shop;

/**
 * A kind of bridge with its datum, travel and holes, in general sizes; the one in hand is measured.
 *
 * @param datum what its places are measured from
 * @param forward saddle travel's front limit, from the datum, towards the bridge positive, mm
 * @param rear saddle travel's rear limit from the datum, mm
 * @param posts between the posts or outer screws, mm
 * @param slant how much further back the bass end of the datum line stands, mm
 * @param heightLeast lowest saddle over the body, mm
 * @param heightMost highest saddle over the body, mm
 * @param anchorBack where the strings go down, behind the saddle, mm
 * @param anchorHeight over the body there, mm
 * @param angled whether the posts may stand on a slanting line
 * @param tunes whether the strings are tuned at it
 * @param cuts what is cut for it
 */
public record BridgeKind(
    String id,
    String name,
    String datum,
    double forward,
    double rear,
    double posts,
    double slant,
    double heightLeast,
    double heightMost,
    double anchorBack,
    double anchorHeight,
    boolean angled,
    boolean tunes,
    BridgeCuts cuts,
    String note) {

  /** The one in hand, where it was measured; 0 leaves the kind's own number. */
  public BridgeKind measured(double lowest, double highest, double back) {
    double low = lowest > 0 ? lowest : heightLeast;
    return new BridgeKind(
        id,
        name,
        datum,
        forward,
        rear,
        posts,
        slant,
        low,
        Math.max(low, highest > 0 ? highest : heightMost),
        back > 0 ? back : anchorBack,
        anchorHeight,
        angled,
        tunes,
        cuts,
        note);
  }
}
