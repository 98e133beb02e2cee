<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\CaseTags;
use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Out\LineWriter;
use NorthBough\Core\Gedcom\Remark;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\TextTags;
use NorthBough\Core\Gedcom\Version;

/** A file of GEDCOM, 5.5.1 or 7, as rows of the model. It is read twice and never held whole. */
final class GedcomReader
{
    private const REPORT_EVERY = 2000;

    /**
     * @param  callable(): iterable<string>  $open  gives the file's bytes from the start, each time it is called
     * @param  int  $nextNumber  the number that the first person gets
     * @param  (\Closure(string): bool)|null  $hasFile  told the path of a picture: whether that file came too; null for none
     *
     * @throws NotReadable
     */
    public static function read(
        callable $open,
        RowSink $sink,
        IdMint $mint,
        int $nextNumber = 1,
        ?\Closure $hasFile = null,
        ImportOptions $choice = new ImportOptions,
    ): FileReport {
        $ignore = static function (): void {
        };
        $all = static fn (?callable $remark = null): \Generator => self::records($open(), $remark ?? $ignore, $choice->encoding);
        $part = $choice->start === '' ? null : FileSubset::around($all, $choice->start, $choice->generations);
        $records = $part === null ? $all : static fn (?callable $remark = null): \Generator => $part->of($all($remark));
        [$survey, $seen] = self::surveyed($records(), $mint, $hasFile);
        // Two records of one pointer, a third partner: what the standard does not have is rare, and put right before all else.
        $doubled = $survey->doubled();
        $isPlain = $doubled === [] && ! $survey->hasFurtherPartners();
        if (! $isPlain) {
            [$survey, $seen] = self::surveyed(self::apart($records, $doubled, $ignore), $mint, $hasFile);
        }
        $mapping = new MappingContext($survey, $sink, $mint);
        $citations = new CitationMapping($mapping);
        $pictures = new PictureMapping($mapping, $seen);
        $events = new EventMapping($mapping, $citations, new RoleMapping($mapping), $pictures);
        $people = new PersonMapping($mapping, $events, $citations, new WorkMapping($mapping), $pictures);
        $families = new FamilyMapping($mapping, $events, $citations, $pictures);
        $sources = new SourceMapping($mapping, new RecordMapping($mapping));

        $head = '';
        $ordinal = 0;
        $lastLine = 0;
        $reported = 0;
        $isOver = false;
        foreach ($isPlain ? $records($mapping->remark(...)) : self::apart($records, $doubled, $mapping->remark(...)) as $record) {
            if ($isOver) {
                $mapping->remark(
                    Remark::mended($record->line, trim("0 {$record->pointer}")." {$record->tag}",
                        'stands after the end of the file; it was read all the same', isPlaced: true));
            }
            $isOver = $isOver || $record->tag === 'TRLR';
            $pointer = $record->pointer;
            $id = $survey->id($pointer, $record->tag);
            match (true) {
                $record->tag === 'HEAD' => [$head, $mapping->version] = self::head($record, $mapping),
                $record->tag === 'TRLR' => self::afterTheEnd($record, $mapping),
                $id === null && in_array($record->tag, ['INDI', 'FAM', 'SOUR', 'REPO'], true) => self::unnamed($record, $ordinal, $mapping,
                    $people, $families, $sources, $nextNumber),
                $pointer === '' && CaseTags::isQuestion($record, $mapping) => CaseTags::question($record, '', $mapping),
                CaseTags::isSearch($record, $mapping) => CaseTags::search($record, $ordinal, $mapping),
                TextTags::isText($record, $mapping) => TextTags::read($record, $mapping),
                $id === null => $record->tag === 'OBJE' && $pictures->record($record) ? null : $mapping->keepRecord($record, $ordinal),
                $record->tag === 'INDI' => $people->map($record, $id, $nextNumber++, $ordinal),
                $record->tag === 'FAM' => $families->map($record, $id, $ordinal),
                $record->tag === 'SOUR' => $sources->source($record, $id, $ordinal),
                default => $sources->repository($record, $id, $ordinal),
            };
            $ordinal++;
            $lastLine = $record->line;
            if ($lastLine - $reported >= self::REPORT_EVERY) {
                $sink->at($reported = $lastLine);
            }
        }

        $mapping->finish();

        $remarks = $mapping->remarks;
        usort($remarks, static fn (Remark $a, Remark $b): int => $a->line <=> $b->line);

        return new FileReport($mapping->version, $head, $mapping->counts, $lastLine, $remarks, $mapping->kept(),
            $part?->leftOut() ?? new ImportExclusions);
    }

