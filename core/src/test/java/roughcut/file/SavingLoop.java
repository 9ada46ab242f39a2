package roughcut.file;

import java.nio.file.Path;
import roughcut.Heron;
import roughcut.record.Build;

/** Saves one build after another for ever, to be killed by a test. */
final class SavingLoop {
  private SavingLoop() {}

  static Build build(int i) {
    return Heron.build()
        .withName("saved " + i)
        .withDesign(Heron.set(Heron.build().design(), "scale.length=" + (500 + i % 300)));
  }

  public static void main(String[] args) throws FileException {
    BuildFile file = BuildFile.at(Path.of(args[0]));
    for (int i = 0; ; i++) {
      file.save(build(i));
      if (i == 0) {
        System.out.print('.');
        System.out.flush();
      }
    }
  }
}
