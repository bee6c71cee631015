/** The register of owners: begin with OwnerRegister. */
@org.jspecify.annotations.NullMarked
package undersaw.owners;
