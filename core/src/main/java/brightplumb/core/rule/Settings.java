package brightplumb.core.rule;

import brightplumb.core.measure.Length;
import brightplumb.core.working.Amount;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * The settings in force for one draft: what was set by hand, else what the cut asks, else what the way says. Each amount is worked
 * out once.
 */
public final class Settings {

    private final Way way;
    private final Map<Setting, Rule> cut;
    private final Map<Setting, Object> byHand;
    private final Given given;
    private final Map<Setting, Amount> worked = new EnumMap<>(Setting.class);

    /**
     * @param cut the rules of the cut, which win over the way's
     * @param byHand what was set by hand: a {@link Double} in mm or a ratio, or a {@link Choice}
     */
    public Settings(Way way, Map<Setting, Rule> cut, Map<Setting, Object> byHand, Body body, Cloth cloth) {
        this.way = way;
        this.cut = cut;
        this.byHand = byHand;
        this.given = new Given(body, cloth, this);
    }

    public Way way() {
        return way;
    }

    public Cloth cloth() {
        return given.cloth();
    }

    /** Whether it was set by hand. */
    public boolean byHand(Setting setting) {
        return byHand.containsKey(setting);
    }

    /** The rule in force for a setting that was not set by hand. */
    public Rule rule(Setting setting) {
        Rule rule = cut.containsKey(setting) ? cut.get(setting) : way.rules().get(setting);
        if (rule == null) {
            throw new IllegalStateException("The way " + way.id() + " has no rule for " + setting.key());
        }
        return rule;
    }

    /** Why the setting is what it is. */
    public String why(Setting setting) {
        return byHand(setting) ? "Set by hand." : rule(setting).why();
    }

    /** A setting's amount under its name. */
    public Amount amount(Setting setting) {
        Amount known = worked.get(setting);
        if (known == null) {
            known = work(setting);
            worked.put(setting, known);
        }
        return known;
    }

    /** A setting's amount, if it was set by hand. */
    public Optional<Amount> amountByHand(Setting setting) {
        return byHand(setting) ? Optional.of(amount(setting)) : Optional.empty();
    }

    private Amount work(Setting setting) {
        if (byHand.get(setting) instanceof Double value) {
            Amount set = setting.isRatio()
                    ? Amount.ratio("set by hand", value)
                    : Amount.length("set by hand", Length.mm(value));
            return set.named(null, setting.spoken()).asOverride();
        }
        return ((Rule.Worked) rule(setting)).amount().apply(given).named(null, setting.spoken());
    }

    /** A setting's choice. */
    public <C extends Choice> C choice(Setting setting, Class<C> type) {
        Object set = byHand.get(setting);
        return type.cast(set != null ? set : ((Rule.Chosen) rule(setting)).choice());
    }
}
