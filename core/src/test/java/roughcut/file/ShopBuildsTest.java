package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.demo.Demo;
import roughcut.record.Build;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/** Builds begun, copied and binned: nothing is written over, nothing is lost. */
class ShopBuildsTest {
  @TempDir Path shop;

  private ShopBuilds builds() {
    return new ShopBuilds(shop);
  }

  private static Build mine(String name) {
    return NewInstrument.usual(name, InstrumentKind.SIX_STRINGS).build();
  }

  @Test
  void anEmptyShopHasNone() throws FileException {
    assertThat(builds().all()).isEmpty();
    assertThat(builds().deletedBuilds()).isEmpty();
  }

  @Test
  void eachBuildHasAFileOfItsOwnWhateverItIsCalled() throws FileException {
    List<String> names =
        List.of("Plover", "Plover", "../Plover", "a/b:c*?", "…", ".hidden", "Ørnen 5", "Plover 2");
    for (String name : names) {
      Path path = builds().begin(mine(name));
      assertThat(path.getParent()).isEqualTo(shop.toAbsolutePath().resolve("builds"));
      assertThat(BuildFile.open(path).build().name()).isEqualTo(name);
    }
    assertThat(builds().all()).hasSize(names.size());
    assertThat(builds().all().stream().map(ShopBuilds.Entry::path)).doesNotHaveDuplicates();
  }

  @Test
  void theOneWorkedOnLastComesFirst() throws Exception {
    Path old = builds().begin(mine("Old"));
    Path young = builds().begin(mine("Young"));
    Files.setLastModifiedTime(old, FileTime.from(Instant.parse("2026-01-01T10:00:00Z")));
    Files.setLastModifiedTime(young, FileTime.from(Instant.parse("2026-02-01T10:00:00Z")));
    assertThat(builds().all()).extracting(ShopBuilds.Entry::name).containsExactly("Young", "Old");
  }

  @Test
  void aCopyHasEverythingAndOneLikeItOnlyTheDesign() throws FileException {
    Path path = builds().begin(Demo.heron(LocalDate.of(2026, 5, 4)));
    Build heron = BuildFile.open(path).build();
    assertThat(heron.log().readings()).isNotEmpty();
    Build copy = BuildFile.open(builds().duplicate(path)).build();
    assertThat(copy).isEqualTo(heron.withName("Heron 2"));
    Build like = BuildFile.open(builds().like(path)).build();
    assertThat(like.name()).isEqualTo("Heron 3");
    assertThat(like.design()).isEqualTo(heron.design());
    assertThat(like.log().readings()).isEmpty();
    assertThat(like.log().done()).isEmpty();
    assertThat(BuildFile.open(path).build()).as("the first is as it was").isEqualTo(heron);
  }

  @Test
  void theBinGivesBackWhatWasPutIntoIt() throws FileException {
    Path path = builds().begin(mine("Plover"));
    Path binned = builds().bin(path);
    assertThat(builds().all()).isEmpty();
    assertThat(builds().deletedBuilds())
        .extracting(ShopBuilds.Entry::name)
        .containsExactly("Plover");
    Path other = builds().begin(mine("Plover"));
    Path second = builds().bin(other);
    assertThat(second).isNotEqualTo(binned);
    builds().begin(mine("Plover"));
    Path back = builds().back(binned);
    assertThat(BuildFile.open(back).build().name()).isEqualTo("Plover");
    assertThat(builds().all()).hasSize(2);
    assertThat(builds().deletedBuilds()).hasSize(1);
  }

  @Test
  void oneThatIsBrokenStandsAmongThemWithItsTrouble() throws IOException {
    builds().begin(mine("Plover"));
    Files.writeString(ShopFile.builds(shop).resolve("Broken.roughcut.json"), "{ \"kind\": ");
    Files.writeString(ShopFile.builds(shop).resolve("notes.txt"), "not a Rough Cut build");
    List<ShopBuilds.Entry> all = builds().all();
    assertThat(all).hasSize(2);
    ShopBuilds.Entry broken =
        all.stream().filter(e -> e.build().isEmpty()).findFirst().orElseThrow();
    assertThat(broken.name()).isEqualTo("Broken");
    assertThat(broken.trouble().toString()).contains("is broken");
    assertThatThrownBy(() -> builds().duplicate(broken.path())).isInstanceOf(FileException.class);
    assertThat(builds().bin(broken.path())).exists();
  }
}
