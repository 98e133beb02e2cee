<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Edition\LineRestoring;
use NorthBough\Core\Gedcom\Edition\Translator;
use NorthBough\Core\Gedcom\Out\HeaderWriter;
use NorthBough\Core\Gedcom\OwnTags;
use NorthBough\Core\Gedcom\Remark;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** Lines to records, one at a time. CONT and CONC are joined; a level that jumps is drawn up to its place. */
final class Structures
{
    /**
     * @param  iterable<Line>  $lines
     * @param  callable(Remark): void  $remark
     * @return \Generator<int, Structure> the records of level 0, in order; the version is found in the first
     */
    public static function build(iterable $lines, callable $remark): \Generator
    {
        $version = Version::V551;
        $record = null;
        $hasMoved = false;
        $isEarlier = false;
        /** @var list<Structure> $open the last structure at each level */
        $open = [];
        foreach ($lines as $line) {
            if ($line->level === 0) {
                if ($record !== null) {
                    if ($record->tag === 'HEAD') {
                        $version = str_starts_with(ltrim($record->text('GEDC', 'VERS')), '7') ? Version::V7 : $version;
                        $isEarlier = HeaderWriter::isOfEarlierUs($record);
                    }
                    yield self::finished($record, $version, $hasMoved);
                }
                $hasMoved = false;
                $record = new Structure($isEarlier ? OwnTags::ofEarlier($line->tag) : $line->tag, $line->payload, $line->pointer,
                    $line->number);
                $open = [$record];

                continue;
            }
            $tag = $isEarlier ? OwnTags::ofEarlier($line->tag) : $line->tag;
            $hasMoved = $hasMoved || $tag === Translator::MARK;
            $level = $line->level;
            if ($level > count($open)) {
                $remark(Remark::mended($line->number, "{$line->level} {$line->tag} {$line->payload}",
                    'jumps a level; it was put under the line before'));
                $level = count($open);
            }
            $parent = $open[$level - 1];
            if ($line->tag === 'CONT' || $line->tag === 'CONC') {
                $parent->payload .= ($line->tag === 'CONT' ? "\n" : '').$line->payload;

                continue;
            }
            $structure = new Structure($tag, $line->payload, $line->pointer, $line->number);
            $parent->add($structure);
            $open = array_slice($open, 0, $level);
            $open[] = $structure;
        }
        if ($record !== null) {
            yield self::finished($record, $version, $hasMoved);
        }
    }

    /** @param  bool  $hasMoved  whether lines of it were moved out of the way of a version */
    private static function finished(Structure $record, Version $version, bool $hasMoved): Structure
    {
        $record = self::decoded($record, $version);

        return $hasMoved ? LineRestoring::restored($record) : $record;
    }

    /** Version 7 doubles an @ only where it opens a line of text; 5.5.1 doubles every one. */
    private static function decoded(Structure $structure, Version $version): Structure
    {
        if (str_contains($structure->payload, '@')) {
            // Blanks about a pointer are no part of it: text that begins with @ has it doubled.
            $structure->isPointer = Structure::pointsAt(trim($structure->payload, " \t"));
            $structure->payload = match (true) {
                $structure->isPointer => trim($structure->payload, " \t"),
                $version === Version::V7 => (string) preg_replace('/^@@/m', '@', $structure->payload),
                default => str_replace('@@', '@', $structure->payload),
            };
        }
        foreach ($structure->children as $child) {
            self::decoded($child, $version);
        }

        return $structure;
    }
}
