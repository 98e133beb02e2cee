<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

use Closure;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Life\LifeOrder;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;

/**
 * A life in sentences, a paragraph for its beginning, its course, each couple and its end. What was ruled out is left out, and so is
 * what rivals a leading fact: that belongs into the notes.
 */
final class Life
{
    /** @var list<list<StyledWords>> */
    private array $paragraphs = [];

    /** @var list<StyledWords> of the paragraph that is being written */
    private array $words = [];

    /**
     * @param  Closure(Event): list<StyledWords>  $marks  of the notes that an event calls for
     * @param  bool  $withChildren  each couple's children are named
     */
    private function __construct(
        private readonly Person $person,
        private readonly LifeKin $kin,
        private readonly Teller $teller,
        private readonly Closure $marks,
        private readonly bool $withChildren,
    ) {
    }

    /**
     * @param  Closure(Event): list<StyledWords>  $marks  of the notes that an event calls for
     * @return list<list<StyledWords>> paragraphs; the first begins with the name
     */
    public static function of(Person $person, LifeKin $kin, Teller $teller, Closure $marks, bool $withChildren = true): array
    {
        $life = new self($person, $kin, $teller, $marks, $withChildren);

        return $life->told();
    }

    /** @return list<list<StyledWords>> */
    private function told(): array
    {
        $events = LifeOrder::sorted(array_values(array_filter($this->person->events, $this->isTold(...))));
        $is = static fn (Event $event, EventTrait ...$traits): bool => array_filter($traits, $event->is(...)) !== [];
        $begins = array_values(array_filter($events, static fn (Event $event): bool => $is($event, EventTrait::Birth,
            EventTrait::SignOfBirth)));
        $ends = array_values(array_filter($events, static fn (Event $event): bool => $is($event, EventTrait::Death, EventTrait::OfTheDead,
            EventTrait::SignOfDeath)));
        $between = array_values(array_filter($events, static fn (Event $event): bool => ! in_array($event, $begins, true)
            && ! in_array($event, $ends, true)));

        $this->beginning($begins);
        $this->close();
        $this->sentences($between);
        $this->close();
        foreach ($this->kin->unionsOf($this->person->id) as $at => $union) {
            $this->couple($union, $at, count($this->kin->unionsOf($this->person->id)));
            $this->close();
        }
        $this->sentences($ends);
        $this->close();

        return $this->paragraphs === [] ? [[StyledWords::plain('Of '), Teller::name($this->person),
            StyledWords::plain(' nothing is known but the name.')]]
            : $this->paragraphs;
    }

    /** Rivals stand in notes, and what was ruled out nowhere. */
    private function isTold(Event $event): bool
    {
        return match ($event->standing) {
            Standing::RuledOut, Standing::Rival => false,
            Standing::Accepted => true,
            Standing::Unweighed => ! $event->isSingle() || $event->denied
                || Event::leadingAmong(array_filter($this->person->events, $event->isOfKindOf(...)))?->id === $event->id,
        };
    }

    /** @param  list<Event>  $events */
    private function beginning(array $events): void
    {
        $parents = $this->childOf();
        $birth = $events[0] ?? null;
        $clause = $birth === null ? [] : $this->clause($birth, $this->he());
        if ($clause === []) {
            if ($parents !== []) {
                $this->say([...$this->he(), StyledWords::plain(' was '), ...$parents], []);
            }
        } else {
            $this->say([...$clause, ...$parents === [] ? [] : [StyledWords::plain(', '), ...$parents], ...WhoTookPart::words($birth,
                $this->person, $this->kin)],
                $this->marksOf($birth));
        }
        $this->sentences($clause === [] ? $events : array_slice($events, 1));
    }

