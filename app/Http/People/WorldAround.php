<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\People\Resources\SurroundingEvent;
use App\Models\WorldEvent as WorldEventRow;
use App\Trees\Display\DisplayPreferences;
use Illuminate\Database\Eloquent\Builder;
use NorthBough\Core\Chrono\Age;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Life\WorldEvent;
use NorthBough\Core\Tree\Person;

/** What happened around somebody, with the age that they had then. */
final readonly class WorldAround
{
    public function __construct(private DisplayPreferences $reader)
    {
    }

    /** @return list<SurroundingEvent> in order of time */
    public function of(Person $person): array
    {
        $birth = $person->vitals()->beginning()?->date->span();
        $folded = [];
        $life = WorldEvent::lifetime($person);
        if ($life === null) {
            return [];
        }
        // Of thousands only those of this time; which of them concern the life, core says.
        $ofThatTime = WorldEventRow::query()->whereNotNull('date_begin_lo')
            ->when($life->latest !== null, static fn (Builder $query) => $query->where('date_begin_lo', '<=', $life->latest))
            ->when($life->earliest !== null,
                static fn (Builder $query) => $query->whereRaw('coalesce(date_end_hi, date_begin_hi, 2147483647) >= ?', [$life->earliest]));
        foreach ($ofThatTime->orderBy('date_begin_lo')->orderBy('id')->get() as $row) {
            $event = new WorldEvent($row->id, $row->words, $row->date, $row->place_typed);
            $then = $event->date->span();
            if ($then !== null && $event->concerns($person)) {
                $folded[] = new SurroundingEvent($event->id, '', $event->words, $birth === null ? '' : Age::at($birth, $then)
                    ?->shown() ?? '',
                    $event->date->styled($this->reader->dates())->shown, IsoDay::orNull($then->earliest), $event->place);
            }
        }

        return $folded;
    }
}
