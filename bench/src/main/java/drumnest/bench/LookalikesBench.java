package drumnest.bench;

import drumnest.core.photo.Fingerprint;
import drumnest.core.photo.Lab;
import drumnest.core.photo.Light;
import drumnest.core.photo.Look;
import drumnest.core.photo.Lookalikes;
import drumnest.core.photo.Miniature;
import drumnest.core.photo.Pixels;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.HouseRules;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Stacks and alternates of 5 000 photos, as the start script runs the program. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(
    value = 2,
    jvmArgs = {"-Xmx208m", "-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1"})
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
public class LookalikesBench {

  /** Seconds between photos: a week's worth, and all of them in ten minutes. */
  @Param({"60", "0.12"})
  private double seconds;

  /** How many came without a date and are compared with all. */
  @Param({"0", "500"})
  private int undated;

  private List<StoryPhoto> line;

  /** Bursts of three; every tenth photo turned upright. */
  @Setup
  public void lay() {
    Random random = new Random(1);
    line = new ArrayList<>();
    LocalDateTime begin = LocalDateTime.of(2021, 6, 14, 12, 0);
    long bits = 0;
    for (int i = 0; i < 5_000; i++) {
      bits = i % 3 == 0 ? random.nextLong() : bits ^ 1L << random.nextInt(64);
      Look look =
          new Look(
              new Fingerprint(bits),
              new Fingerprint(bits * 31),
              miniature(random),
              Lab.ofSrgb(random.nextInt(1 << 24)),
              Lab.ofSrgb(random.nextInt(1 << 24)),
              random.nextInt(40),
              new Light(random.nextInt(255), 0, 0),
              i % 10 == 0 ? new Pixels(3000, 4000) : new Pixels(4000, 3000));
      LocalDateTime at =
          i >= 5_000 - undated ? null : begin.plusNanos((long) (i * seconds * 1_000_000_000L));
      line.add(new StoryPhoto("p" + i, at, look, StoryPhoto.Grouping.NONE));
    }
  }

  /** Nothing but noise, so that every pair is compared and none is joined. */
  private static Miniature miniature(Random random) {
    int[] grey = new int[Miniature.SIDE * Miniature.SIDE * 3 / 4];
    Arrays.setAll(grey, i -> random.nextInt(256));
    return Miniature.of(grey, Miniature.SIDE);
  }

  @Benchmark
  public List<Stack> stacks() {
    return Lookalikes.stacks(line, HouseRules.defaults());
  }

  @Benchmark
  public Map<String, String> alternates() {
    return Lookalikes.alternates(line, HouseRules.defaults());
  }
}
