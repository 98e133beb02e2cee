<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Kin\Numbering\Descendant;
use NorthBough\Core\Kin\Numbering\Descent;
use NorthBough\Core\Kin\Numbering\NumberSystem;
use NorthBough\Core\Kin\Numbering\NumberSystems;
use NorthBough\Core\Narrative\LifeKin;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\PersonRef;
use NorthBough\Core\Report\Rivals;
use NorthBough\Core\Report\RunningText;
use NorthBough\Core\Report\Sheet;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** The numbered descendants of a person or a couple, with what a report tells of them. */
final readonly class LineOfDescent
{
    /** @param  array<string, Person>  $people */
    private function __construct(
        public string $title,
        public Descent $descent,
        private array $people,
        public LifeKin $kin,
        public RunningText $running,
        private DescentOptions $options,
        private Rivals $rivals,
        private int $most,
    ) {
    }

    /** How many stand in the list and are not told, since a page shows the beginning alone. */
    public function left(): int
    {
        return max(0, count($this->descent->list) - $this->most);
    }

    /** @return list<string> where not everybody is told, ids of all of them and of their partners */
    public function namedLater(): array
    {
        $ids = [];
        foreach ($this->left() === 0 ? [] : $this->descent->list as $at => $one) {
            $ids[$one->personId] = true;
            foreach ($this->descent->families[$at] ?? [] as $family) {
                $ids += array_fill_keys($family->partnerIds, true);
            }
        }

        return array_map(strval(...), array_keys($ids));
    }

    /** Whether whoever stands there is told, or only counted. */
    public function isTold(int $at): bool
    {
        return $at < $this->most;
    }

    /** @throws SubjectMissing where the person is not there, or two are no couple */
    public static function of(Material $material, Subject $subject, NumberSystem $system, DescentOptions $options): self
    {
        $tree = $material->tree();
        $ids = $subject->ids;
        $founders = $tree->people($ids);
        $first = $founders[$subject->id()] ?? throw SubjectMissing::of(SubjectKind::Person);
        $unions = [];
        if (isset($ids[1])) {
            $unions = array_column(array_filter($tree->unionsOf([$first->id])[$first->id] ?? [],
                static fn (Union $union): bool => in_array($ids[1], $union->partnerIds, true)), 'id');
            if ($unions === []) {
                throw SubjectMissing::of(SubjectKind::Couple);
            }
        }
        $descent = NumberSystems::numbered($system, $material->lines($options->line), $first->id, $options->generations,
            $unions);
        $told = array_values(array_unique(array_column(array_slice($descent->list, 0, $material->most()), 'personId')));

        $people = $options->notes ? $tree->people($told) : $tree->lives($told);
        $kin = LifeKin::of($tree, $people);

        return new self('Descendants of '.implode(' and ', array_map(static fn (Person $one): string => $one->name()->shown(), $founders)),
            $descent, $people, $kin, $material->running(), $options, $options->rivals ? Rivals::of($people, $kin) : Rivals::none(),
            $material->most());
    }

    public function person(string $id): ?Person
    {
        return $this->people[$id] ?? null;
    }

    /** Where an entry is told, for links to it. */
    public static function anchor(int $at): string
    {
        return "line-{$at}";
    }

    /** @return list<\NorthBough\Core\Citation\StyledWords> */
    public function marks(Event $event): array
    {
        return $this->running->marks($this->options->notes, $this->rivals)($event);
    }

    /** What is printed with the numbers: what they count, and on which day. */
    public function preface(string $day): string
    {
        $open = array_filter($this->descent->list, static fn (Descendant $one): bool => $one->isProvisional) !== [];

        return "{$this->options->line->says()} Numbered on {$day}.".($open
            ? ' A number with ? is provisional: the order of birth by which it goes is not known.' : '');
    }

    public function sheet(): Sheet
    {
        $rows = [];
        foreach (array_slice($this->descent->list, 0, $this->most) as $one) {
            $person = $this->person($one->personId);
            $parent = $this->descent->list[$one->parentAt] ?? null;
            $first = $this->descent->list[$one->firstAt];
            $rows[] = [$one->number, new PersonRef($one->personId), $person?->name()->shown() ?? '?',
                self::date($person?->vitals()->beginning()), self::date($person?->vitals()->end()), (string) $one->generation,
                $parent->number ?? '', $first === $one ? '' : $first->number, $one->isProvisional ? 'yes' : ''];
        }

        return new Sheet(['number', 'ref', 'name', 'born', 'died', 'generation', 'parent', 'told at', 'provisional'], $rows);
    }

    /** A christening is named as one, so that it never passes for a birth. */
    public static function date(?Event $event): string
    {
        return $event === null ? '' : trim("{$event->mark()} {$event->date->shown}");
    }
}
