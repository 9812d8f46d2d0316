package brightplumb.core.block.waist;

import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.ElasticSettings.ELASTIC;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Step;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Notion;
import java.util.ArrayList;
import java.util.List;

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
}
