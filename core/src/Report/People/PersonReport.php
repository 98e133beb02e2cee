<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\People;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Life\LifeOrder;
use NorthBough\Core\Narrative\Life;
use NorthBough\Core\Narrative\LifeKin;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\Rivals;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;

/** One person: the life in sentences, names, every fact with its source notes, and the families. */
final readonly class PersonReport implements Report
{
    public function __construct(
        #[Option('Life', 'With the life told in sentences')] public bool $life = true,
        #[Option('Facts', 'With a table of the facts')] public bool $facts = true,
        #[Option('Rivals',
            'With facts that rival the leading ones, in notes where facts are not listed')] public bool $rivals = true,
        #[Option('Source notes', 'With a numbered note for each citation, and a bibliography')] public bool $notes = true,
        #[Option('Pictures', 'With the main picture, where there is one')] public bool $pictures = true,
    ) {
    }

    public static function code(): string
    {
        return 'person';
    }

    public static function title(): string
    {
        return 'Person';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Person;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $tree = $material->tree();
        $person = $tree->people([$subject->id()])[$subject->id()] ?? throw SubjectMissing::of(SubjectKind::Person);
        $kin = LifeKin::of($tree, [$person]);
        $running = $material->running();
        $marks = $running->marks($this->notes, Rivals::none());
        $told = $running->marks($this->notes, $this->rivals && ! $this->facts ? Rivals::of([$person], $kin) : Rivals::none());
        $title = $person->name()->shown();

        $blocks = [new Heading(1, [StyledWords::name($title), StyledWords::faint("  no. {$person->number}")])];
        array_push($blocks, ...$this->pictures ? Portraits::of($tree, [$person]) : []);
        foreach ($this->life ? Life::of($person, $kin, $running->teller, $told) : [] as $words) {
            $blocks[] = new Paragraph($words);
        }
        array_push($blocks, ...self::names($person));
        array_push($blocks, ...$this->facts ? $this->facts($person, $kin, $marks) : []);

        return new Document($title, "Made with North Bough on {$day}.", $blocks, null, $running->apparatus());
    }

    /** @return list<Block> */
    private static function names(Person $person): array
    {
        $others = array_values(array_filter(array_slice($person->names, 1), static fn (Name $name): bool => $name->counts()));

        return $others === [] ? [] : [new Paragraph([StyledWords::plain('Other names: '),
            StyledWords::plain(implode('; ', array_map(static fn (Name $name): string => $name->name->shown(), $others))),
            StyledWords::plain('.')])];
    }

    /**
     * @param  \Closure(Event): list<StyledWords>  $marks
     * @return list<Block>
     */
    private function facts(Person $person, LifeKin $kin, \Closure $marks): array
    {
        $with = [];
        $events = $person->events;
        foreach ($kin->unionsOf($person->id) as $union) {
            foreach ($union->events as $event) {
                $events[] = $event;
                $with[$event->id] = self::with($kin, $union, $person->id);
            }
        }
        $told = LifeOrder::sorted(array_values(array_filter($events, fn (Event $event): bool => $event->standing !== Standing::RuledOut
            && ($this->rivals || $event->standing !== Standing::Rival))));

        return $told === [] ? [] : [Heading::of(2, 'Facts'), new Table("Facts of {$person->name()->shown()}", ['Fact', 'When',
            'Where and what'],
            array_map(static fn (Event $event): array => [
                [StyledWords::plain($event->word()), StyledWords::faint($event->standing === Standing::Rival ? ' (a rival)' : ''),
                    ...$marks($event)],
                [StyledWords::plain($event->date->shown)],
                self::told($with[$event->id] ?? [], implode('; ', array_filter([$event->value, $event->place]))),
            ], $told))];
    }

    /**
     * @param  list<StyledWords>  $with
     * @return list<StyledWords>
     */
    private static function told(array $with, string $words): array
    {
        return [...$with, ...$words === '' ? [] : [StyledWords::plain($with === [] ? $words : "; {$words}")]];
    }

    /** @return list<StyledWords> */
    private static function with(LifeKin $kin, Union $union, string $personId): array
    {
        $words = [];
        foreach ($kin->partners($union, $personId) as $at => $partner) {
            array_push($words, StyledWords::plain($at === 0 ? 'with ' : ' and '), StyledWords::person($partner->name()->shown(),
                $partner->id));
        }

        return $words;
    }
}
