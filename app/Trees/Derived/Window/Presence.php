<?php

declare(strict_types=1);

namespace App\Trees\Derived\Window;

use App\Models\Casts\DateColumns;
use App\Trees\Kinds\TreeRecordKinds;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Life\Window\LifeWindows;
use stdClass;

/** Who was there: whoever signs, informs or witnesses on a record, and whoever stood by at an event of somebody else. */
final readonly class Presence
{
    /** Roles at an event that only the living take. */
    private const LIVING = ['witness', 'godparent', 'officiator', 'clergy', 'informant'];

    public function __construct(private CurrentTree $current, private TreeRecordKinds $kinds)
    {
    }

    /** @param  list<string>  $ids */
    public function addTo(LifeWindows $windows, array $ids): void
    {
        foreach ($this->onRecords($ids) as $row) {
            $date = DateColumns::restore((array) $row);
            $span = $date->span();
            $role = $this->kinds->named($row->kind, $row->record_kind_id)?->role($row->role);
            if ($span !== null && $role?->acts === true) {
                $windows->seen($row->person_id, $span, "Was {$role->word} on a record of {$date->shown}.");
            }
        }
        foreach ($this->atEvents($ids) as $row) {
            $date = DateColumns::restore((array) $row);
            $span = $date->span();
            if ($span !== null) {
                $windows->seen($row->present_id, $span, "Was {$row->role} on {$date->shown}.");
            }
        }
    }

    /**
     * @param  list<string>  $ids
     * @return list<stdClass>
     */
    private function onRecords(array $ids): array
    {
        return array_values(DB::table('placings')
            ->join('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'placings.tree_id')
                ->on('roll_lines.id', 'placings.roll_line_id'))
            ->join('records', static fn ($join) => $join->on('records.tree_id', 'roll_lines.tree_id')
                ->on('records.id', 'roll_lines.record_id'))
            ->where('placings.tree_id', $this->current->id())->whereIn('placings.person_id', $ids)->where('placings.state', 'placed')
            ->where('roll_lines.role', '<>', '')
            ->orderBy('placings.id')->get(['records.*', 'placings.person_id', 'roll_lines.role'])->all());
    }

    /**
     * @param  list<string>  $ids
     * @return list<stdClass>
     */
    private function atEvents(array $ids): array
    {
        return array_values(DB::table('event_roles')
            ->join('events', static fn ($join) => $join->on('events.tree_id', 'event_roles.tree_id')
                ->on('events.id', 'event_roles.event_id'))
            ->where('event_roles.tree_id', $this->current->id())->whereIn('event_roles.person_id', $ids)
            ->whereIn('event_roles.role', self::LIVING)
            ->where('events.denied', false)->where('events.standing', '<>', 'rival')->where('events.standing', '<>', 'ruled out')
            ->orderBy('event_roles.id')->get(['events.*', 'event_roles.person_id as present_id', 'event_roles.role'])->all());
    }
}
