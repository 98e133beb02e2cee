<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Api\CreatedResource;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\People\Inputs\ReasonInput;
use App\Http\Questions\Inputs\DecisionInput;
use App\Http\Questions\Inputs\OpenQuestionInput;
use App\Http\Questions\Resources\QuestionPage;
use App\Http\Questions\Resources\QuestionsPage;
use App\Http\Tree\TreesController;
use App\Models\Event;
use App\Models\Person;
use App\Models\Question;
use App\Refusal;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Facts;
use App\Trees\Evidence\ConflictSubjects;
use App\Trees\Evidence\Questions;
use App\Trees\Evidence\StatedSex;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthBough\Core\Sex;

/** Conflicts taken up as questions, weighed and decided. */
final readonly class QuestionsController
{
    public function __construct(
        private CurrentTree $current,
        private ChangeSets $changes,
        private Questions $questions,
        private QuestionPages $pages,
        private DatabaseTree $tree,
    ) {
    }

    #[Get('/trees/{tree}/questions', 'questions', QuestionsPage::class)]
    public function index(): JsonResponse
    {
        $this->refuseShielded();

        return response()->json($this->pages->index());
    }

    #[Get('/trees/{tree}/questions/{question}', 'question', QuestionPage::class)]
    public function show(string $tree, string $question): JsonResponse
    {
        $this->refuseShielded();

        $row = Question::query()->findOrFail($question);
        $page = $this->pages->one($row);

        // What nobody wrote otherwise is the summary that follows from the decision.
        return response()->json(['summary' => QuestionPages::summary($row, $page)] + get_object_vars($page));
    }

    /** Takes up a conflict that was found and waits, such as one that came in with a file. */
    #[Post('/trees/{tree}/questions', 'takeUp', CreatedResource::class, OpenQuestionInput::class)]
    public function store(Request $request, ConflictSubjects $subjects, string $tree): JsonResponse
    {
        $input = OpenQuestionInput::from($request);
        $person = Person::query()->findOrFail($input->personId)->id;
        foreach ($subjects->conflicts([$person])[$person] ?? [] as $conflict) {
            if ($conflict->aspect === $input->aspect) {
                $question = $this->changes->run(new Intent(TreesController::user($request), 'Opened a question'),
                    fn (): Question => $this->questions->open($person, $conflict));

                return response()->json(new CreatedResource($question->id));
            }
        }
        throw new Refusal('Nothing disagrees there any more.', 409);
    }

    #[Post('/trees/{tree}/questions/{question}/decide', 'decide', CreatedResource::class, DecisionInput::class)]
    public function decide(Request $request, Facts $facts, StatedSex $toldSex, string $tree, string $question): JsonResponse
    {
        $input = DecisionInput::from($request);
        $row = Question::query()->findOrFail($question);
        $person = $this->tree->lives([(string) $row->person_id])[$row->person_id ?? ''] ?? null;
        $this->changes->run(new Intent(TreesController::user($request), 'Decided: '.QuestionPages::sentence($row, $person), $input->reason),
            function () use ($facts, $toldSex, $input, $question): void {
                $row = Question::query()->findOrFail($question);
                if ($row->aspect === 'sex') {
                    $toldSex->decide($row, $input->version,
                        Sex::tryFrom($input->sex ?? '') ?? throw new Refusal('Say which it is, a man or a woman.'), $input->reason);

                    return;
                }
                // What is concluded and told by nobody is a fact of its own, decided by reasoning.
                $leading = $input->factId
                    ?? $facts->add('person_id', (string) $row->person_id, ['kind' => $row->aspect, 'date' => (string) $input->date])->id;
                $this->questions->decide($row, $input->version, $leading, $input->standings ?? [], $input->reason);
            });

        return response()->json(new CreatedResource($question));
    }

    #[Post('/trees/{tree}/questions/{question}/reopen', 'reopen', CreatedResource::class, ReasonInput::class)]
    public function reopen(Request $request, string $tree, string $question): JsonResponse
    {
        $why = ReasonInput::from($request)->why ?? '';
        $this->changes->run(new Intent(TreesController::user($request), 'Opened a question again', $why),
            static function () use ($question, $why): void {
                Question::query()->findOrFail($question)
                    ->fill(['state' => 'open', 'reopened_by' => trim($why) === '' ? 'Opened again by hand.' : trim($why)])->save();
            });

        return response()->json(new CreatedResource($question));
    }

    /** Lets one value lead: what led before is a rival, and keeps its citations. */
    #[Post('/trees/{tree}/facts/{fact}/lead', 'letLead', CreatedResource::class, ReasonInput::class)]
    public function lead(Request $request, string $tree, string $fact): JsonResponse
    {
        $row = Event::query()->findOrFail($fact);
        $why = ReasonInput::from($request)->why ?? '';
        $this->changes->run(new Intent(TreesController::user($request), "Used another {$row->kind}", $why),
            fn () => $this->questions->letLead(Event::query()->findOrFail($fact), $why));

        return response()->json(new CreatedResource($fact));
    }

    /** Rules a value out: it stays, with why, so that nobody finds it again. */
    #[Post('/trees/{tree}/facts/{fact}/rule-out', 'ruleOut', CreatedResource::class, ReasonInput::class)]
    public function ruleOut(Request $request, string $tree, string $fact): JsonResponse
    {
        $why = trim(ReasonInput::from($request)->why ?? '');
        if ($why === '') {
            throw new Refusal('Write why it is ruled out, so that nobody finds it again.');
        }
        $row = Event::query()->findOrFail($fact);
        $this->changes->run(new Intent(TreesController::user($request), "Ruled out a {$row->kind}", $why),
            fn () => $this->questions->ruleOut(Event::query()->findOrFail($fact), $why));

        return response()->json(new CreatedResource($fact));
    }

    /** Questions name people and reasons; they are for those who may see the living. */
    private function refuseShielded(): void
    {
        $this->current->refuseShielded('Questions name living people; they are for those who may see them.');
    }
}
