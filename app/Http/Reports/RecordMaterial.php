<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Models\Placing;
use App\Models\Record;
use App\Models\Repository;
use App\Models\Source;
use App\Trees\Access\OpenRecords;
use App\Trees\Access\SeenTree;
use App\Trees\Records\StoredRoll;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Report\Records\TranscribedRecord;

/** A record as a report tells it: what was written down from it, and whom its lines are taken for. */
final readonly class RecordMaterial
{
    public function __construct(private OpenRecords $openness, private StoredRoll $rolls, private CitedIn $cited)
    {
    }

    /** @throws SubjectMissing */
    public function of(string $id, SeenTree $seen): TranscribedRecord
    {
        $record = Record::query()->find($id) ?? throw SubjectMissing::of(SubjectKind::Record);
        $this->openness->refuseClosed($record);
        $hide = $seen->text(...);
        $source = Source::query()->findOrFail($record->source_id);
        $repository = (string) Repository::query()->where('id', $source->repository_id)->value('name');
        $roll = $this->rolls->roll($record);
        $lines = array_map(
            static fn (RollLine $line): RollLine => new RollLine($line->id, $hide($line->name), $line->role,
                array_map($hide, $line->columns)), $roll->lines);

        return new TranscribedRecord($this->cited->source($record, $source, $repository, $seen), $hide($record->locator),
            new Roll($roll->kind, $roll->date, $hide($roll->place), $lines, $roll->convention),
            array_map($hide, $record->fields), $this->placed($record, $seen), $hide($record->transcription),
            $this->people($record, $seen));
    }

    /** @return array<string, string> who is shown of those placed, by line */
    private function people(Record $record, SeenTree $seen): array
    {
        $ids = $this->rolls->placings($record)->pluck('person_id', 'roll_line_id')->filter()->map(strval(...))->all();
        $shown = $seen->view->lives(array_values(array_unique($ids)));
        $withheld = array_flip($seen->withheld(array_map(strval(...), array_keys($shown))));

        return array_filter($ids, static fn (string $id): bool => isset($shown[$id]) && ! isset($withheld[$id]));
    }

    /** @return array<string, string> by line */
    private function placed(Record $record, SeenTree $seen): array
    {
        $placings = $this->rolls->placings($record);
        $people = $seen->view->lives(array_values($placings->pluck('person_id')->filter()->map(strval(...))->all()));

        return $placings->map(static fn (Placing $placing): string => $placing->state === 'set aside'
            ? rtrim('set aside: '.$seen->text($placing->reason), ': ')
            : (isset($people[$placing->person_id ?? ''])
                ? trim($people[$placing->person_id]->name()->shown().', '.LifeYears::shown($people[$placing->person_id]), ', ')
                : 'somebody living'))->all();
    }
}
