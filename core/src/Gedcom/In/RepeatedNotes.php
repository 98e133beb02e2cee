<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Out\ReadableNotes as Written;
use NorthBough\Core\Gedcom\Structure;

/** Passes over the notes that only repeat what lines of our own say beside them. */
final class RepeatedNotes
{
    /** The lines that a note may repeat, by the mark beneath the note. */
    private const REPEATED = [Written::RULED => ['_NB_RULED', '_NB_RULED_NAME', '_NB_RULED_PARTNER'],
        Written::TOLD => ['_NB_QUESTION', '_NB_CLASSED']];

    public static function passOver(StructureFields $owner): void
    {
        foreach (self::REPEATED as $mark => $tags) {
            if ($owner->has(...$tags)) {
                $owner->takeAll(static fn (Structure $s): bool => $s->tag === 'NOTE' && ! $s->isPointer && count($s->children) === 1
                    && $s->children[0]->tag === $mark && $s->children[0]->payload === 'Y');
            }
        }
    }
}
