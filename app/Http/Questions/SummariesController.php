<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Api\CreatedResource;
use App\Http\Api\Put;
use App\Http\Questions\Inputs\SummaryInput;
use App\Http\Tree\TreesController;
use App\Models\Question;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Proof summaries, written otherwise than they follow from a decision, and kept with the question. */
final readonly class SummariesController
{
    public function __construct(private ChangeSets $changes)
    {
    }

    /** Writes the summary otherwise; an empty text is the one that follows from the decision again. */
    #[Put('/trees/{tree}/questions/{question}/summary', 'writeSummary', CreatedResource::class, SummaryInput::class)]
    public function update(Request $request, string $tree, string $question): JsonResponse
    {
        $input = SummaryInput::from($request);
        $this->changes->run(new Intent(TreesController::user($request), 'Wrote a proof summary'),
            static function () use ($question, $input): void {
                $row = Question::query()->findOrFail($question);
                ChangedMeanwhile::unless($row, $input->version, ['summary' => $input->text ?? '']);
                $row->fill(['summary' => trim($input->text ?? '')])->save();
            });

        return response()->json(new CreatedResource($question));
    }
}
