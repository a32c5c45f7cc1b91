package jorn.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.KeyDeserializer;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectReader;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.DeserializationProblemHandler;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import jorn.measure.Days;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.Message;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/** Reads and writes Jorn's data files; lengths stand in them as "0.125 in" and sizes as "6x9in". */
public final class Json {
    private static final ObjectMapper MAPPER = JsonMapper.builder()
            .addModule(new Jdk8Module())
            .addModule(new SimpleModule()
                    .addDeserializer(Double.class, new Finite(null))
                    .addDeserializer(double.class, new Finite(0.0))
                    .addSerializer(Length.class, writer(Length.class, Length::written))
                    .addDeserializer(Length.class, reader(Length.class, s -> Length.parse(s, Unit.INCH)))
                    .addSerializer(LocalDate.class, writer(LocalDate.class, LocalDate::toString))
                    .addDeserializer(LocalDate.class, reader(LocalDate.class, Days::iso))
                    .addKeyDeserializer(LocalDate.class, new KeyDeserializer() {
                        @Override
                        public Object deserializeKey(String key, DeserializationContext context) {
                            return Days.iso(key);
                        }
                    })
                    .addSerializer(Size.class, writer(Size.class, Json::written))
                    .addDeserializer(Size.class, reader(Size.class, s -> Size.parse(s, Unit.INCH))))
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .defaultPropertyInclusion(
                    JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT, JsonInclude.Include.USE_DEFAULTS))
            .build();

    private Json() {}

    /** The mapper itself, for objects that are written as they stand. */
    public static ObjectMapper mapper() {
        return MAPPER;
    }

    /**
     * Reads a value.
     *
     * @param what what the data is, to begin the sentence with: "The press profile mine.json"
     * @throws Trouble that names the field and the reason
     */
    public static <T> T read(byte[] data, Class<T> type, String what) {
        return read(() -> MAPPER.readValue(data, type), what);
    }

    /** Reads a value from a tree that was read before; see {@link #read(byte[], Class, String)}. */
    public static <T> T read(JsonNode tree, Class<T> type, String what) {
        return read(() -> MAPPER.treeToValue(tree, type), what);
    }

    /**
     * As {@link #read(JsonNode, Class, String)}.
     *
     * @param passedOver hears the name of each field for which there is no place; the field is passed over
     */
    public static <T> T read(JsonNode tree, Class<T> type, String what, Consumer<String> passedOver) {
        ObjectReader reader = MAPPER.readerFor(type).withHandler(new DeserializationProblemHandler() {
            @Override
            public boolean handleUnknownProperty(
                    DeserializationContext context, JsonParser in, JsonDeserializer<?> to, Object bean, String name)
                    throws IOException {
                if (!name.equals(Kept.KIND)) {
                    passedOver.accept(name);
                }
                in.skipChildren();
                return true;
            }
        });
        return read(() -> reader.readValue(tree), what);
    }

    /**
     * A whole number at the top of an object; what stands behind it is not read.
     *
     * @return 0 where there is none
     * @throws IOException where it is no JSON up to there
     */
    public static int wholeAtTop(InputStream in, String field) throws IOException {
        try (JsonParser parser = MAPPER.createParser(in)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                return 0;
            }
            while (parser.nextToken() == JsonToken.FIELD_NAME) {
                boolean wanted = parser.currentName().equals(field);
                parser.nextToken();
                if (wanted) {
                    return parser.getValueAsInt();
                }
                parser.skipChildren();
            }
            return 0;
        }
    }

    /** The tree that {@link #write} writes of a value. */
    public static JsonNode tree(Object value) {
        return MAPPER.valueToTree(value);
    }

    private interface Reading<T> {
        T run() throws IOException;
    }

    private static <T> T read(Reading<T> reading, String what) {
        try {
            T value = reading.run();
            if (value == null) {
                throw Trouble.of("json.json.empty", what);
            }
            requireFilled(value, "", what);
            return value;
        } catch (JsonMappingException e) {
            throw refusal(e, what);
        } catch (JsonProcessingException e) {
            throw Trouble.because(e, "json.json.not-json", what, place(e));
        } catch (IOException e) {
            // Bytes that are no letters in the encoding that they seem to be in.
            throw Trouble.because(e, "json.json.not-json", what, "");
        } catch (StackOverflowError e) {
            throw Trouble.because(e, "json.json.too-deep", what);
        }
    }

    /** A component of a record; what the virtual machine tells of it anew each time is kept. */
    private record Component(String name, boolean required, Method accessor) {
        private static final ClassValue<List<Component>> OF = new ClassValue<>() {
            @Override
            protected List<Component> computeValue(Class<?> type) {
                return Arrays.stream(type.getRecordComponents())
                        .map(Component::of)
                        .toList();
            }
        };

        static Component of(RecordComponent part) {
            Method accessor = part.getAccessor();
            accessor.setAccessible(true);
            return new Component(part.getName(), part.isAnnotationPresent(Required.class), accessor);
        }

        Object of(Object record) {
            try {
                return accessor.invoke(record);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    /** Refuses a record in which a required field is written but null. */
    private static void requireFilled(@Nullable Object value, String path, String what) {
        if (value instanceof Iterable<?> list && !(value instanceof JsonNode)) {
            int i = 1;
            for (Object each : list) {
                requireFilled(each, path + "[" + i++ + "]", what);
            }
        } else if (value instanceof Record) {
            for (Component part : Component.OF.get(value.getClass())) {
                String at = path.isEmpty() ? part.name() : path + "." + part.name();
                Object inside = part.of(value);
                if (inside == null && part.required()) {
                    throw lacking(what, at, null);
                }
                requireFilled(inside instanceof Optional<?> o ? o.orElse(null) : inside, at, what);
            }
        }
    }

    private static Trouble lacking(String what, String field, @Nullable Throwable cause) {
        return Trouble.because(cause, "json.json.lacks-field", what, field);
    }

    /** Writes a value as indented JSON. */
    public static byte[] write(Object value) {
        try {
            return MAPPER.writeValueAsBytes(value);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Trouble refusal(JsonMappingException e, String what) {
        String field = path(e);
        String at = field.isEmpty() ? "" : Wording.of("json.json.field", field);
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof Trouble t) {
                return Trouble.because(
                        e, Message.of("json.json.cannot-used", what, at, t.what()), Message.plain(t.remedy()));
            }
        }
        String message = e.getOriginalMessage();
        if (message.startsWith("Missing required creator property")) {
            String missing = message.replaceAll(".*?property '([^']+)'.*", "$1").replaceAll("\\R.*", "");
            String inside = field.endsWith(missing) ? field : field.isEmpty() ? missing : field + "." + missing;
            return lacking(what, inside, e);
        }
        String reason = e instanceof MismatchedInputException
                ? Wording.of("json.json.does-not-hold-what")
                : Wording.of("json.json.cannot-read");
        return Trouble.because(
                e, Message.plain(what + reason + at + place(e) + "."), Message.of("json.json.mend-field-or-choose"));
    }

    private static String path(JsonMappingException e) {
        StringBuilder b = new StringBuilder();
        for (JsonMappingException.Reference r : e.getPath()) {
            if (r.getFieldName() != null) {
                b.append(b.isEmpty() ? "" : ".").append(r.getFieldName());
            } else if (r.getIndex() >= 0) {
                b.append('[').append(r.getIndex() + 1).append(']');
            }
        }
        return b.toString();
    }

    private static String place(JsonProcessingException e) {
        return e.getLocation() == null || e.getLocation().getLineNr() < 1
                ? ""
                : Wording.of("json.json.line", e.getLocation().getLineNr());
    }

    private static String written(Size size) {
        String id = size.id();
        return Size.parse(id, Unit.INCH).equals(size)
                ? id
                : size.width().written() + " x " + size.height().written();
    }

    private static <T> StdSerializer<T> writer(Class<T> type, Function<T, String> text) {
        return new StdSerializer<>(type) {
            private static final long serialVersionUID = 1L;

            @Override
            public void serialize(T value, JsonGenerator out, SerializerProvider provider) throws IOException {
                out.writeString(text.apply(value));
            }
        };
    }

    private static <T> StdDeserializer<T> reader(Class<T> type, Function<String, T> parse) {
        return new StdDeserializer<>(type) {
            private static final long serialVersionUID = 1L;

            @Override
            public T deserialize(JsonParser in, DeserializationContext context) throws IOException {
                String text = in.getValueAsString();
                if (text == null) {
                    throw Trouble.of("json.json.holds-no-text");
                }
                return parse.apply(text);
            }
        };
    }

    /** A number of which more can be reckoned: neither without end nor none at all, and no larger than anything that is measured. */
    private static final class Finite extends StdDeserializer<Double> {
        private static final long serialVersionUID = 1L;
        private static final double LARGEST = 1e9;

        private final @Nullable Double none;

        /** @param none what stands for a number that is not given */
        Finite(@Nullable Double none) {
            super(Double.class);
            this.none = none;
        }

        @Override
        public Double deserialize(JsonParser in, DeserializationContext context) throws IOException {
            double value = _parseDoublePrimitive(in, context);
            if (!(Math.abs(value) <= LARGEST)) {
                throw Trouble.of("json.json.no-number");
            }
            return value;
        }

        @Override
        public @Nullable Object getAbsentValue(DeserializationContext context) {
            return none;
        }

        @Override
        public @Nullable Double getNullValue(DeserializationContext context) {
            return none;
        }
    }
}
