<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Row\RollRecord;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Privacy\LivingNames;
use NorthBough\Core\Privacy\Redactor;
use NorthBough\Core\Privacy\ShieldedTree;
use NorthBough\Core\Sex;
use NorthBough\Core\Stored\Described;
use NorthBough\Core\Tree\Restriction;
use NorthBough\Core\Tree\Standing;

/**
 * A tree for a file that leaves the house: of the living only that they are there and whose they are; of their
 * unions only the partners and children; their names taken out of every text; records that only they point at left out.
 */
final class ShieldedRows implements TreeRows
{
    private int $withheld = 0;

    /** @var array<string, true> pointers in what was withheld */
    private array $pointedAtByWithheld = [];

    /** @var array<string, true> pointers in what leaves */
    private array $pointedAt = [];

    private ?AttachedRows $lastAttached = null;

    private AttachedRows $lastHidden;

    private readonly Redactor $redactor;

    private readonly WithheldRecords $records;

    /** @param  \Closure(string): bool  $isLiving told the id of a person */
    public function __construct(
        private readonly TreeRows $rows,
        private readonly \Closure $isLiving,
        private readonly LivingNames $names,
    ) {
        $this->lastHidden = new AttachedRows;
        $this->records = new WithheldRecords($rows, $isLiving);
        $this->redactor = new Redactor($names->hide(...), $this->hideLines(...), $isLiving);
    }

    /** How many people were withheld in what has been written so far. */
    public function withheld(): int
    {
        return $this->withheld;
    }

    /** @return list<string> the texts written so far in which somebody living was named */
    public function namedIn(): array
    {
        return $this->names->found();
    }

    public function treeName(): string
    {
        return $this->names->hide($this->rows->treeName());
    }

    public function head(): string
    {
        return $this->hideLines($this->rows->head());
    }

    public function pointers(): Pointers
    {
        return $this->rows->pointers();
    }

    public function people(): iterable
    {
        foreach ($this->rows->people() as [$person, $attached]) {
            $ids = [$person->person->id, ...array_column($person->names, 'id'), ...array_column($person->events, 'id'),
                ...array_column($person->parentSets, 'id'), ...array_column($person->partnerships, 'id')];
            if (! ($this->isLiving)($person->person->id)) {
                $this->pointedAt += self::pointersHanging($attached, $ids);
                yield [new PersonRows($person->person, $person->names, $this->telling($person->events), $person->parentSets,
                    $person->partnerships, array_map($this->parents(...), $person->parents), $person->couples), $this->attached($attached)];

                continue;
            }
            $this->withheld++;
            $this->pointedAtByWithheld += self::pointersHanging($attached, $ids);
            $row = $person->person;
            yield [new PersonRows(
                new PersonRow($row->id, $row->number, Sex::Unknown, $row->ordinal, []),
                [new NameRow('', $row->id, NameKind::Birth, PersonalName::of(ShieldedTree::WORD, ''), 0, ['' => [0, ShieldedTree::WORD]])],
                [],
                array_map(static fn (ParentSetRow $s): ParentSetRow => new ParentSetRow($s->id, $s->childId, $s->unionId, $s->leads,
                    $s->kind, $s->side, $s->ordinal, $s->childOrdinal, [],
                    $s->standing, $s->proof), $person->parentSets),
                array_map(static fn (UnionPartnerRow $p): UnionPartnerRow => new UnionPartnerRow($p->id, $p->unionId, $p->personId,
                    $p->slot, $p->side, $p->ordinal, $p->personOrdinal, [],
                    $p->standing), $person->partnerships),
            ), new AttachedRows];
        }
    }

