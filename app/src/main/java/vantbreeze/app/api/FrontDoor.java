package vantbreeze.app.api;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Addresses that the front end itself reads all lead to its one page. */
@Controller
class FrontDoor {

    @GetMapping({
        "/card/{id}",
        "/card/{id}/table",
        "/card/{id}/wrap",
        "/card/{id}/send",
        "/card/{id}/table/cut",
        "/card/{id}/layers",
        "/card/{id}/cut",
        "/shelf",
        "/recipe",
        "/tools",
        "/tools/allowances",
        "/tools/post",
        "/safe-keeping"
    })
    String page() {
        return "forward:/index.html";
    }
}
