package brightplumb.core.garment;

import static brightplumb.core.making.Sequence.LEG_FIRST;
import static brightplumb.core.table.Work.*;

import brightplumb.core.making.Sequence;

/** The orders of making that recipes give themselves. Common practice, no source. */
final class RecipeOrders {

    static final Sequence SLIT_PENCIL = Sequence.byTheRecipe(LEG_FIRST, DART, SIDE, CENTRE, SLIT, HEM, BAND, ZIP);
    static final Sequence LINED_PENCIL = Sequence.byTheRecipe(LEG_FIRST, DART, LINING, SIDE, CENTRE, BAND, ZIP);
    static final Sequence BOX_FOLD_PALAZZO =
            Sequence.byTheRecipe(LEG_FIRST, FOLD, POCKET, DART, CENTRE, SIDE, HEM, INSEAM, BAND, ZIP);
    static final Sequence FLAP_POCKET_SHORTS =
            Sequence.byTheRecipe(LEG_FIRST, CENTRE, POCKET, SIDE, INSEAM, BAND, ZIP, HEM);

    private RecipeOrders() {}
}
