package jorn.layout;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jorn.layout.Setting.Option;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.SettingKind;
import jorn.say.Wording;

/**
 * The settings of any part of a design, or of what stands on a page besides it: the components of its own record that have a
 * {@link Label}, those of a record inside it too.
 */
public final class PartSettings {
    private PartSettings() {}

    /**
     * The settings of a part, without those of the parts inside it.
     *
     * @param part a record
     */
    public static List<Setting> of(Object part) {
        return of(part, "");
    }

    private static List<Setting> of(Object owner, String before) {
        List<Setting> all = new ArrayList<>();
        for (RecordComponent c : owner.getClass().getRecordComponents()) {
            Label label = c.getAnnotation(Label.class);
            if (label == null) {
                continue;
            }
            Object value = value(owner, c);
            String id = before + c.getName();
            if (c.getType().isRecord() && c.getType() != Length.class) {
                all.addAll(of(value, id + "."));
            } else {
                all.add(setting(id, label, c, value));
            }
        }
        return all;
    }

    private static Setting setting(String id, Label label, RecordComponent c, Object value) {
        Type type = c.getGenericType();
        boolean optional = c.getType() == Optional.class;
        Type bare = optional ? ((ParameterizedType) type).getActualTypeArguments()[0] : type;
        List<Option> options = bare instanceof Class<?> k && k.isEnum() ? options(k) : List.of();
        Object shown = value == null ? "" : value;
        SettingKind kind = label.as() == SettingKind.BY_TYPE ? kind(bare) : label.as();
        return new Setting(id, Wording.of(label.value()), kind, shown, options, "en");
    }

    private static SettingKind kind(Type bare) {
        if (bare == Length.class) {
            return SettingKind.LENGTH;
        }
        if (bare == double.class || bare == Double.class) {
            return SettingKind.NUMBER;
        }
        if (bare == int.class || bare == Integer.class) {
            return SettingKind.WHOLE;
        }
        if (bare == boolean.class) {
            return SettingKind.SWITCH;
        }
        if (bare instanceof ParameterizedType list) {
            return list.getActualTypeArguments()[0] == Double.class ? SettingKind.NUMBER_LIST : SettingKind.WORD_LIST;
        }
        return bare instanceof Class<?> k && k.isEnum() ? SettingKind.CHOICE : SettingKind.WORDS;
    }

    private static List<Option> options(Class<?> kind) {
        return Arrays.stream(kind.getEnumConstants())
                .map(each -> new Option(each, wordFor((Enum<?>) each)))
                .toList();
    }

    private static String wordFor(Enum<?> each) {
        try {
            Label label = each.getDeclaringClass().getField(each.name()).getAnnotation(Label.class);
            return label != null
                    ? Wording.of(label.value())
                    : Wording.of("layout.option."
                            + each.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        } catch (NoSuchFieldException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * The part with one setting changed.
     *
     * @param id of the setting
     * @param value of the kind that the setting has
     * @throws Trouble where the part refuses it
     * @throws IllegalArgumentException where the part has no such setting
     */
    @SuppressWarnings("unchecked")
    public static <T> T with(T part, String id, Object value) {
        return (T) changed(part, id, value);
    }

    private static Object changed(Object owner, String id, Object value) {
        String own = id.contains(".") ? id.substring(0, id.indexOf('.')) : id;
        RecordComponent[] all = owner.getClass().getRecordComponents();
        Object[] values = new Object[all.length];
        Class<?>[] types = new Class<?>[all.length];
        boolean found = false;
        for (int i = 0; i < all.length; i++) {
            types[i] = all[i].getType();
            values[i] = value(owner, all[i]);
            if (all[i].getName().equals(own)) {
                found = true;
                values[i] = own.equals(id) ? value : changed(values[i], id.substring(own.length() + 1), value);
            }
        }
        if (!found) {
            throw new IllegalArgumentException("no setting " + id + " in " + owner);
        }
        try {
            Constructor<?> make = owner.getClass().getDeclaredConstructor(types);
            make.setAccessible(true);
            return make.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof Trouble refused) {
                throw refused;
            }
            throw new IllegalStateException(e.getCause());
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Object value(Object owner, RecordComponent c) {
        try {
            c.getAccessor().setAccessible(true);
            return c.getAccessor().invoke(owner);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The setting whose words are typed over on the page itself, if the part has words. */
    public static Optional<Setting> words(Node part) {
        return Arrays.stream(part.getClass().getRecordComponents())
                .filter(c -> c.isAnnotationPresent(Label.class)
                        && c.getAnnotation(Label.class).onPage())
                .map(c -> setting(c.getName(), c.getAnnotation(Label.class), c, value(part, c)))
                .findFirst();
    }
}
