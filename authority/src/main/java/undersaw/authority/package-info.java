/** A simulated tax authority that answers over HTTP: begin with AuthorityServer, BusinessRules and Submissions. */
@org.jspecify.annotations.NullMarked
package undersaw.authority;
