package brightplumb.core.block.skirt;

import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.BandSettings.*;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.HabitSettings.*;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.WaistSettings.*;

import brightplumb.core.block.waist.FloorLength;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Caution;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import java.util.List;

/** The skirt block: draws front and back of a skirt from nothing. */
public final class Skirt implements Operation {

    private static final List<Setting> READS = List.of(
            SITS_BELOW,
            WAIST_EASE,
            CENTRE_FRONT_DROP,
            CENTRE_BACK_DROP,
            SIDE_RISE,
            BACK_IN,
            CENTRE_BACK_SHAPE,
            SEAT,
            WAIST_TILT,
            HOLLOW_BACK,
            FLAT_SEAT,
            DART_PLAN,
            DART_REACH,
            DART_INTAKE_FRONT,
            DART_LENGTH_FRONT,
            DART_INTAKE_BACK,
            DART_LENGTH_BACK,
            HIP_EASE,
            HIP_ALLOCATION,
            NEGATIVE_EASE,
            STRETCH_HABIT,
            LENGTH,
            HEM_TAPER,
            HEM_TAPER_FRONT,
            HEM_TAPER_BACK,
            TAPER_START,
            KNEE_LEVEL,
            CENTRE_BACK_HEM,
            SLIT,
            STRIDE,
            BAND_PLACE,
            BAND_HEIGHT.when(set -> set.chose(BAND_PLACE, BandPlace.INCLUDED)),
            CLOSURE.offering(Closure.CENTRE_BACK_ZIP, Closure.SIDE_ZIP, Closure.NONE),
            ZIP_LENGTH,
            ALLOWANCES,
            WAIST_ALLOWANCE,
            SIDE_ALLOWANCE,
            CENTRE_ALLOWANCE,
            ZIP_ALLOWANCE,
            HEM_ALLOWANCE,
            SIDE_SEWN_IN,
            LET_OUT);

    @Override
    public String id() {
        return "skirt";
    }

    @Override
    public String title() {
        return "Skirt";
    }

    @Override
    public Rank rank() {
        return Rank.BLOCK;
    }

    @Override
    public List<Setting> reads() {
        return READS;
    }

    @Override
    public Draft on(Draft before, Table table) {
        return new SkirtBlock(table).draft();
    }

    @Override
    public List<Caution> cautions(Draft after, Settings set) {
        return FloorLength.cautions(after, set);
    }
}
