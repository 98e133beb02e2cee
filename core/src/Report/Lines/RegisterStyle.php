<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Kin\Numbering\Descendant;
use NorthBough\Core\Kin\Numbering\LineFamily;
use NorthBough\Core\Kin\Numbering\NumberSystem;
use NorthBough\Core\Narrative\DateWords;
use NorthBough\Core\Narrative\Life;
use NorthBough\Core\Narrative\Teller;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\ShortLife;
use NorthBough\Core\Tree\Person;

/**
 * Descendants a generation at a time: whoever is carried on with a life of their own, the line by which they descend, and their
 * children beneath, each with a roman numeral.
 */
abstract readonly class RegisterStyle implements Report
{
    final public function __construct(
        public DescentOptions $options = new DescentOptions,
        #[Option('Numerals', 'Whether the roman numerals of children begin anew at each marriage')]
        public Numerals $numerals = Numerals::Through,
    ) {
    }

    abstract protected static function system(): NumberSystem;

    /** What stands before the roman numeral of a child. */
    abstract protected function childMark(Descendant $one): string;

    public static function code(): string
    {
        return static::system()::code();
    }

    public static function title(): string
    {
        return static::system()::title().' style';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Line;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $line = LineOfDescent::of($material, $subject, static::system(), $this->options);
        $teller = $line->running->teller;
        $blocks = [Heading::of(1, $line->title), Paragraph::faint($line->preface($day))];
        $generation = 0;
        $children = [];
        foreach ($line->descent->list as $at => $one) {
            $children[$one->parentAt][$at] = $one;
        }
        foreach ($line->descent->list as $at => $one) {
            if (($at > 0 && ! $one->isCarriedOn) || $one->firstAt !== $at) {
                continue;
            }
            if (! $line->isTold(max($at, ...array_keys($children[$at] ?? [$at => $one])))) {
                break;
            }
            if ($one->generation > $generation) {
                $generation = $one->generation;
                $blocks[] = Heading::of(2, "Generation {$generation}", "generation-{$generation}");
            }
            array_push($blocks, ...$this->account($line, $teller, $one, $at, $children[$at] ?? []));
        }

        return new Document($line->title, "Made with North Bough on {$day}.", $blocks, $line->sheet(), $line->running->apparatus(),
            $line->left(), $line->namedLater());
    }

    /**
     * @param  array<int, Descendant>  $children  by where they stand in the list
     * @return list<Block>
     */
    private function account(LineOfDescent $line, Teller $teller, Descendant $one, int $at, array $children): array
    {
        $person = $line->person($one->personId);
        if ($person === null) {
            return [new Entry("{$one->number}.", [StyledWords::faint('Somebody who is not shown.')], 0, LineOfDescent::anchor($at))];
        }
        $life = Life::of($person, $line->kin, $teller, $line->marks(...), withChildren: false);
        $life[0] = self::withLineage($life[0], $this->lineage($line, $one));
        $blocks = [new Entry("{$one->number}.".($one->isProvisional ? '?' : ''), $life[0], 0, LineOfDescent::anchor($at))];
        foreach (array_slice($life, 1) as $paragraph) {
            $blocks[] = new Entry('', $paragraph);
        }
        $count = 0;
        foreach ($line->descent->families[$at] ?? [] as $family) {
            $count = $this->numerals === Numerals::Anew ? 0 : $count;
            $own = array_filter($children, static fn (Descendant $child): bool => $child->unionId === $family->unionId);
            if ($own === []) {
                continue;
            }
            $blocks[] = new Entry('', [StyledWords::italic($this->childrenOf($line, $person, $family))], leads: true);
            $short = new ShortLife($line->kin, $teller->places, $line->marks(...));
            foreach ($own as $place => $child) {
                $blocks[] = $this->child($line, $short, $child, $place, ++$count);
            }
        }

        return $blocks;
    }

    private function childrenOf(LineOfDescent $line, Person $person, LineFamily $family): string
    {
        $names = [$person->name()->shown()];
        foreach ($line->kin->unionsOf($person->id) as $union) {
            foreach ($union->id === $family->unionId ? $line->kin->partners($union, $person->id) : [] as $partner) {
                $names[] = $partner->name()->shown();
            }
        }

        return (count($family->children) === 1 ? 'Child of ' : 'Children of ').implode(' and ', $names).':';
    }

    private function child(LineOfDescent $line, ShortLife $short, Descendant $child, int $at, int $count): Entry
    {
        $person = $line->person($child->personId);
        $anchor = LineOfDescent::anchor($at);
        $first = $line->descent->list[$child->firstAt];
        $words = match (true) {
            $person === null => [StyledWords::faint('Somebody who is not shown.')],
            $child->firstAt !== $at => [StyledWords::person($person->name()->shown(), $person->id), StyledWords::plain($first->number === ''
                ? ': told among the children of ' : ': told at '), StyledWords::link($first->number !== '' ? $first->number
                    : $line->descent->list[$first->parentAt]->number, LineOfDescent::anchor($child->firstAt)), StyledWords::plain('.')],
            $child->isCarriedOn => [StyledWords::person($person->name()->shown(), $person->id),
                ...self::born($person), StyledWords::plain('.')],
            default => $short->of($person),
        };
        $mark = trim($this->childMark($child).' '.Roman::of($count).'.').($child->isProvisional ? '?' : '');

        // Whoever is carried on is told later: there the links lead.
        return new Entry($mark, [...TieWords::of($child->tie), ...$words], 1, $child->isCarriedOn ? '' : $anchor);
    }

    /** @return list<StyledWords> */
    private static function born(Person $person): array
    {
        $beginning = $person->vitals()->beginning();

        return $beginning === null || $beginning->date->isEmpty() ? []
            : [StyledWords::plain(", {$beginning->participle()} ".DateWords::of($beginning->date))];
    }

    /**
     * The line by which somebody descends, in brackets after the name: (Gavin², Odd¹).
     *
     * @return list<StyledWords>
     */
    private function lineage(LineOfDescent $line, Descendant $one): array
    {
        $words = [];
        for ($at = $one->parentAt; $at >= 0; $at = $line->descent->list[$at]->parentAt) {
            $above = $line->descent->list[$at];
            $person = $line->person($above->personId);
            array_push($words, StyledWords::plain($words === [] ? ' (' : ', '),
                StyledWords::italic($person === null ? '?' : Teller::given($person)), StyledWords::raised((string) $above->generation));
        }

        return $words === [] ? [] : [...$words, StyledWords::plain(')')];
    }

    /**
     * @param  list<StyledWords>  $words
     * @param  list<StyledWords>  $lineage
     * @return list<StyledWords> the line by which somebody descends after their name, which stands first
     */
    private static function withLineage(array $words, array $lineage): array
    {
        foreach ($words as $at => $part) {
            if ($part->style === 'person') {
                array_splice($words, $at + 1, 0, $lineage);
                $words[$at] = $part;

                return array_values($words);
            }
        }

        return $words;
    }
}