    /**
     * @param  iterable<string>  $chunks
     * @param  callable(Remark): void  $remark
     * @return \Generator<int, Structure>
     */
    private static function records(iterable $chunks, callable $remark, string $encoding): \Generator
    {
        return Structures::build(Lexer::lex(Decoder::lines($chunks, $encoding), $remark), $remark);
    }

    /**
     * The first pass.
     *
     * @param  iterable<Structure>  $records
     * @param  (\Closure(string): bool)|null  $hasFile
     * @return array{Survey, PictureSurvey}
     */
    private static function surveyed(iterable $records, IdMint $mint, ?\Closure $hasFile): array
    {
        $survey = new Survey($mint);
        $seen = new PictureSurvey($hasFile ?? static fn (): bool => false, $mint);
        foreach ($records as $record) {
            $survey->note($record);
            if ($hasFile !== null) {
                $seen->note($record);
            }
        }

        return [$survey, $seen];
    }

    /**
     * The records with pointers that no two of them share, and families of two partners at most.
     *
     * @param  callable((callable(Remark): void)|null=): iterable<Structure>  $records  of the file from the start, each time it is called
     * @param  list<string>  $doubled
     * @param  callable(Remark): void  $remark
     * @return \Generator<int, Structure>
     */
    private static function apart(callable $records, array $doubled, callable $remark): \Generator
    {
        $further = FurtherCouples::among(self::named($records, $doubled, static function (): void {
        }), $remark);
        foreach (self::named($records, $doubled, $remark) as $record) {
            yield from $further->split($record);
        }
    }

    /**
     * @param  callable((callable(Remark): void)|null=): iterable<Structure>  $records
     * @param  list<string>  $doubled
     * @param  callable(Remark): void  $remark
     * @return \Generator<int, Structure>
     */
    private static function named(callable $records, array $doubled, callable $remark): \Generator
    {
        $namesakes = DuplicatePointers::among($records(), $doubled, $remark);
        foreach ($records($remark) as $record) {
            yield $namesakes->withOwnPointer($record);
        }
    }

    /** Lines of the head that every file says anew have no room for words that strayed into them. */
    private static function remarkOnStrayWords(?Structure $line, MappingContext $mapping): void
    {
        if ($line === null) {
            return;
        }
        if (preg_match('/^([\w.-]{0,14}|LINEAGE[ -]+LINKED)$/i', trim($line->payload)) !== 1) {
            $mapping->remark(
                new Remark($line->line, "{$line->tag} {$line->payload}", 'goes on over several lines where the standard has one word'));
        }
        foreach ($line->children as $child) {
            self::remarkOnStrayWords($child, $mapping);
        }
    }

    private static function afterTheEnd(Structure $trailer, MappingContext $mapping): void
    {
        if ($trailer->payload !== '' || $trailer->children !== []) {
            $mapping->remark(
                new Remark($trailer->line, trim(LineWriter::kept($trailer)), 'stands after the end of the file and has no place'));
        }
    }

    /** @return array{string, Version} */
    private static function head(Structure $head, MappingContext $mapping): array
    {
        $words = strtok($head->text('GEDC', 'VERS'), "\n") ?: '';
        foreach (['CHAR', 'GEDC'] as $tag) {
            self::remarkOnStrayWords($head->first($tag), $mapping);
        }

        return [LineWriter::kept($head), $words === '' ? Version::V551 : Version::named($words)];
    }

    /** A record without a pointer can be nobody's relative, and is still somebody. */
    private static function unnamed(
        Structure $record, int $ordinal, MappingContext $mapping, PersonMapping $people, FamilyMapping $families, SourceMapping $sources,
        int &$nextNumber,
    ): void {
        match ($record->tag) {
            'INDI' => $people->map($record, $mapping->newId(), $nextNumber++, $ordinal),
            'FAM' => $families->map($record, $mapping->newId(), $ordinal),
            'SOUR' => $sources->source($record, $mapping->newId(), $ordinal),
            default => $sources->repository($record, $mapping->newId(), $ordinal),
        };
    }
}
