package brightplumb.formats;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.rule.Cloth;
import brightplumb.formats.sheet.DrawnPattern;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.TitleBlock;
import java.util.Map;

/** A pattern to write in the tests. */
final class Patterns {

    private Patterns() {}

    static Drafted drafted(String cut) {
        return Drafting.draft(
                DraftRequest.of(cut, null, Bodies.inches(28, 38, 8), Map.of("length", 640.0), Cloth.WOVEN));
    }

    static PatternSheet skirt(String person) {
        return PatternSheet.of(
                DrawnPattern.of(drafted("straight-skirt")),
                new TitleBlock("Test skirt", person, "House", "revision 2", "25 November 2026", "WH"));
    }
}
