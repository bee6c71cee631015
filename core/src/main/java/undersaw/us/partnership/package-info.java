/** The partnership return, Form 1065: begin with PartnershipReturn and PartnershipForms. */
@org.jspecify.annotations.NullMarked
package undersaw.us.partnership;
