package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.concurrent.Callable;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.record.Build;

class AutosaveTest {
  @TempDir Path folder;
  private Path heron;
  private RescueCopies rescue;
  private Autosave autosave;
  private final List<Autosave.Saving> told = Collections.synchronizedList(new ArrayList<>());

  @BeforeEach
  void open() throws FileException {
    heron = folder.resolve("builds").resolve("Heron.roughcut.json");
    BuildFile.at(heron).save(Heron.build());
    ShopFile.at(folder.resolve(ShopFile.NAME)).save(Demo.shop());
    rescue = new RescueCopies(folder.resolve("data"));
    autosave = opened(Autosave.ofItsOwn());
  }

  private Autosave opened(ScheduledExecutorService disk) throws FileException {
    BuildFile.Opened opened = BuildFile.open(heron);
    ShopFile.Opened shop = ShopFile.openFor(opened.file());
    return new Autosave(
        opened.file(),
        opened.build(),
        shop.file(),
        shop.shop(),
        rescue,
        s -> told.add(s.saving()),
        disk);
  }

  @AfterEach
  void close() {
    autosave.close();
  }

  private static Build named(int i) {
    return Heron.build().withName("edit " + i);
  }

  private int onDisk() {
    try {
      String name = BuildFile.open(heron).build().name();
      return name.startsWith("edit ") ? Integer.parseInt(name.substring(5)) : -1;
    } catch (FileException e) {
      throw new AssertionError("a broken file", e);
    }
  }

  private static void until(Callable<Boolean> holds) throws Exception {
    for (int i = 0; i < 6000 && !holds.call(); i++) {
      Thread.sleep(10);
    }
    assertThat(holds.call()).isTrue();
  }

  /** Time passes when the test says so: what is due by then runs, in order, and nothing else. */
  private static final class GivenClock extends ScheduledThreadPoolExecutor {
    private record Due(long at, Callable<?> task) {}

    private final PriorityQueue<Due> due = new PriorityQueue<>(Comparator.comparing(Due::at));
    private long now;

    GivenClock() {
      super(1);
    }

    @Override
    public <V> ScheduledFuture<V> schedule(Callable<V> task, long delay, TimeUnit unit) {
      due.add(new Due(now + unit.toMillis(delay), task));
      return null;
    }

    void pass(long ms) throws Exception {
      now += ms;
      while (!due.isEmpty() && due.peek().at() <= now) {
        due.poll().task().call();
      }
    }
  }

  private GivenClock onGivenClock() throws FileException {
    autosave.close();
    GivenClock clock = new GivenClock();
    autosave = opened(clock);
    return clock;
  }

  /** An edit that is undone before it was due leaves the file alone, by its very time. */
  @Test
  void undoingBackToWhatIsOnDiskSavesNothing() throws Exception {
    GivenClock clock = onGivenClock();
    FileTime before = Files.getLastModifiedTime(heron);
    autosave.keep(named(1), Demo.shop());
    clock.pass(Autosave.LATEST - 1);
    autosave.keep(Heron.build(), Demo.shop());
    clock.pass(2 * Autosave.LATEST);
    assertThat(Files.getLastModifiedTime(heron)).isEqualTo(before);
    assertThat(autosave.state().saving()).isEqualTo(Autosave.Saving.SAVED);
    autosave.keep(named(2), Demo.shop());
    clock.pass(Autosave.LATEST);
    assertThat(onDisk()).isEqualTo(2);
  }

  /** Edits without any pause are written all the same, none later than promised. */
  @Test
  void steadyEditsAreWrittenWithoutWaitingForAPause() throws Exception {
    GivenClock clock = onGivenClock();
    long[] made = new long[200];
    int writes = 0;
    int before = -1;
    for (int i = 0; i < made.length; i++) {
      made[i] = clock.now;
      autosave.keep(named(i), Demo.shop());
      clock.pass(10);
      int there = onDisk();
      writes += there == before ? 0 : 1;
      before = there;
      for (int k = there + 1; k <= i; k++) {
        assertThat(clock.now - made[k]).as("edit " + k).isLessThan(Autosave.LATEST);
      }
    }
    assertThat(writes).as("many edits go along with one write").isBetween(3, 4);
    clock.pass(Autosave.LATEST);
    assertThat(onDisk()).isEqualTo(made.length - 1);
    assertThat(told).endsWith(Autosave.Saving.SAVED);
    assertThat(told).doesNotContain(Autosave.Saving.FAILED);
  }