    /** @return list<StyledWords> the son of A and B; none where no parent is known */
    private function childOf(): array
    {
        $parents = $this->kin->parentsOf($this->person->id);
        $set = $this->kin->parents($this->person->id);
        if ($parents === [] || $set === null) {
            return [];
        }
        $child = match ($this->person->sex) {
            Sex::Male => 'son',
            Sex::Female => 'daughter',
            Sex::Other, Sex::Unknown => 'child',
        };
        $how = match ($set->kind()) {
            ParentageKind::Birth => '',
            ParentageKind::Adoptive => 'adopted ',
            ParentageKind::Foster => 'foster ',
            ParentageKind::Guardian, ParentageKind::Recognised, ParentageKind::Other => $set->kind()->adjective(),
        };
        $isOpen = array_filter($parents, static fn (array $parent): bool => $parent[0]->isUnproved()) !== [];

        return [StyledWords::plain(($isOpen ? 'it is thought the ' : 'the ').$how.$child.' of '),
            ...Teller::list(array_map(static fn (array $parent): array => [Teller::name($parent[1])], $parents))];
    }

    /** @param  list<Event>  $events */
    private function sentences(array $events): void
    {
        for ($at = 0; $at < count($events); $at++) {
            $clause = $this->whole($events[$at], $this->he());
            $marks = $this->marksOf($events[$at]);
            while ($clause !== [] && isset($events[$at + 1]) && self::areOfOneKind($events[$at], $events[$at + 1])) {
                $more = $this->teller->again($events[$at + 1], $events[$at]);
                $isLast = ! isset($events[$at + 2]) || ! self::areOfOneKind($events[$at + 1], $events[$at + 2]);
                $clause = [...$clause, ...$marks, StyledWords::plain($isLast ? ' and ' : ', '), ...$more];
                $marks = $this->marksOf($events[++$at]);
            }
            // What happened to somebody twice in the same way is one sentence: he died …, and was buried ….
            $next = $events[$at + 1] ?? null;
            if ($clause !== [] && $next !== null && $this->areOneSentence($events[$at], $next)) {
                $second = $this->whole($next, []);
                if ($second !== []) {
                    $clause = [...$clause, ...$marks, StyledWords::plain(' and'), ...$second];
                    $marks = $this->marksOf($next);
                    $at++;
                }
            }
            $this->say($clause, $marks);
        }
    }

    /** Where somebody lived or was counted one time after another is one sentence. */
    private static function areOfOneKind(Event $one, Event $other): bool
    {
        return in_array($one->kind, ['residence', 'census'], true) && $one->kind === $other->kind && ! $one->denied && ! $other->denied
            && trim($one->value.$other->value) === '' && ! $other->date->isEmpty() && $one->place !== '' && $other->place !== '';
    }

    private function areOneSentence(Event $one, Event $other): bool
    {
        return $this->kin->rolesAt($one->id) === [] && ! $one->denied && ! $other->denied && $one->is(EventTrait::Death)
            && $other->is(EventTrait::SignOfDeath)
            && $other->custom->sentence === '';
    }

    private function couple(Union $union, int $at, int $count): void
    {
        $partners = $this->kin->partners($union, $this->person->id);
        $with = Teller::list(array_map(static fn (Person $partner): array => [Teller::name($partner)], $partners));
        $events = LifeOrder::sorted(array_values(array_filter($union->events,
            static fn (Event $event): bool => ! in_array($event->standing, [Standing::RuledOut, Standing::Rival], true))));
        $isMarried = array_filter($events, static fn (Event $event): bool => $event->kind === 'marriage') !== [];
        if (! $isMarried && $with !== []) {
            $this->say([...$this->he(), StyledWords::plain($union->isUnproved() ? ' is said to have been the partner of '
                : ' was the partner of '), ...$with], []);
        }
        foreach ($events as $event) {
            $clause = $this->whole($event, $this->he(), $with);
            if ($event->kind === 'marriage' && ! $event->denied && $count > 1 && $clause !== []) {
                $clause = self::ordinal($clause, $at);
            }
            $this->say($clause, $this->marksOf($event));
            $with = $with === [] ? [] : [StyledWords::plain(self::them($partners))];
        }
        $this->children($union, $partners, $isMarried || $partners !== []);
    }

    /**
     * "Married first", "married secondly": after the verb, where somebody married more than once.
     *
     * @param  list<StyledWords>  $clause
     * @return list<StyledWords>
     */
    private static function ordinal(array $clause, int $at): array
    {
        $word = ['first', 'secondly', 'thirdly', 'fourthly', 'fifthly', 'sixthly'][$at] ?? 'then';
        foreach ($clause as $place => $part) {
            if (str_starts_with(ltrim($part->text), 'married')) {
                $clause[$place] = $part->saying(str_replace('married', "married {$word}", $part->text));

                return $clause;
            }
        }

        return $clause;
    }

