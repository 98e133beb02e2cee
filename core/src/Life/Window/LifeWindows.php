<?php

declare(strict_types=1);

namespace NorthBough\Core\Life\Window;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Evidence\Conflict\ContestedValues;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\Vitals;

/**
 * Works out when people must, and likely did, live, from everything that is told of them, their marriages, parents and
 * children. People, events and ties are told first, in any order; then it is settled once and asked.
 */
final class LifeWindows
{
    private const CERTAIN = 0;

    private const LIKELY = 1;

    /** Days that a child may be born after its father died. */
    private const AFTER_FATHER = 300;

    /** @var array<string, int> number by person */
    private array $numbers = [];

    /** @var list<string> */
    private array $people = [];

    /** @var list<array{string, string}> sentence and event, by what bounds are told by */
    private array $told = [];

    /** @var array<string, int> of sentences without an event */
    private array $toldBy = [];

    /** @var array{BoundNetwork, BoundNetwork} */
    private array $nets;

    private bool $isSettled = false;

    /** Whether what is told just now disagrees with something else that is told of the same. */
    private bool $isContested = false;

    /** @var array<int, true> people of whom what was settled before is all that is told, by number */
    private array $isGiven = [];

    /** @param  bool  $remembers  what each bound is told by; without it a whole tree takes less room, and no chain can be told */
    public function __construct(private readonly LikelyLimits $limits, private readonly bool $remembers = true)
    {
        $this->nets = [new BoundNetwork, new BoundNetwork];
    }

    public function person(string $id): void
    {
        $this->number($id);
    }

    /**
     * What the events of one life say of when it was. Of values that disagree the one that leads counts, and as long as
     * nobody has decided between them it is likely only: nothing certain rests on a contested value.
     *
     * @param  list<Event>  $events  in hand order
     */
    public function events(string $personId, array $events): void
    {
        $contested = ContestedValues::among($events);
        $vitals = Vitals::of($events);
        foreach ($events as $event) {
            if (match (true) {
                $event->is(EventTrait::Birth) => $vitals->birth() === $event,
                $event->is(EventTrait::Death) => $vitals->death() === $event,
                default => true,
            }) {
                $this->event($personId, $event, ($contested[$event->id] ?? null) === Verdict::Contradicts);
            }
        }
    }

    /** What one event says of when somebody lived. One that did not happen, a rival or one that was ruled out says nothing. */
    public function event(string $personId, Event $event, bool $isContested = false): void
    {
        if ($event->denied || ! $event->standing->mayLead()) {
            return;
        }
        [$born, $died] = $this->variables($personId);
        $span = $event->date->span();
        if ($span === null) {
            return;
        }
        // A period bounds a life by its beginning; that it lasted to its end is likely only.
        $begin = count($event->date->readings) === 1 ? $event->date->readings[0]->begin : $span;
        $reason = $this->say($event);
        $this->isContested = $isContested;
        match (true) {
            $event->is(EventTrait::Birth) => $this->isAt($born, $span, $reason),
            $event->is(EventTrait::Death) => $this->isAt($died, $span, $reason),
            $event->is(EventTrait::SignOfBirth) => $this->baptised($born, $died, $span, $reason),
            $event->is(EventTrait::SignOfDeath) => $this->buried($died, $span, $reason),
            $event->is(EventTrait::OfTheDead) => $this->byThen($died, $span, $reason),
            $event->kind === 'will' => $this->alive($born, $died, $begin, $reason),
            default => $this->present($event, $born, $died, $begin, $span, $reason),
        };
        $this->isContested = false;
    }

    /** A record on which somebody signs, informs, witnesses or stands among those present: they lived that day. */
    public function seen(string $personId, DaySpan $day, string $says): void
    {
        [$born, $died] = $this->variables($personId);
        $this->alive($born, $died, $day, $this->sayWords($says));
    }

    /** The wedding of a union, of each of its partners: they lived that day, and were likely of age. */
    public function wed(string $personId, Event $wedding): void
    {
        $span = $wedding->denied || ! $wedding->standing->mayLead() ? null : $wedding->date->span();
        if ($span === null) {
            return;
        }
        [$born, $died] = $this->variables($personId);
        $reason = $this->say($wedding);
        $this->alive($born, $died, $span, $reason);
        if ($span->latest !== null) {
            $this->nets[self::LIKELY]->notAfter($born, $span->latest - LikelyLimits::days($this->limits->wedFrom), $reason);
        }
    }

