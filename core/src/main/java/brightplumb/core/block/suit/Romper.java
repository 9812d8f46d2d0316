package brightplumb.core.block.suit;

import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.ClosureSettings.ZIP_LENGTH;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;
import static brightplumb.core.rule.HabitSettings.STRETCH_HABIT;
import static brightplumb.core.rule.HemSettings.LENGTH;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.LegSettings.HEM_EDGES_IN;
import static brightplumb.core.rule.SuitSettings.*;
import static brightplumb.core.rule.WaistSettings.WAIST_EASE;

import brightplumb.core.block.bodice.UpperHalf;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Setting;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import java.util.List;
import java.util.stream.Stream;

/** The romper block: from the shoulder to the legs in one, front and back cut on their fold. */
public final class Romper implements Operation {

    /** What hangs below the bust. */
    private static final List<Setting> BELOW = List.of(
            WAIST_EASE,
            HIP_EASE,
            NEGATIVE_EASE,
            STRETCH_HABIT,
            CROTCH_DEPTH,
            INNER_LEG_IN,
            LENGTH,
            HEM_EDGES_IN,
            CLOSURE.offering(Closure.NONE, Closure.CENTRE_BACK_ZIP),
            ZIP_LENGTH,
            ALLOWANCES,
            SIDE_ALLOWANCE,
            ZIP_ALLOWANCE,
            INSEAM_ALLOWANCE,
            HEM_ALLOWANCE,
            SIDE_SEWN_IN,
            SEAM_SEWN_IN,
            LET_OUT);

    @Override
    public String id() {
        return "romper";
    }

    @Override
    public String title() {
        return "Romper";
    }

    @Override
    public Rank rank() {
        return Rank.BLOCK;
    }

    @Override
    public List<Setting> reads() {
        return Stream.concat(UpperHalf.READS.stream(), BELOW.stream()).toList();
    }

    @Override
    public Draft on(Draft before, Table table) {
        return new RomperBlock(table).draft();
    }
}
