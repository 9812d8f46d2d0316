package brightplumb.core.style.shape;

import static brightplumb.core.rule.HemSettings.HEM_TAPER_BACK;
import static brightplumb.core.rule.HemSettings.HEM_TAPER_FRONT;
import static brightplumb.core.rule.LegSettings.HEM_EDGES_IN;
import static brightplumb.core.rule.ShapeSettings.TAPER_BY;

import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
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
 * Taper or flare: each side of a skirt, each seam edge of a leg, comes in or goes out by so much at the hem. The block
 * draws it: a skirt from the hip, a leg from its knee, or from the crotch line where it falls straight from there.
 * Common practice, no source.
 */
public final class Taper implements Operation {

    @Override
    public String id() {
        return "taper";
    }

    @Override
    public String title() {
        return "Taper or flare";
    }

    @Override
    public Rank rank() {
        return Rank.SHAPE;
    }

    @Override
    public List<Setting> reads() {
        return List.of(TAPER_BY);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(TAPER_BY, Rule.inches(1, "{1} in at each side of the hem; less than nothing flares."));
    }

    @Override
    public Map<Setting, Function<Given, Amount>> adds() {
        return Map.of(
                HEM_TAPER_FRONT, given -> given.amount(TAPER_BY),
                HEM_TAPER_BACK, given -> given.amount(TAPER_BY),
                HEM_EDGES_IN, given -> given.amount(TAPER_BY));
    }

    @Override
    public boolean wanted(Settings set) {
        return set.knows(TAPER_BY) && set.amount(TAPER_BY).value() != 0;
    }

    @Override
    public boolean fits(Draft before) {
        return !before.with(EdgeRole.HEM).isEmpty();
    }

    @Override
    public Draft on(Draft before, Table table) {
        table.step(
                TAPER_BY.fact(),
                "Each side in at the hem",
                table.set(TAPER_BY),
                table.set().why(TAPER_BY));
        return table.finished(before.pattern());
    }
}
