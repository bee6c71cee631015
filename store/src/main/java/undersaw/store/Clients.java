package undersaw.store;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient.StatementSpec;
import undersaw.engagement.Activity;
import undersaw.engagement.Address;
import undersaw.engagement.Client;
import undersaw.engagement.Contact;
import undersaw.engagement.TaxpayerNumber;

/** Clients, each entered once. */
final class Clients {
    private final Database database;

    Clients(Database database) {
        this.database = database;
    }

    private record Row(
            String name,
            String number,
            String line1,
            String line2,
            String city,
            String region,
            String postalCode,
            String country,
            @Nullable String formed,
            String formedIn,
            String activityCode,
            String activity,
            String product,
            String contactName,
            String contactTitle,
            String contactPhone,
            String contactEmail) {
        Client client() {
            return new Client(
                    name,
                    new TaxpayerNumber(number),
                    new Address(line1, line2, city, region, postalCode, country),
                    formed == null ? null : LocalDate.parse(formed),
                    formedIn,
                    new Activity(activityCode, activity, product),
                    new Contact(contactName, contactTitle, contactPhone, contactEmail));
        }
    }

    Client find(long id) {
        return database.read().sql("""
                        select name, number, line1, line2, city, region, postal_code, country, formed, formed_in,
                          activity_code, activity, product, contact_name, contact_title, contact_phone, contact_email
                        from client where id = ?""").param(id).query(Row.class).single().client();
    }

    Optional<Long> byNumber(String number) {
        return database.read()
                .sql("select id from client where number = ?")
                .param(number)
                .query(Long.class)
                .optional();
    }

    long add(Client client) {
        return bound("""
                        insert into client (name, number, line1, line2, city, region, postal_code, country, formed,
                          formed_in, activity_code, activity, product, contact_name, contact_title, contact_phone,
                          contact_email)
                        values (:name, :number, :line1, :line2, :city, :region, :postal, :country, :formed, :formedIn,
                          :code, :activity, :product, :contact, :title, :phone, :email) returning id""", client).query(Long.class).single();
    }

    void update(long id, Client client) {
        bound("""
                        update client set name = :name, number = :number, line1 = :line1, line2 = :line2, city = :city,
                          region = :region, postal_code = :postal, country = :country, formed = :formed,
                          formed_in = :formedIn, activity_code = :code, activity = :activity, product = :product,
                          contact_name = :contact, contact_title = :title, contact_phone = :phone,
                          contact_email = :email
                        where id = :id""", client).param("id", id).update();
    }

    private StatementSpec bound(String sql, Client client) {
        return database.write()
                .sql(sql)
                .param("name", client.name())
                .param("number", client.number().digits())
                .param("line1", client.address().line1())
                .param("line2", client.address().line2())
                .param("city", client.address().city())
                .param("region", client.address().region())
                .param("postal", client.address().postalCode())
                .param("country", client.address().country())
                .param(
                        "formed",
                        client.formed() == null ? null : client.formed().toString())
                .param("formedIn", client.formedIn())
                .param("code", client.activity().code())
                .param("activity", client.activity().activity())
                .param("product", client.activity().product())
                .param("contact", client.contact().name())
                .param("title", client.contact().title())
                .param("phone", client.contact().phone())
                .param("email", client.contact().email());
    }
}
