<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Questions\Resources\QuestionLine;
use App\Models\Question;
use App\Models\RollLine;
use App\Trees\Loading\DatabaseTree;
use Illuminate\Support\Collection;

/** Questions in lists, each as the sentence that it asks. */
final readonly class CaseLines
{
    public function __construct(private DatabaseTree $tree)
    {
    }

    /**
     * @return list<QuestionLine> the cases about somebody that nobody has settled, and what is asked of their sex or
     *     parents; what is asked of a fact stands at the fact
     */
    public function about(string $personId): array
    {
        return $this->of(Question::query()->whereIn('state', ['open', 'unresolved', 'probable'])
            ->where(static fn ($asked) => $asked->where('kind', '<>', 'conflict')->orWhereIn('aspect', ['sex', 'mother', 'father']))
            ->where(static fn ($either) => $either->where('person_id', $personId)->orWhere('other_person_id', $personId))->orderBy('id')
            ->get());
    }

    /**
     * @param  Collection<int, Question>  $questions
     * @return list<QuestionLine>
     */
    public function of(Collection $questions): array
    {
        if ($questions->isEmpty()) {
            return [];
        }
        $people = $this->tree->lives(
            array_values(array_unique(
                array_filter([...$questions->pluck('person_id')->all(), ...$questions->pluck('other_person_id')->all()]))));
        $lines = RollLine::query()->whereIn('id', $questions->pluck('roll_line_id')->filter())->get()->keyBy('id');

        return array_values($questions->map(static fn (Question $row): QuestionLine => new QuestionLine($row->id,
            $row->kind === 'conflict' ? QuestionPages::sentence($row, $people[$row->person_id ?? ''] ?? null)
                : CasePages::asked($row, $people, $lines[$row->roll_line_id ?? ''] ?? null),
            $row->kind, $row->title, $row->state, $row->person_id ?? '', $row->decision, $row->reopened_by))->all());
    }
}
