<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Reading;

use NorthBough\Core\Gedcom\PictureTags;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Tree\EventKinds;

/**
 * Which pictures of a file are taken: those whose file came with it, whose record holds nothing else, and to which nothing
 * points that would stay as kept lines. The rest stay as they stand, so that no pointer is left without its record.
 */
final class PictureSurvey
{
    /** @var array<string, string> id by pointer */
    private array $ids = [];

    /** @var array<string, true> pointers that something else needs as they are */
    private array $needed = [];

    /** @param  \Closure(string): bool  $hasFile  told a path: whether that file came too */
    public function __construct(private readonly \Closure $hasFile, private readonly IdMint $mint)
    {
    }

    public function note(Structure $record): void
    {
        if (PictureTags::isPlainRecord($record) && ! isset($this->ids[$record->pointer]) && ($this->hasFile)($record->text('FILE'))) {
            $this->ids[$record->pointer] = $this->mint->next();
        }
        $isOfUnion = $record->tag === 'FAM';
        foreach ($record->children as $child) {
            $isFact = in_array($record->tag, ['INDI', 'FAM'], true) && EventKinds::forTag($child->tag, $isOfUnion) !== null;
            if (in_array($record->tag, ['INDI', 'FAM'], true) && PictureTags::isPlainLink($child)) {
                continue;
            }
            $this->needs($child, $isFact);
        }
    }

    /** The id of a picture that is taken; null of one that stays as it stands. */
    public function id(string $pointer): ?string
    {
        return isset($this->needed[$pointer]) ? null : $this->ids[$pointer] ?? null;
    }

    private function needs(Structure $structure, bool $mayLink): void
    {
        if ($structure->tag === 'OBJE' && $structure->isPointer) {
            $this->needed[$structure->payload] = true;
        }
        foreach ($structure->children as $child) {
            if (! $mayLink || ! PictureTags::isPlainLink($child)) {
                $this->needs($child, false);
            }
        }
    }
}
