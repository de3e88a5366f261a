package variablerotor.js;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;
import variablerotor.core.casefile.PlateWordsReader;
import variablerotor.core.lamp.LampWatch;
import variablerotor.core.sound.SpeedEar;
import variablerotor.core.sound.StartEar;
import variablerotor.core.staged.LampFilm;
import variablerotor.core.staged.Seeds;
import variablerotor.core.staged.StagedFan;
import variablerotor.core.staged.StagedLamp;
import variablerotor.core.staged.StagedPlate;
import variablerotor.core.staged.StagedStarts;
import variablerotor.core.tree.Tree;

/**
 * What a page's camera and microphone see and hear, and the staged lamps and sounds of practice.
 * Unlike the other parts this one remembers: a worker of it watches one lamp, or listens to one
 * fan, from its beginning to its end.
 */
public final class Senses {
  /** Sounds of practice [samples/s]. */
  private static final int RATE = 24_000;

  private static @Nullable LampWatch watch;
  private static @Nullable SpeedEar speed;
  private static @Nullable StartEar starts;
  private static @Nullable LampFilm film;

  private Senses() {}

  /** For the compiler: a module has no beginning of its own. */
  public static void main(String[] args) {}

  /** Begins to watch {@code lamps} lamps. */
  @JSExport
  public static JSObject watch(JSObject tree) {
    watch = new LampWatch((int) number(tree, "lamps"));
    return Trees.toScript(Tree.of("side", LampWatch.SIDE));
  }

  /** A frame: when, {@code at} [s], and the picture of each lamp, {@code pictures}. */
  @JSExport
  public static JSObject frame(JSObject tree) {
    byte[][] pictures = new byte[length(tree, "pictures")][];
    for (int lamp = 0; lamp < pictures.length; lamp++) {
      pictures[lamp] = bytes(item(tree, "pictures", lamp));
    }
    begun(watch).see(number(tree, "at"), pictures);
    return Trees.toScript(Tree.of());
  }

  /** What the frames amount to so far. */
  @JSExport
  public static JSObject seen(JSObject tree) {
    return Trees.toScript(begun(watch).read().tree());
  }

  /** Begins to listen to a microphone of {@code rate} samples a second; {@code mains} [Hz]. */
  @JSExport
  public static JSObject listen(JSObject tree) {
    double rate = number(tree, "rate");
    speed = new SpeedEar(rate, number(tree, "mains"));
    starts = new StartEar(rate);
    return Trees.toScript(Tree.of());
  }

  /** More sound, {@code samples}. */
  @JSExport
  public static JSObject hear(JSObject tree) {
    float[] samples = floats(field(tree, "samples"));
    begun(speed).hear(samples);
    begun(starts).hear(samples);
    return Trees.toScript(Tree.of());
  }

  /** The speed of a wheel of {@code blades} blades; 0 where nobody counted them. */
  @JSExport
  public static JSObject speed(JSObject tree) {
    int blades = (int) number(tree, "blades");
    return Trees.toScript(begun(speed).read(blades > 0 ? blades : null).tree());
  }

  /** Tries, and whether it gave up. */
  @JSExport
  public static JSObject starts(JSObject tree) {
    return Trees.toScript(begun(starts).read().tree());
  }

  /** What a plate says, from its words. */
  @JSExport
  public static JSObject plate(JSObject tree) {
    return Asked.answered(tree, PlateWordsReader::read);
  }

  /** Begins a staged lamp of practice, by {@code seed}; says what is true of it. */
  @JSExport
  public static JSObject film(JSObject tree) {
    long seed = (long) number(tree, "seed");
    StagedLamp lamp = StagedLamp.any(Seeds.random(seed));
    film = new LampFilm(lamp, LampFilm.Trouble.any(Seeds.random(~seed)), seed);
    return Trees.toScript(
        Tree.of("lamps", lamp.lamps(), "code", lamp.code(), "kind", lamp.kind().name()));
  }

  /** The next frame of it: {@code at} [s] and {@code pictures}. */
  @JSExport
  public static JSObject nextFrame(JSObject tree) {
    LampFilm running = begun(film);
    byte[][] pictures = running.next();
    JSObject made = Trees.toScript(Tree.of("at", running.time(), "pictures", List.of()));
    for (byte[] picture : pictures) {
      push(made, "pictures", clamped(picture));
    }
    return made;
  }

