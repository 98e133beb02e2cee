<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Gedcom\CaseTags;
use NorthBough\Core\Gedcom\Edition\Translator;
use NorthBough\Core\Gedcom\Row\RepositoryRow;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Row\TieSide;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\TextTags;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Sex;

/** A tree as a file of GEDCOM, a record at a time. */
final readonly class GedcomWriter
{
    /** So many bytes of records are held before they go to a file of their own, until the head can be written. */
    private const HELD = 8 << 20;

    private RowStructures $structures;

    private CitationWriter $citations;

    private NameWriter $names;

    private EventWriter $events;

    /** Null where everything came from files of this very version: they are written as they are. */
    private ?Translator $translator;

    private SchemaDeclarations $schema;

    /** Whether what was kept came from a file of the other version. */
    private bool $isOfAnother;

    private function __construct(private TreeRows $rows, private Version $version)
    {
        $this->structures = new RowStructures($version, $rows->pointers(), $this->restored(...));
        $this->citations = new CitationWriter($this->structures);
        $this->names = new NameWriter($this->structures, $this->citations);
        $this->events = new EventWriter($this->structures, $this->citations);
        $this->translator = HeaderWriter::isOfVersion($rows->head(), $version) ? null : new Translator($version);
        $this->schema = new SchemaDeclarations;
        $this->isOfAnother = ! in_array(HeaderWriter::version($rows->head()), [null, $version], true);
    }

    /**
     * @param  \DateTimeImmutable  $now  the moment that the head names
     * @return \Generator<int, string, mixed, array<string, int>> bytes in order, a record at a time; at the end how many lines the
     *     version has no place for, by tag
     */
    public static function write(TreeRows $rows, Version $version, \DateTimeImmutable $now): \Generator
    {
        $writer = new self($rows, $version);
        yield from $writer->file($now);

        return $writer->translator->moved ?? [];
    }

    /**
     * The head of version 7 names every line that is not of the standard, so it is written when the records are known.
     *
     * @return \Generator<int, string>
     */
    private function file(\DateTimeImmutable $now): \Generator
    {
        $head = HeaderWriter::build($this->rows->head(), $this->rows->treeName(), $this->version, $now, $this->translator !== null);
        if ($this->version === Version::V551) {
            yield "\u{FEFF}".$this->lines($head);
            yield from $this->records($head);
        } else {
            $held = fopen('php://temp/maxmemory:'.self::HELD, 'w+b') ?: throw new \LogicException('There is no room for a file.');
            foreach ($this->records($head) as $lines) {
                $this->schema->note($lines);
                fwrite($held, $lines);
            }
            $header = $this->lines($head);
            $this->schema->note($header);
            yield "\u{FEFF}".$this->schema->declared($header);
            rewind($held);
            while (($lines = fread($held, 1 << 16)) !== false && $lines !== '') {
                yield $lines;
            }
            fclose($held);
        }
        yield "0 TRLR\n";
    }

    /** @return \Generator<int, string> all but the head and the trailer */
    private function records(Structure $head): \Generator
    {
        foreach ($this->rows->people() as [$person, $attached]) {
            yield $this->lines($this->person($person, $attached));
        }
        foreach ($this->rows->unions() as [$union, $attached]) {
            yield $this->lines($this->union($union, $attached));
        }
        foreach ($this->rows->sources() as [$source, $attached]) {
            yield $this->lines($this->source($source, $attached));
        }
        foreach ($this->rows->repositories() as [$repository, $attached]) {
            yield $this->lines($this->repository($repository, $attached));
        }
        $pictures = new PictureWriter($this->version, $this->rows->pointers(), $this->restored(...));
        foreach ($this->rows->pictures() as $picture) {
            yield $this->lines($pictures->record($picture));
        }
        foreach ($this->rows->questions() as $question) {
            yield $this->lines(CaseTags::asked($question, $this->rows->pointers()));
        }
        foreach ($this->rows->searches() as $search) {
            yield $this->lines(CaseTags::searched($search, $this->rows->pointers()));
        }
        foreach ($this->rows->texts() as $text) {
            yield $this->lines(TextTags::written($text, $this->rows->pointers()));
        }
        foreach ($this->rows->otherRecords() as $kept) {
            yield $this->lines($this->restored($kept->lines));
        }
        if ($head->text('SUBM') === HeaderWriter::SUBMITTER && ! str_contains($this->rows->head(), HeaderWriter::SUBMITTER)) {
            yield $this->lines((new Structure('SUBM', '', HeaderWriter::SUBMITTER))
                ->add(new Structure('NAME', $this->rows->treeName() ?: '?')));
        }
    }

    private function lines(Structure $record): string
    {
        return implode('',
            array_map(fn (Structure $structure): string => LineWriter::write($structure, $this->version),
                $this->translator?->record($record) ?? [$record]));
    }

    private function restored(string $kept): Structure
    {
        return KeptLineTranslation::into($this->version, LineWriter::restore($kept), $this->isOfAnother);
    }

    private function person(PersonRows $rows, AttachedRows $attached): Structure
    {
        $person = $rows->person;
        $builder = $this->structures->builder('INDI', $person->written[''][1] ?? '', $person->written, $person->id, $attached,
            $this->rows->pointers()->of($person->id));
        $this->events->restriction($builder, $person->restriction);
        foreach ($rows->names as $name) {
            $builder->child($name->ordinal, $this->names->name($name, $attached));
        }
        $builder->field('SEX', $person->sex === Sex::Unknown ? '' : $person->sex->value,
            static fn (string $words): bool => Sex::fromStandard($words) === $person->sex);
        foreach ($rows->events as $event) {
            $builder->child($event->ordinal, $this->events->event($event, $attached));
        }
        $ties = new TieWriter($this->structures, $this->citations, $this->rows->pointers(), $this->version);
        foreach ($rows->parentSets as $set) {
            $ties->parents($builder, $set, $rows, $attached);
        }
        foreach ($rows->partnerships as $partner) {
            $ties->partnership($builder, $partner, $attached);
        }

        $this->citations->attach($builder, $person->id, $attached);
        (new WorkWriter($this->structures, $this->rows->pointers(), $this->version))->write($builder, $person->id, $attached);
        foreach (ReadableNotes::ruledOut([...$rows->names, ...$rows->events]) as $note) {
            $builder->child(-1, $note);
        }

        return $this->stamped($builder->build(), $person->changedAt);
    }

    private function union(UnionRows $rows, AttachedRows $attached): Structure
    {
        $union = $rows->union;
        $builder = $this->structures->builder('FAM', $union->written[''][1] ?? '', $union->written, $union->id, $attached,
            $this->rows->pointers()->of($union->id));
        $this->events->restriction($builder, $union->restriction);
        $ties = new TieWriter($this->structures, $this->citations, $this->rows->pointers(), $this->version);
        foreach ($rows->partners as $partner) {
            $ties->partner($builder, $partner, $attached);
        }
        foreach ($rows->children as $set) {
            if ($set->side !== TieSide::Person) {
                $builder->child($set->childOrdinal, $this->structures->pointing('CHIL', $set->childId, [], $set->id, $attached, 'family')
                    ->build());
            }
        }
        foreach ($rows->events as $event) {
            $builder->child($event->ordinal, $this->events->event($event, $attached));
        }

        $this->citations->attach($builder, $union->id, $attached);
        foreach ([...ReadableNotes::ruledOut($rows->events), ...ReadableNotes::partners($rows)] as $note) {
            $builder->child(-1, $note);
        }

        return $this->stamped($builder->build(), $union->changedAt);
    }

    private function source(SourceRow $row, AttachedRows $attached): Structure
    {
        $builder = $this->structures->builder('SOUR', $row->written[''][1] ?? '', $row->written, $row->id, $attached,
            $this->rows->pointers()->of($row->id))
            ->field('TITL', $row->title)
            ->field('AUTH', $row->author)
            ->field('PUBL', $row->publication)
            ->field('ABBR', $row->abbreviation)
            ->field('TEXT', $row->text);
        if ($row->repositoryId !== null) {
            $builder->child($row->written['REPO'][0] ?? -1,
                $this->structures->pointing('REPO', $row->repositoryId, $row->written, $row->id, $attached, 'REPO')
                    ->field('CALN', $row->callNumber)
                    ->build());
        }

        $this->citations->attach($builder, $row->id, $attached);
        (new RecordWriter($this->version, $this->rows->pointers()))->write($builder, $row, $attached);

        return $this->stamped($builder->build(), $row->changedAt);
    }

    private function repository(RepositoryRow $row, AttachedRows $attached): Structure
    {
        $builder = $this->structures->builder('REPO', $row->written[''][1] ?? '', $row->written, $row->id, $attached,
            $this->rows->pointers()->of($row->id))
            ->field('NAME', $row->name);

        return $this->stamped($this->citations->attach($builder, $row->id, $attached)->build(), $row->changedAt);
    }

    /** CHAN with the day of the last change here, in place of that of the file; what stood beneath it stays. */
    private function stamped(Structure $record, ?\DateTimeImmutable $at): Structure
    {
        if ($at === null) {
            return $record;
        }
        $utc = $at->setTimezone(new \DateTimeZone('UTC'));
        $day = Calendars::gregorian()->monthTag((int) $utc->format('n'));
        $date = new Structure('DATE', "{$utc->format('j')} {$day} {$utc->format('Y')}");
        $date->add(new Structure('TIME', $utc->format('H:i:s').($this->version === Version::V7 ? 'Z' : '')));
        $change = $record->first('CHAN');
        if ($change === null) {
            $record->add($change = new Structure('CHAN'));
        }
        $change->children = [$date, ...array_values(array_filter($change->children, static fn (Structure $s): bool => $s->tag !== 'DATE'))];

        return $record;
    }
}
