<?php

declare(strict_types=1);

namespace App\Trees\Joins\Things;

use App\Models\Event;
use App\Models\Place;
use App\Models\PlaceInside;
use App\Models\PlaceName;
use App\Models\TreeModel;
use App\Refusal;
use App\Trees\Dating\SourceDates;
use App\Trees\Places\FactsAtPlaces;
use App\Trees\Places\Gazetteers;

final class JoinablePlace extends Joinable
{
    public function __construct(private readonly Gazetteers $gazetteers, private readonly FactsAtPlaces $facts,
        private readonly SourceDates $dates)
    {
    }

    public static function code(): string
    {
        return 'place';
    }

    public static function model(): string
    {
        return Place::class;
    }

    public static function keptColumn(): string
    {
        return 'kept_place_id';
    }

    public static function alikeBy(): string
    {
        return 'search';
    }

    public static function columns(): array
    {
        return ['Name' => 'name', 'Kind' => 'kind'];
    }

    public function told(TreeModel $row): array
    {
        $told = parent::told($row);
        if ($row instanceof Place) {
            $inside = $row->inside_id === null ? null : Place::query()->find($row->inside_id);
            $inside === null || $told['Lies in'] = $inside->name;
            $row->latitude === null || $told['Where'] = (float) $row->latitude.', '.(float) $row->longitude;
        }

        return $told;
    }

    public function refuse(TreeModel $kept, TreeModel $gone): void
    {
        foreach ([[$kept, $gone], [$gone, $kept]] as [$inner, $outer]) {
            if (in_array($outer->id, array_column($this->gazetteers->of([$inner->id])->around($inner->id), 'id'), true)) {
                throw new Refusal("{$this->shown($inner)} lies in {$this->shown($outer)}: joined, it would lie in itself.");
            }
        }
    }

    public function weighs(TreeModel $row): array
    {
        return ['fact' => $this->facts->in([$row->id])->count()];
    }

    public function complete(TreeModel $kept, TreeModel $gone): void
    {
        parent::complete($kept, $gone);
        if ($kept instanceof Place && $gone instanceof Place) {
            $kept->inside_id ??= $gone->inside_id;
            $kept->reckoning ??= $gone->reckoning;
            if ($kept->latitude === null) {
                [$kept->latitude, $kept->longitude] = [$gone->latitude, $gone->longitude];
            }
        }
    }

    /** Another name stays a name of the place, and what else it lay in stays what it lay in. */
    public function keepOtherwise(TreeModel $kept, TreeModel $gone, array $otherwise): void
    {
        if (isset($otherwise['Name']) && $gone instanceof Place
            && PlaceName::query()->where('place_id', $kept->id)->where('name', $gone->name)->doesntExist()) {
            PlaceName::query()->create(['place_id' => $kept->id, 'name' => $gone->name, 'search' => $gone->search,
                'position' => 1 + (int) PlaceName::query()->where('place_id', $kept->id)->max('position')]);
        }
        if (isset($otherwise['Lies in']) && $gone instanceof Place && $gone->inside_id !== null
            && PlaceInside::query()->where('place_id', $kept->id)->where('inside_id', $gone->inside_id)->doesntExist()) {
            PlaceInside::query()->create(['place_id' => $kept->id, 'inside_id' => $gone->inside_id]);
        }
        parent::keepOtherwise($kept, $gone, array_diff_key($otherwise, ['Name' => 0, 'Lies in' => 0]));
    }

    public function readAgain(TreeModel $kept): void
    {
        if ($kept instanceof Place && $kept->reckoning !== null) {
            $this->dates->readAgain(Event::query()->whereIn('id', $this->facts->in($this->facts->inward($kept->id))->select('events.id')));
        }
    }
}
