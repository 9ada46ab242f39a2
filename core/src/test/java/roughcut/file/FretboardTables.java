package roughcut.file;

import roughcut.plan.Plan;

/** The tables that are written out of a plan. */
public final class FretboardTables {
  private FretboardTables() {}

  public static void all(Plan plan) {
    FretTable.csv(plan);
    FretboardTable.csv(plan);
  }
}
