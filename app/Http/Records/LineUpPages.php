<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Resources\LinedUpLine;
use App\Http\Resources\LineOffer;
use App\Http\Resources\LineUpResource;
use App\Http\Resources\ToldResource;
use App\Models\Record;
use App\Trees\Check\Window\StoredWindows;
use App\Trees\CurrentTree;
use App\Trees\DatabaseTree;
use App\Trees\Evidence\RuledOut;
use App\Trees\OwnVariants;
use App\Trees\Records\LineChoice;
use App\Trees\Records\LineUps;
use App\Trees\Records\RollOf;
use NorthBough\Core\Check\Window\Bounds;
use NorthBough\Core\Check\Window\OutsideLife;
use NorthBough\Core\Compare\PersonalNames;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Linkage\LinedUp;
use NorthBough\Core\Linkage\OddsWords;
use NorthBough\Core\Linkage\Offer;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Record\AgainstTheTree;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;
use NorthBough\Core\Record\TellingOf;
use NorthBough\Core\Record\Told;
use NorthBough\Core\Record\ToldState;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\LifeYears;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Sex;

/** A record lined up with the tree, for the margin of the reading table. */
final readonly class LineUpPages
{
    /** Nobody said anything of a line, and it is not plain who it is. */
    private const OPEN = 'open';

    public function __construct(private RollOf $rolls, private LineUps $lineUps, private DatabaseTree $tree, private CurrentTree $current, private RuledOut $ruledOut, private StoredWindows $windows)
    {
    }

    /** @param  list<LineChoice>  $choices  what was decided already; what is on the record counts for the other lines */
    public function of(Record $record, Roll $roll, array $choices, ?int $toldCount): LineUpResource
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
        $ids = array_merge(array_values($placed), ...array_map(static fn (array $offers): array => array_map(static fn (Offer $offer): string => $offer->personId, $offers), array_values($lined->offers)));
        $people = $this->tree->lives(array_values(array_unique($ids)));
        $against = new AgainstTheTree($roll, $placed, $this->tree, $record->id, $this->ruledOut->why(...));
        $variants = OwnVariants::of($this->current);
        $windows = $this->windows->of(array_values($placed));
        $lines = array_map(fn (RollLine $line): LinedUpLine => $this->line($roll, $line, $as[$line->id], $placed, $lined, $people, $against, $variants, $windows[$placed[$line->id] ?? ''] ?? null), $roll->lines);
        $fewer = $toldCount !== null && $toldCount > count($roll->lines) ? 'The page counts '.$toldCount.', and '.count($roll->lines).' lines are here.' : '';

        return new LineUpResource($lines, $fewer, self::reason($lines));
    }

    /**
     * A sentence to begin the reason with: what agreed of the lines that are placed, and nothing that the page does not tell.
     *
     * @param  list<LinedUpLine>  $lines
     */
    private static function reason(array $lines): string
    {
        $placed = array_values(array_filter($lines, static fn (LinedUpLine $line): bool => $line->as === LineChoice::PLACED));
        if ($placed === []) {
            return '';
        }
        $count = count($placed) === 1 ? 'One line fits' : count($placed).' lines fit';
        $agreed = ['name'];
        foreach ($placed as $line) {
            foreach ($line->told as $told) {
                $agreed[] = $told->state === ToldState::Agrees->value ? self::agreed($told) : '';
            }
            foreach ($line->offers as $offer) {
                $isKin = $offer->personId === $line->personId && array_filter($offer->grounds, static fn (string $ground): bool => str_starts_with($ground, 'Known as ')) !== [];
                $agreed[] = $isKin ? 'relation' : '';
            }
        }
        $agreed = array_unique(array_filter($agreed));
        $agreed = [...array_intersect(['name', 'age', 'relation'], $agreed), ...array_diff($agreed, ['name', 'age', 'relation'])];
        $last = array_pop($agreed);

        return "{$count} {$placed[0]->name}".(count($placed) === 1 ? '' : ' and family').' in '.($agreed === [] ? $last : implode(', ', $agreed)." and {$last}").'.';
    }

    /** What it is, in a word, that a telling agrees in; empty for what places nobody. */
    private static function agreed(ToldResource $told): string
    {
        return match (true) {
            $told->of === TellingOf::Partner->value, $told->of === TellingOf::Child->value => 'relation',
            $told->rule === 'age told' => 'age',
            $told->of === TellingOf::Sex->value, $told->of === TellingOf::Remark->value => '',
            default => $told->aspect,
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

        return [array_filter($pinned, static fn (string $line): bool => ! in_array($line, $aside, true), ARRAY_FILTER_USE_KEY), array_map(strval(...), $aside), $as];
    }

    /**
     * @param  array<string, string>  $placed
     * @param  array<string, Person>  $people
     * @param  Bounds|null  $bounds  of the life of whoever the line is placed on; null where none was settled yet
     */
    private function line(Roll $roll, RollLine $line, string $as, array $placed, LinedUp $lined, array $people, AgainstTheTree $against, NameVariants $variants, ?Bounds $bounds): LinedUpLine
    {
        $person = $placed[$line->id] ?? '';
        $state = $as === self::OPEN ? LineChoice::UNPLACED : $as;
        $offers = $lined->offers[$line->id] ?? [];
        $told = in_array($state, [LineChoice::PLACED, LineChoice::NEW], true) ? $against->of($line) : [];

        return new LinedUpLine(
            $line->id, $state, $person, isset($people[$person]) ? $people[$person]->name()->shown() : '',
            $lined->odds($line->id, $person) > 0.0 ? OddsWords::of($lined->odds($line->id, $person)) : '', OddsWords::of($lined->newOdds[$line->id] ?? 1.0),
            match (true) {
                $as === self::OPEN => self::asksWho($offers, $people),
                $state === LineChoice::PLACED && isset($people[$person]) => trim(($bounds === null ? '' : OutsideLife::says($roll, $line, $bounds->window())).' '.self::asks($roll, $line, $people[$person], $variants)),
                default => '',
            },
            array_map(static fn (Offer $offer): LineOffer => new LineOffer($offer->personId, $people[$offer->personId]->name()->shown(), LifeYears::shown($people[$offer->personId]), OddsWords::of($offer->odds), $offer->grounds), $offers),
            array_map(fn (Told $one): ToldResource => $this->told($roll, $one), $told),
        );
    }

    private function told(Roll $roll, Told $told): ToldResource
    {
        $telling = $told->telling;

        return new ToldResource($telling->key(), $telling->of->value, $told->state->value, self::says($roll, $telling), $telling->rule, $telling->working, $told->ground, $telling->words, $told->isWanted,
            in_array($telling->of, [TellingOf::Person, TellingOf::Couple], true) ? mb_strtolower(EventKinds::named($telling->kind)->word) : '');
    }

    private static function says(Roll $roll, Telling $telling): string
    {
        $other = $roll->line($telling->otherLineId)->name ?? '';
        $rest = implode(', ', array_filter([$telling->date->shown, $telling->value, $telling->place], static fn (string $part): bool => $part !== ''));

        return match ($telling->of) {
            TellingOf::Person => trim(EventKinds::named($telling->kind)->word." {$rest}"),
            TellingOf::Couple => trim(EventKinds::named($telling->kind)->word." with {$other} {$rest}"),
            TellingOf::Partner => "Partner of {$other}",
            TellingOf::Child => ($roll->line($telling->lineId)->name ?? '')." is a child of {$other}",
            TellingOf::Sex => ucfirst((Sex::tryFrom($telling->value) ?? Sex::Unknown)->word()),
            TellingOf::Remark => $telling->working,
        };
    }

    /**
     * What is asked before somebody new is made while people of the tree are near.
     *
     * @param  list<Offer>  $offers
     * @param  array<string, Person>  $people
     */
    private static function asksWho(array $offers, array $people): string
    {
        $first = $people[$offers[0]->personId ?? ''] ?? null;
        $others = count(array_filter($offers, static fn (Offer $offer): bool => $offer->odds > 0.05)) - 1;

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
            if ($name->given === '' || $given === '' || PersonalNames::compare($name->withoutSurname(), PersonalName::of($given, ''), $variants)->verdict !== Verdict::Incomparable) {
                return true;
            }
        }

        return false;
    }
}
