<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\In\FileReport;
use NorthBough\Core\Gedcom\In\GedcomReader;
use NorthBough\Core\Gedcom\In\ImportOptions;
use NorthBough\Core\Gedcom\In\RowSink;
use NorthBough\Core\Gedcom\In\TextCitations;
use NorthBough\Core\Gedcom\Out\AttachedRows;
use NorthBough\Core\Gedcom\Out\GedcomWriter;
use NorthBough\Core\Gedcom\Out\PersonRows;
use NorthBough\Core\Gedcom\Out\Pointers;
use NorthBough\Core\Gedcom\Out\TreeRows;
use NorthBough\Core\Gedcom\Out\UnionRows;
use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\ClaimUseRow;
use NorthBough\Core\Gedcom\Row\DecisionSubject;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\FileRefRow;
use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\OwnKindRow;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Row\PlacingRow;
use NorthBough\Core\Gedcom\Row\PointRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RecordImageRow;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Row\RepositoryRow;
use NorthBough\Core\Gedcom\Row\RestsOnRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Row\RollLineRow;
use NorthBough\Core\Gedcom\Row\RollRecord;
use NorthBough\Core\Gedcom\Row\Row;
use NorthBough\Core\Gedcom\Row\SearchPersonRow;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Row\TextRow;
use NorthBough\Core\Gedcom\Row\TieSide;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\Row\UnionRow;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tree\Standing;

/** A tree held in memory: what the reader gives goes in, what the writer asks for comes out. */
final class MemoryTree implements RowSink, TreeRows
{
    /** @var array<class-string<Row>, list<Row>> */
    public array $rows = [];

    public FileReport $report;

    private ?Pointers $pointers = null;

    /** @param  list<string>  $pictures  paths of the files that came too */
    public static function reading(string $file, array $pictures = [], ImportOptions $choice = new ImportOptions): self
    {
        $tree = new self;
        $tree->report = GedcomReader::read(static fn (): array => str_split($file, 97) ?: [''], $tree, new CountingMint, 1,
            $pictures === [] ? null : static fn (string $path): bool => in_array($path, $pictures, true), $choice);

        return $tree;
    }

    public function written(Version $version): string
    {
        return implode('', iterator_to_array(GedcomWriter::write($this, $version, new \DateTimeImmutable('2026-01-02 03:04:05')), false));
    }

    public function add(Row $row): void
    {
        $this->rows[$row::class][] = $row;
    }

    public function at(int $line): void
    {
    }

    /**
     * @template T of Row
     *
     * @param  class-string<T>  $class
     * @param  (callable(T): bool)|null  $where
     * @return list<T>
     */
    public function all(string $class, ?callable $where = null): array
    {
        /** @var list<T> $rows */
        $rows = $this->rows[$class] ?? [];

        return $where === null ? $rows : array_values(array_filter($rows, $where));
    }

    public function searches(): iterable
    {
        foreach ($this->all(SearchRow::class) as $search) {
            yield new SearchRow($search->id, $search->date, $search->lookedFor, $search->lookedIn, $search->outcome, $search->isWhole,
                $search->found, $search->note, $search->sourceId, $search->position,
                array_map(static fn (SearchPersonRow $row): string => $row->personId,
                    $this->all(SearchPersonRow::class, static fn (SearchPersonRow $row): bool => $row->searchId === $search->id)),
                $search->questionId);
        }
    }

    public function texts(): iterable
    {
        return $this->all(TextRow::class);
    }

    public function treeName(): string
    {
        return 'A tree';
    }

    public function head(): string
    {
        return $this->report->head;
    }