    /** What was settled before of somebody, of whom nothing else is told here. */
    public function given(string $personId, Bounds $bounds): void
    {
        $reason = $this->sayWords('It was settled before.');
        $this->isGiven[$this->number($personId)] = true;
        foreach ($this->nets as $at => $net) {
            foreach ($this->variables($personId) as $which => $variable) {
                [$lowest, $highest] = [$bounds->days[4 * $at + 2 * $which], $bounds->days[4 * $at + 2 * $which + 1]];
                $lowest === null || $net->notBefore($variable, $lowest, $reason);
                $highest === null || $net->notAfter($variable, $highest, $reason);
            }
        }
    }

    /** A child by birth of a parent. */
    public function parent(string $childId, string $parentId, Sex $sex): void
    {
        [$childBorn] = $this->variables($childId);
        [$parentBorn, $parentDied] = $this->variables($parentId);
        $isMother = $sex === Sex::Female;
        $alive = $this->sayWords($isMother ? 'A mother lives at the birth of her child.'
            : 'A child is born within ten months of its father’s death.');
        $younger = $this->sayWords('A child is born after its parent.');
        foreach ($this->nets as $net) {
            $net->after($childBorn, $parentBorn, 1, $younger);
            $net->after($parentDied, $childBorn, $isMother ? 0 : -self::AFTER_FATHER, $alive);
        }
        [$from, $to] = match ($sex) {
            Sex::Female => [$this->limits->motherFrom, $this->limits->motherTo],
            Sex::Male => [$this->limits->fatherFrom, $this->limits->fatherTo],
            default => [min($this->limits->motherFrom, $this->limits->fatherFrom), max($this->limits->motherTo, $this->limits->fatherTo)],
        };
        $word = $isMother ? 'A mother' : 'A parent';
        $this->nets[self::LIKELY]->after($childBorn, $parentBorn, LikelyLimits::days($from),
            $this->sayWords("{$word} is seldom under {$from}."));
        $this->nets[self::LIKELY]->after($parentBorn, $childBorn, -LikelyLimits::days($to + 1),
            $this->sayWords("{$word} is seldom over {$to}."));
    }

    public function settle(): void
    {
        if ($this->isSettled) {
            return;
        }
        $order = $this->sayWords('Nobody dies before they are born.');
        $long = $this->sayWords("Few live longer than {$this->limits->longestLife} years.");
        foreach (array_keys($this->people) as $number) {
            if (isset($this->isGiven[$number])) {
                continue;
            }
            foreach ($this->nets as $net) {
                $net->after(2 * $number + 1, 2 * $number, 0, $order);
            }
            $this->nets[self::LIKELY]->after(2 * $number, 2 * $number + 1, -LikelyLimits::days($this->limits->longestLife + 1), $long);
        }
        foreach ($this->nets as $net) {
            $net->settle();
        }
        $this->isSettled = true;
    }

    public function of(string $personId): LifeWindow
    {
        return $this->bounds($personId)->window();
    }

    public function bounds(string $personId): Bounds
    {
        $this->settle();
        $days = [];
        foreach ($this->nets as $net) {
            foreach ($this->variables($personId) as $variable) {
                array_push($days, $net->lowest($variable), $net->highest($variable));
            }
        }

        return new Bounds($days);
    }

    /** @return list<string> the people from whom bounds of this one come at first hand */
    public function sources(string $personId): array
    {
        $this->settle();
        $number = $this->number($personId);
        $from = [];
        foreach ($this->nets as $net) {
            foreach ([true, false] as $isLowest) {
                foreach ($this->variables($personId) as $variable) {
                    // A death that follows from one's own birth follows from what that follows from; not more than once.
                    for ($turn = 0; $turn < 2 && intdiv($variable, 2) === $number; $turn++) {
                        $variable = $net->pushedFrom($variable, $isLowest);
                        if ($variable === BoundNetwork::NONE) {
                            break;
                        }
                    }
                    if ($variable !== BoundNetwork::NONE && intdiv($variable, 2) !== $number) {
                        $from[intdiv($variable, 2)] = true;
                    }
                }
            }
        }

        return array_map(fn (int $at): string => $this->people[$at], array_keys($from));
    }

