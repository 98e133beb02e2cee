<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\People;

use NorthBough\Core\Citation\NoteNumbers;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Life\LifeOrder;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/** One couple: their marriage, each of them with parents, and their children; every fact with its source notes. */
final readonly class FamilyGroupSheet implements Report
{
    public function __construct(
        #[Option('Rivals', 'With facts that rival the leading ones')] public bool $rivals = true,
        #[Option('Source notes', 'With a numbered note for each citation')] public bool $notes = true,
        #[Option('Pictures', 'With the main pictures of the parents')] public bool $pictures = true,
    ) {
    }

    public static function code(): string
    {
        return 'family';
    }

    public static function title(): string
    {
        return 'Family group sheet';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Couple;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $tree = $material->tree();
        $union = $tree->unions([$subject->id()])[$subject->id()] ?? throw SubjectMissing::of(SubjectKind::Couple);
        $partners = $tree->people($union->partnerIds);
        $children = $tree->people($union->childIds);
        $running = $material->running();
        $notes = $running->notes;
        $names = array_map(static fn (string $id): string => ($partners[$id] ?? null)?->name()->shown() ?? '?', $union->partnerIds);
        $title = $names === [] ? 'A family whose parents are not known' : implode(' and ', $names);

        $blocks = [new Heading(1, [StyledWords::name($title)]), ...$this->pictures ? Portraits::of($tree, $partners) : []];
        if ($union->isUnproved()) {
            $blocks[] = new Paragraph([StyledWords::faint('That they were a couple is only said.')]);
        }
        $marriages = $this->facts($union->events, $notes);
        if ($marriages !== []) {
            $blocks[] = new Table('The couple', ['Event', 'Date', 'Place'], $marriages);
        }
        $parents = $this->parentLines($tree, $union->partnerIds);
        foreach ($union->partnerIds as $id) {
            if (isset($partners[$id])) {
                array_push($blocks, ...$this->partner($partners[$id], $parents[$id] ?? [], $notes));
            }
        }
        $blocks[] = new Heading(2, [StyledWords::plain('Children')]);
        $blocks[] = $children === []
            ? new Paragraph([StyledWords::faint('No children are known.')])
            : $this->children($tree, $union, $children, $partners, $notes);

        return new Document("Family group sheet: {$title}", "Made with North Bough on {$day}.", $blocks, null,
            $running->apparatus('Sources'));
    }

    /**
     * @param  list<StyledWords>  $parents
     * @return list<Heading|Paragraph|Table>
     */
    private function partner(Person $person, array $parents, NoteNumbers $notes): array
    {
        $blocks = [new Heading(2, [StyledWords::person($person->name()->shown(), $person->id),
            StyledWords::faint("  no. {$person->number}")])];
        if ($parents !== []) {
            $blocks[] = new Paragraph($parents);
        }
        $facts = $this->facts($person->events, $notes);
        $blocks[] = $facts === []
            ? new Paragraph([StyledWords::faint('Nothing is known of this life yet.')])
            : new Table('Facts of '.$person->name()->shown(), ['Event', 'Date', 'Place'], $facts);

        return $blocks;
    }

    /**
     * @param  list<Event>  $events
     * @return list<list<list<StyledWords>>>
     */
    private function facts(array $events, NoteNumbers $notes): array
    {
        return array_map(fn (Event $event): array => [
            [StyledWords::plain($event->word()), StyledWords::faint($event->standing === Standing::Rival ? ' (a rival)' : ''),
                ...$this->marks($event, $notes)],
            [StyledWords::plain($event->date->shown)],
            [StyledWords::plain(implode('; ', array_filter([$event->value, $event->place], static fn (string $s): bool => $s !== '')))],
        ], LifeOrder::sorted(
            array_values(array_filter($events, $this->isTold(...)))));
    }

    private function isTold(Event $event): bool
    {
        return $event->standing !== Standing::RuledOut && ($this->rivals || $event->standing !== Standing::Rival);
    }

    /** @return list<StyledWords> */
    private function marks(Event $event, NoteNumbers $notes): array
    {
        return $this->notes ? $notes->marks($event->grounds()) : [];
    }

    /**
     * @param  array<string, Person>  $children  by id
     * @param  array<string, Person>  $partners  by id
     */
    private function children(TreeView $tree, Union $union, array $children, array $partners, NoteNumbers $notes): Table
    {
        $sets = $tree->parentSets($union->childIds);
        $unions = $tree->unionsOf($union->childIds);
        $spouseIds = [];
        foreach ($unions as $childId => $list) {
            foreach ($list as $marriage) {
                array_push($spouseIds, ...$marriage->partnersOf((string) $childId));
            }
        }
        $spouses = $tree->people($spouseIds);
        $rows = [];
        foreach ($union->childIds as $id) {
            if (! isset($children[$id])) {
                continue;
            }
            $child = $children[$id];
            $set = array_values(array_filter($sets[$id] ?? [], static fn (ParentSet $set): bool => $set->unionId === $union->id))[0]
                ?? null;
            if ($set !== null && $set->isRuledOut()) {
                continue;
            }
            $married = [];
            foreach ($unions[$id] ?? [] as $marriage) {
                foreach ($marriage->partnersOf($id) as $spouseId) {
                    array_push($married, ...$married === [] ? [] : [StyledWords::plain('; ')], ...[isset($spouses[$spouseId])
                        ? StyledWords::person($spouses[$spouseId]->name()->shown(), $spouseId) : StyledWords::plain('?')]);
                }
            }
            $rows[] = [
                [StyledWords::plain((string) (count($rows) + 1))],
                [StyledWords::person($child->name()->shown(), $child->id), StyledWords::faint(self::footing($set, $partners))],
                $this->cells($child->vitals()->beginning(), 'birth', $notes),
                $this->cells($child->vitals()->end(), 'death', $notes),
                $married,
            ];
        }

        return new Table('Children', ['No.', 'Name', 'Born', 'Died', 'Partners'], $rows);
    }

    /**
     * Of what kind the parents are, who of them was ruled out, and whether they are proved.
     *
     * @param  array<string, Person>  $partners  by id
     */
    private static function footing(?ParentSet $set, array $partners): string
    {
        if ($set === null) {
            return '';
        }
        $out = array_filter($set->parents, static fn (Parentage $tie): bool => $tie->standing === Standing::RuledOut);
        $words = [
            $set->kind()->mark(),
            ...array_map(static fn (Parentage $tie): string => 'not of '
                .(($partners[$tie->personId] ?? null)?->name()->shown() ?? '?'), $out),
            array_filter($set->whoStand(), static fn (Parentage $tie): bool => $tie->isUnproved()) === [] ? '' : 'not proved',
        ];

        return implode('', array_map(static fn (string $word): string => $word === '' ? '' : " {$word}", array_values($words)));
    }

    /** @return list<StyledWords> a christening is named as one, so that it never passes for a birth */
    private function cells(?Event $event, string $expected, NoteNumbers $notes): array
    {
        if ($event === null) {
            return [StyledWords::faint('–')];
        }
        $words = implode(', ', array_filter([$event->date->shown, $event->place], static fn (string $s): bool => $s !== ''));
        $kind = $event->kind === $expected ? '' : mb_strtolower($event->word()).' ';

        return [StyledWords::plain($kind.($words === '' ? 'yes' : $words)), ...$this->marks($event, $notes)];
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, list<StyledWords>> by person: "Child of A and B."
     */
    private function parentLines(TreeView $tree, array $ids): array
    {
        $sets = $tree->parentSets($ids);
        $parentIds = [];
        foreach ($sets as $list) {
            foreach ($list as $set) {
                array_push($parentIds, ...array_column($set->parents, 'personId'));
            }
        }
        $parents = $tree->people($parentIds);
        $lines = [];
        foreach ($sets as $childId => $list) {
            foreach ($list as $set) {
                $how = $set->kind() === ParentageKind::Birth ? 'Child' : ucfirst($set->kind()->value).' child';
                foreach ($set->whoStand() as $at => $tie) {
                    $lines[(string) $childId][] = StyledWords::plain($at > 0 ? ' and ' : (isset($lines[(string) $childId]) ? " {$how} of "
                        : "{$how} of "));
                    $lines[(string) $childId][] = isset($parents[$tie->personId])
                        ? StyledWords::person($parents[$tie->personId]->name()->shown(), $tie->personId) : StyledWords::plain('?');
                    $lines[(string) $childId][] = StyledWords::plain($tie->isUnproved() ? ' (not proved)' : '');
                }
                if ($set->whoStand() !== []) {
                    $lines[(string) $childId][] = StyledWords::plain('.');
                }
            }
        }

        return $lines;
    }
}
