package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class PageTest {

    @Test
    void what_is_asked_is_brought_within_limits() {
        Page.Asked none = Page.Asked.of(null, null, null);
        assertThat(none).isEqualTo(new Page.Asked("", 0, 50));
        assertThat(Page.Asked.of(" a ", -5, 0)).isEqualTo(new Page.Asked("a", 0, 1));
        assertThat(Page.Asked.of("", Integer.MAX_VALUE, Integer.MAX_VALUE).size())
                .isEqualTo(Page.Asked.MOST);
        assertThat(Page.Asked.of("", 3, 20).offset()).isEqualTo(60);
    }

    @Test
    void wildcards_are_words_like_any_other() {
        assertThat(Page.Asked.of("50%_\\x", 0, 10).pattern()).isEqualTo("%50\\%\\_\\\\x%");
        assertThat(Page.Asked.of("ÅSA", 0, 10).pattern()).isEqualTo("%åsa%");
    }

    @Test
    void a_whole_list_is_one_page() {
        Page<String> page = Page.whole(List.of("a", "b"));
        assertThat(page.total()).isEqualTo(2);
        assertThat(page.page()).isZero();
    }
}
