package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import jorn.measure.Trouble;

/**
 * How a book is sold.
 *
 * @param channels ids of the ways to buyers that are used beside a press's own shop
 * @param stationery whether it is taxed as stationery, such as a notebook without text, and not as a book; by what the book is where
 *     absent
 * @param taxes rates of the sales tax that list prices contain, by market id, in per cent, 0 to 100; those of the press's profile
 *     where there is none
 * @param contributors who made it beside the author
 * @param read ids of the reminders that the user has read
 * @param sent what was handed over, the first parcel first
 * @param orders what copy shops were told to make, the first order first
 */
@RecordBuilder
public record Selling(
        Set<String> channels,
        Optional<Boolean> stationery,
        Map<String, Double> taxes,
        List<Contributor> contributors,
        Set<String> read,
        List<SentParcel> sent,
        List<KeptOrder> orders)
        implements SellingBuilder.With {
    /** In a press's own shop alone, taxed by what the book is. */
    public static final Selling CUSTOMARY =
            new Selling(Set.of(), Optional.empty(), Map.of(), List.of(), Set.of(), List.of(), List.of());

    private static final double MOST_TAX = 100;

    public Selling {
        channels = channels == null ? Set.of() : Collections.unmodifiableSet(new TreeSet<>(channels));
        stationery = stationery == null ? Optional.empty() : stationery;
        taxes = taxes == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(taxes));
        contributors = contributors == null ? List.of() : List.copyOf(contributors);
        read = read == null ? Set.of() : Collections.unmodifiableSet(new TreeSet<>(read));
        sent = sent == null ? List.of() : List.copyOf(sent);
        orders = orders == null ? List.of() : List.copyOf(orders);
        taxes.forEach((market, rate) -> {
            if (!(rate >= 0) || rate > MOST_TAX) {
                throw Trouble.of("book.selling.tax-out-range", rate, market);
            }
        });
    }

    /** Also, or no longer, by another way. */
    public Selling withChannel(String id, boolean used) {
        Set<String> now = new TreeSet<>(channels);
        if (used) {
            now.add(id);
        } else {
            now.remove(id);
        }
        return withChannels(now);
    }

    /** With one more parcel handed over. */
    public Selling withParcel(SentParcel parcel) {
        List<SentParcel> now = new ArrayList<>(sent);
        now.add(parcel);
        return withSent(now);
    }

    /** With one more order given to a copy shop. */
    public Selling withOrder(KeptOrder order) {
        List<KeptOrder> now = new ArrayList<>(orders);
        now.add(order);
        return withOrders(now);
    }

    /** With one more reminder read. */
    public Selling withReminderRead(String id) {
        Set<String> now = new TreeSet<>(read);
        now.add(id);
        return withRead(now);
    }

    /** With the rate of one market, or the press's again. */
    public Selling withTax(String market, Optional<Double> rate) {
        return withTaxes(Plans.changed(taxes, market, rate));
    }
}
