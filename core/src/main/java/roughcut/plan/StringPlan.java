package roughcut.plan;

import roughcut.strings.Bridge;
import roughcut.strings.Compensation;
import roughcut.strings.Heights;
import roughcut.strings.NutWork;
import roughcut.strings.StringPull;

/** What is worked out for strings and bridge. */
public record StringPlan(
    StringPull pull, Compensation compensation, Bridge bridge, Heights heights, NutWork nut) {}
