<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Question;
use App\Models\RestsOn;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeMethod;
use NorthBough\Core\Evidence\Conflict\Conflict;

/** Questions that contradictions open, and their decisions. Called inside an open change set. */
final readonly class Questions
{
    /** Aspects of which one fact can be decided on. */
    public const OF_FACTS = ['birth', 'death'];

    /** More people than these are touched by work in bulk, whose conflicts wait as findings. */
    private const BY_HAND = 60;

    public function __construct(private ConflictSubjects $subjects, private DecisionReopener $reopener)
    {
    }

    /** After a change by hand: a hard contradiction opens its question at once, and opens again one that was decided. */
    public function look(Change $change, ChangeMethod $how): void
    {
        $touched = $change->touched->people();
        if ($how !== ChangeMethod::Hand || count($touched) > self::BY_HAND) {
            return;
        }
        $this->reopener->openAgain($change);
        if ($touched !== []) {
            // What disagreed before, and was not touched, waits as a finding.
            $this->openHard($touched, $change,
                static fn (Conflict $conflict): bool => array_filter($conflict->ids, $change->touched->has(...)) !== []);
        }
    }

    /**
     * @param  list<string>  $personIds
     * @param  (\Closure(Conflict): bool)|null  $which  null for all
     */
    public function openHard(array $personIds, Change $change, ?\Closure $which = null): void
    {
        foreach ($this->subjects->conflicts($personIds, $change->touched->hasAny('parent_sets', 'parentages') || $which === null,
            $change->touched->hasAny('people', 'claims') || $which === null) as $personId => $conflicts) {
            foreach ($conflicts as $conflict) {
                if ($conflict->isHard() && ($which === null || $which($conflict) || $this->isSaidByHand($personId, $conflict, $change))) {
                    $this->open($personId, $conflict, $change);
                }
            }
        }
    }

    /** Whether the sex that lines contradict was written in this change, and it was not asked before. */
    private function isSaidByHand(string $personId, Conflict $conflict, Change $change): bool
    {
        return $conflict->aspect === 'sex' && $change->touched->has($personId) && Question::query()->where('person_id', $personId)
            ->where('aspect', 'sex')->doesntExist();
    }

    public function open(string $personId, Conflict $conflict, ?Change $change = null): Question
    {
        $question = Question::query()->where('person_id', $personId)->where('kind', 'conflict')->where('aspect', $conflict->aspect)
            ->first();
        if ($question === null) {
            return Question::query()
                ->create(['kind' => 'conflict', 'person_id' => $personId, 'aspect' => $conflict->aspect, 'title' => $conflict->ground,
                    'about' => self::about($conflict)]);
        }
        if ($question->state !== 'open') {
            $question->fill(
                ['state' => 'open', 'title' => $conflict->ground, 'about' => self::about($conflict),
                    'reopened_by' => $change === null ? $conflict->ground : "It was decided, and then: {$conflict->ground}"])->save();
        }

        return $question;
    }

    /**
     * Decides which fact leads, how the others stand, and why.
     *
     * @param  array<string, string>  $standings  rival or ruled out, by fact; a fact that is missing is a rival
     *
     * @throws Refusal when the fact is none of those that the question is about, or no reason is given
     */
    public function decide(Question $question, int $version, string $leadingId, array $standings, string $reason): void
    {
        ChangedMeanwhile::unless($question, $version, ['reason' => $reason]);
        if (trim($reason) === '') {
            throw new Refusal('Write why: whoever comes after you can only follow a reason.');
        }
        $facts = $this->facts($question);
        $leading = $facts[$leadingId] ?? throw new Refusal('That is none of the facts that this question is about. Look at it again.', 409);
        foreach ($facts as $id => $fact) {
            $standing = $id === $leadingId ? 'accepted' : ($standings[$id] ?? 'rival');
            if ($fact->standing !== $standing) {
                $fact->fill(['standing' => $standing])->save();
            }
        }
        $this->restOn($question, $leading);
        $question->fill(
            ['state' => 'decided', 'decision' => trim("{$leading->date->shown}, {$leading->place_typed}", ', '), 'reason' => trim($reason),
                'reopened_by' => ''])->save();
    }

    /** Lets one fact of its kind lead: it is accepted, and what led before is a rival. Leading twice is nothing. */
    public function letLead(Event $fact, string $why = ''): void
    {
        if ($fact->standing === 'accepted') {
            return;
        }
        foreach (Event::query()->where($fact->person_id === null ? 'union_id' : 'person_id', $fact->person_id ?? $fact->union_id)
            ->where('kind', $fact->kind)->where('denied', false)->get() as $rival) {
            if ($rival->id !== $fact->id && in_array($rival->standing, ['accepted', 'unweighed'], true)) {
                $rival->fill(['standing' => 'rival'])->save();
            }
        }
        $fact->fill(['standing' => 'accepted'])->save();
        $this->closeSettled($fact, $why);
    }

    public function ruleOut(Event $fact, string $why): void
    {
        $fact->fill(['standing' => 'ruled out'])->save();
        $this->closeSettled($fact, $why);
    }

    /** A question that is settled where its facts stand needs no second decision: it closes with what leads, and why. */
    private function closeSettled(Event $fact, string $why): void
    {
        $question = $fact->person_id === null ? null : Question::query()->where('person_id', $fact->person_id)->where('kind', 'conflict')
            ->where('aspect', $fact->kind)->where('state', 'open')->first();
        if ($question === null) {
            return;
        }
        foreach ($this->subjects->conflicts([(string) $fact->person_id], false, false)[(string) $fact->person_id] ?? [] as $conflict) {
            if ($conflict->aspect === $fact->kind && $conflict->isHard()) {
                return;
            }
        }
        $facts = Event::query()->where('person_id', $fact->person_id)->where('kind', $fact->kind)->where('denied', false)
            ->orderBy('position')->orderBy('ordinal')->orderBy('id')->get();
        $leading = $facts->firstWhere('standing', 'accepted') ?? $facts->firstWhere('standing', 'unweighed');
        if ($leading === null) {
            return;
        }
        $this->restOn($question, $leading);
        $question->fill(['state' => 'decided', 'decision' => trim("{$leading->date->shown}, {$leading->place_typed}", ', '),
            'reason' => trim($why) === '' ? 'Another value was chosen on the person’s page.' : trim($why), 'reopened_by' => ''])->save();
    }

    /** @return array<string, Event> the facts that a question is about, in hand order */
    public function facts(Question $question): array
    {
        $facts = in_array($question->aspect, self::OF_FACTS, true)
            ? Event::query()->where('person_id', $question->person_id)->where('kind', $question->aspect)->where('denied', false)
            : Event::query()->whereIn('id', $question->about);

        return $facts->orderBy('position')->orderBy('ordinal')->orderBy('id')->get()->keyBy('id')->all();
    }

    /**
     * @return list<string> the facts, where the aspect alone does not tell them: two places on one day, or what is told not
     *     to have happened
     */
    private static function about(Conflict $conflict): array
    {
        return in_array($conflict->aspect, [...self::OF_FACTS, 'mother', 'father', 'sex'], true) ? [] : $conflict->ids;
    }

    /** What the decision rests on: every claim that tells the leading fact. */
    private function restOn(Question $question, Event $leading): void
    {
        foreach (RestsOn::query()->where('deciding_question_id', $question->id)->get() as $before) {
            $before->delete();
        }
        foreach (Claim::query()->where('event_id', $leading->id)->pluck('id') as $claimId) {
            RestsOn::query()->create(['deciding_question_id' => $question->id, 'claim_id' => $claimId]);
        }
    }
}
