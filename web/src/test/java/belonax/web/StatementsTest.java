package belonax.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.room.balance.Sampler;
import belonax.room.card.DrawerStore;
import belonax.room.plan.Project;
import belonax.room.trouble.MendCase;
import jakarta.persistence.EntityManagerFactory;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;

/** How often a page of the demo asks the database, once it was opened before. */
@InTheDemoRoom
class StatementsTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private EntityManagerFactory database;

    @Autowired
    private JdbcTemplate rows;

    @Autowired
    private Sampler sampler;

    @Autowired
    private DrawerStore drawer;

    @ParameterizedTest
    @CsvSource({
        "/match?cloth=swim-knit&machine=heron, 8",
        "/match, 8",
        "/bench, 8",
        "/bench?cloth=canvas&layers=4, 8",
        "/fit, 8",
        "/fit?step=9, 8",
        "/mend?another=true, 8",
        "/balance?cloth=poplin, 12",
        "/needles, 12",
        "/needles/log, 12",
        "/drawer, 12",
        "/drawer/machine/heron, 12",
        "/drawer/packet, 12",
        "/drawer/spool, 12",
        "/drawer/swatch, 12",
        "/drawer/buy, 12",
        "/drawer/stack, 12",
        "/drawer/clearance, 12",
        "/drawer/loose, 12",
        "/drawer/list, 12",
        "/drawer/files, 12",
        "/mend/history, 12",
        "/mend/care, 12",
        "/balance/sampler, 12",
        "/balance/pull?machine=badger, 12",
        "/fit/broken, 12",
        "/settings, 12",
        "/settings/copies, 12",
        "/practice, 12",
        "/listen?machine=badger, 12",
        "/listen/ear?machine=badger, 12",
        "/practice?kind=STRIP, 12",
        "/welcome, 12"
    })
    void a_page_asks_the_database_few_times(String page, int most) throws Exception {
        assertThat(statements(page)).as(page).isLessThanOrEqualTo(most);
    }

    @Test
    void a_running_balance_and_an_open_trouble_ask_few_times() throws Exception {
        String run = sampler.search("").get(0).id().toString();
        assertThat(statements("/balance/" + run)).as("a run").isLessThanOrEqualTo(8);
        String project = "/plan/" + drawer.all(Project.class).get(1).id();
        assertThat(statements(project)).as("a project").isLessThanOrEqualTo(12);
        assertThat(statements(project + "/step?cloth=canvas")).as("a step").isLessThanOrEqualTo(12);
        String trouble = drawer.all(MendCase.class).get(0).id().toString();
        assertThat(statements("/mend/" + trouble)).as("a trouble").isLessThanOrEqualTo(8);
    }

    @Test
    @Tag("thorough")
    void a_log_of_twenty_thousand_events_asks_no_more() throws Exception {
        rows.update("""
                insert into event (action_id, at, kind, machine_id, place, needle_id, body)
                select random_uuid(), timestampadd(second, x, timestamp with time zone '2020-01-01 00:00:00+00'),
                  kind, machine, 0, case kind when 'SEWN' then needle end,
                  '{"machine":"' || machine || case kind
                    when 'SEWN' then '","place":0,"minutes":0.006,"effectiveHours":0.0001,"wear":"ORDINARY","sheds":false,'
                      || '"needle":"' || needle || '"}'
                    when 'CLEANED' then '","sewnMinutes":1,"lintyMinutes":0}'
                    else '","tex":27,"fibre":"POLYESTER","build":"SPUN","quality":"GOOD"}' end
                from (
                  select x, case mod(x, 4) when 0 then 'THREADED' when 1 then 'CLEANED' else 'SEWN' end kind,
                    case mod(x, 3) when 0 then 'badger' when 1 then 'heron' else 'old-tin' end machine,
                    (select min(id) from needle where state = 'PARKED') needle
                  from system_range(1, 20000))""");

        for (String page : new String[] {"/match", "/bench", "/fit", "/mend?another=true"}) {
            assertThat(statements(page)).as(page).isLessThanOrEqualTo(8);
        }
        for (String page : new String[] {"/needles", "/needles/log", "/drawer", "/mend/care"}) {
            assertThat(statements(page)).as(page).isLessThanOrEqualTo(12);
        }
    }

    private long statements(String page) throws Exception {
        Statistics counted = database.unwrap(SessionFactory.class).getStatistics();
        mvc.perform(get(page)).andExpect(status().is(org.hamcrest.Matchers.lessThan(400)));
        long before = counted.getPrepareStatementCount();
        mvc.perform(get(page));
        return counted.getPrepareStatementCount() - before;
    }
}
