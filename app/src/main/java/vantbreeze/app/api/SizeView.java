package vantbreeze.app.api;

import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** Width by height, as shown. */
public record SizeView(FigureView width, FigureView height) {

    static SizeView of(Size size, Ruler ruler) {
        return new SizeView(FigureView.of(size.width(), ruler), FigureView.of(size.height(), ruler));
    }
}