  /** A staged fan of practice, by {@code seed}: its sound, and what is true of it. */
  @JSExport
  public static JSObject fan(JSObject tree) {
    long seed = (long) number(tree, "seed");
    StagedFan fan = StagedFan.any(Seeds.random(seed));
    JSObject made =
        Trees.toScript(
            Tree.of(
                "rate", RATE, "blades", fan.blades(), "rpm", fan.rpm(), "second", fan.second()));
    put(made, "samples", singles(fan.sound(12, RATE, seed)));
    return made;
  }

  /** A staged motor of practice that does not stay on, by {@code seed}. */
  @JSExport
  public static JSObject motor(JSObject tree) {
    long seed = (long) number(tree, "seed");
    StagedStarts motor = StagedStarts.any(Seeds.random(seed));
    JSObject made =
        Trees.toScript(
            Tree.of("rate", 8000, "shape", motor.shape().name(), "tries", motor.tries()));
    put(made, "samples", singles(motor.sound(8000, seed)));
    return made;
  }

  /** A plate of practice, by {@code seed}: its lines, and what they say. */
  @JSExport
  public static JSObject madePlate(JSObject tree) {
    StagedPlate plate = StagedPlate.any(Seeds.random((long) number(tree, "seed")));
    List<Object> says = new ArrayList<>();
    plate.says().forEach((field, value) -> says.add(Tree.of("field", field, "value", value)));
    return Trees.toScript(Tree.of("lines", plate.lines(), "says", says));
  }

  private static <T> T begun(@Nullable T running) {
    if (running == null) {
      throw new IllegalStateException("it was not begun");
    }
    return running;
  }

  private static byte[] bytes(JSObject array) {
    byte[] bytes = new byte[size(array)];
    for (int i = 0; i < bytes.length; i++) {
      bytes[i] = (byte) at(array, i);
    }
    return bytes;
  }

  private static float[] floats(JSObject array) {
    float[] floats = new float[size(array)];
    for (int i = 0; i < floats.length; i++) {
      floats[i] = (float) at(array, i);
    }
    return floats;
  }

  private static JSObject clamped(byte[] bytes) {
    JSObject array = newBytes(bytes.length);
    for (int i = 0; i < bytes.length; i++) {
      set(array, i, bytes[i] & 255);
    }
    return array;
  }

  private static JSObject singles(float[] samples) {
    JSObject array = newFloats(samples.length);
    for (int i = 0; i < samples.length; i++) {
      set(array, i, samples[i]);
    }
    return array;
  }

  @JSBody(
      params = {"tree", "key"},
      script = "return tree[key];")
  private static native JSObject field(JSObject tree, String key);

  @JSBody(
      params = {"tree", "key"},
      script = "return +tree[key];")
  private static native double number(JSObject tree, String key);

  @JSBody(
      params = {"tree", "key"},
      script = "return tree[key].length;")
  private static native int length(JSObject tree, String key);

  @JSBody(
      params = {"tree", "key", "i"},
      script = "return tree[key][i];")
  private static native JSObject item(JSObject tree, String key, int i);

  @JSBody(
      params = {"tree", "key", "value"},
      script = "tree[key] = value;")
  private static native void put(JSObject tree, String key, JSObject value);

  @JSBody(
      params = {"tree", "key", "value"},
      script = "tree[key].push(value);")
  private static native void push(JSObject tree, String key, JSObject value);

  @JSBody(params = "array", script = "return array.length;")
  private static native int size(JSObject array);

  @JSBody(
      params = {"array", "i"},
      script = "return array[i];")
  private static native double at(JSObject array, int i);

  @JSBody(
      params = {"array", "i", "value"},
      script = "array[i] = value;")
  private static native void set(JSObject array, int i, double value);

  @JSBody(params = "length", script = "return new Uint8ClampedArray(length);")
  private static native JSObject newBytes(int length);

  @JSBody(params = "length", script = "return new Float32Array(length);")
  private static native JSObject newFloats(int length);
}
