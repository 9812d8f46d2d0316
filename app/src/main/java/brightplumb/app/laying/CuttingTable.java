package brightplumb.app.laying;

import brightplumb.app.account.Member;
import brightplumb.app.laying.LayRequest.LayAsked;
import brightplumb.app.laying.LayView.LongestView;
import brightplumb.app.laying.LayView.SavingView;
import brightplumb.app.laying.TicketLayView.BesideView;
import brightplumb.app.tickets.TicketDrafts;
import brightplumb.app.tickets.TicketView;
import brightplumb.app.tickets.Tickets;
import brightplumb.core.cutting.CutPiece;
import brightplumb.core.cutting.GeometryHash;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Lays;
import brightplumb.core.garment.Lays.Asked;
import brightplumb.core.garment.Lays.Cutting;
import brightplumb.core.garment.Longest;
import brightplumb.core.lay.Ground;
import brightplumb.core.lay.Lay;
import brightplumb.core.lay.Wanted;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.pattern.Layer;
import brightplumb.core.rule.Cloth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Where tickets are laid on their cloth: as a hand kept it while the pieces are those that it laid, found anew
 * otherwise.
 */
@Service
public class CuttingTable {

    private static final int MOST_BESIDE = 9;

    /** So many other tickets are tried beside this one: each is drafted and laid twice. */
    private static final int MOST_TOGETHER = 3;

    /** How wide other cloth than the shell's is, where nobody says, mm. */
    private static final double USUAL_WIDTH = 1400;

    private final Tickets tickets;
    private final TicketDrafts drafts;
    private final KeptLays kept;

    CuttingTable(Tickets tickets, TicketDrafts drafts, KeptLays kept) {
        this.tickets = tickets;
        this.drafts = drafts;
        this.kept = kept;
    }

    /** A ticket on one of its cloths, ready to be laid. */
    private record Ready(
            TicketView ticket,
            DraftRequest request,
            List<Cutting> garments,
            List<TicketView> beside,
            Cloth cloth,
            KeptLay set,
            Asked asked) {

        Drafted drafted() {
            return garments.get(0).drafted();
        }

        String hash() {
            List<String> all = new ArrayList<>();
            garments.forEach(g -> all.add(GeometryHash.of(laid(g.drafted(), asked.layer()))));
            return String.join(",", all);
        }

        private static List<CutPiece> laid(Drafted drafted, Layer layer) {
            return drafted.pieces().stream()
                    .filter(p -> p.piece().layer() == layer)
                    .toList();
        }
    }

    private Ready ready(UUID workroom, UUID id, KeptLay set, Integer tries) {
        TicketView ticket = tickets.require(workroom, id);
        DraftRequest request = drafts.draft(workroom, ticket);
        Asked asked = AskedLays.read(
                new LayAsked(set.layer(), set.copies(), set.sheet(), set.avoided(), set.pieced(), tries, null));
        List<UUID> others = beside(set);
        List<TicketView> beside =
                others.stream().map(other -> tickets.require(workroom, other)).toList();
        List<Cutting> garments = new ArrayList<>();
        garments.add(new Cutting(id.toString(), Drafting.draft(request)));
        for (TicketView other : beside) {
            garments.add(new Cutting(other.id().toString(), Drafting.draft(drafts.draft(workroom, other))));
        }
        return new Ready(ticket, request, garments, beside, cloth(request, set, asked.layer()), set, asked);
    }

    private static List<UUID> beside(KeptLay set) {
        if (set.beside() == null) {
            return List.of();
        }
        if (set.beside().size() > MOST_BESIDE) {
            throw new Refusal(new FieldPath("beside"), "Up to ten tickets are cut together");
        }
        try {
            return set.beside().stream().distinct().map(UUID::fromString).toList();
        } catch (IllegalArgumentException none) {
            throw new Refusal(new FieldPath("beside"), "There is no such ticket");
        }
    }

    /**
     * The shell's cloth is its ticket's; any other has a width of its own and no way, print or shrinkage that matters.
     */
    private static Cloth cloth(DraftRequest request, KeptLay set, Layer layer) {
        if (layer == Layer.SHELL) {
            return request.cloth();
        }
        double width = set.width() == null ? USUAL_WIDTH : set.width();
        if (!(width >= 100 && width <= 5000)) {
            throw new Refusal(new FieldPath("width"), "The cloth is 10 to 500 cm wide");
        }
        return new Cloth(0, width, set.folded() == null || set.folded(), false);
    }

    private KeptLay set(UUID workroom, UUID id, String layer) {
        tickets.require(workroom, id);
        String name = AskedLays.layer(layer).id();
        return kept.of(workroom, id, name).orElse(KeptLay.unset(name));
    }

    TicketLayView of(Member member, UUID id, String layer, Integer tries, Wanted wanted) {
        KeptLay set = set(member.workroom(), id, layer);
        Ready ready = ready(member.workroom(), id, set, tries);
        return view(ready, standing(ready, wanted));
    }

    /**
     * A lay as it stands.
     *
     * @param kept whether a hand laid it so
     * @param stale whether a hand had laid it, for other pieces or on other cloth
     */
    private record Standing(Lay lay, boolean kept, boolean stale) {}

