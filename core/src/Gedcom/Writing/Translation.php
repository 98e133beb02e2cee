<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Writing;

use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** Kept lines in the words of the version that is written: a shared note is SNOTE in 7 and NOTE in 5.5.1. */
final class Translation
{
    public static function into(Version $version, Structure $structure): Structure
    {
        $isShared = $structure->isPointer || $structure->pointer !== '';
        $tag = match (true) {
            $isShared && $version === Version::V7 && $structure->tag === 'NOTE' => 'SNOTE',
            $isShared && $version === Version::V551 && $structure->tag === 'SNOTE' => 'NOTE',
            default => $structure->tag,
        };
        $said = new Structure($tag, $structure->payload, $structure->pointer, $structure->line, $structure->isPointer);
        foreach ($structure->children as $child) {
            $said->add(self::into($version, $child));
        }

        return $said;
    }
}
