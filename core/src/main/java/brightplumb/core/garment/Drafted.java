package brightplumb.core.garment;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Estimate;
import brightplumb.core.rule.InForce;
import brightplumb.core.table.Check;
import java.util.List;

/**
 * A garment, drafted, inspected and ready to cut.
 *
 * @param request what was asked
 * @param draft the draft
 * @param checks the inspections
 * @param pieces the pieces with their cut lines
 * @param estimates the guesses that stand in for tapes not taken
 * @param settings every setting as it stood, in the order of the body
 * @param made what was done to the block, and what could be, by rank
 */
public record Drafted(
        DraftRequest request,
        Draft draft,
        List<Check> checks,
        List<CutPiece> pieces,
        List<Estimate> estimates,
        List<InForce> settings,
        List<Made> made) {}
