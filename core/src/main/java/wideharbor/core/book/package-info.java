/** What goes along on paper: the prep book, sheet by sheet, and a card for each who works with the package. */
@org.jspecify.annotations.NullMarked
package wideharbor.core.book;
