package vantbreeze.core.recipe;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * A recipe with one figure read as what it may have been.
 *
 * @param change of the figure
 * @param by how much was wrong: how much longer or shorter the figure is then, or a piece along its scored side where
 *     that is less; null of a count
 * @param asTold its pieces then, with only what the recipe says of them
 * @param finished how large it says that it shall be closed, or null
 * @param mats it asks for then
 */
public record Slip(OneNumber change, @Nullable Length by, Assembly asTold, @Nullable Size finished, List<Mat> mats) {}
