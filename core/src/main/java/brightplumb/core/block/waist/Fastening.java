package brightplumb.core.block.waist;

import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.ElasticSettings.ELASTIC;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Step;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Notion;
import brightplumb.core.table.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What closes a garment at its waist or holds it there, to have at hand. Common practice, no source. */
public final class Fastening {

    /** Cased elastic laps by so much where its ends are sewn together. */
    private static final double LAP = Length.INCH;

    private Fastening() {}

    /** The zip of an opening, as long as it was drawn, and the elastic of a waist that is drawn up, its lap counted. */
    public static List<Notion> of(Draft draft, Settings set) {
        List<Notion> notions = new ArrayList<>();
        Closure closure = set.choice(CLOSURE, Closure.class);
        if (closure != Closure.NONE) {
            draft.steps().stream()
                    .filter(s -> s.id().equals("zip.length"))
                    .map(Step::amount)
                    .findFirst()
                    .ifPresent(zip -> notions.add(Notion.measured(
                            "zip",
                            "Zip",
                            closure == Closure.FLY ? "trouser zip" : "invisible, or dress zip",
                            zip.value())));
        }
        if (set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED) && set.knows(ELASTIC)) {
            notions.add(Notion.measured(
                    "elastic",
                    "Elastic",
                    "an inch of it for the lap",
                    set.amount(ELASTIC).value() + LAP));
        }
        return List.copyOf(notions);
    }

    /** The steps that close it: the seams that open are sewn by them. */
    public static List<MakingStep> making(Draft draft, Settings set) {
        List<String> opening = draft.joins().stream()
                .filter(j -> opens(draft, j))
                .map(Join::seam)
                .distinct()
                .toList();
        List<Figure> zip = draft.steps().stream()
                .filter(s -> s.id().equals("zip.length"))
                .map(s -> Figure.mm("zip", s.amount().value()))
                .limit(1)
                .toList();
        return switch (set.choice(CLOSURE, Closure.class)) {
            case FLY ->
                List.of(MakingStep.of("fly", "Fly, up to the fork", Work.FLY)
                        .sewing(opening)
                        .saying(
                                List.of(
                                        "Sew the front crotch from the end of the fly 1½ in toward the fork, so that it holds; clip to the end.",
                                        "Left front: turn the facing, baste the zip under its edge. Right front: sew the zip to the shield's edge.",
                                        "Topstitch the left front from the waist to the end in one curve, and back-tack there through all layers."))
                        .looking(zip)
                        .with("topstitched")
                        .taking("zip")
                        .after("mark", "fuse", "darts", "neaten"));
            case CENTRE_BACK_ZIP -> List.of(zip(opening, zip).after("centre.back", "crotch.back", "crotch"));
            case SIDE_ZIP -> List.of(zip(opening, zip).after("side"));
            case NONE -> List.of();
        };
    }

    private static MakingStep zip(List<String> opening, List<Figure> zip) {
        return MakingStep.of(
                        "zip",
                        "Zip",
                        Work.ZIP,
                        "Baste the opening shut from its notch to the top; press it open as a seam. Try it on.",
                        "Lay the zip face down on the pressed seam, its stop at the notch; baste, stitch both sides, and unpick. What is measured here is measured from the sewn line, not from the zip's edge.")
                .sewing(opening)
                .looking(zip)
                .taking("zip");
    }

    private static boolean opens(Draft draft, Join join) {
        Stretch first = join.layers().get(0).stretches().get(0);
        Piece piece = draft.piece(first.piece());
        return piece.layer() == Layer.SHELL
                && OPENINGS.contains(first.role())
                && piece.edge(EdgeRole.HEM).isPresent();
    }

    private static final Set<EdgeRole> OPENINGS = Set.of(EdgeRole.FLY, EdgeRole.CENTRE_BACK_ZIP);
}
