<?php

declare(strict_types=1);

namespace App\Http\Desk;

use App\Http\Desk\Resources\DeskItem;
use App\Http\Questions\CaseLines;
use App\Http\Questions\Resources\QuestionLine;
use App\Models\Point;
use App\Models\Question;

/** Cases of identity and kinship that wait, as sentences. */
final readonly class CaseSentences
{
    private const MOST = 12;

    public function __construct(private CaseLines $lines)
    {
    }

    /** @return list<DeskItem> */
    public function all(): array
    {
        $cases = Question::query()->where('kind', '<>', 'conflict')->where('state', 'open')->orderByDesc('id')->limit(self::MOST)->get();
        $points = Point::query()->toBase()->whereIn('question_id', $cases->pluck('id'))->groupBy('question_id')
            ->selectRaw('question_id, count(*) AS many')->pluck('many', 'question_id');

        return array_map(static fn (QuestionLine $case): DeskItem => new DeskItem($case->sentence,
            $case->reopenedBy !== '' ? "Open again. {$case->reopenedBy}" : match ((int) ($points[$case->id] ?? 0)) {
                0 => 'No point has been gathered for it yet.',
                1 => 'One point has been gathered.',
                default => "{$points[$case->id]} points have been gathered.",
            }, "questions/cases/{$case->id}"), $this->lines->of($cases));
    }
}