    /** As a hand laid it, while the pieces are those it laid and the cloth holds them so; found anew otherwise. */
    private static Standing standing(Ready ready, Wanted wanted) {
        KeptLay set = ready.set();
        if (set.placements() == null) {
            return new Standing(found(ready, wanted), false, false);
        }
        if (ready.hash().equals(set.hash())) {
            try {
                return new Standing(laidByHand(ready, set), true, false);
            } catch (Refusal otherCloth) {
                return new Standing(found(ready, wanted), false, true);
            }
        }
        return new Standing(found(ready, wanted), false, true);
    }

    /** The lay of a ticket with the drafted garment, for those who print it. */
    public record Laid(Lay lay, Drafted drafted, String layer, double buy) {}

    /** A ticket's lay as it stands. */
    public Laid laid(UUID workroom, UUID id, String layer, Wanted wanted) {
        Ready ready = ready(workroom, id, set(workroom, id, layer), null);
        Lay lay = standing(ready, wanted).lay();
        boolean there = lay.ground() instanceof Ground.Remnant;
        return new Laid(
                lay, ready.drafted(), ready.asked().layer().id(), there ? 0 : Lays.buy(lay.length(), ready.cloth()));
    }

    private static Lay found(Ready ready, Wanted wanted) {
        return Lays.of(ready.garments(), ready.cloth(), ready.asked(), wanted);
    }

    private static Lay laidByHand(Ready ready, KeptLay set) {
        return Lays.byHand(
                ready.garments(),
                ready.cloth(),
                ready.asked(),
                set.placements().stream().map(KeptLay.Hand::read).toList());
    }

    /** @throws Refusal where something is laid as it cannot be */
    TicketLayView keep(Member member, UUID id, KeptLay asked, Wanted wanted) {
        Ready ready = ready(member.workroom(), id, asked, null);
        String layer = ready.asked().layer().id();
        if (asked.placements() == null) {
            // What cannot be laid is refused before it is kept.
            Lay lay = found(ready, wanted);
            kept.keep(member.workroom(), id, layer, asked.of(null, null));
            return view(ready, new Standing(lay, false, false));
        }
        Lay lay = laidByHand(ready, asked);
        kept.keep(member.workroom(), id, layer, asked.of(asked.placements(), ready.hash()));
        return view(ready, new Standing(lay, true, false));
    }

    TicketLayView forget(Member member, UUID id, String layer, Wanted wanted) {
        KeptLay set = set(member.workroom(), id, layer);
        kept.forget(member.workroom(), id, AskedLays.layer(layer).id());
        return of(member, id, set.layer(), null, wanted);
    }

    List<SavingView> savings(Member member, UUID id, String layer, Wanted wanted) {
        Ready ready = ready(member.workroom(), id, set(member.workroom(), id, layer), null);
        Lay now = standing(ready, wanted).lay();
        List<SavingView> found =
                new ArrayList<>(Lays.savings(ready.garments(), ready.cloth(), ready.asked(), now, wanted).stream()
                        .map(SavingView::of)
                        .toList());
        if (ready.asked().sheet().isEmpty()) {
            found.addAll(together(member.workroom(), ready, now, wanted));
        }
        found.sort(Comparator.comparingDouble(SavingView::saved).reversed());
        return List.copyOf(found);
    }

    /** The tickets promised soonest that are cut from the same cloth, each as if it were cut with this one. */
    private List<SavingView> together(UUID workroom, Ready ready, Lay now, Wanted wanted) {
        List<SavingView> found = new ArrayList<>();
        Set<UUID> there = new HashSet<>();
        there.add(ready.ticket().id());
        ready.beside().forEach(t -> there.add(t.id()));
        List<TicketView> others = tickets.soonest(workroom).stream()
                .filter(t -> !there.contains(t.id())
                        && t.cloth().equals(ready.ticket().cloth()))
                .limit(MOST_TOGETHER)
                .toList();
        for (TicketView other : others) {
            try {
                Cutting cutting = new Cutting(other.id().toString(), Drafting.draft(drafts.draft(workroom, other)));
                Lays.together(ready.garments(), cutting, ready.cloth(), ready.asked(), now, wanted)
                        .ifPresent(s ->
                                found.add(SavingView.of(s).named("With " + other.name() + ", " + other.personName())));
            } catch (Refusal notDraftedYet) {
                // Nobody measured her, or her ticket is being put right: there is nothing to lay.
            }
        }
        return found;
    }

    LongestView longest(Member member, UUID id, String layer, Double along, Wanted wanted) {
        KeptLay set = set(member.workroom(), id, layer);
        Ready ready = ready(member.workroom(), id, set, null);
        double there = LaysController.along(new LayAsked(null, null, set.sheet(), null, null, null, along));
        Longest found = Longest.of(ready.request(), ready.cloth(), ready.asked(), there, wanted);
        return new LongestView(
                found.length(), found.stops(), LayView.of(ready.asked().layer().id(), found.lay(), ready.cloth()));
    }

    private static TicketLayView view(Ready ready, Standing standing) {
        return new TicketLayView(
                Lays.layers(ready.drafted()).stream().map(Layer::id).toList(),
                ready.asked().copies(),
                ready.beside().stream()
                        .map(t -> new BesideView(t.id(), t.name(), t.personName()))
                        .toList(),
                ready.asked().pieced(),
                standing.kept(),
                standing.stale(),
                LayView.of(ready.asked().layer().id(), standing.lay(), ready.cloth()));
    }
}
