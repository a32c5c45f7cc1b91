package jorn.json;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.DatabindContext;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.jsontype.impl.TypeIdResolverBase;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.ServiceLoader;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Finds the types of open interfaces, for files, through the families that are named as services. */
public final class OpenTypes extends TypeIdResolverBase {
    private static final List<TypeFamily> FAMILIES = load();
    private static final Map<Class<?>, Map<String, Class<?>>> TYPES = new HashMap<>();
    private static final Map<Class<?>, String> IDS = new HashMap<>();
    private static final Map<Class<?>, Class<?>> UNKNOWN = new HashMap<>();

    static {
        for (TypeFamily family : FAMILIES) {
            family.types().forEach((id, type) -> {
                Class<?> other =
                        TYPES.computeIfAbsent(family.of(), k -> new HashMap<>()).put(id, type);
                if (other != null) {
                    throw new IllegalStateException("two types " + id + ": " + other + ", " + type);
                }
                IDS.put(type, id);
            });
            family.unknown().ifPresent(type -> UNKNOWN.put(family.of(), type));
        }
    }

    private Class<?> base = Object.class;

    private static List<TypeFamily> load() {
        List<TypeFamily> all = new ArrayList<>();
        ServiceLoader.load(TypeFamily.class, OpenTypes.class.getClassLoader()).forEach(all::add);
        return List.copyOf(all);
    }

    /** All families. */
    public static List<TypeFamily> families() {
        return FAMILIES;
    }

    /** The ids under which files may name a type of an open one. */
    public static Set<String> ids(Class<?> open) {
        return Set.copyOf(TYPES.getOrDefault(open, Map.of()).keySet());
    }

    @Override
    public void init(JavaType type) {
        base = type.getRawClass();
    }

    @Override
    public @Nullable String idFromValue(Object value) {
        return idFromValueAndType(value, value.getClass());
    }

    @Override
    public @Nullable String idFromValueAndType(Object value, Class<?> type) {
        return IDS.get(type);
    }

    @Override
    public @Nullable JavaType typeFromId(DatabindContext context, String id) {
        Class<?> type = TYPES.entrySet().stream()
                .filter(e -> e.getKey().isAssignableFrom(base))
                .map(e -> e.getValue().getOrDefault(id, UNKNOWN.get(e.getKey())))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
        return type == null ? null : context.constructType(type);
    }

    @Override
    public JsonTypeInfo.Id getMechanism() {
        return JsonTypeInfo.Id.CUSTOM;
    }
}