    /** @param  list<Person>  $partners */
    private function children(Union $union, array $partners, bool $isCouple): void
    {
        $children = $this->withChildren ? $this->kin->children($union, $this->person->id) : [];
        if ($children === []) {
            return;
        }
        $who = match (true) {
            $partners !== [] => [StyledWords::plain('They')],
            default => $this->he(),
        };
        $count = count($children);
        $names = Teller::list(array_map(self::child(...), $children));
        $this->say([...$who, StyledWords::plain($count === 1 ? ' had a child, ' : ' had '.self::number($count).' children: '), ...$names],
            []);
    }

    /** @return list<StyledWords> Ewan, born 1732 */
    private static function child(Person $child): array
    {
        $beginning = $child->vitals()->beginning();
        $year = $beginning === null ? '' : self::year($beginning);

        return [StyledWords::person(Teller::given($child), $child->id), ...$year === '' ? [] : [StyledWords::plain(" ({$year})")]];
    }

    /** "1732", "about 1737", "chr. 1732": the year alone of a date that gives one. */
    private static function year(Event $event): string
    {
        $shown = preg_match('/\b(\d{3,4}(?:\/\d{1,2})?)$/u', $event->date->shown, $year) === 1 ? $year[1] : '';
        $loose = preg_match('/^(about|before|after|by|since|estimated|calculated)\b/u', $event->date->shown, $word) === 1 ? "{$word[1]} "
            : '';
        $mark = $event->mark() === '' ? '' : "{$event->mark()} ";

        return str_contains($event->date->shown, ' and ') || str_contains($event->date->shown, ' or ') ? $mark.$event->date->shown
            : ($shown === '' ? '' : $mark.$loose.$shown);
    }

    /** @param  list<Person>  $partners */
    private static function them(array $partners): string
    {
        return count($partners) === 1 ? Teller::pronoun($partners[0])->object : 'them';
    }

    private static function number(int $count): string
    {
        return ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven',
            'twelve'][$count] ?? (string) $count;
    }

    /** @return list<StyledWords> the whole name at the beginning of all, the given one at that of a paragraph, then the pronoun */
    private function he(): array
    {
        return match (true) {
            $this->paragraphs === [] && $this->words === [] => $this->named(),
            $this->words === [] => [StyledWords::person(Teller::given($this->person), $this->person->id)],
            default => [StyledWords::plain(Teller::pronoun($this->person)->subject)],
        };
    }

    /** @return list<StyledWords> */
    private function named(): array
    {
        return [Teller::name($this->person)];
    }

    /**
     * @param  list<StyledWords>  $he
     * @param  list<StyledWords>  $partner
     * @return list<StyledWords>
     */
    private function clause(Event $event, array $he, array $partner = []): array
    {
        return $this->teller->clause($event, $this->person, $he === [] ? [StyledWords::plain('')] : $he, $partner);
    }

    /**
     * The same with whoever had a part in it.
     *
     * @param  list<StyledWords>  $he
     * @param  list<StyledWords>  $partner
     * @return list<StyledWords>
     */
    private function whole(Event $event, array $he, array $partner = []): array
    {
        $clause = $this->clause($event, $he, $partner);

        return $clause === [] ? [] : [...$clause, ...WhoTookPart::words($event, $this->person, $this->kin)];
    }

    /** @return list<StyledWords> */
    private function marksOf(Event $event): array
    {
        return ($this->marks)($event);
    }

    /**
     * @param  list<StyledWords>  $clause
     * @param  list<StyledWords>  $marks
     */
    private function say(array $clause, array $marks): void
    {
        if ($clause !== []) {
            array_push($this->words, ...$this->words === [] ? [] : [StyledWords::plain(' ')], ...Teller::sentence($clause), ...$marks);
        }
    }

    private function close(): void
    {
        if ($this->words !== []) {
            $this->paragraphs[] = $this->words;
            $this->words = [];
        }
    }
}
