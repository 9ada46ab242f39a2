package roughcut.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.design.NumberDecision;
import roughcut.design.ShelfGroup;
import roughcut.file.FileException;
import roughcut.file.ShopFile;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.shop.Shelf;
import roughcut.shop.ShelfItem;
import roughcut.shop.Shop;
import roughcut.shop.StringSet;
import roughcut.shop.StringSetBook;

/** What is put on a shelf is taken from it again as it was, in the same build or another. */
class ShelfTransferTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static Fitting pickup(Build build) {
    return build.design().fittings().stream()
        .filter(f -> f.type() == FittingType.PICKUP)
        .findFirst()
        .orElseThrow();
  }

  /** Measured in one build, hardware is measured in every other, on the day when it was. */
  @Test
  void aPickupMeasuredOnceIsMeasuredInTheNextBuild() {
    Build heron = Heron.build();
    Fitting neck = pickup(heron);
    Build measured =
        heron.withReading(Reading.of(neck.id("length"), 83.7, LocalDateTime.of(2026, 4, 2, 9, 0)));
    ShelfItem item = ShelfTransfer.keep(measured, neck, " Winder's number 7 ", DAY);
    assertThat(item.name()).isEqualTo("Winder's number 7");
    assertThat(item.group()).isEqualTo("pickup");
    assertThat(item.measured()).containsExactly(Map.entry("length", 83.7));
    assertThat(item.on()).isEqualTo(LocalDate.of(2026, 4, 2));

    Build avocet = Demo.avocet();
    Fitting other = pickup(avocet);
    Build with = ShelfTransfer.take(avocet, item, other);
    Reading reading = with.measured().get(other.id("length"));
    assertThat(reading.value()).isEqualTo(83.7);
    assertThat(reading.on()).isEqualTo(LocalDate.of(2026, 4, 2));
    assertThat(with.design().fitting(other.name()).orElseThrow().kind()).isEqualTo(neck.kind());
    assertThat(Plan.of(with, Demo.shop()).cuts().cut(other.name())).isPresent();
  }

  /** What was measured of the piece before isn't believed of the one that takes its place. */
  @Test
  void anotherPieceForgetsWhatWasMeasuredOfTheOneBefore() {
    Build build =
        Heron.build()
            .withReading(Reading.of("tuner.post", 6.4, DAY))
            .withReading(Reading.of("nut.thickness", 5.5, DAY));
    ShelfItem plain = ShelfTransfer.keep(Heron.build(), ShelfGroup.TUNERS, "plain", DAY);
    Build next = ShelfTransfer.take(build, plain);
    assertThat(next.measured()).doesNotContainKey("tuner.post").containsKey("nut.thickness");
  }

  /** Random sizes of every group come back exactly, by way of a shop's file. */
  @Test
  void everyGroupComesBackAsItWasThroughAFile(@TempDir Path folder) throws Exception {
    Random random = new Random(31);
    for (ShelfGroup group : List.of(ShelfGroup.ROD, ShelfGroup.TUNERS, ShelfGroup.BRIDGE)) {
      Build build = Heron.build();
      for (NumberDecision size : group.sizes()) {
        double value = size.least() + random.nextDouble() * (size.most() - size.least());
        build = build.withDesign(size.with(build.design(), value));
        if (random.nextBoolean() && size.measurable()) {
          build = build.withReading(Reading.of(size.id(), value + 0.01, DAY));
        }
      }
      ShelfItem item = ShelfTransfer.keep(build, group, group.id() + " in hand", DAY);
      Shop shop = Demo.shop().withShelf(Shelf.EMPTY.with(item));
      Path file = folder.resolve(group.id()).resolve(ShopFile.NAME);
      Files.createDirectories(file.getParent());
      ShopFile.at(file).save(shop);
      Shop read = ShopFile.read(file);
      assertThat(read).isEqualTo(shop);
      Build back = ShelfTransfer.take(Heron.build(), read.shelf().pieces().get(0));
      for (NumberDecision size : group.sizes()) {
        assertThat(size.in(back.design())).as(size.id()).isEqualTo(size.in(build.design()));
        Reading was = build.measured().get(size.id());
        Reading is = back.measured().get(size.id());
        assertThat(is == null ? null : is.value())
            .as(size.id())
            .isEqualTo(was == null ? null : was.value());
      }
    }
  }

  /** A group covers what its hardware decides: nothing of it is a number that isn't there. */
  @Test
  void groupsAreOfDecisionsThatThereAre() {
    for (Build demo : Demo.builds(DAY)) {
      for (Fitting fitting : demo.design().fittings()) {
        ShelfGroup group = ShelfGroup.of(demo.design(), fitting);
        assertThat(group.id()).isEqualTo(fitting.type().word());
        assertThat(group.sizes().stream().map(Decision::id)).allMatch(id -> fitting.owns(id));
      }
    }
    assertThatThrownBy(
            () ->
                ShelfTransfer.take(
                    Heron.build(),
                    ShelfTransfer.keep(Heron.build(), pickup(Heron.build()), "p", DAY)))
        .hasMessageContaining("fitted into the body");
  }

  @Test
  void setsOfStringsAreTakenAndKept() {
    StringSet heavy =
        StringSetBook.all().stream().filter(s -> s.name().contains("heavy")).findFirst().get();
    Build build = ShelfTransfer.take(Heron.build(), heavy);
    assertThat(build.design().strings()).isEqualTo(heavy.strings());
    assertThat(ShelfTransfer.keep(build, "mine").strings()).isEqualTo(heavy.strings());
    // Gauges are bought in thousandths of an inch.
    for (StringSet set : StringSetBook.all()) {
      set.strings()
          .forEach(
              s ->
                  assertThat(s.gauge() / 0.0254)
                      .as(set.name())
                      .isCloseTo(Math.rint(s.gauge() / 0.0254), within(0.02)));
      for (int i = 1; i < set.strings().size(); i++) {
        assertThat(set.strings().get(i).pitch()).isLessThan(set.strings().get(i - 1).pitch());
        assertThat(set.strings().get(i).gauge()).isGreaterThan(set.strings().get(i - 1).gauge());
      }
    }
  }

  @Test
  void aNameStandsOnceAndABadOneIsRefusedInWords() {
    ShelfItem one = ShelfTransfer.keep(Heron.build(), ShelfGroup.ROD, "short rod", DAY);
    Shelf shelf = Shelf.EMPTY.with(one).with(one.withName("long rod"));
    assertThat(shelf.with(one).pieces()).hasSize(2);
    assertThatThrownBy(() -> shelf.changed(one, one.withName("long rod")))
        .hasMessageContaining("same name");
    assertThatThrownBy(() -> one.withName(" ")).hasMessageContaining("needs a name");
    assertThatThrownBy(() -> one.withName("x".repeat(300))).hasMessageContaining("60 letters");
    assertThat(shelf.without(one).of("rod")).hasSize(1);
  }

  @Test
  void aBrokenShelfInAFileIsSaidWithItsPlace(@TempDir Path folder) throws Exception {
    Path file = folder.resolve(ShopFile.NAME);
    ShopFile.at(file)
        .save(
            Demo.shop()
                .withShelf(
                    Shelf.EMPTY.with(ShelfTransfer.keep(Heron.build(), ShelfGroup.ROD, "r", DAY))));
    String text = Files.readString(file);
    Files.writeString(file, text.replace("2026-05-04", "the fourth of May"));
    assertThatThrownBy(() -> ShopFile.read(file))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("shelf");
  }
}
