<?php

declare(strict_types=1);

namespace App\Trees\Loading;

use App\Models\Casts\DateColumns;
use App\Trees\Kinds\TreeEventKinds;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Vitals;
use stdClass;

/** When people were born, or what stands for it, without the rest of their lives: a few queries for however many. */
final readonly class StoredBirths
{
    /** A birth of which the columns alone tell: most people have one, and nothing else that could stand for it. */
    private const PLAIN = "kind = 'birth' AND NOT denied AND standing = 'unweighed' AND date_kind = 'exact' AND other_begin_lo IS NULL";

    private const WHOLE = 'SELECT id, person_id, kind, type_words, denied, standing, date_kind, date_precision, date_begin_lo,
        date_begin_hi, date_begin_soft_lo, date_begin_soft_hi, date_end_lo, date_end_hi, date_end_soft_lo, date_end_soft_hi, other_begin_lo,
        other_begin_hi FROM events';

    public function __construct(private CurrentTree $current, private TreeEventKinds $kinds)
    {
    }

    /**
     * @param  list<string>|null  $personIds  null for everybody
     * @return array<string, DaySpan> by person, where something tells
     */
    public function spans(?array $personIds): array
    {
        $own = $this->kinds->hasOwn() ? EventKinds::OF_OWN_WORDS : [];
        $births = self::kinds([...EventKinds::codesOf(EventTrait::Birth), ...$own]);
        $signs = self::kinds(EventKinds::codesOf(EventTrait::SignOfBirth));
        $spans = [];
        $others = [];
        foreach ($this->ask('SELECT person_id, date_begin_lo, date_begin_hi, '.self::PLAIN.' AS is_plain FROM events',
            "AND kind IN ({$births})",
            $personIds) as $row) {
            $id = $row->person_id;
            if (! $row->is_plain || isset($spans[$id])) {
                $others[$id] = true;
            } else {
                $spans[$id] = DaySpan::restore($row->date_begin_lo, $row->date_begin_hi, 0, 0);
            }
        }
        foreach ($this->ask('SELECT DISTINCT person_id FROM events', "AND kind IN ({$signs})", $personIds) as $row) {
            if (! isset($spans[$row->person_id])) {
                $others[$row->person_id] = true;
            }
        }
        $events = [];
        foreach ($this->ask(self::WHOLE, "AND kind IN ({$births}, {$signs}) ORDER BY position, ordinal, id",
            array_map(strval(...), array_keys($others))) as $row) {
            $events[$row->person_id][] = $this->event($row);
        }
        foreach ($events as $id => $list) {
            $spans[$id] = Vitals::of($list)->beginning()?->date->span();
        }

        return array_filter($spans, static fn (?DaySpan $span): bool => $span !== null);
    }

    /** @param  list<string>  $codes */
    private static function kinds(array $codes): string
    {
        return "'".implode("', '", $codes)."'";
    }

    private function event(stdClass $row): Event
    {
        return new Event($row->id, $row->kind, $row->type_words, '', DateColumns::restore((array) $row), '', $row->denied, [],
            Standing::from($row->standing), custom: $this->kinds->named($row->kind, $row->type_words));
    }

    /**
     * @param  list<string>|null  $personIds  null for everybody
     * @return list<stdClass>
     */
    private function ask(string $select, string $and, ?array $personIds): array
    {
        $whose = $personIds === null ? 'person_id IS NOT NULL' : 'person_id = ANY(?::uuid[])';

        return $personIds === [] ? [] : array_values(DB::select("{$select} WHERE tree_id = ? AND {$whose} {$and}",
            $personIds === null ? [$this->current->id()] : [$this->current->id(), '{'.implode(',', $personIds).'}']));
    }
}
