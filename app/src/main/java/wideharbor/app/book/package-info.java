/** The prep book and the crew's cards, as documents. */
@org.jspecify.annotations.NullMarked
package wideharbor.app.book;
