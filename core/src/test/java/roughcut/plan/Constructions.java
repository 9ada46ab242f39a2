package roughcut.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.record.Build;

/** Builds that between them go through every way in which an instrument can be made. */
public final class Constructions {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private Constructions() {}

  /** The demos, and one instrument made in ways that no demo is. */
  public static List<Build> all() {
    List<Build> all = new ArrayList<>(Demo.builds(DAY));
    Build heron = Heron.build();
    for (String[] settings :
        new String[][] {
          {"neck.fixing=through", "heights.solve-for=exposed"},
          {"neck.fixing=glued-in", "head.made=flat", "heights.solve-for=saddle"},
          {"neck.fixing=glued-in", "tenon.width=34", "tenon.depth=18", "rod.length=470"},
          {"head.made=headless", "bridge.kind=tuner-bridge", "rod.worked-from=heel"},
          {"head.made=one-piece", "rod.worked-from=head-pocket", "bolt.kind=inserts"},
          {"rod.worked-from=heel", "nut.kind=zero-fret", "bolt.counterbore=4", "bolt.count=2"},
          {"rod.worked-from=fretboard-end", "nut.kind=locking", "body.top-thickness=0"},
          {"bridge.kind=pivoting", "nut.kind=slot", "slot.school=midway", "binding.layers=2"},
          {"bridge.kind=flat-plate", "bridge.strung-through=yes", "compensation.by=own-table"},
          {"scale.bass=660", "scale.treble=640", "compensation.by=straight-line", "arm.depth=8"},
          {"spline.count=3", "inlay.fret=12", "rod.deeper-middle=2", "neck.nut-to-octave=320.4"},
          {"proof.standing=8", "proof.straightedge=14", "top.leaf-1=9", "top.leaf-2=8.6"},
          {"rod.deeper-middle=-2", "rod.worked-from=fretboard-end", "fretboard.notch-length=8"},
          {"slot.school=midway", "fretboard.sanded=0.2", "channel.cutter=12", "fence.rod.heel=20"},
          {"neck.angle-made=wedge", "pocket.made-edge=20.4", "pocket.made-end=19"},
          {"neck.angle-made=planed-heel", "heel.taper-made=1", "blank.width-now=60"},
          {
            "carve.bow=2.6",
            "pocket.finish=goes-in",
            "blank.length-now=760",
            "fretboard.binding=1.5",
            "neck.now-at.7=19.4"
          },
          {"channel.machine=railed-jig", "scarf.planing=0.3", "body.now-thickness=47"},
          {"channel.cutter=5", "stiffener.cutter=2.5", "neck.strip.1.heel-thickness=18"},
        }) {
      all.add(Heron.lived(heron.asDesigned(), settings));
    }
    return all;
  }
}
