package brightplumb.core.block.leg;

import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.BandSettings.*;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.CrotchSettings.*;
import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.ElasticSettings.*;
import static brightplumb.core.rule.HabitSettings.*;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.LegHabitSettings.*;
import static brightplumb.core.rule.LegSettings.*;
import static brightplumb.core.rule.WaistSettings.*;

import brightplumb.core.block.waist.FloorLength;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Caution;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import brightplumb.core.working.Fact;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The leg block: draws front and back of a leg, or of each of two that differ, from nothing. */
public final class Legs implements Operation {

    private static final List<Setting> READS = List.of(
            SITS_BELOW,
            WAIST_EASE,
            WAIST_FINISH,
            CENTRE_FRONT_DROP,
            CENTRE_FRONT_IN,
            SIDE_RISE,
            BACK_IN,
            BACK_RISE,
            BACK_WAIST_BY,
            DARTS_FRONT,
            DART_REACH,
            DART_INTAKE_FRONT,
            DART_LENGTH_FRONT,
            DART_INTAKE_BACK,
            DART_LENGTH_BACK,
            DART_PLACE_BACK,
            HIP_EASE,
            HIP_ALLOCATION,
            NEGATIVE_EASE,
            STRETCH_HABIT,
            FRONT_HIP_OUT,
            BACK_HIP_IN,
            RISE_EASE,
            CROTCH_DEPTH,
            CROTCH_DEPTH_BY,
            HIP_ABOVE_CROTCH,
            FRONT_EXTENSION,
            FRONT_FORK_BY,
            BACK_EXTENSION,
            FORK_DROP,
            FORK_DROP_FOR,
            STRETCH_IN,
            FRONT_CURVE,
            CURVE_GUIDE_FRONT,
            CURVE_GUIDE_BACK,
            LEG_SHAPE,
            BACK_INSEAM,
            THIGH,
            KNEE,
            HEM,
            SIDE_IN,
            HEM_EDGES_IN,
            BACK_LEG_ADD,
            BACK_SIDE_ADD,
            LENGTH,
            TURN_UP_JOIN,
            BAND_PLACE,
            BAND_HEIGHT.when(set -> set.chose(BAND_PLACE, BandPlace.INCLUDED)),
            CLOSURE,
            ZIP_LENGTH,
            ELASTIC,
            ELASTIC_STRETCH,
            ALLOWANCES,
            WAIST_ALLOWANCE,
            SIDE_ALLOWANCE,
            CROTCH_ALLOWANCE,
            INSEAM_ALLOWANCE,
            ZIP_ALLOWANCE,
            HEM_ALLOWANCE,
            SIDE_SEWN_IN,
            LET_OUT);

    /** What belongs to the legs' own waist and to a side that ends there: of no use where the legs run on above it. */
    public static final Set<Fact> OWN_WAIST = Stream.concat(
                    Arrays.stream(Half.values())
                            .flatMap(half -> Stream.of(
                                            PanelFacts.WAIST_QUARTER,
                                            PanelFacts.CENTRE_IN,
                                            PanelFacts.DART_INTAKE,
                                            PanelFacts.DART_COUNT,
                                            PanelFacts.DART_LENGTH,
                                            PanelFacts.DART_PLACE,
                                            PanelFacts.DART_FROM_CENTRE,
                                            PanelFacts.DART_SECOND,
                                            PanelFacts.SIDE_INSET,
                                            PanelFacts.WAIST_LINE,
                                            LegFacts.SIDE)
                                    .map(fact -> fact.of(half))),
                    Stream.of(
                            PanelFacts.BACK_IN,
                            CENTRE_FRONT_DROP.fact(),
                            SIDE_RISE.fact(),
                            LegFacts.BACK_RISE,
                            ELASTIC.fact()))
            .collect(Collectors.toUnmodifiableSet());

    @Override
    public String id() {
        return "legs";
    }

    @Override
    public String title() {
        return "Legs";
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
        return LeftAndRight.drafted(table, t -> new LegBlock(t).draft());
    }

    @Override
    public List<Caution> cautions(Draft after, Settings set) {
        return FloorLength.cautions(after, set);
    }
}
