package belonax.web.needles;

import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.event.Undo;
import belonax.room.needle.SewingRoom;
import belonax.room.supply.NeedleSupply;
import belonax.web.WebSlice;
import belonax.web.shared.sentence.Sentences;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

@WebMvcTest(NeedleChanges.class)
@Import(WebSlice.class)
class NeedleChangesTest {
    private static final UUID OUT = new UUID(1, 2);
    private static final UUID ACTION = new UUID(3, 4);

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private NeedleSupply supply;

    @MockitoBean
    private Undo undo;

    @MockitoBean
    @SuppressWarnings("UnusedVariable") // Nothing is said of the work.
    private Sentences sentences;

    @MockitoBean
    @SuppressWarnings("UnusedVariable") // No machine is asked about.
    private SewingRoom room;

    @Test
    void a_fitted_needle_is_recorded_with_the_one_it_replaces() throws Exception {
        when(supply.fit(any(), anyInt(), any(), any(), any())).thenReturn(ACTION);

        mvc.perform(fitForm("/match?cloth=rib&layers=2").with(csrf()))
                .andExpect(redirectedUrl("/match?cloth=rib&layers=2&done=" + ACTION));

        verify(supply)
                .fit(
                        eq("heron"),
                        eq(0),
                        eq(Needle.of(NeedleSystem.H_130_705, NeedleType.STRETCH, NeedleSize.NM_75)),
                        any(),
                        eq(Optional.of(OUT)));
    }

    @Test
    void a_form_without_its_token_changes_nothing() throws Exception {
        mvc.perform(fitForm("/match")).andExpect(status().isForbidden());

        verifyNoInteractions(supply);
    }

    @Test
    void the_way_back_never_leads_elsewhere() throws Exception {
        when(supply.fit(any(), anyInt(), any(), any(), any())).thenReturn(ACTION);

        mvc.perform(fitForm("https://elsewhere.example/x?cloth=rib").with(csrf()))
                .andExpect(redirectedUrl("/match?cloth=rib&done=" + ACTION));
    }

    @Test
    void a_refusal_leads_back_with_a_notice_and_keeps_the_sentence() throws Exception {
        when(supply.fit(any(), anyInt(), any(), any(), any())).thenThrow(new BadInput("system", "Not listed here."));

        mvc.perform(fitForm("/match?cloth=rib").with(csrf()))
                .andExpect(status().is3xxRedirection())
                .andExpect(flash().attribute("refused", "Not listed here."));
    }

    @Test
    void each_of_five_places_is_compared_with_its_own_needle() throws Exception {
        when(supply.fit(any(), anyInt(), any(), any(), any())).thenReturn(ACTION);
        UUID fifth = new UUID(5, 5);

        mvc.perform(post("/needles/fit")
                        .param("machine", "chorus")
                        .param("place", "4")
                        .param("needle", "HAx1SP~STRETCH~75")
                        .param("out", OUT.toString(), "", new UUID(3, 3).toString(), "", fifth.toString())
                        .param("back", "/match")
                        .with(csrf()))
                .andExpect(status().is3xxRedirection());

        verify(supply).fit(eq("chorus"), eq(4), any(), any(), eq(Optional.of(fifth)));
    }

    @Test
    void undo_names_the_action() throws Exception {
        mvc.perform(post("/needles/undo")
                        .param("action", ACTION.toString())
                        .param("back", "/match?cloth=rib")
                        .with(csrf()))
                .andExpect(redirectedUrl("/match?cloth=rib"))
                .andExpect(flash().attribute("said", containsString("Taken back")));

        verify(undo).undo(ACTION);
    }

    private static MockHttpServletRequestBuilder fitForm(String back) {
        return post("/needles/fit")
                .param("machine", "heron")
                .param("place", "0")
                .param("needle", "130/705 H~STRETCH~75")
                .param("out", OUT.toString())
                .param("back", back);
    }
}