  /** The same on the clock of the machine, however slow it is: some are there while others come. */
  @Test
  void itsOwnThreadWritesWhileEditsGoOn() throws Exception {
    int last = 0;
    while (onDisk() < 0 && last < 4000) {
      autosave.keep(named(last++), Demo.shop());
      Thread.sleep(12);
    }
    assertThat(onDisk()).isNotNegative();
    autosave.keep(named(last), Demo.shop());
    int expected = last;
    until(() -> onDisk() == expected);
  }

  @Test
  void whatCannotBeWrittenIsRescuedTriedAgainAndLetGoWhenItIs() throws Exception {
    Path away = folder.resolve("away");
    Files.move(heron.getParent(), away);
    autosave.keep(named(1), Demo.shop());
    assertThat(autosave.flush().saving()).isEqualTo(Autosave.Saving.FAILED);
    RescueCopies.Copy copy = rescue.of(heron).orElseThrow();
    assertThat(BuildFile.open(copy.copy()).build().name()).isEqualTo("edit 1");
    assertThat(copy.belongs()).isEqualTo(heron.toAbsolutePath());
    assertThat(rescue.builds()).containsExactly(copy);
    Files.move(away, heron.getParent());
    autosave.keep(named(2), Demo.shop());
    until(() -> onDisk() == 2);
    until(() -> autosave.state().saving() == Autosave.Saving.SAVED);
    assertThat(rescue.builds()).as("nothing left to rescue").isEmpty();
  }

  @Test
  void aCopyOfAnEarlierSessionStaysUntilTheMakerHasDecided() throws Exception {
    BuildFile.at(rescue.place(heron)).save(named(77));
    rescue.note(heron);
    autosave.keep(named(1), Demo.shop());
    assertThat(autosave.flush().saving()).isEqualTo(Autosave.Saving.SAVED);
    assertThat(BuildFile.open(rescue.of(heron).orElseThrow().copy()).build().name())
        .isEqualTo("edit 77");
  }

  @Test
  void filesOfOneNameInTwoPlacesHaveTwoRescueCopies() {
    assertThat(rescue.place(Path.of("/a/Heron.roughcut.json")))
        .isNotEqualTo(rescue.place(Path.of("/b/Heron.roughcut.json")));
  }

  @Test
  void somebodyElsesChangeIsToldAndOverwrittenOnlyOnDemand() throws Exception {
    BuildFile.open(heron).file().save(Heron.build().withName("Theirs"));
    autosave.keep(named(1), Demo.shop());
    assertThat(autosave.flush().saving()).isEqualTo(Autosave.Saving.CHANGED_ON_DISK);
    assertThat(BuildFile.open(heron).build().name()).isEqualTo("Theirs");
    autosave.keep(named(2), Demo.shop());
    assertThat(autosave.flush().saving()).isEqualTo(Autosave.Saving.CHANGED_ON_DISK);
    autosave.overwrite();
    assertThat(onDisk()).isEqualTo(2);
    assertThat(autosave.state().saving()).isEqualTo(Autosave.Saving.SAVED);
  }

  @Test
  void theShopIsWrittenOnlyWhenItChanged() throws Exception {
    Path shop = folder.resolve(ShopFile.NAME);
    byte[] before = Files.readAllBytes(shop);
    autosave.keep(named(1), Demo.shop());
    autosave.flush();
    assertThat(Versions.of(shop)).isEmpty();
    autosave.keep(named(1), Demo.shop().withoutBoard(Demo.shop().boards().get(0).id()));
    autosave.flush();
    assertThat(Files.readAllBytes(shop)).isNotEqualTo(before);
    assertThat(Files.readAllBytes(Versions.of(shop).get(0).path())).isEqualTo(before);
  }
}
