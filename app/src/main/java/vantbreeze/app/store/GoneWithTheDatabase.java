package vantbreeze.app.store;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import org.h2.api.ErrorCode;

/** Tells the pool that a connection to a database that closed itself, over a write that failed, is of no more use. */
public final class GoneWithTheDatabase implements SQLExceptionOverride {

    @java.lang.Override
    public Override adjudicate(SQLException thrown) {
        return thrown.getErrorCode() == ErrorCode.DATABASE_IS_CLOSED ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}
