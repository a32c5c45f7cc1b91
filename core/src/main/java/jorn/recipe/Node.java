package jorn.recipe;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.function.UnaryOperator;
import jorn.art.Box;
import jorn.art.Mark;

/** A part of a page design: a row or column of further parts, or a block that draws. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Column.class, name = "column"),
    @JsonSubTypes.Type(value = RuledLines.class, name = "lines"),
    @JsonSubTypes.Type(value = TextBlock.class, name = "text"),
    @JsonSubTypes.Type(value = WritingLine.class, name = "writing-line"),
    @JsonSubTypes.Type(value = Space.class, name = "space"),
    @JsonSubTypes.Type(value = Row.class, name = "row"),
    @JsonSubTypes.Type(value = Framed.class, name = "framed"),
    @JsonSubTypes.Type(value = Guides.class, name = "guides"),
    @JsonSubTypes.Type(value = CheckList.class, name = "check-list"),
    @JsonSubTypes.Type(value = MonthGrid.class, name = "month"),
    @JsonSubTypes.Type(value = YearGrid.class, name = "year"),
    @JsonSubTypes.Type(value = DayBlock.class, name = "day"),
    @JsonSubTypes.Type(value = TimeSlots.class, name = "time-slots"),
    @JsonSubTypes.Type(value = TrackerGrid.class, name = "tracker"),
    @JsonSubTypes.Type(value = Scale.class, name = "scale"),
    @JsonSubTypes.Type(value = TableBlock.class, name = "table"),
    @JsonSubTypes.Type(value = Ornament.class, name = "ornament"),
    @JsonSubTypes.Type(value = Border.class, name = "border"),
    @JsonSubTypes.Type(value = DateLine.class, name = "date-line"),
    @JsonSubTypes.Type(value = DayCircles.class, name = "day-circles"),
    @JsonSubTypes.Type(value = WeekStrip.class, name = "week-strip"),
    @JsonSubTypes.Type(value = MoodRing.class, name = "mood"),
    @JsonSubTypes.Type(value = Priorities.class, name = "priorities"),
    @JsonSubTypes.Type(value = Quote.class, name = "quote"),
    @JsonSubTypes.Type(value = PictureBlock.class, name = "picture"),
    @JsonSubTypes.Type(value = Folio.class, name = "folio"),
    @JsonSubTypes.Type(value = RunningHead.class, name = "running-head"),
    @JsonSubTypes.Type(value = ContentsList.class, name = "contents")
})
public sealed interface Node
        permits Column,
                RuledLines,
                TextBlock,
                WritingLine,
                Space,
                Row,
                Framed,
                Guides,
                CheckList,
                MonthGrid,
                YearGrid,
                DayBlock,
                TimeSlots,
                TrackerGrid,
                Scale,
                TableBlock,
                Ornament,
                Border,
                DateLine,
                DayCircles,
                WeekStrip,
                MoodRing,
                Priorities,
                Quote,
                PictureBlock,
                Folio,
                RunningHead,
                ContentsList {
    /**
     * Draws into its area.
     *
     * @param area in points from the trim's corner
     */
    void draw(Box area, Flow flow, List<Mark> out);

    /** The height that it wants at this width, in points. */
    double naturalHeight(double width, Flow flow);

    /** Whether its art runs over the trim, so that the book needs bleed. */
    @JsonIgnore
    default boolean reachesEdge() {
        return children().stream().anyMatch(Node::reachesEdge);
    }

    /** Whether its art differs from page to page of a run. */
    @JsonIgnore
    default boolean variesByPage() {
        return children().stream().anyMatch(Node::variesByPage);
    }

    /** Whether its art depends on what the page stands for: its date, its prompt. */
    @JsonIgnore
    default boolean variesByOccasion() {
        return children().stream().anyMatch(Node::variesByOccasion);
    }

    /** The nodes inside it, in order. */
    default List<Node> children() {
        return List.of();
    }

    /**
     * The same node with others inside it.
     *
     * @param nodes as many as {@link #children} has
     */
    default Node withChildren(List<Node> nodes) {
        return this;
    }

    /** Whether it looks different on left-hand and right-hand pages, other than that it stands elsewhere. */
    default boolean variesBySide() {
        return children().stream().anyMatch(Node::variesBySide);
    }

    /** Where the nodes inside it lie, in the order of {@link #children}. */
    default List<Box> places(Box area, Flow flow) {
        return List.of();
    }

    /** This node, with the change made to every block in it. */
    default Node map(UnaryOperator<Node> change) {
        return children().isEmpty()
                ? change.apply(this)
                : withChildren(children().stream().map(n -> n.map(change)).toList());
    }
}