    public function pointers(): Pointers
    {
        if ($this->pointers !== null) {
            return $this->pointers;
        }
        $pointers = new Pointers;
        foreach ($this->all(FileRefRow::class) as $ref) {
            $pointers->prefer($ref->thing->id, $ref->pointer);
        }
        foreach ($this->all(PersonRow::class) as $number => $person) {
            $pointers->ensure($person->id, 'I', $number + 1);
        }

        foreach ($this->all(PictureRow::class) as $number => $picture) {
            $pointers->prefer($picture->id, $picture->pointer);
            $pointers->ensure($picture->id, 'M', $number + 1);
        }

        $pointers->pointedAt(
            [...array_filter(array_column($this->all(ClaimRow::class), 'derivedFromId')),
                ...array_filter(array_column($this->all(PointRow::class), 'claimId')),
                ...array_column($this->all(RestsOnRow::class), 'groundId'),
                ...array_filter(array_column($this->all(SearchRow::class), 'questionId'))]);

        return $this->pointers = $pointers;
    }

    public function questions(): iterable
    {
        return array_map($this->whole(...), $this->all(QuestionRow::class, static fn (QuestionRow $row): bool => $row->personId === ''));
    }

    /** A question with what the reader told of it apart. */
    private function whole(QuestionRow $row): QuestionRow
    {
        $alternatives = array_map(
            fn (AlternativeRow $alternativeRow): AlternativeRow => new AlternativeRow($alternativeRow->id, $alternativeRow->questionId,
                $alternativeRow->personId, $alternativeRow->title,
                $alternativeRow->outcome, $alternativeRow->position,
                $this->all(PointRow::class, static fn (PointRow $point): bool => $point->alternativeId === $alternativeRow->id)),
            $this->all(AlternativeRow::class,
                static fn (AlternativeRow $alternativeRow): bool => $alternativeRow->questionId === $row->id));

        return new QuestionRow($row->id, $row->personId, $row->kind, $row->aspect, $row->state, $row->title, $row->decision, $row->reason,
            $row->summary, $row->reopenedBy, $row->otherId, $alternatives, $row->line,
            array_column($this->all(RestsOnRow::class,
                static fn (RestsOnRow $restsOnRow): bool => $restsOnRow->ground === Owner::Claim && $restsOnRow->decidedId === $row->id),
                'groundId'),
            $this->all(TaskRow::class, static fn (TaskRow $taskRow): bool => $taskRow->questionId === $row->id),
            $this->decidedBy(DecisionSubject::Question, $row->id));
    }

    private function decidedBy(DecisionSubject $kind, string $id): string
    {
        return $this->all(RestsOnRow::class,
            static fn (RestsOnRow $restsOnRow): bool => $restsOnRow->ground === Owner::Question && $restsOnRow->kind === $kind
                && $restsOnRow->decidedId === $id)[0]->groundId ?? '';
    }

    private function parentage(ParentageRow $row): ParentageRow
    {
        return new ParentageRow($row->id, $row->parentSetId, $row->personId, $row->kind, $row->standing, $row->proof, $row->kindWords,
            $row->years, $this->decidedBy(DecisionSubject::Parentage, $row->id));
    }

    private function claim(ClaimRow $row): ClaimRow
    {
        $use = $this->all(ClaimUseRow::class, static fn (ClaimUseRow $claimUseRow): bool => $claimUseRow->claimId === $row->id)[0] ?? null;

        return new ClaimRow($row->id, $row->recordId, $row->subject, $row->words, $row->quality, $row->ordinal, $row->written, $row->line,
            $row->classes,
            $use === null || $use->stance === 'supports' ? '' : $use->stance,
            $use === null || $use->evidence === 'unstated' ? '' : $use->evidence, $row->derivedFromId);
    }

    public function people(): iterable
    {
        foreach ($this->all(PersonRow::class) as $person) {
            yield [new PersonRows(
                $person,
                $this->all(NameRow::class, static fn (NameRow $r): bool => $r->personId === $person->id),
                $this->all(EventRow::class, static fn (EventRow $r): bool => $r->personId === $person->id),
                $this->all(ParentSetRow::class, static fn (ParentSetRow $r): bool => $r->childId === $person->id),
                $this->all(UnionPartnerRow::class, static fn (UnionPartnerRow $r): bool => $r->personId === $person->id),
                $this->grouped(array_map($this->parentage(...), $this->all(ParentageRow::class)),
                    static fn (ParentageRow $r): string => $r->parentSetId),
                array_map(static fn (array $ties): array => array_column($ties, 'personId'),
                    $this->grouped(
                        $this->all(UnionPartnerRow::class,
                            static fn (UnionPartnerRow $r): bool => $r->side !== TieSide::Person && $r->standing !== Standing::RuledOut),
                        static fn (UnionPartnerRow $r): string => $r->unionId)),
            ), $this->attached()];
        }
    }

