<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Trees\Loading\DatabaseTree;
use App\Trees\Places\Gazetteers;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Compare\GazetteerPlaces;
use NorthBough\Core\Evidence\Conflict\Conflict;
use NorthBough\Core\Evidence\Conflict\Conflicts;
use NorthBough\Core\Evidence\Conflict\ConflictSubject;
use NorthBough\Core\Place\Gazetteer;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;

/** Loads what the conflicts of some people are looked for in, no more than each needs, and finds them. */
final readonly class ConflictSubjects
{
    public function __construct(
        private CurrentTree $current,
        private DatabaseTree $tree,
        private Gazetteers $gazetteers,
        private StatedSex $toldSex,
    ) {
    }

    /**
     * Whoever is told nothing twice costs no more than a share of one query.
     *
     * @param  list<string>  $personIds
     * @param  bool  $withParents  whether parents are looked at too
     * @param  bool  $withSex  whether it is looked at what lines say of the sex
     * @return array<string, list<Conflict>> by person; whoever has none is missing
     */
    public function conflicts(array $personIds, bool $withParents = true, bool $withSex = true): array
    {
        $events = $this->tree->eventsOf($personIds);
        $sets = $withParents ? array_filter($this->tree->parentSets($personIds), static fn (array $sets): bool => count($sets) > 1) : [];
        $wed = array_values(array_filter($personIds, static fn (string $id): bool => self::mayMeetAWedding($events[$id] ?? [])));
        $unions = $wed === [] ? [] : $this->tree->unionsOf($wed);
        $sexes = $withSex ? $this->toldSex->against($personIds) : [];
        $found = [];
        foreach ($personIds as $id) {
            $own = $events[$id] ?? [];
            if (! isset($unions[$id]) && ! isset($sets[$id]) && ! isset($sexes[$id]) && ! self::isToldTwice($own)) {
                continue;
            }
            $subject = new ConflictSubject(new Person($id, 0, $sexes[$id]['sex'] ?? Sex::Unknown, [], $own), $unions[$id] ?? [],
                $sets[$id] ?? [], $this->sexes($sets[$id] ?? []), $sexes[$id]['told'] ?? []);
            $conflicts = Conflicts::of($subject,
                GazetteerPlaces::lazily(fn (): Gazetteer => $this->gazetteers->bearing(...self::places($subject))));
            if ($conflicts !== []) {
                $found[$id] = $conflicts;
            }
        }

        return $found;
    }

    /** How a fact contradicts the accepted one of its kind; null where it does not. */
    public function againstAccepted(string $personId, string $factId): ?Conflict
    {
        $events = array_column($this->tree->eventsOf([$personId])[$personId] ?? [], null, 'id');
        $fact = $events[$factId] ?? null;
        $two = array_map(static fn (Event $event): Event => $event->onOtherFooting(Standing::Unweighed, []),
            array_values(array_filter($events,
                static fn (Event $event): bool => $event === $fact
                    || ($event->kind === $fact?->kind && $event->standing === Standing::Accepted))));
        $subject = new ConflictSubject(new Person($personId, 0, Sex::Unknown, [], $two), [], [], []);
        $found = Conflicts::of($subject,
            GazetteerPlaces::lazily(fn (): Gazetteer => $this->gazetteers->bearing(...self::places($subject))));

        return $found !== [] && $found[0]->isHard() ? $found[0] : null;
    }

    /** @param  list<Event>  $events */
    private static function isToldTwice(array $events): bool
    {
        $kinds = array_count_values(array_map(static fn (Event $event): string => $event->kind, $events));
        $days = array_filter(array_map(static fn (Event $event): ?int => $event->date->span()?->earliest, $events),
            static fn (?int $day): bool => $day !== null);

        return ($kinds['birth'] ?? 0) > 1 || ($kinds['death'] ?? 0) > 1 || count(array_unique($days)) < count($days);
    }

    /**
     * A denial, or a census, stands against what is told of a couple too.
     *
     * @param  list<Event>  $events
     */
    private static function mayMeetAWedding(array $events): bool
    {
        return array_filter($events, static fn (Event $event): bool => $event->denied || $event->kind === 'census') !== [];
    }

    /**
     * @param  list<\NorthBough\Core\Tree\ParentSet>  $sets
     * @return array<string, Sex> of the parents, by id
     */
    private function sexes(array $sets): array
    {
        $ids = [];
        foreach ($sets as $set) {
            array_push($ids, ...array_map(static fn ($tie): string => $tie->personId, $set->parents));
        }

        return $ids === [] ? []
            : array_map(Sex::from(...), DB::table('people')->where('tree_id', $this->current->id())->whereIn('id', array_unique($ids))
                ->pluck('sex', 'id')->all());
    }

    /** @return list<string> */
    private static function places(ConflictSubject $subject): array
    {
        $events = [$subject->person->events, ...array_map(static fn (Union $union): array => $union->events, $subject->unions)];

        return array_values(
            array_unique(array_filter(array_map(static fn (Event $event): string => $event->place, array_merge(...$events)))));
    }
}
