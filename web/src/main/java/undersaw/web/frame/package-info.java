/** Layout, sign-in, formats for templates and the jump box: begin with EngagementHead, Figure and SecurityRules. */
@org.jspecify.annotations.NullMarked
package undersaw.web.frame;
