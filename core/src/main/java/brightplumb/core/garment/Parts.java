package brightplumb.core.garment;

import brightplumb.core.block.bodice.Bodice;
import brightplumb.core.block.bodice.BodiceAbove;
import brightplumb.core.block.leg.Legs;
import brightplumb.core.block.skirt.Skirt;
import brightplumb.core.block.suit.Bodysuit;
import brightplumb.core.block.suit.Romper;
import brightplumb.core.fitting.BodiceRemarks;
import brightplumb.core.fitting.LegRemarks;
import brightplumb.core.fitting.SkirtRemarks;
import brightplumb.core.fitting.SuitRemarks;
import brightplumb.core.rule.Ways;
import brightplumb.core.truing.BodiceChecks;
import brightplumb.core.truing.LegChecks;
import brightplumb.core.truing.SkirtChecks;
import brightplumb.core.truing.SuitChecks;
import java.util.List;

/** The parts garments are made of. A new one is its own files and a line here. */
final class Parts {

    static final Part SKIRT = new Part("skirt", new Skirt(), Ways.SKIRT, SkirtChecks.ALL, SkirtRemarks.ALL);

    static final Part LEGS = new Part("legs", new Legs(), Ways.LEGS, LegChecks.ALL, LegRemarks.ALL);

    static final Part BODYSUIT = new Part("suit", new Bodysuit(), Ways.SUITS, SuitChecks.ALL, SuitRemarks.ALL);

    static final Part ROMPER = new Part("romper", new Romper(), Ways.ROMPERS, SuitChecks.ROMPER, SuitRemarks.ROMPER);

    /** Legs that hang from a bodice: what is looked at and said is the whole's. */
    static final Part LEGS_BELOW = new Part("legs", new Legs(), Ways.LEGS, List.of(), List.of());

    /** A bodice that runs on from legs. */
    static final Part BODICE = new Part("bodice", new Bodice(), List.of(), SuitChecks.OVER_LEGS, SuitRemarks.OVER_LEGS);

    /** A bodice without shoulders, sewn to legs at the waist. */
    static final Part BODICE_ABOVE =
            new Part("bodice", new BodiceAbove(), List.of(), BodiceChecks.SEWN_ON, BodiceRemarks.SEWN_ON);

    private Parts() {}
}
