package brightplumb.core.rule;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Unit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * Something that can be said of a cloth: its name, its words, what it may be and when it applies. What asks for a
 * cloth, keeps one or shows one goes through {@link ClothFields#ALL}.
 *
 * <p>A field takes a value apart from its kind: {@link Amount} a number, {@link Flag} yes or no, {@link OneOf} a name.
 */
public sealed interface ClothField {

    /** Returns its name in requests. */
    String key();

    /** Returns its name at the bench. */
    String title();

    /** Returns the path of its field in a request. */
    default FieldPath field() {
        return FieldPath.CLOTH.of(key());
    }

    /** Returns what is said of a value that it cannot be. */
    String refusal();

    /** Returns whether it changes anything while the cloth is as it is. */
    boolean appliesTo(Cloth cloth);

    /** Returns the cloth with this said of it; empty where it cannot be: of another kind, or out of range. */
    Optional<Cloth> said(Cloth cloth, Object value);

    /** How a number is given. */
    enum Kind {
        /** A share of the length, found by pulling 10 cm. */
        PULLED,
        /** A share of the length. */
        SHARE,
        /** Millimetres. */
        LENGTH
    }

    /**
     * A number.
     *
     * @param least the smallest that is taken: mm, or a share
     * @param most the largest
     * @param orNone whether 0 is taken beside the range
     * @param usual what it is as a rule, mm: those sold by the inch, and those sold by the centimetre
     * @param follows whose value it has until something else is said of it, and without which it changes nothing
     */
    record Amount(
            String key,
            String title,
            Kind kind,
            double least,
            double most,
            boolean orNone,
            String refusal,
            ToDoubleFunction<Cloth> of,
            BiFunction<Cloth, Double, Cloth> with,
            Map<Unit, List<Length>> usual,
            Optional<Amount> follows)
            implements ClothField {

        Amount(
                String key,
                String title,
                Kind kind,
                double least,
                double most,
                String refusal,
                ToDoubleFunction<Cloth> of,
                BiFunction<Cloth, Double, Cloth> with) {
            this(key, title, kind, least, most, false, refusal, of, with, Map.of(), Optional.empty());
        }

        @Override
        public boolean appliesTo(Cloth cloth) {
            return follows.stream().allMatch(f -> f.of.applyAsDouble(cloth) > 0);
        }

        @Override
        public Optional<Cloth> said(Cloth cloth, Object value) {
            return Optional.of(value)
                    .filter(Number.class::isInstance)
                    .map(n -> ((Number) n).doubleValue())
                    .filter(n -> n >= least && n <= most || orNone && n == 0)
                    .map(n -> with.apply(cloth, n));
        }
    }

    /**
     * Yes or no.
     *
     * @param no what it is called when it is not so
     * @param yes what it is called when it is
     */
    record Flag(
            String key,
            String title,
            String no,
            String yes,
            Predicate<Cloth> of,
            BiFunction<Cloth, Boolean, Cloth> with)
            implements ClothField {

        @Override
        public String refusal() {
            return title + ": yes or no";
        }

        @Override
        public boolean appliesTo(Cloth cloth) {
            return true;
        }

        @Override
        public Optional<Cloth> said(Cloth cloth, Object value) {
            return value instanceof Boolean yesOrNo ? Optional.of(with.apply(cloth, yesOrNo)) : Optional.empty();
        }
    }

    /** One of several. */
    record OneOf(
            String key,
            String title,
            List<Choice> choices,
            String refusal,
            Function<Cloth, Choice> of,
            BiFunction<Cloth, Choice, Cloth> with)
            implements ClothField {

        @Override
        public boolean appliesTo(Cloth cloth) {
            return true;
        }

        @Override
        public Optional<Cloth> said(Cloth cloth, Object value) {
            return choices.stream()
                    .filter(c -> c.id().equals(value))
                    .findFirst()
                    .map(c -> with.apply(cloth, c));
        }
    }
}
