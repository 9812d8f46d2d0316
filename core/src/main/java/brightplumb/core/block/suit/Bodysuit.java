package brightplumb.core.block.suit;

import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;
import static brightplumb.core.rule.HabitSettings.STRETCH_HABIT;
import static brightplumb.core.rule.HipSettings.*;
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

/** The bodysuit block: from the shoulder to the leg line, front and back meeting between the legs. */
public final class Bodysuit implements Operation {

    /** What hangs below the bust. */
    private static final List<Setting> BELOW = List.of(
            WAIST_EASE,
            HIP_EASE,
            NEGATIVE_EASE,
            STRETCH_HABIT,
            CROTCH_DEPTH,
            FRONT_END,
            BACK_END,
            CROTCH_WIDTH,
            CROTCH_WIDTH_BACK,
            FASTENING,
            CROTCH_LAP,
            LEG_LINE_LEVEL,
            LEG_LINE_WIDTH,
            LEG_SHARE_FRONT,
            LEG_SHARE_BACK,
            LEG_GUIDE_FRONT,
            LEG_GUIDE_BACK,
            LEG_HOLLOW,
            COVER,
            CLOSURE.offering(Closure.NONE, Closure.CENTRE_BACK_ZIP),
            ZIP_LENGTH,
            ALLOWANCES,
            SIDE_ALLOWANCE,
            CENTRE_ALLOWANCE.when(set -> !set.chose(CLOSURE, Closure.NONE)),
            ZIP_ALLOWANCE,
            SIDE_SEWN_IN,
            SEAM_SEWN_IN,
            LET_OUT);

    @Override
    public String id() {
        return "bodysuit";
    }

    @Override
    public String title() {
        return "Bodysuit";
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
        return new BodysuitBlock(table).draft();
    }
}
