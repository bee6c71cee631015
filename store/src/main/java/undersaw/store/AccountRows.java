package undersaw.store;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;

/** Accounts in their table. */
final class AccountRows {
    private record Row(String number, String name, String statement, long opening, long closing) {
        Account account() {
            return new Account(
                    number, name, StatementKind.valueOf(statement), Money.ofCents(opening), Money.ofCents(closing));
        }
    }

    List<Account> read(JdbcClient client, long engagement) {
        return client.sql("""
                        select number, name, statement, opening, closing from account
                        where engagement = ? order by number""").param(engagement).query(Row.class).list().stream()
                .map(Row::account)
                .toList();
    }

    void put(JdbcClient client, long engagement, Account account) {
        client.sql("""
                        insert into account (engagement, number, name, statement, opening, closing)
                        values (?, ?, ?, ?, ?, ?)
                        on conflict (engagement, number) do update set name = excluded.name,
                        statement = excluded.statement, opening = excluded.opening, closing = excluded.closing""")
                .params(
                        engagement,
                        account.number(),
                        account.name(),
                        account.statement().name(),
                        account.opening().cents(),
                        account.closing().cents())
                .update();
    }

    /** Takes out what the new list does not have and puts the rest, so that an account that stays is not touched. */
    void replace(JdbcClient client, long engagement, List<Account> accounts) {
        Set<String> stay = accounts.stream().map(Account::number).collect(Collectors.toSet());
        read(client, engagement).stream()
                .map(Account::number)
                .filter(number -> !stay.contains(number))
                .forEach(number -> remove(client, engagement, number));
        accounts.forEach(account -> put(client, engagement, account));
    }

    void remove(JdbcClient client, long engagement, String number) {
        client.sql("delete from account where engagement = ? and number = ?")
                .params(engagement, number)
                .update();
    }
}
