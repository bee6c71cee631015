/** What a person does about themselves: begin with PasswordController. */
@org.jspecify.annotations.NullMarked
package undersaw.web.person;
