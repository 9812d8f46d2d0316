package brightplumb.core.garment;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.Given;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Inspection;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A cut with what a hand added to it or took off it: what is done, in its order, and what can be set on it.
 *
 * @param request what is asked
 * @param blocks what draws its parts, from the top
 * @param operations what may be done to them, by rank
 */
record Garment(DraftRequest request, List<Operation> blocks, List<Operation> operations) {

    /** The garment of a request. */
    static Garment of(DraftRequest request) {
        MadeWith made = request.made();
        List<Operation> added = Catalogue.OPERATIONS.stream()
                .filter(made::forces)
                .filter(o -> !request.cut().with().contains(o))
                .toList();
        Set<String> taken = added.stream().map(Operation::place).collect(Collectors.toSet());
        Stream<Operation> ofRecipe = request.cut().with().stream()
                .filter(made::keeps)
                .filter(o -> made.forces(o) || !taken.contains(o.place()));
        return new Garment(
                request,
                request.cut().parts().stream().map(Part::block).toList(),
                Stream.concat(ofRecipe, added.stream())
                        .sorted(Comparator.comparing(Operation::rank))
                        .toList());
    }

    /**
     * The settings in force on a body: what a hand adds or takes off wins over the cut, and over what it set to none.
     */
    Settings settings(Body body) {
        Map<Setting, Rule> asked = new HashMap<>();
        blocks.forEach(o -> asked.putAll(o.asks()));
        // A recipe's own construction amounts win over what its blocks are usually asked, and over what its cut asks in
        // the other ways.
        asked.keySet().removeAll(request.way().asks());
        operations.forEach(o -> asked.putAll(o.asks()));
        Map<Setting, Rule> defaults = new HashMap<>(request.cut().defaults());
        defaults.keySet().removeAll(request.way().asks());
        asked.putAll(defaults);
        Map<Setting, SettingValue> hands = new HashMap<>(request.byHand());
        for (Operation operation : Catalogue.OPERATIONS) {
            if (request.made().forces(operation)) {
                Settings recipe = Settings.on(request.way(), asked, hands, body, request.cloth());
                if (!request.cut().with().contains(operation) || !operation.wanted(recipe)) {
                    asked.putAll(operation.asks());
                }
                Settings none = Settings.on(request.way(), operation.off(), Map.of(), body, request.cloth());
                operation
                        .off()
                        .keySet()
                        .forEach(s -> hands.computeIfPresent(s, (k, hand) -> says(none, k, hand) ? null : hand));
            } else if (request.made().without().contains(operation.id())) {
                asked.putAll(operation.off());
                hands.keySet().removeAll(operation.off().keySet());
            }
        }
        operations.forEach(o -> o.adds().forEach((setting, more) -> add(asked, hands, setting, more)));
        return Settings.on(request.way(), asked, hands, body, request.cloth());
    }

    /**
     * Adds to a setting what an operation adds, whoever says what it is; where nothing does, there is nothing to add
     * to.
     */
    private void add(
            Map<Setting, Rule> asked, Map<Setting, SettingValue> hands, Setting setting, Function<Given, Amount> more) {
        Rule rule = asked.getOrDefault(setting, request.way().rules().get(setting));
        Function<Given, Amount> before = hands.get(setting) instanceof SettingValue.OfLength hand
                ? given -> Amount.byHand(hand.length().mm(), Amount.Kind.LENGTH)
                : rule instanceof Rule.Worked worked ? worked.amount() : null;
        if (before != null) {
            Sentence why = hands.remove(setting) == null ? rule.why() : Settings.BY_HAND;
            asked.put(setting, new Rule.Worked(given -> before.apply(given).plus(more.apply(given)), why));
        }
    }

    /** Whether a hand set a setting to what it is when an operation is off. */
    private static boolean says(Settings none, Setting setting, SettingValue hand) {
        return setting.isChoice()
                ? hand == none.choice(setting, Choice.class)
                : hand.equals(setting.value(none.amount(setting).value()));
    }

    /** What is done to the blocks while the settings are so. */
    List<Operation> doneIn(Settings set) {
        return operations.stream()
                .filter(o -> request.made().forces(o) || o.wanted(set))
                .toList();
    }

    /** What draws it and what is done to it while the settings are so. */
    List<Operation> allDoneIn(Settings set) {
        return Stream.concat(blocks.stream(), doneIn(set).stream()).toList();
    }

    /**
     * Draws it.
     *
     * @throws brightplumb.core.measure.Refusal when it cannot be drawn, naming the field at fault
     */
    Draft draft(Settings set) {
        return made(block(set), set, (operation, nothing) -> {});
    }

    /** Draws its parts alone. */
    Draft block(Settings set) {
        Draft draft = Draft.EMPTY;
        for (Operation block : blocks) {
            draft = block.on(draft, laid(draft, set));
        }
        return draft;
    }

    /** An operation that was done, and the draft before it. */
    private record Done(Operation operation, Draft before) {}

    /** Why an operation has no place: what was done before it took it, or the garment never had one. */
    private static String noPlace(Operation operation, List<Done> done) {
        for (int i = done.size() - 1; i >= 0; i--) {
            if (operation.fits(done.get(i).before())) {
                return operation.title() + " and "
                        + done.get(i).operation().title().toLowerCase(Locale.ROOT)
                        + " need the same place; take one of them off";
            }
        }
        return operation.title() + ": there is no place for it on this garment";
    }

    /**
     * Does to its parts what is to be done.
     *
     * @param effects told of each operation with its effect
     */
    Draft made(Draft block, Settings set, BiConsumer<Operation, Made.Effect> effects) {
        Draft draft = block;
        List<Done> done = new ArrayList<>();
        for (Operation operation : doneIn(set)) {
            if (!operation.fits(draft)) {
                if (request.made().forces(operation)) {
                    throw new Refusal(FieldPath.WITH, noPlace(operation, done));
                }
                continue;
            }
            Draft before = draft;
            done.add(new Done(operation, before));
            draft = operation.on(before, laid(before, set));
            effects.accept(operation, Made.Effect.between(before, draft));
        }
        return draft;
    }

    private Table laid(Draft before, Settings set) {
        return Table.laid(request.sheet(), request.cut().measures(), set, before);
    }

    /** What can be set on it as it is made, in the order of the body. */
    List<Setting> readable(Settings set) {
        return readers(set)
                .flatMap(o -> o.reads().stream())
                .distinct()
                .sorted(Comparator.comparing(Setting::zone))
                .toList();
    }

    /** The settings that change something while all are so: each that does for any that reads it. */
    Set<Setting> applying(Settings set) {
        return readers(set)
                .flatMap(o -> o.reads().stream())
                .filter(variant -> variant.appliesIn(set))
                .collect(Collectors.toSet());
    }

    private Stream<Operation> readers(Settings set) {
        return Stream.concat(blocks.stream(), doneIn(set).stream());
    }

    /** What is looked at on it, its parts' and then what was done to them. */
    List<Inspection> inspections(Settings set) {
        return Stream.concat(
                        request.cut().parts().stream().flatMap(p -> p.checks().stream()),
                        doneIn(set).stream().flatMap(o -> o.checks().stream()))
                .toList();
    }
}
