<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Api\CreatedResource;
use App\Http\Api\Put;
use App\Http\LivingInFull;
use App\Http\Questions\Inputs\SummaryInput;
use App\Http\Tree\TreesController;
use App\Models\Question;
use App\Printing\Attachment;
use App\Printing\Pdf;
use App\Printing\PrintStyle;
use App\Refusal;
use App\Trees\Access\LivingPeople;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Exchange\PrivacyAwareExport;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Report\Render\Html;

/** Proof summaries: written from a decision, edited, kept with the question, printed. */
final readonly class ProofsController
{
    public function __construct(
        private CurrentTree $current,
        private ChangeSets $changes,
        private QuestionPages $pages,
        private ProofPages $proofs,
        private LivingPeople $living,
        private PrivacyAwareExport $export,
    ) {
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

    public function file(Request $request, Pdf $pdf, string $tree, string $question, string $format): Response
    {
        $row = Question::query()->findOrFail($question);
        $isKept = LivingInFull::askedBy($request) && $request->string('living')->toString() === 'keep';
        if (! $this->current->seesLiving() || (! $isKept && $this->living->among(array_filter([(string) $row->person_id])) !== [])) {
            throw new Refusal('This question is about somebody living. The owner can have it printed with the living kept.', 403);
        }
        $this->export->view(LivingInFull::askedBy($request), 'Printed a proof summary');
        $hide = $isKept ? static fn (string $text): string => $text : $this->living->names()->hide(...);
        $document = $this->proofs->document($row, $this->pages->one($row), $hide);

        return Attachment::of($format === 'pdf' ? $pdf->fromHtml(Html::page($document, PrintStyle::paper()))
            : Html::page($document, PrintStyle::screen()), $document->title, $format);
    }
}
