package jorn.layout;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.annotation.JsonDeserialize;
import com.fasterxml.jackson.databind.annotation.JsonSerialize;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.jsontype.TypeSerializer;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.say.Wording;

/**
 * A part of a design that this version does not know, as of a newer one: its place stays empty, and it is written as it was read.
 *
 * @param json all that the file says of it; never changed
 */
@JsonDeserialize(using = UnknownPart.Reader.class)
@JsonSerialize(using = UnknownPart.Writer.class)
public record UnknownPart(ObjectNode json) implements Node {
    static final NodeKind<UnknownPart> KIND = NodeKind.of("?", UnknownPart.class)
            .filling()
            .called(p -> Wording.of("layout.unknown-part.unknown-part", p.kind()));

    public UnknownPart {
        json = json.deepCopy();
    }

    /** What the file calls it. */
    public String kind() {
        return json.path("is").asText();
    }

    @Override
    public ObjectNode json() {
        return json.deepCopy();
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        // Nothing is known of how it looks.
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 0;
    }

    static final class Reader extends StdDeserializer<UnknownPart> {
        private static final long serialVersionUID = 1L;

        Reader() {
            super(UnknownPart.class);
        }

        @Override
        public UnknownPart deserialize(JsonParser in, DeserializationContext context) throws IOException {
            return new UnknownPart(context.readValue(in, ObjectNode.class));
        }
    }

    static final class Writer extends StdSerializer<UnknownPart> {
        private static final long serialVersionUID = 1L;

        Writer() {
            super(UnknownPart.class);
        }

        @Override
        public void serialize(UnknownPart part, JsonGenerator out, SerializerProvider provider) throws IOException {
            out.writeTree(part.json);
        }

        @Override
        public void serializeWithType(
                UnknownPart part, JsonGenerator out, SerializerProvider provider, TypeSerializer types)
                throws IOException {
            // Its kind is among its own fields.
            serialize(part, out, provider);
        }
    }
}
