package wideharbor.core.catalog;

import wideharbor.core.quantity.Figure;

/** What keeps pictures. */
public interface MediaFacet extends Facet {
    /**
     * A card.
     *
     * @param gigabytes of 10⁹ bytes
     * @param writeMegabytes that it writes in a second as long as it goes on, not at its best
     */
    record Card(Figure gigabytes, Figure writeMegabytes) implements MediaFacet {
        public Card {
            Figure.notNegative("Size of a card in GB", gigabytes);
            Figure.notNegative("Sustained MB/s of a card", writeMegabytes);
        }
    }
}
