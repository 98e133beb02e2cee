<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Http\Books\StoredBook;
use App\Http\Texts\StoredText;
use App\Models\Book;
use App\Models\Drawing;
use App\Models\Record;
use App\Models\Repository;
use App\Models\Source;
use App\Models\Text;
use App\Trees\Access\SeenTree;
use App\Trees\Drawings\DrawingSettings;
use App\Trees\Drawings\SeenHandwork;
use App\Trees\Joins\Joined;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Prose\CitationCall;
use NorthBough\Core\Report\Book\BoundBook;
use NorthBough\Core\Report\Book\ToldText;
use NorthBough\Core\Tree\CitedEvidence;

/** Books, texts and saved drawings as reports tell them. */
final readonly class BookMaterial
{
    public function __construct(private StoredBook $books, private StoredText $texts, private Joined $joined, private CitedIn $cited)
    {
    }

    /** @throws SubjectMissing */
    public function book(string $id, SeenTree $seen): BoundBook
    {
        return $this->books->of(Book::query()->find($id) ?? throw SubjectMissing::of(SubjectKind::Book), $seen);
    }

    /** @throws SubjectMissing where it is not there, or is about somebody who is withheld */
    public function text(string $id, SeenTree $seen): ToldText
    {
        $row = Text::query()->find($id) ?? throw SubjectMissing::of(SubjectKind::Text);
        if (StoredText::shown([$row], $seen) === []) {
            throw SubjectMissing::of(SubjectKind::Text);
        }
        $text = $this->texts->text($row, $seen);
        $ids = array_map(static fn (CitationCall $call): string => $call->recordId, $text->parts(CitationCall::class));

        return new ToldText($seen->text($row->title), $text, $this->evidence(array_values(array_unique($ids)), $seen));
    }

    /** @throws SubjectMissing */
    public function drawing(string $id, SeenTree $seen): Scene
    {
        $row = Drawing::query()->find($id) ?? throw SubjectMissing::of(SubjectKind::Set);
        $settings = DrawingSettings::of($row, $this->joined);
        $drawing = Drawings::named($row->kind, $settings->options);

        return Drawings::drawn($drawing, $seen->view, Subject::read($drawing::subject(), implode(',', $settings->subjectIds)),
            SeenHandwork::by($seen, $settings->handwork))->titled($seen->text($row->name));
    }

    /**
     * @param  list<string>  $recordIds
     * @return array<string, CitedEvidence> by record
     */
    private function evidence(array $recordIds, SeenTree $seen): array
    {
        $records = Record::query()->whereIn('id', $recordIds)->get();
        $sources = Source::query()->whereIn('id', $records->pluck('source_id'))->get()->keyBy('id');
        $names = Repository::query()->whereIn('id', $sources->pluck('repository_id')->filter())->pluck('name', 'id');
        $evidence = [];
        foreach ($records as $record) {
            $source = $sources[$record->source_id] ?? null;
            if ($source !== null) {
                $evidence[$record->id] = new CitedEvidence('', $record->id, $this->cited->source($record, $source,
                    (string) ($names[$source->repository_id] ?? ''), $seen), $seen->text($record->locator), '');
            }
        }

        return $evidence;
    }
}
