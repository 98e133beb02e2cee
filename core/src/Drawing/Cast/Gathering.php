<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Cast;

use NorthBough\Core\Drawing\Boxes\Waiting;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/**
 * Gathers whom a drawing shows, a generation at a time: up, down and to the partners, past whoever is hidden by hand
 * and not through a hidden branch; last comes whom the hand brought in.
 */
final class Gathering
{
    /** @var array<string, true> whom the drawing shows, in the order in which they were met */
    private array $shown = [];

    /** @var array<string, true> from whom the lines up, or down, belong into the drawing */
    private array $upFrom = [];

    /** @var array<string, true> */
    private array $downFrom = [];

    /** @var array<string, list<ParentSet>> by child; nothing that was ruled out */
    private array $sets = [];

    /** @var array<string, list<Union>> */
    private array $unions = [];

    public function __construct(
        private readonly TreeView $tree,
        private readonly Handwork $handwork,
        private readonly ParentSets $which = ParentSets::All,
    ) {
    }

    /**
     * The people themselves and their ancestors.
     *
     * @param  list<string>  $ids
     * @param  int  $generations  above them; 0 is none
     * @return list<list<string>> by generation, theirs first
     */
    public function up(array $ids, int $generations): array
    {
        $rows = [];
        for ($row = $this->met($ids, []); $row !== []; $row = $next) {
            $rows[] = $row;
            $this->upFrom += array_fill_keys($row, true);
            $next = count($rows) > $generations ? [] : $this->met($this->parentsOf($row), array_merge(...$rows));
        }

        return $rows;
    }

    /**
     * The people themselves and their descendants, with whom these were a couple.
     *
     * @param  list<string>  $ids
     * @param  int  $generations  below them; 0 is none
     * @param  list<list<string>>  $beside  who come into the generations besides, the first with the people themselves
     */
    public function down(array $ids, int $generations, array $beside = []): void
    {
        $seen = [];
        for ($row = $this->met($ids, []), $depth = 0; $row !== [] || isset($beside[$depth]); $depth++) {
            $row = array_values(array_unique([...$beside[$depth] ?? [], ...$row]));
            $seen += array_fill_keys($row, true);
            $this->met($this->partnersOf($row), []);
            $this->downFrom += array_fill_keys($row, true);
            $row = $depth >= $generations ? [] : $this->met($this->childrenOf($row), array_keys($seen));
        }
    }

    /** @param  list<string>  $ids  who belong into the drawing themselves */
    public function show(array $ids): void
    {
        $this->met($ids, []);
    }

    /**
     * Everybody met, and whom the hand brought in besides.
     *
     * @param  list<string>  $subjectIds
     *
     * @throws SubjectMissing where none of the subjects is there
     */
    public function cast(array $subjectIds): Cast
    {
        foreach ($this->handwork->brought as $brought) {
            if (isset($this->shown[$brought->personId])) {
                match ($brought->toward) {
                    Toward::Parents => $this->up([$brought->personId], 1),
                    Toward::Children => $this->down([$brought->personId], 1),
                    Toward::Partners => $this->met($this->partnersOf([$brought->personId]), []),
                };
            }
        }
        $people = $this->tree->people(array_map(strval(...), array_keys($this->shown)));
        $subjects = array_values(array_filter($subjectIds, static fn (string $id): bool => isset($people[$id])));
        if ($subjects === []) {
            throw SubjectMissing::of(count($subjectIds) > 1 ? SubjectKind::People : SubjectKind::Person);
        }
        $ids = array_map(strval(...), array_keys($people));
        $this->read($ids);

        $asides = $this->tree->asides($ids);
        $placings = $this->tree->placings($ids);
        $waiting = array_map(fn (string $id): string => Waiting::words($asides[$id] ?? null, $placings[$id] ?? [], $this->sets[$id]),
            array_combine($ids, $ids));

        return new Cast($subjects, $people, Households::of($people, $this->unions,
            array_map(fn (string $id): array => $this->followed($id), array_combine($ids, $ids))), $this->leadingSets($people),
            $this->stops($people), $asides, array_filter($waiting, static fn (string $words): bool => $words !== ''));
    }

