package brightplumb.core.garment;

import brightplumb.core.style.band.ShapedBand;
import brightplumb.core.style.band.StraightBand;
import brightplumb.core.style.fold.BoxFold;
import brightplumb.core.style.fold.KickFold;
import brightplumb.core.style.lining.Lining;
import brightplumb.core.style.pocket.PatchPocket;
import brightplumb.core.table.Operation;
import java.util.List;

/** What can be done to a block. A new operation is one file and its line here. */
final class Operations {

    static final Operation BOX_FOLD = new BoxFold();
    static final Operation KICK_FOLD = new KickFold();
    static final Operation PATCH_POCKET = new PatchPocket();
    static final Operation STRAIGHT_BAND = new StraightBand();
    static final Operation SHAPED_BAND = new ShapedBand();
    static final Operation LINING = new Lining();

    static final List<Operation> ALL = List.of(BOX_FOLD, KICK_FOLD, PATCH_POCKET, STRAIGHT_BAND, SHAPED_BAND, LINING);

    private Operations() {}
}
