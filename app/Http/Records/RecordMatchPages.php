<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Records\Resources\AssertionResource;
use App\Http\Records\Resources\LineOffer;
use App\Http\Records\Resources\MatchedLine;
use App\Http\Records\Resources\RecordMatchResource;
use App\Models\Record;
use App\Trees\Derived\Window\StoredWindows;
use App\Trees\Evidence\RuledOutValues;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Records\LineChoice;
use App\Trees\Records\RecordMatches;
use App\Trees\Records\StoredRoll;
use App\Trees\Scope\CurrentTree;
use App\Trees\Search\OwnVariants;
use NorthBough\Core\Compare\PersonalNames;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Life\Window\OutsideLifespan;
use NorthBough\Core\Linkage\MatchOffer;
use NorthBough\Core\Linkage\ProbabilityWords;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Record\Agreement;
use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\AssertionCheck;
use NorthBough\Core\Record\AssertionSubject;
use NorthBough\Core\Record\RecordComparison;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Person;

/** A record lined up with the tree, for the margin of the reading table. */
final readonly class RecordMatchPages
{
    /** Nobody said anything of a line, and it is not plain who it is. */
    private const OPEN = 'open';

    public function __construct(
        private StoredRoll $rolls,
        private RecordMatches $lineUps,
        private DatabaseTree $tree,
        private CurrentTree $current,
        private RuledOutValues $ruledOut,
        private StoredWindows $windows,
    ) {
    }

    /** @param  list<LineChoice>  $choices  what was decided already; what is on the record counts for the other lines */
    public function of(Record $record, Roll $roll, array $choices, ?int $toldCount): RecordMatchResource
    {
        [$pinned, $aside, $as] = $this->decided($record, $roll, $choices);
        $lined = $this->lineUps->of($roll, $pinned, $aside);
        $placed = array_diff_key($lined->placed, array_flip($aside));
        foreach ($roll->lines as $line) {
            // Where somebody of the tree is near, or several are, nobody is placed or made before the user says so.
            $as[$line->id] ??= $lined->isOpen($line->id) ? self::OPEN : (isset($placed[$line->id]) ? LineChoice::PLACED : LineChoice::NEW);
            if (in_array($as[$line->id], [LineChoice::UNPLACED, self::OPEN], true)) {
                unset($placed[$line->id]);
            }
        }
        $ids = array_merge(array_values($placed),
            ...array_map(static fn (array $offers): array => array_map(static fn (MatchOffer $offer): string => $offer->personId, $offers),
                array_values($lined->offers)));
        $people = $this->tree->lives(array_values(array_unique($ids)));
        $against = new RecordComparison($roll, $placed, $this->tree, $record->id, $this->ruledOut->why(...));
        $variants = OwnVariants::of($this->current);
        $windows = $this->windows->of(array_values($placed));
        $state = new MatchState($placed, $people, $windows, $lined, $against, $variants);
        $lines = array_map(fn (RollLine $line): MatchedLine => $this->line($roll, $line, $as[$line->id], $state), $roll->lines);
        $fewer = $toldCount !== null && $toldCount > count($roll->lines)
            ? 'The page counts '.$toldCount.', and '.count($roll->lines).' lines are here.' : '';

        return new RecordMatchResource($lines, $fewer, self::reason($lines));
    }

    /**
     * A sentence to begin the reason with: what agreed of the lines that are placed, and nothing that the page does not tell.
     *
     * @param  list<MatchedLine>  $lines
     */
    private static function reason(array $lines): string
    {
        $placed = array_values(array_filter($lines, static fn (MatchedLine $line): bool => $line->as === LineChoice::PLACED));
        if ($placed === []) {
            return '';
        }
        $count = count($placed) === 1 ? 'One line fits' : count($placed).' lines fit';
        $agreed = ['name'];
        foreach ($placed as $line) {
            foreach ($line->told as $check) {
                $agreed[] = $check->state === Agreement::Agrees->value ? self::agreed($check) : '';
            }
            foreach ($line->offers as $offer) {
                $isKin = $offer->personId === $line->personId
                    && array_filter($offer->grounds, static fn (string $ground): bool => str_starts_with($ground, 'Known as ')) !== [];
                $agreed[] = $isKin ? 'relation' : '';
            }
        }
        $agreed = array_unique(array_filter($agreed));
        $agreed = [...array_intersect(['name', 'age', 'relation'], $agreed), ...array_diff($agreed, ['name', 'age', 'relation'])];
        $last = array_pop($agreed);

        return "{$count} {$placed[0]->name}".(count($placed) === 1 ? '' : ' and family').' in '
            .($agreed === [] ? $last : implode(', ', $agreed)." and {$last}").'.';
    }

    /** What it is, in a word, that an assertion agrees in; empty for what places nobody. */
    private static function agreed(AssertionResource $assertionResource): string
    {
        return match (true) {
            $assertionResource->of === AssertionSubject::Partner->value,
            $assertionResource->of === AssertionSubject::Child->value => 'relation',
            $assertionResource->rule === 'age told' => 'age',
            $assertionResource->of === AssertionSubject::Sex->value, $assertionResource->of === AssertionSubject::Remark->value => '',
            default => $assertionResource->aspect,
        };
    }

    /**
     * @param  list<LineChoice>  $choices
     * @return array{array<string, string>, list<string>, array<string, string>} pinned, aside, state by line
     */
    private function decided(Record $record, Roll $roll, array $choices): array
    {
        $pinned = [];
        $as = [];
        foreach ($this->rolls->placings($record) as $line => $placing) {
            $as[$line] = $placing->state === 'placed' ? LineChoice::PLACED : LineChoice::ASIDE;
            $pinned[$line] = (string) $placing->person_id;
        }
        foreach ($roll->lines as $line) {
            // The minister and the registrar are set aside unless somebody chooses otherwise.
            if (! isset($as[$line->id]) && ($roll->role($line)->isAside ?? false)) {
                $as[$line->id] = LineChoice::ASIDE;
            }
        }
        foreach ($choices as $choice) {
            $as[$choice->lineId] = $choice->as;
            unset($pinned[$choice->lineId]);
            if ($choice->as === LineChoice::PLACED) {
                $pinned[$choice->lineId] = $choice->personId;
            } elseif ($choice->as === LineChoice::NEW) {
                $pinned[$choice->lineId] = '';
            }
        }
        $aside = array_keys(array_filter($as, static fn (string $state): bool => $state === LineChoice::ASIDE));

        return [array_filter($pinned, static fn (string $line): bool => ! in_array($line, $aside, true), ARRAY_FILTER_USE_KEY),
            array_map(strval(...), $aside), $as];
    }

    private function line(Roll $roll, RollLine $line, string $as, MatchState $at): MatchedLine
    {
        $person = $at->placed[$line->id] ?? '';
        $stands = $as === self::OPEN ? LineChoice::UNPLACED : $as;
        $window = $at->windows[$person] ?? null;
        $offers = $at->match->offers[$line->id] ?? [];
        $check = in_array($stands, [LineChoice::PLACED, LineChoice::NEW], true) ? $at->against->of($line) : [];

        return new MatchedLine(
            $line->id, $stands, $person, isset($at->people[$person]) ? $at->people[$person]->name()->shown() : '',
            $at->match->odds($line->id, $person) > 0.0 ? ProbabilityWords::of($at->match->odds($line->id, $person)) : '',
            ProbabilityWords::of($at->match->newOdds[$line->id] ?? 1.0),
            match (true) {
                $as === self::OPEN => self::asksWho($offers, $at->people),
                $stands === LineChoice::PLACED
                    && isset($at->people[$person]) => trim(
                        ($window === null ? '' : OutsideLifespan::explanation($roll, $line, $window->window())).' '
                            .self::asks($roll, $line, $at->people[$person], $at->variants)),
                default => '',
            },
            array_map(static fn (MatchOffer $offer): LineOffer => new LineOffer($offer->personId, $at->people[$offer->personId]->name()
                ->shown(), LifeYears::shown($at->people[$offer->personId]),
                ProbabilityWords::of($offer->odds), $offer->grounds), $offers),
            array_map(fn (AssertionCheck $assertionCheck): AssertionResource => $this->assertion($roll, $assertionCheck), $check),
        );
    }

    private function assertion(Roll $roll, AssertionCheck $assertionCheck): AssertionResource
    {
        $assertion = $assertionCheck->assertion;

        return new AssertionResource($assertion->key(), $assertion->of->value, $assertionCheck->state->value,
            self::sentence($roll, $assertion), $assertion->rule, $assertion->working, $assertionCheck->ground, $assertion->words,
            $assertionCheck->isWanted,
            in_array($assertion->of, [AssertionSubject::Person, AssertionSubject::Couple], true)
                ? mb_strtolower(EventKinds::named($assertion->kind)->word) : '');
    }

    private static function sentence(Roll $roll, Assertion $assertion): string
    {
        $partnerName = $roll->line($assertion->otherLineId)->name ?? '';
        $rest = implode(', ',
            array_filter([$assertion->date->shown, $assertion->value, $assertion->place], static fn (string $part): bool => $part !== ''));

        return match ($assertion->of) {
            AssertionSubject::Person => trim(EventKinds::named($assertion->kind)->word." {$rest}"),
            AssertionSubject::Couple => trim(EventKinds::named($assertion->kind)->word." with {$partnerName} {$rest}"),
            AssertionSubject::Partner => "Partner of {$partnerName}",
            AssertionSubject::Child => ($roll->line($assertion->lineId)->name ?? '')." is a child of {$partnerName}",
            AssertionSubject::Sex => ucfirst((Sex::tryFrom($assertion->value) ?? Sex::Unknown)->word()),
            AssertionSubject::Remark => $assertion->working,
        };
    }

    /**
     * What is asked before somebody new is made while people of the tree are near.
     *
     * @param  list<MatchOffer>  $offers
     * @param  array<string, Person>  $people
     */
    private static function asksWho(array $offers, array $people): string
    {
        $first = $people[$offers[0]->personId ?? ''] ?? null;
        $others = count(array_filter($offers, static fn (MatchOffer $offer): bool => $offer->odds > 0.05)) - 1;

        return $first === null ? '' : "{$first->name()->shown()} (no. {$first->number}) may be meant".match (true) {
            $others < 1 => '',
            $others === 1 => ', or another',
            default => ", or one of {$others} others",
        }.': choose who it is, or make a new person of it.';
    }

    /** What is asked before a line goes to somebody whose known names do not fit; empty where they do. */
    private static function asks(Roll $roll, RollLine $line, Person $person, NameVariants $variants): string
    {
        foreach ($person->names as $name) {
            if (self::fits($roll, $line, $name->name->given, $variants)) {
                return '';
            }
        }

        return $line->name === '' ? '' : "The page says {$line->name}; {$person->name()->shown()} is not known by that name.";
    }

    /** A surname changes with a wedding; the given name is what must fit. */
    private static function fits(Roll $roll, RollLine $line, string $given, NameVariants $variants): bool
    {
        foreach ($roll->names($line) as $name) {
            if ($name->given === '' || $given === ''
                || PersonalNames::compare($name->withoutSurname(), PersonalName::of($given, ''), $variants)
                    ->verdict !== Verdict::Incomparable) {
                return true;
            }
        }

        return false;
    }
}
