package vantbreeze.app.house;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;

/** The database's file, opened without the rest of the house. */
public final class Database {

    private static final String USER = "vantbreeze";
    private static final String ENDING = ".mv.db";

    private Database() {}

    /** Where H2 finds the database of this file. */
    static String url(Path cards) {
        String name = cards.toString();
        return "jdbc:h2:file:%s;DB_CLOSE_ON_EXIT=FALSE".formatted(name.substring(0, name.length() - ENDING.length()));
    }

    static Connection open(Path cards) throws SQLException {
        return DriverManager.getConnection(url(cards), USER, "");
    }

    /** The database of a file. */
    public static DataSource source(Path cards) {
        JdbcDataSource source = new JdbcDataSource();
        source.setURL(url(cards));
        source.setUser(USER);
        source.setPassword("");
        return source;
    }

    /** Brings a database to the present schema. */
    public static void migrate(DataSource source) {
        Flyway.configure()
                .dataSource(source)
                .locations("classpath:db/migration")
                .load()
                .migrate();
    }

    /** Reads every document once, so that damage is found before cards are shown. */
    static void readThrough(Connection connection) throws SQLException {
        for (String table : List.of("CARD", "CARD_VERSION", "STOCK")) {
            try (Statement statement = connection.createStatement();
                    ResultSet there = statement.executeQuery(
                            ("select 1 from information_schema.tables where table_name = '%s' and "
                                            + "table_schema = 'PUBLIC'")
                                    .formatted(table))) {
                if (!there.next()) {
                    continue;
                }
            }
            try (Statement statement = connection.createStatement();
                    ResultSet read = statement.executeQuery("select sum(length(document)) from " + table)) {
                read.next();
            }
        }
    }
}
