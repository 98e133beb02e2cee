<?php

declare(strict_types=1);

namespace App\Trees\Evidence\Impact;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Placing;
use App\Models\Question;
use App\Models\Record;
use App\Models\RestsOn;
use App\Refusal;
use App\Trees\Claims\ClassifiedClaims;
use App\Trees\Evidence\Questions;
use App\Trees\Families\FamilyWriter;
use NorthBough\Core\Evidence\Casework\CaseState;
use NorthBough\Core\Evidence\Impact\AssumedFalse;
use NorthBough\Core\Evidence\Impact\ConclusionKind;
use NorthBough\Core\Evidence\Impact\ImpactAnalysis;
use NorthBough\Core\Family\Command\DropParents;

/** Previews what becomes of everything that rests on something false, and marks it as false in one change. */
final readonly class Impacts
{
    /** A thread from more claims than these is pulled record by record. */
    private const MOST_CLAIMS = 2000;

    public function __construct(private ClassifiedClaims $classes, private Questions $questions, private FamilyWriter $families)
    {
    }

    /** @throws Refusal when it is not there, or more rests on it than can be read */
    public function preview(ImpactTarget $impactTarget, string $id): ImpactPreview
    {
        $grounds = new ConclusionLoader($this->classes);
        $supposed = $this->follow($grounds, $impactTarget, $id);
        $impact = ImpactAnalysis::of($grounds->conclusions(), $supposed, $grounds->byPlacing());

        $decision = $impactTarget === ImpactTarget::Decision ? $grounds->decisions[$id] ?? null : null;

        return new ImpactPreview($grounds, $impact, $decision === null ? [] : array_keys($this->questions->facts($decision)));
    }

    /**
     * Makes it so: claims are withdrawn, what falls is ruled out, lines are refused, and decisions are asked again.
     * Called inside an open change set.
     *
     * @param  string  $seen  mark of what was foretold, when somebody said that it shall be so
     *
     * @throws Refusal when something else would come of it by now
     */
    public function markFalse(ImpactTarget $impactTarget, string $id, string $why, string $seen): void
    {
        if (trim($why) === '') {
            throw new Refusal('Write why it is false: it stays to be read, so that nobody concludes it again.');
        }
        $preview = $this->preview($impactTarget, $id);
        if ($preview->mark() !== $seen) {
            throw new Refusal('Something was changed meanwhile, and now other things would follow. Look at the list again.', 409);
        }
        $gone = $preview->impact->gone(...);
        // Claims first: what a decision rests on is no longer asked when it is opened.
        foreach (Claim::query()->whereIn('id', $preview->impact->void)->where('withdrawn', '')->get() as $claim) {
            $claim->fill(['withdrawn' => trim($why)])->save();
        }
        foreach (Event::query()->whereIn('id', $gone(ConclusionKind::Fact))->get() as $fact) {
            $fact->standing === 'ruled out' || $fact->fill(['standing' => 'ruled out'])->save();
        }
        $this->families->run(new DropParents($gone(ConclusionKind::Tie), $preview->impact->unproved(ConclusionKind::Tie)));
        foreach (Placing::query()->whereIn('id', $gone(ConclusionKind::Placing))->get() as $placing) {
            $placing->fill(['state' => 'refused', 'reason' => trim($why)])->save();
        }
        foreach (Placing::query()->whereIn('id', $preview->impact->unproved(ConclusionKind::Placing))->get() as $placing) {
            $placing->fill(['state' => CaseState::Unresolved->placing()->value])->save();
        }
        foreach (Question::query()->whereIn('id', $gone(ConclusionKind::Decision))->get() as $question) {
            $this->open($question, $question->id === $id, trim($why));
        }
    }

    private function follow(ConclusionLoader $grounds, ImpactTarget $impactTarget, string $id): AssumedFalse
    {
        switch ($impactTarget) {
            case ImpactTarget::Fact:
                $grounds->followFact($id);

                return AssumedFalse::conclusions($id);
            case ImpactTarget::Tie:
                $grounds->followTie($id);

                return AssumedFalse::conclusions($id);
            case ImpactTarget::Placing:
                $grounds->followPlacing($id);

                return AssumedFalse::conclusions($id);
            case ImpactTarget::Decision:
                $grounds->followDecision($id);

                return AssumedFalse::conclusions($id);
            case ImpactTarget::Claim:
            case ImpactTarget::Record:
            case ImpactTarget::Source:
                $claims = Claim::query()->where('withdrawn', '');
                $claims = match ($impactTarget) {
                    ImpactTarget::Claim => $claims->where('id', $id),
                    ImpactTarget::Record => $claims->where('record_id', $id),
                    ImpactTarget::Source => $claims->whereIn('record_id', Record::query()->where('source_id', $id)->select('id')),
                };
                $ids = array_values($claims->limit(self::MOST_CLAIMS + 1)->pluck('id')->all());
                if (count($ids) > self::MOST_CLAIMS) {
                    throw new Refusal('More than '.self::MOST_CLAIMS
                        .' claims come from it: suppose one of its records false, not all at once.');
                }
                $grounds->followClaims($ids);

                return AssumedFalse::claims(...$ids);
        }
    }

    private function open(Question $question, bool $isSupposed, string $why): void
    {
        if ($isSupposed) {
            // What was decided wrongly is not weighed at all until it is decided anew.
            foreach (RestsOn::query()->where('deciding_question_id', $question->id)->get() as $ground) {
                $ground->delete();
            }
            foreach ($this->questions->facts($question) as $fact) {
                $fact->standing === 'unweighed' || $fact->fill(['standing' => 'unweighed'])->save();
            }
        }
        $question->fill(['state' => 'open', 'reopened_by' => $isSupposed ? $why : "What it rests on is false: {$why}"])->save();
    }
}
