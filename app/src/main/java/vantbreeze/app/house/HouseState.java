package vantbreeze.app.house;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether cards can be changed, and what the maker should know if not. */
@Component
public class HouseState {

    /** How cards can be used. */
    public enum Access {
        /** As ever. */
        OPEN,
        /** The folder can't be written: cards are shown, nothing is changed. */
        READ_ONLY,
        /** The database is damaged: what can be read of it is shown, nothing is changed. */
        DAMAGED
    }

    private final Access access;
    private final String words;

    HouseState(@Value("${vantbreeze.access:OPEN}") Access access, @Value("${vantbreeze.access-words:}") String words) {
        this.access = access;
        this.words = words;
    }

    public Access access() {
        return access;
    }

    /** What the maker should know; empty while all is well. */
    public String words() {
        return words;
    }
}
