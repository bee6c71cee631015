/** The client's books: begin with Account, Mapping and Treatment. */
@org.jspecify.annotations.NullMarked
package undersaw.ledger;
