package brightplumb.core.cut;

import brightplumb.core.block.LegBlock;
import brightplumb.core.block.SkirtBlock;
import brightplumb.core.cutting.CutPiece;
import brightplumb.core.cutting.LegCutting;
import brightplumb.core.cutting.SkirtCutting;
import brightplumb.core.fitting.LegRemarks;
import brightplumb.core.fitting.Remark;
import brightplumb.core.fitting.SkirtRemarks;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Family;
import brightplumb.core.rule.Settings;
import brightplumb.core.truing.Check;
import brightplumb.core.truing.Inspected;
import brightplumb.core.truing.LegChecks;
import brightplumb.core.truing.SkirtChecks;
import java.util.List;

/** How the garments of one family are drafted, cut and inspected. A new family brings its own. */
enum Craft {
    SKIRTS {
        @Override
        Draft draft(Body body, Settings set) {
            return SkirtBlock.draft(body, set);
        }

        @Override
        List<CutPiece> cut(Draft draft, Settings set) {
            return SkirtCutting.of(draft, set);
        }

        @Override
        List<Check> checks(Inspected on) {
            return SkirtChecks.of(on);
        }

        @Override
        List<Remark> remarks() {
            return SkirtRemarks.ALL;
        }
    },
    LEGS {
        @Override
        Draft draft(Body body, Settings set) {
            return LegBlock.draft(body, set);
        }

        @Override
        List<CutPiece> cut(Draft draft, Settings set) {
            return LegCutting.of(draft, set);
        }

        @Override
        List<Check> checks(Inspected on) {
            return LegChecks.of(on);
        }

        @Override
        List<Remark> remarks() {
            return LegRemarks.ALL;
        }
    };

    static Craft of(Family family) {
        return switch (family) {
            case SKIRT -> SKIRTS;
            case LEGS -> LEGS;
        };
    }

    /** @throws brightplumb.core.measure.Refusal when it cannot be drawn, naming the field at fault */
    abstract Draft draft(Body body, Settings set);

    /** The pieces with their allowances. */
    abstract List<CutPiece> cut(Draft draft, Settings set);

    /** The inspections of the draft as sewn, in the order a cutter makes them. */
    abstract List<Check> checks(Inspected on);

    /** What a fitting may say of them, from the waist down. */
    abstract List<Remark> remarks();
}
