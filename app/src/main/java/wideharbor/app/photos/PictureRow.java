package wideharbor.app.photos;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "photo_picture")
class PictureRow {
    @Id
    @Column(name = "photo_id", columnDefinition = "char(36)")
    private String photo = "";

    @Column(columnDefinition = "mediumblob")
    private byte[] picture = {};

    @Column(columnDefinition = "mediumblob")
    private byte[] small = {};

    protected PictureRow() {}

    PictureRow(String photo, Picture picture) {
        this.photo = photo;
        this.picture = picture.large();
        this.small = picture.small();
    }

    String photo() {
        return photo;
    }

    byte[] picture() {
        return picture;
    }
}
