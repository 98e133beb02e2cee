<?php

declare(strict_types=1);

namespace App\Demo;

use App\Demo\Drawn\DrawnPage;
use App\Models\Person;
use App\Models\Record;
use App\Models\Source;
use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeMethod;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\CommitRecord;
use App\Trees\Editing\Rolls;
use App\Trees\Records\LineChoice;
use Illuminate\Support\Str;
use NorthBough\Core\Record\RecordKinds;

/** Puts the demo's records on their sources: head, roll and picture, and takes in what is placed. */
final readonly class DemoRecords
{
    public function __construct(
        private ChangeSets $changes,
        private Rolls $rolls,
        private CommitRecord $takeIn,
        private DemoPictures $pictures,
    ) {
    }

    /**
     * @param  array<string, Source>  $sources
     * @param  array<string, Person>  $people
     */
    public function load(Tree $tree, User $user, string $folder, array $sources, array $people): void
    {
        foreach (glob("{$folder}/records/*.txt") ?: [] as $file) {
            foreach (DemoRecord::all($file) as $entry) {
                $source = $sources[$entry->source] ?? throw DemoProblem::at($file, 0, "There is no source {$entry->source}.");
                try {
                    $ids = [];
                    $record = $this->changes->run(new Intent($user, "Entered a record of {$source->title}", '', ChangeMethod::Batch),
                        function (Change $change) use ($entry, $source, $folder, $tree, &$ids): Record {
                            return $this->enter($change, $entry, $source, $folder, $tree, $ids);
                        });
                    $choices = $this->choices($entry, $ids, $people);
                    if ($choices !== []) {
                        $this->changes->run(
                            new Intent($user, "Added to the tree: a record of {$source->title}", $entry->why, ChangeMethod::Batch),
                            fn (Change $change) => $this->takeIn->commit($change, $record->refresh(), $choices));
                    }
                } catch (Refusal $problem) {
                    throw DemoProblem::at($file, 0, "{$entry->key}: {$problem->getMessage()}");
                }
            }
        }
    }

    /** @param  list<string>  $ids */
    private function enter(Change $change, DemoRecord $demoRecord, Source $source, string $folder, Tree $tree, array &$ids): Record
    {
        // A page that is cited already is that record.
        $record = Record::query()->where('source_id', $source->id)->where('locator', $demoRecord->locator)
            ->first() ?? $this->rolls->begin($source, $demoRecord->kind, $demoRecord->locator);
        $this->rolls->head($record,
            ['kind' => $demoRecord->kind, 'date' => $demoRecord->date, 'place' => $demoRecord->place, 'fields' => $demoRecord->head,
                'transcription' => $demoRecord->words, 'toldCount' => $demoRecord->toldCount]);
        $link = $demoRecord->picture === '' ? null : $this->pictures->onRecord($demoRecord, $record, $folder, $tree);
        $page = new DrawnPage($demoRecord);
        $lines = [];
        $surname = '';
        foreach ($demoRecord->lines as $at => $columns) {
            $name = $columns['name'] ?? '';
            $shown = (string) preg_replace('/ do$/', " {$surname}", $name);
            $words = explode(' ', $shown);
            $surname = (string) end($words);
            $ids[] = $id = (string) Str::uuid7();
            $lines[] = ['id' => $id, 'name' => $shown, 'role' => $this->role($columns['as'] ?? '', $demoRecord),
                'columns' => array_diff_key($columns, ['name' => 0, 'as' => 0]) + ($shown === $name ? [] : ['name~' => $name]),
                'slip' => $link === null || $page->strip($at) === null ? null : ['image' => $link->id, 'page' => 0, ...$page->strip($at)]];
        }
        $this->rolls->keep($change, $record, $lines);

        return $record;
    }

    private function role(string $word, DemoRecord $demoRecord): string
    {
        return $word === '' ? ''
            : (RecordKinds::named($demoRecord->kind)->role($word)
                ->code ?? throw new Refusal("“{$word}” is no role of a {$demoRecord->kind}."));
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, Person>  $people
     * @return list<LineChoice>
     */
    private function choices(DemoRecord $demoRecord, array $ids, array $people): array
    {
        $choices = [];
        foreach ($demoRecord->placed as $line => $key) {
            $choices[] = new LineChoice($ids[$line - 1] ?? throw new Refusal("There is no line {$line}."), LineChoice::PLACED,
                ($people[$key] ?? throw new Refusal("There is nobody called {$key}."))->id);
        }
        foreach ($demoRecord->aside as $line => $reason) {
            $choices[] = new LineChoice($ids[$line - 1] ?? throw new Refusal("There is no line {$line}."), LineChoice::ASIDE, '', $reason);
        }

        return $choices;
    }
}
