package roughcut.bench;

import java.util.EnumSet;
import java.util.Set;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.part.PartId;

/** Which parts something that is found is about: what is wrong there stops work on them. */
final class Concern {
  private Concern() {}

  static Set<PartId> of(Finding finding) {
    return switch (finding.topic()) {
      case LAYOUT -> EnumSet.allOf(PartId.class);
      case NECK_BLANK, NECK -> EnumSet.of(PartId.NECK, PartId.HEAD);
      case BODY_BLANK -> EnumSet.of(PartId.BODY, PartId.TOP);
      case FRETBOARD -> EnumSet.of(PartId.FRETBOARD);
      case STRINGS, BODY, ROUTS -> EnumSet.of(PartId.BODY);
      // What is planed just now may be any piece.
      case PLANER -> EnumSet.noneOf(PartId.class);
    };
  }

  static Set<PartId> of(Clearance clearance) {
    if (clearance.inBody()) {
      return EnumSet.of(PartId.BODY);
    }
    return switch (clearance.kind().owner()) {
      case FRETBOARD -> EnumSet.of(PartId.FRETBOARD);
      case BODY, ROUTS, STRINGS -> EnumSet.of(PartId.BODY);
      case LAYOUT, BLANKS, NECK -> EnumSet.of(PartId.NECK, PartId.HEAD);
    };
  }

  /** Whether work on a part is concerned; the whole instrument is by everything. */
  static boolean meets(Set<PartId> parts, PartId part) {
    return part == PartId.INSTRUMENT ? !parts.isEmpty() : parts.contains(part);
  }
}
