package fluidframe.app.json;

import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Collection;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.BeanProperty;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.deser.jdk.CollectionDeserializer;
import tools.jackson.databind.type.CollectionType;

/**
 * Stops reading a list at the first thing beyond its {@link Size}, instead of making thousands of things of which each
 * would then be found wrong. A list that names no bound has the usual one.
 */
final class BoundedLists extends ValueDeserializerModifier {

    private static final long serialVersionUID = 1;
    /** More than any list has whose bound nobody has named. */
    private static final int USUALLY_MOST = 5_000;

    @Override
    public ValueDeserializer<?> modifyCollectionDeserializer(
            DeserializationConfig config,
            CollectionType type,
            BeanDescription.Supplier description,
            ValueDeserializer<?> deserializer) {
        return deserializer.getClass() == CollectionDeserializer.class
                        && type.getRawClass().isAssignableFrom(ArrayList.class)
                ? new Bounded(
                        (CollectionDeserializer) deserializer, USUALLY_MOST, JsonSentences.atMostOfThem(USUALLY_MOST))
                : deserializer;
    }

    private static final class Bounded extends CollectionDeserializer {

        private final int most;
        private final String expected;

        Bounded(CollectionDeserializer deserializer, int most, String expected) {
            super(deserializer);
            this.most = most;
            this.expected = expected;
        }

        @Override
        public CollectionDeserializer createContextual(DeserializationContext context, BeanProperty property) {
            Size size = property == null ? null : property.getAnnotation(Size.class);
            CollectionDeserializer contextual = super.createContextual(context, property);
            return size == null || size.max() == Integer.MAX_VALUE
                    ? new Bounded(contextual, most, expected)
                    : new Bounded(contextual, size.max(), size.message());
        }

        /** Called by the one above for itself with other parts. */
        @Override
        protected CollectionDeserializer withResolved(
                ValueDeserializer<?> delegate,
                ValueDeserializer<?> value,
                tools.jackson.databind.jsontype.TypeDeserializer type,
                tools.jackson.databind.deser.NullValueProvider nulls,
                Boolean unwrap) {
            return new Bounded(super.withResolved(delegate, value, type, nulls, unwrap), most, expected);
        }

        @Override
        protected Collection<Object> createDefaultInstance(DeserializationContext context) {
            return new ShortList(most, expected);
        }
    }

    private static final class ShortList extends ArrayList<Object> {

        private static final long serialVersionUID = 1;
        private final transient int most;
        private final transient String expected;

        ShortList(int most, String expected) {
            this.most = most;
            this.expected = expected;
        }

        @Override
        public boolean add(Object thing) {
            if (size() == most) {
                throw new TooManyException(most, expected);
            }
            return super.add(thing);
        }
    }
}