    public function unions(): iterable
    {
        foreach ($this->rows->unions() as [$union, $attached]) {
            $living = array_filter($union->partners, fn (UnionPartnerRow $p): bool => ($this->isLiving)($p->personId));
            $ids = [$union->union->id, ...array_column($union->events, 'id')];
            $partners = array_values(
                array_filter($union->partners,
                    fn (UnionPartnerRow $p): bool => $p->standing !== Standing::RuledOut || ! ($this->isLiving)($p->personId)));
            if ($living === []) {
                $this->pointedAt += self::pointersHanging($attached, $ids);
                yield [new UnionRows($union->union, $partners, $union->children, Restriction::fromStandard($union->union->restriction)
                    ->withholds() ? [] : $this->telling($union->events), array_map($this->names->hide(...), $union->names)),
                    $this->attached($attached)];

                continue;
            }
            $this->pointedAtByWithheld += self::pointersHanging($attached, $ids);
            yield [new UnionRows($union->union, $partners, $union->children, []), new AttachedRows];
        }
    }

    public function sources(): iterable
    {
        foreach ($this->rows->sources() as [$s, $attached]) {
            $this->pointedAt += self::pointersHanging($attached, [$s->id]);
            yield [$this->redactor->copy($s), $this->attached($attached)];
        }
    }

    public function repositories(): iterable
    {
        foreach ($this->rows->repositories() as [$r, $attached]) {
            $this->pointedAt += self::pointersHanging($attached, [$r->id]);
            yield [$this->redactor->copy($r), $this->attached($attached)];
        }
    }

    /** A picture cannot be read: one leaves only when it is on somebody, and on nobody living. */
    public function pictures(): iterable
    {
        foreach ($this->rows->pictures() as $picture) {
            if ($this->records->leaves($picture)) {
                yield $this->redactor->copy($picture);
            }
        }
    }

    public function otherRecords(): iterable
    {
        foreach ($this->rows->otherRecords() as $kept) {
            if (! WithheldRecords::isRestricted($kept)
                && (! isset($this->pointedAtByWithheld[$kept->pointer]) || isset($this->pointedAt[$kept->pointer]))) {
                yield $this->kept($kept);
            }
        }
    }

    /**
     * @param  list<EventRow>  $events
     * @return list<EventRow> those that nobody asked to withhold
     */
    private function telling(array $events): array
    {
        return array_map($this->redactor->copy(...),
            array_values(array_filter($events, static fn (EventRow $event): bool => ! Restriction::fromStandard($event->restriction)
                ->withholds())));
    }

    private function attached(AttachedRows $attached): AttachedRows
    {
        // The same object comes with every record of a batch.
        if ($attached === $this->lastAttached) {
            return $this->lastHidden;
        }
        $copy = $this->redactor->copy(...);
        $each = static fn (array $groups, callable $do): array => array_map(static fn (array $rows): array => array_map($do, $rows),
            $groups);
        /** @var array<string, list<NoteRow>> $notes */
        $notes = $each($attached->notes, $copy);
        /** @var array<string, list<ClaimRow>> $claims */
        $claims = $each($attached->claims, $copy);
        /** @var array<string, list<KeptRow>> $kept */
        $kept = array_map(
            static fn (array $rows): array => array_values(array_filter($rows, static fn (KeptRow $row): bool => $row->lines !== '')),
            $each($attached->kept, $this->kept(...)));
        /** @var array<string, list<TaskRow|MemberRow|QuestionRow>> $work */
        $work = $each($attached->work, $copy);
        $this->lastAttached = $attached;

        return $this->lastHidden = new AttachedRows(
            $notes,
            $claims,
            array_map($copy, $attached->records),
            $kept,
            $this->copies($attached->roles, fn (RoleRow $row): bool => ! $this->isOfLiving($row->personId)),
            $work,
            array_map($copy, $attached->groups),
            array_map(fn (array $records): array => array_map($this->roll(...), $records), $attached->rolls),
            array_map($copy, $attached->kinds),
            $this->copies($attached->pictures, fn (PictureLinkRow $row): bool => ! isset($this->records->pictures()[$row->pictureId])),
        );
    }