    /** @return list<InferenceStep> from what is told to the bound itself; none where that side is open */
    public function why(string $personId, bool $isBirth, bool $isEarliest, bool $isCertain): array
    {
        $this->settle();
        $variable = $this->variables($personId)[$isBirth ? 0 : 1];

        return array_map(
            fn (array $link): InferenceStep => new InferenceStep($this->people[intdiv($link[0], 2)], $link[0] % 2 === 0, $link[1],
                ...$this->told[$link[2]]),
            $this->nets[$isCertain ? self::CERTAIN : self::LIKELY]->chain($variable, $isEarliest));
    }

    /** Only an edge that the words fix is certain; an allowance of ours is likely. */
    private function notBefore(int $variable, DaySpan $span, int $reason): void
    {
        if ($span->earliest !== null) {
            $span->softBefore === 0 && ! $this->isContested && $this->nets[self::CERTAIN]->notBefore($variable, $span->earliest, $reason);
            $this->nets[self::LIKELY]->notBefore($variable, $span->earliest, $reason);
        }
    }

    private function notAfter(int $variable, DaySpan $span, int $reason): void
    {
        if ($span->latest !== null) {
            $span->softAfter === 0 && ! $this->isContested && $this->nets[self::CERTAIN]->notAfter($variable, $span->latest, $reason);
            $this->nets[self::LIKELY]->notAfter($variable, $span->latest, $reason);
        }
    }

    private function isAt(int $variable, DaySpan $span, int $reason): void
    {
        $this->notBefore($variable, $span, $reason);
        $this->notAfter($variable, $span, $reason);
    }

    private function alive(int $born, int $died, DaySpan $span, int $reason): void
    {
        $this->notAfter($born, $span, $reason);
        $this->notBefore($died, $span, $reason);
    }

    private function baptised(int $born, int $died, DaySpan $span, int $reason): void
    {
        $this->alive($born, $died, $span, $reason);
        if ($span->earliest !== null) {
            $this->nets[self::LIKELY]->notBefore($born, $span->earliest - LikelyLimits::days($this->limits->baptisedWithin), $reason);
        }
    }

    private function buried(int $died, DaySpan $span, int $reason): void
    {
        $this->byThen($died, $span, $reason);
        if ($span->earliest !== null) {
            $this->nets[self::LIKELY]->notBefore($died, $span->earliest - 30, $reason);
        }
    }

    private function byThen(int $variable, DaySpan $span, int $reason): void
    {
        $this->notAfter($variable, $span, $reason);
    }

    private function present(Event $event, int $born, int $died, DaySpan $begin, DaySpan $span, int $reason): void
    {
        $this->alive($born, $died, $begin, $reason);
        if ($span->latest !== null && $begin->latest !== null && $span->latest > $begin->latest && count($event->date->readings) === 1) {
            $this->nets[self::LIKELY]->notBefore($died, $event->date->readings[0]->end->earliest ?? $begin->latest, $reason);
        }
        if ($event->kind === 'occupation' && $begin->latest !== null) {
            $this->nets[self::LIKELY]->notAfter($born, $begin->latest - LikelyLimits::days($this->limits->workFrom), $reason);
        }
    }

    /** @return array{int, int} birth and death */
    private function variables(string $personId): array
    {
        $number = $this->number($personId);

        return [2 * $number, 2 * $number + 1];
    }

    private function number(string $personId): int
    {
        if (! isset($this->numbers[$personId])) {
            $this->numbers[$personId] = count($this->people);
            $this->people[] = $personId;
        }

        return $this->numbers[$personId];
    }

    private function say(Event $event): int
    {
        if (! $this->remembers) {
            return 0;
        }
        $this->told[] = ["{$event->word()} {$event->date->shown}", $event->id];

        return count($this->told) - 1;
    }

    private function sayWords(string $words): int
    {
        if (! isset($this->toldBy[$words])) {
            $this->told[] = [$words, ''];
            $this->toldBy[$words] = count($this->told) - 1;
        }

        return $this->toldBy[$words];
    }
}
