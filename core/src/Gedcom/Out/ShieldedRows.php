<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Gedcom\Row\ClaimClassification;
use NorthBough\Core\Gedcom\Row\ClaimLineRef;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\PictureRegion;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Row\PlacingRow;
use NorthBough\Core\Gedcom\Row\PointRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RecordHead;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Row\RepositoryRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Row\RollLineRow;
use NorthBough\Core\Gedcom\Row\RollRecord;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Privacy\LivingNames;
use NorthBough\Core\Privacy\ShieldedTree;
use NorthBough\Core\Sex;
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

    /** @var array<string, true>|null */
    private ?array $withheldPictures = null;

    /** @var array<string, true>|null */
    private ?array $withheldPointers = null;

    private ?AttachedRows $lastAttached = null;

    private AttachedRows $lastHidden;

    /** @param  \Closure(string): bool  $isLiving told the id of a person */
    public function __construct(
        private readonly TreeRows $rows,
        private readonly \Closure $isLiving,
        private readonly LivingNames $names,
    ) {
        $this->lastHidden = new AttachedRows;
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
                yield [new PersonRows($person->person, $person->names, $this->telling($person->events), $person->parentSets, $person->partnerships, array_map($this->parents(...), $person->parents), $person->couples), $this->attached($attached)];

                continue;
            }
            $this->withheld++;
            $this->pointedAtByWithheld += self::pointersHanging($attached, $ids);
            $row = $person->person;
            yield [new PersonRows(
                new PersonRow($row->id, $row->number, Sex::Unknown, $row->ordinal, []),
                [new NameRow('', $row->id, NameKind::Birth, PersonalName::of(ShieldedTree::WORD, ''), 0, ['' => [0, ShieldedTree::WORD]])],
                [],
                array_map(static fn (ParentSetRow $s): ParentSetRow => new ParentSetRow($s->id, $s->childId, $s->unionId, $s->leads, $s->kind, $s->side, $s->ordinal, $s->childOrdinal, [], $s->standing, $s->proof), $person->parentSets),
                array_map(static fn (UnionPartnerRow $p): UnionPartnerRow => new UnionPartnerRow($p->id, $p->unionId, $p->personId, $p->slot, $p->side, $p->ordinal, $p->personOrdinal, [], $p->standing), $person->partnerships),
            ), new AttachedRows];
        }
    }

    public function unions(): iterable
    {
        foreach ($this->rows->unions() as [$union, $attached]) {
            $living = array_filter($union->partners, fn (UnionPartnerRow $p): bool => ($this->isLiving)($p->personId));
            $ids = [$union->union->id, ...array_column($union->events, 'id')];
            $partners = array_values(array_filter($union->partners, fn (UnionPartnerRow $p): bool => $p->standing !== Standing::RuledOut || ! ($this->isLiving)($p->personId)));
            if ($living === []) {
                $this->pointedAt += self::pointersHanging($attached, $ids);
                yield [new UnionRows($union->union, $partners, $union->children, Restriction::fromStandard($union->union->restriction)->withholds() ? [] : $this->telling($union->events), array_map($this->names->hide(...), $union->names)), $this->attached($attached)];

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
            yield [new SourceRow($s->id, $this->names->hide($s->title), $this->names->hide($s->author), $this->names->hide($s->publication),
                $this->names->hide($s->abbreviation), $this->names->hide($s->text), $s->repositoryId, $s->callNumber, $s->ordinal, $s->written, null, $s->kind, $s->ownKindId, array_map($this->names->hide(...), $s->fields), $this->names->hide($s->listName)), $this->attached($attached)];
        }
    }

    public function repositories(): iterable
    {
        foreach ($this->rows->repositories() as [$r, $attached]) {
            $this->pointedAt += self::pointersHanging($attached, [$r->id]);
            yield [new RepositoryRow($r->id, $this->names->hide($r->name), $r->ordinal, $r->written), $this->attached($attached)];
        }
    }

    /** A picture cannot be read: one leaves only when it is on somebody, and on nobody living. */
    public function pictures(): iterable
    {
        foreach ($this->rows->pictures() as $picture) {
            if ($this->leaves($picture)) {
                yield new PictureRow($picture->id, $picture->path, $picture->type, $this->names->hide($picture->title), $picture->form, $picture->medium,
                    array_map(fn (PictureRegion $r): PictureRegion => new PictureRegion($r->id, $r->page, $r->left, $r->top, $r->width, $r->height, $r->personId, $this->names->hide($r->words)), $picture->regions), $picture->on, $picture->pointer, $this->hidden($picture->kept), $this->hidden($picture->fileKept), $picture->fileOrdinal, $picture->restriction);
            }
        }
    }

    /**
     * @param  list<array{int, string}>  $kept
     * @return list<array{int, string}>
     */
    private function hidden(array $kept): array
    {
        return array_map(fn (array $one): array => [$one[0], $this->hideLines($one[1])], $kept);
    }

    private function leaves(PictureRow $picture): bool
    {
        $on = [...$picture->on, ...array_filter(array_map(static fn (PictureRegion $r): ?string => $r->personId, $picture->regions))];

        return ! Restriction::fromStandard($picture->restriction)->withholds() && $on !== [] && array_filter($on, $this->isLiving) === [];
    }

    /** @return array<string, true> pictures that stay at home, by id */
    private function withheldPictures(): array
    {
        if ($this->withheldPictures === null) {
            $this->withheldPictures = [];
            foreach ($this->rows->pictures() as $picture) {
                $this->withheldPictures += $this->leaves($picture) ? [] : [$picture->id => true];
            }
        }

        return $this->withheldPictures;
    }

    public function otherRecords(): iterable
    {
        foreach ($this->rows->otherRecords() as $kept) {
            if (! self::isRestricted($kept) && (! isset($this->pointedAtByWithheld[$kept->pointer]) || isset($this->pointedAt[$kept->pointer]))) {
                yield $this->kept($kept);
            }
        }
    }

    private static function isRestricted(KeptRow $record): bool
    {
        return preg_match('/^1 RESN .*(?:CONFIDENTIAL|PRIVACY)/mi', $record->lines) === 1;
    }

    /**
     * @param  list<EventRow>  $events
     * @return list<EventRow> those that nobody asked to withhold
     */
    private function telling(array $events): array
    {
        return array_map($this->redacted(...), array_values(array_filter($events, static fn (EventRow $event): bool => ! Restriction::fromStandard($event->restriction)->withholds())));
    }

    private function redacted(EventRow $e): EventRow
    {
        return new EventRow($e->id, $e->personId, $e->unionId, $e->kind, $this->names->hide($e->typeWords), $this->names->hide($e->value), $e->date, $e->place, $e->denied, $e->ordinal, $e->written, $e->standing, $e->restriction);
    }

    private function attached(AttachedRows $attached): AttachedRows
    {
        // The same object comes with every record of a batch.
        if ($attached === $this->lastAttached) {
            return $this->lastHidden;
        }
        $each = static fn (array $groups, callable $do): array => array_map(static fn (array $rows): array => array_map($do, $rows), $groups);
        /** @var array<string, list<NoteRow>> $notes */
        $notes = $each($attached->notes, fn (NoteRow $n): NoteRow => new NoteRow($n->id, $n->owner, $this->names->hide($n->text), $n->ordinal, $n->written, $n->isResearch));
        /** @var array<string, list<ClaimRow>> $claims */
        $claims = $each($attached->claims, fn (ClaimRow $c): ClaimRow => new ClaimRow($c->id, $c->recordId, $c->subject, $this->names->hide($c->words), $c->quality, $c->ordinal, $c->written, $this->line($c->line),
            new ClaimClassification($c->classes->information, $c->classes->reading, $this->names->hide($c->classes->informant), $this->names->hide($c->classes->origin), $c->classes->weight, $this->names->hide($c->classes->why), $c->classes->isRead, $this->names->hide($c->classes->withdrawn), $c->classes->evidence, $this->names->hide($c->classes->informantTie)), $c->stance, $c->evidence, $c->derivedFromId));
        /** @var array<string, list<KeptRow>> $kept */
        $kept = array_map(static fn (array $rows): array => array_values(array_filter($rows, static fn (KeptRow $row): bool => $row->lines !== '')), $each($attached->kept, $this->kept(...)));
        $records = array_map(fn (RecordRow $r): RecordRow => new RecordRow($r->id, $r->sourceId, $this->names->hide($r->locator)), $attached->records);

        $this->lastAttached = $attached;

        $roles = array_map(fn (array $rows): array => array_values(array_map(fn (RoleRow $r): RoleRow => new RoleRow($r->id, $r->eventId, $r->personId, $r->role, $this->names->hide($r->words), $r->ordinal, $r->written),
            array_filter($rows, fn (RoleRow $r): bool => $r->personId === null || ! ($this->isLiving)($r->personId)))), $attached->roles);

        $work = array_map(fn (array $rows): array => array_map(fn (TaskRow|MemberRow|QuestionRow $row): TaskRow|MemberRow|QuestionRow => match (true) {
            $row instanceof MemberRow => $row,
            $row instanceof QuestionRow => $this->question($row),
            default => new TaskRow($row->id, $row->personId, $this->names->hide($row->text), $row->doneOn, $row->ordinal, $row->written),
        }, $rows), $attached->work);
        $groups = array_map(fn (GroupRow $g): GroupRow => new GroupRow($g->id, $g->kind, $this->names->hide($g->name), $g->colour, $this->names->hide($g->meaning)), $attached->groups);

        $rolls = array_map(fn (array $records): array => array_map($this->roll(...), $records), $attached->rolls);

        $pictures = array_map(fn (array $links): array => array_map(fn (PictureLinkRow $l): PictureLinkRow => new PictureLinkRow($l->id, $l->owner, $l->pictureId, $l->isMain, $l->cut, $l->ordinal, $this->hidden($l->kept)), array_values(array_filter($links, fn (PictureLinkRow $l): bool => ! isset($this->withheldPictures()[$l->pictureId])))), $attached->pictures);

        return $this->lastHidden = new AttachedRows($notes, $claims, $records, $kept, $roles, $work, $groups, $rolls, $attached->kinds, $pictures);
    }

    private function question(QuestionRow $row): QuestionRow
    {
        $hide = $this->names->hide(...);
        $dead = fn (string $id): string => $id === '' || ($this->isLiving)($id) ? '' : $id;

        return new QuestionRow($row->id, $row->personId, $row->kind, $row->aspect, $row->state, $hide($row->title), $hide($row->decision), $hide($row->reason), $hide($row->summary), $hide($row->reopenedBy), $dead($row->otherId),
            array_map(static fn (AlternativeRow $a): AlternativeRow => new AlternativeRow($a->id, $a->questionId, $dead($a->personId), $hide($a->title), $a->outcome, $a->position,
                array_map(static fn (PointRow $p): PointRow => new PointRow($p->id, $p->questionId, $p->alternativeId, $p->isFor, $hide($p->text), $p->weight, $p->position, $p->claimId), $a->points)), $row->alternatives), $row->line, $row->claims, array_map(static fn (TaskRow $t): TaskRow => new TaskRow($t->id, $t->personId, $hide($t->text), $t->doneOn, $t->ordinal, $t->written, $t->questionId), $row->tasks), $row->decidedBy);
    }

    /**
     * Of a living parent nothing is told but whose they are.
     *
     * @param  list<ParentageRow>  $parents
     * @return list<ParentageRow>
     */
    private function parents(array $parents): array
    {
        return array_map(fn (ParentageRow $p): ParentageRow => ($this->isLiving)($p->personId) ? new ParentageRow('', $p->parentSetId, $p->personId, $p->kind)
            : new ParentageRow($p->id, $p->parentSetId, $p->personId, $p->kind, $p->standing, $p->proof, $this->names->hide($p->kindWords), $this->names->hide($p->years), $p->decidedBy), $parents);
    }

    private function line(?ClaimLineRef $line): ?ClaimLineRef
    {
        return $line === null ? null : new ClaimLineRef($line->lineId, $line->number, $line->aspect, $line->otherId, $line->otherNumber, array_map($this->names->hide(...), $line->said));
    }

    public function questions(): iterable
    {
        foreach ($this->rows->questions() as $row) {
            yield $this->question($row);
        }
    }

    /** A search for the living alone stays here. */
    public function searches(): iterable
    {
        foreach ($this->rows->searches() as $s) {
            $people = array_values(array_filter($s->people, fn (string $id): bool => ! ($this->isLiving)($id)));
            if ($people !== [] || $s->people === []) {
                yield new SearchRow($s->id, $s->date, $this->names->hide($s->lookedFor), $this->names->hide($s->lookedIn), $s->outcome, $s->isWhole, $this->names->hide($s->found), $this->names->hide($s->note), $s->sourceId, $s->position, $people, $s->questionId);
            }
        }
    }

    /** A record with the names of the living taken out, and who is living taken off its lines. A picture cannot be read: one goes only with a record on which nobody living stands. */
    private function roll(RollRecord $roll): RollRecord
    {
        $hide = $this->names->hide(...);
        $placings = [];
        $isLivingOnIt = false;
        foreach ($roll->placings as $line => $ofLine) {
            foreach ($ofLine as $placing) {
                $isLiving = $placing->personId !== null && ($this->isLiving)($placing->personId);
                $isLivingOnIt = $isLivingOnIt || $isLiving;
                if (! $isLiving) {
                    $placings[$line][] = new PlacingRow($placing->id, $placing->lineId, $placing->personId, $placing->state, $hide($placing->reason), $placing->decidedBy);
                }
            }
        }
        $head = $roll->head;
        $lines = array_map(static fn (RollLineRow $l): RollLineRow => new RollLineRow($l->id, $l->recordId, $l->position, $l->role, $hide($l->name), array_map($hide, $l->columns), $l->slip, $l->dayLo, $l->dayHi), $roll->lines);

        return new RollRecord(new RecordRow($roll->record->id, $roll->record->sourceId, $hide($roll->record->locator)),
            new RecordHead($head->kind, $head->ownKindId, $head->date, $hide($head->place), array_map($hide, $head->fields), $hide($head->transcription), $head->sourceClass, $hide($head->fileNumber), $head->toldCount),
            $lines, $placings, $isLivingOnIt || array_map(static fn (RollLineRow $l): string => $l->name, $lines) !== array_map(static fn (RollLineRow $l): string => $l->name, $roll->lines) ? [] : $roll->images);
    }

    private function kept(KeptRow $row): KeptRow
    {
        return new KeptRow($row->id, $row->owner, $row->pointer, $row->path, $row->ordinal, $this->hideLines($this->withoutWithheld($row->lines)));
    }

    /** Kept lines without links to what stays at home. */
    private function withoutWithheld(string $lines): string
    {
        if (! str_contains($lines, ' @')) {
            return $lines;
        }
        $left = '';
        $dropping = null;
        foreach (preg_split('/(?<=\n)/', $lines, flags: PREG_SPLIT_NO_EMPTY) ?: [] as $line) {
            $level = (int) $line;
            $dropping = $dropping !== null && $level > $dropping ? $dropping : null;
            if ($dropping === null && preg_match('/^\d+ \w+ (@[^@]+@)$/', rtrim($line, "\n"), $m) === 1 && isset($this->withheldPointers()[$m[1]])) {
                $dropping = $level;
            }
            $left .= $dropping === null ? $line : '';
        }

        return $left;
    }

    /** @return array<string, true> */
    private function withheldPointers(): array
    {
        if ($this->withheldPointers === null) {
            $this->withheldPointers = array_fill_keys(array_map($this->rows->pointers()->of(...), array_map(strval(...), array_keys($this->withheldPictures()))), true);
            foreach ($this->rows->otherRecords() as $record) {
                $this->withheldPointers += $record->pointer !== '' && self::isRestricted($record) ? [$this->rows->pointers()->of($record->id) => true] : [];
            }
        }

        return $this->withheldPointers;
    }

    /** Names are looked for in payloads only, so that no line loses its level or its tag. */
    private function hideLines(string $lines): string
    {
        return (string) preg_replace_callback('/^(\d+ (?:@\S+@ )?\w+ )(.+)$/m', fn (array $m): string => $m[1].$this->names->hide($m[2]), $lines);
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
