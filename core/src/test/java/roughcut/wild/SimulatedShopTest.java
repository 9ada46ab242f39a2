package roughcut.wild;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A few builds carried through the bench by a maker whose cuts go off; more by ./stress bench. */
class SimulatedShopTest {
  @Test
  void nothingThatIsSaidIsWrongOfTheWoodAsItIs() {
    int done = 0;
    int forced = 0;
    int ways = 0;
    int stops = 0;
    for (long seed : new long[] {302, 304, 306, 318}) {
      SimulatedShop.Told told = SimulatedShop.carry(seed, 12);
      assertThat(told.wrong()).as("seed " + seed).isEmpty();
      done += told.done();
      forced += told.forced();
      ways += told.ways();
      stops += told.stops();
    }
    assertThat(done).isGreaterThan(40);
    assertThat(forced).as("done all the same").isPositive();
    assertThat(ways).as("ways out carried out").isPositive();
    assertThat(stops).isPositive();
  }
}
