<?php

declare(strict_types=1);

namespace App\Trees\Loading;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Kin\Numbering\CountedLines;
use NorthBough\Core\Kin\Numbering\LineChild;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\LineFamily;
use NorthBough\Core\Kin\Numbering\Lines;

/**
 * The lines of the current tree. Asked about many at a time, it reads the families of everybody at once, which takes less time than
 * to pick them out, and lines up plain ones itself: children by birth of whom nothing else is said. Whatever is not as plain as that is
 * left to the
 * rules.
 */
final class StoredLines implements Lines
{
    /** What the largest trees take, more than a page may have otherwise. */
    private const MEMORY = '1G';

    private readonly CountedLines $byRule;

    private bool $isRead = false;

    /** @var array<string, list<string>> the unions of each who has none but plain ones, as they were lived */
    private array $unions = [];

    /** @var array<string, true> whose families are not as plain as that */
    private array $special = [];

    /** @var array<string, list<string>> who are partners, by union */
    private array $partners = [];

    /** @var array<string, array<string, list<string>>> children in hand order, by union and parent */
    private array $children = [];

    /** @var array<string, DaySpan> by person */
    private array $births = [];

    /** @param  int  $many  how many are more than are picked out */
    public function __construct(
        private readonly CurrentTree $current,
        private readonly StoredLineRows $rows,
        private readonly LineChoice $choice,
        private readonly int $many = 4000,
    ) {
        $this->byRule = new CountedLines($rows, $choice);
    }

    public function families(array $personIds): array
    {
        if (! $this->isRead && ! $this->choice->step && count($personIds) > $this->many) {
            $this->read();
        }
        $families = [];
        $others = [];
        foreach ($personIds as $id) {
            if (! isset($this->unions[$id])) {
                if (! $this->isRead || isset($this->special[$id])) {
                    $others[] = $id;
                }

                continue;
            }
            foreach ($this->unions[$id] as $unionId) {
                $children = [];
                foreach ($this->children[$unionId][$id] ?? [] as $childId) {
                    $children[] = new LineChild($childId, born: $this->births[$childId] ?? null);
                }
                $together = $this->partners[$unionId];
                $families[$id][] = new LineFamily($unionId, isset($together[1]) ? array_values(array_diff($together, [$id])) : [],
                    $children);
            }
        }

        return $others === [] ? $families : $families + $this->byRule->families($others);
    }

    public function countedParents(array $childIds): array
    {
        return $this->byRule->countedParents($childIds);
    }

    private function read(): void
    {
        ini_set('memory_limit', self::MEMORY);
        $this->isRead = true;
        $isSpecial = $this->readChildren();
        foreach (DB::select('SELECT person_id, union_id FROM counted_partners WHERE tree_id = ? ORDER BY slot, id',
            [$this->current->id()]) as $row) {
            $this->partners[$row->union_id][] = $row->person_id;
            $this->unions[$row->person_id][] = $row->union_id;
            if (isset($isSpecial[$row->union_id])) {
                $this->special[$row->person_id] = true;
            }
        }
        $this->unions = array_diff_key($this->unions, $this->special);
        $several = array_filter($this->unions, static fn (array $ids): bool => isset($ids[1]));
        $this->unions = [...$this->unions, ...$this->rows->unionIdsAsLived(array_map(strval(...), array_keys($several)))];
        $this->births = $this->rows->birthsOfEverybody();
    }

    /** @return array<string, true> the unions that are not plain */
    private function readChildren(): array
    {
        $isSpecial = [];
        $unionOf = [];
        foreach (DB::select("SELECT s.union_id, s.child_id, p.person_id,
            p.kind <> 'birth' OR p.standing IN ('rival', 'ruled out') OR p.proof IN ('unresolved', 'probable') AS is_special
            FROM parent_sets s LEFT JOIN parentages p ON p.tree_id = s.tree_id AND p.parent_set_id = s.id
            WHERE s.tree_id = ? ORDER BY s.child_ordinal < 0, s.child_ordinal, s.id", [$this->current->id()]) as $row) {
            $other = $unionOf[$row->child_id] ??= $row->union_id;
            if ($row->is_special || $other !== $row->union_id) {
                $isSpecial[$row->union_id] = $isSpecial[$other] = true;
            }
            if ($row->person_id !== null) {
                $this->children[$row->union_id][$row->person_id][] = $row->child_id;
            }
        }

        return $isSpecial;
    }
}