    public function unions(): iterable
    {
        foreach ($this->all(UnionRow::class) as $union) {
            yield [new UnionRows(
                $union,
                $this->all(UnionPartnerRow::class, static fn (UnionPartnerRow $r): bool => $r->unionId === $union->id),
                $this->all(ParentSetRow::class, static fn (ParentSetRow $r): bool => $r->unionId === $union->id),
                $this->all(EventRow::class, static fn (EventRow $r): bool => $r->unionId === $union->id),
            ), $this->attached()];
        }
    }

    public function sources(): iterable
    {
        foreach ($this->all(SourceRow::class, static fn (SourceRow $row): bool => ! TextCitations::isHolding($row)) as $row) {
            yield [$row, $this->attached()];
        }
    }

    public function repositories(): iterable
    {
        foreach ($this->all(RepositoryRow::class) as $row) {
            yield [$row, $this->attached()];
        }
    }

    public function pictures(): iterable
    {
        return $this->all(PictureRow::class);
    }

    public function otherRecords(): iterable
    {
        return $this->all(KeptRow::class, static fn (KeptRow $r): bool => $r->owner === null);
    }

    /**
     * @template T of Row
     *
     * @param  list<T>  $rows
     * @param  callable(T): string  $key
     * @return array<string, list<T>>
     */
    private function grouped(array $rows, callable $key): array
    {
        $groups = [];
        foreach ($rows as $row) {
            $groups[$key($row)][] = $row;
        }

        return $groups;
    }

    private function attached(): AttachedRows
    {
        $by = $this->grouped(...);

        return new AttachedRows(
            $by($this->all(NoteRow::class), static fn (NoteRow $r): string => $r->owner->id),
            $by(array_map($this->claim(...), $this->all(ClaimRow::class)), static fn (ClaimRow $r): string => $r->subject->id),
            array_column($this->all(RecordRow::class), null, 'id'),
            $by($this->all(KeptRow::class, static fn (KeptRow $r): bool => $r->owner !== null),
                static fn (KeptRow $r): string => $r->owner->id ?? ''),
            $by($this->all(RoleRow::class), static fn (RoleRow $r): string => $r->eventId),
            $by([...$this->all(TaskRow::class, static fn (TaskRow $r): bool => $r->personId !== ''), ...$this->all(MemberRow::class),
                ...array_map($this->whole(...), $this->all(QuestionRow::class, static fn (QuestionRow $r): bool => $r->personId !== ''))],
                static fn (TaskRow|MemberRow|QuestionRow $r): string => $r->personId),
            array_column($this->all(GroupRow::class), null, 'id'),
            $this->rolls(),
            array_column($this->all(OwnKindRow::class), null, 'id'),
            $by($this->all(PictureLinkRow::class), static fn (PictureLinkRow $r): string => $r->owner->id),
        );
    }

    /** @return array<string, list<RollRecord>> by source */
    private function rolls(): array
    {
        $rolls = [];
        $placings = $this->grouped(
            array_map(fn (PlacingRow $r): PlacingRow => new PlacingRow($r->id, $r->lineId, $r->personId, $r->state, $r->reason,
                $this->decidedBy(DecisionSubject::Placing, $r->id)),
                $this->all(PlacingRow::class)),
            static fn (PlacingRow $r): string => $r->lineId);
        foreach ($this->all(RecordRow::class) as $record) {
            if ($record->head !== null) {
                $rolls[$record->sourceId][] = new RollRecord($record, $record->head,
                    $this->all(RollLineRow::class, static fn (RollLineRow $r): bool => $r->recordId === $record->id),
                    $placings, $this->all(RecordImageRow::class, static fn (RecordImageRow $r): bool => $r->recordId === $record->id));
            }
        }

        return $rolls;
    }
}