    /**
     * @param  list<string>  $ids
     * @param  list<string>  $but
     * @return list<string> those to go on from; whoever is hidden is not shown, and nothing goes on from a hidden branch
     */
    private function met(array $ids, array $but): array
    {
        $on = array_filter(array_diff(array_unique($ids), $but), fn (string $id): bool => ! $this->handwork->hidesBranch($id));
        foreach ($on as $id) {
            if (! $this->handwork->hides($id)) {
                $this->shown[$id] = true;
            }
        }

        return array_values($on);
    }

    /** @param  list<string>  $ids */
    private function read(array $ids): void
    {
        $unread = array_values(array_filter($ids, fn (string $id): bool => ! isset($this->sets[$id])));
        $found = $unread === [] ? [] : $this->tree->parentSets($unread);
        foreach ($unread as $id) {
            $this->sets[$id] = array_values(array_filter($found[$id] ?? [], static fn (ParentSet $set): bool => ! $set->isRuledOut()));
        }
        $unread = array_values(array_filter($ids, fn (string $id): bool => ! isset($this->unions[$id])));
        $found = $unread === [] ? [] : $this->tree->unionsOf($unread);
        foreach ($unread as $id) {
            $this->unions[$id] = $found[$id] ?? [];
        }
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function parentsOf(array $ids): array
    {
        $this->read($ids);
        $parents = [];
        foreach ($ids as $id) {
            foreach ($this->followed($id) as $set) {
                array_push($parents, ...array_column($set->whoStand(), 'personId'));
            }
        }

        return $parents;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function partnersOf(array $ids): array
    {
        $this->read($ids);
        $partners = [];
        foreach ($ids as $id) {
            foreach ($this->unions[$id] as $union) {
                array_push($partners, ...$union->partnersOf($id));
            }
        }

        return $partners;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function childrenOf(array $ids): array
    {
        $this->read($ids);
        $told = [];
        foreach ($ids as $id) {
            foreach ($this->unions[$id] as $union) {
                foreach ($union->childrenOf($id) as $childId) {
                    $told[] = [$childId, $union->id];
                }
            }
        }
        $this->read(array_values(array_unique(array_column($told, 0))));

        return array_column(array_filter($told, fn (array $child): bool => in_array($child[1],
            array_column($this->sets[$child[0]], 'unionId'), true)), 0);
    }

    /** @return list<ParentSet> the sets by which lines go up from somebody, the leading one first */
    private function followed(string $childId): array
    {
        $sets = $this->sets[$childId] ?? [];

        return $this->which === ParentSets::All ? $sets : array_slice($sets, 0, 1);
    }

    /**
     * @param  array<string, Person>  $people
     * @return array<string, ParentSet>
     */
    private function leadingSets(array $people): array
    {
        $leading = [];
        foreach ($this->sets as $childId => $sets) {
            if (isset($people[$childId], $sets[0])) {
                $leading[$childId] = $sets[0];
            }
        }

        return $leading;
    }

    /**
     * @param  array<string, Person>  $people
     * @return array<string, list<Stop>>
     */
    private function stops(array $people): array
    {
        $stops = [];
        foreach (array_keys($people) as $id) {
            $id = (string) $id;
            foreach ([[Toward::Parents, isset($this->upFrom[$id]) ? $this->parentsOf([$id]) : []],
                [Toward::Children, isset($this->downFrom[$id]) ? $this->childrenOf([$id]) : []],
                [Toward::Partners, isset($this->downFrom[$id]) ? $this->partnersOf([$id]) : []]] as [$toward, $next]) {
                $missing = array_filter(array_unique($next), static fn (string $nextId): bool => ! isset($people[$nextId]));
                $hidden = count(array_filter($missing, fn (string $nextId): bool => $this->handwork->hides($nextId)));
                if ($hidden > 0) {
                    $stops[$id][] = new Stop($id, $toward, $hidden, StopReason::Hidden);
                }
                if (count($missing) > $hidden) {
                    $stops[$id][] = new Stop($id, $toward, count($missing) - $hidden, StopReason::Depth);
                }
            }
        }

        return $stops;
    }
}
