package lexicor.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.Statement;
import lexicor.server.maintenance.DatabaseFile;
import lexicor.server.maintenance.DatabaseKey;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Records of every schema of which no file is kept, filled then, are upgraded where they lie; the files are opened beside. */
@Tag("slow")
class UpgradeTest {
    @TempDir
    Path folder;

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4, 6, 8, 10, 11})
    void recordsOfAnEarlierSchemaOpenWithWhatIsInThem(int version) throws Exception {
        Path data = Files.createDirectories(folder.resolve("data"));
        String key = DatabaseKey.read(null, DatabaseKey.file("", data), true);
        String url = DatabaseFile.url(data, "");
        JdbcDataSource database = new JdbcDataSource();
        database.setURL(url);
        database.setUser(DatabaseFile.USER);
        database.setPassword(DatabaseFile.password(key));
        Flyway.configure()
                .dataSource(database)
                .target(String.valueOf(version))
                .load()
                .migrate();
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("insert into examination_case (code, version, created_at, updated_at, complaint,"
                    + " involved_side, setting, mechanism) values ('HB-001', 0, now(), now(), 'shoulder-pain', 'right',"
                    + " 'community', 'Slipped on the quay')");
            String more = version < 4 ? "" : ", tapped_at";
            String now = version < 4 ? "" : ", now()";
            statement.execute("insert into tap (case_id, tap_key, test_id, at_place, side, changes, recorded_at, undone"
                    + more + ") values (1, random_uuid(), 'sulcus', '', 'right', '{\"gapMm\":21}', now(), false" + now
                    + ")");
            if (version >= 6) {
                statement.execute("update tap set visit = 1");
                statement.execute("insert into case_visit (case_id, place, started_at) values (1, 0, now())");
            }
            if (version >= 7) {
                statement.execute("insert into access_log (" + (version < 11 ? "case_code" : "case_id")
                        + ", person, what, at) values (" + (version < 11 ? "'HB-001'" : "1")
                        + ", 'tern', 'opened', now())");
                statement.execute("insert into tombstone (code, deleted_at, deleted_by, reason)"
                        + " values ('HB-900', now(), 'tern', 'Opened for a try')");
            }
        }
        Running lexicor = Running.at(data);
        lexicor.beforeAll(null);
        try {
            assertThat(lexicor.get("/api/cases/HB-001")
                            .body()
                            .at("/examination/readings/0/values/gapMm")
                            .asDouble())
                    .isEqualTo(21);
            assertThat(lexicor.post(
                                    "/api/cases/HB-001/taps",
                                    "{\"tapId\":\"%s\",\"test\":\"sulcus\",\"at\":\"\",\"side\":\"right\",\"changes\":{\"gapMm\":3}}"
                                            .formatted(java.util.UUID.randomUUID()))
                            .status())
                    .isEqualTo(200);
            // A department that never chose weighs as a new one does; one that chose keeps its way, and is told.
            JsonNode settings = lexicor.get("/api/settings").body();
            assertThat(settings.get("school").asString()).isEqualTo("sober");
            assertThat(settings.get("schoolSeen").asBoolean()).isFalse();
            String history = lexicor.get("/api/cases/HB-001/history").body().toString();
            String department = lexicor.get("/api/history").body().toString();
            if (version >= 7) {
                assertThat(history).contains("\"opened\"", "tern");
                assertThat(department).contains("Opened for a try");
            }
        } finally {
            lexicor.afterAll(null);
        }
    }
}
