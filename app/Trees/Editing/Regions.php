<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Media;
use App\Models\MediaLink;
use App\Models\Person;
use App\Models\Region;
use App\Refusal;

/** Parts of pictures and who is on them; a face cut for a portrait. Called inside an open change set. */
final readonly class Regions
{
    /** @param  array{page: int, left: float, top: float, width: float, height: float}  $at shares of the page's sides */
    public function tag(Media $media, array $at, ?string $personId, string $words): Region
    {
        if ($personId === null && trim($words) === '') {
            throw new Refusal('Say who or what it is.');
        }
        $person = $personId === null ? null : Person::query()->where('id', $personId)->firstOrFail();

        return Region::query()->create(['media_id' => $media->id, 'person_id' => $person?->id, 'words' => trim($words), ...$at]);
    }

    /** Makes a region the main picture of whoever is on it; the one before stays a picture of theirs. */
    public function portrait(Region $region): MediaLink
    {
        $personId = $region->person_id ?? throw new Refusal('Say who it is first: a portrait is somebody’s.');
        foreach (MediaLink::query()->where('person_id', $personId)->where('is_main', true)->get() as $before) {
            $before->fill(['is_main' => false])->save();
        }
        $cut = ['page' => $region->page, 'left' => (float) $region->left, 'top' => (float) $region->top, 'width' => (float) $region->width,
            'height' => (float) $region->height];
        $link = MediaLink::query()->where('person_id', $personId)->where('media_id', $region->media_id)->first();
        if ($link !== null) {
            $link->fill(['is_main' => true, 'view' => $cut])->save();

            return $link;
        }

        return MediaLink::query()->create(['person_id' => $personId, 'media_id' => $region->media_id, 'is_main' => true, 'view' => $cut,
            'position' => 1 + (int) MediaLink::query()->where('person_id', $personId)->max('position'), 'entered_for' => $personId]);
    }
}
