package brightplumb.core.garment;

import brightplumb.core.block.sleeve.Sleeve;
import brightplumb.core.style.band.Facing;
import brightplumb.core.style.band.FlatBands;
import brightplumb.core.style.band.ShapedBand;
import brightplumb.core.style.band.StraightBand;
import brightplumb.core.style.binding.BiasBinding;
import brightplumb.core.style.binding.CrotchStrip;
import brightplumb.core.style.collar.FlatCollar;
import brightplumb.core.style.drawn.Belt;
import brightplumb.core.style.drawn.Casing;
import brightplumb.core.style.drawn.Drawcord;
import brightplumb.core.style.drawn.Elastic;
import brightplumb.core.style.fold.BoxFold;
import brightplumb.core.style.fold.KickFold;
import brightplumb.core.style.hem.HemTrim;
import brightplumb.core.style.hem.TurnUp;
import brightplumb.core.style.lining.BodiceLining;
import brightplumb.core.style.lining.Lining;
import brightplumb.core.style.lining.SuitLining;
import brightplumb.core.style.loop.HangerLoops;
import brightplumb.core.style.neck.Funnel;
import brightplumb.core.style.neck.ThumbOpening;
import brightplumb.core.style.opening.FalseFly;
import brightplumb.core.style.opening.Fly;
import brightplumb.core.style.opening.Slit;
import brightplumb.core.style.opening.Zip;
import brightplumb.core.style.peplum.Peplum;
import brightplumb.core.style.pocket.InSeamPocket;
import brightplumb.core.style.pocket.PatchPocket;
import brightplumb.core.style.pocket.ScoopPocket;
import brightplumb.core.style.shape.DartIntoSide;
import brightplumb.core.style.shape.Lengthen;
import brightplumb.core.style.shape.MoveDart;
import brightplumb.core.style.shape.Taper;
import brightplumb.core.style.sweep.Sweep;
import brightplumb.core.table.Operation;
import java.util.List;

/** What can be done to a block. A new operation is one file and its line here. */
final class Operations {

    static final Operation SWEEP = new Sweep();
    static final Operation TAPER = new Taper();
    static final Operation LENGTHEN = new Lengthen();
    static final Operation MOVE_DART = new MoveDart();
    static final Operation DART_INTO_SIDE = new DartIntoSide();
    static final Operation BOX_FOLD = new BoxFold();
    static final Operation ZIP = new Zip();
    static final Operation FLY = new Fly();
    static final Operation FALSE_FLY = new FalseFly();
    static final Operation SLIT = new Slit();
    static final Operation KICK_FOLD = new KickFold();
    static final Operation SCOOP_POCKET = new ScoopPocket();
    static final Operation IN_SEAM_POCKET = new InSeamPocket();
    static final Operation PATCH_POCKET = new PatchPocket();
    static final Operation STRAIGHT_BAND = new StraightBand();
    static final Operation FLAT_BANDS = new FlatBands();
    static final Operation SHAPED_BAND = new ShapedBand();
    static final Operation FACING = new Facing();
    static final Operation CASING = new Casing();
    static final Operation TURN_UP = new TurnUp();
    static final Operation HEM_TRIM = new HemTrim();
    static final Operation LINING = new Lining();
    static final Operation ELASTIC = new Elastic();
    static final Operation DRAWCORD = new Drawcord();
    static final Operation BELT = new Belt();
    static final Operation HANGER_LOOPS = new HangerLoops();
    static final Operation BIAS_BINDING = new BiasBinding();
    static final Operation CROTCH_STRIP = new CrotchStrip();
    static final Operation SLEEVE = new Sleeve();
    static final Operation FUNNEL = new Funnel();
    static final Operation FLAT_COLLAR = new FlatCollar();
    static final Operation THUMB_OPENING = new ThumbOpening();
    static final Operation PEPLUM = new Peplum();
    static final Operation BODICE_LINING = new BodiceLining();
    static final Operation SUIT_LINING = new SuitLining();

    static final List<Operation> ALL = List.of(
            SWEEP,
            TAPER,
            LENGTHEN,
            MOVE_DART,
            DART_INTO_SIDE,
            BOX_FOLD,
            ZIP,
            FLY,
            FALSE_FLY,
            SLIT,
            KICK_FOLD,
            SCOOP_POCKET,
            IN_SEAM_POCKET,
            PATCH_POCKET,
            STRAIGHT_BAND,
            FLAT_BANDS,
            SHAPED_BAND,
            FACING,
            CASING,
            TURN_UP,
            HEM_TRIM,
            LINING,
            ELASTIC,
            DRAWCORD,
            BELT,
            HANGER_LOOPS,
            BIAS_BINDING,
            CROTCH_STRIP,
            SLEEVE,
            FUNNEL,
            FLAT_COLLAR,
            THUMB_OPENING,
            PEPLUM,
            BODICE_LINING,
            SUIT_LINING);

    private Operations() {}
}
