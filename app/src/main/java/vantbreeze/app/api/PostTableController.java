package vantbreeze.app.api;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.post.PostService;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.post.PostTables;

/** The tables of postal services: shipped ones that the maker may change, and the maker's own. */
@RestController
@RequestMapping("/api/post")
class PostTableController {

    private final StockRoom stock;

    PostTableController(StockRoom stock) {
        this.stock = stock;
    }

    @GetMapping
    List<PostTableView> tables() {
        return PostTableView.all(stock.own().post());
    }

    /** One more postal area. */
    @PostMapping
    List<PostTableView> area(@Valid @RequestBody PostCommand.NewArea asked) {
        return kept(asked.table(StockRoom.newId()));
    }

    /** One more service. */
    @PostMapping("/{area}/services")
    List<PostTableView> add(@PathVariable String area, @Valid @RequestBody PostCommand.NewService asked) {
        PostService service = asked.service(StockRoom.newId());
        return changed(area, table -> table.with(service));
    }

    /** A service with other limits, another price. */
    @PutMapping("/{area}/services/{id}")
    List<PostTableView> change(
            @PathVariable String area, @PathVariable String id, @Valid @RequestBody PostCommand.NewService asked) {
        PostService service = asked.service(known(table(area), id));
        return changed(area, table -> table.with(service));
    }

    /** Takes a service out of its table. */
    @DeleteMapping("/{area}/services/{id}")
    List<PostTableView> without(@PathVariable String area, @PathVariable String id) {
        known(table(area), id);
        return changed(area, table -> table.without(id));
    }

    /** A shipped table as it was shipped; one of the maker's own is forgotten. */
    @DeleteMapping("/{area}")
    List<PostTableView> usual(@PathVariable String area) {
        table(area);
        stock.change(own -> own.withPost(
                own.post().stream().filter(one -> !one.id().equals(area)).toList()));
        return tables();
    }

    private PostTable table(String area) {
        return PostTables.find(area, PostTables.with(stock.own().post()))
                .orElseThrow(() -> new NotHere("This postal area is not kept here any more. Look at the list again."));
    }

    private static String known(PostTable table, String service) {
        return table.find(service)
                .map(PostService::id)
                .orElseThrow(() -> new NotHere("This service is not in the table any more. Look at the list again."));
    }

    private List<PostTableView> changed(String area, UnaryOperator<PostTable> change) {
        return kept(change.apply(table(area)));
    }

    private List<PostTableView> kept(PostTable table) {
        stock.change(own -> {
            List<PostTable> all = new ArrayList<>(own.post());
            all.removeIf(one -> one.id().equals(table.id()));
            all.add(table);
            return own.withPost(all);
        });
        return tables();
    }
}
