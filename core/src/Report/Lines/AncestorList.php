<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Kin\Numbering\Ancestor;
use NorthBough\Core\Kin\Numbering\AncestorNumbers;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Narrative\Life;
use NorthBough\Core\Narrative\LifeKin;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\PersonRef;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\Rivals;
use NorthBough\Core\Report\Sheet;
use NorthBough\Core\Report\ShortLife;
use NorthBough\Core\Tree\Person;

/** The ancestors of somebody a generation at a time, by number. */
final readonly class AncestorList implements Report
{
    public function __construct(
        #[Option('Generations', 'How many are told, whoever it begins with counted as one', from: 1, to: AncestorNumbers::MOST_GENERATIONS)]
        public int $generations = 40,
        #[Option('Adopted', 'With parents who adopted, fostered or took in')] public bool $adopted = true,
        #[Option('Not proved', 'With parents who are not proved')] public bool $unproved = true,
        #[Option('Lives', 'Each life told in sentences, not in one line')] public bool $lives = true,
        #[Option('Source notes', 'With a numbered note for each citation, and a bibliography')] public bool $notes = true,
        #[Option('Rivals', 'With a note for each fact of which something else is said too')] public bool $rivals = false,
    ) {
    }

    public static function code(): string
    {
        return 'ancestors';
    }

    public static function title(): string
    {
        return 'Ancestors, by number';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Person;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $tree = $material->tree();
        $choice = new LineChoice($this->adopted, false, $this->unproved);
        $list = AncestorNumbers::above($tree, $subject->id(), $this->generations, $choice);
        $ids = array_values(array_unique(array_column($list, 'personId')));
        $people = $this->notes ? $tree->people($ids) : $tree->lives($ids);
        $title = 'Ancestors of '.($people[$subject->id()] ?? throw SubjectMissing::of(SubjectKind::Person))->name()->shown();
        $kin = LifeKin::of($tree, $people);
        $running = $material->running();
        $marks = $running->marks($this->notes, $this->rivals ? Rivals::of($people, $kin) : Rivals::none());
        $teller = $running->teller;
        $short = new ShortLife($kin, $teller->places, $marks);
        $tell = fn (Person $person): array => $this->lives ? Life::of($person, $kin, $teller, $marks) : [$short->of($person)];

        $blocks = [Heading::of(1, $title), Paragraph::faint($choice->says()." Numbered on {$day}.")];
        $generation = 0;
        foreach ($list as $one) {
            if ($one->generation > $generation) {
                $generation = $one->generation;
                $blocks[] = Heading::of(2, "Generation {$generation}", "generation-{$generation}");
            }
            array_push($blocks, ...self::told($one, $people[$one->personId] ?? null, $tell));
        }

        return new Document($title, "Made with North Bough on {$day}.", $blocks, self::sheet($list, $people), $running->apparatus());
    }

    /**
     * @param  \Closure(Person): list<list<StyledWords>>  $tell
     * @return list<Block>
     */
    private static function told(Ancestor $one, ?Person $person, \Closure $tell): array
    {
        $open = $one->isUnproved ? [StyledWords::faint('(not proved) ')] : [];
        if ($person === null || ! $one->isFirst()) {
            return [new Entry("{$one->number}.", $person === null ? [StyledWords::faint('Somebody who is not shown.')]
                : [...$open, StyledWords::person($person->name()->shown(), $person->id), StyledWords::plain(': told at '),
                    StyledWords::link($one->firstNumber, "ancestor-{$one->firstNumber}"), StyledWords::plain('.')])];
        }
        $paragraphs = $tell($person);

        return [new Entry("{$one->number}.", [...$open, ...$paragraphs[0]], 0, "ancestor-{$one->number}"),
            ...array_map(static fn (array $words): Entry => new Entry('', $words), array_slice($paragraphs, 1))];
    }

    /**
     * @param  list<Ancestor>  $list
     * @param  array<string, Person>  $people
     */
    private static function sheet(array $list, array $people): Sheet
    {
        return new Sheet(['number', 'ref', 'name', 'born', 'died', 'generation', 'told at'], array_map(
            static fn (Ancestor $one): array => [$one->number, new PersonRef($one->personId), ($people[$one->personId] ?? null)?->name()
                ->shown() ?? '?',
                LineOfDescent::date(($people[$one->personId] ?? null)?->vitals()->beginning()),
                LineOfDescent::date(($people[$one->personId] ?? null)?->vitals()->end()), (string) $one->generation,
                $one->isFirst() ? '' : $one->firstNumber], $list));
    }
}
