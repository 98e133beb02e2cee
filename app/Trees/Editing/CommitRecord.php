<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Claim;
use App\Models\Name;
use App\Models\Person;
use App\Models\Placing;
use App\Models\Record;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Dating\SourceDates;
use App\Trees\Derived\Window\Windows;
use App\Trees\Evidence\RuledOutValues;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Records\LineChoice;
use App\Trees\Records\StoredRoll;
use NorthBough\Core\Life\Window\OutsideLifespan;
use NorthBough\Core\Record\Agreement;
use NorthBough\Core\Record\AssertionCheck;
use NorthBough\Core\Record\AssertionSubject;
use NorthBough\Core\Record\RecordComparison;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/**
 * Adds a record to the tree: places its lines, makes the people who are new, and enters what it tells, each fact
 * cited by its line. Nothing that is there is entered twice.
 */
final readonly class CommitRecord
{
    /** Ties are made before the facts of couples, and both after the people. */
    private const ORDER = [AssertionSubject::Sex, AssertionSubject::Partner, AssertionSubject::Child, AssertionSubject::Couple,
        AssertionSubject::Person, AssertionSubject::Remark];

    public function __construct(
        private StoredRoll $rolls,
        private People $people,
        private AssertionWriter $facts,
        private DatabaseTree $tree,
        private SourceDates $dates,
        private RuledOutValues $ruledOut,
        private Windows $windows,
    ) {
    }

    /**
     * @param  list<LineChoice>  $choices  lines that are left out stay as they are
     *
     * @throws Refusal when one person would stand on two lines that exclude each other
     */
    public function commit(Change $change, Record $record, array $choices): CommitSummary
    {
        $roll = $this->rolls->roll($record);
        $taken = new CommitSummary;
        $byLine = [];
        foreach ($choices as $choice) {
            $line = $roll->line($choice->lineId)
                ?? throw new Refusal('A line that was decided on is no longer on this record. Look at it again.', 409);
            $byLine[$line->id] = $choice;
            $this->place($change, $roll, $line, $choice, $taken);
        }
        $placed = $this->rolls->placings($record)->where('state', 'placed')
            ->map(static fn (Placing $placing): string => (string) $placing->person_id)->all();
        self::refuseTwice($roll, $placed);
        $against = new RecordComparison($roll, $placed, $this->tree, $record->id, $this->ruledOut->why(...));
        foreach (self::ORDER as $of) {
            foreach ($roll->lines as $line) {
                foreach (isset($byLine[$line->id], $placed[$line->id]) ? $against->of($line) : [] as $check) {
                    if ($check->assertion->of === $of && self::isWanted($check, $byLine[$line->id])) {
                        $this->facts->enter($record, $check, $placed, $taken);
                    }
                }
            }
        }
        $this->dates->readAgainOf($record);
        if ($record->look_again) {
            $record->fill(['look_again' => false])->save();
        }

        return $taken;
    }

    private function place(Change $change, Roll $roll, RollLine $line, LineChoice $choice, CommitSummary $taken): void
    {
        $before = Placing::query()->where('roll_line_id', $line->id)->whereIn('state', ['placed', 'set aside'])->first();
        $state = match ($choice->as) {
            LineChoice::PLACED, LineChoice::NEW => 'placed',
            LineChoice::ASIDE => 'set aside',
            default => '',
        };
        $personId = match ($choice->as) {
            LineChoice::PLACED => Person::query()->where('id', $choice->personId)->firstOrFail()->id,
            // Somebody made from this line before is not made again.
            LineChoice::NEW => $before !== null && $before->state === 'placed' ? (string) $before->person_id
                : $this->make($roll, $line, $taken)->id,
            default => null,
        };
        if ($choice->as === LineChoice::PLACED && trim($choice->reason) === '' && ($before === null || $before->person_id !== $personId)) {
            $this->refuseOutsideLife($roll, $line, (string) $personId);
        }
        if ($before !== null && $before->state === $state && $before->person_id === $personId
            && $before->reason === trim($choice->reason)) {
            return;
        }
        if ($before !== null) {
            $change->deleteWhole($before);
        }
        if ($state !== '') {
            Placing::query()
                ->create(['roll_line_id' => $line->id, 'person_id' => $personId, 'state' => $state, 'reason' => trim($choice->reason),
                    'entered_for' => $personId]);
            $taken->placed += $state === 'placed' ? 1 : 0;
            $taken->aside += $state === 'placed' ? 0 : 1;
        }
    }

    /** @throws Refusal when somebody was certainly dead, or not born yet, on the day of the line */
    private function refuseOutsideLife(Roll $roll, RollLine $line, string $personId): void
    {
        [$windows, $people] = $this->windows->around($personId);
        $says = OutsideLifespan::explanation($roll, $line, $windows->of($personId));
        if ($says !== '') {
            throw new Refusal(
                "{$line->name} is placed on {$people[$personId]->name()->shown()} (no. {$people[$personId]->number}), who did not live "
                    ."that day. {$says} Write why it is them all the same, or place the line on somebody else.", 409,
                ['lineId' => $line->id]);
        }
    }

    private function make(Roll $roll, RollLine $line, CommitSummary $taken): Person
    {
        $name = $roll->name($line);
        if ($name->isEmpty()) {
            throw new Refusal('A line without a name cannot be a new person. Write what the page says first; an unknown name is “?”.');
        }
        // A wife stands under her husband's name: what she was born as is not told.
        $isMarriedName = $roll->tie($line) === RoleRelation::Partner && $roll->principalOf($line) !== null
            && $roll->name($roll->principalOf($line))->surname === $name->surname;
        $person = $this->people->named($isMarriedName ? $name->withoutSurname() : $name, $roll->sex($line));
        $taken->people++;
        Claim::query()
            ->create(['record_id' => $this->recordOf($line), 'roll_line_id' => $line->id, 'aspect' => 'name', 'words' => $line->name,
                'name_id' => Name::query()->where('person_id', $person->id)->firstOrFail()->id]);

        return $person;
    }

    private function recordOf(RollLine $line): string
    {
        return \App\Models\RollLine::query()->where('id', $line->id)->firstOrFail()->record_id;
    }

    private static function isWanted(AssertionCheck $assertionCheck, LineChoice $choice): bool
    {
        $key = $assertionCheck->assertion->key();

        return match (true) {
            in_array($key, $choice->declined, true), $assertionCheck->assertion->of === AssertionSubject::Remark => false,
            $assertionCheck->isWanted => true,
            default => $assertionCheck->state !== Agreement::Contradicts && in_array($key, $choice->wanted, true),
        };
    }

    /** @param  array<string, string>  $placed */
    private static function refuseTwice(Roll $roll, array $placed): void
    {
        $taken = [];
        foreach ($roll->lines as $line) {
            $person = $placed[$line->id] ?? null;
            if ($person === null || ($roll->role($line)->mayRepeat ?? false)) {
                continue;
            }
            if (isset($taken[$person])) {
                throw new Refusal("{$taken[$person]} and {$line->name} cannot be one person: they stand on two lines of this record.", 409);
            }
            $taken[$person] = $line->name;
        }
    }
}
