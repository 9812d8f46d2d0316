package brightplumb.core.rule;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.working.Amount;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

/**
 * A length said against a level of the body: three inches above the knee. It stays so when it goes to another body.
 *
 * @param from the level
 * @param add mm below it; negative above
 */
public record AgainstLevel(Level from, double add) implements SettingValue {

    /** The furthest a length may lie from the level it is said against, mm. */
    public static final double FURTHEST = 1600;

    /** A level a length can be said against. */
    public enum Level {
        WAIST("waist", null),
        KNEE("knee", Measure.KNEE_DEPTH),
        ANKLE("ankle", Measure.OUTSIDE_LEG),
        FLOOR("floor", Measure.WAIST_TO_FLOOR);

        private final String id;
        private final Measure depth;

        Level(String id, Measure depth) {
            this.id = id;
            this.depth = depth;
        }

        /** Its name in requests. */
        public String id() {
            return id;
        }

        /** The level of that name, if there is one. */
        public static Optional<Level> of(String id) {
            return Arrays.stream(values()).filter(l -> l.id.equals(id)).findFirst();
        }
    }

    @Override
    public Object told() {
        return Map.of("from", from.id(), "add", add);
    }

    /**
     * What it comes to on a body.
     *
     * @throws Refusal where the level was not taped, or the length is none that the setting takes
     */
    Amount on(Body body, Setting setting) {
        Amount length = depth(body)
                .map(depth -> add < 0
                        ? depth.minus(Amount.length("set by hand, above the " + from.id(), Length.mm(-add)))
                        : add == 0
                                ? depth
                                : depth.plus(Amount.length("set by hand, below the " + from.id(), Length.mm(add))))
                .orElseGet(() -> Amount.byHand(add, Amount.Kind.LENGTH));
        if (length.value() < setting.least() || length.value() > setting.most()) {
            throw new Refusal(
                    setting.field(),
                    setting.title() + " would be " + TapeWriter.eighths(Length.mm(length.value()))
                            + " in on this body; it goes from " + TapeWriter.eighths(Length.mm(setting.least()))
                            + " to " + TapeWriter.eighths(Length.mm(setting.most())) + " in");
        }
        return length;
    }

    private Optional<Amount> depth(Body body) {
        if (from.depth == null) {
            return Optional.empty();
        }
        return Optional.of(body.find(from.depth)
                .orElseThrow(() -> new Refusal(
                        from.depth.field(),
                        from.depth.title() + " is needed for a length said against the " + from.id())));
    }
}