    /**
     * @template T of Described
     *
     * @param  array<string, list<T>>  $groups
     * @param  callable(T): bool  $leaves
     * @return array<string, list<T>> those that leave
     */
    private function copies(array $groups, callable $leaves): array
    {
        return array_map(fn (array $rows): array => array_map($this->redactor->copy(...), array_values(array_filter($rows, $leaves))),
            $groups);
    }

    private function isOfLiving(?string $personId): bool
    {
        return $personId !== null && ($this->isLiving)($personId);
    }

    /**
     * Of a living parent nothing is told but whose they are.
     *
     * @param  list<ParentageRow>  $parents
     * @return list<ParentageRow>
     */
    private function parents(array $parents): array
    {
        return array_map(fn (ParentageRow $p): ParentageRow => ($this->isLiving)($p->personId)
            ? new ParentageRow('', $p->parentSetId, $p->personId, $p->kind)
            : $this->redactor->copy($p), $parents);
    }

    public function questions(): iterable
    {
        foreach ($this->rows->questions() as $row) {
            yield $this->redactor->copy($row);
        }
    }

    /** A search for the living alone stays here. */
    public function searches(): iterable
    {
        foreach ($this->rows->searches() as $s) {
            $copy = $this->redactor->copy($s);
            if ($copy->people !== [] || $s->people === []) {
                yield $copy;
            }
        }
    }

    public function texts(): iterable
    {
        foreach (ShieldedTexts::of($this->rows->texts(), $this->isLiving) as $text) {
            yield $this->redactor->copy($text);
        }
    }

    /**
     * A record with the names of the living taken out, and who is living taken off its lines. A picture cannot be read: one
     * goes only with a record on which nobody living stands.
     */
    private function roll(RollRecord $roll): RollRecord
    {
        $copy = $this->redactor->copy(...);
        $placings = [];
        $isLivingOnIt = false;
        foreach ($roll->placings as $line => $ofLine) {
            foreach ($ofLine as $placing) {
                $isLiving = $this->isOfLiving($placing->personId);
                $isLivingOnIt = $isLivingOnIt || $isLiving;
                if (! $isLiving) {
                    $placings[$line][] = $copy($placing);
                }
            }
        }
        $lines = array_map($copy, $roll->lines);
        $names = static fn (array $lines): array => array_column($lines, 'name');
        $isNamed = $isLivingOnIt || $names($lines) !== $names($roll->lines);

        return new RollRecord($copy($roll->record), $copy($roll->head), $lines, $placings, $isNamed ? [] : array_map($copy, $roll->images));
    }

    private function kept(KeptRow $row): KeptRow
    {
        return $this->redactor->copy(
            new KeptRow($row->id, $row->owner, $row->pointer, $row->path, $row->ordinal, $this->records->linesWithout($row->lines)));
    }

    /** Names are looked for in payloads only, so that no line loses its level or its tag. */
    private function hideLines(string $lines): string
    {
        return (string) preg_replace_callback('/^(\d+ (?:@\S+@ )?\w+ )(.+)$/m', fn (array $m): string => $m[1].$this->names->hide($m[2]),
            $lines);
    }

    /**
     * Pointers in the kept lines of some rows, and of the notes and claims that hang on them.
     *
     * @param  list<string>  $ids
     * @return array<string, true>
     */
    private static function pointersHanging(AttachedRows $attached, array $ids): array
    {
        $lines = '';
        foreach ($ids as $id) {
            $hanging = [...array_column($attached->notes[$id] ?? [], 'id'), ...array_column($attached->claims[$id] ?? [], 'id')];
            foreach ([$id, ...$hanging] as $owner) {
                $lines .= implode("\n", array_column($attached->kept[$owner] ?? [], 'lines'))."\n";
            }
        }
        preg_match_all('/ (@[^@\s#]+@)$/m', $lines, $m);

        return array_fill_keys($m[1], true);
    }
}
