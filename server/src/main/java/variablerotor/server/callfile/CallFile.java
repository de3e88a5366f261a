package variablerotor.server.callfile;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Tree;
import variablerotor.json.Json;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Sha256;

/**
 * The files of a call in a ZIP, with a manifest that names each with its size and its sum
 * (SHA-256). Nothing is unpacked but what the manifest names, and no more than a call can hold.
 */
final class CallFile {
  static final String FORMAT = "variable-rotor-call";
  static final int VERSION = 1;
  static final String MANIFEST = "manifest.json";
  static final String RECORDS = "records.json";

  /** Most files: 40 photos, the papers and documents, and room for what later versions add. */
  private static final int MOST_FILES = 80;

  /** Largest file unpacked [byte]. */
  private static final int LARGEST = 16 * 1024 * 1024;

  /** All of it unpacked [byte]. */
  private static final long MOST_BYTES = 64L * 1024 * 1024;

  /** What is read again; the papers are made anew. */
  private static final Pattern READ_AGAIN =
      Pattern.compile("manifest\\.json|records\\.json|photos/[0-9a-f-]{36}\\.(jpg|png)");

  private static final Pattern NAME =
      Pattern.compile("(?:(?:photos|papers)/)?[A-Za-z0-9][A-Za-z0-9._-]{0,80}");

  private CallFile() {}

  /**
   * @param files by their names, in their order
   * @param about what the manifest says besides
   */
  static byte[] pack(Map<String, byte[]> files, Map<String, Object> about) {
    List<Object> listed = new ArrayList<>();
    files.forEach(
        (name, content) ->
            listed.add(
                Tree.of(
                    "name", name, "bytes", (double) content.length, "sha256", Sha256.of(content))));
    Map<String, Object> manifest = Tree.of("format", FORMAT, "version", (double) VERSION);
    manifest.putAll(about);
    manifest.put("files", listed);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
      put(zip, MANIFEST, Json.writePretty(manifest).getBytes(StandardCharsets.UTF_8));
      for (Map.Entry<String, byte[]> one : files.entrySet()) {
        put(zip, one.getKey(), one.getValue());
      }
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    }
    return bytes.toByteArray();
  }

  private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(content);
    zip.closeEntry();
  }

  /**
   * What of a file is read again, by name, after all of it was held against its manifest.
   *
   * @throws Refused where it is no such file, too large, or not as its manifest says
   */
  static Map<String, byte[]> unpack(InputStream file) {
    Map<String, byte[]> kept = new LinkedHashMap<>();
    Map<String, String> sums = new LinkedHashMap<>();
    long all = 0;
    try (ZipInputStream zip = new ZipInputStream(file, StandardCharsets.UTF_8)) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String name = entry.getName();
        if (!NAME.matcher(name).matches() || name.contains("..")) {
          throw refused("found a file named " + spoken(name) + ", which no call has");
        }
        if (sums.size() >= MOST_FILES) {
          throw refused("found more than " + MOST_FILES + " files");
        }
        byte[] content = read(zip, Math.min(LARGEST, MOST_BYTES - all), name);
        all += content.length;
        if (sums.put(name, Sha256.of(content)) != null) {
          throw refused("found " + name + " twice");
        }
        if (READ_AGAIN.matcher(name).matches()) {
          kept.put(name, content);
        }
      }
    } catch (ZipException | IllegalArgumentException broken) {
      throw refused("found something that is no ZIP file, or a broken one");
    } catch (IOException gone) {
      throw new UncheckedIOException(gone);
    }
    hold(kept, sums);
    return kept;
  }

  private static byte[] read(ZipInputStream zip, long most, String name) throws IOException {
    byte[] content = zip.readNBytes((int) most + 1);
    if (content.length > most) {
      throw refused(name + " unpacks to more than a call holds");
    }
    return content;
  }

  /** Every file is named and is what was summed, and none is missing. */
  private static void hold(Map<String, byte[]> kept, Map<String, String> sums) {
    byte[] said = kept.get(MANIFEST);
    if (said == null || !kept.containsKey(RECORDS)) {
      throw refused("found no " + (said == null ? MANIFEST : RECORDS) + " in it");
    }
    Map<?, ?> manifest = tree(MANIFEST, said);
    if (!FORMAT.equals(manifest.get("format"))) {
      throw refused(MANIFEST + " is of no call");
    }
    if (!Double.valueOf(VERSION).equals(manifest.get("version"))) {
      throw refused(
          "its version is " + manifest.get("version") + "; this program reads " + VERSION);
    }
    Map<String, String> left = new LinkedHashMap<>(sums);
    left.remove(MANIFEST);
    if (!(manifest.get("files") instanceof List<?> files)) {
      throw refused(MANIFEST + " names no files");
    }
    for (Object each : files) {
      Map<?, ?> one = each instanceof Map<?, ?> map ? map : Map.of();
      String name = String.valueOf(one.get("name"));
      String sum = left.remove(name);
      if (sum == null) {
        throw refused(spoken(name) + " is named and is not there");
      }
      if (!sum.equals(one.get("sha256"))) {
        throw refused(name + " is not what it was when it was packed");
      }
    }
    if (!left.isEmpty()) {
      throw refused(left.keySet().iterator().next() + " is there and is not named");
    }
  }

  /** A file of it that is an object of JSON. */
  static Map<?, ?> tree(String name, byte[] content) {
    try {
      if (Json.read(new String(content, StandardCharsets.UTF_8)) instanceof Map<?, ?> map) {
        return map;
      }
      throw refused(name + " holds no object");
    } catch (InputFaults unreadable) {
      throw refused(name + " is no JSON: " + unreadable.faults().get(0).message());
    }
  }

  static Refused refused(String why) {
    return Refused.field("file", why + "; allowed is a call that was packed by this program");
  }

  private static String spoken(@Nullable String name) {
    String printable = String.valueOf(name).replaceAll("[^\\x20-\\x7e]", "?");
    return "\"" + (printable.length() > 60 ? printable.substring(0, 60) + "…" : printable) + "\"";
  }
}
