<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Questions\Resources\QuestionPage;
use App\Http\Questions\Resources\WeighingRow;
use App\Models\Question;
use App\Models\Record;
use App\Models\Repository;
use App\Models\Source;
use App\Trees\Kinds\TreeSourceKinds;
use Illuminate\Support\Carbon;
use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Evidence\ProofSummaryText;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\ProofSummary;
use NorthBough\Core\Tree\CitedSource;

/** The proof summary of a decision: as it follows from the weighing, or as somebody wrote it. */
final readonly class ProofPages
{
    public function __construct(private TreeSourceKinds $kinds)
    {
    }

    public static function text(Question $question, QuestionPage $page): string
    {
        return $question->summary !== '' ? $question->summary
            : ProofSummaryText::of($page->sentence, array_map(static fn (WeighingRow $row): array => [
                'told' => $row->told, 'note' => trim(implode('', array_map(static fn ($words): string => $words->text, $row->note)), '. '),
                'weight' => $row->weight, 'standing' => $row->standing, 'origin' => $row->origin,
            ], $page->rows), $page->decision, $page->reason);
    }

    /** @param  \Closure(string): string  $hide  takes the names of the living out */
    public function document(Question $question, QuestionPage $page, \Closure $hide): Document
    {
        $records = Record::query()
            ->whereIn('id', array_filter(array_map(static fn (WeighingRow $row): string => $row->recordId, $page->rows)))->get()
            ->keyBy('id');
        $sources = Source::query()->whereIn('id', $records->pluck('source_id'))->get()->keyBy('id');
        $repositories = Repository::query()->whereIn('id', $sources->pluck('repository_id')->filter())->pluck('name', 'id');
        $claims = [];
        foreach ($page->rows as $row) {
            $record = $records->get($row->recordId);
            $source = $record === null ? null : $sources->get($record->source_id);
            $claims[] = [
                'told' => $row->told, 'words' => $hide($row->words), 'weight' => $row->weight,
                'classes' => implode(', ',
                    array_filter([$row->sourceClass, $row->information, $row->claimId === '' ? 'unstated' : $row->evidence],
                        static fn (string $word): bool => $word !== 'unstated')),
                'note' => $record === null || $source === null ? [StyledWords::plain('Nothing is cited.')]
                    : $this->note($record, $source, (string) ($repositories[$source->repository_id] ?? ''), $hide),
            ];
        }

        return ProofSummary::build($hide($page->sentence), $hide(self::text($question, $page)), $claims, Carbon::now()->format('j M Y'));
    }

    /**
     * @param  \Closure(string): string  $hide
     * @return list<StyledWords>
     */
    private function note(Record $record, Source $source, string $repository, \Closure $hide): array
    {
        $forms = $this->kinds->forms($source->kind, $source->source_kind_id,
            array_map($hide, TreeSourceKinds::ofRecord($record->fields) + $source->fields), $hide($repository));

        return NoteForms::full(
            new CitedSource($source->id, $hide($source->title), $hide($source->author), $hide($source->publication), $hide($repository),
                $forms), $hide($record->locator));
    }
}
