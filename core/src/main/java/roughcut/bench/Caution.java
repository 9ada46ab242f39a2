package roughcut.bench;

import roughcut.measure.Text;

/**
 * What can hurt someone, short, shown with the operation (handbook page 7, "Cautions"). General:
 * the maker's machine manuals, local rules and qualified people come first.
 */
public enum Caution {
  SAW(
      Text.of(
          "Keep guards and riving knife in place, use push blocks, keep hands well away "
              + "and stand out of line. No gloves or loose sleeves. Switch off before you "
              + "change the blade.")),
  BANDSAW(
      Text.of(
          "Support overhanging wood. Make relief cuts before tight curves. Lower the "
              + "guard to the wood.")),
  PLANER(
      Text.of(
          "Respect the machine's minimum length and thickness. Use push blocks. Never "
              + "feed a short piece without a carrier.")),
  ROUTER(
      Text.of(
          "Watch the direction of feed. Climb cuts only light and with a firm hold. Run "
              + "large cutters slowly. Tug at the template before you start. Unplug the router "
              + "to change cutters.")),
  CNC_ROUTER(
      Text.of(
          "Run a new program in air or scrap first. Keep hands out of the machine's travel "
              + "and one near its stop. Protect eyes and ears, and never leave it alone.")),
  DRILL(Text.of("Clamp the work. Set a depth stop. Let the bit stop before you lift it.")),
  SMALL_PARTS(Text.of("Hold small and short parts in a carrier or jig, never by hand.")),
  DUST(Text.of("Use dust extraction and a fitted mask.")),
  GLUE(Text.of("Wear gloves, ventilate, wipe up spills at once, and read the label.")),
  QUICK_GLUE(
      Text.of(
          "Protect your eyes, ventilate, and keep debonder at hand: it bonds skin "
              + "instantly and gives off fumes.")),
  FINISH(
      Text.of(
          "Ventilate, wear a vapour mask, keep flames and sparks away, and keep it off "
              + "your skin.")),
  OILY_RAGS(
      Text.of(
          "Oily rags can catch fire by themselves. Dry them flat outdoors, or keep them "
              + "under water in a closed metal can.")),
  HEAT(Text.of("Hot iron or glue pot: keep hands and cable clear, and never leave it alone.")),
  EDGES(Text.of("Sharp tools: clamp the work and keep both hands behind the edge.")),
  WIRE(Text.of("Cut wire flies off: protect your eyes and hold both ends.")),
  ELECTRIC(Text.of("Low voltage only. Mains wiring is for a qualified person."));

  /** What comes before all of them. */
  public static final Text STANDING =
      Text.of("Machine manuals, local rules and qualified people come first.");

  private final Text words;

  Caution(Text words) {
    this.words = words;
  }

  public Text words() {
    return words;
  }
}
