package roughcut.bench;

import roughcut.measure.Text;

/**
 * What can hurt someone, short, shown with the operation (handbook page 7, "Cautions"). General:
 * the maker's machine manuals, local rules and qualified people come first.
 */
public enum Caution {
  SAW(
      Text.of(
          "Guards and riving knife in place, push blocks, hands well away, stand out of line. No gloves"
              + " or loose sleeves. Power off to change the blade.")),
  BANDSAW(
      Text.of(
          "Support under what overhangs; relief cuts before tight curves; guard down to the wood.")),
  PLANER(
      Text.of(
          "Mind the machine's least length and thickness; push blocks; never a short piece without a"
              + " carrier.")),
  ROUTER(
      Text.of(
          "Mind the direction of feed; climb cuts only light and held; large cutters slow; a tug at the"
              + " template before you start. Unplugged while you change cutters.")),
  DRILL(Text.of("Clamp the work; a stop on the bit; let the bit come to rest before you lift it.")),
  SMALL_PARTS(Text.of("Small and short parts go in a carrier or jig, never freehand.")),
  DUST(Text.of("Extraction and a fitted mask.")),
  GLUE(Text.of("Gloves and air; wipe spills at once; read what is on the bottle.")),
  QUICK_GLUE(
      Text.of("Eyes covered, fresh air, debonder at hand: it bonds skin at once and fumes.")),
  FINISH(Text.of("Air, mask for vapours, no flame or spark; keep it off the skin.")),
  OILY_RAGS(
      Text.of(
          "Oily rags catch fire by themselves: dry them flat outdoors, or keep them under water in a"
              + " closed metal can.")),
  HEAT(Text.of("Hot iron or glue pot: mind hands and cable; never left alone.")),
  EDGES(Text.of("Sharp tools: clamp the work, both hands behind the edge.")),
  WIRE(Text.of("Cut wire flies: cover your eyes, hold both ends.")),
  ELECTRIC(Text.of("Low voltage only; anything on mains is for a qualified person."));

  /** What comes before all of them. */
  public static final Text STANDING =
      Text.of("The manuals of your machines, local rules and qualified people come first.");

  private final Text words;

  Caution(Text words) {
    this.words = words;
  }

  public Text words() {
    return words;
  }
}
