package variablerotor.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What a package may use stands in its package-info, and is all that it uses. */
class MayUseTest {
  private static final Pattern MAY_USE =
      Pattern.compile("May use (everything(?: but)?)?([^.]*)\\.\\s*$");
  private static final Pattern NAME = Pattern.compile("\\{@code (\\w+)}");

  @Test
  void ofTheCore() throws IOException {
    holds(
        "variablerotor.core",
        Path.of("../core/src/main/java/variablerotor/core"),
        Set.of("source", "text", "tree"));
  }

  @Test
  void ofTheServer() throws IOException {
    holds(
        "variablerotor.server",
        Path.of("src/main/java/variablerotor/server"),
        Set.of("schema", "web"));
  }

  /**
   * @param free what everything may use
   */
  private static void holds(String root, Path sources, Set<String> free) throws IOException {
    Map<String, Set<String>> uses = uses(root);
    uses.remove("schema");
    assertThat(uses).hasSizeGreaterThan(20);
    for (Map.Entry<String, Set<String>> each : uses.entrySet()) {
      Set<String> asked = new TreeSet<>(each.getValue());
      asked.removeAll(free);
      String told = told(sources.resolve(each.getKey()).resolve("package-info.java"));
      Matcher may = MAY_USE.matcher(told);
      String whole = may.find() ? may.group(1) : "";
      Set<String> named = new TreeSet<>();
      if (!"".equals(whole)) {
        NAME.matcher(may.group(2)).results().forEach(one -> named.add(one.group(1)));
      }
      String rule = each.getKey() + ", of which is said: " + told;
      if ("everything but".equals(whole)) {
        assertThat(asked).as(rule).doesNotContainAnyElementsOf(named);
      } else if (whole == null || whole.isEmpty()) {
        // What is named and no longer used is a rule that nobody needs.
        assertThat(named).as(rule).isEqualTo(asked);
      }
    }
  }

  /** Its Javadoc in one line. */
  private static String told(Path packageInfo) throws IOException {
    String text = Files.readString(packageInfo);
    return text.substring(text.indexOf("/**") + 3, text.indexOf("*/"))
        .replaceAll("\\s*\\n \\* ?", " ")
        .trim();
  }

  /** Of each package below the root, the others there that it uses. */
  private static Map<String, Set<String>> uses(String root) {
    Map<String, Set<String>> uses = new TreeMap<>();
    for (JavaClass one :
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages(root)) {
      String from = below(root, one);
      if (from == null) {
        continue;
      }
      Set<String> others = uses.computeIfAbsent(from, none -> new TreeSet<>());
      one.getDirectDependenciesFromSelf().stream()
          .map(dependency -> below(root, dependency.getTargetClass().getBaseComponentType()))
          .filter(to -> to != null && !to.equals(from))
          .forEach(others::add);
    }
    return uses;
  }

  private static String below(String root, JavaClass one) {
    String name = one.getPackageName();
    return name.startsWith(root + ".") ? name.substring(root.length() + 1).split("\\.")[0] : null;
  }
}
