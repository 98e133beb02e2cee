<?php

declare(strict_types=1);

namespace App\Demo;

use App\Demo\Drawn\DrawnPicture;
use App\Jobs\MakePreviews;
use App\Models\Media;
use App\Models\MediaLink;
use App\Models\Person;
use App\Models\Record;
use App\Models\Tree;
use App\Models\User;
use App\Trees\Changes\ChangeMethod;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Regions;
use App\Trees\Pictures\PictureFiles;

/** Takes in the demo's pictures: pages of records, portraits with the face cut, groups with whoever is on them, views. */
final readonly class DemoPictures
{
    public function __construct(private ChangeSets $changes, private PictureFiles $files, private Regions $regions)
    {
    }

    /** @param  array<string, Person>  $people */
    public function load(Tree $tree, User $user, string $folder, array $people, DemoPlaces $places): void
    {
        $this->changes->run(new Intent($user, 'Added portraits, groups and a view', '', ChangeMethod::Batch),
            function () use ($tree, $folder, $people, $places): void {
                foreach (DemoPicture::all("{$folder}/pictures.txt") as $entry) {
                    $media = $this->take($tree, $folder, $entry->key, $entry->title);
                    if ($entry->place !== '') {
                        MediaLink::query()
                            ->create(['media_id' => $media->id, 'place_id' => $places->known($entry->place)->id, 'position' => 1]);
                    }
                    $this->tag($media, $entry, $people);
                }
            });
    }

    /** Called inside an open change set. */
    public function onRecord(DemoRecord $demoRecord, Record $record, string $folder, Tree $tree): MediaLink
    {
        return MediaLink::query()
            ->create(['media_id' => $this->take($tree, $folder, $demoRecord->key, $demoRecord->locator)->id, 'record_id' => $record->id,
                'position' => 1]);
    }

    /** @param  array<string, Person>  $people */
    private function tag(Media $media, DemoPicture $demoPicture, array $people): void
    {
        $drawn = new DrawnPicture($demoPicture);
        foreach ($demoPicture->faces as $at => $face) {
            $person = $face['person'] === '' ? null
                : $people[$face['person']] ?? throw DemoProblem::at('pictures.txt', 0, "There is nobody called {$face['person']}.");
            $region = $this->regions->tag($media, $drawn->face($at), $person?->id, $face['words']);
            if ($person !== null && count($demoPicture->faces) === 1) {
                $this->regions->portrait($region);
            } elseif ($person !== null) {
                MediaLink::query()
                    ->create(['media_id' => $media->id, 'person_id' => $person->id, 'position' => 2, 'entered_for' => $person->id]);
            }
        }
    }

    private function take(Tree $tree, string $folder, string $key, string $title): Media
    {
        $media = $this->files->take("{$folder}/pictures/{$key}.webp", "{$key}.webp", $title);
        MakePreviews::ask($tree->id, $media->sha256, $media->type);

        return $media;
    }
}
