<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Claim;
use App\Models\ClaimUse;
use App\Models\Event;
use App\Models\Parentage;
use App\Models\Person;
use App\Models\Record;
use App\Models\Union;
use App\Models\UnionPartner;
use App\Trees\Families\FamilyWriter;
use NorthBough\Core\Family\Command\AddParentOfRecord;
use NorthBough\Core\Family\Command\AddPartner;
use NorthBough\Core\Record\Agreement;
use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\AssertionCheck;
use NorthBough\Core\Record\AssertionSubject;

/** Enters one assertion of a line: a new fact or tie, or a citation on what is there. Called inside an open change set. */
final readonly class AssertionWriter
{
    public function __construct(private Facts $facts, private FamilyWriter $families)
    {
    }

    /** @param  array<string, string>  $placed  person by line */
    public function enter(Record $record, AssertionCheck $assertionCheck, array $placed, CommitSummary $taken): void
    {
        $assertion = $assertionCheck->assertion;
        $personId = $placed[$assertion->lineId] ?? null;
        $otherId = $placed[$assertion->otherLineId] ?? null;
        if ($personId === null || ($assertion->otherLineId !== '' && ($otherId === null || $otherId === $personId))) {
            return;
        }
        match ($assertion->of) {
            AssertionSubject::Sex => $this->sex($record, $assertionCheck, $personId, $taken),
            AssertionSubject::Partner => $this->partner($record, $assertionCheck, $personId, (string) $otherId, $taken),
            AssertionSubject::Child => $this->child($record, $assertionCheck, $personId, (string) $otherId, $taken),
            AssertionSubject::Couple => $this->fact($record, $assertionCheck, 'union_id', $this->union($personId, (string) $otherId)->id,
                $taken),
            AssertionSubject::Person => $this->fact($record, $assertionCheck, 'person_id', $personId, $taken),
            AssertionSubject::Remark => null,
        };
    }

    private function sex(Record $record, AssertionCheck $assertionCheck, string $personId, CommitSummary $taken): void
    {
        $this->claim($record, $assertionCheck->assertion, ['person_id' => $personId], $taken);
        if ($assertionCheck->state === Agreement::New) {
            Person::query()->where('id', $personId)->firstOrFail()->fill(['sex' => $assertionCheck->assertion->value])->save();
        }
    }

    private function partner(Record $record, AssertionCheck $assertionCheck, string $personId, string $otherId, CommitSummary $taken): void
    {
        $union = $this->unionOf($personId, $otherId);
        $isThere = $union !== null;
        if ($union === null) {
            $union = $this->families->couple(new AddPartner($personId, $otherId));
            $taken->ties++;
        }
        $this->claim($record, $assertionCheck->assertion, ['union_id' => $union->id], $taken, $isThere);
    }

    private function child(Record $record, AssertionCheck $assertionCheck, string $child, string $parent, CommitSummary $taken): void
    {
        $parentage = $this->parentage($child, $parent);
        $isThere = $parentage !== null;
        if ($isThere && ! $assertionCheck->assertion->isSaid) {
            // The page does not say it, so it is no claim for what is there.
            return;
        }
        if ($parentage === null) {
            // Where both parents are told of the child, the second joins the set that the first began.
            $this->families->run(new AddParentOfRecord($child, $parent));
            $parentage = $this->parentage($child, $parent);
            $taken->ties++;
        }
        $claim = $this->claim($record, $assertionCheck->assertion, [], $taken, $isThere);
        if ($claim !== null && $parentage !== null) {
            ClaimUse::query()
                ->create(['claim_id' => $claim->id, 'parentage_id' => $parentage->id,
                    'evidence' => $assertionCheck->assertion->isIndirect() ? 'indirect' : 'direct']);
        }
    }

    private function fact(Record $record, AssertionCheck $assertionCheck, string $column, string $ownerId, CommitSummary $taken): void
    {
        $assertion = $assertionCheck->assertion;
        $event = match ($assertionCheck->state) {
            Agreement::New => $assertionCheck->factId === '' ? $this->add($assertion, $column, $ownerId, $taken)
                : $this->fill($assertion, $assertionCheck->factId),
            Agreement::Contradicts => $assertionCheck->repeatsRuledOut ? Event::query()->where('id', $assertionCheck->factId)
                ->firstOrFail() : $this->beside($assertion, $column, $ownerId, $taken),
            default => Event::query()->where('id', $assertionCheck->factId)->firstOrFail(),
        };
        $claim = $this->claim($record, $assertion, ['event_id' => $event->id], $taken, $assertionCheck->state !== Agreement::New);
        if ($claim !== null && $assertionCheck->state === Agreement::Strains) {
            ClaimUse::query()->create(['claim_id' => $claim->id, 'event_id' => $event->id, 'stance' => 'bears on', 'evidence' => 'direct']);
        }
    }

    private function add(Assertion $assertion, string $column, string $ownerId, CommitSummary $taken): Event
    {
        $event = $this->facts->add($column, $ownerId, self::values($assertion));
        if ($assertion->reading !== '') {
            // Another reading of a doubtful word is a rival of the first.
            $event->fill(['standing' => 'rival'])->save();
            $taken->rivals++;

            return $event;
        }
        $taken->facts++;

        return $event;
    }

    /**
     * What contradicts stands beside what is there, unweighed: it comes after it in hand order, and so does not lead until
     * somebody rules.
     */
    private function beside(Assertion $assertion, string $column, string $ownerId, CommitSummary $taken): Event
    {
        $taken->rivals++;

        return $this->facts->add($column, $ownerId, self::values($assertion));
    }

    private function fill(Assertion $assertion, string $factId): Event
    {
        $event = Event::query()->where('id', $factId)->firstOrFail();
        $missing = ($event->date_typed === '' ? ['date' => $assertion->date->typed]
            : []) + ($event->place_typed === '' && $assertion->place !== '' ? ['place' => $assertion->place] : []);

        return $this->facts->change($event, $event->version, ['kind' => $event->kind, ...$missing]);
    }

    /**
     * The claim that a line makes is made once, however often the record is taken in.
     *
     * @param  array<string, string>  $on
     */
    private function claim(Record $record, Assertion $assertion, array $on, CommitSummary $taken, bool $isMore = false): ?Claim
    {
        $aspect = $assertion->kind !== '' ? $assertion->kind : $assertion->of->value;
        $known = Claim::query()->where('record_id', $record->id)->where('roll_line_id', $assertion->lineId)->where('aspect', $aspect);
        $known = $assertion->otherLineId === '' ? $known : $known->where('other_line_id', $assertion->otherLineId);
        foreach ($on as $column => $id) {
            $known->where($column, $id);
        }
        if ($known->exists()) {
            return null;
        }
        $columns = [
            'roll_line_id' => $assertion->lineId, 'other_line_id' => $assertion->otherLineId === '' ? null : $assertion->otherLineId,
            'aspect' => $aspect, 'reading' => $assertion->isDoubtful ? 'doubtful' : 'sure', 'taken_over' => false,
            'evidence' => $assertion->isIndirect() ? 'indirect' : 'unstated',
            'said' => array_filter(
                ['rule' => $assertion->rule, 'working' => $assertion->working, 'date' => $assertion->date->typed,
                    'place' => $assertion->place, 'value' => $assertion->value]),
        ];
        $plain = $on === [] ? null : Claim::query()->where('record_id', $record->id)->whereNull('roll_line_id')->where($on)->orderBy('id')
            ->first();
        if ($plain !== null) {
            // The record was cited for this already, by somebody who had no roll: now it is read from its line.
            $plain->fill([...$columns, 'words' => $plain->words === '' ? $assertion->words : $plain->words])->save();

            return $plain;
        }
        $taken->cited += $isMore ? 1 : 0;

        return Claim::query()->create(['record_id' => $record->id, 'words' => $assertion->words, ...$columns, ...$on]);
    }

    private function union(string $personId, string $otherId): Union
    {
        return $this->unionOf($personId, $otherId) ?? $this->families->couple(new AddPartner($personId, $otherId));
    }

    private function unionOf(string $personId, string $otherId): ?Union
    {
        return Union::query()->whereIn('id', UnionPartner::query()->where('person_id', $personId)->select('union_id'))
            ->whereIn('id', UnionPartner::query()->where('person_id', $otherId)->select('union_id'))->orderBy('id')->first();
    }

    private function parentage(string $child, string $parent): ?Parentage
    {
        return Parentage::between($child, $parent)->first();
    }

    /** @return array{kind: string, value: string, date: string, place: string} */
    private static function values(Assertion $assertion): array
    {
        return ['kind' => $assertion->kind, 'value' => $assertion->value, 'date' => $assertion->date->typed, 'place' => $assertion->place];
    }
}
