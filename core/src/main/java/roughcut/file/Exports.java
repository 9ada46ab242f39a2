package roughcut.file;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import roughcut.drawing.Drawing;
import roughcut.drawing.Sheet;
import roughcut.plan.Plan;

/**
 * Everything that is written out of a plan: the fret table and the full-size sheet in three
 * formats.
 */
public final class Exports {
  private Exports() {}

  /**
   * Writes all files into a folder.
   *
   * @return what was written
   * @throws FileTrouble when the folder can't be written
   */
  public static List<Path> write(Plan plan, PageSetup setup, Path folder) throws FileException {
    Drawing sheet = setup.drawing(Sheet.PLAN, plan);
    Map<String, Supplier<byte[]>> files = new LinkedHashMap<>();
    files.put("frets.csv", () -> FretTable.csv(plan));
    files.put("fretboard.csv", () -> FretboardTable.csv(plan));
    files.put("plan.svg", () -> SvgWriter.write(sheet));
    files.put("plan.dxf", () -> DxfWriter.write(sheet));
    for (Sheet shape : List.of(Sheet.FRETBOARD, Sheet.BODY_TOP, Sheet.BODY_BACK, Sheet.TEMPLATES)) {
      Drawing drawing = setup.drawing(shape, plan);
      files.put(shape.file() + ".svg", () -> SvgWriter.write(drawing));
      files.put(shape.file() + ".dxf", () -> DxfWriter.write(drawing));
    }
    for (Sheet each : Sheet.values()) {
      files.put(each.file() + ".pdf", () -> setup.pdf(each, plan));
    }
    return written(files, folder);
  }

  /**
   * Writes one sheet for that paper.
   *
   * @return what was written
   * @throws FileTrouble when the folder can't be written
   */
  public static List<Path> write(Plan plan, PageSetup setup, Sheet sheet, Path folder)
      throws FileException {
    return written(Map.of(sheet.file() + ".pdf", () -> setup.pdf(sheet, plan)), folder);
  }

  private static List<Path> written(Map<String, Supplier<byte[]>> files, Path folder)
      throws FileException {
    List<Path> written = new ArrayList<>();
    for (Map.Entry<String, Supplier<byte[]>> file : files.entrySet()) {
      Path path = folder.resolve(file.getKey());
      SafeFile.write(path, file.getValue().get());
      written.add(path);
    }
    return written;
  }
}
