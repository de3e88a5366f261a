package variablerotor.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import variablerotor.core.bench.HiddenFault;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;

/** Whoever gets a list cannot change it for anybody else. */
class CopiesTest {
  /** Every record of the core that keeps a list, a map or a set. */
  static Stream<Class<?>> keepers() {
    return new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("variablerotor.core")
            .stream()
            .filter(JavaClass::isRecord)
            .<Class<?>>map(JavaClass::reflect)
            // This one takes no empty list; it has a test of its own.
            .filter(type -> type != HiddenFault.class)
            .filter(type -> Stream.of(type.getRecordComponents()).anyMatch(CopiesTest::isMany));
  }

  private static boolean isMany(RecordComponent component) {
    return Collection.class.isAssignableFrom(component.getType())
        || Map.class.isAssignableFrom(component.getType());
  }

  @ParameterizedTest
  @MethodSource("keepers")
  void recordsKeepCopies(Class<?> type) throws ReflectiveOperationException {
    RecordComponent[] components = type.getRecordComponents();
    Object[] given = new Object[components.length];
    Class<?>[] types = new Class<?>[components.length];
    for (int i = 0; i < components.length; i++) {
      types[i] = components[i].getType();
      given[i] = something(components[i]);
    }
    Constructor<?> constructor = type.getDeclaredConstructor(types);
    constructor.setAccessible(true);
    Object kept = constructor.newInstance(given);
    for (int i = 0; i < components.length; i++) {
      if (isMany(components[i])) {
        components[i].getAccessor().setAccessible(true);
        Object read = components[i].getAccessor().invoke(kept);
        String name = type.getSimpleName() + "." + components[i].getName();
        assertThrows(UnsupportedOperationException.class, () -> add(read), name);
        add(given[i]);
        assertEquals(0, size(components[i].getAccessor().invoke(kept)), name);
      }
    }
  }

  private static int size(Object many) {
    return many instanceof Map<?, ?> map ? map.size() : ((Collection<?>) many).size();
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  private static void add(Object many) {
    if (many instanceof EnumMap map) {
      map.put(Symptom.NO_RUN, 1.0);
    } else if (many instanceof Map map) {
      map.put("one", "more");
    } else {
      ((Collection) many).add("one more");
    }
  }

  private static Object something(RecordComponent component) {
    Class<?> type = component.getType();
    if (type == List.class) {
      return new ArrayList<>();
    }
    if (type == Map.class) {
      return component.getGenericType().getTypeName().contains("Symptom")
          ? new EnumMap<>(Symptom.class)
          : new HashMap<>();
    }
    if (type == double.class) {
      return 0.0;
    }
    if (type == int.class) {
      return 0;
    }
    if (type == long.class) {
      return 0L;
    }
    if (type == boolean.class) {
      return false;
    }
    if (type.isEnum()) {
      return type.getEnumConstants()[0];
    }
    return type == String.class ? "" : null;
  }

  @Test
  void aHiddenFaultKeepsItsFaults() {
    List<Fault> faults = new ArrayList<>(List.of(Fault.MODULE_DEAD));
    HiddenFault hidden = new HiddenFault(Family.CONSTANT_TORQUE, Symptom.NO_RUN, faults, 0.5, 1);
    faults.clear();
    assertEquals(List.of(Fault.MODULE_DEAD), hidden.faults());
    assertThrows(UnsupportedOperationException.class, () -> hidden.faults().clear());
  }

  @Test
  void aChecksAnswersAreEverybodys() {
    Check check = FamilyModel.of(Family.CONSTANT_TORQUE).checks().get(0);
    assertThrows(UnsupportedOperationException.class, () -> check.outcomes().remove(0));
    assertThrows(UnsupportedOperationException.class, () -> check.facts().remove(0));
  }
}
