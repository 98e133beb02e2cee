<?php

declare(strict_types=1);

namespace App\Trees\Casework;

use App\Models\Alternative;
use App\Models\Name;
use App\Models\Parentage;
use App\Models\Person;
use App\Models\Placing;
use App\Models\Point;
use App\Models\Question;
use App\Models\RestsOn;
use App\Models\RollLine;
use App\Refusal;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Families\FamilyLoader;
use App\Trees\Families\FamilyWriter;
use NorthBough\Core\Evidence\Casework\CaseState;
use NorthBough\Core\Evidence\Casework\KinshipVerdict;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Tree\PlacingState;

/** Cases of identity and kinship: begun, gathered for, and concluded as far as the evidence goes. Called inside an open change set. */
final readonly class Cases
{
    /** What a case can ask. */
    public const ASPECTS = ['same', 'line', 'mother', 'father', 'parent'];

    public function __construct(private FamilyLoader $loader, private FamilyWriter $families)
    {
    }

    /**
     * @param  string  $aspect  one of ASPECTS
     * @param  string|null  $subjectId  the child, or the first of two people; null for a line
     * @param  list<string>  $people  who it may be: the other person, the parents, or those whom the line may name
     *
     * @throws Refusal when it names nobody to decide between, or the same one twice
     */
    public function begin(string $aspect, ?string $subjectId, ?string $lineId, array $people): Question
    {
        $people = array_values(array_unique($people));
        if ($people === [] || in_array($subjectId, $people, true)) {
            throw new Refusal('Name somebody else: a case is between people.');
        }
        if (($aspect === 'line') === ($lineId === null) || ($aspect === 'line') === ($subjectId !== null)) {
            throw new Refusal('Say of whom it is asked: a line of a record, or a person.');
        }
        foreach ([...$people, ...array_filter([$subjectId])] as $id) {
            Person::query()->findOrFail($id);
        }
        if ($lineId !== null) {
            RollLine::query()->where('id', $lineId)
                ->first() ?? throw new Refusal('That line is not kept yet: keep the roll, then ask who it is.', 409);
        }
        $question = Question::query()->create([
            'kind' => in_array($aspect, ['same', 'line'], true) ? 'identity' : 'kinship', 'aspect' => $aspect,
            'person_id' => $subjectId, 'other_person_id' => $aspect === 'same' ? $people[0] : null, 'roll_line_id' => $lineId,
        ]);
        $people = array_values(array_unique([...$this->present($aspect, $subjectId), ...$people]));
        foreach ($aspect === 'same' ? ['They are one person', 'They are two people'] : $people as $at => $option) {
            $aspect === 'same' ? $this->alternative($question, null, $option, $at) : $this->alternative($question, $option, '', $at);
        }

        return $question;
    }

    /**
     * Who stands in the tree as the one that is asked for: an answer from the start.
     *
     * @return list<string>
     */
    private function present(string $aspect, ?string $childId): array
    {
        return $childId === null ? [] : KinshipVerdict::ofSex($this->loader->around(Reach::people($childId)), $aspect, $childId);
    }

    /** One answer more: somebody, or in words where it is nobody of the tree. */
    public function alternative(Question $question, ?string $personId, string $title, ?int $position = null): Alternative
    {
        if ($personId === null && trim($title) === '') {
            throw new Refusal('Name somebody, or say in words who it may be.');
        }
        if ($personId !== null) {
            Person::query()->findOrFail($personId);
            if (Alternative::query()->where('question_id', $question->id)->where('person_id', $personId)->exists()) {
                throw new Refusal('That one is named already.', 409);
            }
            $this->mayBe($question, $personId);
        }

        return Alternative::query()->create(['question_id' => $question->id, 'person_id' => $personId, 'title' => trim($title),
            'position' => $position ?? 1 + (int) Alternative::query()->where('question_id', $question->id)->max('position')]);
    }

    /**
     * Concludes, as far as it goes, for one of the alternatives: the others stay with their reasons.
     *
     * @param  string|null  $alternativeId  null for none of them
     *
     * @throws Refusal when no reason is given, or none is named where one must be
     */
    public function conclude(Question $question, int $version, ?string $alternativeId, CaseState $state, string $reason): void
    {
        ChangedMeanwhile::unless($question, $version, ['reason' => $reason]);
        if ($state === CaseState::Open || (trim($reason) === '' && $state->isConcluded())) {
            throw new Refusal('Write why: whoever comes after you can only follow a reason.');
        }
        $alternatives = Alternative::query()->where('question_id', $question->id)->orderBy('position')->get();
        $chosen = $alternatives->firstWhere('id', $alternativeId);
        if ($chosen === null && $state !== CaseState::Unresolved) {
            throw new Refusal('Say for whom: take one of the alternatives in hand.');
        }
        foreach (RestsOn::query()->where('deciding_question_id', $question->id)->orWhere('question_id', $question->id)->get() as $before) {
            $before->delete();
        }
        // The others first: of one line, one at most is placed.
        foreach ($alternatives->sortBy(static fn (Alternative $alternative): bool => $alternative->id === $chosen?->id) as $option) {
            $isChosen = $option->id === $chosen?->id;
            $option->fill(['outcome' => $isChosen && $state->isConcluded() ? $state->value : ''])->save();
            $this->place($question, $option, $isChosen, $chosen === null ? CaseState::Unresolved : $state);
        }
        if ($question->kind === 'kinship') {
            $this->settleParents($question, array_values(array_filter($alternatives->pluck('person_id')->all())),
                (string) $chosen?->person_id, $chosen === null ? CaseState::Unresolved : $state);
        }
        foreach (Point::query()->where('question_id', $question->id)->whereNotNull('claim_id')->pluck('claim_id')->unique() as $claimId) {
            RestsOn::query()->create(['deciding_question_id' => $question->id, 'claim_id' => $claimId]);
        }
        $question->fill(
            ['state' => $state->value, 'decision' => $chosen === null ? '' : $this->called($chosen), 'reason' => trim($reason),
                'reopened_by' => ''])->save();
        ConflictCase::followCase($question, $state);
    }

    private function place(Question $question, Alternative $alternative, bool $isChosen, CaseState $state): void
    {
        if ($alternative->person_id === null) {
            return;
        }
        if ($question->roll_line_id !== null) {
            $to = $isChosen ? $state->placing() : $state->placingOfOthers();
            if ($to === PlacingState::Placed) {
                foreach (Placing::query()->where('roll_line_id', $question->roll_line_id)->where('state', 'placed')
                    ->where('person_id', '<>', $alternative->person_id)->get() as $elsewhere) {
                    $elsewhere->fill(['state' => 'refused'])->save();
                }
            }
            $placing = $this->mayBe($question, $alternative->person_id);
            $placing?->fill(['state' => $to->value])->save();
            if ($isChosen && $state->isConcluded() && $placing !== null) {
                RestsOn::query()->create(['deciding_placing_id' => $placing->id, 'question_id' => $question->id]);
            }
        }
    }

    /** @param  list<string>  $asked  the people of the alternatives, in their order */
    private function settleParents(Question $question, array $asked, string $chosenId, CaseState $state): void
    {
        $childId = (string) $question->person_id;
        $present = KinshipVerdict::present($this->loader->around(Reach::people($childId)), $question->aspect, $childId, $asked);
        $this->families->run((new KinshipVerdict($childId, $state, $chosenId, $asked, $present))->command());
        $tie = $chosenId === '' || ! $state->isConcluded() ? null : $this->tie($childId, $chosenId);
        if ($tie !== null) {
            RestsOn::query()->create(['deciding_parentage_id' => $tie->id, 'question_id' => $question->id]);
        }
    }

    private function tie(string $childId, string $parentId): ?Parentage
    {
        return Parentage::between($childId, $parentId)->first();
    }

    /** The line may be that person; nothing where the case is about no line. */
    private function mayBe(Question $question, string $personId): ?Placing
    {
        if ($question->roll_line_id === null) {
            return null;
        }

        return Placing::query()->where('roll_line_id', $question->roll_line_id)->where('person_id', $personId)->first()
            ?? Placing::query()
                ->create(['roll_line_id' => $question->roll_line_id, 'person_id' => $personId, 'state' => 'alternative',
                    'entered_for' => $personId]);
    }

    private function called(Alternative $alternative): string
    {
        return $alternative->title !== '' ? $alternative->title : (string) Name::query()->where('person_id', $alternative->person_id)
            ->orderBy('position')->first()?->personalName()->shown();
    }
}
