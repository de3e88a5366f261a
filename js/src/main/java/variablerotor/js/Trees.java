package variablerotor.js;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArray;
import org.teavm.jso.core.JSBoolean;
import org.teavm.jso.core.JSNumber;
import org.teavm.jso.core.JSString;

/** Between the values of a script and the plain trees of the core. */
final class Trees {
  private Trees() {}

  @JSBody(
      params = "value",
      script =
          "return value === null || value === undefined ? 'null'"
              + " : Array.isArray(value) ? 'array' : typeof value;")
  private static native String kind(JSObject value);

  @JSBody(params = "map", script = "return Object.keys(map);")
  private static native String[] keys(JSObject map);

  @JSBody(
      params = {"map", "key"},
      script = "return map[key];")
  private static native JSObject get(JSObject map, String key);

  @JSBody(
      params = {"map", "key", "value"},
      script = "map[key] = value;")
  private static native void set(JSObject map, String key, JSObject value);

  @JSBody(script = "return {};")
  private static native JSObject map();

  @JSBody(script = "return null;")
  private static native JSObject nothing();

  static @Nullable Object fromScript(JSObject value) {
    switch (kind(value)) {
      case "string":
        return ((JSString) value).stringValue();
      case "number":
        return ((JSNumber) value).doubleValue();
      case "boolean":
        return ((JSBoolean) value).booleanValue();
      case "array":
        JSArray<JSObject> array = value.cast();
        List<@Nullable Object> list = new ArrayList<>();
        for (int i = 0; i < array.getLength(); i++) {
          list.add(fromScript(array.get(i)));
        }
        return list;
      case "object":
        Map<String, @Nullable Object> branch = new LinkedHashMap<>();
        for (String key : keys(value)) {
          branch.put(key, fromScript(get(value, key)));
        }
        return branch;
      default:
        return null;
    }
  }

  static JSObject toScript(Object tree) {
    if (tree instanceof String text) {
      return JSString.valueOf(text);
    }
    if (tree instanceof Double number) {
      return JSNumber.valueOf(number);
    }
    if (tree instanceof Boolean flag) {
      return JSBoolean.valueOf(flag);
    }
    if (tree instanceof List<?> list) {
      JSArray<JSObject> array = JSArray.create();
      for (Object item : list) {
        array.push(toScript(item));
      }
      return array;
    }
    if (tree instanceof Map<?, ?> branch) {
      JSObject made = map();
      for (Map.Entry<?, ?> entry : branch.entrySet()) {
        set(made, (String) entry.getKey(), toScript(entry.getValue()));
      }
      return made;
    }
    return nothing();
  }
}
