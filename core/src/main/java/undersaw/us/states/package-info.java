/** States of the United States: where an entity is taxable, and what part of its income belongs to each. */
@org.jspecify.annotations.NullMarked
package undersaw.us.states;
