package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is begun and not entered is there again, each build's for itself. */
class UnfinishedEntriesTest {
  @TempDir private Path data;

  private UnfinishedEntries of(String build) {
    return new UnfinishedEntries(data, () -> data.resolve(build));
  }

  private List<Path> files() throws IOException {
    try (Stream<Path> all = Files.list(data.resolve("halfway"))) {
      return all.toList();
    }
  }

  @Test
  void isThereAgainForTheSameBuildOnly() {
    UnfinishedEntries first = of("a/Heron.roughcut");
    first.put("typed body.cut.pocket", "21,");
    first.put("note x", "two words\nand = signs: ü");
    first.save();
    assertThat(of("a/Heron.roughcut").text("typed body.cut.pocket")).isEqualTo("21,");
    assertThat(of("a/Heron.roughcut").text("note x")).isEqualTo("two words\nand = signs: ü");
    assertThat(of("b/Heron.roughcut").text("typed body.cut.pocket")).isEmpty();
  }

  @Test
  void nothingBegunLeavesNoFile() throws IOException {
    UnfinishedEntries one = of("Heron.roughcut");
    one.put("running", "x");
    one.save();
    assertThat(files()).hasSize(1);
    one.put("running", "");
    one.save();
    assertThat(files()).isEmpty();
    assertThat(one.text("running")).isEmpty();
  }

  @Test
  void aBrokenFileOrAFullDiskCountsAsNothing() throws IOException {
    UnfinishedEntries one = of("Heron.roughcut");
    one.put("running", "x");
    one.save();
    Files.writeString(files().get(0), "running=\\u12");
    assertThat(of("Heron.roughcut").text("running")).isEmpty();
    Path taken = data.resolve("taken");
    Files.writeString(taken, "a file where the folder should be");
    UnfinishedEntries nowhere = new UnfinishedEntries(taken, () -> data.resolve("Heron.roughcut"));
    nowhere.put("running", "y");
    nowhere.save();
    assertThat(nowhere.text("running")).as("goes on in memory").isEqualTo("y");
  }

  /** Two windows of one build: neither brings back what the other has finished. */
  @Test
  void anotherWindowsChangesStay() {
    UnfinishedEntries one = of("Heron.roughcut");
    one.put("note x", "tear-out");
    one.save();
    UnfinishedEntries two = of("Heron.roughcut");
    two.put("note x", "");
    two.put("at", "y");
    two.save();
    one.put("typed z", "2");
    one.save();
    UnfinishedEntries three = of("Heron.roughcut");
    assertThat(three.text("note x")).isEmpty();
    assertThat(three.text("at")).isEqualTo("y");
    assertThat(three.text("typed z")).isEqualTo("2");
  }
}
