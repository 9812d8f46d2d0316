package brightplumb.core.style.opening;

import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.ClosureSettings.ZIP_LENGTH;

import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.style.fold.KickFold;
import brightplumb.core.table.InSeam;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Notion;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A zip at the centre back or in the left side; the block parts its seam where it ends. Common practice, no source. */
public final class Zip implements Operation {

    public static final StepId STEP = new StepId("zip");

    @Override
    public String id() {
        return "zip";
    }

    @Override
    public String title() {
        return "Zip";
    }

    @Override
    public String place() {
        return "closure";
    }

    @Override
    public Rank rank() {
        return Rank.OPENING;
    }

    @Override
    public List<Setting> reads() {
        return List.of(CLOSURE, ZIP_LENGTH);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(CLOSURE, Rule.chosen(Closure.CENTRE_BACK_ZIP, "Out of sight and flat."));
    }

    @Override
    public Map<Setting, Rule> off() {
        return Map.of(CLOSURE, Rule.chosen(Closure.NONE, "It is pulled on."));
    }

    @Override
    public boolean wanted(Settings set) {
        return set.chose(CLOSURE, Closure.CENTRE_BACK_ZIP) || set.chose(CLOSURE, Closure.SIDE_ZIP);
    }

    @Override
    public boolean fits(Draft before) {
        return before.steps().stream().anyMatch(s -> s.fact().equals(ZIP_LENGTH.fact()));
    }

    @Override
    public Draft on(Draft before, Table table) {
        return before;
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        return Openings.zip(after, set, "invisible, or dress zip");
    }

    @Override
    public List<InSeam> inSeams(Draft after, Settings set) {
        return set.chose(CLOSURE, Closure.SIDE_ZIP)
                ? List.of(InSeam.of(
                        Seam.SIDE,
                        "The left side from the hem up to the notch at the end of the zip: back-tack there, and baste "
                                + "the opening above it."))
                : List.of();
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        List<String> how = new ArrayList<>(List.of(
                "Baste the opening shut from its notch to the top; press it open as a seam. Try it on.",
                "Lay the zip face down on the pressed seam, its stop at the notch; baste, stitch both sides, "
                        + "and unpick. What is measured here is measured from the sewn line, not from the "
                        + "zip's edge."));
        if (after.pieces().stream().anyMatch(p -> p.panel().equals(Panel.BAND))) {
            how.add("It may run through the band: then the band is sewn on first and the zip after it.");
        }
        MakingStep zip = MakingStep.of(STEP, "Zip", Work.ZIP, how.toArray(String[]::new))
                .sewing(Openings.seams(after, EdgeRole.CENTRE_BACK_ZIP))
                .after(StepId.BAND)
                .looking(Openings.figures(after, set))
                .taking(Supply.ZIP);
        return List.of(
                set.chose(CLOSURE, Closure.SIDE_ZIP)
                        ? zip.after(Seam.SIDE).showing(Openings.besideZip(after, set, EdgeRole.SIDE))
                        : zip.after(KickFold.STEP).after(Seam.CENTRE_BACK, Seam.CROTCH_BACK));
    }
}
