<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\In\DateLines;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** Kept lines in the words of the version that is written: a shared note is SNOTE in 7 and NOTE in 5.5.1, and dates have each a grammar. */
final class KeptLineTranslation
{
    /** @param  bool  $isOfAnother  whether the lines came from a file of the other version */
    public static function into(Version $version, Structure $structure, bool $isOfAnother = false): Structure
    {
        $isShared = $structure->isPointer || $structure->pointer !== '';
        $tag = match (true) {
            $isShared && $version === Version::V7 && $structure->tag === 'NOTE' => 'SNOTE',
            $isShared && $version === Version::V551 && $structure->tag === 'SNOTE' => 'NOTE',
            default => $structure->tag,
        };
        if ($isOfAnother && in_array($tag, ['DATE', 'SDATE'], true)) {
            return self::date($version, $structure);
        }
        $translated = new Structure($tag, $structure->payload, $structure->pointer, $structure->line, $structure->isPointer);
        foreach ($structure->children as $child) {
            $translated->add(self::into($version, $child, $isOfAnother && ! str_starts_with($tag, '_')));
        }

        return $translated;
    }

    private static function date(Version $version, Structure $line): Structure
    {
        $date = DateText::of(DateLines::read($line->payload, $line->text('PHRASE'), $version === Version::V7 ? Version::V551 : Version::V7),
            $version);
        $translated = new Structure($line->tag, $date->payload, '', $line->line);
        foreach ($line->children as $child) {
            if ($child->tag !== 'PHRASE') {
                $translated->add($child);
            }
        }

        return $date->phrase === '' ? $translated : $translated->add(new Structure('PHRASE', $date->phrase));
    }
}
