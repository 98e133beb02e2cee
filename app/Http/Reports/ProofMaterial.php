<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Http\Questions\QuestionPages;
use App\Http\Questions\Resources\WeighingRow;
use App\Models\Question;
use App\Models\Record;
use App\Models\Repository;
use App\Models\Source;
use App\Refusal;
use App\Trees\Access\SeenTree;
use App\Trees\Scope\CurrentTree;
use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Research\ProvedQuestion;
use NorthBough\Core\Report\Research\WeighedClaim;

/** A question as a report tells it: the proof summary, as it follows from the weighing or as somebody wrote it, and its claims. */
final readonly class ProofMaterial
{
    public function __construct(
        private CurrentTree $current,
        private QuestionPages $pages,
        private CitedIn $cited,
    ) {
    }

    /**
     * @throws SubjectMissing
     * @throws Refusal where the question is about somebody living who is not shown
     */
    public function of(string $id, SeenTree $seen): ProvedQuestion
    {
        $question = Question::query()->find($id) ?? throw SubjectMissing::of(SubjectKind::Question);
        if (! $this->current->seesLiving() || $seen->withheld(array_values(array_filter([(string) $question->person_id]))) !== []) {
            throw new Refusal('This question is about somebody living. The owner can have it printed with the living kept.', 403);
        }
        $page = $this->pages->one($question);

        return new ProvedQuestion($seen->text($page->sentence), $seen->text(QuestionPages::summary($question, $page)),
            $this->claims($page->rows, $seen));
    }

    /**
     * @param  list<WeighingRow>  $rows
     * @return list<WeighedClaim>
     */
    private function claims(array $rows, SeenTree $seen): array
    {
        $records = Record::query()->whereIn('id', array_filter(array_column($rows, 'recordId')))->get()->keyBy('id');
        $sources = Source::query()->whereIn('id', $records->pluck('source_id'))->get()->keyBy('id');
        $repositories = Repository::query()->whereIn('id', $sources->pluck('repository_id')->filter())->pluck('name', 'id');
        $claims = [];
        foreach ($rows as $row) {
            $record = $records->get($row->recordId);
            $source = $record === null ? null : $sources->get($record->source_id);
            $classes = array_filter([$row->sourceClass, $row->information, $row->claimId === '' ? 'unstated' : $row->evidence],
                static fn (string $word): bool => $word !== 'unstated');
            $claims[] = new WeighedClaim($row->told, $seen->text($row->words), implode(', ', $classes), $row->weight,
                $record === null || $source === null ? [StyledWords::plain('Nothing is cited.')]
                    : NoteForms::full($this->cited->source($record, $source, (string) ($repositories[$source->repository_id] ?? ''), $seen),
                        $seen->text($record->locator)));
        }

        return $claims;
    }
}
