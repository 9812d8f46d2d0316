package brightplumb.app.tickets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.when;

import brightplumb.app.drafting.ClothView;
import brightplumb.app.people.SheetView;
import brightplumb.app.people.SheetView.ReadingView;
import brightplumb.app.people.Sheets;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.rule.WaistSettings;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;

@ExtendWith(MockitoExtension.class)
class TicketDraftsTest {

    private final UUID workroom = UUID.randomUUID();
    private final TicketView ticket = new TicketView(
            UUID.randomUUID(),
            UUID.randomUUID(),
            "Somebody",
            "Skirt",
            "straight-skirt",
            "quarter",
            Map.of("hipEase", 12.5),
            new ClothView(0.1, 1400, false, true, "soft", 0, 0, 0.1, false, false),
            List.of(),
            List.of(),
            null,
            3,
            0,
            Instant.EPOCH,
            null,
            0);

    @Mock
    private Sheets sheets;

    @Test
    void a_ticket_is_drafted_on_its_persons_newest_sheet_with_its_own_settings_and_cloth() {
        SheetView sheet = new SheetView(
                UUID.randomUUID(),
                2,
                LocalDate.EPOCH,
                "WH",
                "",
                Map.of(
                        "waistGirth",
                        new ReadingView("70 cm", "cm", 700, "measured"),
                        "hipGirth",
                        new ReadingView("38", "in", 965.2, "table")),
                List.of());
        when(sheets.newest(workroom, ticket.personId())).thenReturn(Optional.of(sheet));
        TicketDrafts drafts = new TicketDrafts(sheets);
        var read = drafts.draft(workroom, ticket);
        assertThat(drafts.request(workroom, ticket).read())
                .as("as it is kept and read again")
                .isEqualTo(read);
        assertThat(read.way().id()).isEqualTo("quarter");
        assertThat(read.sheet()
                        .reading(Measure.WAIST_GIRTH)
                        .orElseThrow()
                        .length()
                        .mm())
                .isEqualTo(700);
        assertThat(read.byHand()).containsValue(WaistSettings.WAIST_EASE.value(12.5));
        assertThat(read.cloth().width()).isEqualTo(1400);
        assertThat(read.cloth().folded()).isFalse();
        assertThat(read.cloth().oneWay()).isTrue();
    }

    @Test
    void without_a_sheet_the_measures_are_asked_for() {
        when(sheets.newest(workroom, ticket.personId())).thenReturn(Optional.empty());
        assertThatThrownBy(() -> new TicketDrafts(sheets).request(workroom, ticket))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults().get(0).field().path()).isEqualTo("measures"));
    }

    @Test
    void a_sheet_gives_the_core_each_value_with_where_it_came_from() {
        SheetView sheet = new SheetView(
                UUID.randomUUID(),
                1,
                LocalDate.EPOCH,
                "WH",
                "",
                Map.of(
                        "hipGirth",
                        new ReadingView("38", "in", 965.2, "table"),
                        "of an older day",
                        new ReadingView("1", "in", 25.4, "measured")),
                List.of());
        assertThat(sheet.sheet().readings()).hasSize(1);
        assertThat(sheet.sheet()
                        .reading(Measure.HIP_GIRTH)
                        .orElseThrow()
                        .provenance()
                        .name())
                .isEqualTo("TABLE");
    }
}
