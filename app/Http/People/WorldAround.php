<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Resources\FoldedResource;
use App\Models\WorldEvent as WorldEventRow;
use App\Trees\Reader;
use NorthBough\Core\Chrono\Age;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\WorldEvent;

/** What happened around somebody, with the age that they had then. */
final readonly class WorldAround
{
    public function __construct(private Reader $reader)
    {
    }

    /** @return list<FoldedResource> in order of time */
    public function of(Person $person): array
    {
        $birth = ($person->leading('birth') ?? $person->leading('christening', 'baptism'))?->date->span();
        $folded = [];
        foreach (WorldEventRow::query()->whereNotNull('date_begin_lo')->orderBy('date_begin_lo')->orderBy('id')->get() as $row) {
            $event = new WorldEvent($row->id, $row->words, $row->date, $row->place_typed);
            $then = $event->date->span();
            if ($then !== null && $event->concerns($person)) {
                $folded[] = new FoldedResource($event->id, '', $event->words, $birth === null ? '' : Age::at($birth, $then)?->shown() ?? '',
                    $event->date->styled($this->reader->dates())->shown, IsoDay::orNull($then->earliest), $event->place);
            }
        }

        return $folded;
    }
}
