package brightplumb.core.style.shape;

import static brightplumb.core.rule.HemSettings.LENGTH;
import static brightplumb.core.rule.ShapeSettings.LENGTHEN_BY;

import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Given;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * Lengthened, or cropped, by so much against what its recipe or a hand asks; the block draws it so. Common practice, no
 * source.
 */
public final class Lengthen implements Operation {

    @Override
    public String id() {
        return "lengthen";
    }

    @Override
    public String title() {
        return "Lengthen or crop";
    }

    @Override
    public Rank rank() {
        return Rank.SHAPE;
    }

    @Override
    public List<Setting> reads() {
        return List.of(LENGTHEN_BY);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(LENGTHEN_BY, Rule.inches(2, "{2} longer; less than nothing crops it."));
    }

    @Override
    public Map<Setting, Function<Given, Amount>> adds() {
        return Map.of(LENGTH, given -> given.amount(LENGTHEN_BY));
    }

    @Override
    public boolean wanted(Settings set) {
        return set.knows(LENGTHEN_BY) && set.amount(LENGTHEN_BY).value() != 0;
    }

    @Override
    public Draft on(Draft before, Table table) {
        table.step(
                LENGTHEN_BY.fact(),
                "Longer by",
                table.set(LENGTHEN_BY),
                table.set().why(LENGTHEN_BY));
        return table.finished(before.pattern());
    }
}
