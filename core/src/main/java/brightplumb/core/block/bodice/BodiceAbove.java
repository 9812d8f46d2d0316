package brightplumb.core.block.bodice;

import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;

import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.BandSettings;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.BodiceSettings;
import brightplumb.core.rule.BodicesOverLegs;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.TopSettings;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A bodice without shoulders, sewn to legs at the waist. */
public final class BodiceAbove implements Operation {

    private static final StepId BACK = new StepId("bodice.back");

    private static final Seam BACK_SEAM = Seam.of(EdgeRole.CENTRE_BACK_ZIP).of("bodice");

    @Override
    public String id() {
        return "bodice-above";
    }

    @Override
    public String title() {
        return "Bodice, seamed at the waist";
    }

    @Override
    public Rank rank() {
        return Rank.BLOCK;
    }

    @Override
    public List<Setting> reads() {
        return List.of(
                BodiceSettings.BODICE_WAY,
                TopSettings.TOP_KIND,
                TopSettings.TOP_LEVEL,
                BodiceSettings.SHOULDER_SLOPE,
                BodiceSettings.ARMHOLE_RULE,
                BodiceSettings.ARMHOLE_FROM,
                BodiceSettings.ARMHOLE_SHALLOWER,
                BodiceSettings.ARMHOLE_HOLLOW_FRONT,
                BodiceSettings.ARMHOLE_HOLLOW_BACK,
                BodiceSettings.BUST_EASE);
    }

    /** What it asks of the legs: no band at the waist, an opening behind, and the depth that sitting asks. */
    @Override
    public Map<Setting, Rule> asks() {
        Map<Setting, Rule> asked = new HashMap<>(BodicesOverLegs.RULES);
        asked.putAll(BodicesOverLegs.TOP);
        asked.put(BandSettings.BAND_PLACE, Rule.chosen(BandPlace.NONE, "The bodice is sewn to the waist."));
        asked.put(CLOSURE, Rule.chosen(Closure.CENTRE_BACK_ZIP, "From the top edge down into the legs."));
        asked.put(
                WaistSettings.BACK_RISE,
                Rule.inches(1.5, "Bending and sitting lengthen the back; at a waist seam it can rise."));
        asked.put(CROTCH_DEPTH, BodicesOverLegs.DEPTH_BELOW_A_SEAM);
        return asked;
    }

    @Override
    public Draft on(Draft before, Table table) {
        return new WaistSeamedBodice(before, table, BACK_SEAM).draft();
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        double half = after.fact(BodiceFacts.WAIST_SEAM_TOP).value();
        return List.of(
                MakingStep.of(
                                BodiceEdges.SIDE_SEAM,
                                "Bodice, side seams",
                                Work.LINING,
                                "Front to backs, from the top edge to the waist; press open. The centre back stays "
                                        + "open.")
                        .after(StepId.MARK, StepId.DARTS, StepId.NEATEN),
                MakingStep.of(
                                Seam.WAIST,
                                "Bodice to legs",
                                Work.BAND,
                                "Right sides together round the waist: centre front, sides and darts first, dart on "
                                        + "dart. Press the seam up.")
                        .looking(List.of(Figure.mm("half the waist seam", half)))
                        .after(StepId.CLOSE_FORK)
                        .after(BodiceEdges.SIDE_SEAM, Seam.SIDE, Seam.CROTCH_FRONT, Seam.CROTCH_BACK),
                MakingStep.of(
                                BACK,
                                "Bodice, centre back",
                                Work.ZIP,
                                "Baste the bodice's back edges to each other on the line, waist seam on waist seam: "
                                        + "one zip runs through both.")
                        .sewing(BACK_SEAM)
                        .after(Seam.WAIST));
    }
}
