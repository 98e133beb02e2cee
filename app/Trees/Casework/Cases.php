<?php

declare(strict_types=1);

namespace App\Trees\Casework;

use App\Models\Alternative;
use App\Models\Name;
use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Person;
use App\Models\Placing;
use App\Models\Point;
use App\Models\Question;
use App\Models\RestsOn;
use App\Models\RollLine;
use App\Refusal;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Editing\ParentSlots;
use App\Trees\Editing\Ties;
use Illuminate\Database\Eloquent\Collection;
use NorthBough\Core\Evidence\Casework\CaseState;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\PlacingState;
use NorthBough\Core\Tree\Standing;

/** Cases of identity and kinship: begun, gathered for, and concluded as far as the evidence goes. Called inside an open change set. */
final readonly class Cases
{
    /** What a case can ask. */
    public const ASPECTS = ['same', 'line', 'mother', 'father', 'parent'];

    public function __construct(private Ties $ties, private ParentSlots $parents)
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
            RollLine::query()->where('id', $lineId)->first() ?? throw new Refusal('That line is not kept yet: keep the roll, then ask who it is.', 409);
        }
        $question = Question::query()->create([
            'kind' => in_array($aspect, ['same', 'line'], true) ? 'identity' : 'kinship', 'aspect' => $aspect,
            'person_id' => $subjectId, 'other_person_id' => $aspect === 'same' ? $people[0] : null, 'roll_line_id' => $lineId,
        ]);
        $people = array_values(array_unique([...$this->present($aspect, $subjectId), ...$people]));
        foreach ($aspect === 'same' ? ['They are one person', 'They are two people'] : $people as $at => $one) {
            $aspect === 'same' ? $this->alternative($question, null, $one, $at) : $this->alternative($question, $one, '', $at);
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
        $sex = match ($aspect) {
            'mother' => 'F',
            'father' => 'M',
            default => '',
        };
        if ($sex === '' || $childId === null) {
            return [];
        }
        $parents = $this->parents->leadingByBirth(Person::query()->findOrFail($childId))->pluck('person_id');

        return array_values(Person::query()->whereIn('id', $parents)->where('sex', $sex)->orderBy('id')->pluck('id')->all());
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
        $present = $question->kind === 'kinship' ? $this->standing($question, $alternatives) : [];
        foreach ($state === CaseState::Proved ? array_diff($present, $alternatives->pluck('person_id')->all()) : [] as $other) {
            $this->settleTie($question, $other, false, $state, $present);
        }
        // The others first: of one line, one at most is placed.
        foreach ($alternatives->sortBy(static fn (Alternative $alternative): bool => $alternative->id === $chosen?->id) as $one) {
            $isChosen = $one->id === $chosen?->id;
            $one->fill(['outcome' => $isChosen && $state->isConcluded() ? $state->value : ''])->save();
            $this->settle($question, $one, $isChosen, $chosen === null ? CaseState::Unresolved : $state, $present);
        }
        if ($question->kind === 'kinship') {
            $this->settleParents($question, $present, array_values(array_filter($alternatives->pluck('person_id')->all())), $chosen?->person_id, $state);
        }
        foreach (Point::query()->where('question_id', $question->id)->whereNotNull('claim_id')->pluck('claim_id')->unique() as $claimId) {
            RestsOn::query()->create(['deciding_question_id' => $question->id, 'claim_id' => $claimId]);
        }
        $question->fill(['state' => $state->value, 'decision' => $chosen === null ? '' : $this->called($chosen), 'reason' => trim($reason), 'reopened_by' => ''])->save();
        ConflictCase::followCase($question, $state);
    }

    /**
     * Who stands in the tree as the one that the case asks for: by the sex that it asks for, or by being among its answers.
     *
     * @param  Collection<int, Alternative>  $alternatives
     * @return list<string>
     */
    private function standing(Question $question, Collection $alternatives): array
    {
        $leading = $this->parents->leadingByBirth(Person::query()->findOrFail((string) $question->person_id))->pluck('person_id')->all();

        return array_values(array_unique([...$this->present($question->aspect, $question->person_id), ...array_intersect($leading, $alternatives->pluck('person_id')->all())]));
    }

    /** @param  list<string>  $present */
    private function settle(Question $question, Alternative $alternative, bool $isChosen, CaseState $state, array $present): void
    {
        if ($alternative->person_id === null) {
            return;
        }
        if ($question->roll_line_id !== null) {
            $to = $isChosen ? $state->placing() : $state->placingOfOthers();
            if ($to === PlacingState::Placed) {
                foreach (Placing::query()->where('roll_line_id', $question->roll_line_id)->where('state', 'placed')->where('person_id', '<>', $alternative->person_id)->get() as $elsewhere) {
                    $elsewhere->fill(['state' => 'refused'])->save();
                }
            }
            $placing = $this->mayBe($question, $alternative->person_id);
            $placing?->fill(['state' => $to->value])->save();
            if ($isChosen && $state->isConcluded() && $placing !== null) {
                RestsOn::query()->create(['deciding_placing_id' => $placing->id, 'question_id' => $question->id]);
            }
        }
        if ($question->kind === 'kinship') {
            $this->settleTie($question, $alternative->person_id, $isChosen, $state, $present);
        }
    }

    /**
     * What is proved takes the place of whoever stood there; what is only probable stands as a rival beside them.
     *
     * @param  list<string>  $present  who stands in the tree as the one that is asked for
     */
    private function settleTie(Question $question, string $parentId, bool $isChosen, CaseState $state, array $present): void
    {
        $child = Person::query()->findOrFail((string) $question->person_id);
        $tie = $this->tie($child->id, $parentId);
        $isBeside = $state === CaseState::Probable && $present !== [] && ! in_array($parentId, $present, true);
        if ($tie === null && $isChosen && in_array($state, [CaseState::Probable, CaseState::Proved], true)) {
            $this->ties->addParentTold($child, Person::query()->findOrFail($parentId), ParentageKind::Birth, $isBeside ? Standing::Rival : Standing::Unweighed);
            $tie = $this->tie($child->id, $parentId);
        }
        if ($tie === null) {
            return;
        }
        $tie->fill([
            'proof' => ($isChosen || $state === CaseState::Unresolved ? $state->proof() : CaseState::Unresolved->proof())->value,
            'standing' => ($isChosen ? ($isBeside ? Standing::Rival : $state->standing()) : $state->standingOfOthers())->value,
        ]);
        $tie->isDirty() && $tie->save();
        if ($isChosen && $state->isConcluded()) {
            RestsOn::query()->create(['deciding_parentage_id' => $tie->id, 'question_id' => $question->id]);
        }
    }

    /**
     * After all are settled: whoever stood there stays while another is only probable; no more than two lead; and those
     * who lead stand together.
     *
     * @param  list<string>  $present
     * @param  list<string>  $asked  the people of the alternatives, in their order
     */
    private function settleParents(Question $question, array $present, array $asked, ?string $chosenId, CaseState $state): void
    {
        $child = Person::query()->findOrFail((string) $question->person_id);
        if ($state === CaseState::Probable && $chosenId !== null && ! in_array($chosenId, $present, true)) {
            foreach ($present as $id) {
                $this->stands($child, $id, Standing::Unweighed);
            }
        }
        foreach (array_reverse($asked) as $id) {
            if ($id !== $chosenId && $this->parents->leadingByBirth($child)->count() > 2) {
                $this->stands($child, $id, Standing::Rival);
            }
        }
        $this->ties->gather($child);
    }

    private function stands(Person $child, string $parentId, Standing $standing): void
    {
        $tie = $this->tie($child->id, $parentId);
        if ($tie !== null && $tie->standing !== $standing->value) {
            $tie->fill(['standing' => $standing->value])->save();
        }
    }

    private function tie(string $childId, string $parentId): ?Parentage
    {
        return Parentage::query()->where('person_id', $parentId)->whereIn('parent_set_id', ParentSet::query()->where('child_id', $childId)->select('id'))->first();
    }

    /** The line may be that person; nothing where the case is about no line. */
    private function mayBe(Question $question, string $personId): ?Placing
    {
        if ($question->roll_line_id === null) {
            return null;
        }

        return Placing::query()->where('roll_line_id', $question->roll_line_id)->where('person_id', $personId)->first()
            ?? Placing::query()->create(['roll_line_id' => $question->roll_line_id, 'person_id' => $personId, 'state' => 'alternative', 'entered_for' => $personId]);
    }

    private function called(Alternative $alternative): string
    {
        return $alternative->title !== '' ? $alternative->title : (string) Name::query()->where('person_id', $alternative->person_id)->orderBy('position')->first()?->personalName()->shown();
    }
}
