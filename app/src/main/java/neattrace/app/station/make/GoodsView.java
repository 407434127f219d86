package neattrace.app.station.make;

import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Region;
import neattrace.goods.made.MadeGoods;

/** Finished goods over the table: their pages as they come out. */
final class GoodsView extends Region {

    private final ImageView picture = new ImageView();
    private final ReadOnlyDoubleWrapper scale = new ReadOnlyDoubleWrapper();
    private MadeGoods made;

    GoodsView() {
        getStyleClass().add("goods-view");
        setId("goods-view");
        picture.setManaged(false);
        getChildren().add(picture);
        widthProperty().addListener(property -> paint());
        heightProperty().addListener(property -> paint());
    }

    /** Pixels for each mm of the finished thing; 0 as long as nothing is seen. */
    ReadOnlyDoubleProperty scaleProperty() {
        return scale.getReadOnlyProperty();
    }

    /** Shows goods. */
    void show(MadeGoods goods) {
        made = goods;
        paint();
    }

    private void paint() {
        int width = (int) getWidth();
        int height = (int) getHeight();
        MadeGoods now = made;
        if (now == null || width < 80 || height < 80) {
            return;
        }
        setAccessibleText(String.join(" ", now.told()));
        CompletableFuture.supplyAsync(() -> PagesPicture.of(now, width, height))
                .thenAccept(
                        done ->
                                Platform.runLater(
                                        () -> {
                                            if (now == made && done.width() == (int) getWidth()) {
                                                picture.setImage(done.image());
                                                scale.set(done.scale());
                                            }
                                        }));
    }
}
